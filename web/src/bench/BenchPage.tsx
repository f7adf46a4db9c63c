import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { DayLine } from "../day/DayLine";
import { PromisedList, WaitingList } from "../day/Lists";
import { shortName, useDay } from "../day/useDay";
import { Button, Trouble } from "../ui/controls";
import { FollowUps } from "../records/FollowUps";
import { JobRow } from "./JobRow";

const KEYS: readonly HelpLine[] = [
  ["T", "take the next one: the first of those that can be worked on"],
  ["1 … 9", "open that job"],
  ["N", "take in an instrument"],
  ["W", "the day for a screen at the wall"],
  ["R", "records: players, instruments, closed jobs"],
  ["X", "scratch: a sum without a job"],
  ["U", "change the unit of every number"],
  ["?", "this help"],
];

/** The bench: what can be done now, what waits, what is promised, and what is to be looked at again. */
export function BenchPage() {
  const { next: nextUnit } = useUnit();
  const navigate = useNavigate();
  const [help, setHelp] = useState(false);
  const { bench, day } = useDay();
  useEffect(() => {
    document.title = "Bench · Barytone";
  }, []);

  // the day says in which order: jobs that stood elsewhere a moment ago would be opened by mistake
  const settled = bench.data !== undefined && !day.isPending;
  const open = settled ? bench.data.open : [];
  const cards = new Map(open.map((card) => [card.id, card]));
  const held = new Set(day.data?.waiting.filter((w) => w.holds).map((w) => w.job));
  const told = new Map(day.data?.next.map((n) => [n.job, n]));
  // what the day does not know of, for it came just now or cannot be shown, stands at the end
  const now = [
    ...(day.data?.next.flatMap((n) => cards.get(n.job) ?? []) ?? []),
    ...open.filter((card) => !told.has(card.id) && !held.has(card.id)),
  ];
  const shortcuts: Shortcuts = {
    n: () => void navigate("/new"),
    t: () => now[0] !== undefined && void navigate(`/jobs/${now[0].id}`),
    w: () => void navigate("/wall"),
    r: () => void navigate("/records"),
    x: () => void navigate("/scratch"),
    u: nextUnit,
    "?": () => setHelp(true),
  };
  now.slice(0, 9).forEach((card, i) => {
    shortcuts[String(i + 1)] = () => void navigate(`/jobs/${card.id}`);
  });
  useShortcuts(shortcuts, !help);

  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Bench</span>
        {bench.data?.demo === true && (
          <span className="rounded bg-[#2A3733] px-2 py-1 text-[14px] text-lamp">
            Demo data: Saltholm
          </span>
        )}
      </TopBar>
      {day.data !== undefined && open.length > 0 && (
        <DayLine
          day={day.data}
          nameOf={(job) => shortName(cards.get(job)?.instrument ?? "A job")}
        />
      )}
      <main className="mx-auto grid max-w-[1280px] gap-x-8 px-5 py-4 bench:grid-cols-[minmax(0,1fr)_23rem]">
        <section aria-label="Now">
          <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
            <h1 className="wide text-[26px] font-bold">
              Now
              {day.data !== undefined && (
                <span className="ml-3 text-[17px] font-normal text-mute">{day.data.today}</span>
              )}
            </h1>
            <span className="flex flex-wrap gap-2">
              {now.length > 0 && (
                <Button strong shortcut="T" onClick={shortcuts["t"]}>
                  Take the next one
                </Button>
              )}
              <Button strong={now.length === 0} shortcut="N" onClick={() => void navigate("/new")}>
                Take in an instrument
              </Button>
            </span>
          </div>
          {day.data !== undefined && open.length > 0 && (
            <nav aria-label="Further down" className="mb-1 flex flex-wrap gap-x-6 bench:hidden">
              {(
                [
                  ["waiting", "waiting", day.data.waiting.length],
                  ["promised", "promised", day.data.promised.length],
                ] as const
              ).map(([id, words, count]) => (
                <a
                  key={id}
                  href={`#${id}`}
                  className="inline-flex min-h-11 items-center text-[17px] underline"
                >
                  {count} {words}
                </a>
              ))}
            </nav>
          )}
          {bench.error !== null && <Trouble text={bench.error.message} />}
          {bench.error === null && day.error !== null && <Trouble text={day.error.message} />}
          {bench.error === null && !settled && (
            <p className="text-[18px] text-mute">Fetching the jobs</p>
          )}
          {settled && open.length === 0 && (
            <p className="border-t border-line py-6 text-[19px]">
              No open job. Take in an instrument, and read its relief before anything is touched.
            </p>
          )}
          {open.length > 0 && now.length === 0 && (
            <p className="border-t border-line py-4 text-[19px]">
              All of them wait. What ends first stands first under Waiting.
            </p>
          )}
          <ol>
            {now.map((card, i) => (
              <JobRow
                key={card.id}
                card={card}
                place={i + 1}
                now={bench.data?.now ?? ""}
                day={told.get(card.id)}
              />
            ))}
          </ol>
        </section>
        <div className="flex flex-col gap-5">
          {day.data !== undefined && open.length > 0 && (
            <>
              <section id="waiting" aria-label="Waiting">
                <h2 className="wide mb-1 text-[20px] font-bold">Waiting</h2>
                <WaitingList day={day.data} cards={cards} />
              </section>
              <section id="promised" aria-label="Promised">
                <h2 className="wide mb-1 text-[20px] font-bold">Promised</h2>
                <PromisedList day={day.data} cards={cards} />
              </section>
            </>
          )}
          {(settled || bench.error !== null) && <FollowUps dueOnly />}
          <p className="flex flex-wrap gap-x-5 border-t border-line text-[16px]">
            <Link to="/wall" className="inline-flex min-h-11 items-center underline">
              For the wall
            </Link>
            <a href="/api/calendar.ics" className="inline-flex min-h-11 items-center underline">
              Calendar
            </a>
            {bench.data !== undefined && bench.data.closed > 0 && (
              <Link to="/records?closed" className="inline-flex min-h-11 items-center underline">
                {bench.data.closed === 1
                  ? "One closed job is in the records"
                  : `${String(bench.data.closed)} closed jobs are in the records`}
              </Link>
            )}
          </p>
        </div>
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys on the bench" keys={KEYS} />
    </>
  );
}
