import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { opened } from "../test/opened";
import { theServer } from "../test/server";
import { Exchange } from "./Exchange";

const file = new File(["PK"], "ferry.zip", { type: "application/zip" });

const report = (kept: boolean) => ({
  json: JSON.stringify({
    kept,
    came: [{ section: "jobs", added: 3, grown: 1, same: 2 }],
    refused: kept ? [] : [{ where: "jobs[4], ticket 104", why: "It went on here and there." }],
  }),
});

describe("what comes in as a file", () => {
  it("says what it would refuse, and takes the rest only when told to", async () => {
    theServer.on("POST /api/exchange", (sent) => report(sent.query.get("rest") === "true"));
    const user = opened(<Exchange />, "/shop", "/shop");
    await user.upload(screen.getByLabelText("Bring in a file"), file);
    expect(await screen.findByText(/Nothing of ferry.zip is kept yet: 1/)).toBeTruthy();
    expect(screen.getByText(/It went on here and there/)).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Take the rest" }));
    expect(await screen.findByText("ferry.zip is in.")).toBeTruthy();
    expect(screen.getByText("jobs: 3 new, 1 grown, 2 here already")).toBeTruthy();
    expect(theServer.to("/api/exchange").map((s) => s.query.get("rest"))).toEqual([
      "false",
      "true",
    ]);
  });

  it("says why it is no such file", async () => {
    theServer.on("POST /api/exchange", theServer.problem(400, "file: given a zip that is broken."));
    const user = opened(<Exchange />, "/shop", "/shop");
    await user.upload(screen.getByLabelText("Bring in a file"), file);
    await waitFor(() =>
      expect(screen.getByRole("alert").textContent).toContain("a zip that is broken"),
    );
  });
});
