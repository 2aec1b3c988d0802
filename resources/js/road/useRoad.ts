import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Refused } from "../api/client";
import type { RoadRequest } from "../api/generated/road-request";
import { keys } from "../api/keys";
import type { AdviceOfPolicy } from "../api/generated/road-advice";
import type { Road } from "../api/generated/road";
import { useJob } from "../job/JobContext";

/** The answer to a question; the last one stays while the next is on its way, and when it is refused. */
export function useRoad(question: RoadRequest): {
  road: Road | undefined;
  isStale: boolean;
  refused: Refused | undefined;
} {
  const { job } = useJob();
  const { data, isPlaceholderData, error } = useQuery<Road, Refused>({
    queryKey: keys.road(job.id, job.version, question),
    queryFn: ({ signal }) => api.road(job.id, question, signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const [last, setLast] = useState(data);
  if (data !== undefined && data !== last) {
    setLast(data);
  }
  return { road: data ?? last, isStale: isPlaceholderData, refused: error ?? undefined };
}

/** Set points proposed; undefined while their drives are driven. */
export function useAdvice(): AdviceOfPolicy[] | undefined {
  const { job } = useJob();
  return useQuery({
    queryKey: keys.advice(job.id, job.version),
    queryFn: () => api.advice(job.id),
    placeholderData: keepPreviousData,
    retry: false,
  }).data?.advice;
}
