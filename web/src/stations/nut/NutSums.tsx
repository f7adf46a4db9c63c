import { useState, type ReactNode } from "react";
import { answer, api, asProblem, type JobView, type Schemas } from "../../app/api";
import { useUnit } from "../../app/unit";
import { Heads } from "../../ui/Heads";
import { Button, Field, Select, TextInput, Trouble } from "../../ui/controls";

/** A sum of this job's nut: what goes in, a button, and what came back or the trouble with it. Nothing of it is stored. */
function SumForm<T>({
  title,
  note,
  columns,
  action,
  ask,
  show,
  children,
}: {
  title: string;
  note?: string;
  columns: string;
  action: string;
  ask: () => Promise<{ data?: T; error?: unknown; response: Response }>;
  show: (told: T) => ReactNode;
  children: ReactNode;
}) {
  const [told, setTold] = useState<T | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const asked = async () => {
    try {
      setTold(await answer(ask()));
      setTrouble(null);
    } catch (error) {
      setTold(null);
      setTrouble(asProblem(error).message);
    }
  };
  return (
    <form
      className="border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void asked();
      }}
    >
      <h3 className="wide text-[17px] font-bold">{title}</h3>
      {note !== undefined && <p className="text-[15px] text-mute">{note}</p>}
      <div className={`mt-1 grid items-end gap-3 ${columns}`}>
        {children}
        <Button type="submit">{action}</Button>
      </div>
      {trouble !== null && <Trouble text={trouble} />}
      {told !== null && show(told)}
    </form>
  );
}

