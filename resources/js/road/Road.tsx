import { useSearchParams } from "react-router";
import { SegmentedControl } from "../kit/SegmentedControl";
import { DrivePart } from "./DrivePart";
import { LogsPart } from "./logs/LogsPart";
import { SetPointCardPart } from "./SetPointCardPart";
import { useRoad } from "./useRoad";
import { YearPart } from "./YearPart";

const PARTS = [
  { value: "drive", label: "A drive" },
  { value: "year", label: "Over a year" },
  { value: "logs", label: "Logs" },
  { value: "card", label: "Set-point card" },
] as const;

type Part = (typeof PARTS)[number]["value"];

/** The vehicle on the road: driven by the model, over a year, as it was measured, and what is set in the end. */
export function Road() {
  const [address, setAddress] = useSearchParams();
  const part = PARTS.find((one) => one.value === address.get("part"))?.value ?? "drive";
  return (
    <div className="grid gap-4 print:block">
      <div className="no-print">
        <SegmentedControl<Part>
          hideLabel
          label="Part of the road"
          value={part}
          options={[...PARTS]}
          onChange={(picked) => {
            setAddress({ part: picked }, { replace: true });
          }}
        />
      </div>
      {part === "drive" && <DrivePart />}
      {part === "year" && <Year />}
      {part === "logs" && <LogsPart />}
      {part === "card" && <SetPointCardPart />}
    </div>
  );
}

/** The drives there are come with any drive that is driven. */
function Year() {
  const { road } = useRoad({ drive: "3-queue" });
  return road === undefined ? null : <YearPart drives={road.drives} />;
}
