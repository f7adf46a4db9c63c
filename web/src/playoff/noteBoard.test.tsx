import { fireEvent, render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it, vi } from "vitest";
import type { Schemas } from "../app/api";
import { NoteBoard, type Played } from "./NoteBoard";
import type { BoardMark } from "./marks";
import { useBoardPlace } from "./useBoardPlace";

const NAMES = [
  { string: 2, label: "2 B" },
  { string: 1, label: "1 E" },
];
const heard = (string: number, fret: number, more: Partial<BoardMark> = {}): BoardMark => ({
  string,
  fret,
  mark: "buzz",
  pluck: "normal",
  plugged: false,
  accepted: false,
  ...more,
});

interface Shown {
  marks?: BoardMark[];
  again?: BoardMark[];
  room?: Schemas["StringRoom"][];
  crowns?: Schemas["CrownView"][];
  closed?: boolean;
}

function Board({
  onMark,
  ...shown
}: Shown & { onMark: (string: number, frets: readonly number[], mark: string) => void }) {
  const [played, setPlayed] = useState<Played>({ pluck: "normal", plugged: false });
  return (
    <NoteBoard
      names={NAMES}
      frets={5}
      joint={4}
      marks={[]}
      closed={false}
      played={played}
      onPlayed={setPlayed}
      onMark={onMark}
      place={useBoardPlace(2, 5)}
      {...shown}
    />
  );
}

function board(shown: Shown = {}) {
  const onMark = vi.fn<(string: number, frets: readonly number[], mark: string) => void>();
  const page = (told: Shown) => <Board onMark={onMark} {...told} />;
  const { rerender } = render(page(shown));
  return {
    user: userEvent.setup(),
    onMark,
    tell: (told: Shown) => rerender(page(told)),
  };
}
const cell = (name: string) => screen.getByRole("button", { name });
const focused = () => document.activeElement?.getAttribute("aria-label");

describe("the board from above", () => {
  it("goes along the strings by keys, and no farther than its ends", async () => {
    const { user, onMark } = board();
    cell("2 B open: not marked").focus();
    await user.keyboard("{ArrowLeft}{ArrowUp}");
    expect(focused()).toBe("2 B open: not marked");
    await user.keyboard("{ArrowRight}{ArrowRight}{ArrowDown}");
    expect(focused()).toBe("1 E at 2: not marked");
    await user.keyboard("{ArrowUp}{Enter}{Enter}{Enter}");
    expect(focused()).toBe("2 B at 5: not marked");
    // the next string begins open; behind the last note there is nothing
    await user.keyboard("{Enter}");
    expect(focused()).toBe("1 E open: not marked");
    await user.keyboard("     ");
    expect(focused()).toBe("1 E at 5: not marked");
    await user.keyboard(" {ArrowRight}{ArrowDown}");
    expect(focused()).toBe("1 E at 5: not marked");
    expect(onMark).toHaveBeenCalledTimes(6);
  });

  it("marks by digits, with what was heard, and goes on", async () => {
    const { user, onMark } = board();
    cell("1 E at 1: not marked").focus();
    await user.keyboard("1234 ");
    expect(onMark.mock.calls).toEqual([
      [1, [1], "buzz"],
      [1, [2], "choke"],
      [1, [3], "dead"],
      [1, [4], "bend-choke"],
      [1, [5], "clean"],
    ]);
  });

  it("leaves keys with a modifier and letters to the page", async () => {
    const { user, onMark } = board();
    const page = vi.fn<(event: KeyboardEvent) => void>();
    document.addEventListener("keydown", page);
    cell("2 B at 3: not marked").focus();
    await user.keyboard("{Control>}1{/Control}{Alt>}{ArrowRight}{/Alt}x");
    document.removeEventListener("keydown", page);
    expect(onMark).not.toHaveBeenCalled();
    expect(focused()).toBe("2 B at 3: not marked");
    expect(page.mock.calls.map(([event]) => event.key)).toEqual([
      "Control",
      "1",
      "Alt",
      "ArrowRight",
      "x",
    ]);
  });

  it("marks with a thumb what it is drawn along, on the string on which it began", async () => {
    const { user, onMark } = board();
    await user.click(screen.getByRole("button", { name: /is dead/ }));
    fireEvent.pointerDown(cell("2 B at 1: not marked"), { button: 0 });
    for (const under of ["2 B at 2", "1 E at 2", "2 B at 3", "2 B at 2"])
      fireEvent.pointerOver(cell(`${under}: not marked`));
    fireEvent.pointerUp(cell("2 B at 3: not marked"));
    expect(onMark.mock.calls).toEqual([[2, [1, 2, 3], "dead"]]);
    // a touch that the system takes away marks nothing
    fireEvent.pointerDown(cell("2 B at 1: not marked"), { button: 0 });
    fireEvent.pointerCancel(screen.getByRole("grid"));
    fireEvent.pointerUp(screen.getByRole("grid"));
    fireEvent.pointerDown(cell("2 B at 1: not marked"), { button: 2 });
    fireEvent.pointerUp(screen.getByRole("grid"));
    expect(onMark).toHaveBeenCalledTimes(1);
  });

  it("shows what was heard as it is played now", async () => {
    const { user } = board({
      marks: [heard(2, 3), heard(2, 4, { mark: "choke", pluck: "hard", plugged: true })],
    });
    expect(cell("2 B at 3: buzzes").textContent).toBe("≋");
    expect(cell("2 B at 4: not marked").textContent).toBe("");
    await user.click(screen.getByRole("button", { name: "hard" }));
    await user.click(screen.getByRole("button", { name: "amplified" }));
    expect(cell("2 B at 3: not marked")).toBeTruthy();
    expect(cell("2 B at 4: is cut short").textContent).toBe("⊣");
  });

  it("says what is accepted, what is to be played again and what is forecast to touch", () => {
    board({
      marks: [heard(1, 2, { accepted: true })],
      again: [heard(2, 1)],
      room: [
        {
          string: 2,
          tightest: "0.02 mm at 1",
          fits: ["free", "touches", "near", "free", "free", "free"],
        },
      ],
      crowns: [
        { fret: 3, text: "0.06 mm high", high: true, height: 0.06, because: "by its marks" },
      ],
    });
    expect(cell("1 E at 2: buzzes, accepted")).toBeTruthy();
    expect(cell("2 B at 1: not marked, play again, forecast to touch").textContent).toBe("?");
    // what comes near is drawn, not said as if it would
    expect(cell("2 B at 2: not marked")).toBeTruthy();
    const head = within(screen.getByRole("grid")).getAllByRole("columnheader");
    expect(head.map((h) => h.textContent)).toEqual(["string", "open", "1", "2", "3 ▲", "4", "5 ·"]);
    expect(head[4]?.title).toBe("crown 0.06 mm high");
    expect(head[5]?.title).toBe("body joint");
    expect(screen.getByText(/Keys on the board/).textContent).toContain(
      "Under a note: a full line is forecast to touch, a dotted one may. ▲ a high crown, ▼ a low one. ? sounded wrong before the last move",
    );
  });

  it("takes nothing down on a closed job", () => {
    const { onMark } = board({ closed: true, marks: [heard(1, 2)] });
    const touched = screen.getByRole<HTMLButtonElement>("button", { name: "1 E at 2: buzzes" });
    expect(touched.disabled).toBe(true);
    fireEvent.pointerDown(touched, { button: 0 });
    fireEvent.pointerUp(screen.getByRole("grid"));
    expect(onMark).not.toHaveBeenCalled();
  });
});
