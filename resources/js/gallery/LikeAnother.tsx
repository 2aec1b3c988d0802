import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api } from "../api/client";
import { keys } from "../api/keys";

const MOST = 5;

/** Finds a job of the workshop to begin like. */
export function LikeAnother({ onPick }: { onPick: (id: string) => void }) {
  const id = useId();
  const [search, setSearch] = useState("");
  const question = { in: "desk", state: "", sort: "changed", search } as const;
  const jobs = useQuery({
    queryKey: keys.jobsLike(question),
    queryFn: ({ signal }) => api.jobs(question, "", signal),
    enabled: search.trim() !== "",
    placeholderData: keepPreviousData,
  });
  const rows = search.trim() === "" ? [] : (jobs.data?.rows ?? []).slice(0, MOST);
  return (
    <section className="panel" aria-label="Like a job of mine">
      <label htmlFor={id} className="field-label">
        Like that job of mine
      </label>
      <div className="field">
        <input
          id={id}
          type="search"
          className="min-h-11 w-full bg-transparent px-3 outline-none"
          placeholder="Vehicle, customer or title"
          value={search}
          onChange={(event) => {
            setSearch(event.target.value);
          }}
        />
      </div>
      <ul className="mt-2 grid gap-1">
        {rows.map((job) => (
          <li key={job.id}>
            <button
              type="button"
              className="min-h-11 w-full rounded-[3px] px-3 text-left hover:bg-sunk"
              onClick={() => {
                onPick(job.id);
              }}
            >
              <b>{job.title}</b> {job.vehicle}
            </button>
          </li>
        ))}
      </ul>
      {jobs.isSuccess && search.trim() !== "" && rows.length === 0 && (
        <p className="text-muted">No job is found like that.</p>
      )}
    </section>
  );
}
