import { useEffect } from "react";
import { device, MEANINGS, type Meaning } from "./device";
import { again } from "./sounds";

/** A key with all that is held beside it, as it is told and kept. */
export function keyOf(event: KeyboardEvent): string {
  const held = [event.ctrlKey && "Ctrl", event.altKey && "Alt", event.metaKey && "Meta"];
  return [...held, event.key].filter((part) => part !== false).join("+");
}

const pass = (key: string, target: EventTarget) =>
  target.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));

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

/** Gives the keys of a pedal, or of any device that types keys, the meaning they were taught. */
export function usePedal(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // what was passed on by this is heard by the page
      if (!event.isTrusted || event.repeat) return;
      const { pedal } = device();
      const key = keyOf(event);
      const meaning = MEANINGS.find(([code]) => pedal[code] === key)?.[0];
      if (meaning === undefined) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      act(meaning);
    };
    window.addEventListener("keydown", onKey, true);
    return () => window.removeEventListener("keydown", onKey, true);
  }, []);
}
