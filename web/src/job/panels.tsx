import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobView, type Problem } from "../app/api";
import { InstrumentFields, type Facts } from "../intake/InstrumentFields";
import { Button, Field, Select, TroubleOrQuestion } from "../ui/controls";
import { Heads } from "../ui/Heads";
import { Fractions } from "../ui/Fractions";
import { SettingForm, Tick, type PanelProps } from "./SettingForm";

/** How this rod is turned: step, finish tightening, settling, limit. */
export function WaysPanel({ job, send, trouble, onDone }: PanelProps) {
  const [ways, setWays] = useState(job.relief.ways);
  const set = (change: Partial<typeof ways>) => setWays({ ...ways, ...change });
  const submit = async () => {
    const { straightensAnticlockwise, stepSixteenths, settleMinutes, limitSixteenths } = ways;
    const { finishTightening } = ways;
    const was = job.relief.ways;
    const other =
      stepSixteenths !== was.stepSixteenths ||
      finishTightening !== was.finishTightening ||
      settleMinutes !== was.settleMinutes ||
      limitSixteenths !== was.limitSixteenths;
    if (straightensAnticlockwise !== was.straightensAnticlockwise) {
      const turned = await send((stamp, params) =>
        api.POST("/api/jobs/{id}/relief/direction", {
          params,
          body: { ...stamp, straightensAnticlockwise },
        }),
      );
      if (turned === null) return;
    }
    if (other) {
      const done = await send((stamp, params) =>
        api.POST("/api/jobs/{id}/relief/ways", {
          params,
          body: { ...stamp, stepSixteenths, finishTightening, settleMinutes, limitSixteenths },
        }),
      );
      if (done === null) return;
    }
    onDone();
  };
  return (
    <SettingForm action="Turn it this way" trouble={trouble} onSubmit={() => void submit()}>
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
      <Field
        label="This rod straightens the neck"
        hint="seen from the end where the wrench goes in"
      >
        <Select
          value={ways.straightensAnticlockwise ? "anti" : "clockwise"}
          onChange={(e) => set({ straightensAnticlockwise: e.target.value === "anti" })}
        >
          <option value="clockwise">turned clockwise (usual)</option>
          <option value="anti">turned anticlockwise</option>
        </Select>
      </Field>
      <Tick
        checked={ways.finishTightening}
        onChange={(finishTightening) => set({ finishTightening })}
      >
        To add relief, go past and finish tightening
      </Tick>
    </SettingForm>
  );
}

/** Corrects the facts of the instrument; all readings stay and are computed anew. */
export function InstrumentPanel({
  instrument,
  onSaved,
}: {
  instrument: JobView["instrument"];
  onSaved: (facts: Facts, sure: boolean) => Promise<Problem | null>;
}) {
  const kinds = useQuery({ queryKey: ["kinds"], queryFn: () => answer(api.GET("/api/kinds")) });
  const [facts, setFacts] = useState<Facts>(() => {
    const { version: _, kindLabel: __, ...rest } = instrument;
    return rest;
  });
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const save = (corrected: Facts, sure: boolean) => void onSaved(corrected, sure).then(setTrouble);
  return (
    <SettingForm
      action="Correct"
      trouble={null}
      className="flex flex-col gap-4"
      onSubmit={() => save(facts, false)}
    >
      <InstrumentFields facts={facts} kinds={kinds.data ?? []} onChange={setFacts} />
      {trouble !== null && (
        <TroubleOrQuestion
          problem={trouble}
          onMeant={(strings) => {
            setFacts({ ...facts, strings });
            save({ ...facts, strings }, false);
          }}
          onSure={() => save(facts, true)}
        />
      )}
    </SettingForm>
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

const SIGN: Record<string, string> = {
  in: "✓ ",
  high: "▲ ",
  low: "▼ ",
  "cannot-tell": "? ",
};

export function FoundAndLeft({ job }: { job: JobView }) {
  return (
    <>
      <table className="w-full text-[18px]">
        <thead>
          <Heads pad="px-2" cells={["Quantity", "As found", "As left", "Target"]} />
        </thead>
        <tbody>
          {job.closing.rows.map((row) => (
            <tr key={row.label} className="h-13 border-t border-line text-right">
              <th scope="row" className="text-left font-semibold">
                {row.label}
              </th>
              <td className="px-2">{row.found}</td>
              <td className="px-2 font-bold">
                <span
                  className={
                    row.reckoned
                      ? "border-b-2 border-dashed border-indigo text-[16px] text-indigo"
                      : ""
                  }
                >
                  {row.left}
                </span>
                <span
                  className={`block text-[14px] font-medium ${row.verdict === "in" ? "text-verdigris" : "text-rust"}`}
                >
                  {SIGN[row.verdict] ?? ""}
                  {row.verdictText}
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
