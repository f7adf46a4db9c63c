/** Quick marks of which any may hold. */
export function Pills<T extends string | number>({
  label,
  choices,
  chosen,
  onChange,
}: {
  label: string;
  choices: readonly { code: T; label: string }[];
  chosen: readonly T[];
  onChange: (chosen: T[]) => void;
}) {
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1 text-[14px] font-semibold text-mute">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {choices.map(({ code, label: said }) => {
          const on = chosen.includes(code);
          return (
            <button
              key={code}
              type="button"
              aria-pressed={on}
              onClick={() => onChange(on ? chosen.filter((c) => c !== code) : [...chosen, code])}
              className={`eases min-h-11 rounded-full border-[1.5px] px-3.5 text-[16px] font-semibold ${
                on ? "border-ink bg-ink text-white" : "border-line-strong bg-paper hover:bg-white"
              }`}
            >
              {on && <span aria-hidden>✓ </span>}
              {said}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
