import { act, screen, waitFor, within } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import * as ears from "../pitch/ear";
import { planned } from "../pitch/plan";
import { LastSeconds } from "../pitch/wav";
import { openJob, panel, press } from "../test/job";
import { later } from "../test/later";
import { opened } from "../test/opened";
import { sample, theServer, type Answer } from "../test/server";
import { JobPage } from "./JobPage";

const heard = (more: object) => ({
  json: JSON.stringify({
    state: "steady",
    headline: "6 E open is flat: tighten",
    detail: "−5.0 cents, 82.17 Hz",
    string: 6,
    how: "open",
    fret: 0,
    label: "6 E open",
    cents: -5,
    centsText: "−5.0",
    tolerance: 3,
    inTune: false,
    taken: false,
    fresh: true,
    wavers: false,
    trace: [],
    ...more,
  }),
});
const ear = () => {
  const last = new LastSeconds(1000, 2);
  last.add(new Float32Array(1500));
  return { heard: last, play: vi.fn(() => Promise.resolve()), close: vi.fn() };
};

describe("intonation", () => {
  it("shows every string with its error, what is good, and the curve of the chosen one", async () => {
    const user = await openJob(11, "redshank");
    expect(screen.getByTestId("headline").textContent).toBe("Move 4 saddles");
    const low = within(screen.getByRole("row", { name: /^6 E/ }));
    expect(low.getAllByText("+7.0")).toHaveLength(2);
    expect(low.getByText("sharp")).toBeTruthy();
    expect(screen.getByRole("img", { name: /Error at every fret of string 6 E/ })).toBeTruthy();
    await user.click(press(/^3 G/));
    expect(screen.getByRole("img", { name: /of string 3 G.*−3\.1 at 12/ })).toBeTruthy();
    expect(screen.getByText(/towards the nut$/, { selector: "p" })).toBeTruthy();
  });

  it("sends what a tuner showed for the note that is chosen, and asks about what is odd", async () => {
    const user = await openJob(11, "redshank");
    await user.click(screen.getByRole("radio", { name: "harmonic at 12" }));
    await user.type(screen.getByLabelText("Cents of 6 E harmonic at 12"), "-1.5{Enter}");
    await waitFor(() => expect(theServer.to("/intonation/pitches")).toHaveLength(1));
    expect(theServer.to("/intonation/pitches")[0]?.body).toMatchObject({
      string: 6,
      how: "harmonic",
      fret: 12,
      cents: "-1.5",
      sure: false,
    });
    theServer.on(
      "POST /api/jobs/11/intonation/pitches",
      theServer.problem(422, "Is it this note?", "sure"),
    );
    const five = screen.getByLabelText("Cents of 5 A at 12");
    await user.type(five, "80{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain("Is it this note?");
    await user.click(press("It is “80” as typed"));
    await waitFor(() => expect(theServer.to("/intonation/pitches")).toHaveLength(3));
    expect(theServer.to("/intonation/pitches")[2]?.body).toMatchObject({ cents: "80", sure: true });
  });

  it("answers what was asked of one note for no other", async () => {
    const user = await openJob(11, "redshank");
    theServer.on(
      "POST /api/jobs/11/intonation/pitches",
      theServer.problem(422, "Is it this note?", "sure"),
    );
    await user.click(screen.getByRole("radio", { name: "harmonic at 12" }));
    await user.type(screen.getByLabelText("Cents of 6 E harmonic at 12"), "80{Enter}");
    await screen.findByRole("button", { name: "It is “80” as typed" });
    // of the next string: what is typed in the row of this one is its usual note again
    await user.click(screen.getByRole("radio", { name: "harmonic at 12" }));
    expect(screen.getByLabelText<HTMLInputElement>("Cents of 6 E at 12").value).toBe("");
    expect(screen.getByRole("alert").textContent).toContain(
      "6 E harmonic at 12: “80” was not recorded",
    );
    expect(screen.queryByRole("button", { name: "It is “80” as typed" })).toBeNull();
    await user.click(press(/^6 E/));
    await user.click(screen.getByRole("radio", { name: "harmonic at 12" }));
    await user.click(press("It is “80” as typed"));
    await waitFor(() => expect(theServer.to("/intonation/pitches")).toHaveLength(2));
    expect(theServer.to("/intonation/pitches")[1]?.body).toMatchObject({
      how: "harmonic",
      cents: "80",
      sure: true,
    });
  });

  it("goes on with the next note of a string when the one before is refused meanwhile", async () => {
    const rows = sample("lapwing").replace(
      '"wanted":[{"string":6,"name":"E","how":"fretted"',
      '"wanted":[{"string":6,"name":"E","how":"open","fret":0,"label":"6 E open"},{"string":6,"name":"E","how":"fretted"',
    );
    expect(rows).not.toBe(sample("lapwing"));
    theServer.job(12, "lapwing");
    theServer.on("GET /api/jobs/12", { json: rows });
    const answer = later<Answer>();
    theServer.on("POST /api/jobs/12/intonation/pitches", (sent) =>
      JSON.stringify(sent.body).includes('"cents":"60"') ? answer.promise : { json: rows },
    );
    const user = opened(<JobPage />, "/jobs/:id", "/jobs/12");
    await user.type(await screen.findByLabelText("Cents of 6 E open"), "60{Enter}3");
    const fretted = screen.getByLabelText<HTMLInputElement>("Cents of 6 E at 12");
    await waitFor(() => expect(theServer.to("/intonation/pitches")).toHaveLength(1));
    answer.keep(theServer.problem(422, "Is it this note?", "sure"));
    expect((await screen.findByRole("alert")).textContent).toContain("6 E open: “60”");
    // what is being typed is what it was when it was begun
    expect(fretted.getAttribute("aria-label")).toBe("Cents of 6 E at 12");
    expect(fretted.value).toBe("3");
    await user.keyboard("{Enter}");
    await waitFor(() => expect(theServer.to("/intonation/pitches")).toHaveLength(2));
    expect(theServer.to("/intonation/pitches")[1]?.body).toMatchObject({
      how: "fretted",
      fret: 12,
      cents: "3",
    });
    expect(document.activeElement).toBe(screen.getByLabelText("Cents of 5 A at 12"));
  });

  it("records other turns than advised, as the screwdriver sees them", async () => {
    const user = await openJob(11, "redshank");
    await user.click(press(/^Other/));
    await user.type(screen.getByLabelText(/^Saddle 5, turns clockwise/), "-2 1/2");
    await user.click(press("Record it"));
    await waitFor(() => expect(theServer.to("/intonation/saddles")).toHaveLength(1));
    expect(theServer.to("/intonation/saddles")[0]?.body).toMatchObject({
      turns: ["", "-2 1/2", "", "", "", ""],
      back: [],
    });
  });

  it("is read at other frets, where the player plays, and each pair by its rule", async () => {
    const user = await openJob(12, "lapwing");
    await user.click(press("fret 12 against the open string"));
    const ways = await panel();
    await user.click(ways.getByLabelText("19"));
    await user.selectOptions(ways.getByLabelText(/^Where the player plays/), "high");
    await user.selectOptions(ways.getByLabelText(/^Barrel 6–5/), "favour-second");
    await user.click(ways.getByRole("button", { name: "Read it this way" }));
    await waitFor(() => expect(theServer.to("/intonation/ways")).toHaveLength(1));
    expect(theServer.to("/intonation/ways")[0]?.body).toMatchObject({
      frets: [12, 19],
      where: "high",
      pairs: ["favour-second", "split", "split"],
      tolerances: ["1.5", "1.5", "1.5", "1.5", "1.5", "3"],
    });
  });

  it("keeps what is known of strings and saddles", async () => {
    const user = await openJob(11, "redshank");
    await user.click(press(/^Strings and saddles/));
    const more = await panel();
    await user.selectOptions(more.getByLabelText(/^What is on/), "old");
    await waitFor(() => expect(theServer.to("/intonation/strings-on")).toHaveLength(1));
    await user.type(more.getByLabelText("Drop of string 5 A, cents"), "9{Enter}");
    await waitFor(() => expect(theServer.to("/intonation/stretches")).toHaveLength(1));
    expect(theServer.to("/intonation/stretches")[0]?.body).toMatchObject({ string: 5, drop: "9" });
    await user.type(more.getByLabelText("To the nut, mm"), "2");
    await user.type(more.getByLabelText("Back, mm"), "1.5");
    await user.click(more.getByRole("button", { name: "Record the travel" }));
    await waitFor(() => expect(theServer.to("/intonation/travel")).toHaveLength(1));
    await user.click(more.getByRole("button", { name: /^Here clockwise moves/ }));
    await waitFor(() => expect(theServer.to("/intonation/direction")).toHaveLength(1));
    expect(theServer.to("/intonation/direction")[0]?.body).toMatchObject({ clockwiseBack: false });
  });
});

describe("listening on a job", () => {
  beforeEach(() => {
    vi.spyOn(ears, "inputs").mockResolvedValue([{ id: "line", label: "Line in" }]);
  });
  afterEach(() => vi.restoreAllMocks());

  it("puts the ruler where the picture was, asks for the note that is wanted and takes the job that comes back", async () => {
    const microphone = ear();
    vi.spyOn(ears, "microphone").mockResolvedValue(microphone);
    const user = await openJob(12, "lapwing");
    theServer.on("POST /api/jobs/12/hear", heard({}));
    await user.keyboard("m");
    expect(await screen.findByText("6 E open is flat: tighten")).toBeTruthy();
    expect(screen.getByRole("img", { name: /Ruler of cents: 6 E open −5\.0 cents/ })).toBeTruthy();
    const asked = theServer.to("/hear")[0]?.query;
    expect(asked?.get("how")).toBe("open");
    expect(asked?.get("string")).toBe("6");
    expect(asked?.get("ear")).toBe("microphone");
    const after: object = JSON.parse(sample("redshank"));
    theServer.on(
      "POST /api/jobs/12/hear",
      heard({ taken: true, headline: "6 E open taken", job: { ...after, id: 12 } }),
    );
    await waitFor(() => expect(screen.getByTestId("headline").textContent).toBe("Move 4 saddles"));
    await user.keyboard("m");
    expect(microphone.close).toHaveBeenCalled();
    expect(screen.getByRole("img", { name: /Side view of the neck/ })).toBeTruthy();
  });

  it("says what is pressed of the job as it is once what was heard is kept", async () => {
    vi.spyOn(ears, "microphone").mockResolvedValue(ear());
    const user = await openJob(12, "lapwing");
    const hearing = later<{ json: string }>();
    theServer.on("POST /api/jobs/12/hear", () => hearing.promise);
    await user.keyboard("m");
    await waitFor(() => expect(theServer.to("/hear").length).toBeGreaterThan(0));
    await user.keyboard("m");
    await user.keyboard("n");
    await user.type(screen.getByRole("textbox", { name: "Note" }), "Rings on{Enter}");
    expect(theServer.to("/notes")).toHaveLength(0);
    const after: object = JSON.parse(sample("lapwing"));
    hearing.keep(heard({ taken: true, job: { ...after, seq: 777 } }));
    await waitFor(() => expect(theServer.to("/notes")).toHaveLength(1));
    expect(theServer.to("/notes")[0]?.body).toMatchObject({ after: 777 });
  });

  it("explains an input that goes away, and lets a wavering pitch be taken as it is", async () => {
    const microphone = ear();
    const lost: (() => void)[] = [];
    vi.spyOn(ears, "microphone").mockImplementation((_, onLost) => {
      lost.push(onLost);
      return Promise.resolve(microphone);
    });
    const user = await openJob(12, "lapwing");
    theServer.on(
      "POST /api/jobs/12/hear",
      heard({ state: "ringing", wavers: true, headline: "6 E open wavers" }),
    );
    await user.keyboard("m");
    await user.click(await screen.findByRole("button", { name: "Take it as it is" }));
    await waitFor(() =>
      expect(theServer.to("/hear").some((s) => s.query.get("asIs") === "true")).toBe(true),
    );
    act(() => lost[0]?.());
    expect((await screen.findByRole("alert")).textContent).toContain("The input went away");
  });
});

describe("tuning up from a job", () => {
  it("leads to the pitch view with the tuning of the job", async () => {
    await openJob(12, "lapwing");
    const address = screen.getByRole("link", { name: "Tune up" }).getAttribute("href") ?? "";
    const asked = planned(new URL(address, "http://bench/").searchParams);
    expect(asked).toMatchObject({ tuning: "E2 A2 D3 G3 B3 E4", reference: 440, upToPitch: true });
    expect(planned(new URLSearchParams("reference=415&upToPitch=false&offsets=1"))).toMatchObject({
      reference: 415,
      upToPitch: false,
      offsets: "1",
    });
  });
});

describe("pickups", () => {
  it("sends a gap of a side, other turns, signs and the lowering", async () => {
    const user = await openJob(11, "redshank");
    await user.click(press(/^Pickups/));
    const field = screen.getByLabelText("Neck pickup, Treble side, under 1 e, mm");
    await user.type(field, "5/64{Enter}");
    await waitFor(() => expect(theServer.to("/pickups/gaps")).toHaveLength(1));
    expect(theServer.to("/pickups/gaps")[0]?.body).toMatchObject({
      pickup: 0,
      side: "treble",
      text: "5/64",
    });
    const bridge = screen.getByRole("heading", { name: "Bridge pickup" }).parentElement;
    if (bridge === null) throw new Error("no bridge pickup");
    await user.click(within(bridge).getByRole("button", { name: "What it shows" }));
    await user.click(screen.getByLabelText("chokes the sustain"));
    await waitFor(() => expect(theServer.to("/pickups/signs")).toHaveLength(1));
    expect(theServer.to("/pickups/signs")[0]?.body).toMatchObject({ pickup: 1, signs: ["choked"] });
    await user.click(screen.getByLabelText("Lowered out of the way for the setup"));
    await waitFor(() => expect(theServer.to("/pickups/down")).toHaveLength(1));
    await user.click(press(/^Other/));
    await user.type(screen.getByLabelText(/^Treble side, turns clockwise/), "1/4");
    await user.click(press("Record it"));
    await waitFor(() => expect(theServer.to("/pickups/turns")).toHaveLength(1));
    expect(theServer.to("/pickups/turns")[0]?.body).toMatchObject({
      pickup: 0,
      bass: "",
      treble: "1/4",
    });
  });

  it("puts two fast series of gaps on their sides, from the neck, bass first, whatever is refused", async () => {
    const user = await openJob(11, "redshank");
    theServer.on("POST /api/jobs/11/pickups/gaps", (sent) =>
      JSON.stringify(sent.body).includes('"text":"2q"')
        ? theServer.problem(400, "“2q” is not a length.")
        : { json: sample("redshank") },
    );
    await user.click(press(/^Pickups/));
    await user.click(screen.getByLabelText("Neck pickup, Bass side, under 6 E, mm"));
    const gaps = theServer.to("/pickups/gaps");
    expect(gaps).toHaveLength(0);
    const sides = screen.getAllByRole("textbox", { name: /^(Neck|Middle|Bridge) pickup, / }).length;
    for (let i = 0; i < 2 * sides; i++)
      await user.keyboard(`${i === 1 ? "2q" : `2.${String(i)}`}{Enter}`);
    await waitFor(() => expect(theServer.to("/pickups/gaps")).toHaveLength(2 * sides));
    expect(theServer.to("/pickups/gaps").map((s) => s.body)).toMatchObject(
      Array.from({ length: 2 * sides }, (_, i) => ({
        pickup: Math.floor((i % sides) / 2),
        side: i % 2 === 0 ? "bass" : "treble",
      })),
    );
    expect(document.activeElement).toBe(screen.getByTestId("rest"));
    // what was refused waited in its row until it was typed anew in the second series
    expect(screen.queryByText(/“2q” is not a length/)).toBeNull();
  });

  it("has wanted gaps of its own", async () => {
    const user = await openJob(11, "redshank");
    await user.click(press(/^Pickups/));
    await user.keyboard("{Escape}");
    await user.click(press(/^pressed at fret 22/));
    const target = await panel();
    const field = target.getByLabelText("Usual magnets, bass to, mm");
    await user.clear(field);
    await user.type(field, "3.0");
    await user.click(target.getByRole("button", { name: "Use these gaps" }));
    await waitFor(() => expect(theServer.to("/pickups/target")).toHaveLength(1));
    expect(theServer.to("/pickups/target")[0]?.body).toMatchObject({
      usualBass: { low: "2.20", high: "3.0" },
    });
  });
});
