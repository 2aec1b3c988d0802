import type { TrailFound, TrailPlace } from "../api/generated/trail";
import { capital } from "../kit/capital";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { WhenBack } from "./WhenBack";

/** The fault: what must then be true too, how it is mended, and what would have prevented it. */
export function FoundPanel({
  found,
  whenBack,
  onDone,
}: {
  found: TrailFound;
  whenBack: TrailPlace[];
  onDone?: () => void;
}) {
  const text = useText();
  const texts = useTexts();
  const { confirm } = found;
  const isNone = found.id === "";
  return (
    <Panel title={isNone ? "Nothing found wrong today" : "Found"}>
      <p className="text-lg font-semibold">
        {capital(text(found, "says"))} <span className="text-muted">({Math.round(100 * found.share)} %)</span>
      </p>
      <dl className="mt-3 grid gap-3">
        {confirm !== null && (
          <div>
            <dt className="field-label">Then this must be true too</dt>
            <dd>
              <span className="text-muted">{texts(confirm, "setting").join(" ")}</span> {text(confirm, "title")}:{" "}
              <b>{text(confirm, "given")}</b>
            </dd>
            {confirm.caution !== null && (
              <dd className="mt-1 border-l-4 border-l-warning pl-3">◆ {text(confirm, "caution")}</dd>
            )}
          </div>
        )}
        <div>
          <dt className="field-label">{isNone ? "Before it goes" : "Mend"}</dt>
          <dd>{text(found, "mend")}</dd>
        </div>
        <div>
          <dt className="field-label">What would have prevented it</dt>
          <dd>{text(found, "prevent")}</dd>
        </div>
      </dl>
      <WhenBack places={whenBack} />
      <p className="mt-3 text-muted">
        Brakes, airbags, high voltage and refrigerant are out of bounds: stop there and ask someone licensed.
      </p>
      {onDone !== undefined && (
        <div className="mt-3">
          <Button tone="strong" onClick={onDone}>
            {isNone ? "Write it into the record" : "Mended: write it into the record"}
          </Button>
        </div>
      )}
    </Panel>
  );
}
