import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Trouble } from "../ui/controls";
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
        {bench.data !== undefined && bench.data.closed.length > 0 && (
          <>
            <h2 className="wide mt-9 mb-2 text-[18px] font-bold">Closed</h2>
            <ol>
              {bench.data.closed.map((card) => (
                <Row key={card.id} card={card} now={bench.data.now} />
              ))}
            </ol>
          </>
        )}
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys on the bench" keys={KEYS} />
    </>
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
