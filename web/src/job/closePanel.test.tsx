import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../test/job";
import { sample, theServer } from "../test/server";

async function closing() {
  const user = await openJob(10, "eider");
  await user.keyboard("{Escape}c");
  return { user, dialog: within(await screen.findByRole("dialog")) };
}

const found = /^What was found about the complaint/;
const sent = (ending: string) => theServer.to(ending).map((one) => one.body);

describe("what the player is told", () => {
  it("is kept as soon as its field is left, and not again when nothing changed", async () => {
    const { user, dialog } = await closing();
    await user.type(dialog.getByLabelText(found), "The room was dry.");
    expect(sent("/hand-over")).toHaveLength(0);
    await user.tab();
    await waitFor(() => expect(sent("/hand-over")).toHaveLength(1));
    expect(sent("/hand-over")[0]).toMatchObject({
      found: "The room was dry.",
      advice: "",
      lookAgain: "",
    });
    await user.tab();
    await user.tab();
    await user.click(dialog.getByRole("button", { name: "Close it as it is" }));
    await waitFor(() => expect(sent("/close")).toHaveLength(1));
    expect(sent("/hand-over")).toHaveLength(1);
  });

  it("is sent again with the next field when it could not be kept", async () => {
    const { user, dialog } = await closing();
    theServer.on("POST /api/jobs/10/hand-over", theServer.problem(400, "too long"));
    await user.type(dialog.getByLabelText(found), "Dry.");
    await user.tab();
    expect(await dialog.findByText("too long")).toBeTruthy();
    theServer.on("POST /api/jobs/10/hand-over", { json: sample("eider") });
    await user.tab();
    await waitFor(() => expect(sent("/hand-over")).toHaveLength(2));
    expect(sent("/hand-over")[1]).toMatchObject({ found: "Dry." });
  });

  it("says what is said when nothing is written", async () => {
    const { dialog } = await closing();
    expect(dialog.getByText(/^If left empty: When the heating comes on/)).toBeTruthy();
    expect(dialog.getByRole("link", { name: "The card as it stands" }).getAttribute("href")).toBe(
      "/api/jobs/10/card/print?unit=mm",
    );
  });
});

/** The server answers when it is told to. */
function whenAsked(route: string) {
  const told: (() => void)[] = [];
  theServer.on(route, async () => {
    await new Promise<void>((done) => told.push(done));
    return { json: sample("eider") };
  });
  return () => told.forEach((one) => one());
}

