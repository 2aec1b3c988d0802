import { Popover } from "radix-ui";
import english from "../../../lang/en.json";

const TEXTS: Record<string, string> = english;

/** Why a place of the job file is asked for; nothing where there is no more to say than its label does. */
export function whyOf(path: string): string | undefined {
  const place = path
    .replaceAll(/\/\d+/g, "")
    .replaceAll("/", ".")
    .replace(/^\.candidates\./, ".fans.")
    .replace(".parallel", ".decider")
    .replace(/^\.runs\.[^.]+/, ".runs")
    .replace(/^\.found\.parts\.[^.]+/, ".found.parts");
  return TEXTS[`why${place}`];
}

/** Says beside a label why it is asked, and what a wrong answer would do. */
export function Why({ path, label }: { path: string; label: string }) {
  const text = whyOf(path);
  if (text === undefined) {
    return null;
  }
  return (
    <Popover.Root>
      <Popover.Trigger
        className="-my-3 inline-grid size-11 place-items-center text-muted hover:text-ink"
        aria-label="Why is this asked?"
      >
        <span aria-hidden className="grid size-5 place-items-center rounded-full border border-line text-xs">
          ?
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={2} collisionPadding={12} className="panel z-40 max-w-sm shadow-lg">
          <div className="heading mb-1">{label}</div>
          <p>{text}</p>
          <Popover.Arrow className="fill-line" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
