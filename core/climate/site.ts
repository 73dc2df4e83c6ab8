import { dayFromParts, type DayNumber, midwinterOf, slotOf, yearOf } from "../dates/index";
import { forecastCourse, type Forecast, type ForecastNight, forecastNights } from "./forecast";
import { frostStatistics, type FrostStatistics } from "./frost";
import { GENERATED_FROM_YEAR, generateWeather } from "./generator";
import { offsetFromReadings, type ReadingsFit } from "./merge";
import {
  type DailyRecord,
  dailyCurve,
  fillShortGaps,
  type Normals,
  normalsFromRecord,
  radiationBySlot,
} from "./normals";
import { type FrostFit, offsetForFrostDays } from "./said";
import { solarFromRangeMJ } from "./sun";
import { budWeather, expectedWarmthBySlot, rootZoneTemperatures, type WarmthTrack } from "./track";
import { ROOT_WARMTH, rootDegreeDays, type RootWarmthSet } from "./degree-days";

/** Weather of one sequence of days with all that the models read from it. */
export interface WeatherRun {
  startDay: DayNumber;
  tminC: Float32Array;
  tmaxC: Float32Array;
  /** Sun on level ground, MJ/m² a day; indoors, what of it comes through. */
  solarMJ: Float32Array;
  /** Outdoors; NaN where a record does not say. */
  rainMm: Float32Array;
  windMs: Float32Array;
  rootZoneC: Float32Array;
  /** Running total of Dynamic-model portions. */
  portions: Float32Array;
  /** Growing-degree hours of each day, °C·h. */
  growingHours: Float32Array;
}

/** One growing season as one possible year of weather shows it. Arrays start `SEASON_LEAD_DAYS` before midwinter. */
export interface SeasonSlice {
  startDay: DayNumber;
  tminC: Float32Array;
  tmaxC: Float32Array;
  solarMJ: Float32Array;
  rainMm: Float32Array;
  windMs: Float32Array;
  rootZoneC: Float32Array;
  portions: Float32Array;
  growingHours: Float32Array;
}

/** Cold counts towards bud break from about this long before midwinter: October, north. */
export const SEASON_LEAD_DAYS = 80;
/** A season is followed past the next midwinter into the summer after it, where work of the autumn shows whether it took. */
export const SEASON_DAYS = SEASON_LEAD_DAYS + 365 + 200;
export const ENSEMBLE_YEARS = 32;
const ENSEMBLE_SEASONS = 30;
/** Complete frost years from which a record speaks for itself. */
const ENOUGH_FROST_YEARS = 10;
const TRACK_YEARS_AHEAD = 8;

export type WeatherBasis = "record" | "short-record" | "table" | "answers";

export interface SeasonWeather {
  slices: SeasonSlice[];
  observedUntil: DayNumber;
  /** Not like other seasons ahead: a forecast reaches into it, or the tree moved in it. */
  touched: boolean;
}

export interface SiteInput {
  latitudeDeg: number;
  normals: Normals;
  /** Where these normals come from. */
  normalsFrom?: "answers" | "table";
  /** The grower's own daily record; null while the site is a guess from answers. */
  record: DailyRecord | null;
  today: DayNumber;
  seed: number;
  /** First day any tree's history needs. */
  historyFrom: DayNumber;
  /** Usual frost days as the neighbourhood knows them: the minima are moved until the middle year meets them. */
  knownFrost?: { last: string | null; first: string | null } | null;
  /** The coming days as a weather service sees them. */
  forecast?: Forecast | null;
}

export interface Site {
  latitudeDeg: number;
  today: DayNumber;
  normals: Normals;
  basis: WeatherBasis;
  recordYears: number;
  /** Days of the record that were missing and filled in a straight line (gaps of at most three days). */
  filledDays: number;
  observed: WeatherRun | null;
  /** Unbroken stretches of the record, the oldest first. */
  runs: WeatherRun[];
  ensemble: WeatherRun;
  /** First day any tree's history needs. */
  historyFrom: DayNumber;
  seed: number;
  warmth: WarmthTrack;
  frost: (thresholdC: number) => FrostStatistics;
  /** Minima that the frost statistics are counted from. */
  minima: { startDay: DayNumber; tminC: Float32Array };
  /** What was added to every minimum so that frosts come when the neighbourhood knows them to; null where nothing was said. */
  frostFit: FrostFit | null;
  /** What a record too short for normals of its own says of the normals used; null with none, or a longer one. */
  readings: ReadingsFit | null;
  /** The coming days with their errors; empty without a fresh forecast. */
  nights: ForecastNight[];
  /** Possible courses of a season: the record as far as it goes, then the site's weather years. */
  season: (season: number) => SeasonWeather;
}

