import { useState } from "react";
import { api } from "../app/api";
import type { PanelProps } from "../job/SettingForm";
import { Button, Trouble } from "../ui/controls";
import { AcceptHeard } from "./AcceptHeard";
import { NoteBoard, type Played } from "./NoteBoard";
import { useBoardPlace } from "./useBoardPlace";

/** The instrument is played through: a key where something is heard, Space goes on. */
export function PlayOffPanel({ job, send, trouble }: PanelProps) {
  const view = job.playOff;
  const [played, setPlayed] = useState<Played>({ pluck: "normal", plugged: false });
  const { plugged } = played;
  const place = useBoardPlace(job.frets.names.length, view.frets);
  const open = view.heard.some((n) => !n.accepted);
  return (
    <div className="flex flex-col gap-3">
      <div className="-mx-5">
        <NoteBoard
          names={job.frets.names}
          frets={view.frets}
          marks={view.heard}
          closed={job.closed}
          place={place}
          played={played}
          onPlayed={setPlayed}
          onMark={(string, frets, mark) => {
            const heard = frets.filter(
              (fret) =>
                mark !== "clean" ||
                view.heard.some(
                  (n) =>
                    n.string === string &&
                    n.fret === fret &&
                    n.pluck === played.pluck &&
                    n.plugged === plugged,
                ),
            );
            // what rings is not written down at the end, but where something was heard before
            if (heard.length === 0) return;
            void send(
              (stamp, params) =>
                api.POST("/api/jobs/{id}/frets/notes", {
                  params,
                  body: {
                    ...stamp,
                    notes: heard.map((fret) => ({ string, fret, mark, ...played })),
                  },
                }),
              true,
            );
          }}
        />
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
      {open && !job.closed && <AcceptHeard send={send} />}
      {trouble !== null && <Trouble text={trouble} />}
    </div>
  );
}
