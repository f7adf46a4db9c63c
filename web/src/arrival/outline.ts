/** The drawing of an instrument seen from the front, the back or the side: pure geometry in a field of 1280 by 400, the head to the left. */
import type { Facts } from "../intake/facts";

export const WIDTH = 1280;
export const HEIGHT = 400;
/** The middle of the neck. */
export const MIDDLE = 206;

/** Bodies are drawn a little narrower than they are long, so that words have room below. */
const SLIM = 0.93;

const NUT = 204;
const SADDLE = 1056;
const END = 1226;

export type Side = "front" | "back" | "edge";

/** What decides how it is drawn. */
export interface Drawn {
  kind: string;
  frets: number;
  joint: number;
  strings: number;
}

/** How an instrument with these facts is drawn. */
export function drawnOf(facts: Facts): Drawn {
  return {
    kind: facts.kind,
    frets: facts.frets,
    joint: facts.bodyJointFret,
    strings: facts.tuning.trim().split(/[\s,]+/).length,
  };
}

export interface Point {
  x: number;
  y: number;
}

/** Shapes of an outline: bodies in ink, lights where the lamp shines through or on. */
export interface Outline {
  body: string;
  head: string;
  neck: string;
  /** Where the neck is seen over the body. */
  board?: string;
  frets: { x: number; half: number }[];
  strings: { y0: number; y1: number; width: number }[];
  nut: number;
  saddle: number;
  lights: { d: string }[];
  plates: { x: number; y: number; width: number; height: number; rx: number }[];
  pegs: Point[];
  seams: string[];
}

type Family = "acoustic" | "arched" | "solid" | "bass" | "mandolin";

const FAMILIES: Record<string, Family> = {
  "flat-top": "acoustic",
  nylon: "acoustic",
  "twelve-string": "acoustic",
  archtop: "arched",
  "semi-hollow": "arched",
  "bass-4": "bass",
  "bass-5": "bass",
  "bass-6": "bass",
  mandolin: "mandolin",
};

export function familyOf(kind: string): Family {
  return FAMILIES[kind] ?? "solid";
}

/** Whether the strings are wood-borne: no plate of pickups is drawn, the bridge is a piece of wood. */
export function wooden(kind: string): boolean {
  const family = familyOf(kind);
  return family === "acoustic" || family === "arched" || family === "mandolin";
}

/** The place of a fret along the drawing: {@code L (1 - 2^(-n/12))} from the nut. */
export function fretX(fret: number): number {
  return NUT + (SADDLE - NUT) * (1 - 2 ** (-fret / 12));
}

/** How far the board reaches from its middle at a place along it. */
function boardHalf(x: number): number {
  return 21 + (7 * (x - NUT)) / (SADDLE - NUT) + 2;
}

/** Half of the figure-eight or the horned body from its start to its end, mirrored for the other half. */
function halves(upper: [number, number][], start: number): string {
  // a smooth line through the points, first the bass side, then back along the other
  const there = upper.map(([x, h]) => ({ x, y: MIDDLE - SLIM * h }));
  const back = upper.toReversed().map(([x, h]) => ({ x, y: MIDDLE + SLIM * h }));
  return `M${String(start)},${MIDDLE} ${smooth([...there, ...back])}Z`;
}

/** A closed smooth line through points (Catmull-Rom as Bezier, tension 1/6). */
export function smooth(points: readonly Point[]): string {
  const at = (i: number) => points[Math.min(points.length - 1, Math.max(0, i))] ?? { x: 0, y: 0 };
  let d = `L${at(0).x.toFixed(1)},${at(0).y.toFixed(1)} `;
  for (let i = 0; i + 1 < points.length; i++) {
    const [a, b, c, e] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const c1 = { x: b.x + (c.x - a.x) / 6, y: b.y + (c.y - a.y) / 6 };
    const c2 = { x: c.x - (e.x - b.x) / 6, y: c.y - (e.y - b.y) / 6 };
    d += `C${c1.x.toFixed(1)},${c1.y.toFixed(1)} ${c2.x.toFixed(1)},${c2.y.toFixed(1)} ${c.x.toFixed(1)},${c.y.toFixed(1)} `;
  }
  return d;
}

