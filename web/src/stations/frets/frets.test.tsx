import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob } from "../../test/job";
import { later } from "../../test/later";
import { sample, theServer } from "../../test/server";

const notes = () => theServer.to("/frets/notes").map((s) => s.body);
const cell = (name: RegExp) => screen.getByRole("button", { name });

async function board() {
  const user = await openJob(31, "avocet");
  await user.keyboard("{Shift>}f{/Shift}");
  return user;
}

describe("the board", () => {
  it("is walked by keys: each marks a note, clean ones too, and goes on", async () => {
    const user = await board();
    cell(/^6 E open:/).focus();
    await user.keyboard(" 1{ArrowRight}3");
    await waitFor(() => expect(notes()).toHaveLength(3));
    expect(notes()).toMatchObject([
      { notes: [{ string: 6, fret: 0, mark: "clean", pluck: "normal", plugged: false }] },
      { notes: [{ string: 6, fret: 1, mark: "buzz" }] },
      { notes: [{ string: 6, fret: 3, mark: "dead" }] },
    ]);
    expect(document.activeElement?.getAttribute("aria-label")).toMatch(/^6 E at 4:/);
  });

  it("leaves every letter to the page", async () => {
    const user = await board();
    cell(/^6 E open:/).focus();
    await user.keyboard("c");
    expect(await screen.findByRole("dialog", { name: /Close the job/ })).toBeTruthy();
    expect(notes()).toHaveLength(0);
  });

  it("is marked by a thumb that is drawn along a string", async () => {
    const user = await board();
    await user.click(screen.getByRole("button", { name: "○ rings clean" }));
    await user.click(screen.getByRole("button", { name: "hard" }));
    const [from, to] = [cell(/^3 G at 5:/), cell(/^3 G at 6:/)];
    fireEvent.pointerDown(from, { button: 0 });
    fireEvent.pointerOver(to, { relatedTarget: from });
    fireEvent.pointerUp(to);
    await waitFor(() => expect(notes()).toHaveLength(1));
    expect(notes()[0]).toMatchObject({
      notes: [
        { string: 3, fret: 5, mark: "clean", pluck: "hard" },
        { string: 3, fret: 6, mark: "clean", pluck: "hard" },
      ],
    });
  });

  it("says in words what is drawn", async () => {
    await board();
    expect(cell(/^6 E at 8:/).getAttribute("aria-label")).toBe(
      "6 E at 8: buzzes, forecast to touch",
    );
    expect(cell(/^6 E at 9:/).getAttribute("aria-label")).toBe("6 E at 9: rings clean");
  });
});

describe("the hunt", () => {
  it("answers the proposed test with a touch", async () => {
    const user = await board();
    await user.click(screen.getByRole("button", { name: "It rocks" }));
    await waitFor(() =>
      expect(theServer.to("/frets/tests")[0]?.body).toMatchObject({
        test: "rocker",
        outcome: "rocks",
        fret: 9,
      }),
    );
  });

  it("notes a test that nobody proposed", async () => {
    const user = await board();
    await user.keyboard("{Escape}o");
    await user.selectOptions(
      await screen.findByLabelText("Test, or what was done"),
      "card-under-nut",
    );
    await user.selectOptions(screen.getByLabelText("It shows"), "stops");
    await user.selectOptions(screen.getByLabelText("String"), "4");
    await user.keyboard("{Enter}");
    await user.click(screen.getByRole("button", { name: /^Record/ }));
    await waitFor(() =>
      expect(theServer.to("/frets/tests")[0]?.body).toMatchObject({
        test: "card-under-nut",
        outcome: "stops",
        string: 4,
      }),
    );
  });

  it("keeps where a noise comes from while a mark is still being sent", async () => {
    const user = await board();
    const mark = later<{ json: string }>();
    theServer.on("POST /api/jobs/31/frets/notes", () => mark.promise);
    cell(/^6 E open:/).focus();
    await user.keyboard("1");
    await waitFor(() => expect(notes()).toHaveLength(1));
    await user.click(screen.getByRole("button", { name: "behind the nut" }));
    expect(theServer.to("/frets/zones")).toHaveLength(0);
    mark.keep({ json: sample("avocet") });
    await waitFor(() => expect(theServer.to("/frets/zones")).toHaveLength(1));
  });

  it("notes where a noise comes from, and who accepts it", async () => {
    const user = await board();
    await user.click(screen.getByRole("button", { name: "behind the nut" }));
    await waitFor(() =>
      expect(theServer.to("/frets/zones")[0]?.body).toMatchObject({ zones: ["behind-nut"] }),
    );
    const form = within(screen.getByRole("form", { name: "Accept what is heard" }));
    await user.type(form.getByLabelText("Why, or how they said so"), "not heard amplified");
    await user.click(form.getByRole("button", { name: "Accept this buzz" }));
    await waitFor(() =>
      expect(theServer.to("/play-off/accepted")[0]?.body).toMatchObject({
        by: "the player",
        how: "not heard amplified",
      }),
    );
  });

  it("keeps what else is known of it", async () => {
    const user = await board();
    await user.click(screen.getByRole("button", { name: "What else is known of it" }));
    await user.click(await screen.findByRole("button", { name: "since other strings" }));
    await user.click(screen.getByRole("button", { name: "Note it" }));
    await waitFor(() =>
      expect(theServer.to("/frets/hints")[0]?.body).toMatchObject({ hints: ["since-strings"] }),
    );
  });
});
