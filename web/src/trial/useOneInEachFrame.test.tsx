import { renderHook } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { useOneInEachFrame } from "./useOneInEachFrame";

let due: FrameRequestCallback[] = [];
const frame = () => {
  const now = due;
  due = [];
  now.forEach((call) => call(0));
};

const drawing = () => {
  const drawn: string[] = [];
  const show = (one: string) => void drawn.push(one);
  return { drawn, ...renderHook(() => useOneInEachFrame(show)) };
};

describe("drawing one answer in each frame", () => {
  beforeEach(() => {
    due = [];
    vi.stubGlobal("requestAnimationFrame", (call: FrameRequestCallback) => due.push(call));
    vi.stubGlobal("cancelAnimationFrame", () => (due = []));
    return () => vi.unstubAllGlobals();
  });
  it("draws two that came within one frame with that frame and the next", () => {
    const { drawn, result } = drawing();
    result.current("first");
    result.current("second");
    frame();
    expect(drawn).toEqual(["first"]);
    frame();
    expect(drawn).toEqual(["first", "second"]);
    expect(due).toHaveLength(0);
  });

  it("never falls farther behind than two frames: the oldest goes, the last is always drawn", () => {
    const { drawn, result } = drawing();
    ["first", "second", "third", "fourth"].forEach(result.current);
    [1, 2, 3].forEach(frame);
    expect(drawn).toEqual(["third", "fourth"]);
  });

  it("draws nothing once the page is left", () => {
    const { drawn, result, unmount } = drawing();
    result.current("first");
    unmount();
    frame();
    expect(drawn).toEqual([]);
  });
});