/** Departures of a short record from the normals, as an offset of the site. */
function readingsFit(record: DailyRecord, normals: Normals): ReadingsFit | null {
  const [low, high] = [dailyCurve(normals.tminC), dailyCurve(normals.tmaxC)];
  const [lows, highs]: number[][] = [[], []];
  for (let i = 0; i < record.tminC.length; i++) {
    if (Number.isNaN(record.tminC[i]) || Number.isNaN(record.tmaxC[i])) continue;
    const slot = slotOf(record.startDay + i);
    lows.push(record.tminC[i] - low[slot]);
    highs.push(record.tmaxC[i] - high[slot]);
  }
  return offsetFromReadings(lows, highs, Math.max(...normals.tminSdC));
}

function runOf(latitudeDeg: number, record: DailyRecord, radiation: Float64Array): WeatherRun {
  const solarMJ = record.solarMJ.map((value, i) =>
    Number.isNaN(value)
      ? solarFromRangeMJ(record.tminC[i], record.tmaxC[i], radiation[slotOf(record.startDay + i)])
      : value,
  );
  return weatherRun(latitudeDeg, { ...record, solarMJ });
}

/** A run of days with its root zone and chill worked out. */
export function weatherRun(
  latitudeDeg: number,
  days: Pick<WeatherRun, "startDay" | "tminC" | "tmaxC" | "solarMJ" | "rainMm" | "windMs">,
): WeatherRun {
  const { startDay, tminC, tmaxC, solarMJ, rainMm, windMs } = days;
  return {
    startDay,
    tminC,
    tmaxC,
    solarMJ,
    rainMm,
    windMs,
    rootZoneC: rootZoneTemperatures(tminC, tmaxC, solarMJ),
    ...budWeather(latitudeDeg, startDay, tminC, tmaxC),
  };
}

/** The last unbroken stretch of days that have both extremes, up to today. */
function unbroken(record: DailyRecord, today: DayNumber): DailyRecord[] {
  const stretches: DailyRecord[] = [];
  const limit = Math.min(record.tminC.length, today - record.startDay + 1);
  let from = -1;
  for (let i = 0; i <= limit; i++) {
    const good = i < limit && !Number.isNaN(record.tminC[i]) && !Number.isNaN(record.tmaxC[i]);
    if (good && from < 0) from = i;
    if (!good && from >= 0) {
      const cut = (values: Float32Array) => values.slice(from, i);
      stretches.push({
        startDay: record.startDay + from,
        tminC: cut(record.tminC),
        tmaxC: cut(record.tmaxC),
        solarMJ: cut(record.solarMJ),
        rainMm: cut(record.rainMm),
        windMs: cut(record.windMs),
      });
      from = -1;
    }
  }
  return stretches;
}

/**
 * Everything the models ask of a site's weather, built once per weather revision: the record up to today, many possible years
 * for what comes, root warmth as running totals, frost statistics on demand.
 */
