import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { Button, Field, TextInput, Trouble } from "../ui/controls";

type Hours = Schemas["HoursView"];

/** When the shop works at its bench: promises are made by it. */
export function HoursSection() {
  // outlives the form, which is made anew with every version
  const [said, setSaid] = useState<string[]>([]);
  const hours = useQuery({
    queryKey: ["hours"],
    queryFn: () => answer(api.GET("/api/shop/hours")),
  });
  return (
    <section aria-label="Hours" className="mt-10">
      <h2 className="wide mb-1 text-[26px] font-bold">Hours</h2>
      <p className="mb-3 text-[16px] text-mute">
        Promises are made by these hours
        {hours.data !== undefined && `, as clocks show them in ${hours.data.zone}`}.
      </p>
      {hours.error !== null && <Trouble text={hours.error.message} />}
      {hours.isPending && <p>Fetching the hours</p>}
      {hours.data !== undefined && (
        <HoursForm key={hours.data.version} view={hours.data} onSaid={setSaid} />
      )}
      {said.length > 0 && (
        <ul role="status" className="mt-2 text-[16px]">
          {said.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </section>
  );
}

function HoursForm({ view, onSaid }: { view: Hours; onSaid: (lines: string[]) => void }) {
  const queries = useQueryClient();
  const [week, setWeek] = useState(view.week);
  const [capacity, setCapacity] = useState(view.capacity);
  const [buffer, setBuffer] = useState(view.buffer);
  const [urgent, setUrgent] = useState(view.urgent);
  const [closed, setClosed] = useState(view.closed.map((c) => c.day));
  const [day, setDay] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const took = (hours: Hours) => {
    queries.setQueryData(["hours"], hours);
    void queries.invalidateQueries({ queryKey: ["day"] });
    void queries.invalidateQueries({ queryKey: ["offer"] });
  };
  const keep = async (days: string[]) => {
    setTrouble(null);
    onSaid([]);
    try {
      took(
        await answer(
          api.PUT("/api/shop/hours", {
            body: {
              version: view.version,
              week: Object.fromEntries(week.map((d) => [d.day, d.hours])),
              capacity,
              buffer,
              urgent,
              closed: days,
            },
          }),
        ),
      );
    } catch (error) {
      setTrouble(asProblem(error).message);
    }
  };
  const bringIn = async (file: File) => {
    setTrouble(null);
    onSaid([]);
    try {
      const taken = await answer(
        api.POST("/api/shop/hours/closed-days", {
          body: await file.text(),
          bodySerializer: (text) => text,
          headers: { "Content-Type": "text/calendar" },
        }),
      );
      took(taken.hours);
      onSaid([
        taken.added === 1 ? "One more closed day." : `${String(taken.added)} more closed days.`,
        ...taken.refused.map((line) => `Not taken: ${line}.`),
      ]);
    } catch (error) {
      setTrouble(asProblem(error).message);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep(closed);
      }}
    >
      <div className="mb-3 grid gap-3 sm:grid-cols-2">
        {week.map((d, i) => (
          <Field key={d.day} label={d.label}>
            <TextInput
              value={d.hours}
              placeholder="closed"
              onChange={(e) =>
                setWeek(week.map((old, j) => (i === j ? { ...old, hours: e.target.value } : old)))
              }
            />
          </Field>
        ))}
      </div>
      <div className="mb-3 grid gap-3 sm:grid-cols-3">
        <Field label="At the bench, % of the hours" hint="the rest is customers and telephone">
          <TextInput
            inputMode="decimal"
            value={capacity}
            onChange={(e) => setCapacity(e.target.value)}
          />
        </Field>
        <Field label="Kept before a promise, hours">
          <TextInput
            inputMode="decimal"
            value={buffer}
            onChange={(e) => setBuffer(e.target.value)}
          />
        </Field>
        <Field label="Urgent pieces of work a day">
          <TextInput
            inputMode="decimal"
            value={urgent}
            onChange={(e) => setUrgent(e.target.value)}
          />
        </Field>
      </div>
      {trouble !== null && <Trouble text={trouble} />}
      <Button type="submit">Keep the hours</Button>
      <h3 className="wide mt-5 mb-1 text-[18px] font-bold">Closed days</h3>
      {closed.length === 0 && (
        <p className="border-t border-line py-2 text-[16px] text-mute">None ahead.</p>
      )}
      <ul className="columns-1 gap-8 sm:columns-2">
        {view.closed.map((c) => (
          <li
            key={c.day}
            className="flex items-center justify-between border-t border-line text-[16px]"
          >
            {c.text}
            <button
              type="button"
              className="min-h-11 px-2 underline"
              aria-label={`Open on ${c.text}`}
              onClick={() => {
                const rest = closed.filter((other) => other !== c.day);
                setClosed(rest);
                void keep(rest);
              }}
            >
              open
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Field label="Closed on">
          <TextInput type="date" value={day} onChange={(e) => setDay(e.target.value)} />
        </Field>
        <Button disabled={day === ""} onClick={() => void keep([...closed, day])}>
          Close that day
        </Button>
        <label className="flex min-h-11 items-center underline">
          From a calendar file (.ics)
          <input
            type="file"
            accept=".ics,text/calendar"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = "";
              if (file !== undefined) void bringIn(file);
            }}
          />
        </label>
      </div>
    </form>
  );
}
