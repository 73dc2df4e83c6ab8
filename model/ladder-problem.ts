import { warmthBetween } from "@/core/climate/index";
import { CORRECTING_FIGURES } from "@/core/root-work/index";
import { growingSeason, midwinterOf } from "@/core/dates/index";
import type { LoggedEvent } from "@/core/event/index";
import {
  GUESSED_MIX_PRICE_PER_L,
  type LadderDoubt,
  type LadderPot,
  type LadderProblem,
  type LadderTerms,
  potToBuy,
  SCHOOL_WEIGHTS,
  type StorePot,
  USUAL_TERMS,
  USUAL_VOLUMES_L,
  WET_MIX_KG_PER_L,
  withGoal,
} from "@/core/ladder/index";
import { mixLife } from "@/core/mix/index";
import { SEASON_SD } from "@/core/roots/index";
import { brimHeightMm, likelyPotMassKg, mixEstimate, type Pot, vesselOf, wallOf } from "@/core/vessel/index";
import { paceLeftAfterLook } from "./narrow";
import { MACHINE_LIMIT_KG } from "@/core/mass/index";
import type { LotRecord, TreeRecord } from "@/core/records/index";
import type { TreeOnDay } from "./tree-on-day";
import { carriedIn, mostLiftedKg } from "./tree-situation";

/** Half of the resting season is wet enough to matter (L). */
const COOL_WET = 0.5;
/** Mix that keeps its structure longer than plans reach. */
const LONG_LIFE_YEARS = 10;
const TAP_DEPTH_MM = 350;
/** An ornament with no final pot is planned to so many times its present mix, and no further than this. */
const ORNAMENT_TIMES = 5;
const ORNAMENT_MOST_L = 100;
/** Mix of nobody knows what age. */
const UNKNOWN_AGE_YEARS = 2;
export const PLANNED_SEASONS = 15;

/** A tree's ladder as a problem, with what the screens say beside it. */
export interface LadderSetting {
  problem: LadderProblem;
  /** Names of pots by id: those in store and those on offer. */
  potNames: Record<string, string>;
  /** First growing season of the plan. */
  firstSeason: number;
  doubt: LadderDoubt;
  /** Share of the doubt about its pace that a look would leave. */
  leftAfterLook: number;
  /** Best volumes for a crop, L; null for other purposes and kinds. */
  cropL: readonly [number, number] | null;
}

/** What all ladders of a collection share. */
export interface LadderShelf {
  stored: readonly StorePot[];
  /** Lots more of which can be bought. */
  onOffer: readonly LotRecord[];
  /** Price of mix, money a litre; null: nobody has said. */
  mixPricePerL: number | null;
  terms: LadderTerms | null;
  /** Widest door and highest ceiling of the winter places that have been measured, mm; null where none hinders. */
  wayIn: { doorMm: number | null; headroomMm: number | null };
}

/** Trees that are off the ladder: their pot is part of their shape, or their life is at stake. */
export type OffLadder = "miniature" | "rescue" | "no-pot";

function potOf(id: string, pot: Pot, price: number, owned: boolean): LadderPot {
  const { vessel } = vesselOf(pot);
  return {
    id,
    volumeL: mixEstimate(pot).p50,
    heightMm: brimHeightMm(vessel),
    widthMm: vessel.shape === "round" ? vessel.topWidthMm : null,
    wall: wallOf(pot),
    massKg: likelyPotMassKg(vessel).massKg,
    price,
    owned,
  };
}

/** Volumes nearer than this make no difference to a plan. */
const alike = (a: number, b: number) => Math.abs(Math.log(a / b)) < 0.05;

