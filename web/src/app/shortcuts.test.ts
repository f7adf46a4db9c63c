import { describe, expect, it } from "vitest";
import { STATIONS } from "../job/stations";
import { isTyping, keyName } from "./shortcuts";

function field(value: string, length: boolean): HTMLInputElement {
  const input = document.createElement("input");
  input.value = value;
  if (length) input.dataset["lengthField"] = "true";
  return input;
}

describe("the keys of the stations", () => {
  it("are never a sign with which a length can begin", () => {
    for (const { key } of STATIONS) expect(key).toMatch(/^shift\+[a-z]$/);
  });
});

describe("shortcuts while a field has the focus", () => {
  it("are free in an empty reading field, since no length begins with a letter", () => {
    expect(isTyping(field("", true))).toBe(false);
  });
  it("are not taken from a reading that is being typed", () => {
    expect(isTyping(field("12", true))).toBe(true);
  });
  it("are never taken from free text", () => {
    expect(isTyping(field("", false))).toBe(true);
    expect(isTyping(document.createElement("textarea"))).toBe(true);
  });
  it("work on buttons and on the page", () => {
    expect(isTyping(document.createElement("button"))).toBe(false);
    expect(isTyping(document.body)).toBe(false);
  });
  it("tell shifted letters apart, and leave signs as they are", () => {
    expect(keyName({ key: "Z", shiftKey: true })).toBe("shift+z");
    expect(keyName({ key: "Z", shiftKey: false })).toBe("z");
    expect(keyName({ key: "?", shiftKey: true })).toBe("?");
  });
});
