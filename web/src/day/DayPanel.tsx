import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type JobView, type Problem, type Schemas } from "../app/api";
import { Pills } from "../arrival/Pills";
import type { Send } from "../job/useJob";
import { Button, Field, Select, TextInput, Trouble, TroubleOrQuestion } from "../ui/controls";
import { WaitsBar } from "./WaitsBar";

type Reason = Schemas["WaitTyped"]["reason"];
type Part = NonNullable<Schemas["PromiseTyped"]["part"]>;

/** What was asked about, to be sent again with the answer. */
type Asked = ((sure: boolean) => void) | null;

/** When it can be fetched, and what it waits for. */
export function DayPanel({
  job,
  send,
  problem,
}: {
  job: JobView;
  send: Send;
  problem: Problem | null;
}) {
  const [asked, setAsked] = useState<{ act: Asked }>({ act: null });
  return (
    <div className="flex flex-col gap-6">
      {problem !== null && (
        <TroubleOrQuestion
          problem={problem}
          sure="Do it all the same"
          onMeant={() => undefined}
          onSure={() => asked.act?.(true)}
        />
      )}
      <Promised job={job} send={send} onAsk={(act) => setAsked({ act })} />
      <section aria-label="Waits">
        <h3 className="wide mb-1 text-[18px] font-bold">It waits for</h3>
        {job.waits.length === 0 && (
          <p className="border-t border-line py-2 text-[17px]">Nothing.</p>
        )}
        <WaitsBar job={{ ...job, advice: { ...job.advice, kind: "" } }} send={send} />
        {!job.closed && <Begin send={send} onAsk={(act) => setAsked({ act })} />}
      </section>
    </div>
  );
}

function Promised({ job, send, onAsk }: { job: JobView; send: Send; onAsk: (act: Asked) => void }) {
  const offer = useQuery({
    queryKey: ["offer", job.id, job.seq],
    queryFn: () => answer(api.GET("/api/jobs/{id}/promise", { params: { path: { id: job.id } } })),
    enabled: !job.closed,
  });
  const [day, setDay] = useState("");
  const [part, setPart] = useState<Part>("evening");
  const promise = (on: string, half: Part, sure: boolean) => {
    onAsk((yes) => promise(on, half, yes));
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/promise", {
        params,
        body: { ...stamp, day: on, part: half, sure },
      }),
    ).then((done) => {
      if (done !== null) setDay("");
    });
  };
  const offered = offer.data;
  return (
    <section aria-label="Promise">
      <h3 className="wide mb-1 text-[18px] font-bold">Promised</h3>
      <p className="border-t border-line py-2 text-[19px] font-semibold">
        {job.promise === undefined ? "Nothing is promised." : job.promise.text}
        {offered?.stands !== undefined && (
          <span className="ml-3 text-[16px] font-normal">{offered.stands}</span>
        )}
      </p>
      {offer.error !== null && <Trouble text={offer.error.message} />}
      {offer.isPending && !job.closed && <p className="text-mute">Playing the queue through</p>}
      {offered !== undefined && <p className="border-t border-line py-2">{offered.work}</p>}
      {offered !== undefined && (offered.stands === undefined || offered.atRisk) && (
        <div className="border-t border-line py-2">
          <p className="text-[15px] text-mute">
            Will be kept nine times in ten, and the other promises too
          </p>
          <p className="flex flex-wrap items-center gap-x-4 text-[20px] font-semibold">
            {offered.said}
            {offered.day !== undefined && (
              <Button
                strong
                onClick={() =>
                  offered.day !== undefined && promise(offered.day, offered.part ?? "evening", true)
                }
              >
                Promise that
              </Button>
            )}
          </p>
          {offered.others !== "" && <p className="text-[15px] text-rust">▲ {offered.others}</p>}
        </div>
      )}
      {!job.closed && (
        <form
          className="grid items-end gap-3 sm:grid-cols-[11rem_9rem_auto_auto]"
          onSubmit={(event) => {
            event.preventDefault();
            promise(day, part, false);
          }}
        >
          <Field label="Another day">
            <TextInput type="date" required value={day} onChange={(e) => setDay(e.target.value)} />
          </Field>
          <Field label="By">
            <Select
              value={part}
              onChange={(e) => setPart(e.target.value === "noon" ? "noon" : "evening")}
            >
              <option>noon</option>
              <option>evening</option>
            </Select>
          </Field>
          <Button type="submit">Promise it</Button>
          {job.promise !== undefined && (
            <Button onClick={() => promise("", "evening", true)}>Take it back</Button>
          )}
        </form>
      )}
    </section>
  );
}

function Begin({ send, onAsk }: { send: Send; onAsk: (act: Asked) => void }) {
  const reasons = useQuery({
    queryKey: ["wait-reasons"],
    queryFn: () => answer(api.GET("/api/wait-reasons")),
    staleTime: Infinity,
  });
  const [reason, setReason] = useState<Reason>("answer");
  const [until, setUntil] = useState("");
  const [humidity, setHumidity] = useState("");
  const [note, setNote] = useState("");
  const begin = (sure: boolean) => {
    onAsk(begin);
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/waits", {
        params,
        body: { ...stamp, reason, until, humidity, note, sure },
      }),
    ).then((done) => {
      if (done !== null) {
        setUntil("");
        setHumidity("");
        setNote("");
      }
    });
  };
  const usual = reasons.data?.find((r) => r.reason === reason)?.usual;
  return (
    <form
      aria-label="Begin a wait"
      className="mt-3 flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        begin(false);
      }}
    >
      <Pills
        label="Let it wait for"
        choices={(reasons.data ?? []).map((r) => ({ code: r.reason, label: r.label }))}
        chosen={[reason]}
        onChange={(chosen) => setReason(chosen.at(-1) ?? reason)}
      />
      <div className="grid items-end gap-3 sm:grid-cols-[1fr_1fr]">
        <Field
          label={`Until: 20 min, 3 h, 4 d, 16:30, tomorrow, 2031-02-06`}
          hint={usual === undefined ? "empty: as long as it takes" : `empty: ${usual}`}
        >
          <TextInput value={until} onChange={(e) => setUntil(e.target.value)} />
        </Field>
        <Field
          label="Or when the air is read: over 40, under 55, 40..55 % RH"
          hint="empty: not waited for"
        >
          <TextInput value={humidity} onChange={(e) => setHumidity(e.target.value)} />
        </Field>
      </div>
      <Field label="What for, in your words">
        <TextInput maxLength={200} value={note} onChange={(e) => setNote(e.target.value)} />
      </Field>
      <div>
        <Button type="submit">Let it wait</Button>
      </div>
    </form>
  );
}
