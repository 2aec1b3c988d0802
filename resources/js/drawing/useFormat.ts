import { useSyncExternalStore } from "react";

const query = matchMedia("(max-width: 1023px)");

const subscribe = (changed: () => void) => {
  query.addEventListener("change", changed);
  return () => {
    query.removeEventListener("change", changed);
  };
};

/** Which of the two layouts of the drawing fits this screen. */
export function useFormat(): "wide" | "narrow" {
  return useSyncExternalStore(subscribe, () => (query.matches ? "narrow" : "wide"));
}
