import { fireEvent, screen, waitFor } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { openJob, panel } from "../test/job";
import { theServer } from "../test/server";

const notes = () => theServer.to("/frets/notes").map((s) => s.body);

describe("playing through", () => {
  it("walks along the strings by Space and marks only where something is heard", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("{Escape}{Shift>}o{/Shift}");
    const sheet = await panel();
    const first = sheet.getByRole("button", { name: "6 E open: not marked" });
    first.focus();
    await user.keyboard("   1");
    await waitFor(() => expect(notes()).toHaveLength(1));
    expect(notes()[0]).toMatchObject({
      notes: [{ string: 6, fret: 3, mark: "buzz", pluck: "normal", plugged: false }],
    });
    expect(document.activeElement?.getAttribute("aria-label")).toBe("6 E at 4: not marked");
    await user.click(sheet.getByRole("button", { name: "hard" }));
    await user.click(sheet.getByRole("button", { name: "amplified" }));
    const touched = sheet.getByRole("button", { name: "5 A at 7: not marked" });
    fireEvent.pointerDown(touched, { button: 0 });
    fireEvent.pointerUp(touched);
    await waitFor(() => expect(notes()).toHaveLength(2));
    expect(notes()[1]).toMatchObject({
      notes: [{ string: 5, fret: 7, mark: "buzz", pluck: "hard", plugged: true }],
    });
    await user.click(sheet.getByRole("button", { name: "bends" }));
    await waitFor(() =>
      expect(theServer.to("/play-off/parts")[0]?.body).toMatchObject({
        part: "bends",
        plugged: true,
      }),
    );
    expect(screen.queryByRole("form", { name: "Accept what is heard" })).toBeNull();
  });
});