/** A table of results, one string a row. */
function PerString({
  heads,
  rows,
}: {
  heads?: readonly string[];
  rows: readonly { string: number; name: string; cells: readonly ReactNode[] }[];
}) {
  return (
    <table className="mt-2 w-full text-[17px]">
      {heads !== undefined && (
        <thead>
          <Heads row="text-left" pad="px-1" cells={heads} />
        </thead>
      )}
      <tbody>
        {rows.map((row) => (
          <tr key={row.string} className="border-t border-line">
            <th scope="row" className="text-left">
              {row.string} {row.name}
            </th>
            {row.cells.map((cell, i) => (
              <td key={`${String(row.string)}-${String(i)}`} className="px-1 last:pr-0">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const stacksTold = (unit: string) => (told: readonly Schemas["StopStack"][]) => (
  <PerString
    heads={["Slot", `Stop at, ${unit}`, "Leaves", "make", "Off by"]}
    rows={told.map((s) => ({
      ...s,
      cells: [s.height, <strong key="leaves">{s.leaves}</strong>, s.total, s.error],
    }))}
  />
);

const placesTold = (unit: string) => (told: readonly Schemas["SlotPlace"][]) => (
  <PerString
    rows={told.map((p) => ({
      ...p,
      cells: [`is at ${p.measured}, belongs at ${p.wanted} ${unit}`, p.move],
    }))}
  />
);

const angleTold = (told: Schemas["BreakAngleTold"]) => (
  <p className={`mt-2 text-[17px] ${told.shallow ? "text-rust" : ""}`}>
    <strong>{told.degrees}</strong> {told.shallow ? "▼ " : ""}
    {told.text}
  </p>
);

/** Where job and unit go in every request. */
const useWhere = (job: JobView) => {
  const { unit } = useUnit();
  return { path: { id: job.id }, query: { unit } };
};

/** Leaves on the first fret that stop the file at the height of each slot, with the strings off. */
export function LeafStacks({ job }: { job: JobView }) {
  const params = useWhere(job);
  const [fretHeight, setFretHeight] = useState("");
  return (
    <SumForm
      title="Leaf stack as a file stop, strings off"
      columns="sm:grid-cols-[2fr_1fr]"
      action="Show the stacks"
      ask={() => api.POST("/api/jobs/{id}/nut/sums/leaf-stacks", { params, body: { fretHeight } })}
      show={stacksTold(job.nut.suffix)}
    >
      <Field
        label={`Fret height over the board, ${job.nut.suffix}`}
        hint="straightedge on frets 1 and 2, measured at the nut"
      >
        <TextInput required value={fretHeight} onChange={(e) => setFretHeight(e.target.value)} />
      </Field>
    </SumForm>
  );
}

/** Where the slots are and where they belong. */
export function Spacing({ job }: { job: JobView }) {
  const params = useWhere(job);
  // string 1 first, as the sum wants them; typed from the bass end
  const strings = job.nutBench.slots.toReversed();
  const [centres, setCentres] = useState<Record<number, string>>({});
  const [rule, setRule] = useState("gaps");
  const [bassEdge, setBassEdge] = useState("");
  const [trebleEdge, setTrebleEdge] = useState("");
  return (
    <SumForm
      title="Slot spacing"
      note={`Centres as measured from the bass end of the nut, ${job.nut.suffix}.`}
      columns="sm:grid-cols-4"
      action="Compare"
      ask={() =>
        api.POST("/api/jobs/{id}/nut/sums/spacing", {
          params,
          body: {
            centres: strings.map((s) => centres[s.string] ?? ""),
            rule,
            ...(bassEdge.trim() === "" ? {} : { bassEdge }),
            ...(trebleEdge.trim() === "" ? {} : { trebleEdge }),
          },
        })
      }
      show={placesTold(job.nut.suffix)}
    >
      <div className="grid grid-cols-3 gap-3 sm:col-span-4 sm:grid-cols-6">
        {job.nutBench.slots.map((s) => (
          <Field key={s.string} label={`${String(s.string)} ${s.name}`}>
            <TextInput
              required
              value={centres[s.string] ?? ""}
              onChange={(e) => setCentres({ ...centres, [s.string]: e.target.value })}
            />
          </Field>
        ))}
      </div>
      <Field label="Compare with">
        <Select value={rule} onChange={(e) => setRule(e.target.value)}>
          <option value="gaps">equal gaps</option>
          <option value="centres">equal centres</option>
        </Select>
      </Field>
      <Field label="Bass edge to string" hint="empty: it stays where it is">
        <TextInput value={bassEdge} onChange={(e) => setBassEdge(e.target.value)} />
      </Field>
      <Field label="Treble edge to string" hint="empty: it stays where it is">
        <TextInput value={trebleEdge} onChange={(e) => setTrebleEdge(e.target.value)} />
      </Field>
    </SumForm>
  );
}

/** How steeply a string leaves the nut towards its post. */
export function BreakAngle({ job }: { job: JobView }) {
  const params = useWhere(job);
  const [string, setString] = useState(1);
  const [distance, setDistance] = useState("");
  const [drop, setDrop] = useState("");
  const [wraps, setWraps] = useState(3);
  return (
    <SumForm
      title="Break angle behind the nut"
      columns="sm:grid-cols-5"
      action="Angle"
      ask={() =>
        api.POST("/api/jobs/{id}/nut/sums/break-angle", {
          params,
          body: { string, distance, drop, wraps },
        })
      }
      show={angleTold}
    >
      <Field label="String">
        <Select value={string} onChange={(e) => setString(Number(e.target.value))}>
          {job.nutBench.slots.map((s) => (
            <option key={s.string} value={s.string}>
              {s.string} {s.name}
            </option>
          ))}
        </Select>
      </Field>
      <Field label={`Slot to post, ${job.nut.suffix}`}>
        <TextInput required value={distance} onChange={(e) => setDistance(e.target.value)} />
      </Field>
      <Field label={`Hole below slot, ${job.nut.suffix}`}>
        <TextInput required value={drop} onChange={(e) => setDrop(e.target.value)} />
      </Field>
      <Field label="Wraps">
        <TextInput
          type="number"
          min={0}
          max={12}
          step="0.5"
          value={wraps}
          onChange={(e) => setWraps(Number(e.target.value))}
        />
      </Field>
    </SumForm>
  );
}
