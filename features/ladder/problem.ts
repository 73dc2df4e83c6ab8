import "server-only";
import { CORRECTING_FIGURES } from "@/core/correcting/index";
import { growingSeason, toDay } from "@/core/dates/index";
import { type LadderPot, type LadderProblem, SCHOOL_WEIGHTS } from "@/core/ladder/index";
import { mixLife } from "@/core/mix/index";
import { mostLiftedKg, storeAt } from "@/core/tree/index";
import { brimHeightMm, likelyPotMassKg, mixEstimate, vesselOf, wallOf } from "@/core/vessel/index";
import type { CollectionView } from "../collection/load";
import type { TreeOn } from "../tree/tree-on";

/** Pots one can buy in most places, litres of mix; their prices are a guess until pots to buy are on record. */
const USUAL_VOLUMES = [4.5, 6, 8, 10, 12, 15, 18, 22, 28, 35, 45, 55, 75, 100, 130];
const GUESSED_PRICE = (volumeL: number) => 1.5 * volumeL ** 0.7;
const GUESSED_MASS = (volumeL: number) => 0.1 * volumeL ** 0.66;
const GUESSED_MIX_PRICE = 0.15;
const MIX_KG_PER_L = 0.8;
/** Half of the resting season is wet enough to matter. */
const COOL_WET = 0.5;
const LONG_LIFE_YEARS = 10;
const TAP_DEPTH_MM = 350;
/** An ornament with no final pot is planned to so many times its present mix. */
const ORNAMENT_TIMES = 5;
export const PLANNED_SEASONS = 15;

export interface LadderSetting {
  problem: LadderProblem;
  potNames: Record<string, string>;
  /** First growing season of the plan. */
  firstSeason: number;
}

/** What the planner needs of one tree: its roots, pots in store and to buy, the site, the people. */
export function ladderSetting(
  view: CollectionView,
  facts: TreeOn,
  asked: { goalL: number | null; liftKg: number | null },
): LadderSetting | null {
  const { tree, profile, state, replayed, situation } = facts;
  if (!situation || !replayed.pot) return null;
  const on = toDay(view.today);
  const here = replayed.pot;
  const now: LadderPot = {
    id: "now",
    volumeL: state.volumeL.p50,
    heightMm: brimHeightMm(vesselOf(here).vessel),
    wall: wallOf(here),
    massKg: likelyPotMassKg(vesselOf(here).vessel).massKg,
    price: 0,
    owned: true,
  };
  const names: Record<string, string> = { now: view.loaded.indexed.lots.get(replayed.lotId ?? "")?.name ?? "its pot" };
  const stored = storeAt(view.loaded.indexed, on).filter(
    (p) => p.free > 0 && p.condition !== "cracked" && p.condition !== "brittle",
  );
  const inStore = stored.map((p): LadderPot => {
    names[p.lotId] = p.name;
    const volumeL = mixEstimate(p.pot).p50;
    return {
      id: p.lotId,
      volumeL,
      heightMm: brimHeightMm(vesselOf(p.pot).vessel),
      wall: wallOf(p.pot),
      massKg: likelyPotMassKg(vesselOf(p.pot).vessel).massKg,
      price: 0,
      owned: true,
    };
  });
  const life = replayed.mix ? mixLife(replayed.mix) : null;
  const crop = tree.purpose === "crop" ? profile.values.cropVolumeL : null;
  const goalL =
    asked.goalL ??
    tree.finalVolumeL ??
    (crop
      ? Math.max(now.volumeL, (crop[0] + crop[1]) / 2)
      : Math.max(5, 5 * Math.round(Math.min(100, ORNAMENT_TIMES * now.volumeL) / 5)));
  const toBuy = [...new Set([...USUAL_VOLUMES, Math.round(10 * goalL) / 10])].map((volumeL): LadderPot => {
    const id = `buy-${volumeL}`;
    names[id] = `a pot of ${volumeL} L, to buy`;
    return {
      id,
      volumeL,
      heightMm: 108 * Math.cbrt(volumeL),
      wall: "smooth-plastic",
      massKg: GUESSED_MASS(volumeL),
      price: GUESSED_PRICE(volumeL),
      owned: false,
    };
  });
  return {
    firstSeason: growingSeason(on, view.site.latitudeDeg) + (situation.autumn ? 1 : 0),
    potNames: names,
    problem: {
      tree: {
        kPerDegreeDay: situation.kPerDegreeDay,
        fill: state.fill.p50,
        circling: state.circling.p50,
        volumeL: now.volumeL,
        mixAgeYears: Math.max(0, state.mixAgeYears ?? 2),
        tapRoot: profile.roots === "tap",
        largestStep: profile.values.largestStep,
        tolerance: CORRECTING_FIGURES.tolerance[profile.tolerance],
      },
      pots: [now, ...inStore, ...toBuy].filter((p, i) => i === 0 || p.volumeL <= 1.05 * goalL),
      site: {
        seasonDegreeDays: situation.growthOfSeason,
        coolWet: COOL_WET,
        liftKg: asked.liftKg ?? mostLiftedKg(view.loaded.calendar),
        movedForWinter: situation.carriedKg !== null,
        mixKgPerL: MIX_KG_PER_L,
        mixPricePerL: GUESSED_MIX_PRICE,
        mixLifeYears: life === null || life.by === "long" ? LONG_LIFE_YEARS : life.years,
        rootDepthNeedMm: profile.roots === "tap" ? TAP_DEPTH_MM : null,
      },
      goal: { minL: Math.round(10 * goalL) / 10, maxL: 1.05 * goalL, bySeason: null, plantOut: null },
      seasons: PLANNED_SEASONS,
      weights: SCHOOL_WEIGHTS["small-steps"],
    },
  };
}
