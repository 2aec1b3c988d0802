import { Popover } from "radix-ui";
import type { ReactNode } from "react";

interface Props {
  children: ReactNode;
  /** Names the number for those who do not see it. */
  label: string;
  formula: string;
  source: string;
}

/** A number that says where it came from when it is pressed. */
export function Provenance({ children, label, formula, source }: Props) {
  return (
    <Popover.Root>
      <Popover.Trigger
        className="min-h-11 whitespace-nowrap rounded-[3px] px-1 font-mono underline decoration-dotted underline-offset-4 hover:bg-sunk"
        aria-label={`${label}: where this comes from`}
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={4} collisionPadding={12} className="panel z-40 max-w-sm shadow-lg">
          <div className="heading mb-2">{label}</div>
          <p className="font-mono text-sm">{formula}</p>
          <p className="mt-2 text-sm text-muted">Source: {source}</p>
          <Popover.Arrow className="fill-line" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
