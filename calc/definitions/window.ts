import { z } from "zod";
import { type DailyRecord, normalsFromRecord, PLACE_KINDS } from "@/core/climate/index";
import { seasonOf, toDay, toIso } from "@/core/dates/index";
import { isoDate } from "@/core/event/index";
import { kindOf, openYard } from "@/model/index";
import { kindById, sortNamed } from "@/core/species/index";
import {
  type Limit,
  openPeriods,
  OPERATION_NAMES,
  operationOf,
  suitabilityOn,
  windowSeries,
} from "@/core/window/index";
import { HABITS } from "@/core/wood/index";
import { CalcProblem, define } from "../definition";

/** The generator's seed for years this calculation makes: fixed, so that the same input always answers the same. */
const SEED = 1;

export const windowCalculations = [
  define(
    "window.find",
    "Days on which work on a tree is open, and what closes the others",
    z
      .strictObject({
        latitudeDeg: z.number().min(-90).max(90),
        habit: z.enum(HABITS).optional(),
        species: z.string().max(60).optional(),
        weather: z
          .array(z.tuple([isoDate, z.number(), z.number()]))
          .min(365)
          .max(80_000),
        from: isoDate,
        to: isoDate,
        operations: z.array(z.enum(OPERATION_NAMES)).min(1),
        risk: z.number().min(0.01).max(0.49).default(0.1),
        place: z
          .object({
            offsetC: z.number().min(-15).max(15).optional(),
            sheltered: z.boolean().optional(),
            /** What the place is like: its days and nights are worked out by that, assumed. */
            kind: z.enum(PLACE_KINDS).optional(),
          })
          .optional(),
      })
      .refine((v) => (v.habit === undefined) !== (v.species === undefined), {
        path: ["habit"],
        error: "Give either habit or species.",
      }),
    (v) => {
      const kindId =
        v.species === undefined ? null : kindById(v.species) ? v.species : (sortNamed(v.species)?.kindId ?? null);
      if (v.species !== undefined && kindId === null)
        return new CalcProblem("species", "This kind is not in the library: give a habit.");
      const [from, to] = [toDay(v.from), toDay(v.to)];
      if (to < from) return new CalcProblem("to", "The end lies before the beginning.");
      if (to - from > 3660) return new CalcProblem("to", "Ask for ten years at most.");
      const record = recordOf(v.weather, v.place?.offsetC ?? 0);
      const normals = normalsFromRecord(record);
      if (!normals) return new CalcProblem("weather", "Every calendar month needs at least twenty days of readings.");
      // The weather given is what the years are like, not a record of the days asked about: windows answer by its climate.
      const today = record.startDay - 1;
      const place = { id: "place", name: "", kind: v.place?.kind ?? "open" };
      const yard = openYard(
        { records: { trees: [], lots: [], places: [place], events: [] }, risk: v.risk },
        {
          key: "asked",
          input: { latitudeDeg: v.latitudeDeg, normals, record, today, seed: SEED, historyFrom: today - 30 },
        },
        { today: toIso(today) },
      );
      const site = yard.places.at(place.id);
      const profile = kindOf({ kindId, typedName: null, habit: v.habit ?? null });
      const options = { risk: v.risk, sheltered: v.place?.sheltered ?? false };
      const [first, last] = [seasonOf(from, v.latitudeDeg) - 1, seasonOf(to, v.latitudeDeg) + 1];
      const byDay: {
        date: string;
        operation: string;
        suitability: number;
        limiting: string;
        safe: number;
        detail?: string;
      }[] = [];
      const periods: { operation: string; from: string; to: string; limiting: string; detail?: string }[] = [];
      for (const operation of v.operations) {
        const series = windowSeries(site, profile, operationOf(operation), first, last, options);
        for (let day = from; day <= to; day++) {
          const at = suitabilityOn(series, day)!;
          byDay.push({ date: toIso(day), operation, ...at, ...limitOf(at.limiting) });
        }
        for (const p of openPeriods(series, from, to)) {
          periods.push({ operation, from: toIso(p.from), to: toIso(p.to), ...limitOf(p.closedBy) });
        }
      }
      return { byDay, periods };
    },
  ),
];

/** Published names of what closes a day; what we tell apart further stands beside them. */
const PUBLISHED: Partial<Record<Limit, string>> = {
  season: "root-warmth",
  sap: "flush",
  share: "recovery",
};

function limitOf(limit: Limit): { limiting: string; detail?: string } {
  const published = PUBLISHED[limit];
  return published ? { limiting: published, detail: limit } : { limiting: limit };
}

function recordOf(weather: readonly (readonly [string, number, number])[], offsetC: number): DailyRecord {
  const days = weather.map(([date]) => toDay(date));
  const startDay = days.reduce((a, b) => Math.min(a, b));
  const length = days.reduce((a, b) => Math.max(a, b)) - startDay + 1;
  const empty = () => new Float32Array(length).fill(NaN);
  const record: DailyRecord = {
    startDay,
    tminC: empty(),
    tmaxC: empty(),
    solarMJ: empty(),
    rainMm: empty(),
    windMs: empty(),
  };
  weather.forEach(([, tmin, tmax], i) => {
    record.tminC[days[i] - startDay] = tmin + offsetC;
    record.tmaxC[days[i] - startDay] = tmax;
  });
  return record;
}
