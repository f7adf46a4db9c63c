import type { JobView, Schemas } from "../app/api";

export type Station = Schemas["AdviceView"]["station"];

/** Nut and action, which are read string by string. */
export type HeightStation = "NUT" | "ACTION";

/** The stations that can be worked at, with the key that leads there: shifted, for a digit begins a reading. */
export const STATIONS: readonly { station: Station; key: string; view: string }[] = [
  { station: "RELIEF", key: "shift+r", view: "relief" },
  { station: "NUT", key: "shift+n", view: "nut" },
  { station: "ACTION", key: "shift+a", view: "action" },
  { station: "INTONATION", key: "shift+i", view: "intonation" },
  { station: "PICKUPS", key: "shift+p", view: "pickups" },
];

export const TITLE: Record<Station, string> = {
  RELIEF: "Relief",
  NUT: "Nut",
  ACTION: "Action",
  INTONATION: "Intonation",
  PICKUPS: "Pickups",
};

/** Whether gaps under the strings are read at a station. */
export function atHeights(station: Station): station is "RELIEF" | HeightStation {
  return station === "RELIEF" || station === "NUT" || station === "ACTION";
}

/** The strings of a station, lowest first. */
export function stringsOf(job: JobView, station: Station): readonly number[] {
  if (station === "INTONATION") return job.intonation.rows.map((r) => r.string);
  return atHeights(station) ? rowsOf(job, station).map((r) => r.string) : [];
}

/** The ledger rows of a station, lowest string first. */
export function rowsOf(
  job: JobView,
  station: "RELIEF" | HeightStation,
): readonly Schemas["LedgerRow"][] {
  return station === "RELIEF" ? job.relief.rows : heightViewOf(job, station).rows;
}

/** The unit of the numbers at a station. */
export function suffixOf(job: JobView, station: "RELIEF" | HeightStation): string {
  return station === "RELIEF" ? job.relief.suffix : heightViewOf(job, station).suffix;
}

/** How a station is read. */
export function methodOf(job: JobView, station: "RELIEF" | HeightStation): string {
  return station === "RELIEF" ? job.relief.method : heightViewOf(job, station).method;
}

/** The ledger of nut or action. */
export function heightViewOf(job: JobView, station: HeightStation): Schemas["HeightView"] {
  return station === "NUT" ? job.nut : job.action;
}
