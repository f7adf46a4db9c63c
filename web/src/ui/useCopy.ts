import { useState } from "react";

const REFUSED = "▲ Not copied: the browser does not allow it";

/** Copies texts, and says of the last one whether it was. */
export function useCopy() {
  const [last, setLast] = useState<{ what: string; done: boolean }>();
  const said = last === undefined ? "" : last.done ? "Copied" : REFUSED;
  return {
    /** What became of the last one; empty before the first. */
    said,
    refused: last?.done === false,
    /** What the button of a text says: what it does, then what became of it. */
    saidOf: (what: string, before: string) => (last?.what === what ? said : before),
    copy: (what: string, text: string) =>
      // a browser asks for leave, and may have no such thing where a page comes over a network
      void Promise.resolve()
        .then(() => navigator.clipboard.writeText(text))
        .then(
          () => setLast({ what, done: true }),
          () => setLast({ what, done: false }),
        ),
  };
}
