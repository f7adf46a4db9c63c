import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Trouble } from "../ui/controls";
import { FollowUps } from "../records/FollowUps";
import { JobRow } from "./JobRow";

const KEYS: readonly HelpLine[] = [
  ["1 … 9", "open that job"],
  ["N", "take in an instrument"],
  ["R", "records: players, instruments, closed jobs"],
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
    r: () => void navigate("/records"),
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
            <JobRow key={card.id} card={card} place={i + 1} now={bench.data?.now ?? ""} />
          ))}
        </ol>
        <FollowUps dueOnly />
        {bench.data !== undefined && bench.data.closed > 0 && (
          <p className="border-t border-line py-3 text-[17px]">
            <Link to="/records?closed" className="inline-flex min-h-11 items-center underline">
              {bench.data.closed === 1
                ? "One closed job is in the records"
                : `${String(bench.data.closed)} closed jobs are in the records`}
            </Link>
          </p>
        )}
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys on the bench" keys={KEYS} />
    </>
  );
}
