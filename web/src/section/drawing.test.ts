import { describe, expect, it } from "vitest";
import { section } from "../test/section";
import {
  between,
  bridge,
  ghostBand,
  glow,
  heightsOf,
  HEIGHT,
  heldLine,
  labelled,
  neckCurve,
  openString,
  scaleFor,
  silhouette,
  stringOver,
  stringPath,
  WIDTH,
  type SectionData,
} from "./drawing";

/** Places of a path, in the order in which they are drawn. */
const places = (path: string) =>
  [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => ({
    x: Number(x),
    y: Number(y),
  }));
const wanted = (fret: number, y0: number, y1: number) => ({ kind: "wanted", fret, y0, y1 });
const said = (data: SectionData) => data.frets.map((f) => f.fret).filter((f) => labelled(f, data));
const dimension = (fret: number) => ({
  fret,
  kind: "action",
  label: "action",
  suffix: "mm",
  text: "1.50",
  verdict: "in" as const,
  y0: 0,
  y1: 1.5,
});

describe("the lit section", () => {
  it("draws more relief as a deeper dip", () => {
    const s = scaleFor(section(0.2));
    const depth = (relief: number) => s.y(section(relief).frets[7]?.y ?? 0) - s.y(0);
    expect(depth(0.4)).toBeGreaterThan(1.9 * depth(0.2));
    expect(depth(0.2)).toBeGreaterThan(5);
  });

  it("keeps a high saddle inside the picture", () => {
    const high = section(0.2, 9);
    expect(scaleFor(high).y(high.saddleY)).toBeGreaterThan(0);
  });

  it("leaves room above for what is expected after the move", () => {
    const data: SectionData = {
      ...section(0.2, 3),
      after: { crowns: section(0.1).frets.map((f) => f.y), nutY: 0.2, saddleY: 8 },
    };
    expect(scaleFor(data).y(8)).toBeGreaterThan(0);
  });

  it("moves from now to expected without jumping at either end", () => {
    const from = heightsOf(section(0.4));
    const to = heightsOf(section(0.2));
    expect(between(from, to, 0)).toEqual(from);
    expect(between(from, to, 1)).toEqual(to);
    expect(between(from, to, 0.5).crowns[7]).toBeCloseTo(
      ((from.crowns[7] ?? 0) + (to.crowns[7] ?? 0)) / 2,
    );
  });

  it("shows the neck curve only as far as the neck bends", () => {
    const data = section(0.2);
    expect(neckCurve(data, heightsOf(data).crowns, scaleFor(data)).match(/[ML]/g)).toHaveLength(16);
  });

  it("lights only the gap under the held string while the open string is unknown", () => {
    const data: SectionData = { ...section(0.3), stringKnown: false };
    const points = glow(data, heightsOf(data), scaleFor(data)).match(/[ML]/g);
    expect(points).toHaveLength(16);
    // and exaggerates more, since no string needs room
    expect(scaleFor(data).y(-0.3) - scaleFor(data).y(0)).toBeGreaterThan(25);
  });

  it("closes the light between string and crowns", () => {
    const data = section(0.2);
    expect(glow(data, heightsOf(data), scaleFor(data))).toMatch(/^M.*Z$/);
    expect(glow(data, heightsOf(data), scaleFor(data))).not.toContain("NaN");
  });

  it("stays within its picture whatever is read", () => {
    for (const relief of [-0.6, 0, 0.02, 0.3, 1.4])
      for (const saddleY of [0.1, 1.5, 4, 9, 16])
        for (const stringKnown of [true, false])
          for (const beside of [[], [section(0.2, 12)]]) {
            const data: SectionData = { ...section(relief, saddleY), stringKnown };
            const heights = heightsOf(data);
            const s = scaleFor(data, beside);
            const paths = [
              silhouette(data, heights, s),
              bridge(data, heights.saddle, s),
              heldLine(data, heights, s),
              glow(data, heights, s),
              neckCurve(data, heights.crowns, s),
            ];
            const drawn = paths.flatMap(places);
            const xs = drawn.map((p) => p.x);
            const ys = drawn.map((p) => p.y);
            expect(Math.min(...xs)).toBeGreaterThan(-10);
            expect(Math.max(...xs)).toBeLessThan(WIDTH + 10);
            expect(Math.min(...ys)).toBeGreaterThan(0);
            expect(Math.max(...ys)).toBeLessThan(HEIGHT + 3);
            if (stringKnown)
              for (const string of [data, ...beside])
                expect(s.y(string.saddleY)).toBeGreaterThanOrEqual(26 - 1e-9);
          }
  });

  it("draws the string as far over each crown as it stands", () => {
    const data = section(0.2, 4);
    const heights = heightsOf(data);
    const s = scaleFor(data);
    const [, nut, saddle] = places(stringPath(heights, s));
    if (nut === undefined || saddle === undefined) throw new Error("no string was drawn");
    for (const fret of data.frets) {
      const share = (s.x(fret.x) - nut.x) / (saddle.x - nut.x);
      const string = nut.y + share * (saddle.y - nut.y);
      expect(string).toBeCloseTo(s.y(stringOver(data, heights, fret.x)), 0);
      expect(string).toBeLessThan(s.y(fret.y));
    }
    // the one beside it runs from the same nut to the same saddle
    expect(places(openString(heights.nut, heights.saddle, s))).toEqual([nut, saddle]);
  });

  it("lays the held string over the crowns on which it is held, the straightedge from the nut's end", () => {
    const data = section(0.3);
    const heights = heightsOf(data);
    const s = scaleFor(data);
    const [low, high] = places(heldLine(data, heights, s));
    expect(low?.x).toBeCloseTo(s.x(data.frets[0]?.x ?? 0), 0);
    expect(high?.x).toBeCloseTo(s.x(data.frets[15]?.x ?? 0), 0);
    expect(low?.y).toBeCloseTo(s.y(0), 0);
    expect(high?.y).toBeCloseTo(s.y(0), 0);
    const [end] = places(heldLine({ ...data, heldLow: 0 }, heights, s));
    expect(end?.x).toBeCloseTo(s.x(0), 0);
  });

  it("carries what is wanted from fret 1 over the fret of the action to the saddle", () => {
    const data: SectionData = {
      ...section(0.2, 3),
      ghosts: [wanted(1, 0.3, 0.4), wanted(12, 1.5, 1.7)],
    };
    const s = scaleFor(data);
    const band = places(ghostBand(data, s) ?? "");
    const one = data.frets[0]?.x ?? 0;
    const twelve = data.frets[11]?.x ?? 0;
    const carried = (low: number, high: number) =>
      low + ((high - low) * (data.saddleX - one)) / (twelve - one);
    expect(band.map((p) => p.y)).toEqual(
      [0.3, carried(0.3, 1.5), carried(0.4, 1.7), 0.4].map((mm) => expect.closeTo(s.y(mm), 0)),
    );
    // what is wanted higher than it stands is in the picture too
    const higher: SectionData = { ...data, ghosts: [wanted(1, 0.3, 0.4), wanted(12, 4, 6)] };
    for (const { y } of places(ghostBand(higher, scaleFor(higher)) ?? ""))
      expect(y).toBeGreaterThanOrEqual(26);
    // with the nut's alone there is nothing to carry on; with none, nothing to draw
    const alone = places(ghostBand({ ...data, ghosts: [wanted(1, 0.3, 0.4)] }, s) ?? "");
    expect(new Set(alone.map((p) => Math.abs(p.x - s.x(one)).toFixed(0)))).toEqual(new Set(["16"]));
    expect(ghostBand({ ...data, ghosts: [] }, s)).toBeNull();
  });

  it("numbers the frets that are spoken of, and none beside one that is measured", () => {
    expect(said(section(0.2))).toEqual([1, 3, 5, 7, 9, 12, 15, 16, 17, 19, 21]);
    const measured: SectionData = {
      ...section(0.2),
      bodyJointFret: 14,
      dimensions: [dimension(18)],
    };
    expect(said(measured)).toEqual([1, 3, 5, 7, 9, 12, 14, 15, 18, 21]);
  });
});
