import { useHotkeys } from "react-hotkeys-hook";
import type { Command } from "./Palette";

/** One letter to each view; undo and redo as everywhere; `?` or Ctrl+K shows what there is. */
export function useShortcuts(commands: Command[], undo: () => void, redo: () => void, show: () => void): void {
  const letters = commands.flatMap(({ key }) => (key?.length === 1 ? [key] : []));
  useHotkeys(letters, (event) => {
    commands.find((command) => command.key === event.key.toLowerCase())?.run();
  });
  useHotkeys("mod+z", undo, { preventDefault: true });
  useHotkeys(["mod+shift+z", "mod+y"], redo, { preventDefault: true });
  useHotkeys("mod+k", show, { preventDefault: true, enableOnFormTags: true });
  // With and without Shift: layouts differ in where the sign stands.
  useHotkeys(["?", "shift+?"], show, { preventDefault: true, useKey: true });
}
