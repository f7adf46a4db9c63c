import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../test/job";
import { theServer } from "../test/server";

/** The units that the job was asked for in last. */
const asked = () => theServer.sent.findLast((s) => s.path === "/api/jobs/2")?.query.get("unit");
const form = async () => within(await screen.findByRole("dialog"));

describe("the units", () => {
  it("are set for one quantity, kept, and put back under the switch", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{Escape}");
    expect(asked()).toBe("mm");
    await user.click(screen.getByRole("button", { name: "each" }));
    await user.selectOptions((await form()).getByLabelText("Relief"), "thou");
    await user.selectOptions((await form()).getByLabelText("Action"), "in64");
    await user.click((await form()).getByRole("button", { name: "Done" }));
    await waitFor(() => expect(asked()).toBe("mm,relief=thou,action=in64"));
    expect(localStorage.getItem("barytone.units")).toContain("in64");
    // the switch says that no single unit holds, in words
    expect(screen.getByRole("radio", { name: "mm" }).getAttribute("aria-checked")).toBe("false");
    await user.click(screen.getByRole("button", { name: "mixed" }));
    await user.selectOptions((await form()).getByLabelText("Relief"), "");
    await user.click((await form()).getByRole("button", { name: "Done" }));
    await waitFor(() => expect(asked()).toBe("mm,action=in64"));
  });

  it("all change at once by the switch, whatever was set apart", async () => {
    localStorage.setItem("barytone.units", JSON.stringify({ relief: "thou", colour: "red" }));
    const user = await openJob(2, "turnstone");
    expect(asked()).toBe("mm,relief=thou");
    await user.click(screen.getByRole("radio", { name: "64ths" }));
    await waitFor(() => expect(asked()).toBe("in64"));
    // what was chosen for single quantities comes back
    await user.click(screen.getByRole("button", { name: "each" }));
    await user.click((await form()).getByRole("button", { name: "Done" }));
    await waitFor(() => expect(asked()).toBe("in64,relief=thou"));
  });

  it("are the usual ones when what was kept cannot be read", async () => {
    localStorage.setItem("barytone.units", "{not json");
    localStorage.setItem("barytone.unit", "furlong");
    await openJob(2, "turnstone");
    expect(asked()).toBe("mm");
  });

  it("of the tension is remembered by itself", async () => {
    const user = await openJob(2, "turnstone");
    await user.click(screen.getByRole("button", { name: "each" }));
    await user.selectOptions((await form()).getByLabelText("String tension"), "lb");
    expect(localStorage.getItem("barytone.tension")).toBe("lb");
    await waitFor(() => expect(asked()).toBe("mm,tension=lb"));
  });
});
