import { frostSlotOf, toDay } from "../dates/index";
import { mean, normalCdf, standardDeviation, weightedQuantiles, Z90 } from "../math/index";

import type { FrostEvent, FrostStatistics } from "./frost";

/** Chance by day of the frost year, by both methods. */
export interface FrostCurvePoint {
  slot: number;
  /** Share of all years: a frost still comes after this day (spring), or has come by it (autumn). */
  rank: number;
  normal: number;
}

function slotsOf(event: FrostEvent, latitudeDeg: number): number[] {
  return event.byYear.flatMap((iso) => (iso === null ? [] : [frostSlotOf(toDay(iso), latitudeDeg)]));
}

/**
 * The whole curve behind the dates: ranks count the years themselves at Weibull positions, the bell curve is fitted to their mean and
 * spread; both are shares of all years, those without frost included. Falls with the day in spring, rises with it in autumn.
 */
export function frostCurve(event: FrostEvent, which: "first" | "last", latitudeDeg: number): FrostCurvePoint[] {
  const slots = slotsOf(event, latitudeDeg).sort((a, b) => a - b);
  if (slots.length === 0 || event.years === 0) return [];
  const share = slots.length / event.years;
  const [centre, spread] = [mean(slots), slots.length > 1 ? standardDeviation(slots) : 0];
  const [from, to] = [slots[0] - 7, slots[slots.length - 1] + 7];
  return Array.from({ length: Math.round(to - from) + 1 }, (_, i): FrostCurvePoint => {
    const slot = Math.round(from) + i;
    const later = slots.filter((s) => s > slot).length;
    const byNow = slots.filter((s) => s <= slot).length;
    const rank = (which === "last" ? later : byNow) / (slots.length + 1);
    const z = spread > 0 ? (slot - centre) / spread : Math.sign(slot - centre) * 9;
    const below = normalCdf(z);
    return { slot, rank: share * rank, normal: share * (which === "last" ? 1 - below : below) };
  });
}

export interface FrostTrend {
  /** Days a decade; negative: earlier. */
  daysPerDecade: number;
  /** Half-width of its 80 % interval, days a decade. */
  plusMinus: number;
  years: number;
}

/** Fewest dated years a trend is drawn from. */
export const TREND_YEARS = 15;

/** Straight line through the dates by year (least squares); null where there are too few. */
export function frostTrend(event: FrostEvent, latitudeDeg: number): FrostTrend | null {
  const points = event.byYear.flatMap((iso, i) =>
    iso === null ? [] : [{ x: event.startYear[i], y: frostSlotOf(toDay(iso), latitudeDeg) }],
  );
  const n = points.length;
  if (n < TREND_YEARS) return null;
  const [mx, my] = [mean(points.map((p) => p.x)), mean(points.map((p) => p.y))];
  let [sxx, sxy] = [0, 0];
  for (const { x, y } of points) {
    sxx += (x - mx) ** 2;
    sxy += (x - mx) * (y - my);
  }
  const slope = sxy / sxx;
  const residual = points.reduce((sum, { x, y }) => sum + (y - my - slope * (x - mx)) ** 2, 0);
  return { daysPerDecade: 10 * slope, plusMinus: 10 * Z90 * Math.sqrt(residual / (n - 2) / sxx), years: n };
}

export interface FrostFreeSeason {
  years: number;
  /** Days between the last frost of spring and the first of the autumn after it. */
  p10: number;
  p50: number;
  p90: number;
}

/** Length of the time without frost; only summers between two dated frosts count. Null without three of them. */
export function frostFreeSeason({ first, last }: FrostStatistics): FrostFreeSeason | null {
  const autumnOf = new Map(first.startYear.map((year, i) => [year, first.byYear[i]]));
  const lengths = last.startYear.flatMap((year, i) => {
    const [spring, autumn] = [last.byYear[i], autumnOf.get(year + 1)];
    return spring === null || autumn === undefined || autumn === null ? [] : [toDay(autumn) - toDay(spring) - 1];
  });
  if (lengths.length < 3) return null;
  const [p10, p50, p90] = weightedQuantiles(
    lengths,
    lengths.map(() => 1),
    [0.1, 0.5, 0.9],
  );
  return { years: lengths.length, p10, p50, p90 };
}
