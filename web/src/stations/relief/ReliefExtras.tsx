import type { JobView } from "../../app/api";
import { Remarks } from "../../job/Remarks";

/** The same neck by other habits, and what there is to remark. */
export function ReliefExtras({ job }: { job: JobView }) {
  const { relief } = job;
  return (
    <>
      {relief.equivalents.length > 0 && (
        <table className="mt-4 w-full text-[14.5px]">
          <thead>
            <tr className="text-right text-mute">
              <th scope="col" className="wide text-left text-[15px] font-semibold">
                Same neck by other habits, {relief.suffix}
              </th>
              <th scope="col" className="font-medium">
                bass
              </th>
              <th scope="col" className="font-medium">
                treble
              </th>
            </tr>
          </thead>
          <tbody>
            {relief.equivalents.map((e) => (
              <tr key={e.label} className="border-t border-line">
                <th scope="row" className="py-0.5 text-left font-normal">
                  {e.label}
                </th>
                <td className="w-16 text-right font-semibold whitespace-nowrap">{e.bass}</td>
                <td className="w-16 text-right font-semibold whitespace-nowrap">{e.treble}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Remarks lines={relief.remarks} />
    </>
  );
}
