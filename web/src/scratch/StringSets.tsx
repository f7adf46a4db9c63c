import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { tensionIn, useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { Heads } from "../ui/Heads";
import { useLastGood } from "../ui/useLastGood";

type SetView = Schemas["SetView"];

const KEY = "barytone.scratch.string-sets";

/** What a set of strings pulls in a tuning, what a change of set or tuning does to the relief, and the shop's own sets. */
export function StringSets() {
  const { plain: unit, tension } = useUnit();
  const [texts, setTexts] = useState({
    gauges: "10 13 17 26w 36w 46w",
    tuning: "E A D G B E",
    scaleLength: "648mm",
    beforeGauges: "9 11 16 24w 32w 42w",
    beforeTuning: "",
    reference: "440",
    ...kept(),
  });
  const set = (change: Partial<typeof texts>) => {
    const next = { ...texts, ...change };
    localStorage.setItem(KEY, JSON.stringify(next));
    setTexts(next);
  };
  const sets = useQuery({
    queryKey: ["string-sets"],
    queryFn: () => answer(api.GET("/api/string-sets")),
  });
  const pull = useQuery({
    queryKey: ["pull", texts, unit],
    retry: false,
    queryFn: async () => {
      const told = await answer(
        api.POST("/api/string-sets/pull", {
          body: {
            gauges: texts.gauges,
            tuning: texts.tuning,
            scaleLength: texts.scaleLength,
            ...(texts.beforeGauges.trim() === "" ? {} : { beforeGauges: texts.beforeGauges }),
            ...(texts.beforeTuning.trim() === "" ? {} : { beforeTuning: texts.beforeTuning }),
            reference: Number(texts.reference.replace(",", ".")),
          },
        }),
      );
      const relief =
        told.reliefChange === undefined || told.reliefSd === undefined
          ? null
          : await answer(
              api.POST("/api/lengths/show", {
                body: { lengths: [Math.abs(told.reliefChange), told.reliefSd], turns: [], unit },
              }),
            );
      return { told, relief };
    },
  });
  const suffix = unit === "in64" ? "in" : unit;
  const shown = useLastGood(pull.data);
  const change = shown?.told.reliefChange;
  return (
    <section aria-label="String sets">
      <h2 className="wide text-[26px] leading-tight font-bold">String sets</h2>
      <p className="mb-4 text-[17px] text-mute">
        What a set pulls in a tuning, and what a change does to the relief. Gauges from string 1, in
        thou; w nickel, s steel, b bronze wound, n plain nylon, f wound on nylon floss.
      </p>
      <div className="grid gap-x-8 gap-y-6 bench:grid-cols-2">
        <div className="grid content-start gap-3 sm:grid-cols-2">
          <Field label="Set that goes on">
            <Chooser
              sets={sets.data ?? []}
              gauges={texts.gauges}
              onChoose={(gauges) => set({ gauges })}
            />
          </Field>
          <Field label="Its gauges">
            <TextInput value={texts.gauges} onChange={(e) => set({ gauges: e.target.value })} />
          </Field>
          <Field label="Tuning, lowest string first">
            <TextInput value={texts.tuning} onChange={(e) => set({ tuning: e.target.value })} />
          </Field>
          <Field label="Scale length">
            <TextInput
              value={texts.scaleLength}
              onChange={(e) => set({ scaleLength: e.target.value })}
            />
          </Field>
          <Field label="Set that comes off">
            <Chooser
              sets={sets.data ?? []}
              gauges={texts.beforeGauges}
              onChoose={(beforeGauges) => set({ beforeGauges })}
              none
            />
          </Field>
          <Field label="Its gauges">
            <TextInput
              value={texts.beforeGauges}
              onChange={(e) => set({ beforeGauges: e.target.value })}
            />
          </Field>
          <Field label="Tuning before" hint="the same when empty">
            <TextInput
              value={texts.beforeTuning}
              onChange={(e) => set({ beforeTuning: e.target.value })}
            />
          </Field>
          <Field label="A4, Hz">
            <TextInput
              value={texts.reference}
              onChange={(e) => set({ reference: e.target.value })}
            />
          </Field>
        </div>
        <div aria-live="polite">
          {pull.error !== null && <Trouble text={pull.error.message} />}
          {shown !== undefined && (
            <div className={pull.error === null ? "" : "opacity-40"}>
              <table className="w-full text-[17px]">
                <thead>
                  <Heads cells={["String", "Gauge, thou", "Hz", `Tension, ${tension}`]} />
                </thead>
                <tbody>
                  {shown.told.strings.map((s) => (
                    <tr key={s.string} className="border-t border-line text-right">
                      <th scope="row" className="py-1 text-left font-semibold">
                        {s.string} {s.note}
                      </th>
                      <td>{s.gauge}</td>
                      <td>{s.frequency.toFixed(1)}</td>
                      <td className="font-bold">{tensionIn(s.newtons, tension)}</td>
                    </tr>
                  ))}
                  <tr className="border-t-2 border-ink text-right">
                    <th scope="row" colSpan={3} className="py-1 text-left font-semibold">
                      All together
                    </th>
                    <td className="text-[20px] font-bold">{shown.told.total.toFixed(0)}</td>
                  </tr>
                  {shown.told.beforeTotal !== undefined && (
                    <tr className="border-t border-line text-right">
                      <th scope="row" colSpan={3} className="py-1 text-left font-normal">
                        Before
                      </th>
                      <td>{shown.told.beforeTotal.toFixed(0)}</td>
                    </tr>
                  )}
                </tbody>
              </table>
              {shown.relief !== null && change !== undefined && (
                <p className="mt-3 text-[19px]">
                  Expect about{" "}
                  <strong>
                    {shown.relief.lengths[0]} {suffix} {change >= 0 ? "more" : "less"} relief
                  </strong>
                  , give or take {shown.relief.lengths[1]}, held at 1 and body joint. It is a guess
                  until this neck was read before and after.
                </p>
              )}
            </div>
          )}
        </div>
      </div>
      <ShopSets sets={sets.data ?? []} gauges={texts.gauges} onUse={(gauges) => set({ gauges })} />
    </section>
  );
}

function kept(): Record<string, string> {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(KEY) ?? "{}");
    if (typeof stored !== "object" || stored === null) return {};
    return Object.fromEntries(
      Object.entries(stored).filter((e): e is [string, string] => typeof e[1] === "string"),
    );
  } catch {
    return {};
  }
}

