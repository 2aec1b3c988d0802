import type { FormToggle } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { useAtOnce } from "../kit/useAtOnce";
import { Why } from "../kit/Why";

/** Which stages something acts on; at least one of them stays. */
export function Toggles({ label, path, toggles }: { label: string; path: string; toggles: FormToggle[] }) {
  const { job } = useJob();
  if (toggles.length === 0) {
    return null;
  }
  const { stages, speeds } = job.file.control;
  const nameOf = (id: string) => {
    const at = stages.findIndex((stage) => stage.id === id);
    const fans = stages[at]?.fans.map((fan) => job.file.fans.find((one) => one.id === fan)?.name ?? fan).join(", ");
    return speeds ? ["Low speed", "High speed"][at] : `Stage ${String(at + 1)}: ${fans ?? ""}`;
  };
  return (
    <fieldset>
      <legend className="mb-1 flex items-center">
        <span className="field-label mb-0">{label}</span>
        <Why path={path} label={label} />
      </legend>
      <div className="flex flex-wrap gap-2">
        {toggles.map((toggle) => (
          <Switch key={toggle.stage} toggle={toggle} label={label} name={nameOf(toggle.stage) ?? toggle.stage} />
        ))}
      </div>
    </fieldset>
  );
}

function Switch({ toggle, label, name }: { toggle: FormToggle; label: string; name: string }) {
  const { change } = useJob();
  const [isOn, set] = useAtOnce(toggle.isOn);
  const { pick } = toggle;
  return (
    <label className="flex min-h-11 items-center gap-2 rounded-[3px] border border-line px-3 has-checked:border-accent has-checked:font-semibold">
      <input
        type="checkbox"
        className="size-5 accent-(--accent)"
        data-path={toggle.path}
        checked={isOn}
        disabled={pick === null}
        onChange={() => {
          if (pick !== null) {
            set(!isOn, () => change({ label, picks: [pick] }));
          }
        }}
      />
      {name}
    </label>
  );
}
