import { VERDICT } from "./verdict";

/** Three cells of a ledger: as found, now with its verdict, and what is wanted. */
export function Standing({
  found,
  now,
  verdict,
  verdictText,
  target,
}: {
  found?: string | undefined;
  now?: string | undefined;
  verdict: string;
  verdictText: string;
  target: string;
}) {
  const { sign, tone } = VERDICT[verdict] ?? { sign: "", tone: "" };
  return (
    <>
      <td className="px-2 text-[17px] text-mute">{found ?? "–"}</td>
      <td className={`px-2 whitespace-nowrap ${tone}`}>
        <span className="text-[20px] font-bold">{now ?? "–"}</span>{" "}
        <span aria-hidden="true">{sign}</span>
        <span className="block text-[13px] leading-tight">{verdictText}</span>
      </td>
      <td className="px-2 text-[16px] whitespace-nowrap text-mute">{target}</td>
    </>
  );
}
