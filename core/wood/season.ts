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
  leafFall: number;
  /** Share of growth that has stopped, 0–1. */
  cessation: Float32Array;
  /** Running heat towards ripeness. */
  heat: Float32Array;
  /** Running totals for a late flush: all heat after bud break, and heat × (1 − cessation). */
  warmth: Float32Array;
  openWarmth: Float32Array;
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
/** When chill is still lacking so long after midwinter, heat counts with (chill/required)². */
const LATE_CHILL_DAYS = 75;
const DAYLENGTH_GATE_DAYS = 30;
/** Leaves fall when ten days average below this, from two months after midsummer on: our judgement (L). */
const LEAF_FALL_C = 8;
const SWELL_SHARE = 0.6;

const daylengthCache = new Map<number, Float64Array>();
function daylengthsAt(latitudeDeg: number): Float64Array {
  let table = daylengthCache.get(latitudeDeg);
  if (!table) {
    if (daylengthCache.size > 50) daylengthCache.clear();
    daylengthCache.set(latitudeDeg, (table = daylengthTable(latitudeDeg)));
  }
  return table;
}

/**
 * Bud break by chill, then warmth; growth stops by heat sum, short days and cool nights; wood ripens by warmth, faster once growth has stopped.
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

  let [swell, budBreak, leafFall] = [-1, -1, -1];
  let [budHeat, grown, C, H, night, tenDays, W, O] = [0, 0, 0, 0, slice.tminC[0], 0, 0, 0];
  const daylengths = daylengthsAt(latitudeDeg);
  let ofYear = dayOfYear(slice.startDay - 1);
  let yesterday = daylengths[ofYear];
  const winterEnd = SEASON_LEAD_DAYS + 365;
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

    if (budBreak < 0 && i >= SEASON_LEAD_DAYS && i < winterEnd) {
      const chill = slice.portions[i] - slice.portions[0];
      const met = h.chillPortions === 0 || chill >= h.chillPortions;
      const allowance = met ? 1 : i > SEASON_LEAD_DAYS + LATE_CHILL_DAYS ? (chill / h.chillPortions) ** 2 : 0;
      budHeat += allowance * degreeDays(tmin, tmax, h.budBaseC);
      if (swell < 0 && budHeat >= SWELL_SHARE * h.budDegreeDays) swell = i;
      if (budHeat >= h.budDegreeDays) budBreak = i;
    } else if (budBreak >= 0 && leafFall < 0) {
      grown += degreeDays(tmin, tmax, h.budBaseC);
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
      if (!evergreen && i > MIDSUMMER + 60 && tenDays < LEAF_FALL_C) leafFall = i;
    }
    cessation[i] = C;
    heat[i] = H;
    warmth[i] = W;
    openWarmth[i] = O;
    if (tips && i >= tipsFrom) tips[i] = ripeness(tipHeat, TIP_H50_SHARE * h.h50, h.n);
  }
  return { swell, budBreak, leafFall, cessation, heat, warmth, openWarmth, tips };
}

/**
 * Ripeness, on day `until`, of shoots that work of strength `q` on day `at` would start; 1 when no flush is to be expected.
 * The work takes cessation back to C(1 − q(1 − C)); stopping then goes on at the season's pace, so 1 − C stays proportional
 * to the undisturbed course and two running totals suffice.
 */
export function lateFlushRipeness(h: HabitParameters, wood: WoodSeason, at: number, until: number, q: number): number {
  const C = wood.cessation[at];
  if (
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

/** Phase of a season's wood on a day of its slice. "fallen" is the dormancy after leaf fall. */
export function woodPhase(h: HabitParameters, wood: WoodSeason, i: number): WoodPhase {
  if (wood.leafFall >= 0 && i >= wood.leafFall) return "fallen";
  if (wood.budBreak < 0 || i < wood.budBreak) return wood.swell >= 0 && i >= wood.swell ? "swelling" : "dormant";
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
  const shoots = ripeness(wood.heat[i], h.h50, h.n);
  return wood.tips ? Math.min(shoots, wood.tips[i]) : shoots;
}
