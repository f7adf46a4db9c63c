import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { answer, api, asProblem, type JobView, type Problem } from "../app/api";
import { useUnit } from "../app/unit";
import { statedOf } from "../intake/facts";
import { AirForm } from "../job/AirForm";
import type { Send } from "../job/useJob";
import { useOwnSend } from "../job/useOwnSend";
import { Button, Field, Select, TextInput, Trouble, TroubleOrQuestion } from "../ui/controls";
import { Pills } from "./Pills";

/** The air that the instrument comes from and stands in, and what it says. */
export function AirStep({ job, send }: { job: JobView; send: Send }) {
  return (
    <div className="grid gap-6 bench:grid-cols-2">
      <AirForm job={job} send={send} label="Read the hygrometer" />
      <div className="text-[17px]">
        {job.air === undefined ? (
          <p>Wood follows the air over days. Read it now and at the end: both go on the card.</p>
        ) : (
          <>
            <p className="text-[24px] font-bold">{job.air.text}</p>
            <p className={job.air.verdict === "fine" ? "text-verdigris" : "text-rust"}>
              {job.air.verdict === "fine" ? "✓ " : "▲ "}
              {job.air.said}
            </p>
          </>
        )}
      </div>
    </div>
  );
}

interface Planned {
  change: boolean;
  set: string;
  tuning: string;
  age: string;
  by: string;
  missing: number[];
  trial: boolean;
}

/** Which strings it is to have, what they are expected to change, and whether what is on it is a whole set. */
export function StringsStep({ job, send }: { job: JobView; send: Send }) {
  const before = job.arrival.strings;
  const { unit } = useUnit();
  const queries = useQueryClient();
  const form = useForm<Planned>({
    values: before ?? {
      change: true,
      set: job.instrument.strings,
      tuning: "",
      age: "",
      by: "",
      missing: [],
      trial: false,
    },
    resetOptions: { keepDirtyValues: true },
  });
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const change = useWatch({ control: form.control, name: "change" });
  const missing = useWatch({ control: form.control, name: "missing" });
  const set = useDeferredValue(useWatch({ control: form.control, name: "set" }).trim());
  const tuning = useDeferredValue(useWatch({ control: form.control, name: "tuning" }).trim());
  const other = change && set !== "" && set !== job.instrument.strings;
  const retuned = tuning !== "" && tuning !== job.instrument.tuning;
  const sets = useQuery({
    queryKey: ["string-sets"],
    queryFn: () => answer(api.GET("/api/string-sets")),
  });
  const fitting = (sets.data ?? []).filter((one) => one.strings === job.arrival.names.length);
  const forecast = useQuery({
    queryKey: ["strings forecast", job.id, job.seq, unit, change, set, tuning],
    queryFn: () =>
      answer(
        api.GET("/api/jobs/{id}/strings-forecast", {
          params: { path: { id: job.id }, query: { unit, set: change ? set : "", tuning } },
        }),
      ),
    enabled: other || retuned,
    retry: false,
  });
  const own = useOwnSend(send);
  const plan = (typed: Planned) =>
    void own((stamp, params) =>
      api.POST("/api/jobs/{id}/strings-plan", {
        params,
        body: { ...stamp, ...typed, set: typed.change ? typed.set : "" },
      }),
    ).then((done) => {
      if (done !== null) form.reset(typed);
    });
  const putOn = async (strings: string, sure: boolean) => {
    setTrouble(null);
    try {
      const stated = statedOf(job.instrument);
      const facts = { ...stated, strings, tuning: retuned ? tuning : stated.tuning };
      const saved = await answer(
        api.PUT("/api/jobs/{id}/instrument", {
          params: { path: { id: job.id }, query: { unit } },
          body: { version: job.instrument.version, facts, sure },
        }),
      );
      queries.setQueryData(["job", job.id, unit], saved);
    } catch (error) {
      setTrouble(asProblem(error));
    }
  };
  return (
    <form
      aria-label="Strings"
      className="grid gap-x-6 gap-y-3 bench:grid-cols-[1.2fr_1fr]"
      onSubmit={(event) => void form.handleSubmit(plan)(event)}
    >
      <div className="flex flex-col gap-3">
        <Pills
          label="Strings"
          choices={[
            { code: "keep", label: "keep what is on" },
            { code: "change", label: "change" },
          ]}
          chosen={[change ? "change" : "keep"]}
          onChange={(on) => form.setValue("change", on.at(-1) === "change", { shouldDirty: true })}
        />
        {change && fitting.length > 0 && (
          <Field label="From the table of sets">
            <Select
              value={fitting.find((s) => s.gauges === set)?.id ?? ""}
              onChange={(event) => {
                const chosen = fitting.find((s) => String(s.id) === event.target.value);
                if (chosen !== undefined)
                  form.setValue("set", chosen.gauges, { shouldDirty: true });
              }}
            >
              <option value="">the player’s own packet, or typed</option>
              {fitting.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}: {one.gauges}
                </option>
              ))}
            </Select>
          </Field>
        )}
        {change && (
          <Field
            label="Set, string 1 first, thou"
            hint={`now on: ${job.instrument.strings}; w nickel-wound, s steel, b bronze, n nylon`}
          >
            <TextInput maxLength={200} {...form.register("set")} />
          </Field>
        )}
        <div className="grid grid-cols-3 gap-3">
          <Field label="Another tuning, low to high">
            <TextInput
              maxLength={200}
              placeholder={job.instrument.tuning}
              {...form.register("tuning")}
            />
          </Field>
          <Field label="Age of what is on it">
            <TextInput maxLength={200} {...form.register("age")} />
          </Field>
          <Field label="New ones come from">
            <TextInput maxLength={200} disabled={!change} {...form.register("by")} />
          </Field>
        </div>
        <Pills
          label="Missing now (readings are provisional until the set is whole)"
          choices={job.arrival.names}
          chosen={missing}
          onChange={(gone) => form.setValue("missing", gone, { shouldDirty: true })}
        />
      </div>
      <div className="flex flex-col gap-3 text-[17px]">
        {forecast.data !== undefined && (
          <section aria-label="What is expected of them">
            <p>{forecast.data.said}</p>
            <ul>
              {forecast.data.ripple.map((r) => (
                <li key={r.label} className="flex justify-between border-t border-line">
                  <span>{r.label}</span>
                  <strong className="text-indigo">{r.change}</strong>
                </li>
              ))}
            </ul>
          </section>
        )}
        {forecast.error !== null && <Trouble text={forecast.error.message} />}
        <label className="flex min-h-11 items-center gap-3">
          <input type="checkbox" className="size-6 accent-ink" {...form.register("trial")} />
          What is on it is for trying only
        </label>
        {job.arrival.provisional !== undefined && (
          <p className="border-l-4 border-rust px-3">{job.arrival.provisional}</p>
        )}
        {trouble !== null && (
          <TroubleOrQuestion
            problem={trouble}
            onMeant={(strings) => void putOn(strings, false)}
            onSure={() => void putOn(other ? set : job.instrument.strings, true)}
          />
        )}
        <div className="flex flex-wrap gap-2">
          <Button strong type="submit" disabled={job.closed}>
            Note it
          </Button>
          {(other || retuned) && !job.closed && (
            <Button onClick={() => void putOn(other ? set : job.instrument.strings, false)}>
              {other ? "They are on now" : "It is tuned so now"}
            </Button>
          )}
        </div>
      </div>
    </form>
  );
}
