import { Radio, RadioGroup } from "@headlessui/react";
import { useRef } from "react";
import { Silhouette } from "../arrival/Drawing";
import type { Kind } from "./facts";

/** Letters that are typed within this time belong together, ms. */
const ONE_WORD = 800;

/** The kinds as silhouettes: by touch, by the arrow keys, or by the first letters of a name. */
export function KindChoice({
  kinds,
  kind,
  onChange,
}: {
  kinds: readonly Kind[];
  kind: string;
  onChange: (kind: Kind) => void;
}) {
  const typed = useRef({ letters: "", at: 0 });
  const choose = (code: string) => {
    const chosen = kinds.find((k) => k.kind === code);
    if (chosen !== undefined) onChange(chosen);
  };
  return (
    <RadioGroup
      aria-label="Kind"
      value={kind}
      onChange={choose}
      onKeyDown={(event) => {
        if (!/^\p{L}$/u.test(event.key) || event.ctrlKey || event.altKey || event.metaKey) return;
        const before = event.timeStamp - typed.current.at < ONE_WORD ? typed.current.letters : "";
        const letters = before + event.key.toLowerCase();
        typed.current = { letters, at: event.timeStamp };
        const found = kinds.findIndex((k) => k.label.toLowerCase().startsWith(letters));
        const kindFound = kinds[found];
        if (kindFound !== undefined) {
          onChange(kindFound);
          event.currentTarget.querySelectorAll<HTMLElement>("[role=radio]")[found]?.focus();
        }
        // a letter here is a kind, not a key of the page
        event.stopPropagation();
      }}
      className="grid grid-cols-4 gap-1 bench:grid-cols-6"
    >
      {kinds.map((k) => (
        <Radio
          key={k.kind}
          value={k.kind}
          aria-label={k.label}
          className="eases flex min-h-16 cursor-pointer flex-col justify-between rounded-md border-[1.5px] border-line-strong bg-paper p-1 text-center data-checked:border-ink data-checked:bg-ink data-checked:text-lamp data-hover:bg-white data-checked:data-hover:bg-ink"
        >
          <Silhouette
            drawn={{
              kind: k.kind,
              frets: k.frets,
              joint: k.bodyJointFret,
              strings: k.tuning.split(" ").length,
            }}
          />
          <span className="text-[14px] leading-tight font-semibold">{k.label}</span>
        </Radio>
      ))}
    </RadioGroup>
  );
}
