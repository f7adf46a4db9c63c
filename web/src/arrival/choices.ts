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

/** The strings of an instrument as they are told, the lowest first. */
export function stringsOf(job: JobView): { code: number; label: string }[] {
  const names = job.instrument.tuning.split(" ");
  return names.map((name, i) => {
    const code = names.length - i;
    return { code, label: `${String(code)} ${name.replace(/\d/g, "")}` };
  });
}
