import type { SectionData } from "../section/drawing";

/** A neck under its lowest string, with so much relief, mm, and nothing read. */
export function section(relief: number, saddleY = 4): SectionData {
  const frets = Array.from({ length: 22 }, (_, i) => {
    const n = i + 1;
    const dip = n < 16 ? -4 * relief * ((n - 1) / 15) * (1 - (n - 1) / 15) : 0;
    return { fret: n, x: 648 * (1 - 2 ** (-n / 12)), y: dip };
  });
  return {
    string: 6,
    stringName: "E",
    scaleLength: 648,
    saddleX: 650,
    bodyJointFret: 16,
    frets,
    nutY: 0.2,
    saddleY,
    reliefKnown: true,
    stringKnown: true,
    heldLow: 1,
    heldHigh: 16,
    dimensions: [],
    ghosts: [],
  };
}
