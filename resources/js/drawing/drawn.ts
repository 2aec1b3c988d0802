import type { KeyboardEvent } from "react";
import type { Bench } from "../api/generated/bench";
import type { Design } from "../api/generated/saved-job";
import type { Fate } from "./altered";

export interface Held {
  kind: "terminal" | "component" | "wire";
  id: string;
}

export interface DrawingProps {
  design: Design;
  /** The state to light the threads by; none draws them dead. */
  bench: Bench | undefined;
  format: "wide" | "narrow";
  /** What the lamp or the meter's leads are held on, and what is looked at. */
  held: Held[];
  onHold: (held: Held) => void;
  /** Part or wire to how likely it is what is wrong, 0 to 1. */
  shares?: Record<string, number>;
  /** What becomes of parts and wires, where something was found. */
  fates?: Record<string, Fate>;
}

/** What every part of the drawing needs to know. */
export interface Drawn extends DrawingProps {
  names: Record<string, string>;
  worst: Record<string, string>;
}

/** Makes a part of the drawing a button for mouse, finger and keyboard. */
export function press(act: () => void) {
  return {
    tabIndex: 0,
    role: "button",
    onClick: act,
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === "Enter" || event.key === " ") {
        event.preventDefault();
        act();
      }
    },
  };
}

export const isHeld = (held: Held[], kind: Held["kind"], id: string) =>
  held.some((one) => one.kind === kind && one.id === id);
