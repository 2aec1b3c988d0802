import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { Proof, ProvenState } from "../api/generated/proof";
import type { Finding } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";

/** The proof of the job as it stands. While a new version is being proven the last one is there still, and marked as stale. */
export function useProof(): { proof: Proof | undefined; isStale: boolean; failure: string | undefined } {
  const { job } = useJob();
  const queries = useQueryClient();
  const { data, isPlaceholderData, error } = useQuery<Proof, Refused>({
    queryKey: keys.proof(job.id, job.version),
    queryFn: ({ signal }) => api.proof(job.id, signal),
    // Of whichever view it was asked in.
    placeholderData: (previous) => previous ?? lastOf(queries.getQueriesData<Proof>({ queryKey: keys.proofs(job.id) })),
    retry: false,
  });
  return { proof: data, isStale: isPlaceholderData || data === undefined, failure: error?.message };
}

function lastOf(kept: [unknown, Proof | undefined][]): Proof | undefined {
  return kept.findLast(([, proof]) => proof !== undefined)?.[1];
}

/** What is said against the job as it stands: until this version is proven, what its sizes alone show. */
export function useFindings(): {
  findings: Finding[];
  stateOf: (finding: Finding) => ProvenState | undefined;
  isStale: boolean;
} {
  const { job } = useJob();
  const { proof, isStale } = useProof();
  const proven = isStale ? undefined : proof;
  return {
    findings: proven?.findings ?? job.design.findings,
    stateOf: (finding) => proven?.states.find((state) => state.number === finding.shownBy),
    isStale,
  };
}
