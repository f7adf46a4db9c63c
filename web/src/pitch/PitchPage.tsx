import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, Problem } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, Trouble } from "../ui/controls";
import { useLastGood } from "../ui/useLastGood";
import { planned, type Plan } from "./plan";
import { InputChoice } from "./InputChoice";
import { Ruler } from "./Ruler";
import { StringTable } from "./StringTable";
import { TuningSettings } from "./TuningSettings";
import type { Source } from "./useEar";
import { useListening, type Heard } from "./useListening";

/** How far the strings of the stand-in are off, before anybody tunes them, in cents. */
const FOUND = [-14, 6, -9, 3, -21, -5, 8, -12, 4, -7, 11, -3];
const MOST_OFF = 60;

const KEYS: readonly HelpLine[] = [
  ["M", "listen to the microphone or interface, or stop"],
  ["V", "play the stand-in, or stop"],
  ["P", "pluck the stand-in's next string"],
  ["1 … 9", "this string only"],
  ["0", "recognise the string"],
  ["C", "clear what was taken"],
  ["B", "back to the bench"],
];

/** Tunes the whole instrument by listening: hands-free, one string after the other. */
export function PitchPage() {
  const { next } = useUnit();
  const navigate = useNavigate();
  const [help, setHelp] = useState(false);
  const [asked] = useSearchParams();
  const [plan, setPlan] = useState<Plan>(() => planned(asked));
  const [only, setOnly] = useState<number | null>(null);
  const [device, setDevice] = useState("");
  const [taken, setTaken] = useState<ReadonlyMap<number, string>>(new Map());
  const [detune, setDetune] = useState<readonly number[]>(FOUND);
  const [aloud, setAloud] = useState(false);
  useEffect(() => {
    document.title = "Pitch · Barytone";
  }, []);

  const { tuning, kind, reference, offsets } = plan;
  const tuned = useQuery({
    queryKey: ["tuning", tuning, kind, reference, offsets],
    queryFn: () =>
      answer(api.GET("/api/tuning", { params: { query: { tuning, kind, reference, offsets } } })),
    retry: false,
  });
  // while a wrong tuning stands in the field the last right one stays on screen
  const strings = useLastGood(tuned.data)?.strings ?? [];

  const ear = useListening(plan, only, taken, (string, cents) => {
    setTaken((before) => new Map(before).set(string, cents));
    // moves on by itself, from the lowest to the highest
    setOnly((now) => (now === string ? (now > 1 ? now - 1 : null) : now));
  });
  const { heard, source } = ear;
  const change = (to: Partial<Plan>) => {
    setPlan({ ...plan, ...to });
    if (to.tuning === undefined) return;
    setTaken(new Map());
    setOnly(null);
  };
  const toggle = (wanted: Source) =>
    source === wanted ? ear.stop() : void ear.start(wanted, device);

  // with a real instrument in the room the stand-in would only be in the way
  const standIn =
    source === "microphone"
      ? null
      : {
          off: (string: number) => detune[string - 1] ?? 0,
          turn: (string: number, cents: number) =>
            setDetune((before) =>
              before.map((c, i) =>
                i === string - 1 ? Math.max(-MOST_OFF, Math.min(MOST_OFF, c + cents)) : c,
              ),
            ),
          pluck: (string: number) => {
            const at = strings.find((s) => s.number === string);
            if (at !== undefined) void ear.pluck(at.frequency, detune[string - 1] ?? 0, aloud);
          },
        };
  const nextString = only ?? strings.find((s) => !taken.has(s.number))?.number;

  const shortcuts: Shortcuts = {
    m: () => toggle("microphone"),
    v: () => toggle("standIn"),
    p: () => nextString !== undefined && standIn?.pluck(nextString),
    c: () => setTaken(new Map()),
    "0": () => setOnly(null),
    b: () => void navigate("/"),
    u: next,
    "?": () => setHelp(true),
  };
  for (const s of strings) if (s.number <= 9) shortcuts[String(s.number)] = () => setOnly(s.number);
  useShortcuts(shortcuts, !help);

  const shown = heard?.string ?? only;
  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Pitch</span>
      </TopBar>
      <main className="grid gap-0 xl:grid-cols-[minmax(0,1fr)_360px] xl:divide-x xl:divide-line">
        <section aria-label="What is heard">
          <Ruler
            cents={heard?.cents ?? null}
            tolerance={plan.tolerance}
            steady={heard?.state === "steady"}
            inTune={heard?.inTune ?? false}
            trace={heard?.trace ?? []}
            label={
              heard?.centsText === undefined
                ? "Ruler of cents, nothing heard"
                : `Ruler of cents: string ${String(heard.string)} ${heard.centsText} cents, ${heard.state}`
            }
          />
          <div className="flex flex-wrap gap-2 px-5 pt-3">
            <SourceButton of="microphone" now={source} shortcut="M" onClick={toggle}>
              {source === "microphone" ? "Stop listening" : "Listen to the microphone"}
            </SourceButton>
            <SourceButton of="standIn" now={source} shortcut="V" onClick={toggle}>
              {source === "standIn" ? "Stop the stand-in" : "Play the stand-in"}
            </SourceButton>
          </div>
          <div className="flex min-h-32 flex-wrap items-start gap-x-8 px-5 py-3">
            <div className="min-w-0 flex-1">
              <p
                aria-live="polite"
                data-testid="headline"
                className="wide text-[31px] leading-[1.12] font-bold tracking-[-0.01em]"
              >
                {heard?.headline ??
                  (source === null ? "Choose what to listen to" : "Pluck a string")}
              </p>
              <p className="mt-1 min-h-7 text-[17px] text-mute">{heard?.detail}</p>
              {strings.length > 0 && strings.every((s) => taken.has(s.number)) && (
                <p className="text-[17px] font-semibold text-verdigris">
                  ✓ Every string was taken. Go round once more: each one pulls on the others.
                </p>
              )}
              {ear.trouble !== null && (
                <div className="mt-2 max-w-2xl">
                  <Trouble text={ear.trouble} onClose={ear.dismiss} />
                </div>
              )}
            </div>
            <Cents heard={heard} name={strings.find((s) => s.number === shown)?.name} />
          </div>
          <div className="px-5">
            <StringTable
              strings={strings}
              shown={shown}
              only={only}
              onOnly={setOnly}
              taken={taken}
              standIn={standIn}
            />
          </div>
        </section>
        <section aria-label="Settings" className="flex flex-col gap-4 px-5 py-4">
          <h2 className="wide text-[16px] font-semibold">Sound</h2>
          {source === "microphone" && ear.devices.length > 0 && (
            <InputChoice
              devices={ear.devices}
              device={device}
              onChoose={(chosen) => {
                setDevice(chosen);
                void ear.start("microphone", chosen);
              }}
            />
          )}
          {source === "standIn" && (
            <label className="flex min-h-11 items-center gap-3 text-[16px]">
              <input
                type="checkbox"
                className="size-6 accent-ink"
                checked={aloud}
                onChange={(e) => setAloud(e.target.checked)}
              />
              Play it aloud too
            </label>
          )}
          <Field label="A WAV file instead" hint="16-bit or float, up to 20 s; one plucked string">
            <input
              type="file"
              accept=".wav,audio/wav"
              className="text-[15px] file:mr-3 file:min-h-11 file:rounded-lg file:border-[1.5px] file:border-line-strong file:bg-paper file:px-4 file:font-semibold"
              onChange={(e) => {
                const file = e.target.files?.[0];
                if (file !== undefined) ear.hearFile(file);
                e.target.value = "";
              }}
            />
          </Field>
          <p className="text-[15px] text-mute">
            Sound goes to this computer&apos;s own Barytone, is heard, and is not kept.
          </p>
          <TuningSettings
            plan={plan}
            onChange={change}
            trouble={tuned.error instanceof Problem ? tuned.error.message : null}
          />
          {taken.size > 0 && (
            <Button shortcut="C" onClick={() => setTaken(new Map())}>
              Clear what was taken
            </Button>
          )}
        </section>
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys while tuning" keys={KEYS} />
    </>
  );
}

function SourceButton({
  of,
  now,
  shortcut,
  onClick,
  children,
}: {
  of: Source;
  now: Source | null;
  shortcut: string;
  onClick: (of: Source) => void;
  children: string;
}) {
  return (
    <Button
      strong={now === of}
      shortcut={shortcut}
      aria-pressed={now === of}
      onClick={() => onClick(of)}
    >
      {children}
    </Button>
  );
}

/** How far off it is, to be read from a metre away. */
function Cents({ heard, name }: { heard: Heard | null; name: string | undefined }) {
  const text = heard?.centsText;
  const tone = text === undefined ? "text-mute" : heard?.inTune ? "text-verdigris" : "text-rust";
  const how = text === undefined ? "" : heard?.state === "steady" ? ", steady" : ", not steady yet";
  return (
    <p className={`wide text-right text-[64px] leading-none font-bold tabular-nums ${tone}`}>
      {text ?? "–"}
      <span className="block text-[15px] font-semibold">
        cents
        {text !== undefined && name !== undefined && `, string ${String(heard?.string)} ${name}`}
        {how}
      </span>
    </p>
  );
}
