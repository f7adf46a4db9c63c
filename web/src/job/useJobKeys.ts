import type { HelpLine } from "../app/Help";
import type { JobView } from "../app/api";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { ROOMS } from "../stations/registry";
import type { Open, Station, StationRoom } from "../stations/room";
import type { JobActions } from "./actions";
import type { Listening } from "./useStationEar";

/** The keys of a job: those of the page, those of the stations, and those that lead to them. */
export function useJobKeys(
  job: JobView,
  actions: JobActions,
  {
    active,
    string,
    room,
    go,
    onStation,
    onOpen,
    listening,
    own,
  }: {
    active: boolean;
    string: number;
    /** The open station. */
    room: StationRoom;
    /** To the field of the open station. */
    go: () => void;
    onStation: (station: Station) => void;
    onOpen: (panel: Open) => void;
    listening: Listening;
    /** What the page itself does. */
    own: Shortcuts;
  },
): void {
  const doubted = room.doubts?.(job).filter((row) => row.doubt !== undefined) ?? [];
  // the doubt in the open row goes before the others of the station
  const doubt = (doubted.find((row) => row.string === string) ?? doubted[0])?.doubt;
  useShortcuts(
    {
      d: actions.primary,
      r: () => !job.closed && actions.retuned(),
      k: () => doubt !== undefined && actions.keep(doubt.seq),
      x: () => doubt !== undefined && actions.drop(doubt.seq),
      j: () =>
        doubt !== undefined &&
        (doubt.unturned === undefined ? actions.moved(doubt.seq) : actions.undo(doubt.unturned)),
      l: () => job.advice.decline !== undefined && actions.decline(),
      "shift+l": () => job.advice.canWait && actions.later(),
      z: () => job.canUndo && actions.undo(),
      "shift+z": () => job.canRedo && actions.redo(),
      g: go,
      m: () => listening.toggle("microphone"),
      v: () => listening.toggle("standIn"),
      p: listening.pluck,
      h: () => room.HowRead !== undefined && onOpen("habit"),
      t: () => room.Target !== undefined && onOpen("target"),
      e: () => room.More !== undefined && onOpen("extras"),
      q: () => onOpen("order"),
      "shift+q": () => onOpen("agreed"),
      "shift+e": () => onOpen("log"),
      "shift+d": () => onOpen("day"),
      "shift+o": () => onOpen("play-off"),
      c: () => onOpen("close"),
      i: () => onOpen("instrument"),
      "shift+s": () => onOpen("device"),
      "?": () => onOpen("help"),
      ...Object.assign({}, ...ROOMS.map((r) => r.keys?.({ job, actions, open: onOpen }) ?? {})),
      ...Object.fromEntries(ROOMS.map((r) => [r.key, () => onStation(r.station)])),
      ...own,
    },
    active,
  );
}

/** A key as it is told. */
export const shown = (key: string) =>
  key
    .split("+")
    .map((part) => part.charAt(0).toUpperCase() + part.slice(1))
    .join("+");

/** The keys as they are told. */
export const KEYS: readonly HelpLine[] = [
  [
    "Enter",
    "record the reading and go to the next row: those that were asked for after D, all after a station's own key",
  ],
  ["↑ ↓", "change the string; a series begun at the last one runs upwards"],
  ["A", "yes to what is asked about the readings that wait, all of them at once"],
  ["D", "go to the reading, or: I did this. The dark button"],
  ["F", "go on all the same, or: it was otherwise. It is asked once"],
  ["O", "another move than the advised one"],
  ["R", "retuned"],
  ["K  X  J", "a doubted reading: keep it, drop it, I moved it"],
  ["Z  Shift+Z", "undo, back to the row that it was typed in; bring back"],
  ["G", "go to the reading field of this station"],
  ["L  Shift+L", "leave what is advised as it is; later"],
  ["Y", "why?"],
  ["H  T", "how it is read, target"],
  ["E", ROOMS.flatMap((room) => (room.More === undefined ? [] : [room.More.help])).join("; ")],
  ["Q", "order of work, and the stations agreed on"],
  ["Shift+Q", "what was agreed with the player: work, prices, the promised day"],
  ["Shift+E", "the tray, work around the strings, when to look again"],
  ["Shift+D", "when it can be fetched, and what it waits for"],
  ["Shift+T", "what if: try another setup on the section, and see how low it could go"],
  ["Shift+W", "how it came: what hurts, what was seen, strings, what was agreed"],
  ["Shift+O", "play it through: what is heard, string by string"],
  ["Shift+S", "sounds, a voice, a pedal, a caliper that types"],
  ["N", "write a note"],
  ["U", "change the unit of every number"],
  ["C", "close the job, or see as found and as left"],
  ["I", "correct the instrument"],
  ["B", "back to the bench"],
  ...ROOMS.flatMap((room): HelpLine[] => [
    [shown(room.key), `open ${room.title.toLowerCase()}`],
    ...(room.help ?? []),
  ]),
];
