import { createElement } from "react";
import { createRoot } from "react-dom/client";
import { describe, expect, it, vi } from "vitest";
import { ROOMS } from "../stations/registry";
import { actOf, isTyping, useShortcuts } from "./shortcuts";

function Drawn({ says, onKey }: { says: string; onKey: (says: string) => void }) {
  useShortcuts({ d: () => onKey(says) });
  return says;
}

function field(value: string, length: boolean): HTMLInputElement {
  const input = document.createElement("input");
  input.value = value;
  if (length) input.dataset["lengthField"] = "true";
  return input;
}

describe("the keys of the stations", () => {
  it("are never a sign with which a length can begin", () => {
    for (const { key } of ROOMS) expect(key).toMatch(/^shift\+[a-z]$/);
  });
  it("lead each to a station of its own, and take none of the page's keys", () => {
    const keys = ROOMS.map((room) => room.key);
    expect(new Set(keys).size).toBe(ROOMS.length);
    for (const taken of ["shift+l", "shift+z"]) expect(keys).not.toContain(taken);
  });
});

describe("a key that is pressed as soon as something is drawn", () => {
  it("does what is drawn, not what was drawn before", async () => {
    // as in a browser: nothing is hurried on behind a drawing
    vi.stubGlobal("IS_REACT_ACT_ENVIRONMENT", false);
    const page = document.body.appendChild(document.createElement("div"));
    const heard: string[] = [];
    const seen = new MutationObserver(() =>
      window.dispatchEvent(new KeyboardEvent("keydown", { key: "d" })),
    );
    seen.observe(page, { childList: true, subtree: true, characterData: true });
    const root = createRoot(page);
    for (const says of ["Loosen the rod", "Tighten the rod"]) {
      root.render(createElement(Drawn, { says, onKey: (what) => heard.push(what) }));
      await vi.waitFor(() => expect(page.textContent).toBe(says));
    }
    expect(heard).toEqual(["Loosen the rod", "Tighten the rod"]);
    seen.disconnect();
    root.unmount();
    page.remove();
    vi.stubGlobal("IS_REACT_ACT_ENVIRONMENT", true);
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
  it("tell shifted letters apart, leave signs as they are, and leave the browser its own", () => {
    const keys = { z: () => "undo", "shift+z": () => "redo", "?": () => "help" };
    const done = (key: string, held: KeyboardEventInit = {}) =>
      actOf(new KeyboardEvent("keydown", { key, ...held }), keys)?.();
    expect(done("Z", { shiftKey: true })).toBe("redo");
    expect(done("z")).toBe("undo");
    expect(done("?", { shiftKey: true })).toBe("help");
    expect(done("?")).toBe("help");
    expect(done("z", { ctrlKey: true })).toBeUndefined();
    expect(done("z", { metaKey: true })).toBeUndefined();
    expect(done("z", { altKey: true })).toBeUndefined();
    expect(done("y")).toBeUndefined();
  });
});
