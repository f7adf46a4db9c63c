import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { useForm } from "react-hook-form";
import { answer, api, type JobView, type Problem } from "../app/api";
import { useUnit } from "../app/unit";
import { TextArea } from "../ui/TextArea";
import { Button, Field, Trouble, TroubleOrQuestion } from "../ui/controls";
import { useCopy } from "../ui/useCopy";
import { AirForm } from "./AirForm";
import { FoundAndLeft } from "./panels";
import type { Send } from "./useJob";

interface Written {
  found: string;
  advice: string;
  lookAgain: string;
}

/** As found and as left side by side, and what the player is told: before the job is closed and after. */
export function ClosePanel({
  job,
  send,
  trouble,
  problem,
  onDone,
}: {
  job: JobView;
  send: Send;
  trouble: string | null;
  problem: Problem | null;
  onDone: () => void;
}) {
  const { found, advice, lookAgain, usual } = job.handOver;
  const form = useForm<Written>({ defaultValues: { found, advice, lookAgain } });
  const kept = useRef(JSON.stringify({ found, advice, lookAgain }));
  const keeping = useRef(Promise.resolve(true));
  const closing = useRef(false);
  // kept as soon as a field is left: a panel is closed sooner than one thinks
  const keep = (typed: Written) => {
    const text = JSON.stringify(typed);
    if (text === kept.current) return keeping.current;
    kept.current = text;
    keeping.current = send(
      (stamp, params) =>
        api.POST("/api/jobs/{id}/hand-over", { params, body: { ...stamp, ...typed } }),
      true,
    ).then((written) => {
      // what was not kept is sent again with the next field, or when the job is closed
      if (written === null) kept.current = "";
      return written !== null;
    });
    return keeping.current;
  };
  const onBlur = () => void keep(form.getValues());
  const close = async (typed: Written, sure = false) => {
    // the button stays alive while the text is kept: the press that leaves the field is meant for it
    if (closing.current) return;
    closing.current = true;
    if (await keep(typed)) {
      const closed = await send(
        (stamp, params) => api.POST("/api/jobs/{id}/close", { params, body: { ...stamp, sure } }),
        true,
      );
      if (closed !== null) onDone();
    }
    closing.current = false;
  };
  const sheet = useRef<HTMLFormElement>(null);
  useEffect(() => {
    // two keys together: none of those that are pressed at the bench ends a job
    const onKey = (event: KeyboardEvent) => {
      if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) sheet.current?.requestSubmit();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, []);
  return (
    <>
      <FoundAndLeft job={job} />
      {job.closed ? (
        <CardLinks job={job} />
      ) : (
        <>
          <div className="mt-5">
            <AirForm job={job} send={send} label="The air as it leaves" />
          </div>
          <form
            className="mt-4 flex flex-col gap-3"
            onSubmit={(event) => void form.handleSubmit((typed) => close(typed))(event)}
            ref={sheet}
          >
            <Field label="What was found about the complaint, for the player">
              <TextArea
                maxLength={2000}
                {...form.register("found", { onBlur })}
                defaultValue={found}
              />
            </Field>
            <Field label="Advice">
              <TextArea
                maxLength={2000}
                {...form.register("advice", { onBlur })}
                defaultValue={advice}
              />
            </Field>
            <Field label="When to look again, and why" hint={`If left empty: ${usual}`}>
              <TextArea
                maxLength={2000}
                {...form.register("lookAgain", { onBlur })}
                defaultValue={lookAgain}
              />
            </Field>
            {trouble !== null && problem !== null && (
              <TroubleOrQuestion
                problem={problem}
                sure="Close it all the same"
                onMeant={() => undefined}
                onSure={() => void close(form.getValues(), true)}
              />
            )}
            <div className="flex flex-wrap items-center gap-4">
              <Button strong type="submit" className="text-[18px]" shortcut="Ctrl+Enter">
                {job.closing.ready ? "Close the job" : "Close it as it is"}
              </Button>
              <a
                href={`/api/jobs/${String(job.id)}/card/print?unit=${job.unit}`}
                target="_blank"
                rel="noreferrer"
                className="inline-flex min-h-11 items-center text-[16px] underline"
              >
                The card as it stands
              </a>
            </div>
          </form>
        </>
      )}
    </>
  );
}

/** The card that goes home with the instrument, and a text for a message. */
export function CardLinks({ job }: { job: JobView }) {
  const { unit } = useUnit();
  const { copy, saidOf } = useCopy();
  const card = useQuery({
    queryKey: ["card", job.id, job.seq],
    queryFn: () =>
      answer(api.GET("/api/jobs/{id}/card", { params: { path: { id: job.id }, query: { unit } } })),
  });
  const at = `/api/jobs/${String(job.id)}/card`;
  const links = [
    ["Show and print the card", `${at}/print`],
    ["PDF, A4", `${at}/pdf?paper=a4`],
    ["PDF, Letter", `${at}/pdf?paper=letter`],
    ["JSON", at],
    ["The job (zip)", `/api/exchange?what=job&id=${String(job.id)}`],
    ["Its log (CSV)", `/api/jobs/${String(job.id)}/log`],
  ] as const;
  return (
    <section aria-label="Hand-over card" className="mt-5 border-t-4 border-lamp-deep pt-3">
      <h3 className="wide text-[18px] font-bold">The card that goes home with it</h3>
      <p className="flex flex-wrap gap-x-6">
        {links.map(([label, href]) => (
          <a
            key={href}
            href={href}
            target="_blank"
            rel="noreferrer"
            className="inline-flex min-h-11 items-center text-[17px] underline"
          >
            {label}
          </a>
        ))}
      </p>
      {card.error !== null && <Trouble text={card.error.message} />}
      {card.data !== undefined && (
        <div className="mt-2">
          <p className="text-[14px] font-semibold text-mute">A text to send</p>
          <p className="border-l-4 border-line-strong bg-paper px-3 py-2 text-[17px]">
            {card.data.ready}
          </p>
          <Button className="mt-2" onClick={() => copy("ready", card.data.ready)}>
            {saidOf("ready", "Copy it")}
          </Button>
        </div>
      )}
    </section>
  );
}
