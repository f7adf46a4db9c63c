import { device, type Loudness } from "./device";

/** What became of an entry. */
export type Landed = "in" | "high" | "low" | "taken" | "asked" | "refused" | "complete";

interface Note {
  /** Seconds from the beginning. */
  at: number;
  hertz: number;
  seconds: number;
  shape: OscillatorType;
}

const GAIN: Record<Loudness, number> = { off: 0, quiet: 0.05, loud: 0.25 };
const LOWEST = 262;
/** The last row is heard first, s. */
const AFTER_THE_LAST = 0.35;

/** How a row stands now that it was read, to be heard. */
export function standsAs(row: { verdict: string; doubt?: unknown } | undefined): Landed {
  if (row?.doubt !== undefined) return "asked";
  return row?.verdict === "in" || row?.verdict === "high" || row?.verdict === "low"
    ? row.verdict
    : "taken";
}

/** The pitch of a row: the lowest string is the lowest note, and each one up is a whole tone higher. */
export function pitchOf(row: number, rows: number): number {
  return LOWEST * 2 ** ((rows - row) / 6);
}

function note(at: number, hertz: number, seconds = 0.09, shape: OscillatorType = "sine"): Note {
  return { at, hertz, seconds, shape };
}

/** The notes that say what became of an entry. */
export function notesOf(how: Landed, hertz: number): readonly Note[] {
  switch (how) {
    case "in":
      return [note(0, hertz, 0.14)];
    case "taken":
      return [note(0, hertz, 0.06)];
    case "high":
      return [note(0, hertz), note(0.11, hertz * 1.5)];
    case "low":
      return [note(0, hertz), note(0.11, hertz / 1.5)];
    case "asked":
      return [
        note(0, hertz, 0.07, "triangle"),
        note(0.1, hertz, 0.07, "triangle"),
        note(0.2, hertz, 0.07, "triangle"),
      ];
    case "refused":
      return [note(0, 131, 0.12, "square"), note(0.16, 110, 0.2, "square")];
    case "complete":
      return [note(0, 523), note(0.1, 659), note(0.2, 784, 0.18)];
  }
}

let context: AudioContext | undefined;

function play(notes: readonly Note[], loudness: Loudness): void {
  if (loudness === "off" || typeof AudioContext === "undefined") return;
  context ??= new AudioContext();
  const begin = context.currentTime + 0.01;
  for (const { at, hertz, seconds, shape } of notes) {
    const swing = context.createOscillator();
    const gain = context.createGain();
    swing.type = shape;
    swing.frequency.value = hertz;
    const loud = GAIN[loudness] * (shape === "square" ? 0.4 : 1);
    gain.gain.setValueAtTime(0, begin + at);
    gain.gain.linearRampToValueAtTime(loud, begin + at + 0.008);
    gain.gain.linearRampToValueAtTime(0, begin + at + seconds);
    swing.connect(gain).connect(context.destination);
    swing.start(begin + at);
    swing.stop(begin + at + seconds + 0.02);
  }
}

const DIGITS = ["zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"];

const digits = (text: string) => Array.from(text, (c) => DIGITS[Number(c)] ?? "").join(" ");

/** A number as it is read out: a decimal digit by digit, a fraction as it is written. */
export function spoken(text: string): string {
  const clean = text.trim().replace(",", ".");
  const decimal = /^([+-]?)(\d*)\.(\d+)(.*)$/.exec(clean);
  if (decimal === null)
    return clean.replace("/64", " 64ths").replace("+", " plus").replace(/-$/, " minus");
  const [, sign, whole, part, rest] = decimal;
  const before = whole === "" || whole === "0" ? "" : `${whole ?? ""} `;
  return `${sign === "-" ? "minus " : ""}${before}point ${digits(part ?? "")}${rest ?? ""}`;
}

const HOW: Partial<Record<Landed, string>> = {
  in: "in",
  high: "high",
  low: "low",
  asked: "is that right?",
  refused: "not taken",
};

/** A voice of this machine; one that asks a network for its words is none. */
export function voice(): SpeechSynthesisVoice | undefined {
  return typeof speechSynthesis === "undefined"
    ? undefined
    : speechSynthesis.getVoices().find((v) => v.localService && v.lang.startsWith("en"));
}

let last: { landed: Landed; hertz: number; words: string } | undefined;

/** Lets be heard what became of an entry: its sound, and three words where a voice is wanted. */
export function landed(how: Landed, row: number, rows: number, name: string, text: string): void {
  last = {
    landed: how,
    hertz: pitchOf(row, rows),
    words: [name, spoken(text), HOW[how] ?? ""].filter((word) => word !== "").join(", "),
  };
  again();
}

/** A series has come to its end: heard after its last row. */
export function complete(): void {
  play(
    notesOf("complete", 0).map((one) => ({ ...one, at: one.at + AFTER_THE_LAST })),
    device().sounds,
  );
}

/** The last one once more. */
export function again(): void {
  if (last === undefined) return;
  const set = device();
  play(notesOf(last.landed, last.hertz), set.sounds);
  const who = set.voice ? voice() : undefined;
  if (who === undefined) return;
  const said = new SpeechSynthesisUtterance(last.words);
  said.voice = who;
  speechSynthesis.cancel();
  speechSynthesis.speak(said);
}
