import { Fragment } from "react";

/** Text in which 1/8 is set as a fraction and a number stays with its unit. */
export function Fractions({ text }: { text: string }) {
  const parts = text.replace(/(\d) (mm|thou|µm|turns?)\b/g, "$1\u00a0$2").split(/(\d+\/\d+)/);
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
