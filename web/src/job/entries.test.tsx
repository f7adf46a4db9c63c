import { act, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { field, openJob, press } from "../test/job";
import type { Schemas } from "../app/api";
import { later } from "../test/later";
import { opened } from "../test/opened";
import { sample, theServer, type Answer } from "../test/server";
import { JobPage } from "./JobPage";

const odd = theServer.problem(422, "17 mm is possible but odd.", "sure");

/** Leads out of the page of a job and into it again. */
function Door() {
  const [inside, setInside] = useState(true);
  return (
    <>
      <button type="button" onClick={() => setInside(!inside)}>
        Door
      </button>
      {inside && <JobPage />}
    </>
  );
}

describe("the cursor of a ledger", () => {
  it("keeps the keyboard in the first field and moves with the arrows", async () => {
    const user = await openJob(2, "turnstone");
    const low = field(/^Action reading under string 6 E/);
    expect(document.activeElement).toBe(low);
    await user.keyboard("{ArrowDown}");
    expect(document.activeElement).toBe(field(/^Action reading under string 5 A/));
    await user.keyboard("{ArrowUp}{ArrowUp}");
    expect(document.activeElement).toBe(field(/^Action reading under string 1 e/));
  });

  it("goes through the rows that were asked for alone, in their order, and then rests", async () => {
    theServer.job(2, "turnstone");
    const json = sample("turnstone").replace(
      /"advice":\{"kind":"[^"]*"/,
      '"advice":{"kind":"measure"',
    );
    const asking: Schemas["JobView"] = JSON.parse(json);
    asking.advice.does = "read";
    asking.advice.strings = [6, 1];
    theServer.on("GET /api/jobs/2", { json: JSON.stringify(asking) });
    theServer.on("POST /api/jobs/2/*", { json: JSON.stringify({ ...asking, seq: 999 }) });
    const user = opened(<JobPage />, "/jobs/:id", "/jobs/2");
    await screen.findByTestId("headline");
    await user.keyboard("d4{Enter}3{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(2));
    expect(theServer.to("/readings").map((sent) => sent.body)).toMatchObject([
      { string: 6, text: "4" },
      { string: 1, text: "3" },
    ]);
    expect(screen.getByTestId("rest").textContent).toContain("At rest");
    // the station's own key goes through all of them, from the first
    await user.keyboard("{Shift>}a{/Shift}2{Enter}");
    expect(screen.getByTestId("next-row").textContent).toBe("5 A");
  });

  it("takes digits that are typed with no focus into the row that is open", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("1.7{Enter}");
    await user.click(screen.getByTestId("headline"));
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    await user.keyboard("1.9{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(2));
    expect(theServer.to("/readings")[1]?.body).toMatchObject({ string: 5, text: "1.9" });
  });

  it("holds digits where they can be seen while something lies over the rows, and gives them to the next one", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("c");
    await screen.findByRole("dialog");
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    await user.keyboard("2.1");
    expect(await screen.findByText(/Typed “2.1”, and no row is open/)).toBeTruthy();
    await user.click(press(/^Back/));
    await waitFor(() => expect(field(/under string 6 E/).value).toBe("2.1"));
    expect(screen.queryByText(/no row is open/)).toBeNull();
  });

  it("answers a whole series that was typed in another unit by one key", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/readings", (sent) => {
      const said = JSON.stringify(sent.body);
      const text = /"text":"([^"]*)"/.exec(said)?.[1] ?? "";
      if (said.includes('"sure":true')) return { json: sample("turnstone") };
      return {
        status: 422,
        json: JSON.stringify({
          status: 422,
          code: "sure",
          detail: `Is it ${text} mm?`,
          suggestion: `${text}mm`,
          suggested: `${text} mm`,
        }),
      };
    });
    await user.keyboard("2.1{Enter}2{Enter}1.9{Enter}1.8{Enter}1.7{Enter}1.6{Enter}");
    await screen.findByText(/Yes, all 6/);
    await user.keyboard("a");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(12));
    expect(theServer.to("/readings")[11]?.body).toMatchObject({
      string: 1,
      text: "1.6mm",
      sure: true,
    });
  });

  it("goes back to the row whose entry was taken back, and on from there", async () => {
    const user = await openJob(2, "turnstone");
    const undone: Schemas["JobView"] = JSON.parse(sample("turnstone"));
    const line = undone.tape.find(
      (l) => l.row?.station === "action" && l.row.string === 4 && !l.undone,
    );
    if (line === undefined) throw new Error("nothing was read under 4 D");
    line.undone = true;
    theServer.on("POST /api/jobs/2/undo", { json: JSON.stringify({ ...undone, seq: 999 }) });
    await user.keyboard("z");
    await waitFor(() => expect(document.activeElement).toBe(field(/under string 4 D/)));
    await user.keyboard("1.5{Enter}");
    expect(document.activeElement).toBe(field(/under string 3 G/));
  });

  it("records nothing by a key that comes just as the next move changes", async () => {
    const user = await openJob(2, "turnstone");
    const other: Schemas["JobView"] = JSON.parse(sample("turnstone"));
    other.advice.move = "another";
    other.advice.headline = "File 8 slots";
    theServer.on("POST /api/jobs/2/retunes", { json: JSON.stringify({ ...other, seq: 999 }) });
    await user.keyboard("r");
    await screen.findByText("File 8 slots");
    await user.keyboard("d");
    expect(await screen.findByText(/changed just as the key came/)).toBeTruthy();
    expect(theServer.to("/followed")).toHaveLength(0);
    await waitFor(() => expect(document.querySelector("main")?.dataset["armed"]).toBe("another"));
    await user.keyboard("d");
    await waitFor(() => expect(theServer.to("/followed")).toHaveLength(1));
    expect(theServer.to("/followed")[0]?.body).toMatchObject({ move: "another" });
  });

  it("sends a reading as it was typed, with what this window had seen, and clears the field", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("1.7{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    expect(theServer.to("/readings")[0]?.body).toMatchObject({
      station: "action",
      string: 6,
      text: "1.7",
      sure: false,
      after: 31,
    });
    await waitFor(() => expect(field(/under string 6 E/).value).toBe(""));
    expect(document.activeElement).toBe(field(/under string 5 A/));
  });

  it("lets what was refused wait in its own row, and takes it only when its question is answered", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/readings", (sent) =>
      JSON.stringify(sent.body).includes('"sure":true') ? { json: sample("turnstone") } : odd,
    );
    await user.keyboard("17{Enter}");
    expect(await screen.findByText(/17 mm is possible but odd/)).toBeTruthy();
    const low = field(/under string 6 E/);
    expect(low.value).toBe("17");
    // the cursor has gone on, and stays there
    expect(document.activeElement).toBe(field(/under string 5 A/));
    await user.keyboard("1.6{Enter}");
    expect(low.value).toBe("17");
    // whoever comes back finds it selected: typing replaces it
    await user.keyboard("{ArrowUp}{ArrowUp}");
    expect([low.selectionStart, low.selectionEnd]).toEqual([0, 2]);
    await user.click(press("It is “17” as typed"));
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(3));
    expect(theServer.to("/readings")[2]?.body).toMatchObject({
      string: 6,
      text: "17",
      sure: true,
    });
    await waitFor(() => expect(low.value).toBe(""));
  });

  it("never takes a lost answer or a conflict for a yes", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on(
      "POST /api/jobs/2/readings",
      theServer.problem(409, "Another window added to this job meanwhile.", "changed-meanwhile"),
    );
    await user.keyboard("17{Enter}");
    await screen.findByText(/Another window added to this job meanwhile/);
    await user.keyboard("{ArrowUp}{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(2));
    expect(theServer.to("/readings")[1]?.body).toMatchObject({ text: "17", sure: false });
  });

  it("offers what was probably meant, and sends that", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/readings", (sent) =>
      JSON.stringify(sent.body).includes('"sure":true')
        ? { json: sample("turnstone") }
        : {
            status: 422,
            json: JSON.stringify({
              detail: "“72.5” would be 72.50 mm. Is it 72.5 thou (1.84 mm)?",
              code: "sure",
              suggestion: "72.5t",
              suggested: "72.5 thou (1.84 mm)",
            }),
          },
    );
    await user.keyboard("72.5{Enter}");
    await user.click(await screen.findByRole("button", { name: "It is 72.5 thou (1.84 mm)" }));
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(2));
    expect(theServer.to("/readings")[1]?.body).toMatchObject({ text: "72.5t", sure: true });
  });

  it("puts two fast series on the six strings of the open station, however slow the answers and whatever is refused", async () => {
    const user = await openJob(2, "turnstone");
    const waiting: (() => void)[] = [];
    theServer.on("POST /api/jobs/2/readings", (sent) => {
      const answered = JSON.stringify(sent.body).includes('"text":"x')
        ? theServer.problem(400, "Not a length.")
        : { json: sample("turnstone") };
      return new Promise((resolve) => waiting.push(() => resolve(answered)));
    });
    for (const text of ["1", "2", "x3", "4", "5", "6", "7", "8", "9", "10", "11", "12"])
      await user.keyboard(`${text}{Enter}`);
    // nothing was answered until here
    expect(theServer.to("/readings")).toHaveLength(1);
    for (let i = 0; i < 12; i++) {
      await waitFor(() => expect(waiting).toHaveLength(i + 1));
      waiting[i]?.();
    }
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(12));
    expect(theServer.to("/readings").map((s) => s.body)).toMatchObject(
      [6, 5, 4, 3, 2, 1, 6, 5, 4, 3, 2, 1].map((string) => ({ string, station: "action" })),
    );
    // at rest: the next move is one key away
    expect(document.activeElement).toBe(screen.getByTestId("rest"));
  });

  it("runs upwards when a series is begun at the last string, and a step back turns nothing round", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{ArrowUp}");
    await user.keyboard("1{Enter}2{Enter}");
    expect(document.activeElement).toBe(field(/under string 3 G/));
    await user.keyboard("{ArrowDown}2.1{Enter}");
    expect(document.activeElement).toBe(field(/under string 3 G/));
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(3));
    expect(theServer.to("/readings").map((s) => s.body)).toMatchObject(
      [1, 2, 2].map((string) => ({ string })),
    );
  });

  it("goes back to where it was when a question is answered", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/readings", (sent) =>
      JSON.stringify(sent.body).includes('"text":"17","sure":false')
        ? odd
        : { json: sample("turnstone") },
    );
    await user.keyboard("17{Enter}2{Enter}2.1{Enter}");
    await user.click(await screen.findByRole("button", { name: "It is “17” as typed" }));
    // three rows on already: not back to the second
    expect(document.activeElement).toBe(field(/under string 3 G/));
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(4));
    expect(theServer.to("/readings").map((s) => s.body)).toMatchObject(
      [6, 5, 4, 6].map((string) => ({ string })),
    );
  });

  it("rests when it rested while a question was answered", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/readings", (sent) =>
      JSON.stringify(sent.body).includes('"text":"17","sure":false')
        ? odd
        : { json: sample("turnstone") },
    );
    for (const text of ["17", "2", "2", "2", "2", "2"]) await user.keyboard(`${text}{Enter}`);
    await user.click(await screen.findByRole("button", { name: "It is “17” as typed" }));
    expect(document.activeElement).toBe(screen.getByTestId("rest"));
    // G begins the series anew, and so does the next digit
    await user.keyboard("g");
    await waitFor(() => expect(document.activeElement).toBe(field(/under string 6 E/)));
  });

  it("keeps what is refused when another station is open by then, and leaves what is typed there alone", async () => {
    const user = await openJob(2, "turnstone");
    const answer = later<Answer>();
    theServer.on("POST /api/jobs/2/readings", (sent) =>
      JSON.stringify(sent.body).includes('"text":"17"')
        ? answer.promise
        : { json: sample("turnstone") },
    );
    await user.keyboard("17{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    await user.keyboard("{Shift>}n{/Shift}");
    const nut = field(/^Nut reading under string 6 E/);
    expect(document.activeElement).toBe(nut);
    answer.keep(odd);
    await screen.findByText("▲ 1 not taken");
    await user.keyboard("0.2");
    await act(() => new Promise((drawn) => requestAnimationFrame(drawn)));
    await user.keyboard("5");
    // the same string's row, of another station
    expect(nut.value).toBe("0.25");
    expect(screen.queryByText(/17 mm is possible but odd/)).toBeNull();
    await user.keyboard("{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(2));
    expect(theServer.to("/readings")[1]?.body).toMatchObject({ station: "nut", text: "0.25" });
    await user.keyboard("{Shift>}a{/Shift}");
    expect(screen.getByText(/17 mm is possible but odd/)).toBeTruthy();
    expect(field(/^Action reading under string 6 E/).value).toBe("17");
    expect(screen.queryByText(/not taken/)).toBeNull();
    await user.click(press("It is “17” as typed"));
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(3));
    expect(theServer.to("/readings")[2]?.body).toMatchObject({ string: 6, text: "17", sure: true });
  });

  it("keeps what is typed and not entered while another station is open", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("1.7");
    await user.click(press(/^Nut/));
    expect(field(/^Nut reading under string 6 E/).value).toBe("");
    await screen.findByText("▲ 1 not taken");
    await user.keyboard("{Shift>}a{/Shift}");
    expect(field(/^Action reading under string 6 E/).value).toBe("1.7");
    expect(screen.queryByText(/not taken/)).toBeNull();
    await user.keyboard("{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    expect(theServer.to("/readings")[0]?.body).toMatchObject({ station: "action", text: "1.7" });
    // entered, it does not come back
    await user.keyboard("{Shift>}n{/Shift}{Shift>}a{/Shift}");
    expect(field(/^Action reading under string 6 E/).value).toBe("");
  });

  it("keeps what is refused when another page is open by then", async () => {
    theServer.job(2, "turnstone");
    const answer = later<Answer>();
    theServer.on("POST /api/jobs/2/readings", () => answer.promise);
    const user = opened(<Door />, "/jobs/:id", "/jobs/2");
    await screen.findByTestId("headline");
    await user.keyboard("17{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    await user.click(press("Door"));
    expect(screen.queryByTestId("headline")).toBeNull();
    answer.keep(odd);
    await user.click(press("Door"));
    expect(await screen.findByText(/17 mm is possible but odd/)).toBeTruthy();
    expect(field(/^Action reading under string 6 E/).value).toBe("17");
  });

  it("asks again about what was typed in another unit", async () => {
    theServer.job(2, "turnstone");
    theServer.on("GET /api/jobs/2", (sent) => ({
      json:
        sent.query.get("unit") === "mm"
          ? sample("turnstone")
          : sample("turnstone").replaceAll('"suffix":"mm"', '"suffix":"thou"'),
    }));
    const user = opened(<JobPage />, "/jobs/:id", "/jobs/2");
    await screen.findByTestId("headline");
    theServer.on("POST /api/jobs/2/readings", odd);
    await user.keyboard("17{Enter}");
    await screen.findByRole("button", { name: "It is “17” as typed" });
    await user.click(screen.getByRole("radio", { name: "thou" }));
    const low = await screen.findByRole<HTMLInputElement>("textbox", {
      name: "Action reading under string 6 E, thou",
    });
    expect(low.value).toBe("");
    expect(screen.getByRole("alert").textContent).toMatch(/^6 E, .*, in mm: “17” was not recorded/);
    expect(screen.queryByRole("button", { name: "It is “17” as typed" })).toBeNull();
    await user.click(press("Type it again"));
    expect(screen.queryByRole("alert")).toBeNull();
    expect(document.activeElement).toBe(low);
  });

  it("asks again about what was read with a tool that is no longer asked for", async () => {
    const asked = sample("turnstone").replace('"advice":{', '"advice":{"tool":"card",');
    theServer.job(2, "turnstone");
    theServer.on("GET /api/jobs/2", { json: asked });
    theServer.on("POST /api/jobs/2/readings", (sent) =>
      JSON.stringify(sent.body).includes('"text":"17"') ? odd : { json: sample("turnstone") },
    );
    const user = opened(<JobPage />, "/jobs/:id", "/jobs/2");
    await screen.findByTestId("headline");
    await user.keyboard("17{Enter}");
    await screen.findByRole("button", { name: "It is “17” as typed" });
    expect(theServer.to("/readings")[0]?.body).toMatchObject({ text: "17", tool: "card" });
    await user.keyboard("1.6{Enter}");
    await waitFor(() =>
      expect(screen.queryByRole("button", { name: "It is “17” as typed" })).toBeNull(),
    );
    expect(screen.getByRole("alert").textContent).toContain(
      "with the tool that was asked for: “17” was not recorded",
    );
  });

  it("lets what was refused be emptied and typed anew, and selects nothing of that", async () => {
    const user = await openJob(2, "turnstone");
    const answer = later<Answer>();
    theServer.on("POST /api/jobs/2/readings", () => answer.promise);
    await user.keyboard("2q{Enter}{ArrowUp}");
    const low = field(/under string 6 E/);
    expect(document.activeElement).toBe(low);
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    answer.keep(theServer.problem(400, "“2q” is not a length."));
    await screen.findByText("“2q” is not a length.");
    expect(low.value).toBe("2q");
    await user.clear(low);
    expect(low.value).toBe("");
    await user.keyboard("2.1");
    await act(() => new Promise((drawn) => requestAnimationFrame(drawn)));
    await user.keyboard("5");
    expect(low.value).toBe("2.15");
  });

  it("forgets what is typed again, in its own row", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/readings", theServer.problem(400, "“2q” is not a length."));
    await user.keyboard("2q{Enter}");
    await user.click(await screen.findByRole("button", { name: "Type it again" }));
    const low = field(/under string 6 E/);
    expect(document.activeElement).toBe(low);
    expect(low.value).toBe("");
    expect(screen.queryByRole("alert")).toBeNull();
    expect(press(/^Turned/)).toBeTruthy();
  });
});
