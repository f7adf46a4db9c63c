import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api, asProblem, type JobView, type Problem } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { Numbered } from "../app/Numbered";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { statedOf, type Facts } from "../intake/facts";
import { LastTime } from "../intake/LastTime";
import { AgreedPanel } from "../job/AgreedPanel";
import { FetchingJob } from "../job/FetchingJob";
import { ticketOf } from "../job/JobBar";
import { ScopeForm } from "../job/OrderPanel";
import { useJob } from "../job/useJob";
import { Button, Trouble, TroubleOrQuestion } from "../ui/controls";
import { saveFile, svgFile } from "../ui/svgFile";
import type { Mark } from "./choices";
import { Drawing } from "./Drawing";
import { asMeant, useStandAt } from "../intake/standAt";
import { FactsOn } from "./FactsOn";
import { DamageForm } from "./DamageForm";
import { HurtStep } from "./HurtStep";
import { Checklist } from "./LookStep";
import { MarkForm, MarksOn, marksDrawn, type Placing } from "./Marks";
import { AirStep, StringsStep } from "./OtherSteps";
import { drawnOf, type Side } from "./outline";
import { PhotoStrip } from "./PhotoStrip";
import { Pills } from "./Pills";
import { Steps, type StepCode } from "./Steps";

const ORDER: readonly StepCode[] = ["who", "hurt", "look", "air", "strings", "agreed"];

const KEYS: readonly HelpLine[] = [
  ["1 to 6", "the steps, in any order, outside of a field"],
  ["J", "to the job"],
  ["V", "front, back, side of the drawing"],
  ["M", "mark something on the drawing; the arrow keys move it"],
  ["↑ ↓, then 1 2 3", "the list from head to tail: fine, not right, fixed"],
  ["B", "back to the bench"],
];

const SIDES: readonly { code: Side; label: string }[] = [
  { code: "front", label: "front" },
  { code: "back", label: "back" },
  { code: "edge", label: "side" },
];

export function ArrivalPage() {
  return <Numbered>{(id) => <Arrived key={id} id={id} />}</Numbered>;
}

function Arrived({ id }: { id: number }) {
  const { job, ...sending } = useJob(id);
  useEffect(() => {
    if (job.data !== undefined) document.title = `Taking in ${job.data.instrument.name} · Barytone`;
  }, [job.data]);
  if (job.data === undefined)
    return (
      <FetchingJob
        id={id}
        what="what arrived"
        error={job.error}
        onShown={() => void job.refetch()}
      />
    );
  return <Sheet job={job.data} {...sending} />;
}

