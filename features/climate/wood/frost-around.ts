import { dailyCurve, type Site } from "@/core/climate/index";
import { type DayNumber, slotOf } from "@/core/dates/index";
import { Z90 } from "@/core/math/index";

/** Minima beside the wood: those on record, the forecast's, and the night that is colder in one year of ten. */
export function minimaAround(site: Site, from: DayNumber, length: number, stepDays: number) {
  const [mean, sd] = [dailyCurve(site.normals.tminC), dailyCurve(site.normals.tminSdC)];
  const run = site.observed;
  const coldNight: number[] = [];
  const recorded: (number | null)[] = [];
  for (let k = 0; k < length; k += stepDays) {
    const slot = slotOf(from + k);
    coldNight.push(Math.round(10 * (mean[slot] - Z90 * sd[slot])) / 10);
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
