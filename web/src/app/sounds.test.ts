import { describe, expect, it } from "vitest";
import { notesOf, pitchOf, spoken } from "./sounds";

describe("what landed is heard", () => {
  it("says which row by its pitch: the higher the string, the higher the note", () => {
    const pitches = [0, 1, 2, 3, 4, 5].map((row) => pitchOf(row, 6));
    expect(new Set(pitches).size).toBe(6);
    expect(pitches.toSorted((a, b) => b - a)).toEqual(pitches);
  });

  it("tells in, high, low, asked and refused apart without a look", () => {
    const heard = (["in", "high", "low", "asked", "refused", "complete"] as const).map((what) =>
      notesOf(what, 300)
        .map((note) => [Math.sign(note.hertz - 300), note.shape, note.at].join(" "))
        .join("; "),
    );
    expect(new Set(heard).size).toBe(heard.length);
  });

  it("reads a number digit by digit", () => {
    expect(spoken("0.36")).toBe("point three six");
    expect(spoken("1,05 mm")).toBe("1 point zero five mm");
    expect(spoken("-0.1")).toBe("minus point one");
    expect(spoken("5/64+")).toBe("5 64ths plus");
    expect(spoken("14t")).toBe("14t");
  });
});
