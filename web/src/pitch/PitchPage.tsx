import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, Problem, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts, type Shortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, Key, Select, TextInput, Trouble } from "../ui/controls";
import { inputs, microphone, standIn, troubleOf, type Ear } from "./ear";
import { Ruler } from "./Ruler";

type Heard = Schemas["ListenView"];
type Source = "none" | "microphone" | "standIn";

const EVERY_MS = 280;
const ENOUGH_SECONDS = 0.6;
/** How far the strings of the stand-in are off, before anybody tunes them, in cents. */
const FOUND = [-14, 6, -9, 3, -21, -5, 8, -12, 4, -7, 11, -3];

const TUNINGS: readonly (readonly [label: string, tuning: string])[] = [
  ["Guitar", "E2 A2 D3 G3 B3 E4"],
  ["Baritone, B to B", "B1 E2 A2 D3 F#3 B3"],
  ["Bass, four strings", "E1 A1 D2 G2"],
  ["Bass, five strings", "B0 E1 A1 D2 G2"],
  ["Mandolin", "G3 G3 D4 D4 A4 A4 E5 E5"],
  ["Half a tone down", "Eb2 Ab2 C#3 F#3 Bb3 Eb4"],
];

const signed = (cents: number): string =>
  cents > 0 ? `+${String(cents)}` : String(cents).replace("-", "−");

const KEYS: readonly HelpLine[] = [
  ["M", "listen to the microphone or interface, or stop"],
  ["V", "play the stand-in, or stop"],
  ["P", "pluck the stand-in's next string"],
  ["1 … 9", "this string only"],
  ["0", "recognise the string"],
  ["C", "clear what was taken"],
  ["B", "back to the bench"],
];

