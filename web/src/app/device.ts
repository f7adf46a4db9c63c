/** What this browser's screen is told to do for ears and hands: sounds, a voice, a pedal, a measuring device that types. Kept here, for each screen stands elsewhere. */

export type Loudness = "off" | "quiet" | "loud";
export type Meaning = "next" | "done" | "undo" | "again";

export const MEANINGS: readonly (readonly [Meaning, string])[] = [
  ["next", "next row, as Enter"],
  ["done", "the dark button, as D"],
  ["undo", "take back, as Z"],
  ["again", "say the last one again"],
];

export interface Device {
  sounds: Loudness;
  voice: boolean;
  /** Which key a pedal types, by what it means. */
  pedal: Partial<Record<Meaning, string>>;
  /** A caliper or an indicator types its value: it ends with a pause, too. */
  types: boolean;
}

const KEY = "barytone.device";
const SILENT: Device = { sounds: "off", voice: false, pedal: {}, types: false };

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null;
}

/** What is set; what cannot be read is as if nothing was. */
export function device(): Device {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? "{}");
    if (!isObject(kept)) return SILENT;
    const { sounds, voice, pedal, types } = kept;
    const keys: Device["pedal"] = {};
    if (isObject(pedal))
      for (const [meaning] of MEANINGS) {
        const key = pedal[meaning];
        if (typeof key === "string" && key !== "") keys[meaning] = key;
      }
    return {
      sounds: sounds === "quiet" || sounds === "loud" ? sounds : "off",
      voice: voice === true,
      pedal: keys,
      types: types === true,
    };
  } catch {
    return SILENT;
  }
}

export function keepDevice(change: Partial<Device>): Device {
  const all = { ...device(), ...change };
  localStorage.setItem(KEY, JSON.stringify(all));
  return all;
}
