import { useState } from "react";
import type { Station } from "../stations/room";
import type { Refused, Waiting } from "./useEntries";

/** What was typed at the stations of a job, not taken, and waits in its row until somebody comes back to it. */
export function useWaiting(station: Station): Waiting & { at: (station: Station) => number } {
  const [all, setAll] = useState<Partial<Record<Station, Waiting["refused"]>>>({});
  return {
    refused: all[station] ?? NOTHING,
    setRefused: (change) =>
      setAll((before) => ({ ...before, [station]: change(before[station] ?? NOTHING) })),
    at: (of) => Object.keys(all[of] ?? NOTHING).length,
  };
}

const NOTHING: Readonly<Record<number, Refused>> = {};