/** Tunes the whole instrument by ear of the machine: hands-free, one string after the other. */
export function PitchPage() {
  const { next } = useUnit();
  const navigate = useNavigate();
  const [help, setHelp] = useState(false);
  const [tuning, setTuning] = useState("E2 A2 D3 G3 B3 E4");
  const [reference, setReference] = useState("440");
  const [offsets, setOffsets] = useState("");
  const [tolerance, setTolerance] = useState("1.5");
  const [upToPitch, setUpToPitch] = useState(true);
  const [only, setOnly] = useState<number | null>(null);
  const [source, setSource] = useState<Source>("none");
  const [device, setDevice] = useState("");
  const [devices, setDevices] = useState<readonly { id: string; label: string }[]>([]);
  const [heard, setHeard] = useState<Heard | null>(null);
  const [taken, setTaken] = useState<ReadonlyMap<number, string>>(new Map());
  const [detune, setDetune] = useState<readonly number[]>(FOUND);
  const [aloud, setAloud] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const ear = useRef<Ear | null>(null);
  const asking = useRef(false);

  useEffect(() => {
    document.title = "Pitch · Barytone";
    return () => ear.current?.close();
  }, []);

  const plan = useQuery({
    queryKey: ["tuning", tuning, reference, offsets],
    queryFn: () =>
      answer(
        api.GET("/api/tuning", {
          params: { query: { tuning, reference: Number(reference), offsets } },
        }),
      ),
    placeholderData: (old) => old,
    retry: false,
  });
  // while a wrong tuning stands in the field the last right one stays on screen
  const [strings, setStrings] = useState<Schemas["TuningView"]["strings"]>([]);
  if (plan.data !== undefined && plan.data.strings !== strings) setStrings(plan.data.strings);
  const planTrouble = plan.error instanceof Problem ? plan.error.message : null;

  const take = (told: Heard) => {
    setHeard(told);
    const { string, centsText } = told;
    if (!told.take || string === undefined || centsText === undefined) return;
    setTaken((before) => new Map(before).set(string, centsText));
    // moves on by itself, from the lowest to the highest
    setOnly((now) => (now === null || now !== string ? now : now > 1 ? now - 1 : null));
  };
  const ask = async (sound: Blob, whole: boolean) => {
    const query = {
      tuning,
      reference: Number(reference),
      offsets,
      tolerance: Number(tolerance),
      upToPitch,
      whole,
      ...(only === null ? {} : { string: only }),
    };
    asking.current = true;
    const listenedTo = ear.current;
    try {
      const told = await answer(
        api.POST("/api/listen", {
          params: { query },
          headers: { "Content-Type": "audio/wav" },
          body: "",
          bodySerializer: () => sound,
        }),
      );
      // an answer that comes after the listening was stopped is not wanted any more
      if (ear.current === listenedTo) take(told);
      if (whole) setTrouble(null);
    } catch (error) {
      setTrouble(error instanceof Problem ? error.message : "The sound could not be heard.");
    } finally {
      asking.current = false;
    }
  };
  const listening = useRef(ask);
  useEffect(() => {
    listening.current = ask;
  });
  useEffect(() => {
    if (source === "none") return;
    const timer = setInterval(() => {
      const now = ear.current;
      if (now === null || asking.current || now.heard.seconds < ENOUGH_SECONDS) return;
      void listening.current(now.heard.wav(), false);
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [source]);

  const stop = () => {
    ear.current?.close();
    ear.current = null;
    setSource("none");
    setHeard(null);
  };
  const start = async (wanted: Exclude<Source, "none">, from = device) => {
    stop();
    setTrouble(null);
    try {
      ear.current =
        wanted === "standIn"
          ? await standIn()
          : await microphone(from, () => {
              stop();
              setTrouble("The input went away. What was taken stays; plug it in and listen again.");
            });
      setSource(wanted);
      if (wanted === "microphone") setDevices(await inputs());
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  const toggle = (wanted: Exclude<Source, "none">) =>
    source === wanted ? stop() : void start(wanted);

  const pluck = async (number: number) => {
    const at = strings.find((s) => s.number === number);
    if (at === undefined) return;
    if (source !== "standIn") await start("standIn");
    const off = detune[number - 1] ?? 0;
    const frequency = at.frequency * Math.pow(2, off / 1200);
    const file = await fetch(`/api/stand-in?frequency=${frequency.toFixed(4)}`).catch(() => null);
    if (file === null || !file.ok) {
      setTrouble("The stand-in cannot play that string: 20 to 1500 Hz is allowed.");
      return;
    }
    await ear.current?.play(await file.arrayBuffer(), aloud);
  };
  const nextString = (): number =>
    only ?? strings.find((s) => !taken.has(s.number))?.number ?? strings[0]?.number ?? 1;
  const turn = (number: number, by: number) =>
    setDetune((before) =>
      before.map((c, i) => (i === number - 1 ? Math.max(-60, Math.min(60, c + by)) : c)),
    );

  const shortcuts: Shortcuts = {
    m: () => toggle("microphone"),
    v: () => toggle("standIn"),
    p: () => void pluck(nextString()),
    c: () => setTaken(new Map()),
    "0": () => setOnly(null),
    b: () => void navigate("/"),
    u: next,
    "?": () => setHelp(true),
  };
  for (const s of strings) if (s.number <= 9) shortcuts[String(s.number)] = () => setOnly(s.number);
  useShortcuts(shortcuts, !help);

  const expected = strings.find((s) => s.number === (heard?.string ?? only));
  const headline =
    source === "none" && heard === null
      ? "Choose what to listen to"
      : (heard?.headline ?? "Pluck a string");
  // with a real instrument in the room the stand-in would only be in the way
  const playable = source !== "microphone";
  const allTaken = strings.length > 0 && strings.every((s) => taken.has(s.number));
  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Pitch</span>
      </TopBar>
      <main className="grid gap-0 xl:grid-cols-[minmax(0,1fr)_360px] xl:divide-x xl:divide-line">
        <section aria-label="What is heard">
          <Ruler
            cents={heard?.cents ?? null}
            tolerance={Number(tolerance) || 1.5}
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
            <Button
              strong={source === "microphone"}
              shortcut="M"
              aria-pressed={source === "microphone"}
              onClick={() => toggle("microphone")}
            >
              {source === "microphone" ? "Stop listening" : "Listen to the microphone"}
            </Button>
            <Button
              strong={source === "standIn"}
              shortcut="V"
              aria-pressed={source === "standIn"}
              onClick={() => toggle("standIn")}
            >
              {source === "standIn" ? "Stop the stand-in" : "Play the stand-in"}
            </Button>
          </div>
          <div className="flex min-h-32 flex-wrap items-start gap-x-8 px-5 py-3">
            <div className="min-w-0 flex-1">
              <p
                aria-live="polite"
                data-testid="headline"
                className="wide text-[31px] leading-[1.12] font-bold tracking-[-0.01em]"
              >
                {allTaken && source !== "none" && heard?.take === true
                  ? "All strings are in tune"
                  : headline}
              </p>
              <p className="mt-1 min-h-7 text-[17px] text-mute">{heard?.detail ?? ""}</p>
              {trouble !== null && (
                <div className="mt-2 max-w-2xl">
                  <Trouble text={trouble} onClose={() => setTrouble(null)} />
                </div>
              )}
            </div>
            <p
              className={`wide text-right text-[64px] leading-none font-bold tabular-nums ${
                heard?.centsText === undefined
                  ? "text-mute"
                  : heard.inTune
                    ? "text-verdigris"
                    : "text-rust"
              }`}
            >
              {heard?.centsText ?? "–"}
              <span className="block text-[15px] font-semibold">
                cents
                {expected === undefined
                  ? ""
                  : `, string ${String(expected.number)} ${expected.name}`}
                {heard?.state === "steady"
                  ? ", steady"
                  : heard?.state === "ringing"
                    ? ", moving"
                    : ""}
              </span>
            </p>
          </div>
          <table className="w-full border-t border-line text-[18px]">
            <thead>
              <tr className="text-left text-[15px] text-mute">
                <th scope="col" className="px-5 py-2 font-normal">
                  String
                </th>
                <th scope="col" className="font-normal">
                  Target
                </th>
                <th scope="col" className="font-normal">
                  Taken, cents
                </th>
                {playable && (
                  <th scope="col" className="pr-5 text-right font-normal">
                    Stand-in, cents off
                  </th>
                )}
              </tr>
            </thead>
            <tbody>
              {strings.map((s) => (
                <tr
                  key={s.number}
                  aria-current={only === s.number ? "true" : undefined}
                  className={`border-t border-line ${
                    s.number === (heard?.string ?? only) ? "bg-paper" : ""
                  }`}
                >
                  <th scope="row" className="px-5 text-left">
                    <button
                      type="button"
                      aria-pressed={only === s.number}
                      aria-label={`${String(s.number)} ${s.name}: only this string`}
                      className={`min-h-11 font-bold ${only === s.number ? "underline" : ""}`}
                      onClick={() => setOnly(only === s.number ? null : s.number)}
                    >
                      {s.number} {s.name}
                    </button>
                  </th>
                  <td className="tabular-nums">{s.target}</td>
                  <td className="font-semibold text-verdigris tabular-nums">
                    {taken.has(s.number) ? `✓ ${taken.get(s.number) ?? ""}` : ""}
                  </td>
                  {playable && (
                    <td className="py-0.5 pr-5 text-right whitespace-nowrap">
                      <Button
                        className="!px-3 !py-1"
                        aria-label={`Loosen the stand-in's string ${String(s.number)} by 2 cents`}
                        onClick={() => turn(s.number, -2)}
                      >
                        −
                      </Button>
                      <span className="inline-block w-14 text-center tabular-nums">
                        {signed(detune[s.number - 1] ?? 0)}
                      </span>
                      <Button
                        className="!px-3 !py-1"
                        aria-label={`Tighten the stand-in's string ${String(s.number)} by 2 cents`}
                        onClick={() => turn(s.number, 2)}
                      >
                        +
                      </Button>
                      <Button
                        className="ml-2 !py-1"
                        aria-label={`Pluck the stand-in's string ${String(s.number)}`}
                        onClick={() => void pluck(s.number)}
                      >
                        Pluck
                      </Button>
                    </td>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section aria-label="Settings" className="flex flex-col gap-4 px-5 py-4">
          <h2 className="wide text-[16px] font-semibold">Sound</h2>
          {source === "microphone" && devices.length > 0 && (
            <Field label="Input">
              <Select
                value={device}
                onChange={(e) => {
                  setDevice(e.target.value);
                  void start("microphone", e.target.value);
                }}
              >
                <option value="">the usual one</option>
                {devices.map((d) => (
                  <option key={d.id} value={d.id}>
                    {d.label}
                  </option>
                ))}
              </Select>
            </Field>
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
                if (file !== undefined) {
                  stop();
                  void ask(file, true);
                }
                e.target.value = "";
              }}
            />
          </Field>
          <p className="text-[15px] text-mute">
            Sound goes to this computer&apos;s own Barytone, is heard, and is not kept.
          </p>
          <h2 className="wide border-t border-line pt-3 text-[16px] font-semibold">Tune to</h2>
          {planTrouble !== null && <Trouble text={planTrouble} />}
          <Field label="Usual tunings">
            <Select
              value={TUNINGS.find(([, t]) => t === tuning)?.[1] ?? ""}
              onChange={(e) => {
                if (e.target.value === "") return;
                setTuning(e.target.value);
                setTaken(new Map());
                setOnly(null);
              }}
            >
              <option value="">as typed below</option>
              {TUNINGS.map(([label, t]) => (
                <option key={t} value={t}>
                  {label}
                </option>
              ))}
            </Select>
          </Field>
          <Field label="Tuning, lowest string first">
            <TextInput
              value={tuning}
              onChange={(e) => {
                setTuning(e.target.value);
                setTaken(new Map());
                setOnly(null);
              }}
            />
          </Field>
          <div className="grid grid-cols-2 gap-3">
            <Field label="A4, Hz">
              <TextInput value={reference} onChange={(e) => setReference(e.target.value)} />
            </Field>
            <Field label="In tune within, cents">
              <TextInput value={tolerance} onChange={(e) => setTolerance(e.target.value)} />
            </Field>
          </div>
          <Field label="Offsets, cents" hint="one for each string, lowest first; empty for none">
            <TextInput value={offsets} onChange={(e) => setOffsets(e.target.value)} />
          </Field>
          <label className="flex min-h-11 items-center gap-3 text-[16px]">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={upToPitch}
              onChange={(e) => setUpToPitch(e.target.checked)}
            />
            Only what comes up to pitch is taken
          </label>
          {taken.size > 0 && (
            <Button onClick={() => setTaken(new Map())}>
              Clear what was taken
              <Key name="C" />
            </Button>
          )}
        </section>
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys while tuning" keys={KEYS} />
    </>
  );
}
