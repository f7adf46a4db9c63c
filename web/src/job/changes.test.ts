import { describe, expect, it } from "vitest";
import type { JobView } from "../app/api";
import { sample } from "../test/server";
import { changed, pageOf } from "./changes";

function page(): JobView {
  const whole: JobView = JSON.parse(sample("turnstone"));
  return whole;
}

describe("what changed of a page", () => {
  it("is put where it stands, and the page that was had stays as it was", () => {
    const had = page();
    const before = JSON.stringify(had);
    const now = changed(had, [
      { at: ["seq"], to: 99 },
      { at: ["relief", "rows", 0, "now"], to: "0.21" },
      { at: ["tape"], first: [{ seq: 99, text: "Relief 6: 0.21 mm" }] },
      { at: ["advice", "caution"], gone: true },
    ]);
    expect(now.seq).toBe(99);
    expect(now.relief.rows[0]?.now).toBe("0.21");
    expect(now.tape).toHaveLength(had.tape.length + 1);
    expect(now.tape[0]?.text).toBe("Relief 6: 0.21 mm");
    expect(now.advice.caution).toBeUndefined();
    expect(JSON.stringify(had)).toBe(before);
  });

  it("is the whole page where the answer does not say otherwise", async () => {
    const whole = page();
    expect(await pageOf(new Response(JSON.stringify(whole)), undefined)).toEqual(whole);
  });

  it("is refused where it does not fit the page, rather than half done", () => {
    expect(() => changed(page(), [{ at: ["nowhere", "at", "all"], to: 1 }])).toThrow(/nowhere/);
    expect(() => changed(page(), { seq: 1 })).toThrow(/none/);
  });
});
