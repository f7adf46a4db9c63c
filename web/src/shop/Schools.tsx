import { useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { answer, api, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { Button, TextInput, Trouble } from "../ui/controls";

type View = Schemas["SchoolsView"];

/** The shop's schools as tables of their numbers, each with its reason. */
export function Schools({ view }: { view: View }) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const [schools, setSchools] = useState(view);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const set = (change: Partial<View>) => {
    setTold(null);
    setSchools({ ...schools, ...change });
  };
  const keep = async () => {
    setTrouble(null);
    try {
      const kept = await answer(
        api.PUT("/api/shop/schools", {
          params: { query: { unit } },
          body: {
            version: view.version,
            relief: schools.relief,
            nut: schools.nut,
            action: schools.action,
          },
        }),
      );
      setTold("Kept. New jobs start from these.");
      queries.setQueryData(["schools", unit], kept);
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : String(error));
    }
  };
  const field = (label: string, value: string, onChange: (value: string) => void) => (
    <TextInput
      aria-label={`${label}, ${view.unitSuffix}`}
      className="!min-h-10 !w-20 text-right"
      value={value}
      onChange={(e) => onChange(e.target.value)}
    />
  );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Table
        title="Relief"
        note={`held at 1 and the body joint, ${view.unitSuffix}; shifted for radius, touch and side`}
        heads={["from", "to"]}
        rows={schools.relief.map((s, i) => {
          const at = (change: Partial<typeof s>) =>
            set({ relief: schools.relief.map((o, n) => (n === i ? { ...o, ...change } : o)) });
          return {
            code: s.code,
            label: s.label,
            reason: s.reason,
            onReason: (reason: string) => at({ reason }),
            cells: [
              field(`${s.label}, from`, s.low, (low) => at({ low })),
              field(`${s.label}, to`, s.high, (high) => at({ high })),
            ],
          };
        })}
      />
      <Table
        title="Nut"
        note={`graded from bass to treble, ${view.unitSuffix}`}
        heads={["bass from", "to", "treble from", "to"]}
        rows={schools.nut.map((s, i) => {
          const at = (change: Partial<typeof s>) =>
            set({ nut: schools.nut.map((o, n) => (n === i ? { ...o, ...change } : o)) });
          return {
            code: s.code,
            label: `${s.label}, ${s.heldFret === 0 ? "open" : `held behind ${s.heldFret}`}`,
            reason: s.reason,
            onReason: (reason: string) => at({ reason }),
            cells: [
              field(`${s.label}, bass from`, s.bassLow, (bassLow) => at({ bassLow })),
              field(`${s.label}, bass to`, s.bassHigh, (bassHigh) => at({ bassHigh })),
              field(`${s.label}, treble from`, s.trebleLow, (trebleLow) => at({ trebleLow })),
              field(`${s.label}, treble to`, s.trebleHigh, (trebleHigh) => at({ trebleHigh })),
            ],
          };
        })}
      />
      <Table
        title="Action"
        note={`at fret 12, ${view.unitSuffix}; shifted for touch and style`}
        heads={["bass", "treble", "±", "floppy +"]}
        rows={schools.action.map((s, i) => {
          const at = (change: Partial<typeof s>) =>
            set({ action: schools.action.map((o, n) => (n === i ? { ...o, ...change } : o)) });
          return {
            code: s.code,
            label: s.label,
            reason: s.reason,
            onReason: (reason: string) => at({ reason }),
            cells: [
              field(`${s.label}, bass`, s.bass, (bass) => at({ bass })),
              field(`${s.label}, treble`, s.treble, (treble) => at({ treble })),
              field(`${s.label}, tolerance`, s.tolerance, (tolerance) => at({ tolerance })),
              field(`${s.label}, more for floppy low strings`, s.lowExtra, (lowExtra) =>
                at({ lowExtra }),
              ),
            ],
          };
        })}
      />
      {trouble !== null && <Trouble text={trouble} />}
      <div className="sticky bottom-0 flex items-center gap-4 border-t border-line bg-bench py-3">
        <Button strong type="submit">
          Keep the schools
        </Button>
        {told !== null && (
          <span role="status" className="text-[16px] font-semibold">
            {told}
          </span>
        )}
      </div>
    </form>
  );
}

function Table({
  title,
  note,
  heads,
  rows,
}: {
  title: string;
  note: string;
  heads: readonly string[];
  rows: readonly {
    code: string;
    label: string;
    reason: string;
    onReason: (reason: string) => void;
    cells: readonly ReactNode[];
  }[];
}) {
  return (
    <table className="mb-6 w-full text-[16px]">
      <caption className="mb-1 text-left text-[18px] font-bold">
        {title} <span className="text-[15px] font-normal text-mute">{note}</span>
      </caption>
      <thead>
        <tr className="text-right text-[14px] text-mute">
          <th scope="col" className="text-left font-medium">
            School and its reason
          </th>
          {heads.map((h, i) => (
            <th key={`${h}${String(i)}`} scope="col" className="px-1 font-medium">
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.code} className="border-t border-line align-top">
            <th scope="row" className="py-1 pr-3 text-left font-semibold">
              {row.label}
              <textarea
                aria-label={`${row.label}: reason`}
                rows={Math.max(1, Math.ceil(row.reason.length / (heads.length > 2 ? 34 : 56)))}
                value={row.reason}
                onChange={(e) => row.onReason(e.target.value)}
                className="block w-full resize-none bg-transparent text-[14.5px] leading-snug font-normal text-mute"
              />
            </th>
            {row.cells.map((cell, i) => (
              <td key={`${row.code}${String(i)}`} className="px-1 py-1 text-right">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
