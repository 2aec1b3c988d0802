import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, type Refused } from "../api/client";
import type { Proof } from "../api/generated/proof";
import { useJob } from "../api/JobContext";

/** The proof of the job as it stands. While a new version is being proven the last one is there still, and marked as stale. */
export function useProof(): { proof: Proof | undefined; isStale: boolean; failure: string | undefined } {
  const { job } = useJob();
  const { data, isPlaceholderData, error } = useQuery<Proof, Refused>({
    queryKey: ["proof", job.id, job.version],
    queryFn: ({ signal }) => api.proof(job.id, signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
  return { proof: data, isStale: isPlaceholderData || data === undefined, failure: error?.message };
}
