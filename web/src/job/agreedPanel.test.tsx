import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../test/job";
import { theServer } from "../test/server";

const PRICES = {
  version: 1,
  currency: "shells",
  decimals: 2,
  tax: "0",
  taxIncluded: true,
  askShare: 50,
  services: [
    { kind: "service", text: "Setup", price: "65.00" },
    { kind: "goodwill", text: "Loose screws tightened", price: "" },
  ],
};

async function opened() {
  theServer.on("GET /api/shop/prices", { json: JSON.stringify(PRICES) });
  const user = await openJob(10, "eider");
  await user.keyboard("{Escape}{Shift>}q{/Shift}");
  const dialog = within(await screen.findByRole("dialog"));
  await dialog.findByRole("option", { name: "Setup, 65.00" });
  return { user, dialog };
}

describe("what is agreed with the player", () => {
  it("is put together from the price list and sent whole, as it was typed", async () => {
    const { user, dialog } = await opened();
    const list = dialog.getByLabelText("Add from the price list");
    await user.selectOptions(list, "Setup, 65.00");
    await user.selectOptions(list, "Loose screws tightened, for nothing");
    await user.click(dialog.getByRole("button", { name: "Another line" }));
    await user.selectOptions(dialog.getAllByLabelText("What it is")[2] ?? list, "offer");
    await user.type(dialog.getAllByLabelText("In words")[2] ?? list, "Fret ends dressed");
    await user.type(dialog.getAllByLabelText("Price")[2] ?? list, "35");
    await user.type(dialog.getByLabelText(/^Why it was offered/), "next time");
    await user.type(dialog.getByLabelText("Accepted by"), "the boatswain{Enter}");
    await waitFor(() =>
      expect(theServer.to("/agreement")[0]?.body).toMatchObject({
        lines: [
          { kind: "service", text: "Setup", price: "65.00" },
          { kind: "goodwill", text: "Loose screws tightened", price: "" },
          { kind: "offer", text: "Fret ends dressed", price: "35", why: "next time" },
        ],
        acceptedBy: "the boatswain",
      }),
    );
  });

  it("takes a line out again", async () => {
    const { user, dialog } = await opened();
    const list = dialog.getByLabelText("Add from the price list");
    await user.selectOptions(list, "Setup, 65.00");
    await user.click(dialog.getByRole("button", { name: "Take out: Setup" }));
    expect(dialog.getByText(/^Nothing yet/)).toBeTruthy();
  });
});
