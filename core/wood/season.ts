import { daylengthTable, degreeDays, MIDSUMMER, SEASON_LEAD_DAYS, type SeasonSlice } from "../climate/index";
import { dayOfYear } from "../dates/index";
import { clamp, logistic } from "../math/index";
import { NO_CARE, residualNitrogen, type WoodCare } from "./care";
import type { HabitParameters } from "./habits";
import { ripeness } from "./hardiness";

/** How the wood of a season went, day by day from the slice's first day. Indices are days into the slice; −1 = did not happen. */
export interface WoodSeason {
  swell: number;
  budBreak: number;
  leafOut: number;
  /** First flowers, most of them open, petals down. */
  bloomFrom: number;
  fullBloom: number;
  bloomTo: number;
  leafFall: number;
  /** Share of growth that has stopped, 0–1. */
  cessation: Float32Array;
  /** Running heat towards ripeness. */
  heat: Float32Array;
  /** Running totals for a late flush: all heat after bud break, and heat × (1 − cessation). */
  warmth: Float32Array;
  openWarmth: Float32Array;
  /** Where winter never stops growth: 1 on days of a flush, 0 between flushes; null where the year has a winter. */
  flush: Uint8Array | null;
  /** Ripeness of shoots a late waking started, 1 before it; null where nothing woke the tree late. */
  tips: Float32Array | null;
}

/** A late flush starts so many days after the work that woke it, and its shorter shoots ripen on this share of the heat (the most influential guess here). */
const FLUSH_DELAY_DAYS = 10;
const TIP_H50_SHARE = 0.45;
/** Work that would disturb less than this share of what has stopped starts no flush. */
const FLUSH_LEAST = 0.1;

/** Full nitrogen slows stopping by this share, and takes back so much of it a day in warmth: our judgement (L). */
const NITROGEN_SLOWS = 0.6;
const NITROGEN_REOPENS = 0.02;

/** Running mean of the night's temperature: weight of the newest night. */
const NIGHT_WEIGHT = 0.25;
/** Warmth before this does not move buds, days after midwinter: rest is deep, whatever the chill. Fitted with the clocks (L). */
const REST_DAYS = 50;
/** When chill is still lacking so long after midwinter, warmth counts all the same, the less the more is lacking. */
const LATE_CHILL_DAYS = 75;

/** Share of a season's courses that bring a kind's chill by the day its buds would do without it. */
export function chillMetShare(slices: readonly SeasonSlice[], chillPortions: number): number {
  const by = SEASON_LEAD_DAYS + LATE_CHILL_DAYS;
  return slices.filter(({ portions }) => portions[by] - portions[0] >= chillPortions).length / slices.length;
}
const LEAST_WITHOUT_CHILL = 0.6;
const DAYLENGTH_GATE_DAYS = 30;
/** Leaves fall when ten days average below this, from two months after midsummer on; in the shortest days in milder air, too: our judgement (L). */
const LEAF_FALL_C = 8;
const LEAF_FALL_FROM = MIDSUMMER + 60;
const SHORT_DAYS_FALL_C = 14;
const SHORT_DAYS_FROM = MIDSUMMER + 157;
const SWELL_SHARE = 0.6;
/** Of the warmth to full bloom, what passes from the first flowers to it, within limits, and from it until the petals are down, °C·h. */
const OPENING_SHARE = 0.3;
const OPENING_GDH = [700, 2000] as const;
const FADING_GDH = 2500;

const daylengthCache = new Map<number, Float64Array>();
function daylengthsAt(latitudeDeg: number): Float64Array {
  let table = daylengthCache.get(latitudeDeg);
  if (!table) {
    if (daylengthCache.size > 50) daylengthCache.clear();
    daylengthCache.set(latitudeDeg, (table = daylengthTable(latitudeDeg)));
  }
  return table;
}

/** Where thirty days never average below this, growth goes on in flushes all year (L). */
const WINTERLESS_C = 16;
/** From flush to flush, and how long its leaves are soft, days: about two months and a half and three weeks in warm-climate evergreens (L). */
const FLUSH_CYCLE_DAYS = 75;
const FLUSH_SOFT_DAYS = 24;
/** The rains bring a flush: thirty days with so much rain, mm, after thirty with less than half of it (L). */
const WET_MONTH_MM = 60;

