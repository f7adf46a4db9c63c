import { skipToken, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Station } from "../stations/room";
import type { Waiting } from "./useEntries";

type Kept = Pick<Waiting, "refused" | "typed">;
type All = Partial<Record<Station, Kept>>;

const NOTHING: Kept = { refused: [], typed: {} };

/** What was typed on a job, not taken, and waits in its row until somebody comes back to it, from another station or another page. */
export function useWaiting(
  job: number,
  station: Station,
): Waiting & { at: (station: Station) => number } {
  const queries = useQueryClient();
  const key = ["waiting", job];
  // nobody else has it: it is never fetched and never thrown away
  const { data = {} } = useQuery<All>({ queryKey: key, queryFn: skipToken, gcTime: Infinity });
  const keep = (change: (kept: Kept) => Partial<Kept>) =>
    queries.setQueryData<All>(key, (all = {}) => {
      const kept = all[station] ?? NOTHING;
      return { ...all, [station]: { ...kept, ...change(kept) } };
    });
  return {
    ...(data[station] ?? NOTHING),
    setRefused: (change) => keep(({ refused }) => ({ refused: change(refused) })),
    setTyped: (typed) => keep(() => ({ typed })),
    at: (of) => {
      const { refused, typed } = data[of] ?? NOTHING;
      const rows = Object.entries(typed).filter(([, text]) => text.trim() !== "");
      return new Set([...refused.map((r) => r.of), ...rows.map(([row]) => Number(row))]).size;
    },
  };
}
