import { MIDSUMMER, SEASON_LEAD_DAYS, type SeasonSlice } from "../climate/index";
import type { Profile, RootWork } from "../species/index";
import { type HabitParameters, PHASE, type WoodSeason } from "../wood/index";
import { HARDY_CROWN_C } from "./operations";

/** Suitability outside the kind's own season for root work: our judgement (L). */
const OUT_OF_SEASON = { robust: 0.45, normal: 0.3, touchy: 0.15 } as const;
/** Evergreens' root work of the warm spring ends so many days after midsummer. */
const SPRING_WORK_ENDS = MIDSUMMER + 10;
/** It begins when the mix has begun to warm, so long after midwinter. */
const SPRING_WORK_BEGINS = SEASON_LEAD_DAYS + 40;
const LATE_SUMMER = [MIDSUMMER + 30, MIDSUMMER + 115] as const;
/** Root work before the flush begins so long before it. */
const BEFORE_FLUSH_DAYS = 90;
/** Root work before the flush may run this far into it. */
const INTO_FLUSH_DAYS = 10;
const AFTER_BLOOM_DAYS = 45;
/** Bleeders are not cut from so long before bud break until so long after it, when they stand in full leaf. */
const SAP_BEFORE_DAYS = 28;
const SAP_UNTIL_DAYS = 35;
/** Stone fruit is cut in the dry of summer, so long from bud break on, until so long after midsummer. */
const STONE_CUT_FROM_DAYS = 35;
const STONE_CUT_UNTIL = MIDSUMMER + 95;

/** First and last day of a phase of root work in growth; "between-flushes" is asked day by day. */
function stretchOf(work: RootWork, profile: Profile, wood: WoodSeason, n: number): readonly [number, number] {
  const { budBreak, bloomTo } = wood;
  // Kinds that bloom first have their time between bloom and flush.
  const blooms = profile.values.rootWork.includes("after-bloom") && bloomTo >= 0 && bloomTo < budBreak;
  switch (work) {
    case "warm":
    case "between-flushes":
      return [0, n - 1];
    case "warm-spring":
      return [SPRING_WORK_BEGINS, SPRING_WORK_ENDS];
    case "before-flush":
    case "swell":
      return budBreak < 0
        ? [SPRING_WORK_BEGINS, MIDSUMMER - 1]
        : [blooms ? bloomTo + 1 : budBreak - BEFORE_FLUSH_DAYS, Math.min(MIDSUMMER - 1, budBreak + INTO_FLUSH_DAYS)];
    case "after-bloom": {
      const end = Math.max(SEASON_LEAD_DAYS, bloomTo, budBreak);
      return [end + 1, end + AFTER_BLOOM_DAYS];
    }
    case "late-summer":
      return LATE_SUMMER;
    case "late-dormant":
    case "leaf-fall":
      return [n, -1];
  }
}

/** How well an evergreen stands the loss of many roots on each day, by its kind's own season; leafless trees are asked in the dormant hold. */
export function rootSeason(profile: Profile, h: HabitParameters, wood: WoodSeason, phase: Uint8Array): Float32Array {
  const n = phase.length;
  const out = new Float32Array(n).fill(1);
  if (h.leaf === "deciduous") return out;
  if (wood.flush) return out.map((_, i) => (phase[i] === PHASE.soft ? OUT_OF_SEASON[profile.tolerance] : 1));
  out.fill(OUT_OF_SEASON[profile.tolerance]);
  for (const work of profile.values.rootWork) {
    const [from, to] = stretchOf(work, profile, wood, n);
    const hardOnly = work === "between-flushes" || work === "late-summer";
    // The same stretch a year on: the winter of a season's end has its own spring before it.
    for (const year of [0, 365])
      for (let i = Math.max(0, from + year); i <= Math.min(n - 1, to + year); i++)
        if (!hardOnly || phase[i] !== PHASE.soft) out[i] = 1;
  }
  return out;
}

/** Where the months after midwinter stay frozen no spores fly, and all stone fruit is cut before bloom; mean °C (L). */
const FROZEN_C = -3;
const FROZEN_DAYS = 45;

