import { useState } from "react";
import { api, type JobView, type Schemas } from "../../app/api";
import type { PanelProps } from "../../job/SettingForm";
import type { Send } from "../../job/useJob";
import { Heads } from "../../ui/Heads";
import { Button, Trouble } from "../../ui/controls";
import { BreakAngle, LeafStacks, Spacing } from "./NutSums";

type Flaw = Schemas["SlotCheck"]["flaws"][number];

/** What belongs to the nut besides its heights: slots looked at, leaf stacks, spacing, break angle. */
export function NutPanel({ job, send, trouble }: PanelProps) {
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
          api.POST("/api/jobs/{id}/nut/slot-checks", {
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
        A {nutBench.material} nut, {nutBench.width} wide; the file takes {nutBench.bite}.
      </p>
      <table className="mb-3 w-full text-[16px]">
        <thead>
          <Heads
            row="text-left"
            cells={["String", "Gauge", "File", "Strokes to the frets", "Looked at"]}
          />
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
