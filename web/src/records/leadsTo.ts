import type { Schemas } from "../app/api";

/** Where a hit leads to. */
export function leadsTo(hit: Schemas["Hit"]): string {
  const place = { player: "players", instrument: "instruments", job: "jobs" }[hit.what];
  return `/${place}/${String(hit.id)}`;
}
