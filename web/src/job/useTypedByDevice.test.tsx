import { renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useTypedByDevice } from "./useTypedByDevice";

/** Signs typed so many ms apart, and a second of rest. */
const typed = (apart: number) => {
  const told = vi.fn();
  const { result } = renderHook(() => useTypedByDevice(told));
  for (const text of ["2", "2.", "2.1", "2.15"]) {
    result.current.typed(6, text);
    vi.advanceTimersByTime(apart);
  }
  vi.advanceTimersByTime(1000);
  return told;
};

describe("what a device typed and did not end", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    localStorage.setItem("barytone.device", JSON.stringify({ types: true }));
  });
  afterEach(() => vi.useRealTimers());

  it("is entered after a pause", () => {
    expect(typed(4).mock.calls).toEqual([[6, "2.15"]]);
  });

  it("is never what a hand typed, nor anything where no device is said to type", () => {
    expect(typed(60)).not.toHaveBeenCalled();
    localStorage.setItem("barytone.device", JSON.stringify({ types: false }));
    expect(typed(4)).not.toHaveBeenCalled();
  });
});
