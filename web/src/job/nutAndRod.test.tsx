import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { field, openJob, panel, press } from "../test/job";
import { theServer } from "../test/server";

describe("a job at the nut", () => {
  it("leaves one slot out of a pass", async () => {
    const user = await openJob(6, "dotterel");
    await user.click(press("Leave 8 G as it is"));
    await waitFor(() =>
      expect(theServer.to("/declined")[0]?.body).toMatchObject({ topic: "file-8" }),
    );
  });

  it("takes a tap over the first fret as a reading", async () => {
    const user = await openJob(6, "dotterel");
    await user.click(press("just bounces"));
    await waitFor(() =>
      expect(theServer.to("/readings")[0]?.body).toMatchObject({ string: 8, tap: "just-bounces" }),
    );
  });

  it("records other work: strokes on a slot, or what was sanded, shimmed or filled", async () => {
    const user = await openJob(6, "dotterel");
    await user.keyboard("{Escape}o");
    await user.selectOptions(screen.getByLabelText("Slot"), "5");
    await user.clear(screen.getByLabelText("Strokes"));
    await user.type(screen.getByLabelText("Strokes"), "2");
    await user.click(screen.getByLabelText("light, hardly any pressure"));
    await user.click(press("Record it"));
    await waitFor(() =>
      expect(theServer.to("/nut/filings")[0]?.body).toMatchObject({
        slots: [{ string: 5, strokes: 2, light: true }],
      }),
    );
    await user.keyboard("o");
    await user.selectOptions(screen.getByLabelText("At the nut"), "underside-sanded");
    expect(screen.queryByLabelText("Slot")).toBeNull();
    await user.type(screen.getByLabelText(/^Change, mm/), "-0.1");
    await user.click(press("Record it"));
    await waitFor(() =>
      expect(theServer.to("/nut/reworks")[0]?.body).toMatchObject({
        way: "underside-sanded",
        change: "-0.1",
      }),
    );
  });

  it("ticks what is wrong with a slot, names the consequence, and goes on to the next", async () => {
    const user = await openJob(6, "dotterel");
    await user.keyboard("{Escape}e");
    const on = await panel();
    await user.click(on.getByLabelText("front edge chipped"));
    expect(on.getByText(/The string buzzes on the chip/)).toBeTruthy();
    await user.click(on.getByRole("button", { name: "Record what was found" }));
    expect(await on.findByText(/Slot 7 g: tick what is wrong/)).toBeTruthy();
    expect(theServer.to("/nut/slot-checks")[0]?.body).toMatchObject({
      string: 8,
      flaws: ["chipped"],
    });
    expect(on.getByRole("button", { name: "This slot is good" })).toBeTruthy();
  });

  it("answers sums below, and shows the trouble of one without losing what was typed", async () => {
    const user = await openJob(6, "dotterel");
    theServer.on("POST /api/jobs/6/nut/sums/break-angle", {
      json: JSON.stringify({ degrees: "4°", shallow: true, text: "Press behind the nut." }),
    });
    theServer.on(
      "POST /api/jobs/6/nut/sums/leaf-stacks",
      theServer.problem(400, "fret height: given 9; allowed is 0.5 to 2 mm."),
    );
    await user.keyboard("{Escape}e");
    const on = await panel();
    await user.type(on.getByLabelText(/^Slot to post/), "120");
    await user.type(on.getByLabelText(/^Hole below slot/), "2");
    await user.click(on.getByRole("button", { name: "Angle" }));
    expect(await on.findByText(/Press behind the nut/)).toBeTruthy();
    await user.type(on.getByLabelText(/^Fret height over the board/), "9");
    await user.click(on.getByRole("button", { name: "Show the stacks" }));
    expect(await on.findByText(/allowed is 0.5 to 2 mm/)).toBeTruthy();
    expect(on.getByLabelText<HTMLInputElement>(/^Fret height over the board/).value).toBe("9");
  });

  it("reads the nut another way", async () => {
    const user = await openJob(6, "dotterel");
    await user.keyboard("{Escape}h");
    const on = await panel();
    const method = on.getByLabelText<HTMLSelectElement>("Method");
    const open = [...method.options].find((o) => /open/i.test(o.text));
    await user.selectOptions(method, open?.value ?? "");
    await user.click(on.getByLabelText("Lies flat on the bench"));
    await user.click(on.getByRole("button", { name: "Read this way" }));
    await waitFor(() =>
      expect(theServer.to("/nut/habit")[0]?.body).toMatchObject({
        pressed: 0,
        flat: true,
      }),
    );
  });
});

