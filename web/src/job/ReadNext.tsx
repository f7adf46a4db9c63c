/** What follows from work whose amount nobody measures. */
export function ReadNext({ what }: { what: string }) {
  return (
    <p className="col-span-2 text-[15px] text-mute">
      No amount is noted: {what} counts as not read, and is asked for.
    </p>
  );
}