export function buildSite(input: SiteInput): Site {
  const { latitudeDeg, today } = input;
  const radiation = radiationBySlot(latitudeDeg);
  let record = input.record;
  let filledDays = 0;
  if (record) {
    record = { ...record, tminC: record.tminC.slice(), tmaxC: record.tmaxC.slice() };
    filledDays = fillShortGaps(record.tminC);
    fillShortGaps(record.tmaxC);
  }
  const long =
    record !== null && frostStatistics(latitudeDeg, record.startDay, record.tminC, 0).first.years >= ENOUGH_FROST_YEARS;
  const ownNormals = record ? normalsFromRecord(record) : null;
  const readings = record && !ownNormals ? readingsFit(record, input.normals) : null;
  const given: Normals = readings
    ? {
        ...input.normals,
        tminC: input.normals.tminC.map((v) => v + readings.minC),
        tmaxC: input.normals.tmaxC.map((v) => v + readings.maxC),
      }
    : input.normals;
  let generated = generateWeather(latitudeDeg, ownNormals ?? given, ENSEMBLE_YEARS, input.seed);
  const counted = long ? record! : generated;
  const frostFit = input.knownFrost
    ? offsetForFrostDays(latitudeDeg, counted.startDay, counted.tminC, input.knownFrost)
    : null;
  const raise = (values: number[]) => values.map((v) => v + (frostFit?.offsetC ?? 0));
  const raised = (n: Normals): Normals => ({ ...n, tminC: raise(n.tminC) });
  const recordNormals = ownNormals && raised(ownNormals);
  const normals = recordNormals ?? raised(given);
  if (frostFit !== null && frostFit.offsetC !== 0) {
    if (record) record.tminC = record.tminC.map((v, i) => Math.min(v + frostFit.offsetC, record.tmaxC[i]));
    generated = generateWeather(latitudeDeg, normals, ENSEMBLE_YEARS, input.seed);
  }
  const ensemble = runOf(latitudeDeg, generated, radiation);
  // The service sees the district; the yard's nights differ from it as they do from the record.
  const nights = (input.forecast ? forecastNights(input.forecast, normals, today) : []).map((n) => ({
    ...n,
    tminC: Math.min(n.tminC + (frostFit?.offsetC ?? 0), n.tmaxC),
  }));

  const runs = (record ? unbroken(record, today) : []).map((stretch) => runOf(latitudeDeg, stretch, radiation));
  const ownFrost = record ? frostStatistics(latitudeDeg, record.startDay, record.tminC, 0) : null;
  const enough = ownFrost !== null && ownFrost.first.years >= ENOUGH_FROST_YEARS;
  return assembleSite({
    latitudeDeg,
    today,
    normals,
    basis: enough ? "record" : recordNormals ? "short-record" : (input.normalsFrom ?? "answers"),
    recordYears: ownFrost?.first.years ?? 0,
    filledDays,
    runs,
    ensemble,
    historyFrom: input.historyFrom,
    seed: input.seed,
    minima: enough
      ? { startDay: record!.startDay, tminC: record!.tminC }
      : { startDay: generated.startDay, tminC: generated.tminC },
    frostFit,
    readings,
    nights,
  });
}

/** A site from its weather: what is counted and summed from it is worked out here, on demand. */
export function assembleSite(
  parts: Omit<Site, "observed" | "warmth" | "frost" | "season"> & { sunlight?: number },
): Site {
  const { sunlight = 1, ...plain } = parts;
  const { latitudeDeg, today, runs, ensemble, minima, nights } = plain;
  const last = runs.at(-1);
  const observed = last && last.startDay + last.tminC.length > today - 45 ? last : null;
  const frostCache = new Map<number, FrostStatistics>();
  const frost = (thresholdC: number) => {
    let statistics = frostCache.get(thresholdC);
    if (!statistics) {
      statistics = frostStatistics(latitudeDeg, minima.startDay, minima.tminC, thresholdC);
      frostCache.set(thresholdC, statistics);
    }
    return statistics;
  };
  const ahead = coursesAhead(nights, observed, plain, sunlight);
  const seasonCache = new Map<number, SeasonWeather>();
  const season = (key: number) => {
    let found = seasonCache.get(key);
    if (!found) {
      found = seasonSlices(key, latitudeDeg, ensemble, runs, today, ahead);
      seasonCache.set(key, found);
    }
    return found;
  };
  return { ...plain, observed, warmth: warmthTrack(plain, ahead), frost, season };
}

/** The coming days as the members of a season may see them: courses drawn from the forecast, with what the models read. */
interface Ahead {
  startDay: DayNumber;
  courses: {
    tminC: number[];
    tmaxC: number[];
    rootZoneC: Float32Array;
    portions: number[];
    growingHours: Float32Array;
  }[];
}

