import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { BenchPage } from "../bench/BenchPage";
import { openJob } from "../test/job";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { WallPage } from "./WallPage";

const where = () => screen.getByTestId("where").textContent;

function aDay() {
  theServer.on("GET /api/bench", { json: sample("bench") });
  theServer.on("GET /api/day", { json: sample("day") });
}

describe("the day on the bench", () => {
  it("tells what can be done now, what waits and what is promised", async () => {
    aDay();
    const user = opened(<BenchPage />, "/", "/");
    const now = within(await screen.findByRole("region", { name: "Now" }));
    const waiting = within(await screen.findByRole("region", { name: "Waiting" }));
    expect(waiting.getByText(/after the rehearsal/)).toBeTruthy();
    expect(waiting.getByText("until about Friday 7 February")).toBeTruthy();
    await waitFor(() => expect(now.queryByText(/Gadwall/)).toBeNull());
    const promised = within(screen.getByRole("region", { name: "Promised" }));
    expect(promised.getAllByText(/this evening/).length).toBeGreaterThan(0);
    // the line says the same to who does not see it
    expect(screen.getByRole("img", { name: /The day from .* Gadwall: fill curing/ })).toBeTruthy();
    await user.keyboard("t");
    expect(where()).toMatch(/^\/jobs\/\d+$/);
  });

  it("shows every job while the day is not known", async () => {
    theServer.on("GET /api/bench", { json: sample("bench") });
    theServer.on("GET /api/day", theServer.problem(500, "The day cannot be told."));
    opened(<BenchPage />, "/", "/");
    expect(await screen.findByText(/Gadwall/)).toBeTruthy();
    expect((await screen.findByRole("alert")).textContent).toContain("The day cannot be told.");
  });

  it("hangs on the wall, large, and says when nobody answers", async () => {
    aDay();
    opened(<WallPage />, "/wall", "/wall");
    const waiting = within(await screen.findByRole("region", { name: "Waiting" }));
    expect(waiting.getByText("Gadwall")).toBeTruthy();
    expect(
      within(screen.getByRole("region", { name: "Now" })).getByText(/^\d+ more$/),
    ).toBeTruthy();
  });

  it("announces once what has come to its end, and leads to it", async () => {
    aDay();
    localStorage.clear();
    theServer.on("GET /api/notices", {
      json: JSON.stringify([
        {
          key: "8-13-SETTLING",
          job: 8,
          text: "neck settled",
          instrument: "Five-string bass “Bittern”",
          since: "2031-02-03T10:20:00Z",
        },
      ]),
    });
    const user = opened(<BenchPage />, "/", "/");
    const notice = within(await screen.findByTestId("notice"));
    await user.click(notice.getByRole("button", { name: "Seen" }));
    expect(screen.queryByTestId("notice")).toBeNull();
    expect(localStorage.getItem("barytone.notices.seen")).toContain("8-13-SETTLING");
    localStorage.clear();
  });
});

async function panel(stands: object = {}) {
  const user = await openJob(10, "eider");
  theServer.on("GET /api/jobs/10/promise", {
    json: JSON.stringify({
      day: "2031-02-06",
      part: "evening",
      said: "Thursday evening; Wednesday evening if the nut needs nothing.",
      work: "About 1 h 20 min of work left",
      atRisk: false,
      others: "",
      ...stands,
    }),
  });
  theServer.on("GET /api/wait-reasons", { json: sample("wait-reasons") });
  await user.keyboard("{Escape}{Shift>}d{/Shift}");
  return { user, dialog: within(await screen.findByRole("dialog")) };
}

describe("promise and waits of a job", () => {
  it("promises what is offered", async () => {
    const { user, dialog } = await panel();
    expect(await dialog.findByText(/^Thursday evening; Wednesday/)).toBeTruthy();
    await user.click(dialog.getByRole("button", { name: "Promise that" }));
    await waitFor(() =>
      expect(theServer.to("/promise").find((s) => s.method === "POST")?.body).toMatchObject({
        day: "2031-02-06",
        part: "evening",
      }),
    );
  });

  it("offers no other day while what is promised will be kept", async () => {
    const { dialog } = await panel({ stands: "will be kept", atRisk: false });
    expect(await dialog.findByText("will be kept")).toBeTruthy();
    expect(dialog.queryByRole("button", { name: "Promise that" })).toBeNull();
    expect(dialog.getByText("About 1 h 20 min of work left")).toBeTruthy();
  });

  it("offers a day that can be kept where what is promised is at risk", async () => {
    const { dialog } = await panel({ stands: "kept 4 times in ten", atRisk: true });
    expect(await dialog.findByText("kept 4 times in ten")).toBeTruthy();
    expect(dialog.getByRole("button", { name: "Promise that" })).toBeTruthy();
  });

  it("asks about a closed day, and sends it again when it is meant", async () => {
    const { user, dialog } = await panel();
    theServer.on("POST /api/jobs/10/promise", (sent) =>
      JSON.stringify(sent.body).includes('"sure":true')
        ? { json: sample("eider") }
        : theServer.problem(422, "Sunday is a closed day. Promise it all the same?", "sure"),
    );
    await user.type(dialog.getByLabelText("Another day"), "2031-02-09");
    await user.click(dialog.getByRole("button", { name: "Promise it" }));
    await user.click(await dialog.findByRole("button", { name: "Do it all the same" }));
    await waitFor(() =>
      expect(theServer.to("/promise").filter((s) => s.method === "POST")).toHaveLength(2),
    );
  });

  it("lets it wait, and keeps what was typed when that is refused", async () => {
    const { user, dialog } = await panel();
    theServer.on(
      "POST /api/jobs/10/waits",
      theServer.problem(400, "until: given “soon”; allowed is a time to come."),
    );
    await user.click(await dialog.findByRole("button", { name: "A part is ordered" }));
    await user.type(dialog.getByLabelText(/^Until/), "soon");
    await user.type(dialog.getByLabelText(/^What for/), "bushings");
    await user.click(dialog.getByRole("button", { name: "Let it wait" }));
    expect((await dialog.findByRole("alert")).textContent).toContain("“soon”");
    expect(theServer.to("/waits")[0]?.body).toMatchObject({
      reason: "part",
      until: "soon",
      note: "bushings",
      sure: false,
    });
    expect(dialog.getByLabelText(/^What for/)).toHaveProperty("value", "bushings");
  });
});
