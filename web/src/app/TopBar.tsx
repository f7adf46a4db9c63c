import type { ReactNode } from "react";
import { Link } from "react-router";
import { DayNotices } from "../day/DayNotices";
import { UnitSwitch } from "./unit";

const PAGES = [
  ["/records", "Records"],
  ["/pitch", "Pitch"],
  ["/shop", "Tools and schools"],
  ["/scratch", "Scratch"],
] as const;

/** The dark bar on top: the way home, what is open, and the unit of every number. */
export function TopBar({ children, onHelp }: { children?: ReactNode; onHelp: () => void }) {
  return (
    <header className="flex min-h-14 flex-wrap items-center gap-x-4 gap-y-1 bg-ink px-4 py-1 text-bench xl:flex-nowrap">
      <Link
        to="/"
        className="wide flex min-h-11 items-center text-[18px] font-bold text-white hover:text-lamp"
      >
        Barytone
      </Link>
      {children}
      <span className="flex min-w-0 flex-1 justify-end">
        <DayNotices />
      </span>
      <nav aria-label="Pages" className="flex shrink-0 gap-x-4">
        {PAGES.map(([to, label]) => (
          <Link
            key={to}
            to={to}
            className="flex min-h-11 items-center px-1 text-[16px] whitespace-nowrap text-[#B9C4BE] underline decoration-[#4b5b55] underline-offset-4 hover:text-white"
          >
            {label}
          </Link>
        ))}
      </nav>
      <UnitSwitch />
      <button
        type="button"
        onClick={onHelp}
        aria-label="Help: keys of this screen"
        className="min-h-11 min-w-11 rounded-md border border-[#3B4A45] text-[17px] font-semibold text-[#B9C4BE] hover:bg-[#2A3733]"
      >
        ?
      </button>
    </header>
  );
}
