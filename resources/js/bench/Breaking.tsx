import type { Design } from "../api/generated/saved-job";
import { capital } from "../kit/capital";
import { Button } from "../kit/Button";
import { SegmentedControl } from "../kit/SegmentedControl";
import type { Held } from "../drawing/drawn";

interface Props {
  design: Design;
  held: Held[];
  faults: Record<string, string>;
  setFaults: (faults: Record<string, string>) => void;
}

/** Break the part or wire that is held, and look again. One at a time, as faults come. */
export function Breaking({ design, held, faults, setFaults }: Props) {
  const part = held.find((one) => one.kind !== "terminal");
  const possible = design.bench.faults.find((one) => one.id === part?.id);
  const name = (id: string) => {
    const component = design.components.find((one) => one.id === id);
    return component === undefined ? id : `${component.mark} ${component.name}`;
  };
  const kindName = (id: string, kind: string) => {
    const faults = design.bench.faults.find((one) => one.id === id);
    return faults?.kindNames[faults.kinds.indexOf(kind)] ?? kind;
  };
  const [broken] = Object.entries(faults);
  return (
    <div className="mt-3 grid gap-2">
      {possible !== undefined && (
        <SegmentedControl
          label={`Break ${name(possible.id)}`}
          value={faults[possible.id] ?? "sound"}
          options={[
            { value: "sound", label: "Sound" },
            ...possible.kinds.map((kind) => ({ value: kind, label: capital(kindName(possible.id, kind)) })),
          ]}
          onChange={(kind) => {
            setFaults(kind === "sound" ? {} : { [possible.id]: kind });
          }}
        />
      )}
      {broken !== undefined && (
        <p role="status" className="flex flex-wrap items-center gap-3 border-l-4 border-l-danger bg-sunk px-3 py-2">
          <span className="mr-auto">
            <b className="text-danger">✕ {name(broken[0])}:</b> {kindName(broken[0], broken[1])}
          </span>
          <Button
            onClick={() => {
              setFaults({});
            }}
          >
            Mend it
          </Button>
        </p>
      )}
    </div>
  );
}
