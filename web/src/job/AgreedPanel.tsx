import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useFieldArray, useForm, useWatch } from "react-hook-form";
import { answer, api, type JobView, type Schemas } from "../app/api";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import type { PanelProps } from "./SettingForm";

type Line = Schemas["LineView"];
type Kind = Line["kind"];

interface Typed {
  lines: Line[];
  worth: string;
  promised: string;
  acceptedBy: string;
  acceptedHow: string;
}

const KINDS: readonly (readonly [Kind, string])[] = [
  ["service", "service"],
  ["part", "part"],
  ["goodwill", "for nothing"],
  ["offer", "offered, not taken"],
];

/** What was agreed with the player: lines from the shop's list or typed, what they come to, until when, and who accepted it. */
export function AgreedPanel({ job, send, trouble, onDone }: PanelProps) {
  const before = job.agreement;
  const prices = useQuery({
    queryKey: ["prices"],
    queryFn: () => answer(api.GET("/api/shop/prices")),
  });
  const form = useForm<Typed>({
    defaultValues: {
      lines: before?.lines ?? [],
      worth: before?.worth ?? "",
      promised: before?.promised ?? "",
      acceptedBy: before?.acceptedBy ?? "",
      acceptedHow: before?.acceptedHow ?? "",
    },
  });
  const lines = useFieldArray({ control: form.control, name: "lines" });
  const typed = useWatch({ control: form.control, name: "lines" });
  const [busy, setBusy] = useState(false);
  const keep = async (all: Typed) => {
    setBusy(true);
    const done = await send((stamp, params) =>
      api.POST("/api/jobs/{id}/agreement", { params, body: { ...stamp, ...all } }),
    );
    setBusy(false);
    if (done !== null) onDone();
  };
  return (
    <form className="flex flex-col gap-4" onSubmit={(event) => void form.handleSubmit(keep)(event)}>
      {prices.error !== null && <Trouble text={prices.error.message} />}
      <Field label="Add from the price list">
        <Select
          autoFocus
          value=""
          disabled={job.closed}
          onChange={(event) => {
            const one = prices.data?.services[Number(event.target.value)];
            if (one !== undefined)
              lines.append({ kind: one.kind, text: one.text, price: one.price, why: "" });
          }}
        >
          <option value="">Choose a service, a part or a favour</option>
          {prices.data?.services.map((one, i) => (
            <option key={`${one.kind} ${one.text}`} value={i}>
              {one.text}
              {one.kind === "goodwill" ? ", for nothing" : one.price === "" ? "" : `, ${one.price}`}
            </option>
          ))}
        </Select>
      </Field>
      {lines.fields.length === 0 && (
        <p className="border-t border-line py-3 text-[17px]">
          Nothing yet. What is found and not taken stands here as well: it goes on the card, and is
          shown at the next visit.
        </p>
      )}
      <ol>
        {lines.fields.map((field, i) => (
          <li
            key={field.id}
            className="grid grid-cols-[1fr_7rem_auto] items-end gap-2 border-t border-line py-2 sm:grid-cols-[8.5rem_1fr_5.5rem_auto]"
          >
            <div className="col-span-3 sm:col-span-1">
              <Field label="What it is">
                <Select {...form.register(`lines.${i}.kind`)} defaultValue={field.kind}>
                  {KINDS.map(([kind, label]) => (
                    <option key={kind} value={kind}>
                      {label}
                    </option>
                  ))}
                </Select>
              </Field>
            </div>
            <Field label="In words">
              <TextInput
                maxLength={200}
                {...form.register(`lines.${i}.text`)}
                defaultValue={field.text}
              />
            </Field>
            <Field label="Price">
              <TextInput
                inputMode="decimal"
                className="text-right"
                readOnly={typed[i]?.kind === "goodwill"}
                {...form.register(`lines.${i}.price`)}
                defaultValue={field.price}
              />
            </Field>
            <Button aria-label={`Take out: ${field.text}`} onClick={() => lines.remove(i)}>
              ✕
            </Button>
            {typed[i]?.kind === "offer" && (
              <div className="col-span-full">
                <Field label="Why it was offered, or not taken">
                  <TextInput
                    maxLength={200}
                    {...form.register(`lines.${i}.why`)}
                    defaultValue={field.why}
                  />
                </Field>
              </div>
            )}
          </li>
        ))}
      </ol>
      <div>
        <Button
          onClick={() => lines.append({ kind: "service", text: "", price: "", why: "" })}
          disabled={job.closed}
        >
          Another line
        </Button>
      </div>
      <div className="grid gap-4 sm:grid-cols-2">
        <div>
          <Field label="Promised for">
            <TextInput type="date" {...form.register("promised")} />
          </Field>
          <Offered job={job} onTake={(day) => form.setValue("promised", day)} />
        </div>
        <Field label="What the instrument is worth" hint="asks whether the work is worth it">
          <TextInput inputMode="decimal" {...form.register("worth")} />
        </Field>
        <Field label="Accepted by">
          <TextInput maxLength={120} {...form.register("acceptedBy")} />
        </Field>
        <Field label="How: at the counter, by telephone">
          <TextInput maxLength={120} {...form.register("acceptedHow")} />
        </Field>
      </div>
      {before !== undefined && <Total agreement={before} />}
      {trouble !== null && <Trouble text={trouble} />}
      {!job.closed && (
        <div>
          <Button strong type="submit" disabled={busy} className="text-[18px]">
            Agreed
          </Button>
        </div>
      )}
    </form>
  );
}

/** The first day that is kept nine times in ten. */
function Offered({ job, onTake }: { job: JobView; onTake: (day: string) => void }) {
  const offer = useQuery({
    queryKey: ["offer", job.id, job.seq],
    queryFn: () => answer(api.GET("/api/jobs/{id}/promise", { params: { path: { id: job.id } } })),
    enabled: !job.closed,
    retry: false,
  });
  const day = offer.data?.day;
  if (day === undefined) return null;
  return (
    <span className="flex flex-wrap items-center gap-x-3 text-[15px]">
      Can be kept: {offer.data?.said}
      <button
        type="button"
        className="min-h-11 font-semibold underline"
        onClick={() => onTake(day)}
      >
        Take that day
      </button>
    </span>
  );
}

/** What it comes to, as it was written down last. */
export function Total({ agreement }: { agreement: NonNullable<JobView["agreement"]> }) {
  return (
    <div className="border-t-2 border-ink pt-2 text-[17px]">
      <p className="flex flex-wrap items-baseline justify-between gap-3">
        <span>
          {agreement.promisedDay === "" ? "No day promised" : `For ${agreement.promisedDay}`}
          {agreement.acceptedBy !== "" && `, accepted by ${agreement.acceptedBy}`}
          {agreement.acceptedHow !== "" && `, ${agreement.acceptedHow}`}
        </span>
        <strong className="text-[21px]">{agreement.total}</strong>
      </p>
      {agreement.sums.map((sum) => (
        <p key={sum} className="text-right text-[15px] text-mute">
          {sum}
        </p>
      ))}
      {agreement.question !== undefined && (
        <p className="mt-1 border-l-4 border-rust px-3">{agreement.question}</p>
      )}
    </div>
  );
}