function isFrozenWinter({ tminC, tmaxC }: SeasonSlice): boolean {
  let sum = 0;
  for (let i = SEASON_LEAD_DAYS; i < SEASON_LEAD_DAYS + FROZEN_DAYS; i++) sum += (tminC[i] + tmaxC[i]) / 2;
  return sum / FROZEN_DAYS < FROZEN_C;
}

/** Stone fruit that bears on last year's shoots is cut hard before bloom as well, so long before it (L). */
const CUT_BEFORE_BLOOM_DAYS = 75;
const CUT_BEFORE_BLOOM: ReadonlySet<string> = new Set(["peach", "almond"]);
/** Evergreens that set their flower buds in summer are cut when they have bloomed, within so many days. */
const CUT_AFTER_BLOOM_DAYS = 70;
/** Hard cuts of the autumn neither heal nor harden: from so long before the first damaging frost until the leaves are down. */
const AUTUMN_CUT_DAYS = 70;

/** Light cuts bleed and infect less than hard ones, but they do. */
const LIGHT_CUT_LEAST = 0.4;

/**
 * How well each day stands with cuts into the crown: bleeders not before full leaf, stone fruit in the dry of summer; hard ones of kinds
 * that carry next year's flowers after bloom, and none in the weeks before frost.
 * @param frostIndex day of the slice by which the first damaging frost has come in one year of ten; null where it is rarer
 * @param flushSafeIndex day from which new shoots open after the last one of spring
 */
export function crownSeason(
  profile: Profile,
  wood: WoodSeason,
  slice: SeasonSlice,
  frostIndex: number | null,
  flushSafeIndex: number,
): { hardCuts: Float32Array; lightCuts: Float32Array } {
  const n = slice.tminC.length;
  const hardCuts = openToWounds(profile, wood, slice);
  const lightCuts = hardCuts.map((v) => Math.max(LIGHT_CUT_LEAST, v));
  const { values } = profile;
  const shut = (to: number, from: number, until: number) => {
    for (const year of [-365, 0, 365])
      for (let i = Math.max(0, year + from); i < Math.min(n, year + until); i++)
        hardCuts[i] = Math.min(hardCuts[i], to);
  };
  const { bloomTo, leafFall } = wood;
  if (values.leaf !== "deciduous" && values.rootWork.includes("after-bloom") && bloomTo >= 0)
    shut(0.4, bloomTo + CUT_AFTER_BLOOM_DAYS, bloomTo + 366);
  if (frostIndex !== null && wood.flush === null) {
    // Tender evergreens stay covered by their old growth until spring frosts are past.
    const tender = values.leaf !== "deciduous" && values.crownC > HARDY_CROWN_C;
    shut(0.3, frostIndex - AUTUMN_CUT_DAYS, leafFall >= 0 ? leafFall : tender ? flushSafeIndex + 365 : frostIndex);
  }
  return { hardCuts, lightCuts };
}

/** Days on which wounds neither bleed nor let disease in. */
function openToWounds(profile: Profile, wood: WoodSeason, slice: SeasonSlice): Float32Array {
  const n = slice.tminC.length;
  const out = new Float32Array(n).fill(1);
  const { traits } = profile.values;
  const { budBreak, bloomFrom } = wood;
  if (traits.includes("stone-fruit")) {
    out.fill(0.2);
    if (budBreak >= 0) out.fill(1, budBreak + STONE_CUT_FROM_DAYS, STONE_CUT_UNTIL + 1);
    if (bloomFrom >= 0 && (CUT_BEFORE_BLOOM.has(profile.kindId ?? "") || isFrozenWinter(slice)))
      for (const from of [bloomFrom, bloomFrom + 365])
        out.fill(1, Math.max(0, from - CUT_BEFORE_BLOOM_DAYS), Math.max(0, Math.min(n, from)));
  }
  if (traits.includes("bleeder") && budBreak >= 0)
    for (const wakes of [budBreak, budBreak + 365])
      out.fill(0.1, Math.max(0, wakes - SAP_BEFORE_DAYS), Math.min(n, wakes + SAP_UNTIL_DAYS));
  return out;
}
