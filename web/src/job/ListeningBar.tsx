import { useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../app/api";
import { InputChoice } from "../pitch/InputChoice";
import { Ruler } from "../pitch/Ruler";
import { Button, Trouble } from "../ui/controls";
import type { JobEar, Wanted } from "./useJobEar";

/** The note that is listened for, as it is spoken. */
function labelOf(wanted: Wanted | null): string {
  if (wanted === null) return "a string";
  return wanted.mode === "note" ? wanted.note.label : `${wanted.string} open`;
}

/** The ruler of cents with what is heard, in the place of the picture while Barytone listens on a job. */
export function HeardAbove({ ear, wanted }: { ear: JobEar; wanted: Wanted | null }) {
  const { heard } = ear;
  const tone =
    heard?.centsText === undefined ? "text-mute" : heard.inTune ? "text-verdigris" : "text-rust";
  return (
    <div className="grid items-center bg-lamp bench:grid-cols-[minmax(0,1fr)_440px]">
      <Ruler
        cents={heard?.cents ?? null}
        tolerance={heard?.tolerance ?? 1.5}
        steady={heard?.state === "steady"}
        inTune={heard?.inTune ?? false}
        trace={heard?.trace ?? []}
        label={
          heard?.centsText === undefined
            ? "Ruler of cents, nothing heard"
            : `Ruler of cents: ${heard.label} ${heard.centsText} cents, ${heard.state}`
        }
      />
      <div className="px-5 py-3">
        <p
          aria-live="polite"
          data-testid="heard"
          className="wide text-[26px] leading-[1.15] font-bold tracking-[-0.01em]"
        >
          {heard?.headline ?? `Sound ${labelOf(wanted)}`}
        </p>
        <p className={`wide mt-2 text-[54px] leading-none font-bold tabular-nums ${tone}`}>
          {heard?.centsText ?? "–"}
          <span className="ml-2 text-[16px] font-semibold">
            cents{heard?.centsText === undefined ? "" : `, ${heard.label}`}
          </span>
        </p>
        <p className="mt-2 min-h-6 text-[15px] text-ink-soft">{heard?.detail}</p>
        {heard?.wavers === true && (
          <Button className="mt-2" onClick={ear.takeAsIs}>
            Take it as it is
          </Button>
        )}
      </div>
    </div>
  );
}

/** The pitch view with the tuning of this job. */
function tuneUp(job: JobView): string {
  const { ways } = job.intonation;
  const query = new URLSearchParams({
    tuning: job.instrument.tuning,
    reference: ways.a4,
    offsets: ways.offsets,
    upToPitch: String(ways.upToPitch),
  });
  return `/pitch?${query.toString()}`;
}

/** What to listen to: microphone or interface, a file, the stand-in. */
export function ListeningBar({
  job,
  ear,
  wanted,
  onPluck,
}: {
  job: JobView;
  ear: JobEar;
  wanted: Wanted | null;
  onPluck: () => void;
}) {
  const [device, setDevice] = useState("");
  const { source } = ear;
  if (job.closed) return null;
  return (
    <div className="mb-2 flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <Button
          strong={source === "microphone"}
          aria-pressed={source === "microphone"}
          shortcut="M"
          onClick={() =>
            source === "microphone" ? ear.stop() : void ear.start("microphone", device)
          }
        >
          {source === "microphone" ? "Stop listening" : "Listen"}
        </Button>
        <Button
          strong={source === "standIn"}
          aria-pressed={source === "standIn"}
          shortcut="V"
          onClick={() => (source === "standIn" ? ear.stop() : void ear.start("standIn"))}
        >
          {source === "standIn" ? "Stop the stand-in" : "Stand-in"}
        </Button>
        {source === "standIn" && (
          <Button shortcut="P" onClick={onPluck}>
            Pluck {labelOf(wanted)}
          </Button>
        )}
        <label className="inline-flex min-h-11 cursor-pointer items-center rounded-lg border-[1.5px] border-line-strong bg-paper px-4 font-semibold focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-indigo hover:bg-white">
          WAV file
          <input
            type="file"
            accept=".wav,audio/wav"
            aria-label="A WAV file of the expected note"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              if (file !== undefined) ear.hearFile(file);
              e.target.value = "";
            }}
          />
        </label>
        <Link
          to={tuneUp(job)}
          className="inline-flex min-h-11 items-center px-2 text-[15px] underline decoration-line-strong underline-offset-4 hover:decoration-ink"
        >
          Tune up
        </Link>
      </div>
      {source === "microphone" && ear.devices.length > 1 && (
        <InputChoice
          devices={ear.devices}
          device={device}
          onChoose={(chosen) => {
            setDevice(chosen);
            void ear.start("microphone", chosen);
          }}
        />
      )}
      {ear.trouble !== null && <Trouble text={ear.trouble} onClose={ear.dismiss} />}
      {source === null && ear.heard !== null && (
        <p className="text-[16px]" role="status">
          <strong>{ear.heard.headline}</strong> {ear.heard.detail}
        </p>
      )}
    </div>
  );
}
