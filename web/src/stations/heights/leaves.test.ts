import { describe, expect, it } from "vitest";
import { isEmpty, stateOf, tapped, type Finding } from "./leaves";

const taps = (...sizes: number[]) => sizes.reduce<Finding>((found, mm) => tapped(mm, found), {});

describe("leaves on the bench", () => {
  it("go round free, touches, lifts, unknown", () => {
    expect(stateOf(0.3, taps(0.3))).toBe("free");
    expect(stateOf(0.3, taps(0.3, 0.3))).toBe("touches");
    expect(stateOf(0.3, taps(0.3, 0.3, 0.3))).toBe("lifts");
    expect(isEmpty(taps(0.3, 0.3, 0.3, 0.3))).toBe(true);
  });

  it("mean that thinner ones than a free one are free", () => {
    const found = taps(0.3);
    expect(stateOf(0.2, found)).toBe("free");
    expect(stateOf(0.35, found)).toBeNull();
  });

  it("mean that thicker ones than one that touches lift", () => {
    const found = taps(0.3, 0.3);
    expect(stateOf(0.25, found)).toBe("free");
    expect(stateOf(0.35, found)).toBe("lifts");
  });

  it("give a bracket when one is free and the next lifts", () => {
    const lifting = tapped(0.4, { free: 0.35, touches: 0.38 });
    expect(lifting).toEqual({ free: 0.38, lifts: 0.4 });
    expect(tapped(0.35, { lifts: 0.4 })).toEqual({ free: 0.35, lifts: 0.4 });
  });
});