/** Whether any thirty days of a season are cool enough to stop growth. */
export function isWinterless({ tminC, tmaxC }: SeasonSlice): boolean {
  let sum = 0;
  for (let i = 0; i < tminC.length; i++) {
    sum += (tminC[i] + tmaxC[i]) / 2 - (i >= 30 ? (tminC[i - 30] + tmaxC[i - 30]) / 2 : 0);
    if (i >= 29 && sum / 30 < WINTERLESS_C) return false;
  }
  return true;
}

/** Flushes of a year without winter: one follows the other at its pace, and the first rains after a dry month bring one. */
function flushCycles(slice: SeasonSlice): Uint8Array | null {
  if (!isWinterless(slice)) return null;
  const out = new Uint8Array(slice.tminC.length);
  const { rainMm } = slice;
  const monthly = (i: number) => {
    let sum = 0;
    for (let k = Math.max(0, i - 29); k <= i; k++) sum += Number.isNaN(rainMm[k]) ? 0 : rainMm[k];
    return sum;
  };
  // Trees do not flush in step from year to year: where in its cycle one stands at the start is left to the year's weather.
  let since = Math.round(10 * slice.tmaxC[0]) % FLUSH_CYCLE_DAYS;
  let [rain, dry] = [0, false];
  for (let i = 0; i < out.length; i++) {
    rain = monthly(i);
    if (i >= 30 && rain < WET_MONTH_MM / 2) dry = true;
    const rains = dry && rain >= WET_MONTH_MM;
    if (rains) dry = false;
    since = rains || since + 1 >= FLUSH_CYCLE_DAYS ? 0 : since + 1;
    out[i] = since < FLUSH_SOFT_DAYS ? 1 : 0;
  }
  return out;
}

type Buds = Pick<WoodSeason, "swell" | "budBreak" | "leafOut" | "bloomFrom" | "fullBloom" | "bloomTo">;

/** Rest by chill, then buds and flowers by warmth: the sequential clock of the kind, from midwinter to midwinter. */
function budsOf(h: HabitParameters, slice: SeasonSlice): Buds {
  const opening = h.bloomGdh === null ? 0 : clamp(OPENING_SHARE * h.bloomGdh, ...OPENING_GDH);
  const marks: [keyof Buds, number][] = [
    ["swell", SWELL_SHARE * h.budGdh],
    ["budBreak", h.budGdh],
    ["leafOut", h.leafOutGdh],
  ];
  if (h.bloomGdh !== null)
    marks.push(["bloomFrom", h.bloomGdh - opening], ["fullBloom", h.bloomGdh], ["bloomTo", h.bloomGdh + FADING_GDH]);
  marks.sort((a, b) => a[1] - b[1]);
  const buds: Buds = { swell: -1, budBreak: -1, leafOut: -1, bloomFrom: -1, fullBloom: -1, bloomTo: -1 };
  let [heat, next] = [0, 0];
  const late = SEASON_LEAD_DAYS + LATE_CHILL_DAYS;
  for (let i = SEASON_LEAD_DAYS + REST_DAYS; i < SEASON_LEAD_DAYS + 365 && next < marks.length; i++) {
    const chill = slice.portions[i] - slice.portions[0];
    const met = h.chillPortions === 0 || chill >= h.chillPortions;
    if (!met && i < late) continue;
    heat +=
      (met ? 1 : LEAST_WITHOUT_CHILL + (1 - LEAST_WITHOUT_CHILL) * (chill / h.chillPortions)) * slice.growingHours[i];
    while (next < marks.length && heat >= marks[next][1]) buds[marks[next++][0]] = i;
  }
  if (h.bloomGdh === null && h.bloomDays !== null && buds.budBreak >= 0) {
    const [from, to] = h.bloomDays;
    buds.bloomFrom = Math.max(0, buds.budBreak + from);
    buds.fullBloom = Math.max(0, buds.budBreak + Math.round((from + to) / 2));
    buds.bloomTo = Math.max(0, buds.budBreak + to);
  }
  return buds;
}

