import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { NewJobPage } from "./NewJobPage";

async function intake() {
  theServer.on("GET /api/kinds", { json: sample("kinds") });
  theServer.on("GET /api/bridges", { json: sample("bridges") });
  theServer.on("GET /api/arrival/choices", { json: sample("arrival") });
  theServer.on("POST /api/jobs", { status: 201, json: JSON.stringify({ id: 42 }) });
  const user = opened(<NewJobPage />, "/new", "/new");
  await screen.findByLabelText("Name on the ticket");
  return user;
}

const value = (label: string | RegExp) => screen.getByLabelText<HTMLInputElement>(label).value;
const opens = () => theServer.to("/api/jobs");

describe("taking in an instrument", () => {
  it("fills in what is usual for the kind", async () => {
    const user = await intake();
    await user.click(screen.getByRole("radio", { name: "Mandolin" }));
    await user.click(screen.getByRole("button", { name: /^Tuning/ }));
    expect(value(/^Tuning, lowest string first/)).toBe("G3 G3 D4 D4 A4 A4 E5 E5");
    await user.keyboard("{Escape}");
    expect(screen.getByRole("button", { name: /^Bridge/ }).textContent).toContain("loating");
    await user.click(screen.getByRole("radio", { name: "Nylon-string" }));
    expect(screen.getByRole("button", { name: /^Rod/ }).textContent).toContain("no rod");
  });

  it("finds a kind by the first letters of its name", async () => {
    const user = await intake();
    screen.getByRole("radio", { name: "Solid electric" }).focus();
    await user.keyboard("ba");
    expect(screen.getByRole("radio", { name: "Baritone" }).getAttribute("aria-checked")).toBe(
      "true",
    );
    await user.keyboard("ss");
    expect(screen.getByTestId("where").textContent).toBe("/new");
    const bass = screen.getByRole("radio", { name: /^Bass, four/ });
    expect(bass.getAttribute("aria-checked")).toBe("true");
    expect(document.activeElement).toBe(bass);
  });

  it("keeps the name and what belongs to the player when the kind is changed", async () => {
    const user = await intake();
    await user.type(screen.getByLabelText("Name on the ticket"), "Mandolin “Dunlin”");
    await user.type(screen.getByLabelText("Name of the player or lender"), "Island school");
    await user.click(screen.getByRole("radio", { name: "Mandolin" }));
    expect(value("Name on the ticket")).toBe("Mandolin “Dunlin”");
    expect(value("Name of the player or lender")).toBe("Island school");
  });

  it("opens the job with what was agreed on and goes to it", async () => {
    const user = await intake();
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Avocet”");
    await user.type(screen.getByLabelText("Name of the player or lender"), "Ferry band");
    await user.click(screen.getByRole("checkbox", { name: "Nut" }));
    await user.click(screen.getByRole("button", { name: "Start the job" }));
    await waitFor(() => expect(screen.getByTestId("where").textContent).toBe("/jobs/42"));
    expect(opens()[0]?.body).toMatchObject({
      player: "Ferry band",
      scope: ["relief", "action", "frets", "intonation", "pickups"],
      instrument: { name: "Electric “Avocet”", bridge: "individual" },
    });
  });

  it("says what is missing and stands there, so that nothing is typed in the wrong place", async () => {
    const user = await intake();
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Avocet”{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain(
      "Name of the player or lender is missing",
    );
    expect(document.activeElement).toBe(screen.getByLabelText("Name of the player or lender"));
    expect(opens()).toHaveLength(0);
  });

  it("asks about a radius at its own field and takes what was meant by one press", async () => {
    const user = await intake();
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Avocet”");
    theServer.on("POST /api/jobs", {
      status: 400,
      json: JSON.stringify({
        detail: "“9.5” would be 9.5 mm. Is it 9.5 inches?",
        code: "meant",
        field: "boardRadius",
        suggestion: "9.5in",
        suggested: "9.5 inches",
      }),
    });
    await user.type(screen.getByLabelText("Name of the player or lender"), "Ferry band{Enter}");
    const radius = await screen.findByLabelText(/^Board radiusmm/);
    await waitFor(() => expect(document.activeElement).toBe(radius));
    theServer.on("POST /api/jobs", { status: 201, json: JSON.stringify({ id: 42 }) });
    const yes = screen.getAllByRole("button", { name: "Yes, 9.5 inches" })[0];
    if (yes === undefined) throw new Error("not asked");
    await user.click(yes);
    await waitFor(() => expect(screen.getByTestId("where").textContent).toBe("/jobs/42"));
    expect(opens().at(-1)?.body).toMatchObject({ instrument: { boardRadius: "9.5in" } });
  });

  it("keeps a fact that was changed on the drawing, by Enter", async () => {
    const user = await intake();
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Knot”");
    await user.type(screen.getByLabelText("Name of the player or lender"), "Ferry band");
    await user.click(screen.getByRole("button", { name: /^Scale length/ }));
    const scale = await screen.findByLabelText(/^Scale length/, { selector: "input" });
    await user.clear(scale);
    await user.type(scale, "25 1/2in{Enter}");
    await waitFor(() =>
      expect(screen.queryByLabelText(/^Scale length/, { selector: "input" })).toBeNull(),
    );
    expect(opens()).toHaveLength(0);
    await user.click(screen.getByRole("button", { name: /What hurts/ }));
    await waitFor(() =>
      expect(opens()[0]?.body).toMatchObject({ instrument: { scaleLength: "25 1/2in" } }),
    );
    expect(screen.getByTestId("where").textContent).toBe("/jobs/42/arrival");
  });

  it("asks about strings typed from the low side, and turns them round on demand", async () => {
    const user = await intake();
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Avocet”");
    await user.type(screen.getByLabelText("Name of the player or lender"), "Ferry band");
    theServer.on("POST /api/jobs", (sent) =>
      JSON.stringify(sent.body).includes('"sure":false')
        ? {
            status: 422,
            json: JSON.stringify({
              status: 422,
              detail: "These look like strings 6 to 1.",
              code: "sure",
              suggestion: "10 13 17 26w 36w 46w",
              suggested: "turned round: 10 13 17 26w 36w 46w",
            }),
          }
        : { status: 201, json: JSON.stringify({ id: 44 }) },
    );
    await user.click(screen.getByRole("button", { name: "Start the job" }));
    await user.click(await screen.findByRole("button", { name: /^Yes, turned round/ }));
    await waitFor(() => expect(opens()).toHaveLength(2));
    expect(opens()[1]?.body).toMatchObject({
      sure: false,
      instrument: { strings: "10 13 17 26w 36w 46w" },
    });
    await user.click(await screen.findByRole("button", { name: "Take it as typed" }));
    await waitFor(() => expect(screen.getByTestId("where").textContent).toBe("/jobs/44"));
    expect(opens()[2]?.body).toMatchObject({ sure: true });
  });

  it("sends the same key when it is pressed again after a failure, so that one job is opened", async () => {
    const user = await intake();
    let asked = 0;
    theServer.on("POST /api/jobs", () => {
      asked++;
      return asked === 1
        ? Promise.reject(new TypeError("gone"))
        : { status: 201, json: JSON.stringify({ id: 43 }) };
    });
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Ibis”");
    await user.type(screen.getByLabelText("Name of the player or lender"), "Ferry band");
    await user.click(screen.getByRole("button", { name: "Start the job" }));
    expect(await screen.findByText(/Barytone does not answer/)).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Start the job" }));
    await waitFor(() => expect(screen.getByTestId("where").textContent).toBe("/jobs/43"));
    const keys = opens().map((s) => /"requestKey":"([^"]+)"/.exec(JSON.stringify(s.body))?.[1]);
    expect(keys).toHaveLength(2);
    expect(keys[0]).toBe(keys[1]);
  });

  it("says what is wrong with a fact and keeps the form", async () => {
    const user = await intake();
    theServer.on(
      "POST /api/jobs",
      theServer.problem(400, "scale length: given 2 mm; allowed is 250 to 1000 mm."),
    );
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Crake”");
    await user.type(screen.getByLabelText("Name of the player or lender"), "Ferry band");
    await user.click(screen.getByRole("button", { name: "Start the job" }));
    expect(await screen.findByText(/allowed is 250 to 1000 mm/)).toBeTruthy();
    expect(value("Name on the ticket")).toBe("Electric “Crake”");
  });

  it("takes in what was here before with its facts, its player and what it left as", async () => {
    theServer.on("GET /api/search", { json: sample("search") });
    theServer.on("GET /api/instruments/10", { json: sample("history") });
    theServer.on("GET /api/players/10", { json: sample("player") });
    theServer.on("GET /api/instruments/10/photos", { json: "[]" });
    const user = await intake();
    await user.type(screen.getByRole("combobox", { name: /^Was here before/ }), "eidr");
    await screen.findByRole("option", { name: /Flat-top “Eider”/ });
    await user.keyboard("{ArrowDown}{Enter}");
    expect(await screen.findByText("varnish at the shoulder")).toBeTruthy();
    expect(screen.getByText("2.20 mm")).toBeTruthy();
    await waitFor(() =>
      expect(value("Name of the player or lender")).toBe("Saltholm Ferry Band, saloon loan no. 1"),
    );
    await user.click(screen.getByRole("button", { name: "Start the job" }));
    await waitFor(() =>
      expect(opens()[0]?.body).toMatchObject({
        instrumentId: 10,
        instrumentVersion: 1,
        playerId: 10,
        instrument: { name: "Flat-top “Eider”", strings: "12 16 24b 32b 42b 53b" },
      }),
    );
  });

  it("takes another name than the known player's as somebody else", async () => {
    theServer.on("GET /api/players/10", { json: sample("player") });
    theServer.on("GET /api/kinds", { json: sample("kinds") });
    theServer.on("GET /api/bridges", { json: sample("bridges") });
    theServer.on("GET /api/arrival/choices", { json: sample("arrival") });
    theServer.on("POST /api/jobs", { status: 201, json: JSON.stringify({ id: 42 }) });
    const user = opened(<NewJobPage />, "/new", "/new?player=10");
    await waitFor(() =>
      expect(value("Name of the player or lender")).toBe("Saltholm Ferry Band, saloon loan no. 1"),
    );
    await user.type(screen.getByLabelText("Name of the player or lender"), "0");
    await user.type(screen.getByLabelText("Name on the ticket"), "Electric “Avocet”{Enter}");
    await waitFor(() =>
      expect(opens()[0]?.body).toMatchObject({ player: "Saltholm Ferry Band, saloon loan no. 10" }),
    );
    expect(opens()[0]?.body).not.toHaveProperty("playerId");
  });
});
