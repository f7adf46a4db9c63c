import type { ReactNode } from "react";
import { Panel } from "../ui/Panel";

export type HelpLine = readonly [key: string, what: string];

const TYPING: readonly HelpLine[] = [
  ["0.3  0.3mm", "millimetres; a bare number is in the unit chosen above"],
  [".012in  12t", "inches, thousandths of an inch"],
  ["5/64  5/64+  5/64-", "64ths; + and - are a quarter of a 64th over and under"],
  ["8..10t", "a bracket: the first goes, the second does not"],
];

/** The keys of the current screen, and how lengths are typed. */
export function Help({
  open,
  onClose,
  title,
  keys,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  keys: readonly HelpLine[];
  /** What else is found here. */
  children?: ReactNode;
}) {
  return (
    <Panel open={open} onClose={onClose} title={title}>
      {children}
      <List lines={keys} />
      <h3 className="mt-6 mb-1 text-[15px] font-semibold text-mute">
        Typing a length, in any field
      </h3>
      <List lines={TYPING} />
    </Panel>
  );
}

function List({ lines }: { lines: readonly HelpLine[] }) {
  return (
    <dl className="grid grid-cols-[max-content_1fr] gap-x-6 text-[16px]">
      {lines.map(([key, what]) => (
        <div key={key} className="col-span-2 grid grid-cols-subgrid border-t border-line py-1.5">
          <dt className="font-semibold">{key}</dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
  );
}
