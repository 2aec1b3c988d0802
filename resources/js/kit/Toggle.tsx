interface Props {
  label: string;
  isOn: boolean;
  onChange: (isOn: boolean) => void;
}

/** A box to tick, large enough for a thumb. */
export function Toggle({ label, isOn, onChange }: Props) {
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 accent-accent"
        checked={isOn}
        onChange={(event) => {
          onChange(event.target.checked);
        }}
      />
      {label}
    </label>
  );
}
