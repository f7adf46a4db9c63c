import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../test/job";
import { sample, theServer } from "../test/server";

async function opened() {
  const user = await openJob(10, "eider");
  await user.keyboard("{Escape}{Shift>}e{/Shift}");
  return { user, dialog: within(await screen.findByRole("dialog")) };
}

describe("the tray and the strings", () => {
  it("takes down what comes off, as it is typed or as it usually does", async () => {
    const { user, dialog } = await opened();
    await user.type(dialog.getByLabelText("What comes off"), "Cover, 4 screws{Enter}");
    await waitFor(() =>
      expect(theServer.to("/parts")[0]?.body).toMatchObject({ part: "Cover, 4 screws" }),
    );
    await user.click(dialog.getByRole("button", { name: "Saddle" }));
    await waitFor(() => expect(theServer.to("/parts")[1]?.body).toMatchObject({ part: "Saddle" }));
  });

  it("notes what was done around the strings", async () => {
    const { user, dialog } = await opened();
    await user.click(dialog.getByRole("button", { name: "Strings off" }));
    await waitFor(() =>
      expect(theServer.to("/tended")[0]?.body).toMatchObject({ what: "strings-off", sure: false }),
    );
  });

  it("asks before oil is put on again, and says yes to what was asked", async () => {
    const { user, dialog } = await opened();
    theServer.on("POST /api/jobs/10/tended", (sent) =>
      JSON.stringify(sent.body).includes('"sure":true')
        ? { json: sample("eider") }
        : theServer.problem(422, "The board was oiled on Monday. Oil it all the same?", "sure"),
    );
    await user.click(dialog.getByRole("button", { name: "Board oiled" }));
    expect(await dialog.findByText(/^The board was oiled on Monday/)).toBeTruthy();
    await user.click(dialog.getByRole("button", { name: "Do it all the same" }));
    await waitFor(() =>
      expect(theServer.to("/tended")[1]?.body).toMatchObject({ what: "oiled", sure: true }),
    );
  });

  it("notes the day on which to look again, with why", async () => {
    const { user, dialog } = await opened();
    await user.type(dialog.getByLabelText("On"), "2031-04-01");
    await user.type(dialog.getByLabelText(/^Why: a card/), "card under the nut");
    await user.click(dialog.getByRole("button", { name: "Note it" }));
    await waitFor(() =>
      expect(theServer.to("/follow-up")[0]?.body).toMatchObject({
        day: "2031-04-01",
        why: "card under the nut",
      }),
    );
  });
});
