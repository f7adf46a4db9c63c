import { screen, waitFor, within } from "@testing-library/react";
import { expect, test } from "vitest";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { JobPage } from "./JobPage";

const WHY = "Barytone met an error of its own: something in this job cannot be shown.";

function stored(why: string | undefined, undone: boolean): string {
  const job: Record<string, unknown> = JSON.parse(sample("turnstone"));
  return JSON.stringify({
    id: 2,
    seq: undone ? 8 : 7,
    why,
    instrument: job["instrument"],
    tape: [
      {
        seq: 7,
        at: "2031-02-03T09:00:00Z",
        text: "An entry that cannot be read: glued",
        dropped: false,
        undone,
      },
      {
        seq: 6,
        at: "2031-02-03T08:59:00Z",
        text: "Reading of string 6: 0.3",
        dropped: false,
        undone: false,
      },
    ],
  });
}

function broken() {
  theServer.on("GET /api/jobs/2", theServer.problem(500, WHY, "cannot-be-shown"));
  theServer.on("GET /api/jobs/2/stored", { json: stored(WHY, false) });
  theServer.on("GET /api/kinds", { json: sample("kinds") });
  theServer.on("GET /api/bridges", { json: sample("bridges") });
}

test("a job that cannot be shown shows its tape, and is shown again once the entry is undone", async () => {
  broken();
  theServer.on("POST /api/jobs/2/stored/undo", () => {
    theServer.job(2, "turnstone");
    return { json: stored(undefined, true) };
  });
  const user = opened(<JobPage />, "/jobs/:id", "/jobs/2");
  await screen.findByRole("heading", { name: "This job cannot be shown" });
  const tape = await screen.findByRole("region", { name: "On the tape" });
  await user.click(
    within(tape).getByRole("button", { name: "Undo: An entry that cannot be read: glued" }),
  );
  await screen.findByText(/Three-barrel electric/);
  expect(theServer.to("/stored/undo")[0]?.body).toMatchObject({ after: 7, event: 7 });
});

test("what is refused there is said, and the tape is fetched anew", async () => {
  broken();
  theServer.on(
    "POST /api/jobs/2/stored/undo",
    theServer.problem(409, "Another window added one entry.", "changed-meanwhile"),
  );
  const user = opened(<JobPage />, "/jobs/:id", "/jobs/2");
  await user.click(await screen.findByRole("button", { name: "Undo: Reading of string 6: 0.3" }));
  await screen.findByText("Another window added one entry.");
  await waitFor(() =>
    expect(theServer.sent.filter((s) => s.path.endsWith("/stored"))).toHaveLength(2),
  );
  screen.getByRole("button", { name: "Correct" });
});