/**
 * Buds by chill, then warmth; growth stops by heat sum, short days and cool nights; wood ripens by warmth, faster once growth has stopped.
 * @param shift s of the model: e^s scales stopping and ripening, from wood checks or as uncertainty (sd .3)
 * @param care feeds that hold growth open and late work that wakes it: shoots it starts ripen as a cohort of their own
 */
export function runWoodSeason(
  h: HabitParameters,
  slice: SeasonSlice,
  latitudeDeg: number,
  shift = 0,
  care: WoodCare = NO_CARE,
): WoodSeason {
  const n = slice.tminC.length;
  const cessation = new Float32Array(n);
  const heat = new Float32Array(n);
  const warmth = new Float32Array(n);
  const openWarmth = new Float32Array(n);
  const rate = Math.exp(shift);
  const evergreen = h.leaf === "evergreen";

  let leafFall = -1;
  const buds = budsOf(h, slice);
  const { budBreak } = buds;
  let [grown, C, H, night, tenDays, W, O] = [0, 0, 0, slice.tminC[0], 0, 0, 0];
  const daylengths = daylengthsAt(latitudeDeg);
  let ofYear = dayOfYear(slice.startDay - 1);
  let yesterday = daylengths[ofYear];
  const fed = care.feeds.length > 0;
  const wakings = care.wakings.map((w) => ({ at: w.on - slice.startDay, strength: w.strength }));
  let [tips, tipHeat, tipsFrom]: [Float32Array | null, number, number] = [null, 0, 0];

  for (let i = 0; i < n; i++) {
    const [tmin, tmax] = [slice.tminC[i], slice.tmaxC[i]];
    night += NIGHT_WEIGHT * (tmin - night);
    tenDays += ((tmin + tmax) / 2 - tenDays) / Math.min(10, i + 1);
    // The day of the year only needs to be looked up again when it may have wrapped.
    ofYear = ofYear >= 365 ? dayOfYear(slice.startDay + i) : ofYear + 1;
    const daylength = daylengths[ofYear];
    const shortening = daylength < yesterday;
    yesterday = daylength;

    if (budBreak >= 0 && i > budBreak && leafFall < 0) {
      grown += degreeDays(tmin, tmax, h.growthBaseC);
      const gated = shortening && i > budBreak + DAYLENGTH_GATE_DAYS;
      const byHeat = h.stopByHeat === 0 ? 0 : h.stopByHeat * logistic((grown - h.stopDegreeDays) / 120);
      const bySeason = gated
        ? h.stopByDay * logistic((h.criticalHours - daylength) / 0.5) +
          h.stopByNight * logistic((h.nightC - night) / 1.5)
        : 0;
      const nitrogen = fed ? residualNitrogen(care.feeds, slice.startDay + i) : 0;
      C += (1 - C) * Math.min(1, rate * (byHeat + bySeason) * (1 - NITROGEN_SLOWS * nitrogen));
      if (nitrogen > 0)
        C -= NITROGEN_REOPENS * nitrogen * C * (1 - C) * clamp(((tmin + tmax) / 2 - h.ripeBaseC) / 10, 0, 1);
      for (const waking of wakings) {
        if (waking.at !== i || waking.strength * (1 - C) < FLUSH_LEAST) continue;
        C *= 1 - waking.strength * (1 - C);
        [tips, tipHeat, tipsFrom] = [tips ?? new Float32Array(n).fill(1), 0, i + FLUSH_DELAY_DAYS];
      }
      const warm = rate * degreeDays(tmin, tmax, h.ripeBaseC);
      H += warm * (h.m0 + (1 - h.m0) * C);
      W += warm;
      O += warm * (1 - C);
      if (tips && i > tipsFrom) tipHeat += warm * (h.m0 + (1 - h.m0) * C);
      if (!evergreen && i > LEAF_FALL_FROM && tenDays < (i > SHORT_DAYS_FROM ? SHORT_DAYS_FALL_C : LEAF_FALL_C))
        leafFall = i;
    }
    cessation[i] = C;
    heat[i] = H;
    warmth[i] = W;
    openWarmth[i] = O;
    if (tips && i >= tipsFrom) tips[i] = ripeness(tipHeat, TIP_H50_SHARE * h.h50, h.n);
  }
  return { ...buds, leafFall, flush: flushCycles(slice), cessation, heat, warmth, openWarmth, tips };
}

