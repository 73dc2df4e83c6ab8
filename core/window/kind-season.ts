import { MIDSUMMER, SEASON_LEAD_DAYS } from "../climate/index";
import type { Profile, RootWork } from "../species/index";
import { type HabitParameters, PHASE, type WoodSeason } from "../wood/index";

/** Suitability outside the kind's own season for root work: our judgement (L). */
const OUT_OF_SEASON = { robust: 0.45, normal: 0.3, touchy: 0.15 } as const;
/** Evergreens' root work of the warm spring ends so many days after midsummer. */
const SPRING_WORK_ENDS = MIDSUMMER + 10;
const LATE_SUMMER_FROM = MIDSUMMER + 30;
/** Root work before the flush may run this far into it. */
const INTO_FLUSH_DAYS = 10;
const AFTER_BLOOM_DAYS = 45;
/** Bleeders are not cut from so long before bud break until so long after it, when they stand in full leaf. */
const SAP_BEFORE_DAYS = 49;
const SAP_UNTIL_DAYS = 35;
/** Stone fruit is cut in the dry of early summer, so long from bud break on, until so long after midsummer. */
const STONE_CUT_FROM_DAYS = 35;
const STONE_CUT_UNTIL = MIDSUMMER + 45;

/** First and last day of a phase of root work in growth; "between-flushes" is asked day by day. */
function stretchOf(work: RootWork, profile: Profile, wood: WoodSeason, n: number): readonly [number, number] {
  const { budBreak } = wood;
  switch (work) {
    case "warm":
    case "between-flushes":
      return [0, n - 1];
    case "warm-spring":
      return [SEASON_LEAD_DAYS, SPRING_WORK_ENDS];
    case "before-flush":
    case "swell":
      return [0, budBreak < 0 ? MIDSUMMER - 1 : Math.min(MIDSUMMER - 1, budBreak + INTO_FLUSH_DAYS)];
    case "after-bloom": {
      const end = budBreak < 0 ? SEASON_LEAD_DAYS : budBreak + (profile.bloomDays?.[1] ?? 0);
      return [end + 1, end + AFTER_BLOOM_DAYS];
    }
    case "late-summer":
      return [LATE_SUMMER_FROM, n - 1];
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
  out.fill(OUT_OF_SEASON[profile.tolerance]);
  for (const work of profile.values.rootWork) {
    const [from, to] = stretchOf(work, profile, wood, n);
    const hardOnly = work === "between-flushes" || work === "late-summer";
    for (let i = Math.max(0, from); i <= Math.min(n - 1, to); i++) if (!hardOnly || phase[i] !== PHASE.soft) out[i] = 1;
  }
  return out;
}

/** How well each day stands with hard cuts into the crown: bleeders before full leaf, stone fruit outside early summer. */
export function crownSeason(profile: Profile, wood: WoodSeason, n: number): Float32Array {
  const out = new Float32Array(n).fill(1);
  const { traits } = profile.values;
  const { budBreak } = wood;
  if (traits.includes("stone-fruit")) {
    out.fill(0.2);
    if (budBreak >= 0) out.fill(1, budBreak + STONE_CUT_FROM_DAYS, STONE_CUT_UNTIL + 1);
  }
  if (traits.includes("bleeder") && budBreak >= 0)
    out.fill(0.1, Math.max(0, budBreak - SAP_BEFORE_DAYS), budBreak + SAP_UNTIL_DAYS);
  return out;
}
