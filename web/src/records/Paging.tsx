import { Button } from "../ui/controls";

/** Goes through a long list. */
export function Paging({
  from,
  most,
  count,
  onFrom,
}: {
  from: number;
  most: number;
  count: number;
  onFrom: (from: number) => void;
}) {
  return (
    <div className="flex items-center gap-4 border-t border-line py-3">
      <Button disabled={from === 0} onClick={() => onFrom(Math.max(0, from - most))}>
        Before
      </Button>
      <span className="text-[16px] tabular-nums">
        {from + 1} to {Math.min(from + most, count)} of {count}
      </span>
      <Button disabled={from + most >= count} onClick={() => onFrom(from + most)}>
        More
      </Button>
    </div>
  );
}
