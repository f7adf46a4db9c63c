import { describe, expect, it } from "vitest";
import { fretX, outlineOf, WIDTH, HEIGHT, type Drawn } from "./outline";

const KINDS = ["electric", "flat-top", "archtop", "bass-5", "mandolin", "nylon"];

const drawn = (kind: string, more: Partial<Drawn> = {}): Drawn => ({
  kind,
  frets: 20,
  joint: 14,
  strings: 6,
  ...more,
});

const numbers = (d: string) => [...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)];

describe("the drawing of an instrument", () => {
  it("puts the octave halfway between nut and saddle", () => {
    const shape = outlineOf(drawn("flat-top"), "front");
    expect(fretX(12)).toBeCloseTo((shape.nut + shape.saddle) / 2);
    expect(shape.frets).toHaveLength(20);
  });

  it("stays within its field, whatever the instrument has", () => {
    for (const kind of KINDS)
      for (const side of ["front", "back", "edge"] as const)
        for (const more of [{}, { frets: 36, joint: 36 }, { frets: 5, joint: 8 }, { strings: 12 }])
          for (const [, x, y] of numbers(outlineOf(drawn(kind, more), side).body)) {
            expect(Number(x)).toBeGreaterThanOrEqual(0);
            expect(Number(x)).toBeLessThanOrEqual(WIDTH);
            expect(Number(y)).toBeGreaterThanOrEqual(0);
            expect(Number(y)).toBeLessThanOrEqual(HEIGHT);
          }
  });

  it("has a peg for every string, and no strings on the back", () => {
    expect(outlineOf(drawn("bass-5", { strings: 5 }), "front").pegs).toHaveLength(5);
    expect(outlineOf(drawn("flat-top"), "back").strings).toEqual([]);
  });
});
