import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useForm } from "react-hook-form";
import { Link, useNavigate } from "react-router";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { Numbered } from "../app/Numbered";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { Panel } from "../ui/Panel";
import { TakeAway } from "../ui/TakeAway";
import { SettingForm } from "../job/SettingForm";
import { TextArea } from "../ui/TextArea";
import { Archived } from "./Archived";
import { Favourites } from "./Favourites";
import { SamePanel } from "./SamePanel";
import { dayOf } from "./when";

type View = Schemas["PlayerPage"];
type Typed = Omit<Schemas["PlayerTyped"], "version">;

const KEYS: readonly HelpLine[] = [
  ["N", "take in an instrument of theirs"],
  ["E", "write down name, contact and how they like it"],
  ["B", "back to the bench"],
];

export function PlayerPage() {
  return <Numbered>{(id) => <Player key={id} id={id} />}</Numbered>;
}

function Player({ id }: { id: number }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { next } = useUnit();
  const [open, setOpen] = useState<"help" | "edit" | "same" | "forget" | null>(null);
  const page = useQuery({
    queryKey: ["player", id],
    queryFn: () => answer(api.GET("/api/players/{id}", { params: { path: { id } } })),
  });
  const shown = (now: View) => {
    queries.setQueryData(["player", now.id], now);
    setOpen(null);
    if (now.id !== id) void navigate(`/players/${String(now.id)}`, { replace: true });
  };
  const archive = useMutation({
    mutationFn: (archived: boolean) =>
      answer(
        api.PUT("/api/players/{id}/archived", { params: { path: { id } }, body: { archived } }),
      ),
    onSuccess: shown,
  });
  useEffect(() => {
    if (page.data !== undefined) document.title = `${page.data.name} · Barytone`;
  }, [page.data]);
  const again = () => void navigate(`/new?player=${String(page.data?.id ?? id)}`);
  useShortcuts(
    {
      b: () => void navigate("/"),
      n: again,
      e: () => setOpen("edit"),
      u: next,
      "?": () => setOpen("help"),
    },
    open === null,
  );
  const view = page.data;
  return (
    <>
      <TopBar onHelp={() => setOpen("help")}>
        <span className="min-w-0 truncate text-[16px]">{view?.name ?? ""}</span>
      </TopBar>
      <main className="mx-auto max-w-[1100px] px-5 py-5">
        {page.isPending && <p className="text-[18px] text-mute">Fetching the player</p>}
        {page.error !== null && <Trouble text={page.error.message} />}
        {archive.error !== null && <Trouble text={asProblem(archive.error).message} />}
        {view !== undefined && (
          <>
            <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-3">
              <div className="min-w-0">
                <h1 className="wide text-[28px] leading-tight font-bold break-words">
                  {view.name}
                </h1>
                <p className="text-[17px] text-mute">
                  plays with a {view.touch} touch
                  {view.contact !== "" && ` · ${view.contact}`}
                </p>
              </div>
              <div className="flex flex-wrap gap-2">
                {view.forgottenAt === undefined && (
                  <>
                    <Button strong shortcut="N" onClick={again}>
                      Take in an instrument
                    </Button>
                    <Button shortcut="E" onClick={() => setOpen("edit")}>
                      Write down
                    </Button>
                  </>
                )}
              </div>
            </div>
            {view.forgottenAt !== undefined && (
              <p className="mt-3 border-l-4 border-line-strong px-3 py-2 text-[17px]">
                Name, contact and notes were removed on request on {dayOf(view.forgottenAt)}.
              </p>
            )}
            {view.forgottenAt === undefined && (
              <Archived since={view.archivedAt} onBack={() => archive.mutate(false)} />
            )}
            {view.notes !== "" && (
              <p className="mt-3 max-w-[70ch] text-[17px] whitespace-pre-wrap">{view.notes}</p>
            )}
            <Favourites kept={view.favourites} />
            <h2 className="wide mt-6 mb-1 text-[18px] font-bold">Instruments</h2>
            {view.instruments.length === 0 && (
              <p className="border-t border-line py-4 text-[17px]">None was here yet.</p>
            )}
            <ul>
              {view.instruments.map((own) => (
                <li key={own.id} className="border-t border-line">
                  <Link
                    to={`/instruments/${String(own.id)}`}
                    className="eases flex min-h-11 flex-wrap items-baseline gap-x-3 py-2 hover:bg-paper"
                  >
                    <span className="text-[19px] font-bold">{own.name}</span>
                    <span className="text-[16px] text-mute">{own.kindLabel}</span>
                  </Link>
                </li>
              ))}
            </ul>
            {view.forgottenAt === undefined && (
              <TakeAway
                files={[
                  [
                    "All that they brought (zip)",
                    `/api/exchange?what=player&id=${String(view.id)}`,
                  ],
                ]}
              />
            )}
            <h2 className="wide mt-6 mb-1 text-[18px] font-bold">Jobs</h2>
            <ol>
              {view.jobs.map((job) => (
                <li key={job.id} className="border-t border-line">
                  <Link
                    to={`/jobs/${String(job.id)}`}
                    className="eases grid min-h-11 gap-x-4 py-2 hover:bg-paper sm:grid-cols-[11rem_1fr]"
                  >
                    <span className="text-[16px] text-mute">
                      {dayOf(job.openedAt)}
                      {!job.closed && ", on the bench"}
                    </span>
                    <span className="min-w-0">
                      <span className="text-[17px] font-semibold">
                        Ticket {String(job.ticket).padStart(4, "0")}, {job.instrument}
                      </span>
                      <span className="line-clamp-2 block text-[15px]">{job.complaint}</span>
                    </span>
                  </Link>
                </li>
              ))}
            </ol>
            {view.count > view.jobs.length && (
              <p className="border-t border-line py-3 text-[16px] text-mute">
                The newest {view.jobs.length} of {view.count}; the others are in the records, under
                their name.
              </p>
            )}
            <div className="mt-8 flex flex-wrap gap-2 border-t border-line pt-4">
              <Button onClick={() => setOpen("same")}>Is the same as another</Button>
              {view.archivedAt === undefined && (
                <Button onClick={() => archive.mutate(true)}>Archive</Button>
              )}
              {view.forgottenAt === undefined && (
                <Button onClick={() => setOpen("forget")}>Forget this person</Button>
              )}
            </div>
            <Edit
              key={view.version}
              view={view}
              open={open === "edit"}
              onClose={() => setOpen(null)}
              onSaved={shown}
            />
            <SamePanel
              what="players"
              id={view.id}
              name={view.name}
              same={view.same}
              open={open === "same"}
              onClose={() => setOpen(null)}
              onMerged={(as) => void navigate(`/players/${String(as)}`)}
              onSeparated={() => void page.refetch()}
            />
            <Forget
              view={view}
              open={open === "forget"}
              onClose={() => setOpen(null)}
              onForgotten={shown}
            />
          </>
        )}
      </main>
      <Help
        open={open === "help"}
        onClose={() => setOpen(null)}
        title="Keys of this player"
        keys={KEYS}
      />
    </>
  );
}

