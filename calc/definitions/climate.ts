import { z } from "zod";
import {
  answerFaults,
  answersSchema,
  calendarSlot,
  chanceBelow,
  chillOf,
  daylengthHours,
  degreeDays,
  extraterrestrialMJ,
  fitPlace,
  forecastErrorC,
  FROST_RISKS,
  type FrostEvent,
  frostStatistics,
  hourlyTemperatures,
  LEAST_NIGHTS,
  referenceEvaporationMm,
  type RiskDates,
} from "@/core/climate/index";
import { fault } from "@/contract/faults";
import { siteNormals } from "@/core/atlas/index";
import { faultWords } from "@/words/faults";
import { dayOfYear, monthDayOfSlot, toDay } from "@/core/dates/index";
import { isoDate } from "@/core/event/index";
import { CalcProblem, define } from "../definition";

const latitudeDeg = z.number().min(-90).max(90);

/** Days in any order to an array without holes: missing ones are NaN. */
function minimaOf(days: readonly (readonly [string, number])[]) {
  const numbered = days.map(([date, tminC]) => [toDay(date), tminC] as const);
  let [first, last] = [Infinity, -Infinity];
  for (const [day] of numbered) [first, last] = [Math.min(first, day), Math.max(last, day)];
  const tminC = new Float64Array(last - first + 1).fill(NaN);
  for (const [day, value] of numbered) tminC[day - first] = value;
  return { startDay: first, tminC };
}

function riskTable(dates: RiskDates, latitude: number): Record<string, string | null> {
  return Object.fromEntries(
    FROST_RISKS.map((risk) => {
      const slot = dates[risk];
      return [`p${Math.round(risk * 100)}`, slot === null ? null : monthDayOfSlot(calendarSlot(slot, latitude))];
    }),
  );
}

export const climateCalculations = [
  define(
    "site.normals",
    "Monthly normals of a place from the atlas, pulled by what its grower says",
    z.strictObject({
      latitudeDeg,
      longitudeDeg: z.number().min(-180).max(180),
      elevationM: z.number().min(-450).max(6000),
      answers: answersSchema.omit({ latitudeDeg: true, longitudeDeg: true, elevationM: true }).default({}),
      /** Places of the atlas nearer than this are passed over: for trying it out. */
      leaveOutKm: z.number().min(0).max(1000).default(0),
    }),
    ({ answers, leaveOutKm, ...place }) => {
      const said = { ...place, ...answers };
      const faults = answerFaults(said);
      if (faults.length > 0)
        return new CalcProblem(
          `answers.${faults[0].field}`,
          faultWords(fault(faults[0].field, faults[0].code), "metric"),
        );
      const { normals, prior, moved } = siteNormals(said, undefined, leaveOutKm);
      return {
        tminC: normals.tminC,
        tmaxC: normals.tmaxC,
        rainMm: normals.rainMm,
        basis: Object.keys(answers).length > 0 ? "answers" : "atlas",
        errorC: prior.errorC,
        moved,
        nearest: prior.nearest,
      };
    },
  ),
  define("climate.daylength", "Hours of daylight", z.strictObject({ latitudeDeg, date: isoDate }), (v) => ({
    hours: daylengthHours(v.latitudeDeg, dayOfYear(toDay(v.date))),
  })),
  define(
    "climate.radiation",
    "Radiation at the top of the atmosphere",
    z.strictObject({ latitudeDeg, date: isoDate }),
    (v) => ({
      extraterrestrialMJ: extraterrestrialMJ(v.latitudeDeg, dayOfYear(toDay(v.date))),
    }),
  ),
  define(
    "climate.evaporation",
    "Reference evaporation from temperatures and radiation",
    z.strictObject({ tminC: z.number(), tmaxC: z.number(), extraterrestrialMJ: z.number().min(0) }),
    (v) => {
      if (v.tmaxC < v.tminC) return new CalcProblem("tmaxC", "The maximum lies below the minimum.");
      return { et0Mm: referenceEvaporationMm(v.tminC, v.tmaxC, v.extraterrestrialMJ) };
    },
  ),
  define(
    "climate.degreeDays",
    "Degree-days of a day by single sine",
    z.strictObject({ tminC: z.number(), tmaxC: z.number(), baseC: z.number(), upperC: z.number().optional() }),
    (v) => {
      if (v.tmaxC < v.tminC) return new CalcProblem("tmaxC", "The maximum lies below the minimum.");
      return { degreeDays: degreeDays(v.tminC, v.tmaxC, v.baseC, v.upperC) };
    },
  ),
  define(
    "climate.hourly",
    "Hourly temperatures from daily extremes",
    z.strictObject({
      latitudeDeg,
      startDate: isoDate,
      days: z
        .array(z.tuple([z.number(), z.number()]))
        .min(1)
        .max(40_000),
    }),
    (v) => ({
      hourlyC: Array.from(
        hourlyTemperatures(
          v.latitudeDeg,
          toDay(v.startDate),
          v.days.map((d) => d[0]),
          v.days.map((d) => d[1]),
        ),
      ),
    }),
  ),
  define(
    "climate.chill",
    "Winter cold in three units",
    z.strictObject({ hourlyC: z.array(z.number()).min(1).max(1_000_000) }),
    (v) => chillOf(v.hourlyC),
  ),
  define(
    "climate.frost",
    "First and last frosts at a threshold, by two methods",
    z.strictObject({
      latitudeDeg,
      days: z
        .array(z.tuple([isoDate, z.number()]))
        .min(1)
        .max(80_000),
      thresholdC: z.number(),
      offsetC: z.number().optional(),
    }),
    (v) => {
      const { startDay, tminC } = minimaOf(v.days);
      const statistics = frostStatistics(v.latitudeDeg, startDay, tminC, v.thresholdC, v.offsetC ?? 0);
      const side = (event: FrostEvent) => ({
        years: event.years,
        withFrost: event.withFrost,
        byYear: event.byYear,
        startYear: event.startYear,
        rankMonthDay: riskTable(event.rank, v.latitudeDeg),
        normalMonthDay: riskTable(event.normal, v.latitudeDeg),
        plusMinusDays: event.plusMinusDays,
      });
      return { first: side(statistics.first), last: side(statistics.last), allYear: statistics.allYear };
    },
  ),
  define(
    "climate.place",
    "A place's nights learned from nights read there and at the site",
    z.strictObject({ nights: z.array(z.tuple([z.number(), z.number()])).max(20_000) }),
    (v) => {
      const fit = fitPlace(v.nights.map(([siteC, placeC], day) => ({ day, siteC, placeC })));
      if (!fit) return new CalcProblem("nights", `At least ${LEAST_NIGHTS} nights, [site °C, place °C] each.`);
      const { climate, nights, offsetSeC, dampingSe, residualC } = fit;
      return { ...climate, nights, offsetSeC, dampingSe, residualC };
    },
  ),
  define(
    "climate.forecastError",
    "Standard error of a forecast temperature, and the chance of a night at or below a threshold",
    z.strictObject({
      leadDays: z.number().int().min(1).max(60),
      climateSdC: z.number().positive(),
      forecastC: z.number().optional(),
      thresholdC: z.number().optional(),
    }),
    (v) => {
      const errorC = forecastErrorC(v.leadDays, v.climateSdC);
      return v.forecastC === undefined || v.thresholdC === undefined
        ? { errorC }
        : { errorC, chance: chanceBelow(v.thresholdC, v.forecastC, errorC) };
    },
  ),
];
