/** Links to what leaves as a file. */
export function TakeAway({
  files,
}: {
  files: readonly (readonly [label: string, href: string])[];
}) {
  return (
    <p className="flex flex-wrap gap-x-6">
      {files.map(([label, href]) => (
        <a
          key={href}
          href={href}
          download
          className="inline-flex min-h-11 items-center text-[17px] underline"
        >
          {label}
        </a>
      ))}
    </p>
  );
}