/** What arrived, step by step, on its drawing; everything is kept as it is said. */
function Sheet({
  job,
  send,
  problem,
  clearProblem,
  away,
}: { job: JobView } & Omit<ReturnType<typeof useJob>, "job">) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { unit, next } = useUnit();
  const [params, setParams] = useSearchParams();
  const [help, setHelp] = useState(false);
  const [side, setSide] = useState<Side>("front");
  const [placing, setPlacing] = useState<Placing | null>(null);
  const [edited, setEdited] = useState<Facts | null>(null);
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const step = ORDER.find((s) => s === params.get("step")) ?? "hurt";
  const go = (to: StepCode) => {
    clearProblem();
    setPlacing(null);
    setParams({ step: to }, { replace: true });
  };
  const facts = edited ?? statedOf(job.instrument);
  const page = useQuery({
    queryKey: ["instrument", job.instrumentId, unit],
    queryFn: () =>
      answer(
        api.GET("/api/instruments/{id}", {
          params: { path: { id: job.instrumentId }, query: { unit } },
        }),
      ),
    enabled: step === "who",
  });
  const correct = async (corrected: Facts, sure: boolean) => {
    setTrouble(null);
    try {
      const saved = await answer(
        api.PUT("/api/jobs/{id}/instrument", {
          params: { path: { id: job.id }, query: { unit } },
          body: { version: job.instrument.version, facts: corrected, sure },
        }),
      );
      queries.setQueryData(["job", job.id, unit], saved);
      setEdited(null);
    } catch (error) {
      setTrouble(asProblem(error));
    }
  };
  useStandAt(trouble);
  const meant = (text: string) => {
    if (trouble !== null) void correct(asMeant(facts, trouble, text), false);
  };
  const place = (x: number, y: number) => {
    if (job.closed) return;
    if (step !== "look") go("look");
    setPlacing((now) => ({ kind: "crack", note: "", ...now, side, x, y }));
  };
  const choose = (mark: Mark) => {
    go("look");
    setPlacing({
      side: mark.side,
      x: mark.x,
      y: mark.y,
      kind: mark.kind,
      note: mark.note,
      instead: mark.event,
    });
  };
  useShortcuts(
    {
      ...Object.fromEntries(ORDER.map((code, i) => [String(i + 1), () => go(code)])),
      j: () => void navigate(`/jobs/${String(job.id)}`),
      b: () => void navigate("/"),
      m: () => place(0.8, 0.5),
      v: () =>
        setSide((now) => SIDES[(SIDES.findIndex((s) => s.code === now) + 1) % 3]?.code ?? now),
      u: next,
      "?": () => setHelp(true),
    },
    !help,
  );
  const damage = job.advice.kind === "damage";
  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="truncate text-[16px]">
          {ticketOf(job)} {job.instrument.name}
        </span>
      </TopBar>
      {step !== "agreed" && (
        <Drawing
          drawn={drawnOf(facts)}
          side={side}
          small={step !== "who" && step !== "look"}
          leftHanded={facts.leftHanded}
          label={`${job.instrument.kindLabel} from the ${SIDES.find((s) => s.code === side)?.label ?? side}`}
          {...(job.closed ? {} : { onPoint: place })}
        >
          <MarksOn
            marks={job.arrival.marks}
            side={side}
            placing={placing}
            onPlacing={setPlacing}
            {...(job.closed ? {} : { onChoose: choose })}
          />
          {side === "front" && step === "who" && (
            <FactsOn
              facts={facts}
              onChange={setEdited}
              onKept={() => {
                if (edited !== null) void correct(edited, false);
              }}
              trouble={trouble}
              onMeant={meant}
            />
          )}
          {step === "look" && (
            <div className="absolute top-2 left-4">
              <Pills
                label="Touch the drawing where you see something"
                choices={SIDES}
                chosen={[side]}
                onChange={(on) => setSide(on.at(-1) ?? side)}
              />
            </div>
          )}
        </Drawing>
      )}
      <Steps steps={job.arrival.steps} open={step} onOpen={go} />
      <main data-seq={job.seq} className="px-5 py-2">
        {trouble !== null && (
          <TroubleOrQuestion
            problem={trouble}
            onMeant={meant}
            onSure={() => void correct(facts, true)}
          />
        )}
        {problem !== null && <Trouble text={problem.message} onClose={clearProblem} />}
        {away !== null && (
          <Trouble text={`${String(away.waiting)} not kept yet, and sent again: ${away.why}`} />
        )}
        {step === "who" && (
          <div className="grid gap-6 bench:grid-cols-[1.4fr_1fr]">
            {page.data !== undefined && page.data.visits.length > 1 ? (
              <LastTime page={page.data} />
            ) : (
              <p className="text-[18px]">
                <strong>{job.instrument.name}</strong>, {job.instrument.kindLabel.toLowerCase()}, of{" "}
                <Link to={`/players/${String(job.playerId)}`} className="underline">
                  {job.player}
                </Link>
                . Here for the first time: its facts stand on the drawing, as is usual for the kind
                until you say otherwise.
              </p>
            )}
            <PhotoStrip job={job.id} closed={job.closed} />
          </div>
        )}
        {step === "hurt" && <HurtStep job={job} send={send} />}
        {step === "look" && (
          <div className="grid gap-6 bench:grid-cols-[2.6fr_1fr]">
            <div className="flex flex-col gap-2">
              <Checklist job={job} send={send} />
              <div className="flex flex-wrap items-start justify-between gap-2">
                <PhotoStrip job={job.id} closed={job.closed} />
                {job.arrival.marks.length > 0 && (
                  <Button
                    onClick={() => {
                      const svg = document.querySelector<SVGSVGElement>("svg[role=img]");
                      if (svg !== null)
                        saveFile(
                          `condition-${ticketOf(job)}-${side}.svg`,
                          "image/svg+xml",
                          svgFile([
                            {
                              svg,
                              label: svg.getAttribute("aria-label") ?? "",
                              over: marksDrawn(job.arrival.marks, side),
                            },
                          ]),
                        );
                    }}
                  >
                    Save the drawing (SVG)
                  </Button>
                )}
              </div>
            </div>
            <section aria-label="Marks" className="flex flex-col gap-2">
              {placing !== null ? (
                <MarkForm
                  key={placing.instead ?? "new"}
                  job={job}
                  placing={placing}
                  onPlacing={setPlacing}
                  send={send}
                  onDone={() => setPlacing(null)}
                />
              ) : damage ? (
                <DamageForm job={job} send={send} />
              ) : (
                <>
                  <p className="text-[16px]">
                    {job.arrival.marks.length === 0
                      ? "Nothing marked. Touch the drawing where you see a crack, a dent, a lifted bridge: the player sees later that it was there."
                      : "Touch a mark to change it, or the drawing for another one."}
                  </p>
                  <div>
                    <Button shortcut="M" disabled={job.closed} onClick={() => place(0.8, 0.5)}>
                      Mark something
                    </Button>
                  </div>
                </>
              )}
            </section>
          </div>
        )}
        {step === "air" && <AirStep job={job} send={send} />}
        {step === "strings" && <StringsStep job={job} send={send} />}
        {step === "agreed" && (
          <div className="mx-auto grid max-w-[1240px] gap-8 bench:grid-cols-[1fr_1.6fr]">
            <div>
              {job.arrival.sayBefore !== undefined && (
                <p className="mb-3 border-l-4 border-rust px-3 text-[18px]">
                  {job.arrival.sayBefore}
                </p>
              )}
              <ScopeForm job={job} send={send} trouble={null} onDone={() => undefined} />
            </div>
            <AgreedPanel job={job} send={send} trouble={null} onDone={() => undefined} />
          </div>
        )}
        <footer className="mt-2 flex flex-wrap items-center justify-between gap-3 border-t border-line pt-2">
          <p className="text-[16px] text-mute">{job.arrival.missing}</p>
          <Button strong shortcut="J" onClick={() => void navigate(`/jobs/${String(job.id)}`)}>
            To the job
          </Button>
        </footer>
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys of intake" keys={KEYS} />
    </>
  );
}
