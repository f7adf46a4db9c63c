import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { theServer } from "../test/server";
import { ScratchPage } from "./ScratchPage";

/** The server reads lengths in the unit of the page and shows them as plain text. */
function lengths() {
  theServer.on("POST /api/lengths/read", (sent) => ({
    json: JSON.stringify(texts(sent.body).map((t) => ({ mm: Number.parseFloat(t) }))),
  }));
  theServer.on("POST /api/lengths/show", (sent) => ({
    json: JSON.stringify({
      lengths: numbers(sent.body, "lengths").map((n) => n.toFixed(2)),
      turns: numbers(sent.body, "turns").map((n) => `${n.toFixed(2)} turns`),
    }),
  }));
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null;
const texts = (body: unknown): string[] => {
  const all = isRecord(body) ? Object.values(body).find((v) => Array.isArray(v)) : undefined;
  return Array.isArray(all) ? all.map(String) : [];
};
const numbers = (body: unknown, key: string): number[] => {
  const all = isRecord(body) ? body[key] : undefined;
  return Array.isArray(all) ? all.map(Number) : [];
};

const open = (sum: string) => opened(<ScratchPage />, "/scratch/:sum", `/scratch/${sum}`);

const PULL = {
  strings: [
    { string: 1, note: "E4", gauge: "10", frequency: 329.6, newtons: 72.1 },
    { string: 2, note: "B3", gauge: "13", frequency: 246.9, newtons: 68.4 },
  ],
  total: 140.5,
};

describe("sums without a job", () => {
  it("are named in a list that leads from one to the next by key", async () => {
    lengths();
    theServer.on("POST /api/scratch/*", theServer.problem(400, "not asked for here"));
    const user = open("length");
    expect(screen.getByRole("link", { name: "String sets" })).toBeTruthy();
    theServer.on("GET /api/string-sets", { json: "[]" });
    theServer.on("POST /api/string-sets/pull", { json: JSON.stringify(PULL) });
    await user.keyboard("{Escape}k");
    await waitFor(() =>
      expect(screen.getByTestId("where").textContent).toBe("/scratch/string-sets"),
    );
    await user.keyboard("{Escape}b");
    expect(screen.getByTestId("where").textContent).toBe("/");
  });

  it("that do not exist say so", () => {
    open("nothing");
    expect(screen.getByText(/There is no such page/)).toBeTruthy();
  });

  it("show what is wrong with a field and keep what was typed", async () => {
    lengths();
    theServer.on(
      "POST /api/scratch/*",
      theServer.problem(400, "gaugeFret: given 30; allowed is 2 to 23."),
    );
    open("relief");
    expect(await screen.findByText(/allowed is 2 to 23/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>(/^Reading/).value).not.toBe("");
  });
});

function sets(change?: object) {
  theServer.on("GET /api/string-sets", {
    json: JSON.stringify([{ id: 3, name: "Deck lights", gauges: "9 11 16 24w 32w 42w" }]),
  });
  theServer.on("POST /api/string-sets/pull", { json: JSON.stringify({ ...PULL, ...change }) });
  lengths();
  return open("string-sets");
}

describe("string sets", () => {
  it("tell the pull of every string and of all together", async () => {
    sets();
    const row = await screen.findByRole("row", { name: /^1 E4/ });
    expect(row.textContent).toContain("329.6");
    expect(row.textContent).toContain("72.1");
    expect(screen.getByRole("row", { name: /^All together/ }).textContent).toMatch(/14[01]$/);
  });

  it("say which way the relief goes, with its uncertainty", async () => {
    sets({ reliefChange: -0.08, reliefSd: 0.03 });
    expect(await screen.findByText(/less relief/)).toBeTruthy();
  });

  it("keep what was typed for the next visit", async () => {
    const user = sets();
    await screen.findByRole("row", { name: /^1 E4/ });
    const tuning = screen.getByLabelText("Tuning, lowest string first");
    await user.clear(tuning);
    await user.type(tuning, "D A D G B E");
    expect(localStorage.getItem("barytone.scratch.string-sets")).toContain("D A D G B E");
    await waitFor(() =>
      expect(JSON.stringify(theServer.to("/pull").at(-1)?.body)).toContain("D A D G B E"),
    );
  });

  it("leave the last good table standing, faintly, under what is wrong", async () => {
    const user = sets();
    await screen.findByRole("row", { name: /^1 E4/ });
    theServer.on("POST /api/string-sets/pull", theServer.problem(400, "gauges: “x” is no gauge."));
    await user.type(screen.getAllByLabelText("Its gauges")[0] ?? document.body, " x");
    expect(await screen.findByText("gauges: “x” is no gauge.")).toBeTruthy();
    expect(screen.getByRole("row", { name: /^1 E4/ })).toBeTruthy();
  });

  it("of the shop are chosen by name", async () => {
    const user = sets();
    await screen.findByRole("row", { name: /^1 E4/ });
    await user.selectOptions(
      screen.getByLabelText("Set that goes on"),
      screen.getAllByRole("option", { name: "Deck lights" })[0] ?? "",
    );
    await waitFor(() =>
      expect(theServer.to("/pull").at(-1)?.body).toMatchObject({ gauges: "9 11 16 24w 32w 42w" }),
    );
  });
});
