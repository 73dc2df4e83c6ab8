import {
  dailyCurve,
  ENSEMBLE_YEARS,
  GENERATED_FROM_YEAR,
  heldApart,
  type Normals,
  residualSource,
  type SiteAnswers,
  slotInFrostYear,
  SPLIT_SLOT,
} from "../climate/index";
import { dayFromParts, frostSlotOf, frostYearOf, isNorth, slotOf, SLOTS_PER_YEAR } from "../dates/index";
import { clamp, nelderMead } from "../math/index";
import { type Prior, priorNormals } from "./prior";

/** Monthly normals of a site with what they rest on. */
export interface SiteNormals {
  normals: Normals;
  prior: Prior;
  /** What the answers moved, K: level of the nights, depth of winter nights, spring against autumn, summer afternoons. */
  moved: { nightsC: number; winterC: number; springC: number; afternoonsC: number };
}

const YEAR_ANGLE = (2 * Math.PI) / SLOTS_PER_YEAR;

/** Spread of minima from day to day, K. */
interface NightSpread {
  summerC: number;
  winterC: number;
}

/**
 * Winter nights spread the wider the colder they are: a usual coldest night lies some two standard deviations below the coldest month's
 * mean, which gives 7.5 K where that is −14 °C (inland, snow), 5 at −3, 4 at 2, 3 at 6 and hardly more than one in the tropics. Fitted by
 * eye on usual extremes of a dozen climates, as remembered (L).
 */
function nightSpread(tminC: readonly number[], { latitudeDeg, longitudeDeg }: Place): NightSpread {
  const amplitudeC = halfRangeC(tminC);
  const outbreaks = OUTBREAKS.reduce(
    (most, o) => Math.max(most, o.addedC * inside(latitudeDeg, o.latitudes) * inside(longitudeDeg, o.longitudes)),
    0,
  );
  return {
    summerC: 1 + 1.5 * Math.min(1, amplitudeC / 4),
    winterC: clamp(4.4 - 0.24 * Math.min(...tminC) + outbreaks, 1.2, 7.5),
  };
}

type Place = Pick<SiteAnswers, "latitudeDeg" | "longitudeDeg">;

/**
 * Where nothing holds polar air back on its way towards the tropics, mild winters have a few very cold nights: the plains and the Gulf
 * east of the mountains of North America (a usual coldest night of −5 °C where January's mean minimum is +6), the south-east of China,
 * the plains east of the Andes. Bounds and sizes by usual extremes of a few towns of each, as remembered (L).
 */
const OUTBREAKS = [
  { latitudes: [25, 38], longitudes: [-103, -77], addedC: 2.3 },
  { latitudes: [20, 33], longitudes: [104, 122], addedC: 1 },
  { latitudes: [-36, -20], longitudes: [-65, -49], addedC: 0.8 },
] as const;
/** The edges fade out over so many degrees. */
const EDGE_DEG = 3;
const inside = (at: number, [from, to]: readonly [number, number]) =>
  clamp(1 - Math.max(from - at, at - to, 0) / EDGE_DEG, 0, 1);

/** Half of what lies between the nights of the warmest and the coldest month, K. */
const halfRangeC = (tminC: readonly number[]) => (Math.max(...tminC) - Math.min(...tminC)) / 2;

const spreadAt = ({ summerC, winterC }: NightSpread, winter: number) => summerC + (winterC - summerC) * winter;

/** Spread against the usual: wider or narrower in the depth of winter, and apart from that in spring and autumn, where clear nights bring frost. */
const spreadOf = (winter: number, lnWinter: number, lnShoulder: number) =>
  Math.exp(lnWinter * winter + lnShoulder * 4 * winter * (1 - winter));
/** Afternoons spread a little more than nights (L). */
const AFTERNOON_MORE_C = 0.6;

/** Share of wet days from a month's rain: hardly any at 5 mm, a third at 45, half at 90 mm. Our judgement from stations' tables (L). */
const HALF_WET_MM = 90;
const MOST_WET = 0.9;
const wetShareOf = (rainMm: number) => Math.min(MOST_WET, rainMm / (rainMm + HALF_WET_MM));

/** Wind at two metres, m/s: more where the sea evens out the year and westerlies blow, less inland and in the tropics (L). */
function windOf(latitudeDeg: number, amplitudeC: number): number {
  const maritime = clamp((9 - amplitudeC) / 5, 0, 1);
  const westerlies = clamp((Math.abs(latitudeDeg) - 30) / 15, 0, 1);
  return 2.2 + 1.8 * maritime * westerlies;
}

/** One afternoon in seven of the hottest month is hotter than a "usual hot" one: 1.04 standard deviations above the mean. */
export const HOT_SD = 1.04;

const FIT_SEED = 20_011;
/** How far an answer may move the months before it is doubted, and how closely it is met. */
const PULL = { nightsC: 2, winterC: 3, springC: 2, lnWinter: 0.5, lnShoulder: 0.2 } as const;
const MET = { coldestC: 0.25, days: 1.2, neverShare: 0.05 } as const;
/** Least warmth of a day over its night in any month, K. */
const LEAST_RANGE_C = 2.5;

