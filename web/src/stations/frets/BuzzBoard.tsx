import { useState } from "react";
import { api } from "../../app/api";
import { NoteBoard, type Played } from "../../playoff/NoteBoard";
import type { DrawingProps } from "../room";

/** What is heard on the board of a job, with the room that its readings forecast. */
export function BuzzBoard({ job, send }: DrawingProps) {
  const { frets } = job;
  const [played, setPlayed] = useState<Played>({ pluck: "normal", plugged: false });
  return (
    <NoteBoard
      {...frets}
      closed={job.closed}
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
    />
  );
}
