import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { Numbered } from "../app/Numbered";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Trouble } from "../ui/controls";
import { saveFile, svgFile } from "../ui/svgFile";
import { TakeAway } from "../ui/TakeAway";
import { AboutPanel } from "./AboutPanel";
import { Archived } from "./Archived";
import { Favourites } from "./Favourites";
import { PhotosOf } from "./PhotosOf";
import { SamePanel } from "./SamePanel";
import { Strips } from "./Strips";
import { TablePanel } from "./TablePanel";
import { Visits } from "./Visits";
import { dayOf } from "./when";

type View = Schemas["InstrumentPage"];

const KEYS: readonly HelpLine[] = [
  ["N", "take it in again"],
  ["J", "the job that is on the bench"],
  ["E", "what is known of it: maker, notes, what is not to be touched"],
  ["←  →", "from visit to visit in the figures over time"],
  ["B", "back to the bench"],
  ["U", "change the unit of every number"],
];

export function InstrumentPage() {
  return <Numbered>{(id) => <Instrument key={id} id={id} />}</Numbered>;
}

function Instrument({ id }: { id: number }) {
  const { unit, next } = useUnit();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [open, setOpen] = useState<"help" | "about" | "same" | "table" | null>(null);
  const [job, setJob] = useState<number | null>(null);
  const page = useQuery({
    queryKey: ["instrument", id, unit],
    queryFn: () =>
      answer(api.GET("/api/instruments/{id}", { params: { path: { id }, query: { unit } } })),
    placeholderData: (old) => old,
  });
  const shown = (now: View) => {
    queries.setQueryData(["instrument", now.id, unit], now);
    void queries.invalidateQueries({ queryKey: ["instrument"] });
    if (now.id !== id) void navigate(`/instruments/${String(now.id)}`, { replace: true });
  };
  const archive = useMutation({
    mutationFn: (archived: boolean) =>
      answer(
        api.PUT("/api/instruments/{id}/archived", {
          params: { path: { id }, query: { unit } },
          body: { archived },
        }),
      ),
    onSuccess: shown,
  });
  useEffect(() => {
    if (page.data !== undefined) document.title = `${page.data.facts.name} · Barytone`;
  }, [page.data]);
  const strips = useRef<HTMLDivElement>(null);
  const step = (by: number) => {
    const visits = page.data?.visits.filter((v) => !v.broken) ?? [];
    const at = visits.findIndex((v) => v.job === job);
    // newest first: one more is one earlier
    const to = visits[Math.min(visits.length - 1, Math.max(0, at === -1 ? 0 : at - by))];
    if (to !== undefined) setJob(to.job);
  };
  const again = () => void navigate(`/new?instrument=${String(page.data?.id ?? id)}`);
  useShortcuts(
    {
      b: () => void navigate("/"),
      n: again,
      j: () => {
        if (page.data?.onBench !== undefined) void navigate(`/jobs/${String(page.data.onBench)}`);
      },
      e: () => setOpen("about"),
      ArrowLeft: () => step(-1),
      ArrowRight: () => step(1),
      u: next,
      "?": () => setOpen("help"),
    },
    open === null,
  );
  const view = page.data;
  return (
    <>
      <TopBar onHelp={() => setOpen("help")}>
        <span className="min-w-0 truncate text-[16px]">{view?.facts.name ?? ""}</span>
      </TopBar>
      <main className="mx-auto max-w-[1240px] px-5 py-5">
        {page.isPending && <p className="text-[18px] text-mute">Fetching the instrument</p>}
        {page.error !== null && <Trouble text={page.error.message} />}
        {archive.error !== null && <Trouble text={asProblem(archive.error).message} />}
        {view !== undefined && (
          <>
            <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-3">
              <div className="min-w-0">
                <h1 className="wide text-[28px] leading-tight font-bold break-words">
                  {view.facts.name}
                </h1>
                <p className="text-[17px] text-mute">
                  {view.kindLabel}
                  {view.about.make !== "" && `, ${view.about.make}`}
                  {view.players.length > 0 && " · "}
                  {view.players.map((p, i) => (
                    <span key={p.id}>
                      {i > 0 && ", before "}
                      <Link to={`/players/${String(p.id)}`} className="underline">
                        {p.name}
                      </Link>
                    </span>
                  ))}
                </p>
              </div>
              <div className="flex flex-wrap gap-2">
                {view.onBench === undefined ? (
                  <Button strong shortcut="N" onClick={again}>
                    Take it in again
                  </Button>
                ) : (
                  <Button
                    strong
                    shortcut="J"
                    onClick={() => void navigate(`/jobs/${String(view.onBench)}`)}
                  >
                    On the bench now
                  </Button>
                )}
                <Button shortcut="E" onClick={() => setOpen("about")}>
                  What is known
                </Button>
              </div>
            </div>
            <Archived since={view.about.archivedAt} onBack={() => archive.mutate(false)} />
            {view.about.doNotTouch !== "" && (
              <p className="mt-3 border-l-4 border-rust px-3 py-2 text-[18px]">
                <strong>Do not touch:</strong> {view.about.doNotTouch}
              </p>
            )}
            {view.about.notes !== "" && (
              <p className="mt-3 max-w-[70ch] text-[17px] whitespace-pre-wrap">
                {view.about.notes}
              </p>
            )}
            <Favourites kept={view.favourites} />
            <Said view={view} />
            {view.series.length === 0 ? (
              <p className="mt-6 border-t border-line py-5 text-[19px]">
                Nothing was read on it yet. Its figures stand here once relief, nut or action are
                read on a job.
              </p>
            ) : (
              <section aria-label="Figures over time" className="mt-6">
                <div className="mb-1 flex flex-wrap items-baseline justify-between gap-3">
                  <h2 className="wide text-[18px] font-bold">Figures over time</h2>
                  <p className="text-[15px] text-mute">
                    ○ as found ● as left, broken where reckoned; the veil is what was wanted; blue
                    marks the air, darker for damper
                  </p>
                </div>
                <div ref={strips}>
                  <Strips page={view} job={job} onJob={setJob} />
                </div>
                <Button
                  className="mt-2"
                  onClick={() => {
                    const drawn = [...(strips.current?.querySelectorAll("svg") ?? [])];
                    saveFile(
                      `figures-${String(view.id)}.svg`,
                      "image/svg+xml",
                      svgFile(
                        drawn.map((svg) => ({ svg, label: svg.getAttribute("aria-label") ?? "" })),
                      ),
                    );
                  }}
                >
                  Save the picture (SVG)
                </Button>
              </section>
            )}
            <Visits view={view} job={job} onJob={setJob} />
            <Stated view={view} />
            <PhotosOf id={view.id} />
            <div className="mt-8 flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-line pt-4">
              <TakeAway
                files={[
                  [
                    "All of it with its photos (zip)",
                    `/api/exchange?what=instrument&id=${String(view.id)}`,
                  ],
                ]}
              />
              <Button onClick={() => setOpen("table")}>Readings from a table</Button>
              <Button onClick={() => setOpen("same")}>It is the same as another</Button>
              {view.about.archivedAt === undefined && (
                <Button onClick={() => archive.mutate(true)}>Archive it</Button>
              )}
            </div>
            <AboutPanel
              key={view.about.version}
              view={view}
              open={open === "about"}
              onClose={() => setOpen(null)}
              onSaved={shown}
            />
            <TablePanel id={view.id} open={open === "table"} onClose={() => setOpen(null)} />
            <SamePanel
              what="instruments"
              id={view.id}
              name={view.facts.name}
              same={view.same}
              open={open === "same"}
              onClose={() => setOpen(null)}
              onMerged={(as) => void navigate(`/instruments/${String(as)}`)}
              onSeparated={() => void page.refetch()}
            />
          </>
        )}
      </main>
      <Help
        open={open === "help"}
        onClose={() => setOpen(null)}
        title="Keys of this instrument"
        keys={KEYS}
      />
    </>
  );
}

