import { useRef, useState, type KeyboardEvent, type RefObject } from "react";

/** What became of an entry: refused, taken with the row to go to, or taken and left for elsewhere (null). */
export type Entered = "refused" | number | null;

/**
 * The fields of a ledger, one for each string: Enter records and goes on, arrows change the row, Escape empties the field. A question that the server
 * asked about a text is answered by pressing Enter on the same text once more.
 */
export function useEntries({
  order,
  fields,
  onString,
  about = (_, text) => text,
  record,
}: {
  order: readonly number[];
  fields: RefObject<Map<number, HTMLInputElement>>;
  onString: (string: number) => void;
  /** What a question was about: the text, and what else makes it another entry. */
  about?: (of: number, text: string) => string;
  record: (of: number, text: string, sure: boolean) => Promise<Entered>;
}) {
  const [texts, setTexts] = useState<Record<number, string>>({});
  const asked = useRef<Record<number, string>>({});
  const set = (of: number, text: string) => setTexts((all) => ({ ...all, [of]: text }));
  const focus = (target: number | undefined) => {
    if (target === undefined) return;
    onString(target);
    fields.current.get(target)?.focus();
  };
  const following = (from: number) => order[(order.indexOf(from) + 1) % order.length];

  const enter = async (of: number) => {
    const text = texts[of] ?? "";
    if (text.trim() === "") {
      focus(following(of));
      return;
    }
    const question = about(of, text);
    const entered = await record(of, text, asked.current[of] === question);
    if (entered === "refused") {
      asked.current[of] = question;
      return;
    }
    delete asked.current[of];
    set(of, "");
    if (entered !== null) focus(entered);
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>, of: number) => {
    if (event.key === "Enter") {
      event.preventDefault();
      void enter(of);
    } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      const step = event.key === "ArrowDown" ? 1 : order.length - 1;
      focus(order[(order.indexOf(of) + step) % order.length]);
    } else if (event.key === "Escape") {
      set(of, "");
    }
  };
  return {
    focus,
    /** The row after this one, from the last to the first. */
    following: (from: number) => following(from) ?? from,
    /** What an input of a row is given. */
    field: (of: number) => ({
      ref: (element: HTMLInputElement | null) => {
        if (element === null) fields.current.delete(of);
        else fields.current.set(of, element);
      },
      "data-length-field": "true",
      autoComplete: "off",
      spellCheck: false,
      inputMode: "text" as const,
      enterKeyHint: "done" as const,
      value: texts[of] ?? "",
      onFocus: () => onString(of),
      onChange: (event: { target: { value: string } }) => set(of, event.target.value),
      onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => onKey(event, of),
    }),
  };
}
