import { skipToken, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Station } from "../stations/room";
import type { Waiting } from "./useEntries";

type Kept = Pick<Waiting, "refused" | "typed" | "tapped">;
type All = Partial<Record<Station, Kept>>;

const NOTHING: Kept = { refused: [], typed: {}, tapped: {} };

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
    setTapped: (of, now) => keep(({ tapped }) => ({ tapped: { ...tapped, [of]: now } })),
    at: (of) => {
      const { refused, typed, tapped } = data[of] ?? NOTHING;
      const rows = [
        ...refused.map((r) => String(r.of)),
        ...Object.keys(typed).filter((row) => typed[Number(row)]?.trim() !== ""),
        ...Object.keys(tapped).filter(
          (row) => Object.keys(tapped[Number(row)]?.found ?? {}).length > 0,
        ),
      ];
      return new Set(rows).size;
    },
  };
}
