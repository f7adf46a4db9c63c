import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { isTyping } from "../app/shortcuts";

const DIGIT = /^[0-9.,+-]$/;

/**
 * Digits that are typed where no field has the cursor, after a panel, a photo, a button: they go to the row that is open, and where there is none they are held
 * where they can be seen until there is one. Whoever reads a gauge does not look whether they are typed into something.
 */
export function useHeldDigits(
  /** The field of the open row; undefined where there is none, or something lies over it. */
  row: () => HTMLInputElement | undefined,
): { held: string; drop: () => void } {
  const [held, setHeld] = useState("");
  const now = useRef({ row, held });
  useLayoutEffect(() => {
    now.current = { row, held };
    const field = held === "" ? undefined : row();
    if (field === undefined) return;
    // a row has been opened since; what arrives there is held no longer
    field.focus();
    // set past React, which otherwise takes it for its own and hears of no change
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(field, held);
    field.dispatchEvent(new InputEvent("input", { bubbles: true }));
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      const { target } = event;
      const resting = target instanceof HTMLElement && target.matches("[data-rest]");
      if (isTyping(target) || resting || target instanceof HTMLInputElement) return;
      const holding = now.current.held !== "";
      if (DIGIT.test(event.key)) {
        const field = holding ? undefined : now.current.row();
        if (field !== undefined) {
          // the key goes on to the field that has the cursor now
          field.focus();
          return;
        }
        // whoever has the key as one of its own has done it by then
        setTimeout(() => {
          if (!event.defaultPrevented) setHeld((text) => text + event.key);
        }, 0);
      } else if (holding && event.key === "Backspace") setHeld((text) => text.slice(0, -1));
      else if (holding && event.key === "Escape") setHeld("");
      else if (holding && event.key === "Enter") event.preventDefault();
    };
    const onInput = () => setHeld("");
    window.addEventListener("keydown", onKey);
    window.addEventListener("input", onInput);
    return () => {
      window.removeEventListener("keydown", onKey);
      window.removeEventListener("input", onInput);
    };
  }, []);
  return { held, drop: () => setHeld("") };
}
