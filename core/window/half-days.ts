import type { ForecastNight } from "../climate/index";
import type { DayNumber } from "../dates/index";
import { clamp, normalCdf } from "../math/index";
import type { Profile } from "../species/index";
import { HEAT_C } from "./slice-facts";
import type { OperationNeeds } from "./operations";

export const HALVES = ["morning", "evening"] as const;
export type Half = (typeof HALVES)[number];

export const HALF_DAY_REASONS = ["good", "heat", "frost", "wind", "rain"] as const;
export type HalfDayReason = (typeof HALF_DAY_REASONS)[number];

/** One half of a day ahead, by the forecast. */
export interface HalfDay {
  day: DayNumber;
  half: Half;
  tempC: number;
  /** Standard error of that temperature, K. */
  errorC: number;
  windMs: number | null;
  rainMm: number | null;
  suitability: number;
  /** What holds it back most; "good" where nothing does. */
  reason: HalfDayReason;
  /** Rain within a day after it waters the tree in. */
  rainAfter: boolean;
}

/** The morning and the evening lie this far from the night towards the day's highest: from the usual daily course, our judgement (L). */
const HALF_SHARE: Record<Half, number> = { morning: 0.4, evening: 0.7 };
/** Wind is bad for fresh crowns above the first, m/s, impossible at the second. */
const WIND_MS = [8, 14] as const;
/** More rain than this in a day makes mud of the bench, mm; half of it is welcome. */
const RAIN_MM = [12, 30] as const;
const WELCOME_RAIN_MM = 2;
/** A morning after a night below this is begun late, bared roots stay in. */
const FROST_C = -2;

/** The halves of the days ahead judged for one work: heat, frost, wind and rain by the forecast, each with its error. */
export function halfDays(nights: readonly ForecastNight[], profile: Profile, needs: OperationNeeds): HalfDay[] {
  return nights.flatMap((night, i) =>
    HALVES.map((half): HalfDay => {
      const tempC = night.tminC + HALF_SHARE[half] * (night.tmaxC - night.tminC);
      const errorC = (night.minErrorC + night.maxErrorC) / 2;
      const [from, none] = profile.warmClimate ? HEAT_C.warm : HEAT_C.temperate;
      const heat = clamp((none - tempC) / (none - from), 0, 1);
      const frost = half === "morning" ? 1 - normalCdf((FROST_C - night.tminC) / night.minErrorC) : 1;
      const wind = night.windMs === null ? 1 : clamp((WIND_MS[1] - night.windMs) / (WIND_MS[1] - WIND_MS[0]), 0, 1);
      const rain = night.rainMm === null ? 1 : clamp((RAIN_MM[1] - night.rainMm) / (RAIN_MM[1] - RAIN_MM[0]), 0, 1);
      const next = nights[i + 1];
      const factors: [HalfDayReason, number][] = [
        ["heat", heat],
        ["frost", frost],
        ["wind", needs.lifted || needs.crown ? wind : 1],
        ["rain", rain],
      ];
      let [reason, suitability]: [HalfDayReason, number] = ["good", 1];
      for (const [name, value] of factors) if (value < suitability - 1e-9) [reason, suitability] = [name, value];
      const rainAfter =
        (half === "evening" && (night.rainMm ?? 0) >= WELCOME_RAIN_MM) || (next?.rainMm ?? 0) >= WELCOME_RAIN_MM;
      return {
        day: night.day,
        half,
        tempC,
        errorC,
        windMs: night.windMs,
        rainMm: night.rainMm,
        suitability,
        reason: suitability > 0.95 ? "good" : reason,
        rainAfter,
      };
    }),
  );
}

/** The best of them first: by suitability, then with rain to follow, then the cooler, then the sooner. */
export function bestHalfDays(halves: readonly HalfDay[], most = 3): HalfDay[] {
  const step = (v: number) => Math.round(20 * v);
  return halves
    .filter((h) => h.suitability >= 0.5)
    .sort(
      (a, b) =>
        step(b.suitability) - step(a.suitability) ||
        Number(b.rainAfter) - Number(a.rainAfter) ||
        Math.round(a.tempC - b.tempC) ||
        a.day - b.day,
    )
    .slice(0, most);
}
