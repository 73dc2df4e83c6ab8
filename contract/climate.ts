import { wrong } from "./faults";
import { z } from "zod";
import { MOST_BYTES } from "./limits";
import { extremesSaidSchema, normalsSaidSchema, placeClimateSchema } from "@/core/climate/index";
import { parseIso } from "@/core/dates/index";
import { contract } from "./contract";

export const weatherOptions = z.object({
  unit: z.enum(["auto", "C", "F"]).default("auto"),
  dateOrder: z.enum(["auto", "dmy", "mdy"]).default("auto"),
});

/** A date of the site or a tree before and after a record came in. */
const movedDate = z.object({
  what: z.string(),
  before: z.string().nullable(),
  after: z.string().nullable(),
  /** Later (+) or earlier (−), days. */ days: z.number().nullable(),
});
export type MovedDate = z.output<typeof movedDate>;

/** All good lines of a file, or nothing. Answers what moved because of it. */
export const importWeather = contract(
  "import-weather",
  z.object({
    fileName: z.string().max(200),
    text: z.string().max(MOST_BYTES.weather),
    options: weatherOptions,
    /** Height of the station, where its file does not say it. */
    elevationM: z.number().min(-450).max(6000).nullable().optional(),
  }),
  z.object({ sourceId: z.uuid(), goodDays: z.number(), moved: z.array(movedDate) }),
);

/** Overlapping records in the order of trust; some may be set aside. */
export const rankWeather = contract(
  "rank-weather",
  z.object({ order: z.array(z.uuid()).min(1).max(200), leftOut: z.array(z.uuid()).max(200) }),
  z.object({}),
);

const knownDay = z
  .string()
  .regex(/^\d{2}-\d{2}$/, wrong("not-a-day-of-the-year"))
  .refine((text) => parseIso(`2004-${text}`) !== null, wrong("not-a-day-of-the-year"))
  .nullable();

/** What the grower knows of the site's climate: a table of monthly means, the neighbourhood's frost days, the year's usual ends. */
export const sayClimate = contract(
  "say-climate",
  z
    .object({
      normals: normalsSaidSchema.nullable(),
      frost: z.object({ last: knownDay, first: knownDay }).nullable(),
      extremes: extremesSaidSchema.nullable().optional(),
    })
    .superRefine((v, issue) => {
      v.normals?.tminC.forEach((low, m) => {
        if (low > v.normals!.tmaxC[m])
          issue.addIssue({
            code: "custom",
            path: ["normals", "tminC", m],
            message: wrong("lows-above-highs").error,
          });
      });
    }),
  z.object({}),
);

/** A place's nights against the site's, as the grower knows them; null: as the site's. */
export const setPlaceClimate = contract(
  "set-place-climate",
  z.object({ placeId: z.uuid(), climate: placeClimateSchema.nullable() }),
  z.object({ placeId: z.uuid() }),
);

/** How many readings were kept, and whether they were enough to learn from. */
const readingsKept = z.object({ readings: z.number(), learned: z.boolean() });

export const importLogger = contract(
  "import-logger",
  z.object({
    placeId: z.uuid(),
    fileName: z.string().max(200),
    text: z.string().max(MOST_BYTES.weather),
    options: weatherOptions,
  }),
  readingsKept,
);

/** Asks the logger of a place for what it read since it was last asked. */
export const pollLogger = contract("poll-logger", z.object({ placeId: z.uuid() }), readingsKept);

/** Tell me when a night like this is forecast. */
export const setAlarm = contract(
  "set-alarm",
  z.object({
    alarmId: z.uuid(),
    name: z.string().trim().min(1, wrong("alert-name-needed")).max(80),
    thresholdC: z.number().min(-40).max(30),
    chance: z.number().min(0.05).max(0.95),
    placeId: z.uuid().nullable(),
    gone: z.boolean().default(false),
  }),
  z.object({ alarmId: z.uuid() }),
);
