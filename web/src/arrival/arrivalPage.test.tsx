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
    // the words as soon as their field is left, the marks when the step is
    await waitFor(() => expect(sent("/hurt")).toHaveLength(2));
    expect(sent("/hurt")[0]).toMatchObject({
      words: expect.stringContaining("Since the ferry"),
      signs: [],
    });
    expect(sent("/hurt")[1]).toMatchObject({ signs: ["buzzes"], strings: [6] });
  });

  it("looks from head to tail with one key for each spot, and asks what is not right", async () => {
    const user = await sheet("look");
    const rows = await screen.findAllByRole("button", { name: /not looked at$/ });
    rows[0]?.focus();
    await user.keyboard("fnworn slot{Enter}x");
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

  it("keeps what was marked when the window is left", async () => {
    const user = await sheet("hurt");
    await user.click(await screen.findByRole("button", { name: "stiff" }));
    Object.defineProperty(document, "visibilityState", { value: "hidden", configurable: true });
    fireEvent(document, new Event("visibilitychange"));
    Object.defineProperty(document, "visibilityState", { value: "visible", configurable: true });
    await waitFor(() => expect(sent("/hurt")[0]).toMatchObject({ signs: ["stiff"] }));
  });

  it("takes nothing down on a closed job", async () => {
    await sheet("hurt", sample("eider").replace('"closed":false', '"closed":true'));
    const words = await screen.findByLabelText("What the player says, in their own words");
    expect(words.closest("fieldset")?.disabled).toBe(true);
    expect(screen.queryByRole("button", { name: "Mark something on the drawing" })).toBeNull();
  });

  it("says what was agreed about damage, and how", async () => {
    const damaged = sample("eider").replace(
      /"advice":\{"kind":"[^"]*"/,
      '"advice":{"kind":"damage"',
    );
    const user = await sheet("look", damaged);
    await user.type(
      await screen.findByLabelText("What was agreed, and how"),
      "glued first, by telephone{Enter}",
    );
    await waitFor(() =>
      expect(sent("/damage-agreed")[0]).toMatchObject({ how: "glued first, by telephone" }),
    );
  });

  it("changes and takes off a mark that is on the drawing", async () => {
    const marked = sample("eider").replace(
      '"marks":[]',
      '"marks":[{"event":4,"kind":"dent","text":"dent, a keepsake","side":"back","x":0.7,"y":0.4,"note":"a keepsake","stops":false}]',
    );
    const user = await sheet("look", marked);
    theServer.on("POST /api/jobs/10/*", { json: marked });
    expect(screen.queryByRole("button", { name: "Mark: dent, a keepsake" })).toBeNull();
    await user.click(await screen.findByRole("button", { name: "back" }));
    await user.click(screen.getByRole("button", { name: "Mark: dent, a keepsake" }));
    const form = within(screen.getByRole("form", { name: "The mark" }));
    await user.selectOptions(form.getByLabelText("What is seen there"), "crack");
    await user.click(form.getByRole("button", { name: "Mark it" }));
    await waitFor(() =>
      expect(sent("/condition")[0]).toMatchObject({ kind: "crack", side: "back", instead: 4 }),
    );
    await user.click(screen.getByRole("button", { name: "Mark: dent, a keepsake" }));
    await user.click(screen.getByRole("button", { name: "Take it off" }));
    await waitFor(() => expect(sent("/condition/gone")[0]).toMatchObject({ event: 4 }));
  });

  it("corrects a fact on the drawing of a job at once", async () => {
    const user = await sheet("who");
    theServer.on("PUT /api/jobs/10/instrument", { json: sample("eider") });
    await user.click(await screen.findByRole("button", { name: /^Body joint/ }));
    const joint = await screen.findByLabelText("Body joint at fret");
    await user.clear(joint);
    await user.type(joint, "12{Enter}");
    await waitFor(() =>
      expect(theServer.to("/instrument")[0]?.body).toMatchObject({
        facts: { bodyJointFret: 12 },
        sure: false,
      }),
    );
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
    await user.type(screen.getByLabelText("What the next photo shows"), "tail{Enter}");
    await user.upload(screen.getByLabelText("Photo"), [
      new File(["x"], "first.png", { type: "image/png" }),
      new File(["y"], "second.png", { type: "image/png" }),
    ]);
    expect(await screen.findByText("first.png: photo: given a file that is broken.")).toBeTruthy();
    expect((await screen.findByRole("img", { name: "Photo 7" })).getAttribute("src")).toBe(
      "/api/photos/3?small=true",
    );
    expect(theServer.sent.at(-1)?.query.get("note")).toBe("tail");
    theServer.on("PUT /api/jobs/10/photos/7/removed", (put) => ({
      json: JSON.stringify(put.body).includes("true")
        ? "[]"
        : '[{"id":7,"job":10,"picture":3,"width":4,"height":3,"note":"tail","at":"2031-02-03T10:20:00Z"}]',
    }));
    await user.click(screen.getByRole("button", { name: "Take photo 7 off" }));
    await user.click(await screen.findByRole("button", { name: "Put the photo back" }));
    expect(await screen.findByRole("img", { name: "tail" })).toBeTruthy();
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
    await user.type(screen.getByLabelText("Another tuning, low to high"), "D G C F A D");
    await waitFor(() => expect(theServer.sent.at(-1)?.query.get("tuning")).toBe("D G C F A D"));
    await user.click(screen.getByRole("button", { name: "2 B" }));
    await user.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() =>
      expect(sent("/strings-plan")[0]).toMatchObject({
        change: true,
        set: "13 17 26b 35b 45b 56b",
        tuning: "D G C F A D",
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
