import { useState } from "react";
import { asProblem } from "../app/api";
import { Button, Trouble } from "../ui/controls";
import { addressOf, usePhotos } from "./photos";

/** The photos of a job, or of one mark on it: taken with the camera of the tablet or chosen from files. */
export function PhotoStrip({
  job,
  mark,
  closed,
}: {
  job: number;
  /** Only those of this mark. */
  mark?: number;
  closed: boolean;
}) {
  const { photos, add, remove } = usePhotos(job);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(0);
  const [note, setNote] = useState("");
  const [gone, setGone] = useState<number | null>(null);
  const shown = photos.filter((p) => mark === undefined || p.mark === mark);
  const take = async (files: readonly File[]) => {
    setTrouble(null);
    for (const file of files) {
      setBusy((n) => n + 1);
      // one after the other: a bad one leaves the others
      // oxlint-disable-next-line no-await-in-loop
      await add(file, note, mark).catch((error: unknown) => setTrouble(asProblem(error).message));
      setBusy((n) => n - 1);
    }
    setNote("");
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {shown.map((photo) => (
        <figure key={photo.id} className="relative">
          <a href={addressOf(photo, false)} target="_blank" rel="noreferrer">
            <img
              src={addressOf(photo, true)}
              alt={photo.note === "" ? `Photo ${String(photo.id)}` : photo.note}
              className="h-16 w-auto border border-line-strong"
            />
          </a>
          <button
            type="button"
            aria-label={`Take photo ${String(photo.id)} off`}
            className="absolute -top-2 -right-2 size-7 rounded-full border border-line-strong bg-paper text-[13px]"
            onClick={() => void remove(photo.id, true).then(() => setGone(photo.id))}
          >
            ✕
          </button>
        </figure>
      ))}
      {gone !== null && (
        <Button onClick={() => void remove(gone, false).then(() => setGone(null))}>
          Put the photo back
        </Button>
      )}
      {!closed && (
        <input
          aria-label="What the next photo shows"
          placeholder="what it shows"
          autoComplete="off"
          maxLength={200}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          // the photo is sent by itself, not with the form around it
          onKeyDown={(event) => event.key === "Enter" && event.preventDefault()}
          className="min-h-11 w-36 rounded-md border-[1.5px] border-line-strong bg-white px-2 text-[16px]"
        />
      )}
      {!closed && (
        <label className="eases flex min-h-11 cursor-pointer items-center rounded-lg border-[1.5px] border-line-strong bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-indigo hover:bg-white">
          {busy > 0 ? "Keeping it…" : "Photo"}
          <input
            type="file"
            multiple
            accept="image/jpeg,image/png,image/webp"
            className="sr-only"
            onChange={(event) => {
              // before the list is emptied with the field
              void take(Array.from(event.target.files ?? []));
              event.target.value = "";
            }}
          />
        </label>
      )}
      {trouble !== null && <Trouble text={trouble} onClose={() => setTrouble(null)} />}
    </div>
  );
}
