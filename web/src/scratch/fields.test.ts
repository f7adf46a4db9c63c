import { describe, expect, it } from "vitest";
import {
  FieldTroubles,
  lengthTexts,
  parseCents,
  parseHabits,
  Values,
  type FieldSpec,
} from "./fields";

const spec = (kind: FieldSpec["kind"], optional = false): FieldSpec => ({
  key: "a",
  label: "A",
  kind,
  initial: "",
  optional,
});

describe("fields of a sum", () => {
  it("reads cents with signs and weights", () => {
    expect(parseCents("12:+4 19:-2:0.5; 5:−1,5")).toEqual([
      { fret: 12, cents: 4 },
      { fret: 19, cents: -2, weight: 0.5 },
      { fret: 5, cents: -1.5 },
    ]);
    expect(() => parseCents("12")).toThrow("fret:cents");
    expect(() => parseCents("12.5:3")).toThrow("whole number");
  });

  it("reads habits, one after a semicolon", () => {
    expect(parseHabits("1 21 8; 1 12 6;")).toEqual([
      { held: [1, 21], gaugeFret: 8 },
      { held: [1, 12], gaugeFret: 6 },
    ]);
    expect(() => parseHabits("1 21")).toThrow("held, held, gauge");
  });

  it("keeps a mixed number in one length and splits a list", () => {
    expect(lengthTexts(spec("length"), "1 1/64")).toEqual(["1 1/64"]);
    expect(lengthTexts(spec("lengths"), " 10t  13t 0.4 ")).toEqual(["10t", "13t", "0.4"]);
    expect(lengthTexts(spec("length", true), " ")).toEqual([]);
    expect(lengthTexts(spec("number"), "3")).toEqual([]);
  });

  it("says which field cannot be read", () => {
    const values = new Values([spec("number")], { a: "1e" }, {});
    expect(() => values.number("a")).toThrow(FieldTroubles);
    expect(new Values([spec("number")], { a: "0,6" }, {}).number("a")).toBe(0.6);
    expect(() => new Values([spec("length")], {}, {}).length("a")).toThrow(FieldTroubles);
  });
});
