import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { later } from "../test/later";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { BenchPage } from "./BenchPage";

const bench = () => opened(<BenchPage />, "/", "/");
const where = () => screen.getByTestId("where").textContent;

describe("the bench", () => {
  it("lists the open jobs with what is next and how every station stands", async () => {
    theServer.on("GET /api/bench", { json: sample("bench") });
    bench();
    expect(screen.getByText("Fetching the jobs")).toBeTruthy();
    expect(await screen.findByText("Lower 6 barrel screws")).toBeTruthy();
    expect(
      screen.getAllByText("Relief: in band. Nut: in band. Action: 6 of 6 out.").length,
    ).toBeGreaterThan(0);
    expect(screen.getByText("Demo data: Saltholm")).toBeTruthy();
    expect(screen.getByRole("link", { name: /closed jobs? (is|are) in the records/ })).toBeTruthy();
    expect(screen.queryByText("Fetching the jobs")).toBeNull();
  });

  it("opens a job by its number and takes one in by key", async () => {
    theServer.on("GET /api/bench", { json: sample("bench") });
    const user = bench();
    await screen.findByText("Lower 6 barrel screws");
    await user.keyboard("1");
    expect(where()).toMatch(/^\/jobs\/\d+$/);
  });

  it("opens nothing before it knows in which order the jobs stand", async () => {
    const day = later<{ json: string }>();
    theServer.on("GET /api/bench", { json: sample("bench") });
    theServer.on("GET /api/day", () => day.promise);
    const user = bench();
    await waitFor(() =>
      expect(theServer.sent.map((s) => s.path)).toEqual(
        expect.arrayContaining(["/api/bench", "/api/day"]),
      ),
    );
    // the bench is there: what is pressed now would open what stands first by chance
    expect(await screen.findByText("Demo data: Saltholm")).toBeTruthy();
    await user.keyboard("1t");
    expect(where()).toBe("/");
    expect(screen.getByText("Fetching the jobs")).toBeTruthy();
    day.keep({ json: sample("day") });
    const first = (await screen.findAllByRole("listitem")).at(0);
    await user.keyboard("1");
    expect(where()).toBe(first?.querySelector("a")?.getAttribute("href"));
  });

  it("asks for every number in the unit that was chosen", async () => {
    theServer.on("GET /api/bench", { json: sample("bench") });
    const user = bench();
    await screen.findByText("Lower 6 barrel screws");
    await user.click(screen.getByRole("radio", { name: "thou" }));
    await waitFor(() => expect(theServer.sent.at(-1)?.query.get("unit")).toBe("thou"));
    await user.keyboard("u");
    await waitFor(() => expect(theServer.sent.at(-1)?.query.get("unit")).toBe("in64"));
    expect(localStorage.getItem("barytone.unit")).toBe("in64");
  });

  it("says what to do when there is no job yet", async () => {
    theServer.on("GET /api/bench", {
      json: JSON.stringify({
        now: "2031-02-03T10:20:00Z",
        demo: false,
        open: [],
        closed: 0,
      }),
    });
    const user = bench();
    expect(await screen.findByText(/^No open job\. Take in an instrument/)).toBeTruthy();
    expect(screen.queryByText("Demo data: Saltholm")).toBeNull();
    await user.keyboard("n");
    expect(where()).toBe("/new");
  });

  it("says that nothing answers, and does not claim that there is no job", async () => {
    theServer.on("GET /api/bench", () => Promise.reject(new TypeError("gone")));
    bench();
    expect(await screen.findByText(/Barytone does not answer/)).toBeTruthy();
    expect(screen.queryByText(/^No open job/)).toBeNull();
  });
});
