import { useLayoutEffect, useRef } from "react";

export type Shortcuts = Record<string, () => void>;

/** A length never begins with a letter, so in an empty reading field letters are free to be shortcuts. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement) return true;
  if (!(target instanceof HTMLInputElement)) return target.isContentEditable;
  if (["checkbox", "radio", "button", "submit"].includes(target.type)) return false;
  return !(target.dataset["lengthField"] === "true" && target.value === "");
}

/** The name of a pressed key: lower case, with "shift+" for shifted letters. */
export function keyName(event: Pick<KeyboardEvent, "key" | "shiftKey">): string {
  const key = event.key.toLowerCase();
  return event.shiftKey && /^[a-z]$/.test(key) ? `shift+${key}` : key;
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
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const act = current.current[keyName(event)];
      if (act === undefined) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [active]);
}