/** What the planner needs of one tree: its roots, pots in store and to buy, the site, the people. */
export function ladderSetting(day: TreeOnDay, input: LadderShelf): LadderSetting | OffLadder {
  const { record: tree, profile, roots: replayed, state, site } = day;
  const on = day.day;
  if (tree.purpose === "miniature" || tree.purpose === "rescue") return tree.purpose;
  if (!replayed.pot) return "no-pot";
  const now: LadderPot = { ...potOf("now", replayed.pot, 0, true), volumeL: state.volumeL.p50 };
  const potNames: Record<string, string> = {};
  const stored: LadderPot[] = [];
  const sound = input.stored.filter((p) => p.free > 0 && p.condition !== "cracked" && p.condition !== "brittle");
  for (const p of [...sound].sort((a, b) => b.free - a.free)) {
    const pot = potOf(p.lotId, p.pot, 0, true);
    // Of pots as good as equal the one there is most of will do.
    if (stored.some((other) => other.wall === pot.wall && alike(other.volumeL, pot.volumeL))) continue;
    potNames[p.lotId] = p.name;
    stored.push(pot);
  }
  const offered = input.onOffer.map((lot) => {
    potNames[`lot-${lot.id}`] = lot.name;
    const pot = potOf(`lot-${lot.id}`, lot.pot, 0, false);
    return { ...pot, price: lot.price ?? potToBuy(pot.volumeL).price };
  });
  const usual = USUAL_VOLUMES_L.filter((v) => ![...offered, ...stored].some((p) => alike(p.volumeL, v)));
  const life = replayed.mix ? mixLife(replayed.mix) : null;
  const cropL = tree.purpose === "crop" ? profile.values.cropVolumeL : null;
  const opening = midwinterOf(growingSeason(on, site.latitudeDeg), site.latitudeDeg);
  const nextOpening = midwinterOf(growingSeason(on, site.latitudeDeg) + 1, site.latitudeDeg);
  // Past midsummer a season's windows are as good as over: the plan begins with the next.
  const firstSeason = growingSeason(on, site.latitudeDeg) + (on - opening > (nextOpening - opening) / 2 ? 1 : 0);
  const terms = input.terms ?? USUAL_TERMS;
  const problem: LadderProblem = {
    tree: {
      kPerDegreeDay: profile.kPerDegreeDay * state.vigour.p50,
      wind: profile.values.wind,
      fill: state.fill.p50,
      circling: state.circling.p50,
      volumeL: now.volumeL,
      mixAgeYears: Math.max(0, state.mixAgeYears ?? UNKNOWN_AGE_YEARS),
      tapRoot: profile.roots === "tap",
      largestStep: profile.values.largestStep,
      tolerance: CORRECTING_FIGURES.tolerance[profile.tolerance],
      heightMm: tree.heightM === null ? null : 1000 * tree.heightM,
    },
    pots: [now, ...stored, ...offered, ...usual.map(potToBuy)],
    site: {
      seasonDegreeDays: Math.max(1, warmthBetween(site.warmth, profile.warmth, opening, nextOpening)),
      coolWet: COOL_WET,
      liftKg: mostLiftedKg(day.yard.calendar),
      gearKg: MACHINE_LIMIT_KG,
      movedForWinter: carriedIn(day),
      mixKgPerL: WET_MIX_KG_PER_L,
      mixPricePerL: input.mixPricePerL ?? GUESSED_MIX_PRICE_PER_L,
      mixLifeYears: life === null || life.by === "long" ? LONG_LIFE_YEARS : life.years,
      rootDepthNeedMm: profile.roots === "tap" ? TAP_DEPTH_MM : null,
      doorMm: terms.doorMm ?? input.wayIn.doorMm,
      headroomMm: terms.headroomMm ?? input.wayIn.headroomMm,
    },
    goal: {
      minL: 1,
      maxL: 1,
      bySeason: null,
      plantOut: tree.plantOutSeason == null ? null : { season: Math.max(0, tree.plantOutSeason - firstSeason) },
    },
    seasons: PLANNED_SEASONS,
    weights: terms.school === "own" ? (terms.own ?? SCHOOL_WEIGHTS["small-steps"]) : SCHOOL_WEIGHTS[terms.school],
  };
  const aim = usualGoalL(tree, now.volumeL, cropL);
  const aimed = withGoal(problem, aim);
  // A crop is best within a range of volumes: anything in it will do.
  if (cropL && tree.finalVolumeL === null) aimed.goal.maxL = Math.max(aimed.goal.maxL, cropL[1]);
  return {
    problem: aimed,
    potNames,
    firstSeason,
    doubt: { vigourSd: Math.log(state.vigour.p90 / state.vigour.p10) / (2 * 1.2816), warmthSd: SEASON_SD },
    leftAfterLook: paceLeftAfterLook(replayed.belief),
    cropL,
  };
}

/** Where a tree is to end up, L of mix, unless somebody says otherwise: by its purpose. */
function usualGoalL(tree: TreeRecord, nowL: number, cropL: readonly [number, number] | null): number {
  const round = (v: number) => (v < 10 ? Math.round(10 * v) / 10 : Math.round(v));
  if (tree.finalVolumeL !== null) return round(Math.max(nowL, tree.finalVolumeL));
  // A stock plant is kept where it is: what is cut from it is wanted, not its size.
  if (tree.purpose === "stock") return round(nowL);
  if (cropL) return round(Math.max(nowL, cropL[0]));
  return Math.max(5, 5 * Math.round(Math.max(nowL, Math.min(ORNAMENT_MOST_L, ORNAMENT_TIMES * nowL)) / 5));
}

/** The newest word on how ladders are planned; null: nobody has said. */
export function ladderTermsOf(events: readonly LoggedEvent[]): LadderTerms | null {
  let newest: { seq: number; terms: LadderTerms } | null = null;
  for (const { payload, seq } of events)
    if (payload.kind === "ladder-terms" && (!newest || newest.seq <= seq)) newest = { seq, terms: payload.terms };
  return newest?.terms ?? null;
}
