import { act, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../app/api";
import { later } from "../test/later";
import { opened } from "../test/opened";
import { sample, theServer } from "../test/server";
import { TryPage } from "./TryPage";

const asked = () =>
  theServer.to("/what-if").map((s): Schemas["TriedSetup"] => JSON.parse(JSON.stringify(s.body)));
const now = (): Schemas["TrialView"] => JSON.parse(sample("trial"));

async function trying() {
  theServer.job(31, "avocet");
  theServer.on("POST /api/jobs/31/what-if", { json: sample("trial") });
  const user = opened(<TryPage />, "/jobs/:id/what-if", "/jobs/31/what-if");
  await screen.findByRole("row", { name: /6 E/ });
  return user;
}
const handle = (name: string) => screen.getByRole("slider", { name });

describe("trying another setup", () => {
  it("moves all strings with one key, or the drawn one alone", async () => {
    const user = await trying();
    const { gaps, opens } = now();
    act(() => handle("String at the saddle").focus());
    await user.keyboard("{Shift>}{ArrowDown}{/Shift}");
    await waitFor(() => expect(asked().at(-1)?.gaps).toBeDefined());
    const together = asked().at(-1)?.gaps;
    gaps.action.forEach((gap, i) =>
      expect(together?.action[i]).toBeCloseTo(gap - 0.05 * opens.action, 6),
    );
    expect(together?.nut).toEqual(gaps.nut);
    await user.keyboard("za3");
    act(() => handle("String in the nut").focus());
    await user.keyboard("{ArrowUp}");
    await waitFor(() => expect(asked().at(-1)?.gaps?.nut[2]).toBeGreaterThan(gaps.nut[2] ?? 9));
    const alone = asked().at(-1)?.gaps;
    expect(alone?.nut.filter((gap, i) => gap !== gaps.nut[i])).toHaveLength(1);
    expect(alone?.action).toEqual(gaps.action);
  });

  it("draws what was asked last, though an older answer comes after it", async () => {
    const user = await trying();
    const slow = later<{ json: string }>();
    const answers = [
      slow.promise,
      Promise.resolve({ json: JSON.stringify({ ...now(), headline: "the later one" }) }),
    ];
    theServer.on("POST /api/jobs/31/what-if", () => answers.shift() ?? { json: sample("trial") });
    await user.selectOptions(screen.getByLabelText("Capo at"), "2");
    await user.selectOptions(screen.getByLabelText("Capo at"), "3");
    await screen.findByText(/the later one/);
    await act(async () => {
      slow.keep({ json: JSON.stringify({ ...now(), headline: "the older one" }) });
      await slow.promise;
    });
    expect(screen.getByTestId("headline").textContent).toContain("the later one");
  });

  it("says what was wrong with what was typed, and keeps what is drawn", async () => {
    const user = await trying();
    theServer.on(
      "POST /api/jobs/31/what-if",
      theServer.problem(400, "tuning: “E A” was given; one note for each of 6 strings is allowed."),
    );
    await user.clear(screen.getByLabelText("Tuning, low to high"));
    await user.type(screen.getByLabelText("Tuning, low to high"), "E A{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain("one note for each of 6");
    expect(screen.getByRole("row", { name: /6 E/ })).toBeTruthy();
  });

  it("sends the board's radius as it was typed", async () => {
    const user = await trying();
    await user.clear(screen.getByLabelText("Radius, mm or flat"));
    await user.type(screen.getByLabelText("Radius, mm or flat"), "7 1/4 in{Enter}");
    await waitFor(() => expect(asked().at(-1)?.boardRadius).toBe("7 1/4 in"));
  });

  it("asks about a radius that can only be inches, and tries what was meant", async () => {
    const user = await trying();
    theServer.on("POST /api/jobs/31/what-if", {
      status: 400,
      json: JSON.stringify({
        detail: "“9.5” would be 9.5 mm. Is it 9.5 inches?",
        code: "meant",
        field: "boardRadius",
        suggestion: "9.5in",
        suggested: "9.5 inches",
      }),
    });
    await user.clear(screen.getByLabelText("Radius, mm or flat"));
    await user.type(screen.getByLabelText("Radius, mm or flat"), "9.5{Enter}");
    await user.click(await screen.findByRole("button", { name: "Yes, 9.5 inches" }));
    await waitFor(() => expect(asked().at(-1)?.boardRadius).toBe("9.5in"));
  });

  it("finds the lowest and tries it, and takes it by one key", async () => {
    const user = await trying();
    const gaps = { ...now().gaps, reliefBass: 0.12 };
    theServer.on("POST /api/jobs/31/what-if/lowest", {
      json: JSON.stringify({
        gaps,
        headline: "relief 0.12 mm, action 1.50 to 1.20 mm at 12",
        stops: ["all strings at 8 would touch 9"],
        held: "Could ring lower than is wanted: 6 E.",
        levelled: "With the frets levelled: lower.",
      }),
    });
    await user.click(screen.getByRole("button", { name: "must not come back" }));
    await user.click(screen.getByRole("button", { name: "to what is wanted" }));
    await user.keyboard("f");
    const lowest = within(await screen.findByTestId("lowest"));
    expect(lowest.getByText("Lower, all strings at 8 would touch 9.")).toBeTruthy();
    expect(theServer.to("/lowest")[0]?.body).toMatchObject({ safety: 2, wanted: true });
    expect(lowest.getByText("Could ring lower than is wanted: 6 E.")).toBeTruthy();
    await waitFor(() => expect(asked().at(-1)?.gaps?.reliefBass).toBe(0.12));
    await user.keyboard("t");
    await waitFor(() => expect(screen.getByTestId("where").textContent).toBe("/jobs/31"));
    expect(theServer.to("/what-if/target")[0]?.body).toMatchObject({
      tried: { gaps: { reliefBass: 0.12 } },
    });
  });
});
