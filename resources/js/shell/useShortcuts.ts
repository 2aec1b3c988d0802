import { useEffect } from "react";
import { useNavigate } from "react-router";
import { VIEWS } from "./views";

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** One letter to each view; undo and redo as everywhere. */
export function useShortcuts(id: string, undo: () => void, redo: () => void): void {
  const navigate = useNavigate();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && (key === "z" || key === "y")) {
        if (!isTyping(event.target)) {
          event.preventDefault();
          (key === "y" || event.shiftKey ? redo : undo)();
        }
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
        return;
      }
      const view = VIEWS.find((candidate) => candidate.letter === key);
      if (view !== undefined || key === "j") {
        void navigate(view === undefined ? "/jobs" : `/jobs/${id}/${view.path}`);
      }
    };
    addEventListener("keydown", press);
    return () => {
      removeEventListener("keydown", press);
    };
  }, [id, undo, redo, navigate]);
}
