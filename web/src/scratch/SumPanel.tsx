import { useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { Fractions } from "../ui/Fractions";
import { Heads } from "../ui/Heads";
import { useCopy } from "../ui/useCopy";
import { useLastGood } from "../ui/useLastGood";
import { FieldTroubles } from "./fields";
import { SumPicture } from "./Pictures";
import type { Sum } from "./sums";
import { useSum } from "./useSum";

/** One sum: its fields, its result while typing, its picture. */
export function SumPanel({ sum }: { sum: Sum }) {
  const { plain: unit } = useUnit();
  const { texts, set, reset, result } = useSum(sum, unit);
  const { copy, said, refused } = useCopy();
  const troubles = result.error instanceof FieldTroubles ? result.error.fields : {};
  const shown = useLastGood(result.data);
  const suffix = unit === "in64" ? "in" : unit;
  const all =
    shown === undefined
      ? ""
      : shown.outcome.rows
          .map((r, i) => `${r.label}\t${(shown.texts[i] ?? []).join("\t")}`)
          .join("\n");
  return (
    <section aria-label={sum.title}>
      <h2 className="wide text-[26px] leading-tight font-bold">{sum.title}</h2>
      <p className="mb-4 text-[17px] text-mute">{sum.purpose}</p>
      {shown?.outcome.picture !== undefined && (
        <div className={`mb-4 ${result.error === null ? "" : "opacity-50"}`}>
          <SumPicture
            picture={shown.outcome.picture}
            suffix={suffix}
            readingText={(shown.texts[0]?.[0] ?? "").replace(` ${suffix}`, "")}
          />
        </div>
      )}
      <div className="grid gap-x-8 gap-y-6 bench:grid-cols-2">
        <form
          className="grid content-start gap-3 sm:grid-cols-2"
          onSubmit={(e) => e.preventDefault()}
        >
          {sum.fields.map((f, i) => (
            <div
              key={f.key}
              className={
                ["lengths", "habits", "cents"].includes(f.kind) && f.key !== "reliefHabit"
                  ? "sm:col-span-2"
                  : ""
              }
            >
              <Field label={f.label} hint={troubles[f.key] === undefined ? f.hint : undefined}>
                {f.choices === undefined ? (
                  <TextInput
                    autoFocus={i === 0}
                    value={texts[f.key] ?? ""}
                    aria-invalid={troubles[f.key] !== undefined}
                    className={troubles[f.key] === undefined ? "" : "border-rust"}
                    onChange={(e) => set(f.key, e.target.value)}
                  />
                ) : (
                  <Select value={texts[f.key]} onChange={(e) => set(f.key, e.target.value)}>
                    {f.choices.map(([value, label]) => (
                      <option key={value} value={value}>
                        {label}
                      </option>
                    ))}
                  </Select>
                )}
                {troubles[f.key] !== undefined && (
                  <span role="alert" className="text-[14px] text-rust">
                    {troubles[f.key]}
                  </span>
                )}
              </Field>
            </div>
          ))}
          <div className="sm:col-span-2">
            <Button onClick={reset}>Usual values</Button>
          </div>
        </form>
        <div aria-live="polite">
          {result.error !== null && !(result.error instanceof FieldTroubles) && (
            <div className="mb-3">
              <Trouble text={result.error.message} />
            </div>
          )}
          {shown !== undefined && (
            <div className={result.error === null ? "" : "opacity-40"}>
              <table className="w-full text-[17px]">
                {shown.outcome.heads !== undefined && (
                  <thead>
                    <Heads pad="px-2" cells={shown.outcome.heads.map((head) => head || "Result")} />
                  </thead>
                )}
                <tbody>
                  {shown.outcome.rows.map((row, i) => (
                    <tr key={row.label} className="border-t border-line">
                      <th scope="row" className="py-1 pr-2 text-left font-normal">
                        {row.label}
                      </th>
                      {(shown.texts[i] ?? []).map((text, j) => (
                        <td key={`${row.label} ${String(j)}`} className="text-right">
                          <button
                            type="button"
                            title="Copy"
                            aria-label={`Copy ${row.label} ${text}`}
                            onClick={() => copy(`${row.label}${String(j)}`, text)}
                            className="eases min-h-11 rounded px-2 text-[20px] font-bold whitespace-nowrap hover:bg-paper"
                          >
                            <Fractions text={text} />
                          </button>
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
              <div className="mt-3 flex items-center gap-3">
                <Button onClick={() => copy("all", all)}>Copy all</Button>
                <span
                  role="status"
                  className={`text-[15px] ${refused ? "text-rust" : "text-verdigris"}`}
                >
                  {said}
                </span>
              </div>
            </div>
          )}
        </div>
      </div>
    </section>
  );
}
