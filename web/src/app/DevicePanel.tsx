import { useEffect, useRef, useState } from "react";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { Panel } from "../ui/Panel";
import { pick } from "../ui/pick";
import { device, keepDevice, MEANINGS, type Device, type Meaning } from "./device";
import { landed } from "./sounds";
import { standInCaliper, type Ending } from "./standInCaliper";
import { isForReadings, keyOf } from "./usePedal";
import { useVoice } from "./useVoice";

const LOUDNESSES = ["off", "quiet", "loud"] as const;
const ENDINGS = ["Enter", "Tab", "pause"] as const;
/** Until the panel has gone and the cursor is back in its row, ms. */
const BACK_IN_THE_ROW = 600;

/** Sounds, voice, pedal and measuring devices of this screen. */
export function DevicePanel({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Panel open={open} onClose={onClose} title="Sounds, pedal and caliper">
      <DeviceForm onClose={onClose} />
    </Panel>
  );
}

function DeviceForm({ onClose }: { onClose: () => void }) {
  const [set, setSet] = useState<Device>(device);
  const [learning, setLearning] = useState<Meaning | null>(null);
  /** A key that cannot be taught. */
  const [refused, setRefused] = useState<string | null>(null);
  const [reading, setReading] = useState("0.36mm");
  const [ending, setEnding] = useState<Ending>("Enter");
  const change = (to: Partial<Device>) => setSet(keepDevice(to));
  const taught = useRef(change);
  useEffect(() => {
    taught.current = change;
  });
  useEffect(() => {
    if (learning === null) return;
    const onKey = (event: KeyboardEvent) => {
      if (["Control", "Shift", "Alt", "Meta"].includes(event.key)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      setLearning(null);
      if (event.key === "Escape") return;
      const key = keyOf(event);
      setRefused(isForReadings(key) ? key : null);
      if (isForReadings(key)) return;
      const { pedal } = device();
      // one key, one meaning
      const others = Object.fromEntries(Object.entries(pedal).filter(([, other]) => other !== key));
      taught.current({ pedal: { ...others, [learning]: key } });
    };
    window.addEventListener("keydown", onKey, true);
    return () => window.removeEventListener("keydown", onKey, true);
  }, [learning]);
  const speaks = useVoice() !== undefined;
  return (
    <div className="flex flex-col gap-5">
      <p className="text-[16px]">
        Kept in this browser. A reading that lands is heard: one note when it is in band, a rise
        when it is high, a fall when it is low, three when it is asked about, a low one when it was
        not taken. The higher the string, the higher the note.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Sounds">
          <Select
            value={set.sounds}
            onChange={(e) => {
              change({ sounds: pick(e.target.value, LOUDNESSES, "off") });
              landed("in", 0, 6, "six E", "0.36");
            }}
          >
            {LOUDNESSES.map((loud) => (
              <option key={loud}>{loud}</option>
            ))}
          </Select>
        </Field>
        <label className="flex min-h-11 items-center gap-3 self-end text-[17px]">
          <input
            type="checkbox"
            className="size-6 accent-ink"
            disabled={!speaks}
            checked={set.voice && speaks}
            onChange={(e) => {
              change({ voice: e.target.checked });
              landed("high", 0, 6, "six E", "0.36");
            }}
          />
          {speaks ? "Read it back: “six E, point three six, high”" : "No voice on this machine"}
        </label>
      </div>
      <section aria-label="Pedal">
        <h3 className="wide mb-1 text-[17px] font-bold">Pedal, or any key of your own</h3>
        {refused !== null && (
          <Trouble text={`“${refused}” is wanted for readings. Let the pedal type another key.`} />
        )}
        <ul>
          {MEANINGS.map(([meaning, label]) => (
            <li
              key={meaning}
              className="grid grid-cols-[1fr_auto_auto] items-center gap-3 border-t border-line py-1 text-[17px]"
            >
              <span className="first-letter:uppercase">
                {label}
                <span className="ml-3 text-mute">{set.pedal[meaning] ?? "no key"}</span>
              </span>
              <Button onClick={() => setLearning(learning === meaning ? null : meaning)}>
                {learning === meaning ? "Press it now…" : "Teach it"}
              </Button>
              <Button
                disabled={set.pedal[meaning] === undefined}
                onClick={() => {
                  const { [meaning]: _, ...others } = set.pedal;
                  change({ pedal: others });
                }}
              >
                Forget
              </Button>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Caliper" className="flex flex-col gap-2">
        <h3 className="wide text-[17px] font-bold">Caliper or indicator that types</h3>
        <label className="flex min-h-11 items-center gap-3 text-[17px]">
          <input
            type="checkbox"
            className="size-6 accent-ink"
            checked={set.types}
            onChange={(e) => change({ types: e.target.checked })}
          />
          It ends with nothing: enter its value after a pause
        </label>
        <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
          <Field label="Stand-in: it types" hint="with its unit and sign">
            <TextInput value={reading} onChange={(e) => setReading(e.target.value)} />
          </Field>
          <Field label="and ends with" hint="a pause counts when that is on">
            <Select
              value={ending}
              onChange={(e) => setEnding(pick(e.target.value, ENDINGS, ending))}
            >
              {ENDINGS.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </Select>
          </Field>
          <Button
            onClick={() => {
              onClose();
              setTimeout(() => void standInCaliper(reading, ending), BACK_IN_THE_ROW);
            }}
          >
            Type it into the open row
          </Button>
        </div>
      </section>
    </div>
  );
}
