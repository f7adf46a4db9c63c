import { useLayoutEffect, useRef } from "react";
import { matchKeyBindingPress, parseKeybinding, type KeyBindingPress } from "tinykeys";

/** What keys do, as they are written: d, shift+l, ?. */
export type Shortcuts = Record<string, () => void>;

/** A length never begins with a letter, so in an empty reading field letters are free to be shortcuts. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement) return true;
  if (!(target instanceof HTMLInputElement)) return target.isContentEditable;
  if (["checkbox", "radio", "button", "submit"].includes(target.type)) return false;
  return !(target.dataset["lengthField"] === "true" && target.value === "");
}

/** Where a sign is needs a shift on some keyboards and none on others. */
function presses(keys: string): KeyBindingPress[] {
  const press = parseKeybinding(keys.replace("shift+", "Shift+"))[0];
  if (press === undefined) return [];
  const [mods, key] = press;
  return /^[^a-z0-9]$/i.test(keys) ? [press, [[...mods, "Shift"], key]] : [press];
}

/** What is to be done on a pressed key; nothing where it is no shortcut. */
export function actOf(event: KeyboardEvent, shortcuts: Shortcuts): (() => void) | undefined {
  const found = Object.keys(shortcuts).find((keys) =>
    presses(keys).some((press) => matchKeyBindingPress(event, press)),
  );
  return found === undefined ? undefined : shortcuts[found];
}

/**
 * Listens for single keys while nothing is being typed. What a key does belongs to the drawing that is seen: set some time after it, a quick key would find nobody
 * listening, or do what was drawn before.
 */
export function useShortcuts(shortcuts: Shortcuts, active = true): void {
  const current = useRef(shortcuts);
  useLayoutEffect(() => {
    current.current = shortcuts;
  });
  useLayoutEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return;
      const act = actOf(event, current.current);
      if (act === undefined) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [active]);
}
