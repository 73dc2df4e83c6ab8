import { type PlaceKind, type Site, RUN_IN_DAYS } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import {
  type AirFit,
  learnAir,
  type LearnedAir,
  type OutsideHours,
  USUAL_SHELTER,
  weatherHours,
} from "@/core/place/index";
import { airOf, type PlaceBuild, UNKNOWN_BUILD } from "@/core/winter/index";
import type { LoggerHour } from "@/formats/logger-csv";

/** A fit with the type it was made for. */
export type LearnedFit = Omit<AirFit, "air"> & { air: LearnedAir };

/** A year of hours says what a place is like; more of them only cost time. */
const MOST_DAYS = 400;

/** Hours by which the sun is ahead of the site's clock, whole hours: the weather of a place is calculated by the sun. */
export function sunAheadH(toLocal: (utc: Date) => string, longitudeDeg: number, day: string): number {
  const noon = toLocal(new Date(`${day}T12:00:00Z`));
  const clockH = Number(noon.slice(11, 13)) + Number(noon.slice(14, 16)) / 60 + (noon.slice(0, 10) > day ? 24 : 0);
  return Math.round(12 + longitudeDeg / 15 - clockH) || 0;
}

/**
 * How a place's air follows the air outside, learned from the hours read there beside the site's record. Null with too few of
 * them, or where its type follows at once.
 */
export function airFitOf(
  hours: readonly LoggerHour[],
  site: Site,
  place: { kind: PlaceKind; build?: PlaceBuild | null },
  clock: { toLocal: (utc: Date) => string; longitudeDeg: number },
): LearnedFit | null {
  const run = site.observed;
  if (!run || hours.length === 0) return null;
  const end = run.startDay + run.tminC.length;
  const dayOf = (h: LoggerHour) => toDay(h.hour.slice(0, 10));
  // A file of last winter may come in after this winter's.
  const [oldest, newest] = hours.reduce(
    ([a, b], h) => [Math.min(a, dayOf(h)), Math.max(b, dayOf(h))],
    [Infinity, -Infinity],
  );
  const last = Math.min(end, newest + 1);
  const first = Math.max(run.startDay, oldest - RUN_IN_DAYS, last - MOST_DAYS);
  if (last - first < RUN_IN_DAYS) return null;
  const cut = (values: Float32Array) => values.subarray(first - run.startDay, last - run.startDay);
  const outside: OutsideHours = weatherHours(site.latitudeDeg, {
    startDay: first,
    tminC: cut(run.tminC),
    tmaxC: cut(run.tmaxC),
    solarMJ: cut(run.solarMJ),
    rainMm: cut(run.rainMm),
    windMs: cut(run.windMs),
  });
  const ahead = new Map<string, number>();
  const readC = new Float64Array(outside.airC.length).fill(NaN);
  for (const h of hours) {
    const day = dayOf(h);
    const date = h.hour.slice(0, 10);
    if (!ahead.has(date)) ahead.set(date, sunAheadH(clock.toLocal, clock.longitudeDeg, date));
    const i = 24 * (day - first) + Number(h.hour.slice(11, 13)) + ahead.get(date)!;
    if (i >= 0 && i < readC.length) readC[i] = h.meanC;
  }
  const fit = learnAir(outside, readC, airOf(place.kind, place.build ?? UNKNOWN_BUILD, null).air);
  return fit && { ...fit, air: { ...fit.air, as: place.build?.shelter ?? USUAL_SHELTER[place.kind] } };
}
