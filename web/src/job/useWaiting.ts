import { skipToken, useQuery, useQueryClient } from "@tanstack/react-query";
import type { Station } from "../stations/room";
import type { Waiting } from "./useEntries";

type All = Partial<Record<Station, Waiting["refused"]>>;

const NOTHING: Waiting["refused"] = [];

/** What was typed on a job, not taken, and waits in its row until somebody comes back to it, from another station or another page. */
export function useWaiting(
  job: number,
  station: Station,
): Waiting & { at: (station: Station) => number } {
  const queries = useQueryClient();
  const key = ["waiting", job];
  // nobody else has it: it is never fetched and never thrown away
  const { data = {} } = useQuery<All>({ queryKey: key, queryFn: skipToken, gcTime: Infinity });
  return {
    refused: data[station] ?? NOTHING,
    setRefused: (change) =>
      queries.setQueryData<All>(key, (all = {}) => ({
        ...all,
        [station]: change(all[station] ?? NOTHING),
      })),
    at: (of) => data[of]?.length ?? 0,
  };
}
