import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, problemsOf } from "../api/client";
import type { Problem } from "../api/generated/problem";
import { ProblemItems } from "../api/ProblemItems";
import { Button } from "../kit/Button";
import { useTheme } from "../kit/theme";
import { Gallery } from "./Gallery";
import { LikeAnother } from "./LikeAnother";

/** A new job: from a usual arrangement, like another job, or with nothing but the usual start. */
export function NewJob() {
  useTheme();
  const navigate = useNavigate();
  const [problems, setProblems] = useState<Problem[]>([]);
  const begin = async (make: () => Promise<{ id: string }>, view = "brief") => {
    setProblems([]);
    try {
      void navigate(`/jobs/${(await make()).id}/${view}`);
    } catch (error) {
      setProblems(problemsOf(error));
    }
  };
  return (
    <main className="mx-auto max-w-6xl p-4 sm:p-8">
      <header className="mb-4 flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-2xl font-extrabold tracking-tight">New job</h1>
        <Button tone="strong" onClick={() => void begin(() => api.start(null), "plans")}>
          From complaint and wishes
        </Button>
        <Button onClick={() => void begin(() => api.start(null))}>One fan, the usual start</Button>
        <Link to="/jobs" className="link-button">
          Back to the desk
        </Link>
      </header>
      {problems.length > 0 && (
        <ul role="alert" className="panel mb-4 border-danger">
          <ProblemItems problems={problems} />
        </ul>
      )}
      <div className="grid gap-4">
        <LikeAnother onPick={(id) => void begin(() => api.duplicate(id))} />
        <Gallery onPick={(one) => void begin(() => api.start(one.id))} />
      </div>
    </main>
  );
}
