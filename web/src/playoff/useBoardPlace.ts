import { useRef, useState, type RefObject } from "react";

/** Where the cursor stands on a board, and how it goes. */
export interface BoardPlace {
  at: { row: number; fret: number };
  setAt: (at: { row: number; fret: number }) => void;
  cells: RefObject<Map<string, HTMLButtonElement>>;
  /** To a note, as far as the board goes. */
  go: (row: number, fret: number) => void;
  /** To the note after one: along the string, then to the next string's open one. */
  on: (row: number, fret: number) => void;
}

/** The cursor of a board of so many rows and frets. */
export function useBoardPlace(rows: number, frets: number): BoardPlace {
  const [at, setAt] = useState({ row: 0, fret: 0 });
  const cells = useRef(new Map<string, HTMLButtonElement>());
  const go = (row: number, fret: number) => {
    const to = {
      row: Math.min(rows - 1, Math.max(0, row)),
      fret: Math.min(frets, Math.max(0, fret)),
    };
    setAt(to);
    cells.current.get(`${String(to.row)} ${String(to.fret)}`)?.focus({ preventScroll: true });
  };
  return {
    at,
    setAt,
    cells,
    go,
    on: (row, fret) => (fret < frets ? go(row, fret + 1) : go(row + 1, row + 1 < rows ? 0 : fret)),
  };
}
