import type { ReactNode } from "react";

export function Panel({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  return (
    <section className="panel" aria-label={title}>
      <header className="mb-3 flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="heading">{title}</h2>
        {aside}
      </header>
      {children}
    </section>
  );
}
