import { pathRound, type Path } from "d3-path";
import { scaleLinear } from "d3-scale";
import type { Schemas } from "../app/api";

export type SectionData = Schemas["SectionView"];

/** The picture's own measures, in its user units. */
export const WIDTH = 1280;
export const HEIGHT = 252;
const NUT_X = 44;
const SADDLE_X = 1229;
/** The line through the crowns of fret 1 and the joint lies here. */
const CHORD_Y = 178;
/** … and here while only relief is known, so that the dip has room. */
const RELIEF_CHORD_Y = 142;
const HIGHEST_Y = 26;
/** Heights are drawn this much larger than lengths at most: user units per mm. */
const MOST_PER_MM = 44;
/** While only relief is known there is no open string to make room for. */
const MOST_PER_MM_RELIEF = 105;
const DEEPEST = 52;
const FRET_FOOT = 38;

/** The heights that move when the setup changes; everything else stands still. */
export interface Heights {
  crowns: readonly number[];
  nut: number;
  saddle: number;
}

export interface Scale {
  x: (mm: number) => number;
  y: (mm: number) => number;
}

/** Lengths to fit the width, heights exaggerated as far as string or neck allow. */
export function scaleFor(section: SectionData, others: readonly SectionData[] = []): Scale {
  const highest = Math.max(
    ...[section, ...others.filter((o) => o.stringKnown)].flatMap((o) => [
      o.saddleY,
      o.after?.saddleY ?? 0,
      wantedAtSaddle(o),
    ]),
    1,
  );
  const deepest = Math.max(0.1, ...section.frets.map((f) => Math.abs(f.y)));
  const perMmY = section.stringKnown
    ? Math.min(
        MOST_PER_MM,
        (CHORD_Y - HIGHEST_Y) / highest,
        (HEIGHT - FRET_FOOT - CHORD_Y) / deepest,
      )
    : Math.min(MOST_PER_MM_RELIEF, DEEPEST / deepest);
  const chord = section.stringKnown ? CHORD_Y : RELIEF_CHORD_Y;
  return {
    x: scaleLinear([0, section.saddleX], [NUT_X, SADDLE_X]),
    y: scaleLinear([0, 1], [chord, chord - perMmY]),
  };
}

export function heightsOf(section: SectionData): Heights {
  return { crowns: section.frets.map((f) => f.y), nut: section.nutY, saddle: section.saddleY };
}

/** Heights between two setups; 0 is the first, 1 the second. */
export function between(from: Heights, to: Heights, share: number): Heights {
  const mix = (a: number, b: number) => a * (1 - share) + b * share;
  return {
    crowns: to.crowns.map((c, i) => mix(from.crowns[i] ?? c, c)),
    nut: mix(from.nut, to.nut),
    saddle: mix(from.saddle, to.saddle),
  };
}

/** A path to a tenth of a unit, through places one after the other. */
function drawn(draw: (path: Path) => void): string {
  const path = pathRound(1);
  draw(path);
  return path.toString();
}

type Place = readonly [x: number, y: number];

function through(path: Path, places: readonly Place[]): void {
  places.forEach(([x, y], i) => (i === 0 ? path.moveTo(x, y) : path.lineTo(x, y)));
}

/** The dark side silhouette: headstock side, nut, board with its frets, end of the board, body. */
export function silhouette(section: SectionData, heights: Heights, s: Scale): string {
  const nutTop = section.stringKnown ? s.y(heights.nut) : s.y(heights.crowns[0] ?? 0) - 14;
  const boardAt = (i: number) => s.y(heights.crowns[i] ?? 0) + FRET_FOOT;
  const last = section.frets.at(-1);
  const end = last === undefined ? NUT_X : s.x(last.x) + 26;
  return drawn((path) => {
    through(path, [
      [-8, HEIGHT + 2],
      [-8, boardAt(0)],
      [28, boardAt(0)],
      [28, nutTop - 9],
      [NUT_X, nutTop],
      [NUT_X, boardAt(0)],
    ]);
    section.frets.forEach((fret, i) => {
      const x = s.x(fret.x);
      const top = s.y(heights.crowns[i] ?? 0);
      const foot = boardAt(i);
      path.lineTo(x - 5, foot);
      path.quadraticCurveTo(x - 4, top, x, top);
      path.quadraticCurveTo(x + 4, top, x + 5, foot);
    });
    path.lineTo(end, boardAt(section.frets.length - 1));
    path.lineTo(end, 240);
    path.lineTo(1288, 240);
    path.lineTo(1288, HEIGHT + 2);
    path.closePath();
  });
}

/** The bridge with its saddle under the string; while the string is unknown only its place is shown. */
export function bridge(section: SectionData, saddleY: number, s: Scale): string {
  const y = section.stringKnown ? s.y(saddleY) : 96;
  return drawn((path) => {
    through(path, [
      [1203, 242],
      [1203, y + 32],
      [1215, y + 9],
    ]);
    path.quadraticCurveTo(1229, y - 2, 1241, y + 9);
    path.lineTo(1263, y + 36);
    path.lineTo(1263, 242);
    path.closePath();
  });
}

