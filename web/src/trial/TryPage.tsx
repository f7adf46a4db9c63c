import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, asProblem, type JobView, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { Numbered } from "../app/Numbered";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Pills } from "../arrival/Pills";
import { FetchingJob } from "../job/FetchingJob";
import { ticketOf } from "../job/JobBar";
import { useOwnSend } from "../job/useOwnSend";
import { useJob } from "../job/useJob";
import { Section } from "../section/Section";
import { Button, Field, Select, TextInput, Trouble, TroubleOrQuestion } from "../ui/controls";
import { Handles, type Part } from "./Handles";
import { TriedStrings } from "./TriedStrings";
import { useTrial, type Gaps, type Tried } from "./useTrial";

type Lowest = Schemas["LowestView"];

const KEYS: readonly HelpLine[] = [
  ["Tab, then ↑ ↓", "take hold of nut, relief or saddle and move it; with Shift five times as far"],
  ["1 … 9", "the string that is drawn"],
  ["A", "all strings together, or this one alone"],
  ["F", "how low it could go"],
  ["T", "make this my target"],
  ["Z", "as it stands now"],
  ["U", "change the unit of every number"],
  ["J", "back to the job"],
  ["B", "back to the bench"],
];

const TOUCHES: readonly { code: NonNullable<Tried["touch"]>; label: string }[] = [
  { code: "light", label: "light" },
  { code: "medium", label: "medium" },
  { code: "heavy", label: "heavy" },
];

const SAFETIES: readonly { code: number; label: string }[] = [
  { code: 0, label: "none" },
  { code: 1, label: "usual" },
  { code: 2, label: "must not come back" },
];

const HOW_FAR: readonly { code: "rings" | "wanted"; label: string }[] = [
  { code: "rings", label: "while it rings" },
  { code: "wanted", label: "to what is wanted" },
];

/** Tries another setup on the lit section of a job, before anything is moved. */
export function TryPage() {
  return <Numbered>{(id) => <Trying key={id} id={id} />}</Numbered>;
}

function Trying({ id }: { id: number }) {
  const { job, ...sending } = useJob(id);
  useEffect(() => {
    if (job.data !== undefined) document.title = `What if: ${job.data.instrument.name} · Barytone`;
  }, [job.data]);
  if (job.data === undefined)
    return (
      <FetchingJob id={id} what="the job" error={job.error} onShown={() => void job.refetch()} />
    );
  return <Tries job={job.data} {...sending} />;
}

/** The gaps after a part was moved as it is drawn: of all strings, or of one. */
function moved(
  gaps: Gaps,
  part: Part,
  mm: number,
  opens: Schemas["OpensBy"],
  alone: number | null,
): Gaps {
  const each = (list: readonly number[], by: number) =>
    list.map((gap, i) => (alone === null || alone === i + 1 ? gap + by : gap));
  switch (part) {
    case "nut":
      return { ...gaps, nut: each(gaps.nut, mm * opens.nut) };
    case "saddle":
      return { ...gaps, action: each(gaps.action, mm * opens.action) };
    case "relief":
      return {
        ...gaps,
        reliefBass: gaps.reliefBass - (alone === 1 ? 0 : mm),
        reliefTreble: gaps.reliefTreble - (alone !== null && alone !== 1 ? 0 : mm),
      };
  }
}

