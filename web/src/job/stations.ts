import type { JobView, Schemas } from "../app/api";

export type Station = Schemas["AdviceView"]["station"];

/** Nut and action, which are read string by string. */
export type HeightStation = Exclude<Station, "RELIEF">;

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
  return station === "RELIEF" ? job.relief.rows : heightViewOf(job, station).rows;
}

/** How a station is read. */
export function methodOf(job: JobView, station: Station): string {
  return station === "RELIEF" ? job.relief.method : heightViewOf(job, station).method;
}

/** The ledger of nut or action. */
export function heightViewOf(job: JobView, station: HeightStation): Schemas["HeightView"] {
  return station === "NUT" ? job.nut : job.action;
}