function Chooser({
  sets,
  gauges,
  onChoose,
  none = false,
}: {
  sets: readonly SetView[];
  gauges: string;
  onChoose: (gauges: string) => void;
  none?: boolean;
}) {
  const known = sets.find((s) => s.gauges === gauges.trim());
  return (
    <Select
      value={gauges.trim() === "" ? "none" : (known?.id ?? "own")}
      onChange={(e) => {
        const chosen = sets.find((s) => String(s.id) === e.target.value);
        if (chosen !== undefined) onChoose(chosen.gauges);
        else if (e.target.value === "none") onChoose("");
      }}
    >
      {none && <option value="none">none: do not compare</option>}
      <option value="own">as typed beside</option>
      {sets.map((s) => (
        <option key={s.id} value={s.id}>
          {s.name}
        </option>
      ))}
    </Select>
  );
}

/** The shop's table: kept, renamed, corrected, removed. */
function ShopSets({
  sets,
  gauges,
  onUse,
}: {
  sets: readonly SetView[];
  gauges: string;
  onUse: (gauges: string) => void;
}) {
  const queries = useQueryClient();
  const [editing, setEditing] = useState<{
    id: number | null;
    name: string;
    gauges: string;
  } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const change = async (asked: Promise<unknown>) => {
    try {
      await asked;
      setTrouble(null);
      setEditing(null);
    } catch (error) {
      setTrouble(asProblem(error).message);
    }
    await queries.invalidateQueries({ queryKey: ["string-sets"] });
  };
  const save = () => {
    if (editing === null) return;
    const body = { name: editing.name, gauges: editing.gauges };
    void change(
      editing.id === null
        ? answer(api.POST("/api/string-sets", { body }))
        : answer(api.PUT("/api/string-sets/{id}", { params: { path: { id: editing.id } }, body })),
    );
  };
  const remove = (id: number) =>
    void change(
      api.DELETE("/api/string-sets/{id}", { params: { path: { id } } }).then(({ response }) => {
        if (!response.ok) throw new Error("This set is not in the table any more.");
      }),
    );
  return (
    <div className="mt-8">
      <div className="mb-1 flex items-center justify-between gap-3">
        <h3 className="wide text-[18px] font-bold">Sets of this shop</h3>
        <Button onClick={() => setEditing({ id: null, name: "", gauges })}>Keep a new set</Button>
      </div>
      {trouble !== null && <Trouble text={trouble} onClose={() => setTrouble(null)} />}
      {editing !== null && (
        <form
          className="my-2 grid items-end gap-3 border-y border-line py-3 sm:grid-cols-[1fr_1fr_auto_auto]"
          onSubmit={(e) => {
            e.preventDefault();
            save();
          }}
        >
          <Field label="Name of the set">
            <TextInput
              autoFocus
              required
              maxLength={80}
              value={editing.name}
              onChange={(e) => setEditing({ ...editing, name: e.target.value })}
            />
          </Field>
          <Field label="Gauges, string 1 first">
            <TextInput
              required
              value={editing.gauges}
              onChange={(e) => setEditing({ ...editing, gauges: e.target.value })}
            />
          </Field>
          <Button strong type="submit">
            Keep
          </Button>
          <Button onClick={() => setEditing(null)}>Not now</Button>
        </form>
      )}
      {sets.length === 0 && (
        <p className="py-3 text-[17px]">No set is kept. Keep the one typed above, under a name.</p>
      )}
      <ul>
        {sets.map((s) => (
          <li
            key={s.id}
            className="grid min-h-12 grid-cols-[1fr_1fr_auto] items-center gap-3 border-t border-line text-[16px]"
          >
            <button
              type="button"
              className="min-h-11 text-left font-semibold underline-offset-4 hover:underline"
              onClick={() => onUse(s.gauges)}
            >
              {s.name}
            </button>
            <span className="break-words text-mute">{s.gauges}</span>
            <span className="flex">
              <button
                type="button"
                className="min-h-11 px-2 underline"
                aria-label={`Change ${s.name}`}
                onClick={() => setEditing({ id: s.id, name: s.name, gauges: s.gauges })}
              >
                Change
              </button>
              <button
                type="button"
                className="min-h-11 px-2 underline"
                aria-label={`Remove ${s.name}`}
                onClick={() => remove(s.id)}
              >
                Remove
              </button>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
