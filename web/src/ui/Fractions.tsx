import { Fragment } from "react";

/** Text in which 1/8 is set as a fraction. */
export function Fractions({ text }: { text: string }) {
  const parts = text.split(/(\d+\/\d+)/);
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