/** Days of record before the forecast that its chill, its root warmth and the air of places take their start from. */
export const RUN_IN_DAYS = 20;

function coursesAhead(
  nights: readonly ForecastNight[],
  observed: WeatherRun | null,
  input: Pick<Site, "latitudeDeg" | "seed">,
  sunlight: number,
): Ahead | null {
  if (nights.length === 0) return null;
  const radiation = radiationBySlot(input.latitudeDeg);
  const startDay = nights[0].day;
  const end = observed ? observed.startDay + observed.tminC.length : 0;
  const runIn = observed && end >= startDay - 3 ? Math.min(RUN_IN_DAYS, observed.tminC.length) : 0;
  const before = (values: Float32Array | undefined) =>
    runIn === 0 ? [] : Array.from(values!.subarray(values!.length - runIn));
  const courses = Array.from({ length: ENSEMBLE_SEASONS }, (_, m) => {
    const { tminC, tmaxC } = forecastCourse(nights, input.seed, m);
    const low = [...before(observed?.tminC), ...tminC];
    const high = [...before(observed?.tmaxC), ...tmaxC];
    const from = startDay - runIn;
    const solar = low.map((v, i) => sunlight * solarFromRangeMJ(v, high[i], radiation[slotOf(from + i)]));
    const { portions, growingHours } = budWeather(input.latitudeDeg, from, low, high);
    return {
      tminC,
      tmaxC,
      rootZoneC: rootZoneTemperatures(low, high, solar).subarray(runIn),
      portions: tminC.map((_, i) => portions[runIn + i] - (runIn + i === 0 ? 0 : portions[runIn + i - 1])),
      growingHours: growingHours.subarray(runIn),
    };
  });
  return { startDay, courses };
}

function warmthTrack(
  input: Pick<Site, "historyFrom" | "today" | "ensemble" | "runs">,
  ahead: Ahead | null,
): WarmthTrack {
  const { ensemble, runs } = input;
  const startDay = input.historyFrom;
  const days = dayFromParts(yearOf(input.today) + TRACK_YEARS_AHEAD, 1, 1)! - startDay;
  const lastRun = runs.at(-1);
  const observedUntil = lastRun ? lastRun.startDay + lastRun.tminC.length : startDay;
  const sums = {} as WarmthTrack["sums"];
  for (const set of Object.keys(ROOT_WARMTH) as RootWarmthSet[]) {
    const expected = expectedWarmthBySlot(ensemble.startDay, ensemble.rootZoneC, set);
    const daily = new Float32Array(days);
    for (let i = 0; i < days; i++) daily[i] = expected[slotOf(startDay + i)];
    for (let k = 0; ahead && k < ahead.courses[0].tminC.length; k++) {
      const at = ahead.startDay + k - startDay;
      let sum = 0;
      for (const course of ahead.courses) sum += rootDegreeDays(course.rootZoneC[k], ROOT_WARMTH[set]);
      if (at >= 0 && at < days) daily[at] = sum / ahead.courses.length;
    }
    for (const run of runs) {
      for (let i = 0; i < run.rootZoneC.length; i++) {
        const at = run.startDay + i - startDay;
        if (at >= 0 && at < days) daily[at] = rootDegreeDays(run.rootZoneC[i], ROOT_WARMTH[set]);
      }
    }
    const running = new Float32Array(days + 1);
    let total = 0;
    for (let i = 0; i < days; i++) {
      total += daily[i];
      running[i + 1] = total;
    }
    sums[set] = running;
  }
  return { startDay, observedUntil, sums };
}

