import { useRef, useState } from "react";
import { api, type JobView } from "../app/api";
import { Pills } from "../arrival/Pills";
import type { PanelProps } from "../job/SettingForm";
import { Button, Field, TextInput, Trouble } from "../ui/controls";

type Heard = JobView["playOff"]["heard"][number];
type Mark = Heard["mark"];
type Pluck = Heard["pluck"];

/** Shapes that differ without colour, and the key that sets them. */
const MARKS: readonly { mark: Mark; key: string; shape: string; said: string }[] = [
  { mark: "clean", key: "x", shape: "", said: "clean again" },
  { mark: "buzz", key: "b", shape: "≋", said: "buzz" },
  { mark: "choke", key: "c", shape: "⊣", said: "cut short" },
  { mark: "dead", key: "d", shape: "●", said: "dead" },
  { mark: "bend-choke", key: "n", shape: "⤴", said: "cut short when bent" },
];

const PLUCKS: readonly { code: Pluck; label: string }[] = [
  { code: "soft", label: "softly" },
  { code: "normal", label: "as usual" },
  { code: "hard", label: "hard" },
];

/** The instrument is played through: a key where something is heard, Space goes on. */
export function PlayOffPanel({ job, send, trouble }: PanelProps) {
  const view = job.playOff;
  const strings = job.arrival.names;
  const [pluck, setPluck] = useState<Pluck>("normal");
  const [plugged, setPlugged] = useState(false);
  const [at, setAt] = useState({ row: 0, fret: 0 });
  const [by, setBy] = useState("the player");
  const [how, setHow] = useState("");
  const cells = useRef(new Map<string, HTMLButtonElement>());
  const here = (string: number, fret: number) =>
    view.heard.find(
      (n) => n.string === string && n.fret === fret && n.pluck === pluck && n.plugged === plugged,
    );
  const go = (row: number, fret: number) => {
    const to = {
      row: Math.min(strings.length - 1, Math.max(0, row)),
      fret: Math.min(view.frets, Math.max(0, fret)),
    };
    setAt(to);
    cells.current.get(`${String(to.row)} ${String(to.fret)}`)?.focus();
  };
  /** Along the string, then to the next one. */
  const on = (row: number, fret: number) =>
    fret < view.frets ? go(row, fret + 1) : go(row + 1, row + 1 < strings.length ? 0 : fret);
  const mark = (string: number, fret: number, heard: Mark) =>
    void send(
      (stamp, params) =>
        api.POST("/api/jobs/{id}/play-off/notes", {
          params,
          body: { ...stamp, string, fret, mark: heard, pluck, plugged },
        }),
      true,
    );
  const open = view.heard.some((n) => !n.accepted);
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Pills
          label="Played"
          choices={PLUCKS}
          chosen={[pluck]}
          onChange={(chosen) => setPluck(chosen.at(-1) ?? pluck)}
        />
        <Pills
          label="Sound"
          choices={[
            { code: "no", label: "unplugged" },
            { code: "yes", label: "amplified" },
          ]}
          chosen={[plugged ? "yes" : "no"]}
          onChange={(chosen) => setPlugged(chosen.at(-1) === "yes")}
        />
        <p className="text-[15px] text-mute">
          {MARKS.map((m) => `${m.key.toUpperCase()} ${m.said}`).join(" · ")} · Space rings, goes on
        </p>
      </div>
      <div className="overflow-x-auto">
        <table aria-label="The board, low string first" className="bg-ink text-lamp">
          <thead>
            <tr className="text-[14px]">
              <th scope="col" className="px-2 text-left font-normal">
                string
              </th>
              {Array.from({ length: view.frets + 1 }, (_, fret) => (
                <th key={String(fret)} scope="col" className="font-normal">
                  {fret === 0 ? "open" : fret}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {strings.map(({ code: string, label }, row) => (
              <tr key={string}>
                <th scope="row" className="px-2 text-left text-[15px] whitespace-nowrap">
                  {label}
                </th>
                {Array.from({ length: view.frets + 1 }, (_, fret) => {
                  const heard = here(string, fret);
                  const shape = MARKS.find((m) => m.mark === heard?.mark);
                  return (
                    <td key={String(fret)} className="border-r-2 border-line-strong p-0">
                      <button
                        type="button"
                        ref={(cell) => {
                          const key = `${String(row)} ${String(fret)}`;
                          if (cell === null) cells.current.delete(key);
                          else cells.current.set(key, cell);
                        }}
                        tabIndex={at.row === row && at.fret === fret ? 0 : -1}
                        disabled={job.closed}
                        aria-label={`${label} ${fret === 0 ? "open" : `at ${String(fret)}`}: ${heard === undefined ? "nothing heard" : (shape?.said ?? heard.mark)}`}
                        className={`h-11 w-11 text-[22px] leading-none font-bold focus-visible:outline-lamp ${heard === undefined ? "bg-[linear-gradient(#7F8D85,#7F8D85)] bg-[length:100%_2px] bg-center bg-no-repeat" : heard.accepted ? "bg-verdigris" : "bg-rust"}`}
                        onFocus={() => setAt({ row, fret })}
                        onClick={(event) => {
                          // by thumb each touch goes to the next mark
                          if (event.detail === 0) return;
                          const now = MARKS.findIndex((m) => m.mark === (heard?.mark ?? "clean"));
                          mark(string, fret, MARKS[(now + 1) % MARKS.length]?.mark ?? "buzz");
                        }}
                        onKeyDown={(event) => {
                          const key = event.key.toLowerCase();
                          const set = MARKS.find((m) => m.key === key);
                          if (event.key === "ArrowRight") go(row, fret + 1);
                          else if (event.key === "ArrowLeft") go(row, fret - 1);
                          else if (event.key === "ArrowDown") go(row + 1, fret);
                          else if (event.key === "ArrowUp") go(row - 1, fret);
                          else if (event.key === " " || event.key === "Enter") on(row, fret);
                          else if (set !== undefined) {
                            mark(string, fret, set.mark);
                            on(row, fret);
                          } else return;
                          event.preventDefault();
                        }}
                      >
                        {shape?.shape}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 text-[14px] font-semibold text-mute">
          Played through {plugged ? "amplified" : "unplugged"}
        </legend>
        {view.parts.map((part) => {
          const done = plugged ? part.plugged : part.unplugged;
          return (
            <Button
              key={part.part}
              disabled={done || job.closed}
              onClick={() =>
                void send(
                  (stamp, params) =>
                    api.POST("/api/jobs/{id}/play-off/parts", {
                      params,
                      body: { ...stamp, part: part.part, plugged },
                    }),
                  true,
                )
              }
            >
              {done ? "✓ " : ""}
              {part.label}
            </Button>
          );
        })}
      </fieldset>
      <ul className="text-[17px]">
        {view.heard.length === 0 && <li>Nothing is heard that does not ring clean.</li>}
        {view.heard.map((note) => (
          <li key={note.text} className="border-t border-line py-1">
            {note.accepted ? "✓ " : "▲ "}
            {note.text}
            {note.accepted && " (accepted)"}
          </li>
        ))}
      </ul>
      {open && !job.closed && (
        <form
          aria-label="Accept what is heard"
          className="grid items-end gap-3 border-t border-line pt-3 sm:grid-cols-[1fr_1.4fr_auto]"
          onSubmit={(event) => {
            event.preventDefault();
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/play-off/accepted", {
                params,
                body: { ...stamp, by, how },
              }),
            );
          }}
        >
          <Field label="Known to and accepted by">
            <TextInput
              required
              maxLength={200}
              value={by}
              onChange={(e) => setBy(e.target.value)}
            />
          </Field>
          <Field label="Why, or how they said so">
            <TextInput
              maxLength={200}
              value={how}
              placeholder="will not be heard amplified"
              onChange={(e) => setHow(e.target.value)}
            />
          </Field>
          <Button type="submit">Accepted</Button>
        </form>
      )}
      {trouble !== null && <Trouble text={trouble} />}
    </div>
  );
}