/** The string held down at two frets, or the straightedge that rests there. */
export function heldLine(section: SectionData, heights: Heights, s: Scale): string {
  const at = (fret: number): Place => {
    const i = section.frets.findIndex((f) => f.fret === fret);
    return i < 0
      ? [NUT_X, s.y(heights.crowns[0] ?? 0)]
      : [s.x(section.frets[i]?.x ?? 0), s.y(heights.crowns[i] ?? 0)];
  };
  return drawn((path) => through(path, [at(section.heldLow), at(section.heldHigh)]));
}

/** The string from slot floor to saddle, with its ends falling away behind. */
export function stringPath(heights: Heights, s: Scale): string {
  const nut = s.y(heights.nut);
  const saddle = s.y(heights.saddle);
  return drawn((path) =>
    through(path, [
      [-8, nut + 44],
      [NUT_X, nut],
      [SADDLE_X, saddle],
      [1288, saddle + 92],
    ]),
  );
}

/** Where the light comes through: under the open string, or under the held one while only relief is known. */
export function glow(section: SectionData, heights: Heights, s: Scale): string {
  const held = section.frets
    .map((f, i) => ({ fret: f.fret, place: [s.x(f.x), s.y(heights.crowns[i] ?? 0)] as const }))
    .filter((f) => section.stringKnown || (f.fret >= section.heldLow && f.fret <= section.heldHigh))
    .map((f) => f.place);
  const open: Place[] = section.stringKnown
    ? [
        [SADDLE_X, s.y(heights.saddle)],
        [NUT_X, s.y(heights.nut)],
      ]
    : [];
  return drawn((path) => {
    through(path, [...held, ...open]);
    path.closePath();
  });
}

/** The crowns up to the joint joined by a line: the neck curve. */
export function neckCurve(section: SectionData, crowns: readonly number[], s: Scale): string {
  return drawn((path) =>
    through(
      path,
      section.frets
        .filter((f) => f.fret <= section.bodyJointFret)
        .map((f, i) => [s.x(f.x), s.y(crowns[i] ?? 0)] as const),
    ),
  );
}

/** Fret numbers worth a label. */
export function labelled(fret: number, section: SectionData): boolean {
  const marked = [1, 3, 5, 7, 9, 12, 15, 17, 19, 21, 24].includes(fret);
  const measured = section.dimensions.some((d) => d.fret === fret);
  const close = section.dimensions.some((d) => Math.abs(d.fret - fret) === 1) && fret > 12;
  return measured || fret === section.bodyJointFret || (marked && !close);
}

/** The open string alone, without its ends: another string beside the chosen one, or where it is expected. */
export function openString(nut: number, saddle: number, s: Scale): string {
  return drawn((path) =>
    through(path, [
      [NUT_X, s.y(nut)],
      [SADDLE_X, s.y(saddle)],
    ]),
  );
}

/** Height of the line through two places, mm. */
const lineAt = (x0: number, y0: number, x1: number, y1: number, x: number) =>
  scaleLinear([x0, x1], [y0, y1])(x);

const fretAt = (section: SectionData, fret: number) =>
  section.frets.find((f) => f.fret === fret)?.x ?? 0;

/** The upper edge of the wanted band carried on to the saddle, mm; 0 when there is no band to carry on. */
function wantedAtSaddle(section: SectionData): number {
  const [first, second] = section.ghosts;
  if (first === undefined || second === undefined) return 0;
  const x0 = fretAt(section, first.fret);
  const x1 = fretAt(section, second.fret);
  return lineAt(x0, first.y1, x1, second.y1, section.saddleX);
}

const closed = (places: readonly Place[]) =>
  drawn((path) => {
    through(path, places);
    path.closePath();
  });

/** Where the string is wanted, all along: through the bands over fret 1 and over the fret of the action. */
export function ghostBand(section: SectionData, s: Scale): string | null {
  const [first, second] = section.ghosts;
  if (first === undefined) return null;
  const x0 = fretAt(section, first.fret);
  if (second === undefined) {
    const x = s.x(x0);
    return closed([
      [x - 16, s.y(first.y0)],
      [x + 16, s.y(first.y0)],
      [x + 16, s.y(first.y1)],
      [x - 16, s.y(first.y1)],
    ]);
  }
  const x1 = fretAt(section, second.fret);
  const end = section.saddleX;
  return closed([
    [s.x(x0), s.y(first.y0)],
    [s.x(end), s.y(lineAt(x0, first.y0, x1, second.y0, end))],
    [s.x(end), s.y(lineAt(x0, first.y1, x1, second.y1, end))],
    [s.x(x0), s.y(first.y1)],
  ]);
}

/** Height of the open string over a place, mm. */
export function stringOver(section: SectionData, heights: Heights, x: number): number {
  return heights.nut + ((heights.saddle - heights.nut) * x) / section.saddleX;
}
