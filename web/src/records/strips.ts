import { scaleLinear, scaleTime } from "d3-scale";
import type { Schemas } from "../app/api";

export type InstrumentView = Schemas["InstrumentPage"];
export type Series = Schemas["SeriesView"];

export const WIDTH = 960;
export const HEIGHT = 104;
export const LEFT = 14;
export const RIGHT = 14;
const TOP = 16;
const BOTTOM = 14;
/** Even visits of one day are drawn apart. */
const HALF_YEAR_MS = 182 * 86_400_000;

/** One time axis for all strips. */
export function timeAxis(page: InstrumentView) {
  const times = [
    ...page.visits.filter((v) => !v.broken).flatMap((v) => [v.at, v.leftAt]),
    page.now,
    ...page.series.flatMap((s) => (s.forecast === undefined ? [] : [s.forecast.at])),
  ].map((t) => new Date(t).getTime());
  const last = Math.max(...times);
  const first = Math.min(Math.min(...times), last - HALF_YEAR_MS);
  return scaleTime([new Date(first), new Date(last)], [LEFT + 20, WIDTH - RIGHT - 6]);
}

/** The scale of one strip: all its values, its band and its forecast with room above and below. */
export function valueAxis(series: Series) {
  const all = [
    ...series.points.flatMap((p) => [p.value - p.sd, p.value + p.sd]),
    ...(series.low === undefined ? [] : [series.low]),
    ...(series.high === undefined ? [] : [series.high]),
    ...(series.forecast === undefined ? [] : [series.forecast.low, series.forecast.high]),
  ];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const room = Math.max((high - low) * 0.1, 0.01);
  return scaleLinear([low - room, high + room], [HEIGHT - BOTTOM, TOP]);
}

/** The relative humidity behind the strips, as a share of what air holds from dry to wet. */
export function skyShare(humidity: number): number {
  return Math.min(1, Math.max(0, (humidity - 20) / 60));
}