describe("a job at the rod", () => {
  it("draws the turn, and sends it when it was made", async () => {
    const user = await openJob(7, "cormorant");
    expect(
      screen.getByRole("img", { name: /1\/8 turn clockwise, seen from the headstock end/ }),
    ).toBeTruthy();
    await user.keyboard("d");
    await waitFor(() => expect(theServer.to("/followed")[0]?.body).toMatchObject({ whole: false }));
    await user.keyboard("s");
    await waitFor(() => expect(theServer.to("/relief/stiff")).toHaveLength(1));
  });

  it("records another turn than the advised one, loosening too, with free play marked", async () => {
    const user = await openJob(7, "cormorant");
    await user.keyboard("{Escape}o");
    await user.clear(screen.getByLabelText(/^Turned, net/));
    await user.type(screen.getByLabelText(/^Turned, net/), "3/16");
    await user.selectOptions(screen.getByLabelText("Direction"), "loosen");
    await user.click(press("Record the turn"));
    await waitFor(() =>
      expect(theServer.to("/relief/turns")[0]?.body).toMatchObject({ turns: "-3/16", free: false }),
    );
  });

  it("taps leaves: what goes, what touches, what lifts", async () => {
    const user = await openJob(7, "cormorant");
    await user.click(press("Leaf 0.33 mm: not tried"));
    await user.click(press("Leaf 0.35 mm: not tried"));
    await user.click(press("Leaf 0.35 mm: free"));
    await user.click(press("Record for string 6 B"));
    await waitFor(() =>
      expect(theServer.to("/readings")[0]?.body).toMatchObject({
        station: "relief",
        string: 6,
        leaves: { touches: 0.35 },
      }),
    );
    await waitFor(() => expect(press("Leaf 0.33 mm: not tried")).toBeTruthy());
  });

  it("leaves what was tapped under a string with that string", async () => {
    const user = await openJob(7, "cormorant");
    await user.click(press("Leaf 0.33 mm: not tried"));
    await user.click(field(/under string 1/));
    const low = within(screen.getByRole("row", { name: /^6 B/ }));
    expect(low.getByText("▲ only tapped")).toBeTruthy();
    expect(screen.queryByRole("button", { name: /^Record for string/ })).toBeNull();
    expect(screen.queryByRole("button", { name: /^Leaf .*: free/ })).toBeNull();
    // another station and back
    await user.click(press(/^Nut/));
    await screen.findByText("▲ 1 not taken");
    expect(screen.queryByRole("button", { name: /^Record for string/ })).toBeNull();
    await user.click(press(/^Relief/));
    await user.click(field(/under string 6/));
    expect(press("Leaf 0.33 mm: free")).toBeTruthy();
    await user.click(press("Record for string 6 B"));
    await waitFor(() =>
      expect(theServer.to("/readings")[0]?.body).toMatchObject({
        string: 6,
        leaves: { free: 0.33 },
      }),
    );
    await waitFor(() => expect(screen.queryByText("▲ only tapped")).toBeNull());
  });

  it("sets how the rod is turned, and its direction back, each only when it was changed", async () => {
    const user = await openJob(7, "cormorant");
    await user.keyboard("w");
    await user.selectOptions((await panel()).getByLabelText(/^This rod straightens/), "true");
    await user.click(press("Turn it this way"));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(theServer.to("/relief/direction").map((s) => s.body)).toMatchObject([
      { straightensAnticlockwise: true },
    ]);
    expect(theServer.to("/relief/ways")).toHaveLength(0);
    await user.keyboard("w");
    await user.selectOptions((await panel()).getByLabelText(/^Largest single step/), "1");
    await user.click(press("Turn it this way"));
    await waitFor(() => expect(theServer.to("/relief/ways")).toHaveLength(1));
    expect(theServer.to("/relief/ways")[0]?.body).toMatchObject({ stepSixteenths: 1 });
    expect(theServer.to("/relief/direction")).toHaveLength(1);
  });

  it("stays in the panel with the reason when the server refuses the direction", async () => {
    const user = await openJob(7, "cormorant");
    theServer.on(
      "POST /api/jobs/7/relief/direction",
      theServer.problem(409, "This job is closed: reopen it first."),
    );
    await user.keyboard("w");
    const ways = await panel();
    await user.selectOptions(ways.getByLabelText(/^This rod straightens/), "true");
    await user.selectOptions(ways.getByLabelText(/^Largest single step/), "1");
    await user.click(press("Turn it this way"));
    expect(await ways.findByText("This job is closed: reopen it first.")).toBeTruthy();
    // what comes after it was not sent either
    expect(theServer.to("/relief/ways")).toHaveLength(0);
  });

  it("sets the order of work and what was agreed", async () => {
    const user = await openJob(7, "cormorant");
    await user.keyboard("{Escape}q");
    let on = await panel();
    await user.click(on.getByRole("button", { name: /^Rough|^Ballpark/ }));
    await waitFor(() => expect(theServer.to("/order")).toHaveLength(1));
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    await user.keyboard("q");
    on = await panel();
    await user.click(on.getByLabelText("Nut"));
    await user.click(on.getByRole("button", { name: "This was agreed" }));
    await waitFor(() =>
      expect(theServer.to("/scope")[0]?.body).toMatchObject({ stations: ["relief", "action"] }),
    );
  });

  it("opens the stations by key, each with its own ledger", async () => {
    const user = await openJob(7, "cormorant");
    await user.keyboard("{Escape}{Shift>}a{/Shift}");
    expect(
      await screen.findByRole("textbox", { name: /^Action reading under string 6 B/ }),
    ).toBeTruthy();
    await user.keyboard("{Escape}{Shift>}n{/Shift}");
    expect(
      await screen.findByRole("textbox", { name: /^Nut reading under string 6 B/ }),
    ).toBeTruthy();
    // the next move still says where it belongs
    expect(screen.getByText("Next move, at relief")).toBeTruthy();
  });
});
