import { LEAST_HOURS_OF_DAY, MJ_PER_WH } from "@/core/climate/index";
import { dayFromParts, type DayNumber, toDay } from "@/core/dates/index";
import {
  dayProblems,
  assembleDays,
  type DayValues,
  type LineProblem,
  temperatureProblem,
  type WeatherParse,
} from "./weather-days";

/**
 * Hourly weather in the EPW form (documented with the EnergyPlus auxiliary programs: eight header lines, then 35 comma-separated
 * fields an hour). Hours are summed up to days: lowest and highest dry bulb, global radiation in Wh/m², wind in m/s, rain in mm.
 */
const HEADER_LINES = 8;
const FIELD = { dryBulbC: 6, globalWhM2: 13, windMs: 21, rainMm: 33 } as const;
/** Codes for "missing" of these fields. */
const MISSING = { dryBulbC: 99.9, globalWhM2: 9999, windMs: 999, rainMm: 999 } as const;

export function looksLikeEpw(firstLine: string): boolean {
  return /^LOCATION,/i.test(firstLine) && firstLine.split(",").length >= 9;
}

interface Hours {
  line: number;
  temps: number[];
  solarWh: number;
  solarHours: number;
  wind: number[];
  rain: number;
  rainHours: number;
}

function reading(cells: readonly string[], field: keyof typeof FIELD): number {
  const text = cells[FIELD[field]];
  const value = text === undefined || text.trim() === "" ? NaN : Number(text);
  return value >= MISSING[field] ? NaN : value;
}

export function parseEpw(text: string, today: string): WeatherParse {
  const lines = text.split(/\r?\n/);
  const place = lines[0].split(",")[1]?.trim() ?? "";
  const height = Number(lines[0].split(",")[9]);
  const elevationM = lines[0].split(",").length > 9 && Number.isFinite(height) ? height : null;
  const limit = toDay(today);
  const dayProblem = dayProblems(today, "");
  const problems: LineProblem[] = [];
  const days = new Map<DayNumber, Hours>();
  for (let i = HEADER_LINES; i < lines.length; i++) {
    if (lines[i].trim() === "") continue;
    const cells = lines[i].split(",");
    const fault = (message: string) => problems.push({ line: i + 1, message, text: lines[i].slice(0, 80) });
    const day = dayFromParts(Number(cells[0]), Number(cells[1]), Number(cells[2]));
    const hour = Number(cells[3]);
    if (day === null || !(hour >= 1 && hour <= 24)) {
      fault("the day or hour cannot be read or does not exist");
      continue;
    }
    if (day >= limit) continue;
    const wrongDay = dayProblem(day);
    if (wrongDay !== null) {
      fault(wrongDay);
      continue;
    }
    const dry = reading(cells, "dryBulbC");
    if (Number.isNaN(dry)) continue;
    let hours = days.get(day);
    if (!hours)
      days.set(day, (hours = { line: i + 1, temps: [], solarWh: 0, solarHours: 0, wind: [], rain: 0, rainHours: 0 }));
    hours.temps.push(dry);
    const [solar, wind, rain] = (["globalWhM2", "windMs", "rainMm"] as const).map((f) => reading(cells, f));
    if (!Number.isNaN(solar)) {
      hours.solarWh += solar;
      hours.solarHours++;
    }
    if (!Number.isNaN(wind)) hours.wind.push(wind);
    if (!Number.isNaN(rain)) {
      hours.rain += rain;
      hours.rainHours++;
    }
  }
  const good = new Map<DayNumber, { values: DayValues }>();
  let short = 0;
  for (const [day, h] of days) {
    if (h.temps.length < LEAST_HOURS_OF_DAY) {
      short++;
      continue;
    }
    const [tmin, tmax] = [Math.min(...h.temps), Math.max(...h.temps)];
    const impossible = temperatureProblem(tmin, tmax, "°C");
    if (impossible !== null) {
      problems.push({ line: h.line, message: impossible, text: `${tmin} to ${tmax} °C` });
      continue;
    }
    const mean = h.wind.reduce((sum, v) => sum + v, 0) / h.wind.length;
    good.set(day, {
      values: {
        tmin,
        tmax,
        solar: h.solarHours >= LEAST_HOURS_OF_DAY ? h.solarWh * MJ_PER_WH : NaN,
        wind: h.wind.length >= LEAST_HOURS_OF_DAY ? mean : NaN,
        rain: h.rainHours >= LEAST_HOURS_OF_DAY ? h.rain : NaN,
      },
    });
  }
  if (good.size === 0)
    return {
      ok: false,
      message: "This is an hourly EPW file, but no day in it has enough hours to find its extremes.",
    };
  const file = assembleDays(good);
  const notes = [`hours of ${place || "an unnamed place"}, summed up to days`];
  if (short > 0) notes.push(`${short} days with fewer than ${LEAST_HOURS_OF_DAY} hours are left out`);
  const years = new Set([...good.keys()].map((day) => Math.floor(day / 365.25)));
  if (years.size > 2 && good.size <= 366)
    notes.push(
      "a typical year put together from months of different years: good for the mean of its months, too short to count frosts from",
    );
  return {
    ok: true,
    file: { ...file, problems, unit: "C", columns: Object.keys(FIELD), format: "epw", notes, elevationM },
  };
}