/** The days of the very years a site generates for its seed: unit residuals, the day of the year of each, and its frost year. */
interface Years {
  night: Float64Array;
  afternoon: Float64Array;
  slot: Int16Array;
  frostSlot: Int16Array;
  /** Complete frost years by number; −1 in the incomplete ones at both ends. */
  year: Int16Array;
  count: number;
}

const kept = new Map<string, Years>();
const MOST_KEPT = 4;

function yearsOf(seed: number, latitudeDeg: number): Years {
  const key = `${seed}:${isNorth(latitudeDeg)}`;
  const known = kept.get(key);
  if (known) return known;
  const start = dayFromParts(GENERATED_FROM_YEAR, 1, 1)!;
  const length = dayFromParts(GENERATED_FROM_YEAR + ENSEMBLE_YEARS, 1, 1)! - start;
  const residual = residualSource(seed);
  const years: Years = {
    night: new Float64Array(length),
    afternoon: new Float64Array(length),
    slot: new Int16Array(length),
    frostSlot: new Int16Array(length),
    year: new Int16Array(length).fill(-1),
    count: 0,
  };
  const whole = frostYearOf(start, latitudeDeg) + (frostSlotOf(start, latitudeDeg) === 0 ? 0 : 1);
  for (let i = 0; i < length; i++) {
    [years.afternoon[i], years.night[i]] = residual();
    const day = start + i;
    years.slot[i] = slotOf(day);
    years.frostSlot[i] = frostSlotOf(day, latitudeDeg);
    years.year[i] = frostYearOf(day, latitudeDeg) - whole;
  }
  const last = years.year[length - 1];
  const complete = frostSlotOf(start + length, latitudeDeg) === 0 ? last + 1 : last;
  for (let i = 0; i < length; i++) if (years.year[i] < 0 || years.year[i] >= complete) years.year[i] = -1;
  years.count = complete;
  kept.set(key, years);
  while (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
  return years;
}

/** By day of the year: mean minimum and maximum, how deep in winter (0 to 1), and how far into spring (−1 to 1). */
interface Nights {
  mean: Float64Array;
  afternoon: Float64Array;
  winter: Float64Array;
  spring: Float64Array;
}

/** Mean of the middle half: as steady as a median, without its steps. */
function middleOf(values: number[]): number {
  const sorted = values.sort((a, b) => a - b);
  const cut = Math.floor(sorted.length / 4);
  const kept = sorted.slice(cut, sorted.length - cut);
  return kept.reduce((a, b) => a + b, 0) / kept.length;
}

/** Coldest night and frost days of generated years with the nights moved so. A year without frost counts as one in midwinter. */
function played(
  years: Years,
  nights: Nights,
  usual: NightSpread,
  [level, depth, spring, lnWinter, lnShoulder]: readonly number[],
) {
  // What does not change from year to year is worked out once.
  const nightC = new Float64Array(SLOTS_PER_YEAR);
  const nightSdC = new Float64Array(SLOTS_PER_YEAR);
  const dayC = new Float64Array(SLOTS_PER_YEAR);
  for (let s = 0; s < SLOTS_PER_YEAR; s++) {
    const winter = nights.winter[s];
    nightC[s] = nights.mean[s] + level - depth * winter + spring * nights.spring[s];
    nightSdC[s] = spreadAt(usual, winter) * spreadOf(winter, lnWinter, lnShoulder);
    dayC[s] = Math.max(nights.afternoon[s], nightC[s] + LEAST_RANGE_C);
  }
  const coldest = new Array<number>(years.count).fill(Infinity);
  const firsts = new Array<number>(years.count).fill(SPLIT_SLOT);
  const lasts = new Array<number>(years.count).fill(SPLIT_SLOT);
  for (let i = 0; i < years.year.length; i++) {
    const year = years.year[i];
    if (year < 0) continue;
    const s = years.slot[i];
    const [tmin] = heldApart(
      nightC[s] + nightSdC[s] * years.night[i],
      dayC[s] + (nightSdC[s] + AFTERNOON_MORE_C) * years.afternoon[i],
    );
    if (tmin < coldest[year]) coldest[year] = tmin;
    if (tmin > 0) continue;
    const f = years.frostSlot[i];
    if (f < SPLIT_SLOT) firsts[year] = Math.min(firsts[year], f);
    else lasts[year] = f;
  }
  return {
    coldestC: middleOf(coldest),
    firstSlot: middleOf(firsts),
    lastSlot: middleOf(lasts),
    frostShare: coldest.filter((low) => low <= 0).length / years.count,
  };
}

/**
 * Monthly normals of a site: those of the atlas carried to it, then pulled by what the grower says. The coldest night moves the level of
 * the nights and the spread of winter ones, frost days spring and autumn nights, the hot afternoon summer days; each as little else as
 * it can. The years generated for the site's seed meet the answers in the middle.
 */
export function siteNormals(answers: SiteAnswers, seed = FIT_SEED, leaveOutKm = 0): SiteNormals {
  const { latitudeDeg } = answers;
  const prior = priorNormals(answers, leaveOutKm);
  const usual = nightSpread(prior.tminC, answers);
  const daily = dailyCurve(prior.tminC);
  const dailyMax = dailyCurve(prior.tmaxC);
  // Winter turns about its own coldest day, a month after the solstice; near the equator about the solstice of its half of the globe.
  const coldestSlot = (isNorth(latitudeDeg) ? 354 : 171) + 28;
  const winterAt = (slot: number) => (1 + Math.cos(YEAR_ANGLE * (slot - coldestSlot))) / 2;
  const springAt = (slot: number) => Math.sin(YEAR_ANGLE * (slot - coldestSlot));
  const slots = Array.from({ length: SLOTS_PER_YEAR }, (_, s) => s);
  const nights: Nights = {
    mean: daily,
    afternoon: dailyMax,
    winter: Float64Array.from(slots, winterAt),
    spring: Float64Array.from(slots, springAt),
  };
  const [level, depth, spring, lnWinter, lnShoulder] = fitNights(answers, seed, nights, usual);
  const byMonth = (f: (slot: number) => number) =>
    Array.from({ length: 12 }, (_, m) => {
      let sum = 0;
      for (let d = 0; d < 30; d++) sum += f((m * 365) / 12 + d);
      return sum / 30;
    });
  const shift = byMonth((slot) => level - depth * winterAt(slot) + spring * springAt(slot));
  const tminC = prior.tminC.map((v, m) => v + shift[m]);
  const spread = byMonth((slot) => spreadAt(usual, winterAt(slot)) * spreadOf(winterAt(slot), lnWinter, lnShoulder));
  const tmaxSdC = spread.map((v) => v + AFTERNOON_MORE_C);
  const { tmaxC, afternoonsC } = pulledAfternoons(answers.hotAfternoonC, prior.tmaxC, tmaxSdC);
  return {
    normals: {
      tminC,
      tmaxC: tmaxC.map((v, m) => Math.max(v, tminC[m] + LEAST_RANGE_C)),
      tminSdC: spread,
      tmaxSdC,
      wetShare: prior.rainMm.map(wetShareOf),
      rainMm: prior.rainMm,
      windMs: prior.tminC.map(() => windOf(latitudeDeg, halfRangeC(prior.tminC))),
    },
    prior,
    moved: { nightsC: level, winterC: -depth, springC: spring, afternoonsC },
  };
}

/** What a site is built from where nobody has more than answers. */
export const normalsFromAnswers = (answers: SiteAnswers, seed?: number): Normals => siteNormals(answers, seed).normals;

/** Summer afternoons up or down until the hottest month's usual hot one is met; none of it reaches winter. */
function pulledAfternoons(hotC: number | undefined, tmaxC: readonly number[], sdC: readonly number[]) {
  const hottest = tmaxC.indexOf(Math.max(...tmaxC));
  if (hotC === undefined) return { tmaxC: [...tmaxC], afternoonsC: 0 };
  const afternoonsC = hotC - HOT_SD * sdC[hottest] - tmaxC[hottest];
  const weight = (m: number) => (1 + Math.cos((2 * Math.PI * (m - hottest)) / 12)) / 2;
  return { tmaxC: tmaxC.map((v, m) => v + afternoonsC * weight(m)), afternoonsC };
}

function fitNights(answers: SiteAnswers, seed: number, nights: Nights, usual: NightSpread): number[] {
  const { latitudeDeg, coldestNightC, lastSpringFrost, firstAutumnFrost } = answers;
  const slotOf = (text: string | null | undefined) => (text ? slotInFrostYear(text, latitudeDeg) : null);
  const [last, first] = [slotOf(lastSpringFrost), slotOf(firstAutumnFrost)];
  const never = lastSpringFrost === null && firstAutumnFrost === null;
  if (coldestNightC === undefined && last === null && first === null && !never) return [0, 0, 0, 0, 0];
  const years = yearsOf(seed, latitudeDeg);
  const square = (v: number) => v * v;
  const cost = (p: readonly number[]) => {
    const s = played(years, nights, usual, p);
    return (
      square(p[0] / PULL.nightsC) +
      square(p[1] / PULL.winterC) +
      square(p[2] / PULL.springC) +
      square(p[3] / PULL.lnWinter) +
      square(p[4] / PULL.lnShoulder) +
      (coldestNightC === undefined ? 0 : square((s.coldestC - coldestNightC) / MET.coldestC)) +
      (last === null ? 0 : square((s.lastSlot - last) / MET.days)) +
      (first === null ? 0 : square((s.firstSlot - first) / MET.days)) +
      (never ? square(s.frostShare / MET.neverShare) : 0)
    );
  };
  return nelderMead(cost, [0, 0, 0, 0, 0], [2, 2, 1.5, 0.3, 0.2]);
}