function bodyOf(family: Family, joint: number): string {
  const length = END - joint;
  const at = (share: number, half: number): [number, number] => [joint + share * length, half];
  if (family === "mandolin")
    return halves(
      [at(0, 30), at(0.12, 66), at(0.35, 112), at(0.62, 134), at(0.86, 108), at(1, 18)],
      joint,
    );
  if (family === "acoustic")
    return halves(
      [
        at(0, 60),
        at(0.07, 92),
        at(0.19, 108),
        at(0.31, 92),
        at(0.4, 84),
        at(0.52, 106),
        at(0.7, 144),
        at(0.88, 130),
        at(0.97, 78),
        at(1, 20),
      ],
      joint,
    );
  const bass: [number, number][] =
    family === "arched"
      ? [
          at(-0.02, 52),
          at(0.06, 96),
          at(0.19, 112),
          at(0.34, 92),
          at(0.44, 92),
          at(0.6, 128),
          at(0.8, 140),
          at(0.95, 92),
          at(1, 20),
        ]
      : [
          at(-0.2, 118),
          at(-0.12, 134),
          at(0.1, 118),
          at(0.32, 92),
          at(0.46, 92),
          at(0.64, 126),
          at(0.82, 138),
          at(0.96, 92),
          at(1, 22),
        ];
  const treble: [number, number][] =
    family === "arched"
      ? [
          at(1, 20),
          at(0.95, 92),
          at(0.8, 140),
          at(0.6, 128),
          at(0.44, 92),
          at(0.33, 88),
          at(0.22, 100),
          at(0.13, 92),
          at(0.13, 60),
          at(0.1, 30),
        ]
      : [
          at(1, 22),
          at(0.96, 92),
          at(0.82, 138),
          at(0.64, 126),
          at(0.46, 92),
          at(0.32, 92),
          at(0.16, 112),
          at(-0.02, 122),
          at(0.0, 88),
          at(0.06, 30),
        ];
  const bassSide = bass.map(([x, h]) => ({ x, y: MIDDLE - SLIM * h }));
  const notch = family === "arched" ? [] : [{ x: joint + 0.05 * length, y: MIDDLE - 30 }];
  const trebleSide = treble.map(([x, h]) => ({ x, y: MIDDLE + SLIM * h }));
  return `M${(joint + 0.05 * length).toFixed(1)},${MIDDLE} ${smooth([...notch, ...bassSide, ...trebleSide])}Z`;
}

function headOf(strings: number): { head: string; pegs: Point[] } {
  const each = Math.ceil(strings / 2);
  const long = Math.max(110, 26 * each);
  const from = NUT - 12 - long;
  const pegs: Point[] = [];
  for (let i = 0; i < each; i++) {
    const x = NUT - 34 - (i * (long - 36)) / Math.max(1, each - 1 || 1);
    pegs.push({ x, y: MIDDLE - 56 });
    if (pegs.length < strings) pegs.push({ x, y: MIDDLE + 56 });
  }
  return {
    head: `M${NUT},${MIDDLE - 21} L${NUT - 24},${MIDDLE - 34} L${String(from + 8)},${MIDDLE - 42} Q${String(from - 10)},${MIDDLE} ${String(from + 8)},${MIDDLE + 42} L${NUT - 24},${MIDDLE + 34} L${NUT},${MIDDLE + 21}Z`,
    pegs,
  };
}

function box(x0: number, y0: number, x1: number, y1: number): string {
  return `M${x0.toFixed(1)},${y0.toFixed(1)} L${x1.toFixed(1)},${y0.toFixed(1)} L${x1.toFixed(1)},${y1.toFixed(1)} L${x0.toFixed(1)},${y1.toFixed(1)}Z`;
}

/** A strip of the neck or the board between two places along it. */
function strip(from: number, to: number): string {
  return `M${from},${(MIDDLE - boardHalf(from)).toFixed(1)} L${to.toFixed(1)},${(MIDDLE - boardHalf(to)).toFixed(1)} L${to.toFixed(1)},${(MIDDLE + boardHalf(to)).toFixed(1)} L${from},${(MIDDLE + boardHalf(from)).toFixed(1)}Z`;
}

