import { screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { InstrumentPage } from "./InstrumentPage";
import { PlayerPage } from "./PlayerPage";
import { RecordsPage } from "./RecordsPage";

const where = () => screen.getByTestId("where").textContent;

function instrument() {
  theServer.on("GET /api/instruments/10", { json: sample("history") });
  return opened(<InstrumentPage />, "/instruments/:id", "/instruments/10");
}

describe("an instrument's page", () => {
  it("tells every figure over time with its unit, and every visit as a table", async () => {
    instrument();
    const strip = await screen.findByRole("img", { name: /^Action, bass side, open string/ });
    expect(strip.getAttribute("aria-label")).toContain("found 2.05 mm, left 2.20 mm");
    const rows = screen.getAllByRole("row").map((row) => row.textContent.replaceAll("\u00a0", " "));
    expect(rows.filter((row) => row === "Action, bass side2.35 mm2.20 mm").length).toBe(2);
    expect(screen.getByText(/^Action, bass side follows the air: about/)).toBeTruthy();
    expect(screen.getByText("varnish at the shoulder")).toBeTruthy();
    expect(screen.getByText("Nothing was read.")).toBeTruthy();
  });

  it("leads to the job that is on the bench by its key", async () => {
    const user = instrument();
    await screen.findByText("varnish at the shoulder");
    await user.keyboard("j");
    expect(where()).toBe("/jobs/10");
  });

  it("goes from visit to visit with the arrow keys", async () => {
    const user = instrument();
    await screen.findByText("varnish at the shoulder");
    await user.keyboard("{ArrowLeft}{ArrowLeft}");
    const chosen = screen
      .getAllByRole("listitem")
      .find((item) => item.classList.contains("bg-paper"));
    expect(chosen?.textContent).toContain("ticket 0044");
  });

  it("writes down what is known of it, with the version that was seen", async () => {
    theServer.on("PUT /api/instruments/10/about", { json: sample("history") });
    const user = instrument();
    await screen.findByText("varnish at the shoulder");
    await user.keyboard("e");
    const field = await screen.findByLabelText<HTMLInputElement>("Maker and model, number");
    expect(field.value).toBe("Island luthier, no. 14");
    await user.clear(field);
    await user.type(field, "Island luthier, no. 15{Enter}");
    await waitFor(() =>
      expect(theServer.to("/about")[0]?.body).toEqual({
        version: 2,
        make: "Island luthier, no. 15",
        notes: "Comes dry every winter. Ask for the case.",
        doNotTouch: "varnish at the shoulder",
      }),
    );
  });

  it("tells a job that cannot be shown, and takes no other along", async () => {
    const history = sample("history").replace(
      '"visits":[',
      '"visits":[{"job":99,"ticket":0,"at":"1970-01-01T00:00:00Z","leftAt":"1970-01-01T00:00:00Z","closed":false,"broken":true,"player":"","complaint":"","strings":"","tuning":"","offers":[],"condition":[],"figures":[]},',
    );
    theServer.on("GET /api/instruments/10", { json: history });
    opened(<InstrumentPage />, "/instruments/:id", "/instruments/10");
    const broken = await screen.findByRole("link", { name: /^A job that cannot be shown/ });
    expect(broken.getAttribute("href")).toBe("/jobs/99");
    expect(screen.getByRole("img", { name: /^Action, bass side/ })).toBeTruthy();
  });

  it("says what to do first while nothing was read", async () => {
    const history: object = JSON.parse(sample("history"));
    const bare = JSON.stringify({
      ...history,
      series: [],
      visits: [],
      forecasts: [],
      changes: [],
      onBench: undefined,
    });
    theServer.on("GET /api/instruments/10", { json: bare });
    const user = opened(<InstrumentPage />, "/instruments/:id", "/instruments/10");
    expect(await screen.findByText(/^Nothing was read on it yet/)).toBeTruthy();
    expect(screen.getByText("It was not here yet.")).toBeTruthy();
    await user.keyboard("n");
    expect(where()).toBe("/new");
  });

  it("says so when there is no such instrument", async () => {
    theServer.on(
      "GET /api/instruments/77",
      theServer.problem(404, "There is no instrument number 77."),
    );
    opened(<InstrumentPage />, "/instruments/:id", "/instruments/77");
    expect(await screen.findByText("There is no instrument number 77.")).toBeTruthy();
  });
});

describe("a player's page", () => {
  it("asks before a person is forgotten, in the server's words", async () => {
    theServer.on("GET /api/players/10", { json: sample("player") });
    theServer.on("POST /api/players/10/forget", (sent) =>
      JSON.stringify(sent.body).includes("true")
        ? { json: sample("player").replace(/"name":"[^"]*"/, '"name":"Forgotten player"') }
        : theServer.problem(422, "Forget “Saltholm” for good?", "sure"),
    );
    const user = opened(<PlayerPage />, "/players/:id", "/players/10");
    await user.click(await screen.findByRole("button", { name: "Forget this person" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(await dialog.findByText("Forget “Saltholm” for good?")).toBeTruthy();
    await user.click(dialog.getByRole("button", { name: "Forget for good" }));
    expect(await screen.findByRole("heading", { name: "Forgotten player" })).toBeTruthy();
  });

  it("writes down name, touch, contact and notes with the version that was seen", async () => {
    theServer.on("GET /api/players/10", { json: sample("player") });
    theServer.on("PUT /api/players/10", { json: sample("player") });
    const user = opened(<PlayerPage />, "/players/:id", "/players/10");
    await screen.findByRole("heading", { name: /saloon loan no. 1/ });
    await user.keyboard("e");
    const dialog = within(await screen.findByRole("dialog"));
    await user.selectOptions(dialog.getByLabelText("Touch"), "heavy");
    await user.type(dialog.getByLabelText("How they are reached"), "third deck");
    await user.type(dialog.getByLabelText(/^Notes/), "low, and no buzz{Control>}{Enter}{/Control}");
    await waitFor(() => expect(theServer.to("/players/10")).toHaveLength(1));
    expect(theServer.to("/players/10")[0]?.body).toMatchObject({
      version: 1,
      touch: "heavy",
      contact: "third deck",
      notes: "low, and no buzz",
    });
    await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
  });

  it("keeps what was typed when another window wrote meanwhile", async () => {
    theServer.on("GET /api/players/10", { json: sample("player") });
    theServer.on("PUT /api/players/10", theServer.problem(409, "Another window wrote meanwhile."));
    const user = opened(<PlayerPage />, "/players/:id", "/players/10");
    await screen.findByRole("heading", { name: /saloon loan no. 1/ });
    await user.keyboard("e");
    const dialog = within(await screen.findByRole("dialog"));
    const contact = dialog.getByLabelText<HTMLTextAreaElement>("How they are reached");
    await user.type(contact, "third deck{Control>}{Enter}{/Control}");
    expect(await dialog.findByText("Another window wrote meanwhile.")).toBeTruthy();
    expect(contact.value).toBe("third deck");
  });

  it("is put back into the lists from the archive", async () => {
    const away = sample("player").replace(
      '"notes":""',
      '"notes":"","archivedAt":"2031-01-02T09:00:00Z"',
    );
    theServer.on("GET /api/players/10", { json: away });
    theServer.on("PUT /api/players/10/archived", { json: sample("player") });
    const user = opened(<PlayerPage />, "/players/:id", "/players/10");
    expect(await screen.findByText(/^Archived on 2 January 2031/)).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Put it back" }));
    await waitFor(() => expect(screen.queryByText(/^Archived on/)).toBeNull());
    expect(theServer.to("/archived")[0]?.body).toEqual({ archived: false });
  });

  it("says that two are one by choosing the other", async () => {
    theServer.on("GET /api/players/10", { json: sample("player") });
    theServer.on("GET /api/search", {
      json: JSON.stringify({
        count: 1,
        from: 0,
        most: 20,
        hits: [{ what: "player", id: 4, title: "Ferry Band", detail: "" }],
      }),
    });
    theServer.on("PUT /api/players/10/same-as", {
      json: sample("player").replace(/"id":10/, '"id":4'),
    });
    const user = opened(<PlayerPage />, "/players/:id", "/players/10");
    await user.click(await screen.findByRole("button", { name: "Is the same as another" }));
    await user.type(await screen.findByLabelText("Find the other one"), "ferry");
    await user.click(await screen.findByRole("button", { name: /Ferry Band/ }));
    await waitFor(() => expect(where()).toBe("/players/4"));
    expect(theServer.to("/same-as")[0]?.body).toEqual({ as: 4 });
  });
});

describe("the records", () => {
  it("finds by words and leads to what was found", async () => {
    theServer.on("GET /api/search", { json: sample("search") });
    const user = opened(<RecordsPage />, "/records", "/records");
    await user.type(screen.getByLabelText(/^Part of a name/), "eidr");
    await waitFor(() => expect(theServer.sent.at(-1)?.query.get("words")).toBe("eidr"));
    await user.click(await screen.findByRole("link", { name: /Flat-top “Eider”/ }));
    expect(where()).toBe("/instruments/10");
  });

  it("goes through the closed jobs, of a kind and a season", async () => {
    theServer.on("GET /api/kinds", { json: sample("kinds") });
    theServer.on("GET /api/bench/closed", (sent) => ({
      json: sample("archive")
        .replace(/"count":\d+/, '"count":25')
        .replace(/"from":0/, `"from":${sent.query.get("from") ?? "0"}`),
    }));
    const user = opened(<RecordsPage />, "/records", "/records?closed");
    expect(await screen.findByText("1 to 10 of 25")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "More" }));
    expect(await screen.findByText("11 to 20 of 25")).toBeTruthy();
    await user.selectOptions(await screen.findByLabelText("Taken in"), "winter");
    expect(await screen.findByText("1 to 10 of 25")).toBeTruthy();
    expect(theServer.sent.at(-1)?.query.get("season")).toBe("winter");
    await user.type(screen.getByLabelText(/^Part of a name/), "deck");
    await waitFor(() => expect(theServer.sent.at(-1)?.query.get("words")).toBe("deck"));
  });

  it("says when no closed job has those words", async () => {
    theServer.on("GET /api/kinds", { json: sample("kinds") });
    theServer.on("GET /api/bench/closed", {
      json: JSON.stringify({ count: 0, from: 0, most: 10, jobs: [] }),
    });
    const user = opened(<RecordsPage />, "/records", "/records?closed");
    await user.type(screen.getByLabelText(/^Part of a name/), "nowhere");
    expect(await screen.findByText("No closed job has “nowhere” in it.")).toBeTruthy();
  });
});
