import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Field, Select, TextInput, Trouble } from "../ui/controls";
import { pick } from "../ui/pick";
import { ClosedJobs } from "./ClosedJobs";
import { FollowUps } from "./FollowUps";
import { leadsTo } from "./leadsTo";
import { Paging } from "./Paging";

const KEYS: readonly HelpLine[] = [
  ["/", "type what you look for"],
  ["B", "back to the bench"],
  ["U", "change the unit of every number"],
];

const WHAT = ["all", "instruments", "players", "closed"] as const;
type What = (typeof WHAT)[number];

/** Everything that was ever here: players, instruments, tickets, and the closed jobs. */
export function RecordsPage() {
  const navigate = useNavigate();
  const { next } = useUnit();
  const [help, setHelp] = useState(false);
  const [words, setWords] = useState("");
  const [params] = useSearchParams();
  const [what, setWhat] = useState<What>(params.has("closed") ? "closed" : "all");
  const [archived, setArchived] = useState(false);
  const [from, setFrom] = useState(0);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    document.title = "Records · Barytone";
  }, []);
  useShortcuts(
    {
      b: () => void navigate("/"),
      "/": () => field.current?.focus(),
      u: next,
      "?": () => setHelp(true),
    },
    !help,
  );
  const typed = words.trim();
  const found = useQuery({
    queryKey: ["search", what, typed, archived, from],
    queryFn: () =>
      answer(
        api.GET("/api/search", {
          params: {
            query: { words: typed, what: what === "closed" ? "all" : what, archived, from },
          },
        }),
      ),
    enabled: what !== "closed",
    placeholderData: (old) => old,
  });
  const view = found.data;
  return (
    <>
      <TopBar onHelp={() => setHelp(true)} />
      <main className="mx-auto max-w-[1180px] px-5 py-6">
        <h1 className="wide mb-3 text-[28px] font-bold">Records</h1>
        <div className="grid items-end gap-4 sm:grid-cols-[1fr_15rem]">
          <Field label="Part of a name, a ticket, a tuning; a slip of the fingers does not matter">
            <TextInput
              ref={field}
              type="search"
              autoFocus
              maxLength={200}
              value={words}
              onChange={(event) => {
                setWords(event.target.value);
                setFrom(0);
              }}
            />
          </Field>
          <Field label="Look through">
            <Select
              value={what}
              onChange={(event) => {
                setWhat(pick<What>(event.target.value, WHAT, what));
                setFrom(0);
              }}
            >
              <option value="all">players and instruments</option>
              <option value="instruments">instruments</option>
              <option value="players">players</option>
              <option value="closed">closed jobs</option>
            </Select>
          </Field>
        </div>
        {typed === "" && what === "all" && <FollowUps />}
        {what === "closed" ? (
          <ClosedJobs words={typed} />
        ) : (
          <>
            <label className="mt-2 flex min-h-11 items-center gap-3 text-[16px]">
              <input
                type="checkbox"
                className="size-5"
                checked={archived}
                onChange={(event) => setArchived(event.target.checked)}
              />
              archived ones too
            </label>
            {found.error !== null && <Trouble text={found.error.message} />}
            {found.isPending && <p className="text-[18px] text-mute">Looking</p>}
            {view !== undefined && view.count === 0 && (
              <p className="border-t border-line py-5 text-[19px]">
                {typed === ""
                  ? "Nothing was taken in yet. Whatever is taken in stands here from then on."
                  : `Nothing has “${typed}” in it. The complaint of a closed job is looked through under closed jobs.`}
              </p>
            )}
            <ul className="mt-1">
              {view?.hits.map((hit) => (
                <li key={`${hit.what} ${String(hit.id)}`} className="border-t border-line">
                  <Link
                    to={leadsTo(hit)}
                    className="eases grid min-h-14 grid-cols-[7.5rem_1fr] items-baseline gap-x-3 py-2.5 hover:bg-paper"
                  >
                    <span className="text-[15px] text-mute">{hit.what}</span>
                    <span className="min-w-0">
                      <span className="block text-[19px] leading-tight font-bold break-words">
                        {hit.title}
                      </span>
                      <span className="block text-[16px] text-mute">{hit.detail}</span>
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
            {view !== undefined && view.count > view.most && (
              <Paging from={view.from} most={view.most} count={view.count} onFrom={setFrom} />
            )}
          </>
        )}
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys of the records" keys={KEYS} />
    </>
  );
}
