import type { ReactNode } from "react";

/** The head of a table: the first column and the others alike, each with its scope; one more at the end, to the right. */
export function Heads({
  cells,
  last,
  row = "text-right",
  pad = "",
}: {
  cells: readonly ReactNode[];
  last?: string | undefined;
  row?: string;
  /** As the cells below are padded, so that heads stand over them. */
  pad?: string;
}) {
  return (
    <tr className={`text-[14px] text-mute ${row}`}>
      {cells.map((cell, i) => (
        <th
          // heads stand still: their place is their name
          // oxlint-disable-next-line react/no-array-index-key
          key={i}
          scope="col"
          className={`py-0.5 font-medium whitespace-nowrap first:pl-0 last:pr-0 ${pad} ${i === 0 ? "text-left" : ""}`}
        >
          {cell}
        </th>
      ))}
      {last !== undefined && (
        <th scope="col" className="text-right font-medium">
          {last}
        </th>
      )}
    </tr>
  );
}
