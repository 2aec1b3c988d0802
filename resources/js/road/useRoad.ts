import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, type Refused, type RoadQuestion } from "../api/client";
import type { Road } from "../api/generated/road";
import { useJob } from "../api/JobContext";

export function useRoad(question: RoadQuestion): {
  road: Road | undefined;
  isStale: boolean;
  refused: Refused | undefined;
} {
  const { job } = useJob();
  const { data, isPlaceholderData, error } = useQuery<Road, Refused>({
    queryKey: ["road", job.id, job.version, question],
    queryFn: ({ signal }) => api.road(job.id, question, signal),
    placeholderData: keepPreviousData,
    retry: false,
  });
  return { road: data, isStale: isPlaceholderData, refused: error ?? undefined };
}
