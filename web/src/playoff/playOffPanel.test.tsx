import { fireEvent, screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../app/api";
import { JobPage } from "../job/JobPage";
import { openJob, panel } from "../test/job";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";

const notes = () => theServer.to("/frets/notes").map((s) => s.body);

/** Opens the play-off of a job on which something was heard. */
async function playedThrough(heard: Schemas["PlayOffView"]["heard"]) {
  theServer.job(2, "turnstone");
  const job: Schemas["JobView"] = JSON.parse(sample("turnstone"));
  job.playOff.heard = heard;
  theServer.on("GET /api/jobs/2", { json: JSON.stringify(job) });
  const user = opened(<JobPage />, "/jobs/:id", "/jobs/2");
  await screen.findByTestId("headline");
  await user.keyboard("{Escape}{Shift>}o{/Shift}");
  return { user, sheet: await panel() };
}
const buzzing = (fret: number, accepted: boolean) => ({
  string: 5,
  fret,
  mark: "buzz" as const,
  pluck: "normal" as const,
  plugged: false,
  accepted,
  text: `5 A at ${String(fret)} buzzes`,
});

describe("playing through", () => {
  it("walks along the strings by Space and marks only where something is heard", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{Escape}{Shift>}o{/Shift}");
    const sheet = await panel();
    const first = sheet.getByRole("button", { name: "6 E open: not marked" });
    first.focus();
    await user.keyboard("   1");
    await waitFor(() => expect(notes()).toHaveLength(1));
    expect(notes()[0]).toMatchObject({
      notes: [{ string: 6, fret: 3, mark: "buzz", pluck: "normal", plugged: false }],
    });
    expect(document.activeElement?.getAttribute("aria-label")).toBe("6 E at 4: not marked");
    await user.click(sheet.getByRole("button", { name: "hard" }));
    await user.click(sheet.getByRole("button", { name: "amplified" }));
    const touched = sheet.getByRole("button", { name: "5 A at 7: not marked" });
    fireEvent.pointerDown(touched, { button: 0 });
    fireEvent.pointerUp(touched);
    await waitFor(() => expect(notes()).toHaveLength(2));
    expect(notes()[1]).toMatchObject({
      notes: [{ string: 5, fret: 7, mark: "buzz", pluck: "hard", plugged: true }],
    });
    await user.click(sheet.getByRole("button", { name: "bends" }));
    await waitFor(() =>
      expect(theServer.to("/play-off/parts")[0]?.body).toMatchObject({
        part: "bends",
        plugged: true,
      }),
    );
    expect(screen.queryByRole("form", { name: "Accept what is heard" })).toBeNull();
  });

  it("takes back by Space what rings clean now", async () => {
    const { user, sheet } = await playedThrough([buzzing(3, false)]);
    sheet.getByRole("button", { name: "5 A at 3: buzzes" }).focus();
    await user.keyboard(" ");
    await waitFor(() =>
      expect(notes()).toEqual([
        expect.objectContaining({
          notes: [{ string: 5, fret: 3, mark: "clean", pluck: "normal", plugged: false }],
        }),
      ]),
    );
  });

  it("is accepted by whoever knows it, with how they said so", async () => {
    const { user, sheet } = await playedThrough([buzzing(3, true), buzzing(4, false)]);
    expect(sheet.getAllByRole("listitem").map((l) => l.textContent)).toEqual([
      "✓ 5 A at 3 buzzes (accepted)",
      "▲ 5 A at 4 buzzes",
    ]);
    await user.clear(sheet.getByLabelText("Known to and accepted by"));
    await user.type(sheet.getByLabelText("Known to and accepted by"), "the ferry's purser");
    await user.type(sheet.getByLabelText("Why, or how they said so"), "likes it{Enter}");
    await waitFor(() =>
      expect(theServer.to("/play-off/accepted")[0]?.body).toMatchObject({
        by: "the ferry's purser",
        how: "likes it",
      }),
    );
  });

  it("needs no acceptance once everything is accepted", async () => {
    const { sheet } = await playedThrough([buzzing(3, true)]);
    expect(sheet.queryByRole("form", { name: "Accept what is heard" })).toBeNull();
  });
});
