import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { Button, Field, Select, Trouble } from "../ui/controls";
import { Panel } from "../ui/Panel";
import { pick } from "../ui/pick";

type Preview = Schemas["Preview"];
type Matched = Omit<Schemas["Matched"], "csv">;

const STATIONS = ["relief", "nut", "action"] as const;

/** Readings of a table are taken into the history: the columns are matched on screen before anything is kept. */
export function TablePanel({
  id,
  open,
  onClose,
}: {
  id: number;
  open: boolean;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const { unit } = useUnit();
  const [csv, setCsv] = useState("");
  const [preview, setPreview] = useState<Preview | null>(null);
  const [matched, setMatched] = useState<Matched | null>(null);
  const [report, setReport] = useState<Schemas["TableReport"] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const look = async (text: string) => {
    setTrouble(null);
    setReport(null);
    setCsv(text);
    try {
      const seen = await answer(api.POST("/api/exchange/table", { body: { csv: text } }));
      setPreview(seen);
      setMatched({
        day: seen.day ?? 0,
        string: seen.string ?? 0,
        value: seen.value ?? 0,
        unit,
        ...(seen.what === undefined ? { station: "action" as const } : { what: seen.what }),
      });
    } catch (error) {
      setPreview(null);
      setTrouble(asProblem(error).message);
    }
  };
  const take = async (rest: boolean) => {
    if (matched === null) return;
    setTrouble(null);
    try {
      const came = await answer(
        api.POST("/api/instruments/{id}/table", {
          params: { path: { id }, query: { rest } },
          body: { csv, ...matched },
        }),
      );
      setReport(came);
      if (came.kept) void queries.invalidateQueries({ queryKey: ["instrument"] });
    } catch (error) {
      setTrouble(asProblem(error).message);
    }
  };
  const columns = preview?.columns ?? [];
  const choice = (label: string, value: number, set: (column: number) => void) => (
    <Field label={label}>
      <Select value={value} onChange={(e) => set(Number(e.target.value))}>
        {columns.map((column, i) => (
          <option key={column} value={i}>
            {column}
          </option>
        ))}
      </Select>
    </Field>
  );
  return (
    <Panel open={open} onClose={onClose} title="Readings from a table">
      <p className="mb-3 text-[16px]">
        A line of headers, then a row for each reading: its day, the string, the value, and relief,
        nut or action. Each day becomes a closed visit. Readings count as read in the usual way of
        this instrument.
      </p>
      <label className="eases inline-flex min-h-11 cursor-pointer items-center rounded-lg border-[1.5px] border-line-strong bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-indigo hover:bg-white">
        Choose a CSV file
        <input
          type="file"
          accept=".csv,.txt,text/csv"
          className="sr-only"
          onChange={(event) => {
            void event.target.files?.[0]?.text().then(look);
            event.target.value = "";
          }}
        />
      </label>
      {trouble !== null && <Trouble text={trouble} />}
      {preview !== null && matched !== null && (
        <>
          <div className="mt-3 overflow-x-auto">
            <table className="w-full text-[15px]">
              <thead>
                <tr>
                  {columns.map((column) => (
                    <th key={column} scope="col" className="px-2 text-left text-mute">
                      {column}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {preview.rows.map((row) => (
                  <tr key={row.join("|")} className="border-t border-line">
                    {columns.map((column, i) => (
                      <td key={column} className="px-2 py-1">
                        {row[i]}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="text-[14px] text-mute">{preview.count} rows in all</p>
          </div>
          <div className="mt-3 grid gap-3 sm:grid-cols-3">
            {choice("Day", matched.day, (day) => setMatched({ ...matched, day }))}
            {choice("String", matched.string, (string) => setMatched({ ...matched, string }))}
            {choice("Value", matched.value, (value) => setMatched({ ...matched, value }))}
            <Field label="What it is">
              <Select
                value={matched.what ?? matched.station ?? "action"}
                onChange={(e) => {
                  const { what: _, station: __, ...rest } = matched;
                  const station = STATIONS.find((s) => s === e.target.value);
                  setMatched(
                    station === undefined
                      ? { ...rest, what: Number(e.target.value) }
                      : { ...rest, station },
                  );
                }}
              >
                {columns.map((column, i) => (
                  <option key={column} value={i}>
                    as “{column}” says
                  </option>
                ))}
                {STATIONS.map((station) => (
                  <option key={station} value={station}>
                    all rows are {station}
                  </option>
                ))}
              </Select>
            </Field>
            <Field label="Unit of a bare number">
              <Select
                value={matched.unit}
                onChange={(e) =>
                  setMatched({
                    ...matched,
                    unit: pick(e.target.value, ["mm", "thou", "in64", "in32"], matched.unit),
                  })
                }
              >
                <option value="mm">mm</option>
                <option value="thou">thou</option>
                <option value="in64">64ths of an inch</option>
                <option value="in32">32nds of an inch</option>
              </Select>
            </Field>
            <div className="self-end">
              <Button strong onClick={() => void take(false)}>
                Take them in
              </Button>
            </div>
          </div>
        </>
      )}
      {report !== null && (
        <div className="mt-3 text-[16px]" role="status">
          <p className="font-semibold">
            {report.kept
              ? `${String(report.readings)} readings of ${String(report.days)} days are in the history${report.daysHere > 0 ? `; ${String(report.daysHere)} days were here already` : ""}.`
              : `Nothing is kept yet: ${String(report.refused.length)} rows cannot be taken.`}
          </p>
          {report.methods.map((method) => (
            <p key={method} className="text-mute">
              {method}
            </p>
          ))}
          <ul>
            {report.refused.map((row) => (
              <li key={row.line} className="border-t border-line py-1 text-rust">
                Line {row.line}: {row.why}
              </li>
            ))}
          </ul>
          {!report.kept && <Button onClick={() => void take(true)}>Take the rest</Button>}
        </div>
      )}
    </Panel>
  );
}
