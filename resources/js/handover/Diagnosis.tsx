import type { Handover } from "../api/generated/handover";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { digits } from "../kit/units";
import { Leads } from "./Leads";
import { ReadingField } from "./ReadingField";
import type { Records } from "./useRecords";

interface Props {
  handover: Handover;
  records: Records;
  hasBadJoint: boolean;
  onShow: (spots: string[]) => void;
}

/** Where the volts went, from all readings so far, and the next one that tells most; and measured currents that are worth taking. */
export function Diagnosis({ handover, records, hasBadJoint, onShow }: Props) {
  const { change } = useJob();
  const text = useText();
  const texts = useTexts();
  const { diagnosis, proposals } = handover;
  return (
    <>
      {diagnosis !== null && (
        <Panel title="Where the volts went">
          <ol className="grid gap-1">
            {diagnosis.suspects.map((suspect) => (
              <li key={suspect.part ?? "sound"} className="flex flex-wrap items-center gap-3">
                <span className="w-14 text-right font-mono font-bold">{digits(100 * suspect.share)} %</span>
                <meter className="w-28" min={0} max={1} value={suspect.share} aria-label={text(suspect, "says")} />
                <span>{text(suspect, "says")}</span>
              </li>
            ))}
          </ol>
          {diagnosis.next !== null && (
            <div className="mt-3 grid gap-1 border-l-4 border-l-accent pl-3">
              <p className="text-sm text-muted">{texts(diagnosis.next, "setting").join(" ")}</p>
              <p>
                Read next, it tells most: <b>{text(diagnosis.next, "says")}</b>
              </p>
              <Leads leads={diagnosis.next.leads} onShow={onShow} />
              <ReadingField
                key={diagnosis.next.id}
                step={diagnosis.next.id}
                reads="volt"
                label={text(diagnosis.next, "says")}
                reading={handover.readings[diagnosis.next.id]}
                records={records}
                hasBadJoint={hasBadJoint}
              />
            </div>
          )}
        </Panel>
      )}
      {proposals.map((proposal) => (
        <div key={proposal.path} className="panel flex flex-wrap items-center gap-3">
          <p className="min-w-60 flex-1">{text(proposal, "says")}. Sizes are judged anew with it.</p>
          <Button
            onClick={() =>
              void change({ label: "Measured current taken", changes: { [proposal.path]: proposal.value } })
            }
          >
            Take the measured current
          </Button>
        </div>
      ))}
    </>
  );
}
