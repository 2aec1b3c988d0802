import { useInfiniteQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, problemsOf } from "../api/client";
import type { Problem } from "../api/generated/problem";
import { keys } from "../api/keys";
import { ProblemItems } from "../api/ProblemItems";
import { Button } from "../kit/Button";
import { FileButton } from "../kit/FileButton";
import { useTheme } from "../kit/theme";
import { PersonMenu } from "../people/PersonMenu";
import { useSession } from "../people/SessionGate";
import { Loading } from "../shell/states";
import { Filters } from "./Filters";
import { JobItem } from "./JobItem";
import { useQuestion } from "./useQuestion";

/** The desk: every job of the workshop, found by words, filtered and sorted, a page at a time. */
export function Jobs() {
  useTheme();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { question } = useQuestion();
  const { mayChange } = useSession();
  const jobs = useInfiniteQuery({
    queryKey: keys.jobPages(question),
    queryFn: ({ pageParam, signal }) => api.jobs(question, pageParam, signal),
    initialPageParam: "",
    getNextPageParam: (page) => page.next,
    // Rows of another drawer are never shown meanwhile: what can be done with them is not what can be done here.
    placeholderData: (shown, of) => (of?.queryKey[1].in === question.in ? shown : undefined),
    retry: false,
  });
  const [problems, setProblems] = useState<Problem[]>([]);

  const attempt = async (act: () => Promise<unknown>) => {
    setProblems([]);
    try {
      await act();
    } catch (error) {
      setProblems(problemsOf(error));
    }
    await queries.invalidateQueries({ queryKey: keys.jobs });
  };
  const open = (id: string) => navigate(`/jobs/${id}/brief`);
  const pages = jobs.data?.pages ?? [];
  const rows = pages.flatMap((page) => page.rows);
  const total = pages[0]?.total ?? 0;
  const isNarrowed = question.search !== "" || question.state !== "";

  return (
    <main className="mx-auto max-w-5xl p-4 sm:p-8">
      <header className="mb-6 flex flex-wrap items-center gap-3">
        <div className="mr-auto flex items-center gap-3">
          <svg aria-hidden viewBox="0 0 32 44" className="h-11">
            <path d="M16 0V13M16 31V44" className="stroke-accent" strokeWidth="3" />
            <circle cx="16" cy="22" r="9" className="fill-lamp stroke-accent" strokeWidth="3" />
          </svg>
          <div>
            <h1 className="text-2xl font-extrabold tracking-tight">Lamp Thread</h1>
            <p className="text-sm text-muted">Circuits for electric radiator fans</p>
          </div>
        </div>
        <Link to="/practice" className="link-button">
          Practice
        </Link>
        <Link to="/shelf" className="link-button">
          Shelf
        </Link>
        <PersonMenu />
        {mayChange && (
          <FileButton
            label="Import a job file"
            name="Job file"
            accept=".json,application/json"
            onFile={(chosen) => void attempt(async () => void open((await api.importFile(await chosen.text())).id))}
          />
        )}
        {mayChange && (
          <Link
            to="/new"
            className="grid min-h-11 place-items-center rounded-[3px] bg-accent px-4 text-[0.95rem] font-semibold text-on-accent hover:opacity-90"
          >
            New job
          </Link>
        )}
      </header>
      <Filters />
      {problems.length > 0 && (
        <section role="alert" className="panel mb-4 border-danger">
          <h2 className="heading mb-2 text-danger">Not done. Nothing was saved.</h2>
          <ul className="grid gap-1">
            <ProblemItems problems={problems} />
          </ul>
        </section>
      )}
      {jobs.isPending && <Loading what="the jobs" />}
      {jobs.error && (
        <p role="alert" className="panel border-danger text-danger">
          {jobs.error.message}
        </p>
      )}
      {jobs.isSuccess && rows.length === 0 && <Nothing drawer={question.in} isNarrowed={isNarrowed} />}
      <ul className="grid gap-2">
        {rows.map((job) => (
          <JobItem key={job.id} job={job} isInBin={question.in === "bin"} attempt={attempt} />
        ))}
      </ul>
      {rows.length > 0 && (
        <p className="mt-4 flex flex-wrap items-center gap-4 text-sm text-muted">
          <span role="status">
            {rows.length < total
              ? `${rows.length.toLocaleString("en")} of ${total > 1000 ? "more than 1,000" : String(total)} jobs`
              : `${rows.length.toLocaleString("en")} ${rows.length === 1 ? "job" : "jobs"}`}
          </span>
          {jobs.hasNextPage && (
            <Button disabled={jobs.isFetchingNextPage} onClick={() => void jobs.fetchNextPage()}>
              Show more
            </Button>
          )}
        </p>
      )}
    </main>
  );
}

function Nothing({ drawer, isNarrowed }: { drawer: "desk" | "archive" | "bin"; isNarrowed: boolean }) {
  const texts = {
    desk: ["No jobs yet", "Start a new job, or open a job file from another machine."],
    archive: ["The archive is empty", "Put a finished job here from its menu on the desk."],
    bin: ["The bin is empty", "What is removed from the desk lies here until it is restored or erased."],
  };
  const [title, text] = isNarrowed
    ? ["No job is found like that", "Search for fewer words, or show every state."]
    : texts[drawer];
  return (
    <div className="panel py-10 text-center">
      <h2 className="heading mb-2">{title}</h2>
      <p className="text-muted">{text}</p>
    </div>
  );
}
