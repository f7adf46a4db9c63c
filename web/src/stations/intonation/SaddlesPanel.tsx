import { useState } from "react";
import { api, Problem } from "../../app/api";
import type { PanelProps } from "../../job/SettingForm";
import { Heads } from "../../ui/Heads";
import { Button, Field, Select, TextInput, TroubleOrQuestion } from "../../ui/controls";

/** The strings that are on, where the saddles start, how far they can go, and what their pattern says. */
export function SaddlesPanel({ job, send, problem }: PanelProps & { problem: Problem | null }) {
  const { strings, saddles } = job.intonation;
  const [set, setSet] = useState(job.instrument.strings);
  const [drops, setDrops] = useState<Record<number, string>>({});
  const [support, setSupport] = useState(0);
  const [forward, setForward] = useState("");
  const [back, setBack] = useState("");
  const [places, setPlaces] = useState<Record<number, string>>({});
  const rows = job.intonation.rows;
  // what a question is about, whatever is typed after it
  const [asked, setAsked] = useState("");
  const putOn = (gauges: string, sure: boolean) => {
    setAsked(gauges);
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/other-strings", {
        params,
        body: { ...stamp, strings: gauges, sure },
      }),
    );
  };
  return (
    <div className="flex flex-col gap-5">
      {problem !== null && (
        <TroubleOrQuestion
          problem={problem}
          onMeant={(meant) => {
            setSet(meant);
            putOn(meant, false);
          }}
          onSure={() => putOn(asked, true)}
        />
      )}
      <section>
        <h3 className="wide mb-2 text-[17px] font-bold">Strings</h3>
        <Field label="What is on" hint="on an old set the result is provisional">
          <Select
            value={strings.age}
            onChange={(e) => {
              const age = strings.ages.find((a) => a.age === e.target.value)?.age;
              if (age === undefined) return;
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/intonation/strings-on", {
                  params,
                  body: { ...stamp, age },
                }),
              );
            }}
          >
            {strings.ages.map((a) => (
              <option key={a.age} value={a.age}>
                {a.label}
              </option>
            ))}
          </Select>
        </Field>
        <form
          className="mt-3 flex items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            putOn(set, false);
          }}
        >
          <div className="flex-1">
            <Field
              label="Gauges of the set, string 1 first, in thou"
              hint="w, b, s, n: wound with nickel, bronze, steel, nylon. Every reading is asked for again."
            >
              <TextInput required value={set} onChange={(e) => setSet(e.target.value)} />
            </Field>
          </div>
          <Button type="submit" disabled={job.closed}>
            Other strings are on
          </Button>
        </form>
        <table className="mt-3 w-full text-[17px]">
          <caption className="text-left text-[15px] text-mute">
            Stretch, hear or type how far the pitch dropped, tune up, and again until it is under 3
            cents.
          </caption>
          <thead>
            <Heads cells={["String", "Rounds", "Drop, cents"]} />
          </thead>
          <tbody>
            {strings.stretches.map((s) => (
              <tr key={s.string} className="border-t border-line">
                <th scope="row" className="text-left font-semibold">
                  {s.string} {s.name}
                </th>
                <td className="px-2">
                  {s.rounds === 0
                    ? "not logged"
                    : `${s.rounds} round${s.rounds === 1 ? "" : "s"}, last ${s.last ?? ""} cents`}
                  {s.settled && <span className="text-verdigris"> ✓ settled</span>}
                </td>
                <td className="py-1 text-right">
                  <form
                    className="flex justify-end gap-2"
                    onSubmit={(event) => {
                      event.preventDefault();
                      void send((stamp, params) =>
                        api.POST("/api/jobs/{id}/intonation/stretches", {
                          params,
                          body: { ...stamp, string: s.string, drop: drops[s.string] ?? "" },
                        }),
                      ).then((done) => {
                        if (done !== null) setDrops((all) => ({ ...all, [s.string]: "" }));
                      });
                    }}
                  >
                    <TextInput
                      required
                      aria-label={`Drop of string ${s.string} ${s.name}, cents`}
                      className="!w-[84px] text-right"
                      value={drops[s.string] ?? ""}
                      onChange={(e) => setDrops((all) => ({ ...all, [s.string]: e.target.value }))}
                    />
                    <Button type="submit">Log</Button>
                  </form>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section className="border-t border-line pt-3">
        <h3 className="wide text-[17px] font-bold">Saddles: {saddles.mechanism}</h3>
        {saddles.screw !== "" && <p className="text-[15px] text-mute">{saddles.screw}.</p>}
        <ul className="mt-1 text-[16px]">
          {saddles.saddles.map((s) => (
            <li key={s.support}>
              <strong>{s.name}</strong> {s.moved}
              {s.room === undefined ? "" : `; room ${s.room}`}
            </li>
          ))}
        </ul>
        {saddles.screwed && (
          <Button
            className="mt-2"
            onClick={() =>
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/intonation/direction", {
                  params,
                  body: { ...stamp, clockwiseBack: !saddles.clockwiseBack },
                }),
              )
            }
          >
            {saddles.clockwiseBack
              ? "Here clockwise moves a saddle towards the nut"
              : "Here clockwise moves a saddle back"}
          </Button>
        )}
        <form
          className="mt-3 grid grid-cols-3 items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/intonation/travel", {
                params,
                body: { ...stamp, support, forward, back },
              }),
            );
          }}
        >
          <Field label="Travel left of">
            <Select value={support} onChange={(e) => setSupport(Number(e.target.value))}>
              {saddles.saddles.map((s) => (
                <option key={s.support} value={s.support}>
                  {s.name}
                </option>
              ))}
            </Select>
          </Field>
          <Field label={`To the nut, ${job.bridge.suffix}`}>
            <TextInput required value={forward} onChange={(e) => setForward(e.target.value)} />
          </Field>
          <Field label={`Back, ${job.bridge.suffix}`}>
            <TextInput required value={back} onChange={(e) => setBack(e.target.value)} />
          </Field>
          <div className="col-span-3">
            <Button type="submit">Record the travel</Button>
          </div>
        </form>
      </section>
      {saddles.starts.length > 0 && (
        <section className="border-t border-line pt-3">
          <h3 className="wide text-[17px] font-bold">Start on a bare bridge</h3>
          <p className="text-[16px]">{saddles.starts.join("; ")}.</p>
          <h3 className="wide mt-3 text-[17px] font-bold">The pattern of the saddles</h3>
          {saddles.pattern.map((line) => (
            <p key={line} className="text-[16px]">
              {line}
            </p>
          ))}
          <form
            className="mt-2 grid grid-cols-3 items-end gap-3 sm:grid-cols-6"
            onSubmit={(event) => {
              event.preventDefault();
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/intonation/places", {
                  params,
                  body: {
                    ...stamp,
                    places: rows
                      .map((r) => r.string)
                      .toSorted((a, b) => a - b)
                      .map((s) => (s === 1 ? "0" : (places[s] ?? ""))),
                  },
                }),
              );
            }}
          >
            <p className="col-span-full text-[15px] text-mute">
              How far each saddle stands behind the first string&apos;s, {job.bridge.suffix}; minus
              when it is nearer to the nut.
            </p>
            {rows
              .filter((r) => r.string !== 1)
              .map((r) => (
                <Field key={r.string} label={`${r.string} ${r.name}`}>
                  <TextInput
                    required
                    value={places[r.string] ?? ""}
                    onChange={(e) => setPlaces((all) => ({ ...all, [r.string]: e.target.value }))}
                  />
                </Field>
              ))}
            <Button type="submit">Check it</Button>
          </form>
        </section>
      )}
    </div>
  );
}
