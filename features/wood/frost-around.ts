import { calendarSlot, dailyCurve, SEASON_DAYS, SEASON_LEAD_DAYS, type Site } from "@/core/climate/index";
import { type DayNumber, frostSlotOf, slotOf } from "@/core/dates/index";
import { normalQuantile } from "@/core/math/index";

/** Index into a season's slice of the day by which the first autumn frost at a threshold has come in one year of ten. */
export function firstFrostDay(site: Site, startDay: DayNumber, thresholdC: number): number | null {
  const slot = site.frost(thresholdC).first.preferred[0.1];
  if (slot === null) return null;
  const wanted = calendarSlot(slot, site.latitudeDeg);
  for (let i = SEASON_LEAD_DAYS + 182; i < SEASON_DAYS; i++)
    if (calendarSlot(frostSlotOf(startDay + i, site.latitudeDeg), site.latitudeDeg) === wanted) return i;
  return null;
}

const ONE_IN_TEN = normalQuantile(0.1);

/** Minima beside the wood: those on record, the forecast's, and the night that is colder in one year of ten. */
export function minimaAround(site: Site, from: DayNumber, length: number, stepDays: number) {
  const [mean, sd] = [dailyCurve(site.normals.tminC), dailyCurve(site.normals.tminSdC)];
  const run = site.observed;
  const coldNight: number[] = [];
  const recorded: (number | null)[] = [];
  for (let k = 0; k < length; k += stepDays) {
    const slot = slotOf(from + k);
    coldNight.push(Math.round(10 * (mean[slot] + ONE_IN_TEN * sd[slot])) / 10);
    // The colder of the nights a step stands for.
    let low: number | null = null;
    for (let d = 0; d < stepDays; d++) {
      const i = run ? from + k + d - run.startDay : -1;
      if (run && i >= 0 && i < run.tminC.length) low = Math.min(low ?? Infinity, run.tminC[i]);
    }
    recorded.push(low === null ? null : Math.round(10 * low) / 10);
  }
  return { coldNight, recorded };
}
