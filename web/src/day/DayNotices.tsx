import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link, useLocation } from "react-router";
import { answer, api } from "../app/api";
import { shortName } from "./useDay";
import { chime, wantsNotice, wantsSound } from "./wishes";

const SEEN = "barytone.notices.seen";

function seenBefore(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(SEEN) ?? "[]");
    return Array.isArray(kept) ? kept.filter((key) => typeof key === "string") : [];
  } catch {
    return [];
  }
}

/** What came to its end elsewhere, in the bar on top: it moves nothing, covers nothing, and takes no key. */
export function DayNotices() {
  const [seen, setSeen] = useState(seenBefore);
  const announced = useRef(new Set(seen));
  const first = useRef(true);
  const here = useLocation().pathname;
  const notices = useQuery({
    queryKey: ["notices"],
    queryFn: () => answer(api.GET("/api/notices")),
    refetchInterval: 10_000,
    // who wants to hear of it hears of it while another window is seen
    refetchIntervalInBackground: wantsSound() || wantsNotice(),
    retry: false,
  });
  const news = (notices.data ?? []).filter(
    (n) => !seen.includes(n.key) && here !== `/jobs/${String(n.job)}`,
  );
  useEffect(() => {
    if (notices.data === undefined) return;
    const fresh = notices.data.filter((n) => !announced.current.has(n.key));
    fresh.forEach((n) => announced.current.add(n.key));
    // what was over before this page was opened is no news to the ear
    if (first.current) {
      first.current = false;
      return;
    }
    const [one] = fresh;
    if (one === undefined) return;
    if (wantsSound()) chime();
    if (wantsNotice() && document.hidden)
      void new Notification(one.instrument, { body: one.text, tag: one.key });
  }, [notices.data]);
  const [one] = news;
  if (one === undefined) return null;
  const done = () => {
    const next = [...seen, one.key].slice(-200);
    localStorage.setItem(SEEN, JSON.stringify(next));
    setSeen(next);
  };
  return (
    <span
      role="status"
      data-testid="notice"
      className="flex max-w-full min-w-0 items-center rounded-md bg-[#2A3733] pl-3 text-[15px] text-lamp"
    >
      <Link
        to={`/jobs/${String(one.job)}`}
        onClick={done}
        className="flex min-h-9 min-w-0 items-center"
        title={`${one.instrument}: ${one.text}`}
      >
        <span className="truncate">
          <strong>{shortName(one.instrument)}</strong>: {one.text}
          {news.length > 1 && `, and ${String(news.length - 1)} more`}
        </span>
      </Link>
      <button
        type="button"
        aria-label="Seen"
        onClick={done}
        className="min-h-9 min-w-9 text-[17px] hover:text-white"
      >
        ✓
      </button>
    </span>
  );
}