/** What changed since last time, and what the season will bring. */
function Said({ view }: { view: View }) {
  if (view.changes.length === 0 && view.forecasts.length === 0) return null;
  return (
    <section aria-label="What changed" className="mt-5 grid gap-x-8 gap-y-3 bench:grid-cols-2">
      {view.changes.length > 0 && (
        <div>
          <h2 className="wide text-[18px] font-bold">Since last time</h2>
          <ul className="text-[17px]">
            {view.changes.map((line) => (
              <li key={line} className="border-t border-line py-1.5">
                {line}
              </li>
            ))}
          </ul>
        </div>
      )}
      {view.forecasts.length > 0 && (
        <div>
          <h2 className="wide text-[18px] font-bold text-indigo">The coming season</h2>
          <ul className="text-[17px]">
            {view.forecasts.map((line) => (
              <li key={line} className="border-t border-line py-1.5">
                {line}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

/** The facts as they were stated, version by version. */
function Stated({ view }: { view: View }) {
  return (
    <section aria-label="Facts as stated" className="mt-7">
      <h2 className="wide mb-1 text-[18px] font-bold">Facts as stated</h2>
      <ol className="text-[16px]">
        {view.versions.map((version) => (
          <li
            key={`${version.at} ${version.changes.join()}`}
            className="grid grid-cols-[11rem_1fr] border-t border-line py-1.5"
          >
            <span className="text-mute">{dayOf(version.at)}</span>
            <span>{version.changes.join("; ")}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
