import { screen, waitFor } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { opened } from "../test/opened";
import { theServer } from "../test/server";
import { KnownField, type Hit } from "./KnownField";

const hit = (id: number, title: string): Hit => ({
  what: "instrument",
  id,
  title,
  detail: "Flat-top acoustic",
});

function known(found: (words: string) => Hit[]) {
  theServer.on("GET /api/search", (sent) => {
    const hits = found(sent.query.get("words") ?? "");
    return { json: JSON.stringify({ count: hits.length, from: 0, most: 20, hits }) };
  });
  const chosen = vi.fn();
  const submitted = vi.fn();
  const user = opened(
    <form
      onSubmit={(event) => {
        event.preventDefault();
        submitted();
      }}
    >
      <KnownField onChoose={chosen} />
      <button type="submit">Start</button>
    </form>,
    "/",
    "/",
  );
  return { user, chosen, submitted };
}

const box = () => screen.getByRole("combobox");

describe("who and what was here before", () => {
  it("is chosen with the arrow keys and Enter, and the form is not sent", async () => {
    const { user, chosen, submitted } = known(() => [hit(5, "Wigeon"), hit(10, "Eider")]);
    await user.type(box(), "flat");
    expect(await screen.findAllByRole("option")).toHaveLength(2);
    await user.keyboard("{ArrowDown}{ArrowDown}{Enter}");
    expect(chosen).toHaveBeenCalledTimes(1);
    expect(submitted).not.toHaveBeenCalled();
  });

  it("offers nothing that was found for fewer letters", async () => {
    let answer: (() => void) | undefined;
    const { user } = known((words) => (words === "w" ? [hit(12, "Lapwing")] : [hit(5, "Wigeon")]));
    await user.type(box(), "w");
    expect(await screen.findByRole("option", { name: /Lapwing/ })).toBeTruthy();
    theServer.on(
      "GET /api/search",
      () =>
        new Promise((resolve) => {
          answer = () =>
            resolve({
              json: JSON.stringify({ count: 1, from: 0, most: 20, hits: [hit(5, "Wigeon")] }),
            });
        }),
    );
    await user.type(box(), "i");
    await waitFor(() => expect(screen.queryByRole("option")).toBeNull());
    answer?.();
    expect(await screen.findByRole("option", { name: /Wigeon/ })).toBeTruthy();
  });

  it("leaves the form alone when Enter is pressed and there is nothing to choose", async () => {
    const { user, submitted } = known(() => []);
    await user.type(box(), "nobody");
    expect(await screen.findByText(/^Nobody and nothing known has “nobody” in it/)).toBeTruthy();
    await user.keyboard("{Enter}");
    expect(submitted).not.toHaveBeenCalled();
  });

  it("says so when the search does not answer", async () => {
    const { user } = known(() => []);
    theServer.on("GET /api/search", theServer.problem(503, "Busy just now."));
    await user.type(box(), "e");
    expect(await screen.findByText("Busy just now.", {}, { timeout: 5000 })).toBeTruthy();
  });
});
