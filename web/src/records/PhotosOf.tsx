import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../app/api";
import { addressOf } from "../arrival/photos";
import { Trouble } from "../ui/controls";
import { dayOf } from "./when";

/** The photos of an instrument over all its visits; nothing while there are none. */
export function PhotosOf({ id, small = false }: { id: number; small?: boolean }) {
  const photos = useQuery({
    queryKey: ["instrument photos", id],
    queryFn: () => answer(api.GET("/api/instruments/{id}/photos", { params: { path: { id } } })),
  });
  if (photos.error !== null) return <Trouble text={photos.error.message} />;
  if (photos.data === undefined || photos.data.length === 0) return null;
  return (
    <section aria-label="Photos" className={small ? "mt-2" : "mt-7"}>
      {!small && <h2 className="wide mb-1 text-[18px] font-bold">Photos</h2>}
      <ul className="flex flex-wrap gap-3">
        {photos.data.map((photo) => (
          <li key={photo.id}>
            <a href={addressOf(photo, false)} target="_blank" rel="noreferrer">
              <img
                src={addressOf(photo, true)}
                alt={photo.note === "" ? `Photo of ${dayOf(photo.at)}` : photo.note}
                className={`${small ? "h-14" : "h-28"} w-auto border border-line-strong`}
              />
              <span className="block text-[14px] text-mute">{dayOf(photo.at)}</span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
