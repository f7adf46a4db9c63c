import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobView } from "../app/api";
import { InstrumentFields, type Facts } from "../intake/InstrumentFields";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { Fractions } from "../ui/Fractions";
import type { Send } from "./useJob";

interface PanelProps {
  job: JobView;
  send: Send;
  trouble: string | null;
  onDone: () => void;
}

/** Chooses how relief is read: held where, gauged where, with what, in which position. */
export function HabitPanel({ job, send, trouble, onDone }: PanelProps) {
  const [habit, setHabit] = useState(job.relief.habit);
  const set = (change: Partial<typeof habit>) => setHabit({ ...habit, ...change });
  const choice = job.relief.habits.findIndex(
    (h) =>
      h.heldLow === habit.heldLow &&
      h.heldHigh === habit.heldHigh &&
      h.gaugeFret === habit.gaugeFret &&
      h.board === habit.board,
  );
  return (
    <form
      className="grid gap-4 sm:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/habit", { params, body: { ...stamp, ...habit } }),
        ).then((done) => {
          if (done !== null) onDone();
        });
      }}
    >
      <div className="sm:col-span-3">
        <Field label="Habit">
          <Select
            autoFocus
            value={choice}
            onChange={(e) => {
              const chosen = job.relief.habits[Number(e.target.value)];
              if (chosen !== undefined)
                set({
                  heldLow: chosen.heldLow,
                  heldHigh: chosen.heldHigh,
                  gaugeFret: chosen.gaugeFret,
                  board: chosen.board,
                });
            }}
          >
            {job.relief.habits.map((h, i) => (
              <option key={h.label} value={i}>
                {h.label}
              </option>
            ))}
            <option value={-1}>Other: as set below</option>
          </Select>
        </Field>
      </div>
      <Field label="Held at fret">
        <TextInput
          type="number"
          min={0}
          max={34}
          value={habit.heldLow}
          onChange={(e) => set({ heldLow: Number(e.target.value) })}
        />
      </Field>
      <Field label="and at fret">
        <TextInput
          type="number"
          min={2}
          max={36}
          value={habit.heldHigh}
          onChange={(e) => set({ heldHigh: Number(e.target.value) })}
        />
      </Field>
      <Field label="Gauge at fret">
        <TextInput
          type="number"
          min={1}
          max={35}
          value={habit.gaugeFret}
          onChange={(e) => set({ gaugeFret: Number(e.target.value) })}
        />
      </Field>
      <div className="sm:col-span-2">
        <Field label="Tool for typed readings" hint="its uncertainty is part of every reading">
          <Select value={habit.tool} onChange={(e) => set({ tool: e.target.value })}>
            {job.relief.tools.map((t) => (
              <option key={t.code} value={t.code}>
                {t.label}, {t.precision}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={habit.flat}
          onChange={(e) => set({ flat: e.target.checked })}
        />
        Lies flat on the bench
      </label>
      {trouble !== null && (
        <div className="sm:col-span-3">
          <Trouble text={trouble} />
        </div>
      )}
      <div className="sm:col-span-3">
        <Button strong type="submit">
          Read this way
        </Button>
      </div>
    </form>
  );
}

/** Chooses the wanted relief: a school, or bands of one's own. */
export function TargetPanel({ job, send, trouble, onDone }: PanelProps) {
  const { target } = job.relief;
  const [bands, setBands] = useState({
    bassLow: target.bassLow,
    bassHigh: target.bassHigh,
    trebleLow: target.trebleLow,
    trebleHigh: target.trebleHigh,
  });
  const choose = (body: { school: string } | typeof bands) =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/target", { params, body: { ...stamp, ...body } }),
    ).then((done) => {
      if (done !== null) onDone();
    });
  return (
    <>
      <p className="mb-3 text-[16px] text-mute">
        Bands in {job.unitSuffix}, {job.relief.method}; shifted for this board and a {job.touch}{" "}
        touch.
      </p>
      <ul className="mb-5">
        {target.schools.map((s) => (
          <li key={s.school} className="border-t border-line">
            <button
              type="button"
              aria-pressed={target.school === s.school}
              onClick={() => choose({ school: s.school })}
              className="eases grid min-h-14 w-full grid-cols-[1fr_auto] gap-x-4 py-2 text-left hover:bg-paper"
            >
              <span className="text-[18px] font-semibold">
                {s.label}
                {target.school === s.school && <span className="text-verdigris"> ✓ chosen</span>}
              </span>
              <span className="text-right text-[17px]">
                bass {s.bass}, treble {s.treble}
              </span>
              <span className="col-span-2 text-[15px] text-mute">{s.reason}</span>
            </button>
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 gap-4 sm:grid-cols-4"
        onSubmit={(event) => {
          event.preventDefault();
          choose(bands);
        }}
      >
        {(
          [
            ["bassLow", "Bass from"],
            ["bassHigh", "Bass to"],
            ["trebleLow", "Treble from"],
            ["trebleHigh", "Treble to"],
          ] as const
        ).map(([key, label]) => (
          <Field key={key} label={`${label}, ${job.unitSuffix}`}>
            <TextInput
              value={bands[key]}
              onChange={(e) => setBands({ ...bands, [key]: e.target.value })}
            />
          </Field>
        ))}
        {trouble !== null && (
          <div className="col-span-full">
            <Trouble text={trouble} />
          </div>
        )}
        <div className="col-span-full">
          <Button strong type="submit">
            Use these bands
          </Button>
        </div>
      </form>
    </>
  );
}

/** How this rod is turned: step, finish tightening, settling, limit. */
export function WaysPanel({ job, send, trouble, onDone }: PanelProps) {
  const [ways, setWays] = useState(job.relief.ways);
  const set = (change: Partial<typeof ways>) => setWays({ ...ways, ...change });
  return (
    <form
      className="grid gap-4 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/rod-ways", {
            params,
            body: {
              ...stamp,
              stepSixteenths: ways.stepSixteenths,
              finishTightening: ways.finishTightening,
              settleMinutes: ways.settleMinutes,
              limitSixteenths: ways.limitSixteenths,
            },
          }),
        ).then((done) => {
          if (done !== null) onDone();
        });
      }}
    >
      <Field label="Largest single step">
        <Select
          autoFocus
          value={ways.stepSixteenths}
          onChange={(e) => set({ stepSixteenths: Number(e.target.value) })}
        >
          <option value={1}>1/16 turn</option>
          <option value={2}>1/8 turn (usual)</option>
          <option value={4}>1/4 turn</option>
        </Select>
      </Field>
      <Field label="Wait after a turn before a verdict">
        <Select
          value={ways.settleMinutes}
          onChange={(e) => set({ settleMinutes: Number(e.target.value) })}
        >
          {[0, 5, 10, 15, 30, 60].map((m) => (
            <option key={m} value={m}>
              {m === 0 ? "none" : `${m} minutes${m === 10 ? " (usual)" : ""}`}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Stop when tighter than found by" hint="more only if you know this rod">
        <Select
          value={ways.limitSixteenths}
          onChange={(e) => set({ limitSixteenths: Number(e.target.value) })}
        >
          {[
            [4, "1/4 turn"],
            [8, "1/2 turn"],
            [12, "3/4 turn (usual)"],
            [16, "1 turn"],
            [24, "1 1/2 turns"],
          ].map(([value, text]) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </Select>
      </Field>
      <label className="flex min-h-11 items-center gap-3 self-center">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={ways.finishTightening}
          onChange={(e) => set({ finishTightening: e.target.checked })}
        />
        To add relief, go past and finish tightening
      </label>
      {trouble !== null && (
        <div className="sm:col-span-2">
          <Trouble text={trouble} />
        </div>
      )}
      <div className="sm:col-span-2">
        <Button strong type="submit">
          Turn it this way
        </Button>
      </div>
    </form>
  );
}

/** Corrects the facts of the instrument; all readings stay and are computed anew. */
export function InstrumentPanel({
  job,
  onSaved,
}: {
  job: JobView;
  onSaved: (facts: Facts) => Promise<string | null>;
}) {
  const kinds = useQuery({ queryKey: ["kinds"], queryFn: () => answer(api.GET("/api/kinds")) });
  const i = job.instrument;
  const [facts, setFacts] = useState<Facts>({
    name: i.name,
    kind: i.kind,
    tuning: i.tuning,
    scaleLength: i.scaleLength,
    frets: i.frets,
    bodyJointFret: i.bodyJointFret,
    boardRadius: i.boardRadius,
    rod: i.rod,
    access: i.access,
    leftHanded: i.leftHanded,
    bridge: i.bridge,
    threadPitch: i.threadPitch,
    joint: i.joint,
    endRadius: i.endRadius,
    bridgeSpread: i.bridgeSpread,
    nut: i.nut,
    nutWidth: i.nutWidth,
    strings: i.strings,
  });
  const [trouble, setTrouble] = useState<string | null>(null);
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void onSaved(facts).then(setTrouble);
      }}
    >
      <InstrumentFields facts={facts} kinds={kinds.data ?? []} onChange={setFacts} />
      {trouble !== null && <Trouble text={trouble} />}
      <div>
        <Button strong type="submit">
          Correct
        </Button>
      </div>
    </form>
  );
}

/** As found and as left side by side, before the job is closed and after. */
export function ClosePanel({
  job,
  onClose,
  working,
}: {
  job: JobView;
  onClose: () => void;
  working: boolean;
}) {
  return (
    <>
      <FoundAndLeft job={job} />
      {!job.closed && (
        <div className="mt-5">
          <Button strong disabled={working} onClick={onClose} className="text-[18px]" autoFocus>
            {job.closing.ready ? "Close the job" : "Close it as it is"}
          </Button>
        </div>
      )}
    </>
  );
}

const VERDICT_TEXT: Record<string, string> = {
  in: "✓ in band",
  high: "▲ high",
  low: "▼ low",
  "cannot-tell": "? cannot tell",
  stale: "predicted",
  unread: "not read",
};

export function FoundAndLeft({ job }: { job: JobView }) {
  return (
    <>
      <table className="w-full text-[18px]">
        <thead>
          <tr className="text-right text-[15px] text-mute">
            <th scope="col" className="text-left font-medium">
              Quantity
            </th>
            <th scope="col" className="font-medium">
              As found
            </th>
            <th scope="col" className="font-medium">
              As left
            </th>
            <th scope="col" className="font-medium">
              Target
            </th>
          </tr>
        </thead>
        <tbody>
          {job.closing.rows.map((row) => (
            <tr key={row.label} className="h-13 border-t border-line text-right">
              <th scope="row" className="text-left font-semibold">
                {row.label}
              </th>
              <td>{row.found}</td>
              <td className="font-bold">
                {row.left}
                <span
                  className={`block text-[14px] font-medium ${row.verdict === "in" ? "text-verdigris" : "text-rust"}`}
                >
                  {VERDICT_TEXT[row.verdict]}
                </span>
              </td>
              <td className="text-mute">{row.target}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="mt-3 text-[16px]">
        {job.closing.remarks.map((remark) => (
          <li key={remark}>
            <Fractions text={remark} />
          </li>
        ))}
      </ul>
    </>
  );
}
