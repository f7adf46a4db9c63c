import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, TextInput, Trouble } from "../ui/controls";
import { Fractions } from "../ui/Fractions";
import { Countdown } from "../ui/Countdown";

type Card = Schemas["JobCard"];

const KEYS: readonly HelpLine[] = [
  ["1 … 9", "open that job"],
  ["N", "take in an instrument"],
  ["X", "scratch: a sum without a job"],
  ["U", "change the unit of every number"],
  ["?", "this help"],
];

export function BenchPage() {
  const { unit, next } = useUnit();
  const navigate = useNavigate();
  const [help, setHelp] = useState(false);
  const bench = useQuery({
    queryKey: ["bench", unit],
    queryFn: () => answer(api.GET("/api/bench", { params: { query: { unit } } })),
    refetchInterval: 15_000,
    placeholderData: (old) => old,
  });
  useEffect(() => {
    document.title = "Bench · Barytone";
  }, []);

  const open = bench.data?.open ?? [];
  const shortcuts: Shortcuts = {
    n: () => void navigate("/new"),
    x: () => void navigate("/scratch"),
    u: next,
    "?": () => setHelp(true),
  };
  open.slice(0, 9).forEach((card, i) => {
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
      <main className="mx-auto max-w-[1180px] px-5 py-6">
        <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
          <h1 className="wide text-[28px] font-bold">On the bench</h1>
          <Button strong shortcut="N" onClick={() => void navigate("/new")}>
            Take in an instrument
          </Button>
        </div>
        {bench.error !== null && <Trouble text={bench.error.message} />}
        {bench.isPending && <p className="text-[18px] text-mute">Fetching the jobs</p>}
        {bench.data !== undefined && open.length === 0 && (
          <p className="border-t border-line py-6 text-[19px]">
            No open job. Take in an instrument, and read its relief before anything is touched.
          </p>
        )}
        <ol>
          {open.map((card, i) => (
            <Row key={card.id} card={card} place={i + 1} now={bench.data?.now ?? ""} />
          ))}
        </ol>
        {bench.data !== undefined && bench.data.closed.count > 0 && (
          <Closed newest={bench.data.closed} now={bench.data.now} />
        )}
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys on the bench" keys={KEYS} />
    </>
  );
}

/** The closed jobs: the newest, or those in which some words occur; ten at once. */
function Closed({ newest, now }: { newest: Schemas["ClosedView"]; now: string }) {
  const { unit } = useUnit();
  const [words, setWords] = useState("");
  const [from, setFrom] = useState(0);
  const asked = words.trim() !== "" || from > 0;
  const found = useQuery({
    queryKey: ["closed", unit, words.trim(), from],
    queryFn: () =>
      answer(
        api.GET("/api/bench/closed", { params: { query: { unit, words: words.trim(), from } } }),
      ),
    enabled: asked,
    placeholderData: (old) => old,
  });
  const view = asked ? found.data : newest;
  return (
    <section aria-label="Closed" className="mt-9">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
        <h2 className="wide text-[18px] font-bold">Closed</h2>
        <div className="w-full max-w-[420px]">
          <Field label="Find a closed job by ticket, instrument, player or complaint">
            <TextInput
              type="search"
              value={words}
              maxLength={200}
              onChange={(event) => {
                setWords(event.target.value);
                setFrom(0);
              }}
            />
          </Field>
        </div>
      </div>
      {found.error !== null && asked && <Trouble text={found.error.message} />}
      {view !== undefined && view.count === 0 && (
        <p className="border-t border-line py-4 text-[17px]">
          No closed job has “{words.trim()}” in it.
        </p>
      )}
      <ol>
        {view?.jobs.map((card) => (
          <Row key={card.id} card={card} now={now} />
        ))}
      </ol>
      {view !== undefined && view.count > view.most && (
        <div className="flex items-center gap-4 border-t border-line py-3">
          <Button disabled={from === 0} onClick={() => setFrom(Math.max(0, from - view.most))}>
            Newer
          </Button>
          <span className="text-[16px] tabular-nums">
            {view.from + 1} to {Math.min(view.from + view.most, view.count)} of {view.count}
          </span>
          <Button
            disabled={view.from + view.most >= view.count}
            onClick={() => setFrom(view.from + view.most)}
          >
            Older
          </Button>
        </div>
      )}
    </section>
  );
}

function Row({ card, place, now }: { card: Card; place?: number; now: string }) {
  return (
    <li className="border-t border-line">
      <Link
        to={`/jobs/${card.id}`}
        className="eases grid min-h-20 grid-cols-[2.5rem_1fr] gap-x-3 py-3 hover:bg-paper bench:grid-cols-[2.5rem_1fr_1fr]"
      >
        <span className="pt-1 text-center text-[15px] font-semibold text-mute" aria-hidden="true">
          {place}
        </span>
        <span className="min-w-0">
          <span className="block text-[20px] leading-tight font-bold break-words">
            {card.instrument}
          </span>
          <span className="block text-[15px] text-mute">
            Ticket {String(card.ticket).padStart(4, "0")} · {card.player}
          </span>
          {card.complaint !== "" && (
            <span className="mt-0.5 line-clamp-2 block text-[15px]">{card.complaint}</span>
          )}
        </span>
        <span className="col-start-2 mt-2 min-w-0 bench:col-start-3 bench:mt-0">
          <span className="flex flex-wrap items-center gap-x-3">
            <span className="text-[20px] leading-tight font-semibold">
              <Fractions text={card.next} />
            </span>
            {card.waitingUntil !== undefined && (
              <Countdown until={card.waitingUntil} now={now} label="waits" />
            )}
          </span>
          <span className="block text-[15px] whitespace-pre-wrap text-mute">{card.standing}</span>
        </span>
      </Link>
    </li>
  );
}
