import { describe, expect, it } from "vitest";
import { between, glow, heightsOf, neckCurve, scaleFor, type SectionData } from "./drawing";

function section(relief: number, saddleY = 4): SectionData {
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
    stringKnown: true,
    heldLow: 1,
    heldHigh: 16,
    dimensions: [],
    ghosts: [],
  };
}

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
});
