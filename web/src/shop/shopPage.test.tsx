import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { ShopPage } from "./ShopPage";

const backups = (more: string) => ({
  json: `{"folder":"/home/bench/.barytone/shop/backups","habit":"Made every day.","count":3,"last":"2031-02-03T07:30:00Z"${more}}`,
});

const effort = (reading: string, version = 3) => ({
  json: `{"version":${String(version)},"reading":"${reading}","retune":"1.5","slackening":"3","comeback":"10","follows":["Read again with more than 5 %."]}`,
});

const nothing = `{"jobs":0,"lines":[]}`;

async function shop(learned = nothing) {
  theServer.on("GET /api/shop/backups", backups(""));
  theServer.on("GET /api/shop/tools", { json: sample("tools") });
  theServer.on("GET /api/shop/learned", { json: learned });
  theServer.on("GET /api/shop/effort", effort("0.5"));
  theServer.on("GET /api/shop/schools", { json: sample("schools") });
  theServer.on("PUT /api/shop/tools", { json: sample("tools") });
  theServer.on("PUT /api/shop/schools", { json: sample("schools") });
  const user = opened(<ShopPage />, "/shop", "/shop");
  await screen.findByText("Pressed gap, held behind 3");
  return user;
}

describe("what work takes", () => {
  it("is kept as typed with the version that this window had seen, and says what follows", async () => {
    const user = await shop();
    const reading = await screen.findByLabelText<HTMLInputElement>("A reading, minutes");
    const keep = screen.getByRole<HTMLButtonElement>("button", { name: "Keep the times" });
    expect(keep.disabled).toBe(true);
    expect(screen.getByText("Read again with more than 5 %.")).toBeTruthy();
    await user.clear(reading);
    await user.type(reading, "0,8");
    theServer.on("PUT /api/shop/effort", effort("0.8", 4));
    await user.click(keep);
    await waitFor(() => expect(put("/effort")).toHaveLength(1));
    const sent = JSON.stringify(put("/effort")[0]?.body);
    expect(sent).toContain('"reading":"0,8"');
    expect(sent).toContain('"version":3');
    expect(await screen.findByDisplayValue("0.8")).toBeTruthy();
  });

  it("stays typed when it is refused, with what is allowed", async () => {
    const user = await shop();
    const reading = await screen.findByLabelText<HTMLInputElement>("A reading, minutes");
    theServer.on("PUT /api/shop/effort", theServer.problem(400, "allowed is 0.05 to 30 minutes."));
    await user.clear(reading);
    await user.type(reading, "90{Enter}");
    expect(await screen.findByText(/allowed is 0.05 to 30/)).toBeTruthy();
    expect(reading.value).toBe("90");
  });
});

const priceList = (version: number, price: string) => ({
  json: JSON.stringify({
    version,
    currency: "shells",
    decimals: 2,
    tax: "0",
    taxIncluded: true,
    askShare: 50,
    services: [{ kind: "service", text: "Setup", price }],
  }),
});

describe("the price list", () => {
  it("is kept whole, as typed, with the version that this window had seen", async () => {
    theServer.on("GET /api/shop/prices", priceList(4, "65.00"));
    const user = await shop();
    const price = await screen.findByLabelText<HTMLInputElement>("Price of Setup");
    await user.clear(price);
    await user.type(price, "70");
    theServer.on("PUT /api/shop/prices", priceList(5, "70.00"));
    await user.click(screen.getByRole("button", { name: "Keep the prices" }));
    expect(await screen.findByDisplayValue("70.00")).toBeTruthy();
    expect(put("/prices")[0]?.body).toMatchObject({
      version: 4,
      services: [{ kind: "service", text: "Setup", price: "70" }],
    });
  });

  it("stays typed when it is refused", async () => {
    theServer.on("GET /api/shop/prices", priceList(4, "65.00"));
    theServer.on("PUT /api/shop/prices", theServer.problem(400, "allowed is a sum of 0 or more."));
    const user = await shop();
    const price = await screen.findByLabelText<HTMLInputElement>("Price of Setup");
    await user.clear(price);
    await user.type(price, "much{Enter}");
    expect(await screen.findByText(/allowed is a sum/)).toBeTruthy();
    expect(price.value).toBe("much");
  });
});

const put = (what: string) => theServer.to(what).filter((s) => s.method === "PUT");

describe("the shop's tools", () => {
  it("say what readings told of them, each in a line", async () => {
    await shop(
      `{"jobs":3,"lines":["The action card reads about 0.05 mm high.","Read again, the same."]}`,
    );
    const told = within(await screen.findByRole("list", { name: "What readings told" }));
    expect(told.getAllByRole("listitem").map((li) => li.textContent)).toEqual([
      "The action card reads about 0.05 mm high.",
      "Read again, the same.",
    ]);
  });

  it("are marked bent with the version that this window had seen", async () => {
    const user = await shop();
    await user.selectOptions(screen.getByLabelText(/^feeler leaf 0.10 .*state/), "bent");
    await waitFor(() => expect(put("/tools")).toHaveLength(1));
    const sent = JSON.stringify(put("/tools")[0]?.body);
    expect(sent).toContain('"state":"bent"');
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
    await user.selectOptions(screen.getByLabelText(/^feeler leaf 0.10 .*state/), "worn");
    expect(await screen.findByText("Another window changed the tools meanwhile.")).toBeTruthy();
  });
});

describe("the shop's schools", () => {
  it("are kept as typed, each number in its own place", async () => {
    const user = await shop();
    const kept = sample("schools").replace(/"version" *: *\d+/, '"version":4711');
    theServer.on("PUT /api/shop/schools", { json: kept });
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
    // the form is made anew for what was kept
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>("Middle, from, mm").value).toBe("0.15"),
    );
    expect(screen.queryByText("Kept. New jobs start from these.")).toBeTruthy();
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

describe("the shop's backups", () => {
  it("say where they are, how old the last is, and are made on demand", async () => {
    const user = await shop();
    expect((await screen.findByTestId("last-backup")).textContent).toMatch(/2031.*there are 3/);
    expect(screen.getByText("/home/bench/.barytone/shop/backups")).toBeTruthy();
    theServer.on("POST /api/shop/backups", {
      json: backups("").json.replace('"count":3', '"count":4'),
    });
    await user.click(screen.getByRole("button", { name: "Back up now" }));
    await waitFor(() =>
      expect(screen.getByTestId("last-backup").textContent).toContain("there are 4"),
    );
  });

  it("say why the last one could not be made", async () => {
    const user = await shop();
    theServer.on("POST /api/shop/backups", theServer.problem(507, "The disk is full. Make room."));
    await user.click(await screen.findByRole("button", { name: "Back up now" }));
    expect(await screen.findByText("The disk is full. Make room.")).toBeTruthy();
    // the next look is told the same by the server
    expect(screen.getByTestId("last-backup").textContent).toContain("there are 3");
  });
});
