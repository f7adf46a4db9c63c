import { act, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { opened } from "../test/opened";
import { later } from "../test/later";
import { sample, theServer } from "../test/server";
import * as ears from "./ear";
import { PitchPage } from "./PitchPage";
import { LastSeconds } from "./wav";

/** An ear that hears what the test lets it hear. */
function ear() {
  const heard = new LastSeconds(1000, 2);
  heard.add(new Float32Array(1500));
  return { heard, play: vi.fn(() => Promise.resolve()), close: vi.fn() };
}

const told = (more: object) => ({
  json: JSON.stringify({
    state: "steady",
    headline: "6 E is flat: tighten",
    detail: "−5.0 cents, 82.17 Hz; wanted 82.41 Hz",
    string: 6,
    cents: -5,
    centsText: "−5.0",
    inTune: false,
    take: false,
    fresh: true,
    trace: [
      { ago: 1, cents: -6 },
      { ago: 0.5, cents: -5 },
    ],
    ...more,
  }),
});
const inTune = {
  headline: "6 E is in tune",
  cents: -1,
  centsText: "−1.0",
  inTune: true,
  take: true,
};

const headline = () => screen.getByTestId("headline").textContent;
const press = (name: RegExp | string) => screen.getByRole("button", { name });
const listens = () => theServer.to("/api/listen");

async function pitch() {
  theServer.on("GET /api/tuning", { json: sample("tuning") });
  theServer.on("GET /api/kinds", { json: sample("kinds") });
  theServer.on("POST /api/listen", told({}));
  const user = opened(<PitchPage />, "/pitch", "/pitch");
  await screen.findByRole("row", { name: /^6 E/ });
  return user;
}

beforeEach(() => {
  vi.spyOn(ears, "inputs").mockResolvedValue([{ id: "line", label: "Line in" }]);
});
afterEach(() => vi.restoreAllMocks());

describe("listening to a microphone", () => {
  it("tells the string, the cents and whether it is steady, and puts the stand-in away", async () => {
    vi.spyOn(ears, "microphone").mockResolvedValue(ear());
    const user = await pitch();
    expect(headline()).toBe("Choose what to listen to");
    await user.keyboard("m");
    await waitFor(() => expect(headline()).toBe("6 E is flat: tighten"));
    expect(screen.getByText("cents, string 6 E, steady", { exact: false })).toBeTruthy();
    expect(
      screen.getByRole("img", { name: "Ruler of cents: string 6 −5.0 cents, steady" }),
    ).toBeTruthy();
    expect(screen.queryByText("Stand-in, cents off")).toBeNull();
  });

  it("moves on by itself when a string is taken, and waits for the next pluck", async () => {
    vi.spyOn(ears, "microphone").mockResolvedValue(ear());
    const user = await pitch();
    theServer.on("POST /api/listen", told(inTune));
    await user.keyboard("6m");
    expect(await screen.findByText("✓ −1.0")).toBeTruthy();
    await waitFor(() => expect(listens().length).toBeGreaterThan(0));
    expect(listens()[0]?.query.get("string")).toBe("6");
    expect(listens()[0]?.query.get("fresh")).toBe("false");
    expect(press("5 A: only this string").getAttribute("aria-pressed")).toBe("true");
    // the ear starts afresh: what rings on is not heard a second time
    expect(listens()).toHaveLength(1);
  });

  it("asks again with what was taken, and takes nothing before another pluck", async () => {
    const one = ear();
    vi.spyOn(ears, "microphone").mockResolvedValue(one);
    const user = await pitch();
    theServer.on("POST /api/listen", told(inTune));
    await user.keyboard("m");
    expect(await screen.findByText("✓ −1.0")).toBeTruthy();
    theServer.on("POST /api/listen", told({ fresh: false }));
    one.heard.add(new Float32Array(1500));
    await waitFor(() => expect(listens().length).toBeGreaterThan(1));
    expect(listens()[1]?.query.get("fresh")).toBe("true");
    expect(listens()[1]?.query.getAll("taken")).toEqual(["6"]);
  });

  it("stops at once: an answer that comes late is not shown", async () => {
    const one = ear();
    vi.spyOn(ears, "microphone").mockResolvedValue(one);
    const user = await pitch();
    const answer = later<{ json: string }>();
    theServer.on("POST /api/listen", () => answer.promise);
    await user.keyboard("m");
    await waitFor(() => expect(listens()).toHaveLength(1));
    await user.click(press("Stop listening"));
    expect(one.close).toHaveBeenCalledOnce();
    await act(async () => {
      answer.keep(told({}));
      await Promise.resolve();
    });
    expect(headline()).toBe("Choose what to listen to");
  });

  it("opens one ear when the key is pressed twice, and closes it with the page", async () => {
    const first = ear();
    const second = ear();
    const open = later<ReturnType<typeof ear>>();
    vi.spyOn(ears, "microphone")
      .mockImplementationOnce(() => open.promise)
      .mockResolvedValueOnce(second);
    const user = await pitch();
    await user.keyboard("mm");
    await act(async () => {
      open.keep(first);
      await Promise.resolve();
    });
    expect(first.close).toHaveBeenCalledOnce();
    await user.keyboard("b");
    expect(second.close).toHaveBeenCalled();
    expect(screen.getByTestId("where").textContent).toBe("/");
  });

  it("explains a refused permission and an input that goes away, and keeps what was taken", async () => {
    const refused = new Error("no");
    refused.name = "NotAllowedError";
    const microphone = vi
      .spyOn(ears, "microphone")
      .mockRejectedValueOnce(refused)
      .mockResolvedValueOnce(ear());
    const user = await pitch();
    await user.keyboard("m");
    expect(await screen.findByText(/was not allowed to listen/)).toBeTruthy();
    theServer.on("POST /api/listen", told(inTune));
    await user.keyboard("m");
    expect(await screen.findByText("✓ −1.0")).toBeTruthy();
    expect(screen.queryByText(/was not allowed to listen/)).toBeNull();
    act(() => microphone.mock.lastCall?.[1]());
    expect(screen.getByText(/The input went away/)).toBeTruthy();
    expect(screen.getByText("✓ −1.0")).toBeTruthy();
  });

  it("lets another input be chosen", async () => {
    const microphone = vi
      .spyOn(ears, "microphone")
      .mockImplementation(() => Promise.resolve(ear()));
    const user = await pitch();
    await user.keyboard("m");
    await user.selectOptions(await screen.findByLabelText("Input"), "line");
    expect(microphone).toHaveBeenLastCalledWith("line", expect.any(Function));
  });

  it("says once what is wrong with the sound, and no longer when it is right again", async () => {
    vi.spyOn(ears, "microphone").mockResolvedValue(ear());
    const user = await pitch();
    theServer.on("POST /api/listen", theServer.problem(400, "The input is overdriven."));
    await user.keyboard("m");
    expect(await screen.findByText("The input is overdriven.")).toBeTruthy();
    theServer.on("POST /api/listen", told({}));
    await waitFor(() => expect(screen.queryByText("The input is overdriven.")).toBeNull());
    expect(headline()).toBe("6 E is flat: tighten");
  });
});

describe("the stand-in", () => {
  it("plays a string as far out of tune as it was turned", async () => {
    const one = ear();
    vi.spyOn(ears, "standIn").mockResolvedValue(one);
    const user = await pitch();
    theServer.on("GET /api/stand-in", { json: "" });
    await user.click(press("Tighten the stand-in's string 6 by 2 cents"));
    await user.click(press("Pluck the stand-in's string 6"));
    await waitFor(() => expect(one.play).toHaveBeenCalledOnce());
    const asked = theServer.sent.find((s) => s.path === "/api/stand-in");
    expect(Number(asked?.query.get("frequency"))).toBeCloseTo(82.407, 2);
    expect(asked?.query.get("cents")).toBe("-3");
  });

  it("plucks the next string that was not taken by key, and none while a microphone is heard", async () => {
    const one = ear();
    vi.spyOn(ears, "standIn").mockResolvedValue(one);
    vi.spyOn(ears, "microphone").mockResolvedValue(ear());
    const user = await pitch();
    theServer.on("GET /api/stand-in", { json: "" });
    await user.keyboard("p");
    await waitFor(() => expect(one.play).toHaveBeenCalledOnce());
    await user.keyboard("m");
    await screen.findByText("Stop listening");
    await user.keyboard("p");
    expect(one.play).toHaveBeenCalledOnce();
  });
});

describe("what is tuned to", () => {
  it("is one of the usual tunings of the kinds, or typed, and a wrong one leaves the strings standing", async () => {
    const user = await pitch();
    await user.selectOptions(screen.getByLabelText("Usual tunings"), "mandolin");
    await waitFor(() =>
      expect(theServer.sent.at(-1)?.query.get("tuning")).toBe("G3 G3 D4 D4 A4 A4 E5 E5"),
    );
    theServer.on("GET /api/tuning", theServer.problem(400, "“H2” is not a note."));
    await user.type(screen.getByLabelText("Tuning, lowest string first"), " H2");
    expect(await screen.findByText("“H2” is not a note.")).toBeTruthy();
    expect(screen.getByRole("row", { name: /^6 E/ })).toBeTruthy();
  });

  it("takes a number with a comma, and does not send what is none", async () => {
    const user = await pitch();
    const reference = screen.getByLabelText(/^A4, Hz/);
    await user.clear(reference);
    await user.type(reference, "432,5");
    await waitFor(() => expect(theServer.sent.at(-1)?.query.get("reference")).toBe("432.5"));
    await user.type(reference, "x");
    expect(reference.getAttribute("aria-invalid")).toBe("true");
    expect(theServer.sent.at(-1)?.query.get("reference")).toBe("432.5");
  });

  it("forgets what was taken when the tuning changes", async () => {
    vi.spyOn(ears, "microphone").mockResolvedValue(ear());
    const user = await pitch();
    theServer.on("POST /api/listen", told(inTune));
    await user.keyboard("m");
    expect(await screen.findByText("✓ −1.0")).toBeTruthy();
    await user.selectOptions(screen.getByLabelText("Usual tunings"), "bass-4");
    await waitFor(() => expect(screen.queryByText("✓ −1.0")).toBeNull());
  });
});
