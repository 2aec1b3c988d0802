import { useEffect } from "react";
import type { Command } from "./Palette";

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** One letter to each view; undo and redo as everywhere; `?` or Ctrl+K shows what there is. */
export function useShortcuts(commands: Command[], undo: () => void, redo: () => void, show: () => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key === "k") {
          event.preventDefault();
          show();
        } else if ((key === "z" || key === "y") && !isTyping(event.target)) {
          event.preventDefault();
          (key === "y" || event.shiftKey ? redo : undo)();
        }
        return;
      }
      if (event.altKey || isTyping(event.target)) {
        return;
      }
      if (key === "?") {
        event.preventDefault();
        show();
      } else {
        commands.find((command) => command.key === key)?.run();
      }
    };
    addEventListener("keydown", press);
    return () => {
      removeEventListener("keydown", press);
    };
  }, [commands, undo, redo, show]);
}
