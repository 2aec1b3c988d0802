import type { ReactNode } from "react";
import { Link } from "react-router";
import { useTheme } from "../kit/theme";

/** The frame of what concerns the workshop and no single job. */
export function Place({ title, about, children }: { title: string; about: string; children: ReactNode }) {
  useTheme();
  return (
    <main className="mx-auto max-w-5xl p-4 sm:p-8">
      <header className="mb-4 flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h1 className="text-2xl font-extrabold tracking-tight">{title}</h1>
          <p className="text-sm text-muted">{about}</p>
        </div>
        <Link to="/jobs" className="link-button">
          Jobs
        </Link>
      </header>
      <div className="grid gap-4">{children}</div>
    </main>
  );
}