/**
 * Ripeness, on day `until`, of shoots that work of strength `q` on day `at` would start; 1 when no flush is to be expected.
 * The work takes cessation back to C(1 − q(1 − C)); stopping then goes on at the season's pace, so 1 − C stays proportional
 * to the undisturbed course and two running totals suffice.
 */
export function lateFlushRipeness(h: HabitParameters, wood: WoodSeason, at: number, until: number, q: number): number {
  const C = wood.cessation[at];
  if (
    wood.flush !== null ||
    q * (1 - C) < FLUSH_LEAST ||
    wood.budBreak < 0 ||
    at < wood.budBreak ||
    (wood.leafFall >= 0 && at >= wood.leafFall)
  )
    return 1;
  const from = Math.min(at + FLUSH_DELAY_DAYS, until);
  const open = 1 - C * (1 - q * (1 - C));
  const stretch = 1 - C > 1e-6 ? open / (1 - C) : 1;
  const warm = wood.warmth[until] - wood.warmth[from];
  const stillOpen = Math.min(warm, stretch * (wood.openWarmth[until] - wood.openWarmth[from]));
  return ripeness(warm - (1 - h.m0) * stillOpen, TIP_H50_SHARE * h.h50, h.n);
}

export const WOOD_PHASES = ["dormant", "swelling", "soft", "hardening", "ripe", "fallen"] as const;
export type WoodPhase = (typeof WOOD_PHASES)[number];
/** Phases by their number in packed arrays. */
export const PHASE = Object.fromEntries(WOOD_PHASES.map((phase, i) => [phase, i])) as Record<WoodPhase, number>;
const SOFT_BELOW = 0.3;
export const RIPE_FROM = 0.7;

/** Heat at which wood counts as ripe: asked for every day, so the power is taken once. */
const ripeHeats = new WeakMap<HabitParameters, number>();
function ripeHeat(h: HabitParameters): number {
  let heat = ripeHeats.get(h);
  if (heat === undefined) ripeHeats.set(h, (heat = h.h50 * (-Math.log(1 - RIPE_FROM) / Math.LN2) ** (1 / h.n)));
  return heat;
}

/**
 * Phase of a season's wood on a day of its slice. "fallen" is the dormancy after leaf fall; where winter never comes it is soft in a
 * flush and ripe between flushes.
 */
export function woodPhase(h: HabitParameters, wood: WoodSeason, i: number): WoodPhase {
  if (wood.flush) return wood.flush[i] === 1 ? "soft" : "ripe";
  if (wood.leafFall >= 0 && i >= wood.leafFall) return "fallen";
  // A leafless tree counts as swelling until its leaves have unfolded: there is nothing soft to hurt before.
  const wakes = h.leaf === "deciduous" ? wood.leafOut : wood.budBreak;
  if (wakes < 0 || i < wakes) return wood.swell >= 0 && i >= wood.swell ? "swelling" : "dormant";
  if (wood.cessation[i] < SOFT_BELOW) return "soft";
  return wood.heat[i] < ripeHeat(h) ? "hardening" : "ripe";
}

/** Names a grower uses: leafless trees rest dormant, evergreens rest, flush and firm. */
export type WoodStage = "dormant" | "swelling" | "soft" | "hardening" | "ripe" | "resting" | "flush" | "firm";

export function woodStage(leaf: "deciduous" | "evergreen", phase: WoodPhase): WoodStage {
  if (leaf === "deciduous") return phase === "fallen" ? "dormant" : phase;
  if (phase === "dormant" || phase === "swelling" || phase === "fallen") return "resting";
  return phase === "soft" ? "flush" : phase === "ripe" ? "firm" : "hardening";
}

/** Ripeness of the softest wood of the season on a day: the tips where a late waking started some, else the shoots. */
export function tipRipeness(h: HabitParameters, wood: WoodSeason, i: number): number {
  if (wood.flush) return 1 - wood.flush[i];
  const shoots = ripeness(wood.heat[i], h.h50, h.n);
  return wood.tips ? Math.min(shoots, wood.tips[i]) : shoots;
}
