import { useEffect } from "react";
import { device, MEANINGS, type Meaning } from "./device";
import { again } from "./sounds";

/** A key with all that is held beside it, as it is told and kept. */
export function keyOf(event: KeyboardEvent): string {
  const held = [event.ctrlKey && "Ctrl", event.altKey && "Alt", event.metaKey && "Meta"];
  return [...held, event.key].filter((part) => part !== false).join("+");
}

/** Whether a key is wanted for readings: taught to a pedal, it could not be typed any more. */
export function isForReadings(key: string): boolean {
  return /^[0-9.,+\-/"½¼]$/.test(key) || key === "Backspace" || key === "Delete";
}

/** What is passed on is heard by the page, not by this again. */
let passing = false;

function pass(key: string, target: EventTarget): void {
  passing = true;
  try {
    target.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
  } finally {
    passing = false;
  }
}

function act(meaning: Meaning): void {
  switch (meaning) {
    case "next":
      pass("Enter", document.activeElement ?? document.body);
      break;
    // whatever is half typed, a foot means the page
    case "done":
      pass("d", document.body);
      break;
    case "undo":
      pass("z", document.body);
      break;
    case "again":
      again();
      break;
  }
}

/** Whether words are typed there: a letter that a pedal was taught belongs to them. */
function takesWords(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement) return true;
  return target instanceof HTMLInputElement && target.dataset["lengthField"] !== "true";
}

/** Gives the keys of a pedal, or of any device that types keys, the meaning they were taught. */
export function usePedal(active: boolean): void {
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      if (passing || event.repeat) return;
      const { pedal } = device();
      const key = keyOf(event);
      const meaning = MEANINGS.find(([code]) => pedal[code] === key)?.[0];
      if (meaning === undefined || (key.length === 1 && takesWords(event.target))) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      act(meaning);
    };
    window.addEventListener("keydown", onKey, true);
    return () => window.removeEventListener("keydown", onKey, true);
  }, [active]);
}
