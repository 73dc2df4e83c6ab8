import { z } from "zod";
import { LEAST_HOURS_OF_DAY, MJ_PER_WH } from "@/core/climate/index";
import type { ServiceDay } from "./source";

/** What is asked for of each hour, as services of this format spell it. */
export const HOURLY = {
  tempC: "temperature_2m",
  rainMm: "precipitation",
  windMs: "wind_speed_10m",
  solarWm2: "shortwave_radiation",
} as const;
export const HOURLY_UNITS: Record<string, string> = {
  [HOURLY.tempC]: "°C",
  [HOURLY.rainMm]: "mm",
  [HOURLY.windMs]: "m/s",
  [HOURLY.solarWm2]: "W/m²",
};

const values = z.array(z.number().nullable());
export const hourlySchema = z.object({
  time: z.array(z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/)),
  [HOURLY.tempC]: values,
  [HOURLY.rainMm]: values.optional(),
  [HOURLY.windMs]: values.optional(),
  [HOURLY.solarWm2]: values.optional(),
});

/** Wind at two metres from ten (FAO-56 eq. 47). */
export const AT_TWO_METRES = 0.748;

/** Days from a series of hours at the site's own clock: lowest, highest, sums, the mean of the wind. */
export function daysOfHours(hourly: z.infer<typeof hourlySchema>): Map<string, ServiceDay> {
  const byDate = new Map<string, number[]>();
  hourly.time.forEach((time, i) => {
    const date = time.slice(0, 10);
    byDate.set(date, [...(byDate.get(date) ?? []), i]);
  });
  const days = new Map<string, ServiceDay>();
  for (const [date, hours] of byDate) {
    const known = (column: readonly (number | null)[] | undefined) => {
      const there = hours.map((i) => column?.[i]).filter((v): v is number => typeof v === "number");
      return there.length >= LEAST_HOURS_OF_DAY ? there : null;
    };
    const sum = (of: number[]) => of.reduce((a, b) => a + b, 0);
    const temperatures = known(hourly[HOURLY.tempC]);
    if (!temperatures) continue;
    const [rain, wind, sun] = [HOURLY.rainMm, HOURLY.windMs, HOURLY.solarWm2].map((name) => known(hourly[name]));
    days.set(date, {
      date,
      tminC: Math.min(...temperatures),
      tmaxC: Math.max(...temperatures),
      rainMm: rain && sum(rain),
      windMs: wind && (sum(wind) / wind.length) * AT_TWO_METRES,
      solarMJ: sun && sum(sun) * MJ_PER_WH,
    });
  }
  return days;
}
