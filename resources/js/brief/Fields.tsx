import type { ReactNode } from "react";

/** Short fields beside each other. */
export function Fields({ children }: { children: ReactNode }) {
  return <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">{children}</div>;
}
