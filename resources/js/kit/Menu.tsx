import { DropdownMenu } from "radix-ui";

interface Props {
  label: string;
  /** What stands on it; three dots where nothing else does. */
  shows?: string | undefined;
  items: { label: string; onPick: () => void }[];
}

/** What else can be done with a row. */
export function Menu({ label, shows, items }: Props) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={label}
        className={`min-h-11 min-w-11 rounded-[3px] px-3 text-muted hover:bg-sunk ${shows === undefined ? "text-xl font-bold" : "font-semibold"}`}
      >
        {shows ?? "…"}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className="panel z-20 grid min-w-52 gap-px p-1 shadow-lg">
          {items.map((item) => (
            <DropdownMenu.Item
              key={item.label}
              onSelect={item.onPick}
              className="grid min-h-11 cursor-default items-center rounded-[3px] px-3 text-[0.95rem] data-[highlighted]:bg-sunk data-[highlighted]:outline-none"
            >
              {item.label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
