import type { JobView, Schemas } from "../app/api";

export type Station = Schemas["AdviceView"]["station"];

/** The stations that can be worked at, with the key that leads there: shifted, for a digit begins a reading. */
export const STATIONS: readonly { station: Station; key: string; view: string }[] = [
  { station: "RELIEF", key: "shift+r", view: "relief" },
  { station: "NUT", key: "shift+n", view: "nut" },
  { station: "ACTION", key: "shift+a", view: "action" },
];

export const TITLE: Record<Station, string> = {
  RELIEF: "Relief",
  NUT: "Nut",
  ACTION: "Action",
};

/** The ledger rows of a station, lowest string first. */
export function rowsOf(job: JobView, station: Station): readonly Schemas["LedgerRow"][] {
  if (station === "NUT") return job.nut.rows;
  return station === "ACTION" ? job.action.rows : job.relief.rows;
}

/** How a station is read. */
export function methodOf(job: JobView, station: Station): string {
  if (station === "NUT") return job.nut.method;
  return station === "ACTION" ? job.action.method : job.relief.method;
}
