import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { JobRow } from "../bench/JobRow";
import { Field, Select, Trouble } from "../ui/controls";
import { pick } from "../ui/pick";
import { Paging } from "./Paging";

const SEASONS = ["", "winter", "spring", "summer", "autumn"] as const;
type Season = (typeof SEASONS)[number];

/** The archive: closed jobs in which the words occur, of a kind of instrument and a time of the year; ten at once. */
export function ClosedJobs({ words }: { words: string }) {
  const { unit } = useUnit();
  const [kind, setKind] = useState<Schemas["KindView"]["kind"] | "">("");
  const [season, setSeason] = useState<Season>("");
  const [asked, setAsked] = useState({ words, from: 0 });
  // other words begin at the newest
  const from = asked.words === words ? asked.from : 0;
  const kinds = useQuery({ queryKey: ["kinds"], queryFn: () => answer(api.GET("/api/kinds")) });
  const found = useQuery({
    queryKey: ["closed", unit, words, from, kind, season],
    queryFn: () =>
      answer(
        api.GET("/api/bench/closed", {
          params: {
            query: {
              unit,
              words,
              from,
              ...(kind === "" ? {} : { kind }),
              ...(season === "" ? {} : { season }),
            },
          },
        }),
      ),
    placeholderData: (old) => old,
  });
  const view = found.data;
  return (
    <section aria-label="Closed jobs" className="mt-4">
      <div className="mb-3 grid gap-4 sm:grid-cols-2">
        <Field label="Of what kind of instrument">
          <Select
            value={kind}
            onChange={(event) => {
              setKind(kinds.data?.find((k) => k.kind === event.target.value)?.kind ?? "");
              setAsked({ words, from: 0 });
            }}
          >
            <option value="">any</option>
            {kinds.data?.map((k) => (
              <option key={k.kind} value={k.kind}>
                {k.label}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Taken in">
          <Select
            value={season}
            onChange={(event) => {
              setSeason(pick<Season>(event.target.value, SEASONS, season));
              setAsked({ words, from: 0 });
            }}
          >
            <option value="">at any time of the year</option>
            <option value="winter">in winter</option>
            <option value="spring">in spring</option>
            <option value="summer">in summer</option>
            <option value="autumn">in autumn</option>
          </Select>
        </Field>
      </div>
      {found.error !== null && <Trouble text={found.error.message} />}
      {found.isPending && <p className="text-[18px] text-mute">Looking</p>}
      {view !== undefined && view.count === 0 && (
        <p className="border-t border-line py-4 text-[17px]">
          {words === "" && kind === "" && season === ""
            ? "No job was closed yet."
            : words === ""
              ? "No closed job is like that."
              : `No closed job has “${words}” in it.`}
        </p>
      )}
      <ol>
        {view?.jobs.map((card) => (
          <JobRow key={card.id} card={card} />
        ))}
      </ol>
      {view !== undefined && view.count > view.most && (
        <Paging
          from={view.from}
          most={view.most}
          count={view.count}
          onFrom={(next) => setAsked({ words, from: next })}
        />
      )}
    </section>
  );
}
