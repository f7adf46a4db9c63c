import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../app/api";
import { useUnit } from "../app/unit";

/** The jobs on the bench, and the day that they make. */
export function useDay() {
  const { unit } = useUnit();
  const bench = useQuery({
    queryKey: ["bench", unit],
    queryFn: () => answer(api.GET("/api/bench", { params: { query: { unit } } })),
    refetchInterval: 15_000,
    placeholderData: (old) => old,
  });
  const day = useQuery({
    queryKey: ["day"],
    queryFn: () => answer(api.GET("/api/day")),
    refetchInterval: 15_000,
  });
  return { bench, day };
}

/** An instrument by the name in its quotation marks, where it has one: across the room the kind is not read. */
export function shortName(name: string): string {
  return /“([^”]+)”/.exec(name)?.[1] ?? name;
}
