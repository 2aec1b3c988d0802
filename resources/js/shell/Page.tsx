import type { ReactNode } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useNavigate } from "react-router";
import { useTheme } from "../kit/theme";
import { JOBS } from "./views";

interface Props {
  title: string;
  about: string;
  actions?: ReactNode;
  children: ReactNode;
}

/** A page beside the jobs, with the way back to them. */
export function Page({ title, about, actions, children }: Props) {
  useTheme();
  const navigate = useNavigate();
  useHotkeys(JOBS.letter, () => void navigate(JOBS.path));
  return (
    <main className="mx-auto max-w-[90rem] p-4 sm:p-8">
      <header className="mb-4 flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h1 className="text-2xl font-extrabold tracking-tight">{title}</h1>
          <p className="text-sm text-muted">{about}</p>
        </div>
        {actions}
        <Link to="/jobs" className="link-button">
          Jobs
        </Link>
      </header>
      {children}
    </main>
  );
}
