import { useEffect, useState } from "react";
import { NavLink, useNavigate, useParams } from "react-router";
import { Help, type HelpLine } from "../app/Help";
import { NotFound } from "../app/NotFound";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { StringSets } from "./StringSets";
import { SumPanel } from "./SumPanel";
import { SUMS } from "./sums";

const KEYS: readonly HelpLine[] = [
  ["Tab", "next field; the result follows while typing"],
  ["J  K", "next and previous sum, outside of a field"],
  ["U", "change the unit of every number, outside of a field"],
  ["B", "to the bench, outside of a field"],
  ["Esc", "leave the field"],
];

const PAGES = [
  ...SUMS.map((s) => ({ key: s.key, title: s.title })),
  { key: "string-sets", title: "String sets" },
];

/** Sums without a job. */
export function ScratchPage() {
  const { sum: key = "relief" } = useParams();
  const navigate = useNavigate();
  const { next } = useUnit();
  const [help, setHelp] = useState(false);
  const place = PAGES.findIndex((p) => p.key === key);
  const go = (step: number) =>
    void navigate(
      `/scratch/${PAGES[(place + step + PAGES.length) % PAGES.length]?.key ?? "relief"}`,
    );
  useShortcuts(
    {
      j: () => go(1),
      k: () => go(-1),
      u: next,
      b: () => void navigate("/"),
      "?": () => setHelp(true),
    },
    !help,
  );
  const title = PAGES[place]?.title;
  useEffect(() => {
    document.title = `${title ?? "Scratch"} · Barytone`;
  }, [title]);
  useEffect(() => {
    const leave = (event: KeyboardEvent) => {
      if (event.key === "Escape" && document.activeElement instanceof HTMLElement)
        document.activeElement.blur();
    };
    window.addEventListener("keydown", leave);
    return () => window.removeEventListener("keydown", leave);
  }, []);
  if (place < 0) return <NotFound />;
  const sum = SUMS.find((s) => s.key === key);
  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Scratch: a sum without a job</span>
      </TopBar>
      <div className="grid bench:grid-cols-[260px_minmax(0,1fr)]">
        <nav
          aria-label="Sums"
          className="border-line bg-bench-dark p-3 max-bench:border-b bench:min-h-[calc(100vh-56px)] bench:border-r"
        >
          <ul className="flex flex-wrap gap-1 bench:flex-col">
            {PAGES.map((p) => (
              <li key={p.key}>
                <NavLink
                  to={`/scratch/${p.key}`}
                  className={({ isActive }) =>
                    `flex min-h-11 items-center rounded-lg px-3 text-[16px] font-semibold ${
                      isActive || p.key === key ? "bg-ink text-white" : "hover:bg-bench"
                    }`
                  }
                >
                  {p.title}
                </NavLink>
              </li>
            ))}
          </ul>
        </nav>
        <main className="min-w-0 px-6 py-5">
          {sum === undefined ? <StringSets /> : <SumPanel key={sum.key} sum={sum} />}
        </main>
      </div>
      <Help open={help} onClose={() => setHelp(false)} title="Keys of Scratch" keys={KEYS} />
    </>
  );
}
