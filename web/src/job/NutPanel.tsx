import { useState } from "react";
import { answer, api, type JobView, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import type { Send } from "./useJob";

type Flaw = Schemas["SlotCheck"]["flaws"][number];

/** What belongs to the nut besides its heights: slots looked at, leaf stacks, spacing, break angle. */
export function NutPanel({
  job,
  send,
  trouble,
}: {
  job: JobView;
  send: Send;
  trouble: string | null;
}) {
  return (
    <div className="flex flex-col gap-5">
      <SlotChecks job={job} send={send} trouble={trouble} />
      <LeafStacks job={job} />
      <Spacing job={job} />
      <BreakAngle job={job} />
    </div>
  );
}

function SlotChecks({ job, send, trouble }: { job: JobView; send: Send; trouble: string | null }) {
  const { nutBench } = job;
  const [string, setString] = useState(nutBench.slots[0]?.string ?? 1);
  const slot = nutBench.slots.find((s) => s.string === string);
  const [flaws, setFlaws] = useState<readonly Flaw[]>(slot?.flaws ?? []);
  const open = (to: number) => {
    setString(to);
    setFlaws(nutBench.slots.find((s) => s.string === to)?.flaws ?? []);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/slot-checks", {
            params,
            body: { ...stamp, string, flaws: [...flaws] },
          }),
        ).then((done) => {
          const next = nutBench.slots.find((s) => s.string === string - 1);
          if (done !== null && next !== undefined) open(next.string);
        });
      }}
    >
      <h3 className="wide mb-1 text-[17px] font-bold">Slots</h3>
      <p className="mb-2 text-[15px] text-mute">
        A {nutBench.material} nut, {nutBench.width} mm wide; the file takes {nutBench.bite}.
      </p>
      <table className="mb-3 w-full text-[16px]">
        <thead>
          <tr className="text-left text-[14px] text-mute">
            <th scope="col" className="font-medium">
              String
            </th>
            <th scope="col" className="font-medium">
              Gauge
            </th>
            <th scope="col" className="font-medium">
              File
            </th>
            <th scope="col" className="font-medium">
              Strokes to the frets
            </th>
            <th scope="col" className="font-medium">
              Looked at
            </th>
          </tr>
        </thead>
        <tbody>
          {nutBench.slots.map((s) => (
            <tr
              key={s.string}
              className={`border-t border-line ${s.string === string ? "bg-[#E9EDE7]" : ""}`}
            >
              <th scope="row" className="text-left">
                <button
                  type="button"
                  className="min-h-11 px-1 font-bold underline"
                  onClick={() => open(s.string)}
                >
                  {s.string} {s.name}
                </button>
              </th>
              <td>{s.gauge}</td>
              <td>{s.file}</td>
              <td>{s.toFrets ?? "not read"}</td>
              <td className={s.flaws.length > 0 ? "text-rust" : ""}>
                {s.checked
                  ? s.flaws.length === 0
                    ? "good"
                    : `▲ ${s.flaws.length} found`
                  : "not yet"}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <fieldset className="border-t border-line pt-2">
        <legend className="float-left mb-1 w-full text-[16px] font-semibold">
          Slot {string} {slot?.name}: tick what is wrong
        </legend>
        {nutBench.flaws.map((f) => (
          <label key={f.flaw} className="clear-left flex min-h-11 items-start gap-3 py-1.5">
            <input
              type="checkbox"
              className="mt-0.5 size-6 shrink-0 accent-ink"
              checked={flaws.includes(f.flaw)}
              onChange={(e) =>
                setFlaws(
                  e.target.checked ? [...flaws, f.flaw] : flaws.filter((other) => other !== f.flaw),
                )
              }
            />
            <span>
              <span className="font-semibold">{f.label}</span>
              {flaws.includes(f.flaw) && (
                <span className="block text-[15px] text-rust">{f.consequence}</span>
              )}
            </span>
          </label>
        ))}
      </fieldset>
      {trouble !== null && <Trouble text={trouble} />}
      <Button strong type="submit" className="mt-2">
        {flaws.length === 0 ? "This slot is good" : "Record what was found"}
      </Button>
    </form>
  );
}

/** Asks for a sum of this job's nut and keeps what came back, or the trouble. */
function useAsked<T>() {
  const [told, setTold] = useState<T | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const ask = (request: Promise<{ data?: T; error?: unknown; response: Response }>) =>
    void answer(request)
      .then((data) => {
        setTold(data);
        setTrouble(null);
      })
      .catch((error: unknown) => {
        setTold(null);
        setTrouble(error instanceof Error ? error.message : String(error));
      });
  return { told, trouble, ask };
}

function LeafStacks({ job }: { job: JobView }) {
  const { unit } = useUnit();
  const [fretHeight, setFretHeight] = useState("");
  const { told, trouble, ask } = useAsked<Schemas["StopStack"][]>();
  return (
    <form
      className="border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        ask(
          api.POST("/api/jobs/{id}/nut-sums/leaf-stacks", {
            params: { path: { id: job.id }, query: { unit } },
            body: { fretHeight },
          }),
        );
      }}
    >
      <h3 className="wide text-[17px] font-bold">Leaf stack as a file stop, strings off</h3>
      <div className="mt-1 flex items-end gap-3">
        <Field
          label={`Fret height over the board, ${job.unitSuffix}`}
          hint="straightedge on frets 1 and 2, measured at the nut"
        >
          <TextInput required value={fretHeight} onChange={(e) => setFretHeight(e.target.value)} />
        </Field>
        <Button type="submit">Show the stacks</Button>
      </div>
      {trouble !== null && <Trouble text={trouble} />}
      {told !== null && (
        <table className="mt-2 w-full text-[17px]">
          <thead>
            <tr className="text-left text-[14px] text-mute">
              <th scope="col" className="font-medium">
                Slot
              </th>
              <th scope="col" className="font-medium">
                Stop at, {job.unitSuffix}
              </th>
              <th scope="col" className="font-medium">
                Leaves
              </th>
              <th scope="col" className="font-medium">
                Off by
              </th>
            </tr>
          </thead>
          <tbody>
            {told.map((s) => (
              <tr key={s.string} className="border-t border-line">
                <th scope="row" className="text-left">
                  {s.string} {s.name}
                </th>
                <td>{s.height}</td>
                <td className="font-semibold">{s.leaves}</td>
                <td>{s.error}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </form>
  );
}

function Spacing({ job }: { job: JobView }) {
  const { unit } = useUnit();
  const strings = job.nutBench.slots.toReversed();
  const [centres, setCentres] = useState<Record<number, string>>({});
  const [rule, setRule] = useState("gaps");
  const [bassEdge, setBassEdge] = useState("3.2mm");
  const [trebleEdge, setTrebleEdge] = useState("3mm");
  const { told, trouble, ask } = useAsked<Schemas["SlotPlace"][]>();
  return (
    <form
      className="border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        ask(
          api.POST("/api/jobs/{id}/nut-sums/spacing", {
            params: { path: { id: job.id }, query: { unit } },
            body: {
              centres: strings.map((s) => centres[s.string] ?? ""),
              rule,
              bassEdge,
              trebleEdge,
            },
          }),
        );
      }}
    >
      <h3 className="wide text-[17px] font-bold">Slot spacing</h3>
      <p className="text-[15px] text-mute">
        Centres as measured from the bass end of the nut, {job.unitSuffix}.
      </p>
      <div className="mt-1 grid grid-cols-3 gap-3 sm:grid-cols-6">
        {strings.toReversed().map((s) => (
          <Field key={s.string} label={`${s.string} ${s.name}`}>
            <TextInput
              required
              value={centres[s.string] ?? ""}
              onChange={(e) => setCentres({ ...centres, [s.string]: e.target.value })}
            />
          </Field>
        ))}
      </div>
      <div className="mt-2 grid items-end gap-3 sm:grid-cols-4">
        <Field label="Compare with">
          <Select value={rule} onChange={(e) => setRule(e.target.value)}>
            <option value="gaps">equal gaps</option>
            <option value="centres">equal centres</option>
          </Select>
        </Field>
        <Field label="Bass edge to string">
          <TextInput value={bassEdge} onChange={(e) => setBassEdge(e.target.value)} />
        </Field>
        <Field label="Treble edge to string">
          <TextInput value={trebleEdge} onChange={(e) => setTrebleEdge(e.target.value)} />
        </Field>
        <Button type="submit">Compare</Button>
      </div>
      {trouble !== null && <Trouble text={trouble} />}
      {told !== null && (
        <table className="mt-2 w-full text-[17px]">
          <tbody>
            {told.map((p) => (
              <tr key={p.string} className="border-t border-line">
                <th scope="row" className="text-left">
                  {p.string} {p.name}
                </th>
                <td>
                  is at {p.measured}, belongs at {p.wanted} {job.unitSuffix}
                </td>
                <td className="text-right">{p.move}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </form>
  );
}

function BreakAngle({ job }: { job: JobView }) {
  const { unit } = useUnit();
  const [string, setString] = useState(1);
  const [distance, setDistance] = useState("");
  const [drop, setDrop] = useState("");
  const [wraps, setWraps] = useState(3);
  const { told, trouble, ask } = useAsked<Schemas["BreakAngleTold"]>();
  return (
    <form
      className="border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        ask(
          api.POST("/api/jobs/{id}/nut-sums/break-angle", {
            params: { path: { id: job.id }, query: { unit } },
            body: { string, distance, drop, wraps },
          }),
        );
      }}
    >
      <h3 className="wide text-[17px] font-bold">Break angle behind the nut</h3>
      <div className="mt-1 grid items-end gap-3 sm:grid-cols-5">
        <Field label="String">
          <Select value={string} onChange={(e) => setString(Number(e.target.value))}>
            {job.nutBench.slots.map((s) => (
              <option key={s.string} value={s.string}>
                {s.string} {s.name}
              </option>
            ))}
          </Select>
        </Field>
        <Field label={`Slot to post, ${job.unitSuffix}`}>
          <TextInput required value={distance} onChange={(e) => setDistance(e.target.value)} />
        </Field>
        <Field label={`Hole below slot, ${job.unitSuffix}`}>
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
        <Button type="submit">Angle</Button>
      </div>
      {trouble !== null && <Trouble text={trouble} />}
      {told !== null && (
        <p className={`mt-2 text-[17px] ${told.shallow ? "text-rust" : ""}`}>
          <strong>{told.degrees}</strong> {told.shallow ? "▼ " : ""}
          {told.text}
        </p>
      )}
    </form>
  );
}
