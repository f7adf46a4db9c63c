import { useQuery } from "@tanstack/react-query";
import { answer, api, type JobView } from "../app/api";

export type Arrival = JobView["arrival"];
export type Mark = Arrival["marks"][number];

/** What there is to choose from; it never changes while the page is open. */
export function useArrivalChoices() {
  return useQuery({
    queryKey: ["arrival choices"],
    queryFn: () => answer(api.GET("/api/arrival/choices")),
    staleTime: Infinity,
  }).data;
}
