import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../test/job";
import { theServer } from "../test/server";

const refused = {
  status: 422,
  json: JSON.stringify({
    status: 422,
    detail: "Work on the action was not agreed on.",
    code: "outside",
    station: "action",
  }),
};

describe("work that was not agreed on", () => {
  it("is asked about before it goes on record, and noted with how it was agreed", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/followed", refused);
    await user.keyboard("{Escape}d");
    expect(await screen.findByText("Work on the action was not agreed on.")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Agreed at the counter" }));
    await waitFor(() =>
      expect(theServer.to("/agreed-too")[0]?.body).toMatchObject({
        station: "action",
        how: "at the counter",
      }),
    );
    await waitFor(() =>
      expect(screen.queryByText("Work on the action was not agreed on.")).toBeNull(),
    );
  });

  it("is left alone when it is not agreed", async () => {
    const user = await openJob(2, "turnstone");
    theServer.on("POST /api/jobs/2/followed", refused);
    await user.keyboard("{Escape}d");
    await user.click(await screen.findByRole("button", { name: "Not agreed" }));
    expect(screen.queryByText("Work on the action was not agreed on.")).toBeNull();
    expect(theServer.to("/agreed-too")).toHaveLength(0);
  });
});