function round(x: number, y: number, r: number): string {
  return `M${String(x - r)},${String(y)} a${String(r)},${String(r)} 0 1,0 ${String(2 * r)},0 a${String(r)},${String(r)} 0 1,0 ${String(-2 * r)},0Z`;
}

/** An f-hole, or rather its plain slanting slot. */
function slot(x: number, y: number, slant: number): string {
  return `M${String(x)},${String(y)} q40,${String(-8 * slant)} 92,${String(10 * slant)} l0,8 q-52,${String(-16 * slant)} -92,${String(-8 * slant)}Z`;
}

function lightsOf(family: Family, end: number): { d: string }[] {
  if (family === "acoustic") return [{ d: round(end + 44, MIDDLE, 46) }];
  if (family === "mandolin") return [{ d: round(end + 36, MIDDLE, 30) }];
  if (family === "arched")
    return [{ d: slot(SADDLE - 84, MIDDLE - 84, 1) }, { d: slot(SADDLE - 84, MIDDLE + 78, -1) }];
  return [];
}

/** The outline of an instrument from one side. */
export function outlineOf({ kind, frets, joint, strings }: Drawn, side: Side): Outline {
  const family = familyOf(kind);
  const jointX = fretX(Math.min(joint, frets));
  const end = fretX(frets + 0.7);
  const { head, pegs } = headOf(strings);
  const none = { frets: [], strings: [], lights: [], plates: [], seams: [] as string[] };
  if (side === "edge") {
    const deep =
      family === "acoustic" ? 92 : family === "arched" || family === "mandolin" ? 70 : 44;
    const top = MIDDLE - 18;
    return {
      ...none,
      head: `M${NUT},${String(top)} L88,${String(top + 46)} L92,${String(top + 58)} L${NUT},${String(top + 20)}Z`,
      neck: `M${NUT},${String(top)} L${jointX.toFixed(1)},${String(top)} L${jointX.toFixed(1)},${String(top + Math.min(deep, 70))} Q${(jointX - 30).toFixed(1)},${String(top + 28)} ${NUT},${String(top + 22)}Z`,
      body: box(jointX, top + 4, END, top + 4 + deep),
      nut: NUT,
      saddle: SADDLE,
      pegs: [],
      plates: [
        { x: SADDLE - 14, y: top - 8, width: 28, height: 12, rx: 2 },
        { x: NUT, y: top - 6, width: end - NUT, height: 7, rx: 1 },
      ],
    };
  }
  const body = bodyOf(family, jointX);
  if (side === "back") {
    return {
      ...none,
      body,
      head,
      neck: strip(NUT, jointX),
      nut: NUT,
      saddle: SADDLE,
      pegs,
      seams: [
        `M${jointX.toFixed(1)},${MIDDLE} L${END},${MIDDLE}`,
        // the heel
        `M${jointX.toFixed(1)},${MIDDLE - 26} q54,26 0,52`,
      ],
    };
  }
  const half = 6 + 2.4 * strings;
  return {
    body,
    head,
    neck: strip(NUT, jointX),
    board: strip(NUT, end),
    frets: Array.from({ length: frets }, (_, i) => {
      const x = fretX(i + 1);
      return { x, half: boardHalf(x) };
    }),
    strings: Array.from({ length: strings }, (_, i) => {
      const across = strings === 1 ? 0 : i / (strings - 1) - 0.5;
      return {
        y0: MIDDLE + across * 34,
        y1: MIDDLE + across * 2 * half,
        width: 2.2 - (1.3 * i) / Math.max(1, strings - 1),
      };
    }),
    nut: NUT,
    saddle: SADDLE,
    lights: lightsOf(family, end),
    plates: wooden(kind)
      ? [{ x: SADDLE - 12, y: MIDDLE - 56, width: 26, height: 112, rx: 5 }]
      : [{ x: SADDLE - 26, y: MIDDLE - 42, width: 52, height: 84, rx: 6 }],
    pegs,
    seams: [],
  };
}
