import type { Schemas } from "../../app/api";
import { Button } from "../../ui/controls";
import { isEmpty, stateOf, tapped, type Finding, type LeafState } from "./leaves";

const STYLE: Record<LeafState | "none", string> = {
  none: "border-line bg-paper",
  free: "border-[#B8891B] bg-lamp",
  touches: "border-ink bg-lamp-deep border-[3px]",
  lifts: "border-ink bg-ink text-bench",
};

/** The leaves at hand: tap what each did. */
export function LeafRow({
  leaves,
  string,
  disabled,
  found,
  onFound,
  onRecord,
}: {
  leaves: readonly Schemas["LeafView"][];
  string: string;
  disabled: boolean;
  /** What was tapped under this string and not recorded. */
  found: Finding;
  onFound: (found: Finding) => void;
  onRecord: () => void;
}) {
  return (
    <section aria-label="Leaves on the bench">
      <h3 className="wide mt-3 mb-1.5 flex justify-between gap-3 text-[15px] font-semibold text-mute">
        Leaves on the bench, {leaves[0]?.engraved}{" "}
        <span className="font-normal">tap what each did</span>
      </h3>
      <div className="grid grid-cols-8 gap-1.5">
        {leaves.map((leaf) => {
          const state = stateOf(leaf.mm, found);
          return (
            <button
              key={leaf.mm}
              type="button"
              disabled={disabled}
              aria-label={`Leaf ${leaf.text} ${leaf.engraved}: ${state ?? "not tried"}`}
              onClick={() => onFound(tapped(leaf.mm, found))}
              className={`eases min-h-13 rounded-md border-[1.5px] px-0 text-center text-[16px] leading-tight font-semibold disabled:opacity-50 ${STYLE[state ?? "none"]}`}
            >
              {leaf.text}
              <span className="block min-h-4 text-[12.5px] font-medium">{state ?? ""}</span>
            </button>
          );
        })}
      </div>
      {!isEmpty(found) && (
        <div className="mt-2 flex gap-2">
          <Button strong disabled={disabled} onClick={onRecord}>
            Record for string {string}
          </Button>
          <Button onClick={() => onFound({})}>Clear</Button>
        </div>
      )}
    </section>
  );
}
