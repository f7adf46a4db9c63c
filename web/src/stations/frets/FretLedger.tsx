import { useState } from "react";
import { api, type JobView } from "../../app/api";
import { Pills } from "../../arrival/Pills";
import { Remarks } from "../../job/Remarks";
import { useOwnSend } from "../../job/useOwnSend";
import { AcceptHeard } from "../../playoff/AcceptHeard";
import type { LedgerProps } from "../room";

/** Where else it is heard, what it may be, what was tested, and what the player accepts. */
export function FretLedger({ job, send, onOpen }: LedgerProps) {
  const { frets } = job;
  const own = useOwnSend(send);
  const open = frets.marks.some((m) => m.mark !== "clean" && !m.accepted);
  const heard = open || frets.zones.some((z) => z.on);
  return (
    <section aria-label="Frets" className="flex flex-col gap-3 px-5 py-2">
      <h2 className="wide flex flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        Frets and buzz
        <button
          type="button"
          onClick={() => onOpen("extras")}
          aria-keyshortcuts="e"
          className="min-h-11 text-left text-[15px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
        >
          What else is known of it
        </button>
      </h2>
      <Pills
        label="The noise comes from"
        choices={frets.zones}
        chosen={frets.zones.filter((z) => z.on).map((z) => z.code)}
        onChange={(zones) =>
          void own((stamp, params) =>
            api.POST("/api/jobs/{id}/frets/zones", { params, body: { ...stamp, zones } }),
          )
        }
      />
      {!heard && frets.suspects.length === 0 && (
        <p className="border-t border-line py-3 text-[17px] text-mute">
          {frets.marks.length > 0
            ? "All that was marked rings clean."
            : "Nothing is marked. Play a string, press a key, and go on: clean notes tell as much as bad ones."}
        </p>
      )}
      {frets.suspects.length > 0 && <Suspects job={job} />}
      <Crowns frets={frets} />
      {frets.made.length > 0 && (
        <details className="text-[16px]">
          <summary className="flex min-h-11 cursor-pointer items-center">
            {frets.made.length === 1 ? "1 test made" : `${String(frets.made.length)} tests made`}
          </summary>
          <ul>
            {frets.made.map((made) => (
              <li key={made} className="border-t border-line py-1">
                {made}
              </li>
            ))}
          </ul>
        </details>
      )}
      {frets.done.length > 0 && (
        <ul aria-label="Done about it" className="text-[16px]">
          {frets.done.map((done) => (
            <li key={done} className="border-t border-line py-1">
              ✓ {done}
            </li>
          ))}
        </ul>
      )}
      {open && !job.closed && <AcceptHeard send={send} />}
      <Remarks lines={frets.remarks} />
    </section>
  );
}

/** What the marks tell of the crowns and of the hand, and where bends choke. */
function Crowns({ frets }: { frets: JobView["frets"] }) {
  const { crowns, hand, bends } = frets;
  return (
    <>
      {(crowns.length > 0 || hand !== undefined) && (
        <section aria-label="Crowns" className="text-[16px]">
          <ul>
            {crowns.map((c) => (
              <li key={c.fret} className="border-t border-line py-1">
                <strong className="font-semibold">
                  {c.high ? "▲" : "▼"} Crown {c.fret}
                </strong>{" "}
                {c.text} <span className="text-mute">({c.because})</span>
              </li>
            ))}
            {hand !== undefined && <li className="border-t border-line py-1">{hand}</li>}
          </ul>
        </section>
      )}
      {bends.length > 0 && (
        <details className="text-[16px]">
          <summary className="flex min-h-11 cursor-pointer items-center">
            Bends are forecast to choke on{" "}
            {bends.length === 1 ? "1 string" : `${String(bends.length)} strings`}
          </summary>
          <ul>
            {bends.map((line) => (
              <li key={line} className="border-t border-line py-1">
                {line}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Suspects({ job }: { job: JobView }) {
  const { suspects } = job.frets;
  const [unfolded, setUnfolded] = useState<string | null>(null);
  const first = suspects[0]?.cause;
  return (
    <ol aria-label="What it may be">
      {suspects.map((s) => {
        const shown = (unfolded ?? first) === s.cause;
        return (
          <li key={s.cause} className="border-t border-line">
            <button
              type="button"
              aria-expanded={shown}
              onClick={() => setUnfolded(s.cause)}
              className="flex min-h-11 w-full items-center gap-3 text-left text-[18px] font-semibold"
            >
              <span className="w-14 shrink-0 text-right tabular-nums">{s.percent} %</span>
              <span aria-hidden="true" className="h-3 w-20 shrink-0 border border-line-strong">
                <span className="block h-full bg-ink" style={{ width: `${String(s.percent)}%` }} />
              </span>
              <span>{s.title}</span>
            </button>
            {shown && (
              <div className="pb-2 pl-[68px] text-[16px] text-ink-soft">
                {s.because.map((line) => (
                  <p key={line}>{line}</p>
                ))}
                <p className="mt-1">
                  <strong className="font-semibold">{s.remedy}</strong>, {s.who}.
                </p>
              </div>
            )}
          </li>
        );
      })}
    </ol>
  );
}
