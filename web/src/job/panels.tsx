import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, Problem, type JobView } from "../app/api";
import { statedOf, type Facts } from "../intake/facts";
import { InstrumentFields } from "../intake/InstrumentFields";
import { asMeant, useStandAt } from "../intake/standAt";
import { Fractions } from "../ui/Fractions";
import { Heads } from "../ui/Heads";
import { TroubleOrQuestion } from "../ui/controls";
import { SettingForm } from "./SettingForm";

/** Corrects the facts of the instrument; all readings stay and are computed anew. */
export function InstrumentPanel({
  instrument,
  onSaved,
}: {
  instrument: JobView["instrument"];
  onSaved: (facts: Facts, sure: boolean) => Promise<Problem | null>;
}) {
  const kinds = useQuery({ queryKey: ["kinds"], queryFn: () => answer(api.GET("/api/kinds")) });
  const [facts, setFacts] = useState<Facts>(() => statedOf(instrument));
  const [trouble, setTrouble] = useState<Problem | null>(null);
  useStandAt(trouble);
  const save = (corrected: Facts, sure: boolean) => void onSaved(corrected, sure).then(setTrouble);
  return (
    <SettingForm
      action="Correct"
      trouble={null}
      className="flex flex-col gap-4"
      onSubmit={() => save(facts, false)}
    >
      <InstrumentFields facts={facts} kinds={kinds.data ?? []} onChange={setFacts} />
      {trouble !== null && (
        <TroubleOrQuestion
          problem={trouble}
          onMeant={(text) => {
            const meant = asMeant(facts, trouble, text);
            setFacts(meant);
            save(meant, false);
          }}
          onSure={() => save(facts, true)}
        />
      )}
    </SettingForm>
  );
}

const SIGN: Record<string, string> = {
  in: "✓ ",
  high: "▲ ",
  low: "▼ ",
  "cannot-tell": "? ",
};

/** As found and as left, with what goes on record of the work. */
export function FoundAndLeft({ job }: { job: JobView }) {
  return (
    <>
      <table className="w-full text-[18px]">
        <thead>
          <Heads pad="px-2" cells={["Quantity", "As found", "As left", "Target"]} />
        </thead>
        <tbody>
          {job.closing.rows.map((row) => (
            <tr key={row.label} className="h-13 border-t border-line text-right">
              <th scope="row" className="text-left font-semibold">
                {row.label}
              </th>
              <td className="px-2">{row.found}</td>
              <td className="px-2 font-bold">
                <span
                  className={
                    row.reckoned
                      ? "border-b-2 border-dashed border-indigo text-[16px] text-indigo"
                      : ""
                  }
                >
                  {row.left}
                </span>
                <span
                  className={`block text-[14px] font-medium ${row.verdict === "in" ? "text-verdigris" : "text-rust"}`}
                >
                  {SIGN[row.verdict] ?? ""}
                  {row.verdictText}
                </span>
              </td>
              <td className="text-mute">{row.target}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="mt-3 text-[16px]">
        {job.closing.remarks.map((remark) => (
          <li key={remark}>
            <Fractions text={remark} />
          </li>
        ))}
      </ul>
    </>
  );
}
