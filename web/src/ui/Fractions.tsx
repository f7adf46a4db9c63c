import { Fragment } from "react";

/** A string's number before its note, as in 6 E or 2 F#. */
const STRING = /(\d{1,2}) (?=[A-Ga-g][#b]?(?:[\s,.:]|$))/g;

/** Text in which 1/8 is set as a fraction, and a number stays with its unit and a string's number with its note. */
export function Fractions({ text }: { text: string }) {
  const parts = text
    .replace(/(\d) (mm|thou|µm|turns?)\b/g, "$1\u00a0$2")
    .replace(STRING, "$1\u00a0")
    .split(/(\d+\/\d+)/);
  return (
    <>
      {parts.map((part, i) =>
        i % 2 === 1 ? (
          <span key={`${part}${String(i)}`} className="frac">
            {part}
          </span>
        ) : (
          <Fragment key={`${part}${String(i)}`}>{part}</Fragment>
        ),
      )}
    </>
  );
}