function Tries({
  job,
  send,
  problem,
  clearProblem,
}: { job: JobView } & Omit<ReturnType<typeof useJob>, "job">) {
  const { unit, next } = useUnit();
  const navigate = useNavigate();
  const own = useOwnSend(send);
  const { tried, setTried, shown, trouble, dismiss } = useTrial(
    job.id,
    unit,
    Math.max(...job.sections.map((s) => s.string), 1),
  );
  const [together, setTogether] = useState(true);
  const [held, setHeld] = useState(false);
  const [help, setHelp] = useState(false);
  const [safety, setSafety] = useState(1);
  const [wanted, setWanted] = useState(false);
  const [lowest, setLowest] = useState<{ for: string; told: Lowest } | null>(null);
  const [lowTrouble, setLowTrouble] = useState<string | null>(null);
  const change = (to: Partial<Tried>) => setTried((before) => ({ ...before, ...to }));
  const string = tried.string;

  const find = async () => {
    setLowTrouble(null);
    try {
      const told = await answer(
        api.POST("/api/jobs/{id}/what-if/lowest", {
          params: { path: { id: job.id }, query: { unit } },
          body: { tried, safety, wanted },
        }),
      );
      setLowest({ for: unit, told });
      change({ gaps: told.gaps });
    } catch (error) {
      setLowTrouble(asProblem(error).message);
    }
  };
  const asItStands = () => {
    setTried({ string, capo: 0, levelled: false });
    setLowest(null);
  };
  const take = async () => {
    if (job.closed) return;
    const done = await own((stamp, params) =>
      api.POST("/api/jobs/{id}/what-if/target", { params, body: { ...stamp, tried } }),
    );
    if (done !== null) void navigate(`/jobs/${String(job.id)}`);
  };
  const shortcuts: Shortcuts = {
    a: () => setTogether(!together),
    f: () => void find(),
    t: () => void take(),
    z: asItStands,
    u: next,
    j: () => void navigate(`/jobs/${String(job.id)}`),
    b: () => void navigate("/"),
    "?": () => setHelp(true),
  };
  for (const s of job.sections)
    if (s.string <= 9) shortcuts[String(s.string)] = () => change({ string: s.string });
  useShortcuts(shortcuts, !help);

  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <Link
          to={`/jobs/${String(job.id)}`}
          className="flex min-h-11 min-w-0 items-center gap-3 text-[16px] text-white"
        >
          <span className="shrink-0 text-[#B9C4BE]">Ticket {ticketOf(job)}</span>
          <span className="truncate font-semibold underline decoration-[#4b5b55] underline-offset-4">
            {job.instrument.name}
          </span>
        </Link>
      </TopBar>
      {shown === null ? (
        <p className="p-6 text-[18px]">{trouble?.message ?? "Working it out"}</p>
      ) : (
        <Section
          section={shown.section}
          crowns={shown.crowns}
          title={`What if, under string ${String(shown.section.string)} ${shown.section.stringName}`}
          dashed="as it stands now"
          byHand={held}
        >
          {(s, heights) => (
            <Handles
              section={shown.section}
              s={s}
              heights={heights}
              onHold={setHeld}
              onMove={(part, mm) =>
                setTried((before) => ({
                  ...before,
                  gaps: moved(
                    before.gaps ?? shown.gaps,
                    part,
                    mm,
                    shown.opens,
                    together ? null : before.string,
                  ),
                }))
              }
            />
          )}
        </Section>
      )}
      <main className="grid xl:grid-cols-[minmax(0,1fr)_400px] xl:divide-x xl:divide-line">
        <section aria-label="What it would make of every note" className="px-5 py-3">
          <p
            aria-live="polite"
            data-testid="headline"
            className={`wide text-[26px] leading-[1.12] font-bold tracking-[-0.01em] ${
              shown?.clean === false ? "text-rust" : ""
            }`}
          >
            {shown?.clean === false && "▲ "}
            {shown?.headline}
          </p>
          <p className="mt-1 text-[15px] text-mute">
            {shown !== null && shown.unread.length > 0 && (
              <strong className="font-semibold text-ink">
                Not read yet, taken as usual: {shown.unread.join(", ")}.{" "}
              </strong>
            )}
            {shown?.detail}
          </p>
          <div className="mt-2 flex flex-col gap-2 empty:hidden">
            {trouble?.meant !== undefined && (
              <TroubleOrQuestion
                problem={trouble}
                onMeant={(boardRadius) => change({ boardRadius })}
                onSure={dismiss}
              />
            )}
            {trouble !== null && trouble.meant === undefined && (
              <Trouble text={trouble.message} onClose={dismiss} />
            )}
            {problem !== null && <Trouble text={problem.message} onClose={clearProblem} />}
          </div>
          <div className="my-3 flex flex-wrap gap-2">
            <Button
              strong
              shortcut="T"
              disabled={job.closed || shown === null}
              onClick={() => void take()}
            >
              Make this my target
            </Button>
            <Button shortcut="Z" onClick={asItStands}>
              As it stands now
            </Button>
            <Button shortcut="A" aria-pressed={together} onClick={() => setTogether(!together)}>
              {together ? "All strings move together" : "This string alone moves"}
            </Button>
          </div>
          {shown !== null && (
            <TriedStrings
              strings={shown.strings}
              columns={shown.columns}
              string={string}
              capo={tried.capo}
              onString={(chosen) => change({ string: chosen })}
            />
          )}
          {shown !== null && <p className="mt-3 text-[15px] text-mute">{shown.bends}</p>}
        </section>
        <section aria-label="What is played on it" className="flex flex-col gap-3 px-5 py-3">
          <Pills
            label="Touch"
            choices={TOUCHES}
            chosen={[shown?.plays.touch ?? "medium"]}
            onChange={(chosen) => {
              const last = chosen.at(-1);
              if (last !== undefined) change({ touch: last });
            }}
          />
          {shown?.heard !== undefined && <p className="text-[15px] text-mute">{shown.heard}</p>}
          <div className="grid grid-cols-2 gap-3">
            <Field label="Capo at">
              <Select
                value={String(tried.capo)}
                onChange={(e) => change({ capo: Number(e.target.value) })}
              >
                {Array.from({ length: 13 }, (_, fret) => (
                  <option key={String(fret)} value={String(fret)}>
                    {fret === 0 ? "none" : fret}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Crowns">
              <Select
                value={tried.levelled ? "levelled" : "as they are"}
                onChange={(e) => change({ levelled: e.target.value === "levelled" })}
              >
                <option>as they are</option>
                <option>levelled</option>
              </Select>
            </Field>
          </div>
          <Typed
            key={`strings ${shown?.plays.strings ?? ""}`}
            label={`Strings, the thinnest first, ${shown?.plays.gaugeUnit ?? ""}`}
            value={shown?.plays.strings ?? ""}
            onChange={(strings) => change({ strings })}
          />
          <div className="grid grid-cols-[1.4fr_1fr] gap-3">
            <Typed
              key={`tuning ${shown?.plays.tuning ?? ""}`}
              label="Tuning, low to high"
              value={shown?.plays.tuning ?? ""}
              onChange={(tuning) => change({ tuning })}
            />
            <Typed
              key={`radius ${shown?.plays.boardRadius ?? ""}`}
              label="Radius, mm or flat"
              value={shown?.plays.boardRadius ?? ""}
              onChange={(radius) => change({ boardRadius: radius })}
            />
          </div>
          <section
            aria-label="How low it could go"
            className="flex flex-col items-start gap-2 border-t border-line pt-2"
          >
            <h2 className="wide text-[16px] font-semibold">How low it could go</h2>
            <Pills
              label="Room kept for what is not known of the heights"
              choices={SAFETIES}
              chosen={[safety]}
              onChange={(chosen) => setSafety(chosen.at(-1) ?? safety)}
            />
            <Pills
              label="How far down"
              choices={HOW_FAR}
              chosen={[wanted ? "wanted" : "rings"]}
              onChange={(chosen) => setWanted(chosen.at(-1) === "wanted")}
            />
            <Button shortcut="F" onClick={() => void find()}>
              Try the lowest that rings
            </Button>
            {lowTrouble !== null && (
              <Trouble text={lowTrouble} onClose={() => setLowTrouble(null)} />
            )}
            {lowest !== null && lowest.for === unit && (
              <div role="status" data-testid="lowest" className="text-[16px]">
                <p className="text-[18px] font-semibold">
                  {lowest.told.headline.replace(/^./, (c) => c.toUpperCase())}
                </p>
                <ul className="text-mute">
                  {lowest.told.stops.map((stop) => (
                    <li key={stop}>Lower, {stop}.</li>
                  ))}
                </ul>
                {lowest.told.held !== undefined && <p className="mt-1">{lowest.told.held}</p>}
                <p className="mt-1">{lowest.told.levelled}</p>
              </div>
            )}
          </section>
        </section>
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys while trying" keys={KEYS} />
    </>
  );
}

/** A text that is tried when it is left, or by Enter. */
function Typed({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const [typed, setTyped] = useState(value);
  const done = () => {
    if (typed.trim() !== value && typed.trim() !== "") onChange(typed.trim());
  };
  return (
    <Field label={label}>
      <TextInput
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={done}
        onKeyDown={(e) => {
          if (e.key === "Enter") done();
          if (e.key === "Escape") setTyped(value);
        }}
      />
    </Field>
  );
}
