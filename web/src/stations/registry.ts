import type { JobView } from "../app/api";
import { action } from "./action";
import { frets } from "./frets";
import { intonation } from "./intonation";
import { nut } from "./nut";
import { pickups } from "./pickups";
import { relief } from "./relief";
import type { Station, StationRoom } from "./room";

/** The stations of the page, in the order of work: the one list. */
export const ROOMS: readonly StationRoom[] = [relief, nut, action, frets, intonation, pickups];

/** How the work is done at the station that has a say in it now, whatever station is open. */
export function waysOf(job: JobView): StationRoom["Ways"] {
  return ROOMS.find((room) => room.Ways?.has(job) === true)?.Ways;
}

/** The room of a station. */
export function roomOf(station: Station): StationRoom {
  const room = ROOMS.find((r) => r.station === station);
  if (room === undefined) throw new Error(`no room for ${station}`);
  return room;
}
