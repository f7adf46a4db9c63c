import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { ArrivalPage } from "./ArrivalPage";

async function sheet(step: string, json = sample("eider")) {
  theServer.job(10, "eider");
  theServer.on("GET /api/jobs/10", { json });
  theServer.on("GET /api/arrival/choices", { json: sample("arrival") });
  theServer.on("GET /api/jobs/10/photos", { json: "[]" });
  theServer.on("GET /api/instruments/10/photos", { json: "[]" });
  theServer.on("GET /api/instruments/*", { json: sample("history") });
  theServer.on("GET /api/string-sets", {
    json: '[{"id":3,"name":"Ferry bronze","gauges":"13 17 26b 35b 45b 56b","strings":6},{"id":4,"name":"Bass","gauges":"45s 65s 85s 105s","strings":4}]',
  });
  theServer.on("GET /api/shop/prices", {
    json: '{"version":1,"currency":"","decimals":2,"tax":"0","taxIncluded":true,"askShare":50,"services":[]}',
  });
  const user = opened(<ArrivalPage />, "/jobs/:id/arrival", `/jobs/10/arrival?step=${step}`);
  await screen.findByRole("navigation", { name: "Steps of intake" });
  return user;
}

const sent = (ending: string) => theServer.to(ending).map((s) => s.body);

describe("what arrived, on its drawing", () => {
  it("keeps what hurts when the step is left, without a button", async () => {
    const user = await sheet("hurt");
    await user.type(
      await screen.findByLabelText("What the player says, in their own words"),
      "Since the ferry",
    );
    await user.click(screen.getByRole("button", { name: "buzzes" }));
    await user.click(screen.getByRole("button", { name: "6 E" }));
    await user.click(screen.getByRole("button", { name: /Air/ }));
    await waitFor(() => expect(sent("/hurt")).toHaveLength(1));
    expect(sent("/hurt")[0]).toMatchObject({
      words: expect.stringContaining("Since the ferry"),
      signs: ["buzzes"],
      strings: [6],
    });
  });

  it("looks from head to tail with one key for each spot, and asks what is not right", async () => {
    const user = await sheet("look");
    const rows = await screen.findAllByRole("button", { name: /not looked at$/ });
    rows[0]?.focus();
    await user.keyboard("12worn slot{Enter}3");
    await waitFor(() => expect(sent("/looked")).toHaveLength(2));
    expect(sent("/looked")).toMatchObject([
      { spot: "tuners", state: "fine", note: "" },
      { spot: "nut", state: "wrong", note: "worn slot" },
    ]);
    expect(screen.getByPlaceholderText("what was put right")).toBe(document.activeElement);
  });

  it("marks what is touched on the drawing, and moves it with the arrow keys", async () => {
    const user = await sheet("look");
    const drawing = screen.getByRole("button", { name: "Mark something on the drawing" });
    drawing.getBoundingClientRect = () => new DOMRect(0, 0, 1000, 400);
    fireEvent.click(drawing, { clientX: 800, clientY: 100, detail: 1 });
    const form = within(await screen.findByRole("form", { name: "The mark" }));
    screen.getByRole("button", { name: /^Place of the mark/ }).focus();
    await user.keyboard("{ArrowRight}{ArrowDown}");
    await user.selectOptions(form.getByLabelText("What is seen there"), "dent");
    await user.type(form.getByLabelText("In words"), "a keepsake");
    await user.click(form.getByRole("button", { name: "Mark it" }));
    await waitFor(() => expect(sent("/condition")).toHaveLength(1));
    expect(sent("/condition")[0]).toMatchObject({
      kind: "dent",
      side: "front",
      note: "a keepsake",
      x: expect.closeTo(0.81),
      y: expect.closeTo(0.28),
    });
  });

  it("says a refused photo in the server's words and goes on with the next", async () => {
    const user = await sheet("look");
    let asked = 0;
    theServer.on("POST /api/jobs/10/photos", () =>
      ++asked === 1
        ? theServer.problem(400, "photo: given a file that is broken.")
        : {
            status: 201,
            json: '[{"id":7,"job":10,"picture":3,"width":4,"height":3,"note":"","at":"2031-02-03T10:20:00Z"}]',
          },
    );
    await user.upload(screen.getByLabelText("Photo"), [
      new File(["x"], "first.png", { type: "image/png" }),
      new File(["y"], "second.png", { type: "image/png" }),
    ]);
    expect(await screen.findByText("first.png: photo: given a file that is broken.")).toBeTruthy();
    expect((await screen.findByRole("img", { name: "Photo 7" })).getAttribute("src")).toBe(
      "/api/photos/3?small=true",
    );
  });

  it("tells what other strings will change before they go on", async () => {
    const user = await sheet("strings");
    theServer.on("GET /api/jobs/10/strings-forecast", {
      json: '{"said":"They pull 62 N more.","ripple":[{"label":"Relief at 7, 6 E, mm","now":"0.2","expected":"0.25","change":"+0.05"}]}',
    });
    const table = await screen.findByLabelText("From the table of sets");
    expect(table.querySelectorAll("option")).toHaveLength(2);
    await user.selectOptions(table, "Ferry bronze: 13 17 26b 35b 45b 56b");
    expect(await screen.findByText("They pull 62 N more.")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "2 B" }));
    await user.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() =>
      expect(sent("/strings-plan")[0]).toMatchObject({
        change: true,
        set: "13 17 26b 35b 45b 56b",
        missing: [2],
      }),
    );
  });

  it("goes through the steps by their numbers and to the job by J", async () => {
    const user = await sheet("who");
    await user.keyboard("4");
    expect(await screen.findByRole("form", { name: "Read the hygrometer" })).toBeTruthy();
    await user.keyboard("6");
    expect(await screen.findByLabelText("Accepted by")).toBeTruthy();
    await user.click(document.body);
    await user.keyboard("j");
    expect(screen.getByTestId("where").textContent).toBe("/jobs/10");
  });
});
