import { Slider } from "radix-ui";
import type { TemperatureMark } from "../api/generated/saved-job";
import { useShown } from "../kit/units";

interface Props {
  value: number;
  marks: TemperatureMark[];
  onChange: (coolantC: number) => void;
}

const LEAST = 0;
const MOST = 130;

/** Coolant temperature, with where each switch closes and opens again. */
export function CoolantSlider({ value, marks, onChange }: Props) {
  const show = useShown();
  const at = (tempC: number) => `${(100 * (tempC - LEAST)) / (MOST - LEAST)}%`;
  return (
    <div>
      <div className="flex items-baseline justify-between">
        <span className="field-label" id="coolant">
          Coolant
        </span>
        <span className="font-mono text-xl font-bold">{show(value, "temperature")}</span>
      </div>
      <Slider.Root
        className="relative flex h-11 touch-none items-center"
        value={[value]}
        min={LEAST}
        max={MOST}
        step={1}
        onValueChange={([next]) => {
          onChange(next ?? value);
        }}
      >
        <Slider.Track className="relative h-3 grow rounded-full bg-sunk">
          {marks.map((mark) => (
            <span
              key={mark.id}
              className="absolute h-full bg-lamp opacity-60"
              style={{
                left: at(mark.offC),
                width: `${(100 * (mark.onC - mark.offC)) / (MOST - LEAST)}%`,
              }}
            />
          ))}
          <Slider.Range className="absolute h-full rounded-full bg-accent opacity-30" />
        </Slider.Track>
        <Slider.Thumb
          aria-labelledby="coolant"
          aria-valuetext={show(value, "temperature")}
          className="block size-8 rounded-full border-2 border-panel bg-accent shadow"
        />
      </Slider.Root>
      <ul className="text-sm text-muted">
        {marks.map((mark) => (
          <li key={mark.id}>
            {mark.mark}: on at {show(mark.onC, "temperature")}, off at {show(mark.offC, "temperature")}
          </li>
        ))}
      </ul>
    </div>
  );
}
