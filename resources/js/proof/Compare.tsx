import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { ProofComparison, ProofDifference } from "../api/generated/comparison";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";

/** As many as are read at once. */
const PAGE = 100;

/** What got better and what got worse since an earlier version of this job. */
export function Compare() {
  const { job, standOn } = useJob();
  const [number, setNumber] = useState<number>();
  const revisions = useInfiniteQuery({
    queryKey: keys.revisions(job.id, job.version),
    queryFn: ({ pageParam }) => api.revisions(job.id, pageParam),
    initialPageParam: 0,
    getNextPageParam: (page) => (page.length < PAGE ? undefined : page.at(-1)?.number),
  });
  const comparison = useQuery<ProofComparison, Refused>({
    queryKey: keys.comparison(job.id, job.version, number ?? 0),
    queryFn: ({ signal }) => api.compare(job.id, number ?? 0, signal),
    enabled: number !== undefined,
    retry: false,
  });
  const others = revisions.data?.pages.flat().filter((revision) => !revision.stands) ?? [];
  return (
    <Panel title="Against another version">
      {others.length === 0 ? (
        <p className="text-muted">This job has one version so far. Change something, and see here what it did.</p>
      ) : (
        <label className="block max-w-xl">
          <span className="field-label">Version</span>
          <select
            className="field min-h-11 w-full px-2"
            value={number ?? ""}
            onChange={(event) => {
              setNumber(event.target.value === "" ? undefined : Number(event.target.value));
            }}
          >
            <option value="">None</option>
            {others.map((revision) => (
              <option key={revision.number} value={revision.number}>
                {revision.number}. {revision.label}
                {revision.by === null ? "" : `, ${revision.by}`}
              </option>
            ))}
          </select>
        </label>
      )}
      {revisions.hasNextPage && (
        <Button className="mt-3 mr-3" onClick={() => void revisions.fetchNextPage()}>
          Show older versions
        </Button>
      )}
      {number !== undefined && (
        <Button
          className="mt-3"
          onClick={() => {
            setNumber(undefined);
            void standOn(number);
          }}
        >
          Go back to this version
        </Button>
      )}
      {comparison.isLoading && <p className="mt-3 text-muted">Proving both …</p>}
      {comparison.error && (
        <p role="alert" className="mt-3 font-semibold text-danger">
          {comparison.error.message}
        </p>
      )}
      {comparison.data !== undefined && (
        <div className="mt-3 grid gap-4 md:grid-cols-2">
          <Differences title="Better now" sign="✓" rows={comparison.data.better} />
          <Differences title="Worse now" sign="✕" rows={comparison.data.worse} />
        </div>
      )}
    </Panel>
  );
}

function Differences({ title, sign, rows }: { title: string; sign: string; rows: ProofDifference[] }) {
  return (
    <div>
      <h3 className="mb-1 font-bold">
        {sign} {title}
      </h3>
      {rows.length === 0 ? (
        <p className="text-muted">Nothing.</p>
      ) : (
        <ul>
          {rows.map((row) => (
            <li key={row.what} className="border-b border-line py-1">
              {row.what}
              <br />
              <span className="text-sm text-muted">
                {row.was} <span aria-label="becomes">→</span> <b className="text-ink">{row.is}</b>
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
