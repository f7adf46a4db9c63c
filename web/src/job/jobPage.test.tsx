import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { field, openJob, panel, press } from "../test/job";
import { later } from "../test/later";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { JobPage } from "./JobPage";

describe("a job whose action is out", () => {
  it("says the next move in words, screw by screw, with its caution and what it changes", async () => {
    await openJob(2, "turnstone");
    expect(screen.getByTestId("headline").textContent).toBe("Lower 6 barrel screws");
    expect(screen.getByText("Barrel 4–3, bass screw")).toBeTruthy();
    expect(screen.getByText(/Metric and inch keys look alike/)).toBeTruthy();
    expect(screen.getByText("Action at 12, 6 E, mm")).toBeTruthy();
    expect(screen.getByRole("img", { name: /The strings across the bridge/ })).toBeTruthy();
  });

  it("ticks off, leaves out and undoes by single keys, but not while something is typed", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("d");
    await waitFor(() => expect(theServer.to("/followed")).toHaveLength(1));
    await user.keyboard("l");
    await waitFor(() => expect(theServer.to("/declined")).toHaveLength(1));
    await user.keyboard("z");
    await waitFor(() => expect(theServer.to("/undo")).toHaveLength(1));
    await user.type(field(/under string 6 E/), "1d");
    expect(theServer.to("/followed")).toHaveLength(1);
    expect(field(/under string 6 E/).value).toBe("1d");
  });

  it("records what was turned instead, in sixteenths for every screw", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("o");
    await user.type(screen.getByRole("textbox", { name: /barrel 4–3, bass screw/ }), "-1 3/16");
    await user.click(press("Record it"));
    await waitFor(() => expect(theServer.to("/action/screws")).toHaveLength(1));
    expect(theServer.to("/action/screws")[0]?.body).toMatchObject({
      turns: ["", "", "-1 3/16", "", "", ""],
    });
  });

  it("explains on demand, with the numbers, the school and the rule", async () => {
    const user = await openJob(2, "turnstone");
    expect(screen.queryByText(/Order: Relief, nut, action/)).toBeNull();
    await user.keyboard("y");
    expect(screen.getByText(/Order: Relief, nut, action/)).toBeTruthy();
  });

  it("undoes any line of the tape by its own button", async () => {
    const user = await openJob(2, "turnstone");
    await user.click(press("Undo: Action 4 at 12: 2.1 mm"));
    await waitFor(() => expect(theServer.to("/undo")).toHaveLength(1));
    expect(theServer.to("/undo")[0]?.body).toMatchObject({ event: 11 });
  });

  it("takes a note without the page's own keys getting in the way", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("n");
    await user.type(screen.getByRole("textbox", { name: "Note" }), "Drops a bit; low buzz");
    await user.click(press("Write"));
    await waitFor(() => expect(theServer.to("/notes")).toHaveLength(1));
    expect(theServer.to("/notes")[0]?.body).toMatchObject({ text: "Drops a bit; low buzz" });
    expect(theServer.to("/followed")).toHaveLength(0);
  });

  it("writes a note down once, after the reading that is still being sent", async () => {
    const user = await openJob(2, "turnstone");
    const reading = later<{ json: string }>();
    theServer.on("POST /api/jobs/2/readings", () => reading.promise);
    await user.keyboard("1.7{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    await user.keyboard("{Escape}n");
    await user.type(screen.getByRole("textbox", { name: "Note" }), "Rattles{Enter}{Enter}");
    expect(theServer.to("/notes")).toHaveLength(0);
    reading.keep({ json: sample("turnstone") });
    await waitFor(() => expect(theServer.to("/notes")).toHaveLength(1));
    await waitFor(() => expect(screen.queryByRole("textbox", { name: "Note" })).toBeNull());
    expect(theServer.to("/notes")).toHaveLength(1);
  });

  it("keeps what is chosen in a panel while a reading is still being sent", async () => {
    const user = await openJob(2, "turnstone");
    const reading = later<{ json: string }>();
    theServer.on("POST /api/jobs/2/readings", () => reading.promise);
    await user.keyboard("1.7{Enter}{Escape}t");
    const on = await panel();
    await user.dblClick(on.getByRole("button", { name: /^High, electric/ }));
    reading.keep({ json: sample("turnstone") });
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    expect(theServer.to("/action/target")).toHaveLength(1);
  });

  it("says that another window was faster, and keeps what was typed", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on(
      "POST /api/jobs/2/readings",
      theServer.problem(409, "Another window added to this job meanwhile.", "changed-meanwhile"),
    );
    await user.keyboard("1.7{Enter}");
    expect(await screen.findByText(/Another window added to this job meanwhile/)).toBeTruthy();
    expect(field(/under string 6 E/).value).toBe("1.7");
  });

  it("says that nothing answers when the server is gone, and no more once it is back", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/*", () => Promise.reject(new TypeError("gone")));
    await user.keyboard("1.7{Enter}");
    expect(await screen.findByText(/Barytone does not answer/)).toBeTruthy();
    theServer.job(2, "turnstone");
    await user.click(press("Send now"));
    await waitFor(() => expect(screen.queryByText(/Barytone does not answer/)).toBeNull());
  });
});

describe("a saddle that shall be sanded", () => {
  it("is asked about first, by key and field, and the answer is sent as it was typed", async () => {
    const user = await openJob(5, "wigeon");
    expect(screen.getByTestId("headline").textContent).toContain("stand proud");
    await user.keyboard("{Escape}d");
    const proud = field(/Saddle stands proud, mm/);
    expect(document.activeElement).toBe(proud);
    await user.keyboard("3.5{Enter}");
    await waitFor(() =>
      expect(theServer.to("/action/saddle-proud")[0]?.body).toMatchObject({ proud: "3.5" }),
    );
  });
});

const action = () => field(/^Action reading under string 6 /);

describe("the keys that lead to fields, while a saddle is asked about", () => {
  it("G and Shift+A go to the readings, D to the question, from wherever one is", async () => {
    const user = await openJob(5, "wigeon");
    const proud = field(/Saddle stands proud, mm/);
    await user.keyboard("{Escape}g");
    await waitFor(() => expect(document.activeElement).toBe(action()));
    await user.keyboard("d");
    expect(document.activeElement).toBe(proud);
    proud.blur();
    await user.keyboard("{Shift>}n{/Shift}");
    await waitFor(() => expect(document.activeElement).toBe(field(/^Nut reading under string 6 /)));
    await user.keyboard("d");
    expect(document.activeElement).toBe(proud);
    proud.blur();
    await user.keyboard("{Shift>}a{/Shift}");
    await waitFor(() => expect(document.activeElement).toBe(action()));
  });
});

describe("the bridge's panel", () => {
  it("records travel, neck angle, gauge pattern and shim, each by itself", async () => {
    const user = await openJob(2, "turnstone");
    const open = async () => {
      await user.keyboard("{Escape}e");
      return panel();
    };
    let on = await open();
    await user.type(on.getByLabelText(/^Down, mm/), "0.3");
    await user.type(on.getByLabelText(/^Up, mm/), "4");
    await user.click(on.getByRole("button", { name: "Record the travel" }));
    await waitFor(() =>
      expect(theServer.to("/action/travel")[0]?.body).toMatchObject({ down: "0.3", up: "4" }),
    );
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    on = await open();
    await user.click(on.getByLabelText("4 D rings"));
    await user.click(on.getByRole("button", { name: "Record the pattern" }));
    await waitFor(() =>
      expect(theServer.to("/action/gauge-patterns")[0]?.body).toMatchObject({ ringing: [4] }),
    );
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    on = await open();
    await user.selectOptions(on.getByLabelText("Thick at"), "body-edge");
    await user.type(on.getByLabelText(/^Thickness there/), "0.5");
    await user.click(on.getByRole("button", { name: "Record the shim" }));
    await waitFor(() =>
      expect(theServer.to("/action/neck-shims")[0]?.body).toMatchObject({
        end: "body-edge",
        thickness: "0.5",
      }),
    );
  });
});

describe("wishes for the action", () => {
  it("can be a school for a style of playing, every string by hand, or what is measured now", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{Escape}t");
    let on = await panel();
    await user.selectOptions(on.getByLabelText(/^Style of the player/), "slide");
    await user.click(on.getByRole("button", { name: /^High, electric/ }));
    await waitFor(() =>
      expect(theServer.to("/action/target")[0]?.body).toMatchObject({
        school: "ELECTRIC_HIGH",
        style: "slide",
      }),
    );
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    await user.keyboard("t");
    on = await panel();
    const low = on.getByLabelText("String 6 E, from, mm");
    await user.clear(low);
    await user.type(low, "1.9");
    await user.click(on.getByRole("button", { name: "Use these bands" }));
    await waitFor(() => expect(theServer.to("/action/target")).toHaveLength(2));
    const sent = JSON.stringify(theServer.to("/action/target")[1]?.body);
    expect(sent).toContain('"low":"1.9"');
    expect(sent.match(/"low"/g)).toHaveLength(6);
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    await user.keyboard("t");
    on = await panel();
    theServer.on("PUT /api/jobs/2/wishes", { status: 204, json: "" });
    await user.click(on.getByRole("button", { name: "For this player" }));
    expect(await on.findByText(/Kept for this player/)).toBeTruthy();
  });

  it("stay in the panel with the reason when the server refuses them", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on(
      "POST /api/jobs/2/action/target",
      theServer.problem(400, "low: given 9; allowed is 0.2 to 10 mm, below the upper end."),
    );
    await user.keyboard("{Escape}t");
    const on = await panel();
    await user.click(on.getByRole("button", { name: "Use these bands" }));
    expect(await on.findByText(/allowed is 0.2 to 10 mm/)).toBeTruthy();
    expect(screen.getByRole("dialog")).toBeTruthy();
  });
});

describe("a job at its ends", () => {
  it("begins with the complaint and an empty tape", async () => {
    await openJob(10, "eider");
    expect(screen.getByText(/Buzzes since the heating came on/)).toBeTruthy();
    expect(screen.getByText("Nothing yet. The first reading is as found.")).toBeTruthy();
    expect(screen.getByTestId("headline").textContent).toBe(
      "Read the relief under strings 6\u00a0E and 1\u00a0e",
    );
  });

  it("closed, can be reopened, takes no reading and lists what was found and left", async () => {
    const user = await openJob(1, "closed");
    expect(screen.getByTestId("headline").textContent).toBe("Closed");
    expect(field(/^Relief reading under string 6 E/).disabled).toBe(true);
    await user.keyboard("c");
    const on = await panel();
    const row = on.getByRole("row", { name: /^Relief, string 6 E/ });
    expect(row.textContent).toContain("0.33 mm");
    expect(row.textContent).toContain("0.19 mm");
    await user.keyboard("{Escape}");
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
    // D reopens nothing, and the key that does asks first
    await user.keyboard("d");
    await user.click(press("Reopen"));
    expect(screen.getByText(/The card that was made for this day is given up/)).toBeTruthy();
    expect(theServer.to("/reopen")).toHaveLength(0);
    await user.keyboard("{Enter}");
    await waitFor(() => expect(theServer.to("/reopen")).toHaveLength(1));
  });

  it("that does not exist says so", async () => {
    theServer.on("GET /api/jobs/4711", theServer.problem(404, "There is no job 4711."));
    opened(<JobPage />, "/jobs/:id", "/jobs/4711");
    expect(await screen.findByText("There is no job 4711.")).toBeTruthy();
  });
});