function seasonSlices(
  key: number,
  latitudeDeg: number,
  ensemble: WeatherRun,
  runs: WeatherRun[],
  today: DayNumber,
  ahead: Ahead | null,
) {
  const startDay = midwinterOf(key, latitudeDeg) - SEASON_LEAD_DAYS;
  const endDay = startDay + SEASON_DAYS;
  const run = runs.find((r) => r.startDay <= startDay && r.startDay + r.tminC.length > startDay);
  const observedUntil = run ? Math.min(run.startDay + run.tminC.length, today + 1, endDay) : startDay;
  const slices: SeasonSlice[] = [];
  const members = run && observedUntil >= endDay ? 1 : ENSEMBLE_SEASONS;
  for (let m = 0; m < members; m++) {
    const generatedKey = GENERATED_FROM_YEAR + m + (latitudeDeg >= 0 ? 1 : 0);
    const from = midwinterOf(generatedKey, latitudeDeg) - SEASON_LEAD_DAYS - ensemble.startDay;
    const part = (values: Float32Array) => values.subarray(from, from + SEASON_DAYS);
    const generated: SeasonSlice = {
      startDay,
      tminC: part(ensemble.tminC),
      tmaxC: part(ensemble.tmaxC),
      solarMJ: part(ensemble.solarMJ),
      rainMm: part(ensemble.rainMm),
      windMs: part(ensemble.windMs),
      rootZoneC: part(ensemble.rootZoneC),
      portions: part(ensemble.portions),
      growingHours: part(ensemble.growingHours),
    };
    const known = run && observedUntil > startDay ? splice(generated, run, observedUntil) : generated;
    slices.push(members > 1 && ahead ? layForecast(known, ahead, m, observedUntil) : known);
  }
  const forecast =
    ahead !== null && ahead.startDay < endDay && ahead.startDay + ahead.courses[0].tminC.length > startDay;
  return { slices, observedUntil, touched: forecast };
}

/** The record up to its last day, then the generated year; portions go on from where the record left them. */
function splice(generated: SeasonSlice, run: WeatherRun, until: DayNumber): SeasonSlice {
  const known = until - generated.startDay;
  const from = generated.startDay - run.startDay;
  const join = (ours: Float32Array, theirs: Float32Array) => {
    const out = theirs.slice();
    // What a record does not say of a day, the generated year says.
    for (let i = 0; i < known; i++) if (!Number.isNaN(ours[from + i])) out[i] = ours[from + i];
    return out;
  };
  const portions = join(run.portions, generated.portions);
  if (known < portions.length && known > 0) {
    const shift = run.portions[from + known - 1] - generated.portions[known - 1];
    for (let i = known; i < portions.length; i++) portions[i] = generated.portions[i] + shift;
  }
  return {
    startDay: generated.startDay,
    tminC: join(run.tminC, generated.tminC),
    tmaxC: join(run.tmaxC, generated.tmaxC),
    solarMJ: join(run.solarMJ, generated.solarMJ),
    rainMm: join(run.rainMm, generated.rainMm),
    windMs: join(run.windMs, generated.windMs),
    rootZoneC: join(run.rootZoneC, generated.rootZoneC),
    portions,
    growingHours: join(run.growingHours, generated.growingHours),
  };
}

/** The forecast's days laid over a member's weather, from the first day that is not on record; chill goes on from there. */
function layForecast(slice: SeasonSlice, ahead: Ahead, member: number, observedUntil: DayNumber): SeasonSlice {
  const course = ahead.courses[member];
  const first = Math.max(ahead.startDay, observedUntil) - slice.startDay;
  const end = Math.min(ahead.startDay + course.tminC.length - slice.startDay, slice.tminC.length);
  if (first < 0 || first >= end) return slice;
  const skip = slice.startDay + first - ahead.startDay;
  const out: SeasonSlice = {
    ...slice,
    tminC: slice.tminC.slice(),
    tmaxC: slice.tmaxC.slice(),
    rootZoneC: slice.rootZoneC.slice(),
    portions: slice.portions.slice(),
    growingHours: slice.growingHours.slice(),
  };
  let total = first === 0 ? 0 : slice.portions[first - 1];
  for (let i = first; i < end; i++) {
    const k = skip + i - first;
    out.tminC[i] = course.tminC[k];
    out.tmaxC[i] = course.tmaxC[k];
    out.rootZoneC[i] = course.rootZoneC[k];
    out.portions[i] = total += course.portions[k];
    out.growingHours[i] = course.growingHours[k];
  }
  const shift = total - slice.portions[end - 1];
  for (let i = end; i < out.portions.length; i++) out.portions[i] += shift;
  return out;
}
