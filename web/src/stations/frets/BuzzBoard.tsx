import { useState } from "react";
import { api } from "../../app/api";
import { useShortcuts } from "../../app/shortcuts";
import { NoteBoard, type Played } from "../../playoff/NoteBoard";
import { useBoardPlace } from "../../playoff/useBoardPlace";
import type { DrawingProps } from "../room";
import { EarStrip } from "./EarStrip";
import { useBoardEar } from "./useBoardEar";

/** What is heard on the board of a job, with the room that its readings forecast. */
export function BuzzBoard({ job, send, hear, active }: DrawingProps) {
  const { frets } = job;
  const { names } = frets;
  const [played, setPlayed] = useState<Played>({ pluck: "normal", plugged: false });
  const place = useBoardPlace(names.length, frets.frets);
  const at = { string: names[place.at.row]?.string ?? 1, fret: place.at.fret };
  const label = names[place.at.row]?.label ?? "";
  const ear = useBoardEar(job, hear, at, played, (string, fret) =>
    place.on(
      names.findIndex((n) => n.string === string),
      fret,
    ),
  );
  useShortcuts(
    {
      m: () => ear.toggle("microphone"),
      v: () => ear.toggle("standIn"),
      p: ear.pluck,
    },
    active && !job.closed,
  );
  return (
    <NoteBoard
      {...frets}
      closed={job.closed}
      place={place}
      played={played}
      onPlayed={setPlayed}
      onMark={(string, which, mark) =>
        void send(
          (stamp, params) =>
            api.POST("/api/jobs/{id}/frets/notes", {
              params,
              body: {
                ...stamp,
                notes: which.map((fret) => ({ string, fret, mark, ...played })),
              },
            }),
          true,
        )
      }
    >
      {!job.closed && (
        <EarStrip
          ear={ear}
          expected={at.fret === 0 ? `open ${label}` : `${label} at ${String(at.fret)}`}
        />
      )}
    </NoteBoard>
  );
}
