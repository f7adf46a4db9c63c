import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { Button, Trouble } from "../ui/controls";
import { TakeAway } from "../ui/TakeAway";

type Report = Schemas["Report"];

/** The whole shop, or its sets and schools, as an open file; and what others hand over. */
export function Exchange() {
  const queries = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<Report | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const bring = async (from: File, rest: boolean) => {
    setBusy(true);
    setTrouble(null);
    setFile(from);
    try {
      setReport(
        await answer(
          api.POST("/api/exchange", {
            params: { query: { rest } },
            headers: { "Content-Type": "application/octet-stream" },
            bodySerializer: () => from,
            body: "",
          }),
        ),
      );
      void queries.invalidateQueries();
    } catch (error) {
      setReport(null);
      setTrouble(asProblem(error).message);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label="Open files" className="mt-10">
      <h2 className="wide mb-1 text-[26px] font-bold">Open files</h2>
      <p className="mb-1 text-[16px] text-mute">
        Everything can leave and come back. One job, instrument or player leaves from its own page.
      </p>
      <TakeAway
        files={[
          ["The whole shop with its photos (zip)", "/api/exchange?what=shop"],
          ["Its records alone (JSON)", "/api/exchange/records?what=shop"],
          ["String sets and schools (JSON)", "/api/exchange/records?what=sets"],
        ]}
      />
      <label className="eases mt-2 inline-flex min-h-11 cursor-pointer items-center rounded-lg border-[1.5px] border-line-strong bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-indigo hover:bg-white">
        {busy ? "Taking it in…" : "Bring in a file"}
        <input
          type="file"
          accept=".zip,.json,application/zip,application/json"
          className="sr-only"
          disabled={busy}
          onChange={(event) => {
            const from = event.target.files?.[0];
            if (from !== undefined) void bring(from, false);
            event.target.value = "";
          }}
        />
      </label>
      {trouble !== null && <Trouble text={trouble} />}
      {report !== null && file !== null && (
        <div className="mt-3" role="status">
          <p className="text-[17px] font-semibold">
            {report.kept
              ? `${file.name} is in.`
              : `Nothing of ${file.name} is kept yet: ${String(report.refused.length)} of its records cannot be taken.`}
          </p>
          <ul className="text-[16px]">
            {report.came.map((line) => (
              <li key={line.section} className="border-t border-line py-1">
                {line.section}: {line.added} new, {line.grown} grown, {line.same} here already
              </li>
            ))}
            {report.refused.map((line) => (
              <li key={line.where} className="border-t border-line py-1 text-rust">
                <strong>{line.where}:</strong> {line.why}
              </li>
            ))}
          </ul>
          {!report.kept && (
            <Button strong disabled={busy} onClick={() => void bring(file, true)}>
              Take the rest
            </Button>
          )}
        </div>
      )}
    </section>
  );
}
