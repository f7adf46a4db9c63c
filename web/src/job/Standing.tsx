import { VERDICT } from "./verdict";

/** Three cells of a ledger: as found, now with its verdict, and what is wanted. What is reckoned stands in the expected style. */
export function Standing({
  found,
  foundBy,
  now,
  reckoned,
  spread,
  note,
  verdict,
  verdictText,
  target,
}: {
  found?: string | undefined;
  /** How it was read as found, where that is another way than now. */
  foundBy?: string | undefined;
  now?: string | undefined;
  reckoned: boolean;
  spread?: string | undefined;
  /** What stands beside now, smaller. */
  note?: string | undefined;
  verdict: string;
  verdictText: string;
  target: string;
}) {
  const { sign, tone } = VERDICT[verdict] ?? { sign: "", tone: "" };
  return (
    <>
      <td className="px-1.5 text-[17px] text-mute">
        {found ?? "–"}
        {foundBy !== undefined && (
          <span className="block text-[12.5px] leading-tight">{foundBy}</span>
        )}
      </td>
      <td className="px-1.5">
        <span
          className={`whitespace-nowrap ${reckoned && now !== undefined ? "text-indigo" : tone}`}
        >
          <span
            className={`text-[20px] font-bold ${reckoned && now !== undefined ? "border-b-2 border-dashed border-indigo" : ""}`}
          >
            {now ?? "–"}
          </span>
          {reckoned && now !== undefined && spread !== undefined && (
            <span className="text-[14px]"> ± {spread}</span>
          )}{" "}
          <span aria-hidden="true" className={tone}>
            {sign}
          </span>
        </span>
        <span className={`block text-[13px] leading-tight ${tone}`}>
          {reckoned && now !== undefined ? `reckoned, ${verdictText}` : verdictText}
        </span>
        {note !== undefined && (
          <span className="block text-[12.5px] leading-tight text-mute">{note}</span>
        )}
      </td>
      <td className="px-1.5 text-[16px] whitespace-nowrap text-mute">{target}</td>
    </>
  );
}
