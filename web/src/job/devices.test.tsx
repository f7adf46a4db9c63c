import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../test/job";
import { theServer } from "../test/server";

const readings = () => theServer.to("/api/jobs/2/readings");

describe("devices that type", () => {
  it("a pedal is taught by pressing it once, and means what it was taught", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{Escape}{Shift>}S{/Shift}");
    const panel = within(await screen.findByRole("dialog"));
    const teach = panel.getAllByRole("button", { name: "Teach it" })[0];
    if (teach === undefined) throw new Error("nothing to teach");
    await user.click(teach);
    await user.keyboard("{PageDown}");
    expect(panel.getByText("PageDown")).toBeDefined();
    await user.keyboard("{Escape}");
    const field = screen.getByLabelText<HTMLInputElement>(/^Action reading under string 6 /);
    await user.click(field);
    await user.keyboard("2.1{PageDown}");
    await waitFor(() => expect(readings()).toHaveLength(1));
    expect(document.activeElement).toBe(screen.getByLabelText(/^Action reading under string 5 /));
    expect(JSON.parse(localStorage.getItem("barytone.device") ?? "{}")).toMatchObject({
      pedal: { next: "PageDown" },
    });
  });

  it("a key that readings need is not taught, and a letter stays a letter in a note", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{Escape}{Shift>}S{/Shift}");
    const panel = within(await screen.findByRole("dialog"));
    const [next, done] = panel.getAllByRole("button", { name: "Teach it" });
    if (next === undefined || done === undefined) throw new Error("nothing to teach");
    await user.click(next);
    await user.keyboard("2");
    expect(panel.getByRole("alert").textContent).toContain("“2” is wanted for readings");
    await user.click(done);
    await user.keyboard("k");
    await user.keyboard("{Escape}");
    await user.keyboard("n");
    await user.keyboard("knock");
    expect(screen.getByDisplayValue("knock")).toBeDefined();
  });

  it("the stand-in caliper types a value with unit and sign into the open row, and ends it", async () => {
    const user = await openJob(2, "turnstone");
    // the pause is a matter of clocks, and tried with one of its own
    for (const ending of ["Enter", "Tab"]) {
      const before = readings().length;
      await user.click(screen.getByLabelText(/^Action reading under string 6 /));
      await user.keyboard("{Shift>}S{/Shift}");
      const panel = within(await screen.findByRole("dialog"));
      await user.clear(panel.getByLabelText(/^Stand-in: it types/));
      await user.type(panel.getByLabelText(/^Stand-in: it types/), "+2.10mm");
      await user.selectOptions(panel.getByLabelText(/^and ends with/), ending);
      await user.click(panel.getByRole("button", { name: "Type it into the open row" }));
      await waitFor(() => expect(readings()).toHaveLength(before + 1), { timeout: 4000 });
      expect(readings().at(-1)?.body).toMatchObject({ text: "+2.10mm" });
    }
  });
});
