import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { ShopPage } from "./ShopPage";

async function shop() {
  theServer.on("GET /api/shop/tools", { json: sample("tools") });
  theServer.on("GET /api/shop/schools", { json: sample("schools") });
  theServer.on("PUT /api/shop/tools", { json: sample("tools") });
  theServer.on("PUT /api/shop/schools", { json: sample("schools") });
  const user = opened(<ShopPage />, "/shop", "/shop");
  await screen.findByText("Pressed gap, held behind 3");
  return user;
}

const put = (what: string) => theServer.to(what).filter((s) => s.method === "PUT");

describe("the shop's tools", () => {
  it("are marked bent with the version that this window had seen", async () => {
    const user = await shop();
    await user.selectOptions(screen.getByLabelText(/^feeler leaf 0.10 .*state/), "BENT");
    await waitFor(() => expect(put("/tools")).toHaveLength(1));
    const sent = JSON.stringify(put("/tools")[0]?.body);
    expect(sent).toContain('"state":"BENT"');
    expect(sent).toMatch(/"version":\d+/);
  });

  it("are added with a size, and what is refused is said and stays typed", async () => {
    const user = await shop();
    theServer.on(
      "PUT /api/shop/tools",
      theServer.problem(400, "size of the feeler leaf: given 90; allowed is 0.01 to 3 mm."),
    );
    const size = screen.getByLabelText<HTMLInputElement>(/^Size or finest mark/);
    await user.type(size, "90");
    await user.click(screen.getByRole("button", { name: "Add" }));
    expect(await screen.findByText(/allowed is 0.01 to 3 mm/)).toBeTruthy();
    expect(size.value).toBe("90");
  });

  it("say that another window was faster", async () => {
    const user = await shop();
    theServer.on(
      "PUT /api/shop/tools",
      theServer.problem(409, "Another window changed the tools meanwhile.", "changed-meanwhile"),
    );
    await user.selectOptions(screen.getByLabelText(/^feeler leaf 0.10 .*state/), "WORN");
    expect(await screen.findByText("Another window changed the tools meanwhile.")).toBeTruthy();
  });
});

describe("the shop's schools", () => {
  it("are kept as typed, each number in its own place", async () => {
    const user = await shop();
    const type = async (label: string, text: string) => {
      const field = screen.getByLabelText(label);
      await user.clear(field);
      await user.type(field, text);
    };
    await type("Middle, from, mm", "0.16");
    await type("Pressed gap, treble to, mm", "0.12");
    await user.click(screen.getByRole("button", { name: "Keep the schools" }));
    await waitFor(() => expect(put("/schools")).toHaveLength(1));
    const sent = put("/schools")[0]?.body;
    expect(sent).toMatchObject({
      relief: expect.arrayContaining([
        expect.objectContaining({ code: "MIDDLE", low: "0.16", high: "0.28" }),
      ]),
      nut: expect.arrayContaining([expect.objectContaining({ trebleHigh: "0.12" })]),
    });
    expect(await screen.findByText("Kept. New jobs start from these.")).toBeTruthy();
  });

  it("keep their reasons, which can be changed too", async () => {
    const user = await shop();
    const reason = screen.getByLabelText("Nearly flat: reason");
    await user.clear(reason);
    await user.type(reason, "For lapped frets.");
    await user.click(screen.getByRole("button", { name: "Keep the schools" }));
    await waitFor(() =>
      expect(JSON.stringify(put("/schools")[0]?.body)).toContain("For lapped frets."),
    );
  });

  it("stay on screen as typed when the server refuses them", async () => {
    const user = await shop();
    theServer.on("PUT /api/shop/schools", theServer.problem(400, "relief: given much."));
    const field = screen.getByLabelText<HTMLInputElement>("Middle, from, mm");
    await user.clear(field);
    await user.type(field, "much");
    await user.click(screen.getByRole("button", { name: "Keep the schools" }));
    expect(await screen.findByText("relief: given much.")).toBeTruthy();
    expect(field.value).toBe("much");
  });

  it("are tables with named columns", async () => {
    await shop();
    const nut = within(screen.getByRole("table", { name: /^Nut/ }));
    expect(nut.getAllByRole("columnheader").map((h) => h.textContent)).toEqual([
      "School and its reason",
      "bass from",
      "to",
      "treble from",
      "to",
    ]);
  });
});
