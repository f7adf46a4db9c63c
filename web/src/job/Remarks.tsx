/** What there is to remark, line by line. */
export function Remarks({ lines }: { lines: readonly string[] }) {
  return lines.map((remark) => (
    <p key={remark} className="mt-2 text-[15px] text-mute">
      {remark}
    </p>
  ));
}
