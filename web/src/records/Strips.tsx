import { path } from "d3-path";
import { dayOf, monthOf } from "./when";
import {
  HEIGHT,
  LEFT,
  RIGHT,
  skyShare,
  timeAxis,
  valueAxis,
  WIDTH,
  type InstrumentView,
  type Series,
} from "./strips";

type Time = ReturnType<typeof timeAxis>;

/** The words stand at the right of the picture. */
const PICTURE = "w-[calc(100%-13rem)] shrink-0";

/**
 * The figures over the years: one lamp-lit strip each, stacked on one axis of time. The band that was wanted is a veil, a value a tick as tall as its spread, open as
 * found and filled as left; what the season is expected to bring is dashed.
 */
export function Strips({
  page,
  job,
  onJob,
}: {
  page: InstrumentView;
  /** The visit that is told below. */
  job: number | null;
  onJob: (job: number) => void;
}) {
  const time = timeAxis(page);
  return (
    <div className="border-y border-line bg-gradient-to-b from-[#E9EEE8] to-lamp">
      {page.series.map((series) => (
        <Strip key={series.code} series={series} page={page} time={time} job={job} onJob={onJob} />
      ))}
      <div className={`relative h-8 text-[14px] text-mute ${PICTURE}`} aria-hidden="true">
        {time.ticks(5).map((tick) => (
          <span
            key={tick.getTime()}
            className="absolute top-0 -translate-x-1/2 border-t-[6px] border-ink/40 pt-0.5 whitespace-nowrap"
            style={{ left: `${String((100 * time(tick)) / WIDTH)}%` }}
          >
            {monthOf(tick)}
          </span>
        ))}
      </div>
    </div>
  );
}

function Strip({
  series,
  page,
  time,
  job,
  onJob,
}: {
  series: Series;
  page: InstrumentView;
  time: Time;
  job: number | null;
  onJob: (job: number) => void;
}) {
  const value = valueAxis(series);
  const last = series.points.at(-1);
  return (
    <div className="flex items-center border-b border-line">
      <svg
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
        className={`block ${PICTURE}`}
        role="img"
        aria-label={`${series.label}, ${series.method === "" ? series.suffix : series.method}: ${series.points
          .map((p) => `${p.left ? "left" : "found"} ${p.text}`)
          .join(", ")}`}
      >
        {page.air.map((a, i) => (
          <rect
            // two readings may be of one moment
            // oxlint-disable-next-line no-array-index-key
            key={`${a.at} ${String(i)}`}
            x={time(new Date(a.at)) - 5}
            y={HEIGHT - 4}
            width="10"
            height="4"
            fill="#3A4C9A"
            opacity={0.15 + 0.7 * skyShare(a.humidity)}
          >
            <title>{`${dayOf(a.at)}: ${a.text}`}</title>
          </rect>
        ))}
        {series.low !== undefined && series.high !== undefined && (
          <rect
            x={LEFT}
            width={WIDTH - LEFT - RIGHT}
            y={value(series.high)}
            height={Math.max(1, value(series.low) - value(series.high))}
            fill="#1C6B58"
            opacity="0.16"
          />
        )}
        <path d={line(series, time, value)} fill="none" stroke="#16201E" strokeWidth="1.5" />
        {series.points.map((p) => {
          const x = time(new Date(p.at)) + (p.left ? 4 : -4);
          const y = value(p.value);
          const spread = Math.max(4, Math.abs(value(p.value + p.sd) - y));
          const chosen = p.job === job;
          return (
            <g
              key={`${String(p.job)} ${p.left ? "left" : "found"}`}
              onPointerEnter={() => onJob(p.job)}
              onClick={() => onJob(p.job)}
            >
              <rect x={x - 12} y="0" width="24" height={HEIGHT} fill="transparent" />
              <line
                x1={x}
                x2={x}
                y1={y - spread}
                y2={y + spread}
                stroke="#16201E"
                strokeWidth="2"
              />
              <circle
                cx={x}
                cy={y}
                r={chosen ? 7 : 5}
                fill={p.left ? "#16201E" : "#FFF3C9"}
                stroke={chosen ? "#3A4C9A" : "#16201E"}
                strokeWidth={chosen ? 3 : 1.5}
                strokeDasharray={p.read ? undefined : "2 2"}
              />
            </g>
          );
        })}
        {series.forecast !== undefined && last !== undefined && (
          <g stroke="#3A4C9A" strokeWidth="2" strokeDasharray="6 5" fill="none">
            <line
              x1={time(new Date(last.at)) + 10}
              y1={value(last.value)}
              x2={time(new Date(series.forecast.at))}
              y2={value(series.forecast.value)}
            />
            <line
              x1={time(new Date(series.forecast.at))}
              x2={time(new Date(series.forecast.at))}
              y1={value(series.forecast.low)}
              y2={value(series.forecast.high)}
              strokeDasharray="none"
            />
          </g>
        )}
      </svg>
      <p className="min-w-0 flex-1 pr-2 text-[15px] leading-tight text-mute" aria-hidden="true">
        {series.label}
        <span className="block text-[19px] leading-snug font-bold text-ink">
          {last === undefined ? "not read" : last.text}
        </span>
        <span className={`block text-[14px] ${series.forecast === undefined ? "" : "text-indigo"}`}>
          {series.forecast?.text ??
            (series.bandText === undefined
              ? series.method
              : `wanted ${series.bandText} ${series.suffix}`)}
        </span>
      </p>
    </div>
  );
}

/** From visit to visit; what was done in the shop is a step, what happened in between a slope. */
function line(series: Series, time: Time, value: ReturnType<typeof valueAxis>): string {
  const drawn = path();
  series.points.forEach((p, i) => {
    const x = time(new Date(p.at)) + (p.left ? 4 : -4);
    if (i === 0) drawn.moveTo(x, value(p.value));
    else drawn.lineTo(x, value(p.value));
  });
  return drawn.toString();
}
