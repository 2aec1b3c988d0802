import type { HandoverReading, HandoverTest } from "../api/generated/handover";
import { useText, useTexts } from "../kit/messages";
import { Leads } from "./Leads";
import { ReadingField } from "./ReadingField";
import type { Records } from "./useRecords";

interface Props {
  test: HandoverTest;
  /** Whether the vehicle stands as for the test before. */
  isSameSetting: boolean;
  reading: HandoverReading | undefined;
  records: Records;
  hasBadJoint: boolean;
  onShow: (spots: string[]) => void;
}

/** One test, as it is done with one hand. */
export function TestRow({ test, isSameSetting, reading, records, hasBadJoint, onShow }: Props) {
  const text = useText();
  const texts = useTexts();
  return (
    <li className={`grid gap-1 border-l-4 py-1 pl-3 ${edge(reading)}`}>
      {!isSameSetting && test.setting.length > 0 && (
        <p className="bg-sunk px-2 py-1 text-sm font-semibold">{texts(test, "setting").join(" ")}</p>
      )}
      <div className="grid gap-x-4 gap-y-1 md:grid-cols-[1fr_auto] md:items-center">
        <div>
          <p className="font-semibold">{text(test, "title")}</p>
          <Leads leads={test.leads} onShow={onShow} />
          <p>
            <span className="text-muted">Should read</span> <b>{text(test, "says")}</b>
            <span className="ml-2 text-sm text-muted">{text(test, "instrument")}</span>
          </p>
          {test.caution !== null && <p className="text-sm text-warning">◆ {text(test, "caution")}</p>}
        </div>
        <div className="grid gap-1">
          <ReadingField
            step={test.id}
            reads={test.reads}
            label={text(test, "title")}
            reading={reading}
            records={records}
            hasBadJoint={hasBadJoint}
          />
          {reading !== undefined && (
            <p className="text-sm">
              <Verdict passes={reading.passes} /> <span className="text-muted">{reading.by}</span>
            </p>
          )}
        </div>
      </div>
    </li>
  );
}

function edge(reading: HandoverReading | undefined): string {
  if (reading === undefined) {
    return "border-l-line";
  }
  return { true: "border-l-accent", false: "border-l-danger", null: "border-l-warning" }[String(reading.passes)] ?? "";
}

function Verdict({ passes }: { passes: boolean | null }) {
  if (passes === null) {
    return <b className="text-warning">◆ no longer counts: the job was changed</b>;
  }
  return passes ? <b className="text-accent">● passes</b> : <b className="text-danger">▲ outside</b>;
}
