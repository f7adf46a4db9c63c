import type { Schemas } from "../app/api";
import { Button } from "../ui/controls";
import { Heads } from "../ui/Heads";

type Tuned = Schemas["TunedString"];

const signed = (cents: number): string =>
  cents > 0 ? `+${String(cents)}` : String(cents).replace("-", "−");

/** The strings with their targets, what was taken, and the stand-in's own strings while no real ones are listened to. */
export function StringTable({
  strings,
  shown,
  only,
  onOnly,
  taken,
  standIn,
}: {
  strings: readonly Tuned[];
  shown: number | null;
  only: number | null;
  onOnly: (string: number | null) => void;
  taken: ReadonlyMap<number, string>;
  standIn: {
    off: (string: number) => number;
    turn: (string: number, cents: number) => void;
    pluck: (string: number) => void;
  } | null;
}) {
  return (
    <table className="w-full border-t border-line text-[18px]">
      <thead>
        <Heads
          row="text-left"
          cells={["String", "Target", "Taken, cents"]}
          last={standIn === null ? undefined : "Stand-in, cents off"}
        />
      </thead>
      <tbody>
        {strings.map((s) => {
          const which = `the stand-in's string ${String(s.number)}`;
          return (
            <tr
              key={s.number}
              aria-current={only === s.number ? "true" : undefined}
              className={`border-t border-line ${s.number === shown ? "bg-paper" : ""}`}
            >
              <th scope="row" className="text-left">
                <button
                  type="button"
                  aria-pressed={only === s.number}
                  aria-label={`${String(s.number)} ${s.name}: only this string`}
                  className={`min-h-11 font-bold ${only === s.number ? "underline" : ""}`}
                  onClick={() => onOnly(only === s.number ? null : s.number)}
                >
                  {s.number} {s.name}
                </button>
              </th>
              <td className="tabular-nums">{s.target}</td>
              <td className="font-semibold text-verdigris tabular-nums">
                {taken.has(s.number) ? `✓ ${taken.get(s.number) ?? ""}` : ""}
              </td>
              {standIn !== null && (
                <td className="py-0.5 text-right whitespace-nowrap">
                  <Button
                    className="!px-3 !py-1"
                    aria-label={`Loosen ${which} by 2 cents`}
                    onClick={() => standIn.turn(s.number, -2)}
                  >
                    −
                  </Button>
                  <span className="inline-block w-14 text-center tabular-nums">
                    {signed(standIn.off(s.number))}
                  </span>
                  <Button
                    className="!px-3 !py-1"
                    aria-label={`Tighten ${which} by 2 cents`}
                    onClick={() => standIn.turn(s.number, 2)}
                  >
                    +
                  </Button>
                  <Button
                    className="ml-2 !py-1"
                    aria-label={`Pluck ${which}`}
                    onClick={() => standIn.pluck(s.number)}
                  >
                    Pluck
                  </Button>
                </td>
              )}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
