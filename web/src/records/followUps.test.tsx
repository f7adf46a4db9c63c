import { screen } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { opened } from "../test/opened";
import { theServer } from "../test/server";
import { FollowUps } from "./FollowUps";

const one = (name: string, due: boolean) => ({
  instrument: 5,
  job: name.length,
  name,
  player: "Island school",
  on: "2031-04-01",
  day: "Tuesday 1 April 2031",
  why: "card under the nut",
  due,
  set: true,
  news: due,
  text: `Hello Island school, ${name}`,
});

function shown(dueOnly: boolean, all: object[]) {
  theServer.on("GET /api/follow-ups", { json: JSON.stringify(all) });
  return opened(<FollowUps dueOnly={dueOnly} />, "/", "/");
}

describe("what is to be looked at again", () => {
  it("tells all with their day and why, those whose day has come marked in words", async () => {
    const user = shown(false, [one("Dunlin", true), one("Sanderling", false)]);
    expect(await screen.findByText("▲ due since Tuesday 1 April 2031")).toBeTruthy();
    expect(screen.getByText("Tuesday 1 April 2031")).toBeTruthy();
    await user.click(screen.getByRole("link", { name: /Sanderling/ }));
    expect(screen.getByTestId("where").textContent).toBe("/instruments/5");
  });

  it("tells on the bench only those whose day has come", async () => {
    shown(true, [one("Dunlin", true), one("Sanderling", false)]);
    expect(await screen.findByText("Dunlin")).toBeTruthy();
    expect(screen.queryByText("Sanderling")).toBeNull();
  });

  it("keeps what follows from the work off the bench, and has a text ready for each", async () => {
    const user = shown(false, [{ ...one("Eider", true), set: false, why: "the season turns" }]);
    expect(await screen.findByText("By what was done: the season turns")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Copy the text for Eider" }));
    expect(await navigator.clipboard.readText()).toBe("Hello Island school, Eider");
    expect(screen.getByText("Copied")).toBeTruthy();
  });

  it("says that nothing was copied where the browser does not allow it", async () => {
    const user = shown(false, [one("Eider", true)]);
    await screen.findByText("Eider");
    vi.spyOn(navigator.clipboard, "writeText").mockRejectedValue(new Error("not allowed"));
    await user.click(screen.getByRole("button", { name: "Copy the text for Eider" }));
    expect(await screen.findByText(/^▲ Not copied/)).toBeTruthy();
    expect(screen.queryByText("Copied")).toBeNull();
  });

  it("tells on the bench only what is news", async () => {
    shown(true, [one("Dunlin", true), { ...one("Eider", true), set: false, news: false }]);
    expect(await screen.findByText("Dunlin")).toBeTruthy();
    expect(screen.queryByText("Eider")).toBeNull();
  });

  it("is silent when there is none", async () => {
    shown(false, []);
    await expect(
      screen.findByText("To be looked at again", {}, { timeout: 200 }),
    ).rejects.toThrow();
  });
});