function Edit({
  view,
  open,
  onClose,
  onSaved,
}: {
  view: View;
  open: boolean;
  onClose: () => void;
  onSaved: (now: View) => void;
}) {
  const { version, name, touch, contact, notes } = view;
  const form = useForm<Typed>({ defaultValues: { name, touch, contact, notes } });
  const save = useMutation({
    mutationFn: (typed: Typed) =>
      answer(
        api.PUT("/api/players/{id}", {
          params: { path: { id: view.id } },
          body: { version, ...typed },
        }),
      ),
    onSuccess: onSaved,
  });
  return (
    <Panel open={open} onClose={onClose} title="Player">
      <SettingForm
        action="Write it down"
        trouble={save.error === null ? null : asProblem(save.error).message}
        onSubmit={form.handleSubmit((typed) => save.mutate(typed))}
        className="flex flex-col gap-4"
      >
        <Field label="Name of the player or lender">
          <TextInput
            autoFocus
            required
            maxLength={120}
            {...form.register("name")}
            defaultValue={name}
          />
        </Field>
        <Field label="Touch">
          <Select {...form.register("touch")} defaultValue={touch}>
            <option value="light">light</option>
            <option value="medium">medium</option>
            <option value="heavy">heavy</option>
          </Select>
        </Field>
        <Field label="How they are reached">
          <TextArea maxLength={2000} {...form.register("contact")} defaultValue={contact} />
        </Field>
        <Field label="Notes: how they like it, what to think of">
          <TextArea rows={4} maxLength={2000} {...form.register("notes")} defaultValue={notes} />
        </Field>
      </SettingForm>
    </Panel>
  );
}

/** Nothing brings back what is forgotten, so the server's question is shown first. */
function Forget({
  view,
  open,
  onClose,
  onForgotten,
}: {
  view: View;
  open: boolean;
  onClose: () => void;
  onForgotten: (now: View) => void;
}) {
  const forget = (sure: boolean) =>
    answer(
      api.POST("/api/players/{id}/forget", {
        params: { path: { id: view.id } },
        body: { sure },
      }),
    );
  const question = useQuery({
    queryKey: ["forget", view.id],
    queryFn: () => forget(false).then(String, (error: unknown) => asProblem(error).message),
    enabled: open,
    gcTime: 0,
  });
  const doIt = useMutation({ mutationFn: () => forget(true), onSuccess: onForgotten });
  return (
    <Panel open={open} onClose={onClose} title="Forget this person">
      <p className="mb-4 text-[18px]">{question.data ?? "One moment"}</p>
      {doIt.error !== null && <Trouble text={asProblem(doIt.error).message} />}
      <div className="flex flex-wrap gap-2">
        <Button strong disabled={doIt.isPending} onClick={() => doIt.mutate()}>
          Forget for good
        </Button>
        <Button onClick={onClose}>Keep</Button>
      </div>
    </Panel>
  );
}
