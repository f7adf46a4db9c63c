import { screen, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../app/api";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { WallPage } from "./WallPage";

type Day = Schemas["DayView"];
const day: Day = JSON.parse(sample("day"));

function copies<T>(one: T | undefined, count: number): T[] {
  if (one === undefined) throw new Error("nothing to copy");
  return Array.from({ length: count }, () => ({ ...one }));
}

async function list(name: string) {
  const region = within(await screen.findByRole("region", { name }));
  return {
    rows: region.queryAllByRole("listitem").length,
    more: region.queryByText(/^\d+ more$/)?.textContent,
  };
}

/** A wall with so many that wait and so many that are promised. */
async function wall(waiting: number, promised: number) {
  const held = copies(day.waiting[0], waiting).map((w, i) => ({
    ...w,
    what: { ...w.what, begun: i },
  }));
  const due = copies(day.promised[0], promised).map((p, i) => ({ ...p, job: i + 1 }));
  theServer.on("GET /api/bench", { json: sample("bench") });
  theServer.on("GET /api/day", {
    json: JSON.stringify({ ...day, waiting: held, promised: due }),
  });
  opened(<WallPage />, "/wall", "/wall");
  return { waiting: await list("Waiting"), promised: await list("Promised") };
}

describe("the day at the wall", () => {
  it("gives both of its lists half of the column where both are long", async () => {
    expect(await wall(6, 7)).toEqual({
      waiting: { rows: 4, more: "2 more" },
      promised: { rows: 4, more: "3 more" },
    });
  });

  it("leaves to the one what the other does not need", async () => {
    expect(await wall(7, 2)).toEqual({
      waiting: { rows: 6, more: "1 more" },
      promised: { rows: 2, more: undefined },
    });
  });

  it("does so the other way round too, and says what is not there", async () => {
    expect(await wall(0, 9)).toEqual({
      waiting: { rows: 0, more: undefined },
      promised: { rows: 8, more: "1 more" },
    });
    expect(screen.getByText("Nothing waits.")).toBeTruthy();
  });

  it("marks a promise at risk with more than its colour", async () => {
    theServer.on("GET /api/bench", { json: sample("bench") });
    theServer.on("GET /api/day", {
      json: JSON.stringify({
        ...day,
        promised: day.promised.map((p, i) => ({ ...p, atRisk: i === 0 })),
      }),
    });
    opened(<WallPage />, "/wall", "/wall");
    const rows = within(await screen.findByRole("region", { name: "Promised" })).getAllByRole(
      "listitem",
    );
    expect(rows[0]?.textContent).toContain("▲ this evening");
    expect(rows[1]?.textContent).toContain("✓ this evening");
  });
});
