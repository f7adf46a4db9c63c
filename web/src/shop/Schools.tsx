import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { Button, TextInput, Trouble } from "../ui/controls";
import { Heads } from "../ui/Heads";

type View = Schemas["SchoolsView"];

/** The shop's schools as tables of their numbers, each with its reason. */
export function Schools({
  view,
  told,
  onTold,
}: {
  view: View;
  /** What became of them last; outlives the form, which is made anew for what was kept. */
  told: string | null;
  onTold: (told: string | null) => void;
}) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const [schools, setSchools] = useState(view);
  const [trouble, setTrouble] = useState<string | null>(null);
  const set = (change: Partial<View>) => {
    onTold(null);
    setSchools({ ...schools, ...change });
  };
  const keep = async () => {
    setTrouble(null);
    onTold(null);
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
      onTold("Kept. New jobs start from these.");
      queries.setQueryData(["schools", unit], kept);
    } catch (error) {
      setTrouble(asProblem(error).message);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Table
        title="Relief"
        note={`held at 1 and the body joint, ${view.reliefSuffix}; shifted for radius, touch and side`}
        unitSuffix={view.reliefSuffix}
        heads={["from", "to"]}
        schools={schools.relief}
        onChange={(relief) => set({ relief })}
        label={(s) => s.label}
        columns={[
          ["from", "low"],
          ["to", "high"],
        ]}
      />
      <Table
        title="Nut"
        note={`graded from bass to treble, ${view.nutSuffix}`}
        unitSuffix={view.nutSuffix}
        heads={["bass from", "to", "treble from", "to"]}
        schools={schools.nut}
        onChange={(nut) => set({ nut })}
        label={(s) =>
          `${s.label}, ${s.heldFret === 0 ? "open" : `held behind ${String(s.heldFret)}`}`
        }
        columns={[
          ["bass from", "bassLow"],
          ["bass to", "bassHigh"],
          ["treble from", "trebleLow"],
          ["treble to", "trebleHigh"],
        ]}
      />
      <Table
        title="Action"
        note={`at fret 12, ${view.actionSuffix}; shifted for touch and style`}
        unitSuffix={view.actionSuffix}
        heads={["bass", "treble", "±", "floppy +"]}
        schools={schools.action}
        onChange={(action) => set({ action })}
        label={(s) => s.label}
        columns={[
          ["bass", "bass"],
          ["treble", "treble"],
          ["tolerance", "tolerance"],
          ["more for floppy low strings", "lowExtra"],
        ]}
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

/** The schools of one station: a reason and some numbers each, all of them open to change. */
function Table<S extends { code: string; label: string; reason: string }>({
  title,
  note,
  unitSuffix,
  heads,
  schools,
  onChange,
  label,
  columns,
}: {
  title: string;
  note: string;
  unitSuffix: string;
  heads: readonly string[];
  schools: readonly S[];
  onChange: (schools: S[]) => void;
  label: (school: S) => string;
  columns: readonly (readonly [name: string, of: keyof S])[];
}) {
  const change = (code: string, to: Partial<S>) =>
    onChange(schools.map((s) => (s.code === code ? { ...s, ...to } : s)));
  return (
    <table className="mb-6 w-full text-[16px]">
      <caption className="mb-1 text-left text-[18px] font-bold">
        {title} <span className="text-[15px] font-normal text-mute">{note}</span>
      </caption>
      <thead>
        <Heads pad="px-1" cells={["School and its reason", ...heads]} />
      </thead>
      <tbody>
        {schools.map((s) => (
          <tr key={s.code} className="border-t border-line align-top">
            <th scope="row" className="py-1 pr-3 text-left font-semibold">
              {label(s)}
              <textarea
                aria-label={`${s.label}: reason`}
                rows={Math.max(1, Math.ceil(s.reason.length / (heads.length > 2 ? 27 : 52)))}
                value={s.reason}
                onChange={(e) => change(s.code, { ...s, reason: e.target.value })}
                className="block field-sizing-content w-full resize-none bg-transparent text-[14.5px] leading-snug font-normal text-mute"
              />
            </th>
            {columns.map(([name, of]) => (
              <td key={name} className="px-1 py-1 text-right">
                <TextInput
                  aria-label={`${s.label}, ${name}, ${unitSuffix}`}
                  className="!min-h-10 !w-20 text-right"
                  value={String(s[of])}
                  onChange={(e) => change(s.code, { ...s, [of]: e.target.value })}
                />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
