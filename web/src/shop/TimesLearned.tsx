import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../app/api";
import {
  canNotice,
  hands,
  keepHands,
  keepNotice,
  keepSound,
  wantsNotice,
  wantsSound,
} from "../day/wishes";
import { Heads } from "../ui/Heads";
import { Field, TextInput, Trouble } from "../ui/controls";

/** How long work takes here, as the tapes tell it. */
export function TimesLearned() {
  const times = useQuery({
    queryKey: ["times"],
    queryFn: () => answer(api.GET("/api/shop/times")),
  });
  return (
    <section aria-label="Times from the tapes" className="mt-8">
      <h3 className="wide mb-1 text-[20px] font-bold">Times from the tapes</h3>
      <p className="mb-2 text-[16px] text-mute">
        From one entry to the next; silence of more than 12 minutes is cut out. What is usual counts
        as three observations.
      </p>
      {times.error !== null && <Trouble text={times.error.message} />}
      {times.data?.promises !== undefined && (
        <p className="mb-2 text-[17px] font-semibold">{times.data.promises}</p>
      )}
      {times.data?.shop.length === 0 && <p>Nothing was observed yet.</p>}
      {times.data !== undefined && times.data.shop.length > 0 && (
        <Table label="Everybody" times={times.data.shop} />
      )}
      {times.data !== undefined && times.data.special.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer py-2 underline">
            By kind of instrument and bridge
          </summary>
          <Table label="Kind and bridge" times={times.data.special} />
        </details>
      )}
      {times.data?.hands.map((one) => (
        <Table key={one.hands} label={one.hands} times={one.times} />
      ))}
    </section>
  );
}

function Table({ label, times }: { label: string; times: readonly Schemas["TimeView"][] }) {
  return (
    <table aria-label={label} className="mt-2 w-full text-[16px]">
      <thead>
        <Heads cells={[label, "Usually", "Eight in ten", "Observed"]} />
      </thead>
      <tbody>
        {times.map((t) => (
          <tr key={t.what} className="border-t border-line text-right">
            <th scope="row" className="py-1.5 text-left font-medium">
              {t.what}
            </th>
            <td className="font-semibold">{t.usually}</td>
            <td>{t.spread}</td>
            <td>{t.observed}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What this browser does, and whose hands work at it. */
export function ThisBench() {
  const [name, setName] = useState(hands);
  const [sound, setSound] = useState(wantsSound);
  const [notice, setNotice] = useState(wantsNotice);
  return (
    <section aria-label="This bench" className="mt-10">
      <h2 className="wide mb-1 text-[26px] font-bold">This bench</h2>
      <p className="mb-3 text-[16px] text-mute">Kept in this browser alone.</p>
      <div className="grid items-end gap-3 sm:grid-cols-3">
        <Field label="Whose hands work here" hint="empty where one works alone">
          <TextInput
            maxLength={60}
            value={name}
            onChange={(e) => {
              setName(e.target.value);
              keepHands(e.target.value);
            }}
          />
        </Field>
        <Check
          label="A soft sound when something has settled or cured"
          on={sound}
          onChange={(on) => {
            keepSound(on);
            setSound(on);
          }}
        />
        {canNotice() && (
          <Check
            label="A notice of the browser while its window is not seen"
            on={notice}
            onChange={(on) => void keepNotice(on).then(setNotice)}
          />
        )}
      </div>
    </section>
  );
}

function Check({
  label,
  on,
  onChange,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 items-center gap-3 text-[16px]">
      <input
        type="checkbox"
        className="size-6"
        checked={on}
        onChange={(e) => onChange(e.target.checked)}
      />
      {label}
    </label>
  );
}