describe("closing", () => {
  it("is done by a press that begins while the text is still being kept", async () => {
    const { user, dialog } = await closing();
    const answer = whenAsked("POST /api/jobs/10/hand-over");
    await user.type(dialog.getByLabelText(found), "Dry.");
    const button = dialog.getByRole("button", { name: "Close it as it is" });
    // the button goes down, and with it the field is left
    await user.pointer({ keys: "[MouseLeft>]", target: button });
    await waitFor(() => expect(sent("/hand-over")).toHaveLength(1));
    await user.pointer({ keys: "[/MouseLeft]", target: button });
    answer();
    await waitFor(() => expect(sent("/close")).toHaveLength(1));
    expect(sent("/hand-over")).toHaveLength(1);
  });

  it("is sent once when it is pressed twice", async () => {
    const { user, dialog } = await closing();
    const answer = whenAsked("POST /api/jobs/10/close");
    await user.dblClick(dialog.getByRole("button", { name: "Close it as it is" }));
    await waitFor(() => expect(sent("/close")).toHaveLength(1));
    answer();
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(sent("/close")).toHaveLength(1);
  });

  it("asks about what is left in the tray, and closes when that is meant", async () => {
    const { user, dialog } = await closing();
    theServer.on("POST /api/jobs/10/close", (one) =>
      JSON.stringify(one.body).includes('"sure":true')
        ? { json: sample("eider") }
        : theServer.problem(422, "Still in the tray: Cover. Close the job all the same?", "sure"),
    );
    await user.click(dialog.getByRole("button", { name: "Close it as it is" }));
    expect(await dialog.findByText(/^Still in the tray: Cover/)).toBeTruthy();
    await user.click(dialog.getByRole("button", { name: "Close it all the same" }));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(sent("/close")).toMatchObject([{ sure: false }, { sure: true }]);
  });

  it("records the air as it leaves without losing what was typed", async () => {
    const { user, dialog } = await closing();
    await user.type(dialog.getByLabelText(found), "Dry");
    const air = within(dialog.getByRole("form", { name: "The air as it leaves" }));
    await user.selectOptions(air.getByLabelText("Where"), "case");
    await user.type(air.getByLabelText("Humidity, % RH"), "46 %{Enter}");
    await waitFor(() =>
      expect(sent("/air")[0]).toMatchObject({ place: "case", humidity: "46 %", temperature: "" }),
    );
    expect(dialog.getByLabelText<HTMLTextAreaElement>(found).value).toBe("Dry");
    await waitFor(() =>
      expect(air.getByLabelText<HTMLInputElement>("Humidity, % RH").value).toBe(""),
    );
  });

  it("records the air that is sent while the text is still being kept, and once", async () => {
    const { user, dialog } = await closing();
    const answer = whenAsked("POST /api/jobs/10/hand-over");
    await user.type(dialog.getByLabelText(found), "Dry");
    const air = within(dialog.getByRole("form", { name: "The air as it leaves" }));
    await user.type(air.getByLabelText("Humidity, % RH"), "46{Enter}{Enter}");
    await waitFor(() => expect(sent("/hand-over")).toHaveLength(1));
    answer();
    await waitFor(() => expect(sent("/air")).toHaveLength(1));
    await waitFor(() =>
      expect(air.getByLabelText<HTMLInputElement>("Humidity, % RH").value).toBe(""),
    );
    expect(sent("/air")).toHaveLength(1);
  });
});

const to = (name: string) => screen.getByRole("link", { name }).getAttribute("href");

describe("a closed job", () => {
  const card = { ready: "Knot is ready (ticket 0101)." };

  it("gives its card on paper and as data, and a text to send", async () => {
    theServer.on("GET /api/jobs/1/card", { json: JSON.stringify(card) });
    await openJob(1, "closed");
    expect(await screen.findByText("Knot is ready (ticket 0101).")).toBeTruthy();
    expect(to("Show and print the card")).toBe("/api/jobs/1/card/print");
    expect(to("PDF, A4")).toBe("/api/jobs/1/card/pdf?paper=a4");
    expect(to("PDF, Letter")).toBe("/api/jobs/1/card/pdf?paper=letter");
    expect(to("JSON")).toBe("/api/jobs/1/card");
  });

  it("says why when its card cannot be made", async () => {
    theServer.on("GET /api/jobs/1/card", theServer.problem(500, "This job cannot be shown."));
    await openJob(1, "closed");
    expect(await screen.findByText("This job cannot be shown.")).toBeTruthy();
  });
});

describe("air that an instrument cannot be judged in", () => {
  const dry = sample("eider").replace(
    '"benchLog"',
    '"air":{"text":"Air in the room: 31 % RH","verdict":"dry","said":"Dry: condition it first."},"benchLog"',
  );

  it("is said above the job until it is seen, and fine air is not", async () => {
    theServer.on("GET /api/jobs/10/card", { json: "{}" });
    const user = await openJob(10, "eider");
    expect(screen.queryByText(/condition it first/)).toBeNull();
    // another window read the air
    theServer.on("POST /api/jobs/10/*", { json: dry });
    await user.keyboard("{Escape}");
    await user.click(screen.getByRole("button", { name: "Air" }));
    const air = within(screen.getByRole("form", { name: "The air" }));
    await user.type(air.getByLabelText("Humidity, % RH"), "31{Enter}");
    expect(await screen.findByText(/Dry: condition it first\./)).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Seen" }));
    expect(screen.queryByText(/Dry: condition it first\./)).toBeNull();
  });
});
