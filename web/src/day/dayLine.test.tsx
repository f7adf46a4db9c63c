import { render, screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../app/api";
import { sample } from "../test/server";
import { DayLine } from "./DayLine";

type Day = Schemas["DayView"];
const day: Day = JSON.parse(sample("day"));
const name = (job: number) => `No ${String(job)}`;

const on = (time: string) => `2031-02-03T${time}:00Z`;
const mark = (text: RegExp) => screen.getByText(text).parentElement?.style;

/** The line of a day that begins at 10:20, with what is over and what is due at some times. */
function line(waits: string[], dues: string[]) {
  const [wait] = day.waiting;
  const [promise] = day.promised;
  if (wait === undefined || promise === undefined) throw new Error("a day without a wait");
  const { container } = render(
    <DayLine
      day={{
        ...day,
        waiting: waits.map((time, i) => ({
          ...wait,
          job: i + 1,
          what: { ...wait.what, begun: i, until: on(time) },
        })),
        promised: dues.map((time, i) => ({ ...promise, job: i + 1, due: on(time) })),
      }}
      nameOf={name}
    />,
  );
  return { container, said: screen.getByRole("img").getAttribute("aria-label") ?? "" };
}

describe("the line of the day", () => {
  it("sets what is over at nearly the same time in rows", () => {
    line(["10:22", "10:27", "15:00"], []);
    expect(mark(/^10:22 No 1/)?.top).not.toBe(mark(/^10:27 No 2/)?.top);
    // what is over hours later has room in the first row again
    expect(mark(/^15:00 No 3/)?.top).toBe(mark(/^10:22 No 1/)?.top);
  });

  it("names those that are promised for the same time together", () => {
    const { said } = line([], ["17:30", "17:30", "12:30"]);
    expect(said).toContain("17:30 promised: No 1, No 2");
    expect(said).toContain("12:30 promised: No 3");
  });

  it("writes before its mark what would run out of the picture", () => {
    line(["10:30", "17:00"], []);
    expect(mark(/^10:30/)?.left).not.toBe("");
    expect(mark(/^17:00/)?.left).toBe("");
    expect(mark(/^17:00/)?.right).not.toBe("");
  });

  it("leaves out what is over already and what is tomorrow's", () => {
    const { said } = line(["09:00"], ["08:00"]);
    expect(said).toBe("The day from 10:00 to 17:30. ");
  });

  it("marks the hours of the day in the shop's own time", () => {
    const { container } = line([], []);
    const hours = [...container.querySelectorAll("span")].map((one) => one.textContent);
    expect(hours).toEqual(["10", "11", "12", "13", "14", "15", "16", "17"]);
  });
});
