import { screen, waitFor, within } from "@testing-library/react";
import { expect, test } from "vitest";
import { openJob } from "../test/job";
import { theServer } from "../test/server";

test("a radius that can only be inches is asked about at its field, and put right there", async () => {
  const user = await openJob(2, "turnstone");
  await user.keyboard("{Escape}i");
  const panel = within(await screen.findByRole("dialog"));
  const radius = await panel.findByLabelText<HTMLInputElement>(/^Board radiusmm/);
  const strings = panel.getByLabelText<HTMLInputElement>(/^Strings, string 1 first/).value;
  theServer.on("PUT /api/jobs/2/instrument", {
    status: 400,
    json: JSON.stringify({
      detail: "“9.5” would be 9.5 mm. Is it 9.5 inches?",
      code: "meant",
      field: "boardRadius",
      suggestion: "9.5in",
      suggested: "9.5 inches",
    }),
  });
  await user.clear(radius);
  await user.type(radius, "9.5");
  await user.click(panel.getByRole("button", { name: /^Correct/ }));
  await waitFor(() => expect(document.activeElement).toBe(radius));
  await user.click(panel.getByRole("button", { name: "Yes, 9.5 inches" }));
  await waitFor(() => expect(theServer.to("/instrument")).toHaveLength(2));
  expect(theServer.to("/instrument").at(-1)?.body).toMatchObject({
    facts: { boardRadius: "9.5in", strings },
  });
});
