/** What is kept for an instrument or a player, and is wanted again on the next job. */
export function Favourites({ kept }: { kept: readonly string[] }) {
  if (kept.length === 0) return null;
  return (
    <p className="mt-3 text-[17px]">
      <strong>Favourite:</strong> {kept.join("; ")}
    </p>
  );
}
