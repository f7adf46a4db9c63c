import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { theServer } from "../test/server";
import { TablePanel } from "./TablePanel";

const preview = {
  json: JSON.stringify({
    columns: ["When", "Gap", "String no."],
    rows: [["2027-03-12", "2.4", "6"]],
    count: 12,
    day: 0,
    string: 2,
  }),
};

describe("readings from a table", () => {
  it("are taken in once their columns are matched on screen", async () => {
    theServer.on("POST /api/exchange/table", preview);
    theServer.on("POST /api/instruments/10/table", {
      json: JSON.stringify({
        kept: false,
        days: 1,
        readings: 11,
        daysHere: 0,
        methods: ["Action: open string, at fret 12."],
        refused: [{ line: 7, why: "string: given 9." }],
      }),
    });
    const user = opened(<TablePanel id={10} open onClose={() => undefined} />, "/i", "/i");
    await user.upload(
      await screen.findByLabelText("Choose a CSV file"),
      new File(["When,Gap,String no.\n2027-03-12,2.4,6"], "old.csv", { type: "text/csv" }),
    );
    expect(await screen.findByText("12 rows in all")).toBeTruthy();
    // no column says what it is: the technician does
    await user.selectOptions(screen.getByLabelText("What it is"), "all rows are nut");
    await user.selectOptions(screen.getByLabelText("Value"), "Gap");
    await user.selectOptions(screen.getByLabelText("Unit of a bare number"), "thou");
    await user.click(screen.getByRole("button", { name: "Take them in" }));
    expect(await screen.findByText("Line 7: string: given 9.")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Take the rest" }));
    await waitFor(() => expect(theServer.to("/table").length).toBe(3));
    expect(theServer.sent.at(-1)?.query.get("rest")).toBe("true");
    expect(theServer.sent.at(-1)?.body).toMatchObject({
      day: 0,
      string: 2,
      value: 1,
      station: "nut",
      unit: "thou",
      csv: "When,Gap,String no.\n2027-03-12,2.4,6",
    });
  });
});
