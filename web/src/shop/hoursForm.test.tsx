import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { theServer } from "../test/server";
import { HoursSection } from "./HoursForm";
import { ThisBench, TimesLearned } from "./TimesLearned";

const hours = (version: number, closed: string[]) => ({
  json: JSON.stringify({
    version,
    week: ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"].map(
      (day) => ({
        day,
        label: day.charAt(0).toUpperCase() + day.slice(1),
        hours: day.startsWith("s") ? "" : "9:00-17:00",
      }),
    ),
    capacity: "70",
    buffer: "1",
    urgent: "1",
    closed: closed.map((day) => ({ day, text: day })),
    zone: "UTC",
  }),
});

describe("the shop's hours", () => {
  it("are kept as they are typed", async () => {
    theServer.on("GET /api/shop/hours", hours(0, []));
    theServer.on("PUT /api/shop/hours", hours(1, []));
    const user = opened(<HoursSection />, "/", "/");
    await user.type(await screen.findByLabelText("Saturday"), "10-14");
    await user.click(screen.getByRole("button", { name: "Keep the hours" }));
    await waitFor(() =>
      expect(theServer.to("/hours").at(-1)?.body).toMatchObject({
        version: 0,
        week: { saturday: "10-14", monday: "9:00-17:00", sunday: "" },
      }),
    );
  });

  it("say what was wrong and keep what stands there", async () => {
    theServer.on("GET /api/shop/hours", hours(0, []));
    theServer.on(
      "PUT /api/shop/hours",
      theServer.problem(400, "hours of Saturday: given “early”; allowed is 9:00-12:30 or closed."),
    );
    const user = opened(<HoursSection />, "/", "/");
    await user.type(await screen.findByLabelText("Saturday"), "early");
    await user.click(screen.getByRole("button", { name: "Keep the hours" }));
    expect((await screen.findByRole("alert")).textContent).toContain("hours of Saturday");
    expect(screen.getByLabelText("Saturday")).toHaveProperty("value", "early");
  });

  it("open a closed day again", async () => {
    theServer.on("GET /api/shop/hours", hours(3, ["2031-03-10", "2031-03-11"]));
    theServer.on("PUT /api/shop/hours", hours(4, ["2031-03-11"]));
    const user = opened(<HoursSection />, "/", "/");
    await user.click(await screen.findByRole("button", { name: "Open on 2031-03-10" }));
    await waitFor(() =>
      expect(theServer.to("/hours").at(-1)?.body).toMatchObject({ closed: ["2031-03-11"] }),
    );
  });

  it("take closed days from a calendar file, and say what was left out", async () => {
    theServer.on("GET /api/shop/hours", hours(0, []));
    theServer.on("POST /api/shop/hours/closed-days", {
      json: `{"hours":${hours(1, ["2031-03-10"]).json},"added":1,"refused":["“Rehearsal”: it is shorter than a day"]}`,
    });
    const user = opened(<HoursSection />, "/", "/");
    await user.upload(
      await screen.findByLabelText("From a calendar file (.ics)"),
      new File(["BEGIN:VCALENDAR"], "closed.ics", { type: "text/calendar" }),
    );
    expect(await screen.findByRole("button", { name: "Open on 2031-03-10" })).toBeTruthy();
    expect(screen.getByText("One more closed day.")).toBeTruthy();
    expect(screen.getByText(/^Not taken: “Rehearsal”/)).toBeTruthy();
  });
});

describe("times from the tapes", () => {
  it("tell how long work takes, for whom, and how promises were kept", async () => {
    const row = { what: "Relief: a reading", usually: "0.6 min", spread: "0.3 to 1.2 min" };
    theServer.on("GET /api/shop/times", {
      json: JSON.stringify({
        shop: [{ ...row, observed: 40 }],
        special: [],
        hands: [{ hands: "Edda", times: [{ ...row, observed: 12 }] }],
        promises: "Of the last 12 promises 11 were kept.",
      }),
    });
    opened(<TimesLearned />, "/", "/");
    expect(await screen.findByText("Of the last 12 promises 11 were kept.")).toBeTruthy();
    expect(within(screen.getByRole("table", { name: "Everybody" })).getByText("40")).toBeTruthy();
    expect(within(screen.getByRole("table", { name: "Edda" })).getByText("12")).toBeTruthy();
  });

  it("know whose hands work at this window, and say so with what is sent", async () => {
    localStorage.clear();
    const user = opened(<ThisBench />, "/", "/");
    await user.type(screen.getByLabelText(/^Whose hands/), "Edda");
    expect(localStorage.getItem("barytone.hands")).toBe("Edda");
    await user.click(screen.getByLabelText(/^A soft sound/));
    expect(localStorage.getItem("barytone.notices.sound")).toBe("yes");
    localStorage.clear();
  });
});
