import { z } from "zod";
import { getJson, type Outside } from "./guarded-get";
import { AT_TWO_METRES, daysOfHours, HOURLY, HOURLY_UNITS, hourlySchema } from "./public-hours";
import { type ForecastAnswer, type ForecastSource, type ServiceDay, ServiceRefusal } from "./source";

/** What is asked for of each day, as services of this format spell it. */
const DAILY = {
  tmaxC: "temperature_2m_max",
  tminC: "temperature_2m_min",
  rainMm: "precipitation_sum",
  windMs: "wind_speed_10m_max",
  solarMJ: "shortwave_radiation_sum",
} as const;
const UNITS: Record<string, string> = {
  [DAILY.tmaxC]: "°C",
  [DAILY.tminC]: "°C",
  [DAILY.rainMm]: "mm",
  [DAILY.windMs]: "m/s",
  [DAILY.solarMJ]: "MJ/m²",
};

/** A day's mean wind from the strongest of it, where its hours are not known (L). */
const MEAN_OF_STRONGEST = 0.6;

const values = z.array(z.number().nullable());
const answerSchema = z.object({
  hourly_units: z.record(z.string(), z.string()).optional(),
  hourly: hourlySchema.optional(),
  daily_units: z.record(z.string(), z.string()).default({}),
  daily: z
    .object({
      time: z.array(z.iso.date()).min(1),
      [DAILY.tmaxC]: values,
      [DAILY.tminC]: values,
      [DAILY.rainMm]: values.optional(),
      [DAILY.windMs]: values.optional(),
      [DAILY.solarMJ]: values.optional(),
    })
    .optional(),
});

/** Coordinates leave this machine no finer than this, degrees: about a kilometre. */
const COARSE_DEG = 0.01;
const coarse = (degrees: number) => (Math.round(degrees / COARSE_DEG) * COARSE_DEG).toFixed(2);

/**
 * The address a public keyless JSON service is asked at: coordinates to a hundredth of a degree, height to ten metres, ten days, metric
 * units, and nothing else.
 * @example publicAddress("https://weather.example/v1/forecast", { latitudeDeg: 47.3769, longitudeDeg: 8.5417, elevationM: 443, days: 10 }).searchParams.get("latitude") // "47.38"
 */
export function publicAddress(
  base: string,
  site: { latitudeDeg: number; longitudeDeg: number; elevationM: number; days: number; pastDays?: number },
): URL {
  const url = new URL(base);
  const asked = {
    latitude: coarse(site.latitudeDeg),
    longitude: coarse(site.longitudeDeg),
    elevation: String(Math.round(site.elevationM / 10) * 10),
    daily: Object.values(DAILY).join(","),
    hourly: Object.values(HOURLY).join(","),
    forecast_days: String(site.days),
    ...(site.pastDays === undefined ? {} : { past_days: String(site.pastDays) }),
    timezone: "auto",
    temperature_unit: "celsius",
    wind_speed_unit: "ms",
    precipitation_unit: "mm",
  };
  for (const [name, value] of Object.entries(asked)) url.searchParams.set(name, value);
  return url;
}

/** Columns in other units than those asked for are no weather. */
function inUnits(series: object, units: Record<string, string>, asked: Record<string, string>): void {
  for (const [name, unit] of Object.entries(asked))
    if (name in series && units[name] !== unit) throw new SyntaxError(`${name} in ${units[name]}`);
}

/**
 * A service that answers series in columns, of days (`daily.time`, `daily.temperature_2m_min` …), of hours (`hourly.temperature_2m` …) or
 * of both, with their units beside them. What a day's own columns do not say its hours do; the wind is theirs where they are known. Days
 * without both temperatures are left out; other units than those asked for are no forecast.
 */
function readPublicDays(raw: unknown): ServiceDay[] {
  const refused = z.object({ error: z.literal(true), reason: z.string() }).safeParse(raw);
  if (refused.success) throw new ServiceRefusal(`it says: ${refused.data.reason.slice(0, 200)}`, false);
  const parsed = answerSchema.safeParse(raw);
  if (!parsed.success) throw new SyntaxError("no series");
  const { daily, daily_units: units, hourly, hourly_units: hourlyUnits = {} } = parsed.data;
  if (daily) inUnits(daily, units, UNITS);
  if (hourly) inUnits(hourly, hourlyUnits, HOURLY_UNITS);
  const byHours = hourly ? daysOfHours(hourly) : new Map<string, ServiceDay>();
  const dates = daily?.time ?? [...byHours.keys()];
  const days = dates.flatMap((date, i) => {
    const column = (name: (typeof DAILY)[keyof typeof DAILY]) => daily?.[name]?.[i] ?? null;
    const hours = byHours.get(date);
    const tminC = column(DAILY.tminC) ?? hours?.tminC ?? null;
    const tmaxC = column(DAILY.tmaxC) ?? hours?.tmaxC ?? null;
    if (tminC === null || tmaxC === null) return [];
    const strongest = column(DAILY.windMs);
    return [
      {
        date,
        tminC,
        tmaxC,
        rainMm: column(DAILY.rainMm) ?? hours?.rainMm ?? null,
        windMs: hours?.windMs ?? (strongest === null ? null : strongest * MEAN_OF_STRONGEST * AT_TWO_METRES),
        solarMJ: column(DAILY.solarMJ) ?? hours?.solarMJ ?? null,
      },
    ];
  });
  if (days.length === 0) throw new SyntaxError("no day with both temperatures");
  return days;
}

/** The same as a forecast of the days it holds. */
export function readPublicAnswer(raw: unknown): ForecastAnswer {
  const days = readPublicDays(raw);
  // The service says not when it was made: its first day does.
  return { issuedOn: days[0].date, days: days.slice(0, 16) };
}

/** A public service at an address the operator has approved by setting it. */
export function publicJsonSource(base: string, outside?: Outside): ForecastSource {
  return {
    name: `weather service at ${new URL(base).host}`,
    isSimulated: false,
    ask: async (site, signal) => readPublicAnswer(await getJson(publicAddress(base, site), signal, outside)),
    past: async (site, days, signal) =>
      readPublicDays(await getJson(publicAddress(base, { ...site, days: 1, pastDays: days }), signal, outside)),
  };
}
