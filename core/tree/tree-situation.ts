import { extremesAhead } from "./tree-weather";
import type { Site } from "../climate/index";
import type { DayNumber } from "../dates/index";
import { JUDGEMENT_FIGURES, seasonFacts, type Situation } from "../judgement/index";
import { clamp } from "../math/index";
import { mixLife } from "../mix/index";
import type { Profile } from "../species/index";
import { vesselOf } from "../vessel/index";
import { ballInPot, usualFillHeightMm } from "./ball";
import type { Condition } from "./condition";
import { MACHINE_LIMIT_KG } from "./mass";
import { massNow } from "./mass-now";
import type { TreeRecord } from "./records";
import { type Replayed, yearsInPot } from "./replay";
import type { TreeState } from "./state";

/** Days of forecast that count as "now" for heat. */
const HOT_DAYS = 3;

/** What a judgement needs to know of one tree on one day; null where nobody has said which pot it stands in. */
export function situationOf(input: {
  tree: TreeRecord;
  state: TreeState;
  replayed: Replayed;
  profile: Profile;
  site: Site;
  condition: Condition;
  broken: boolean;
  offeredL: number | null;
  /** Carried in for the winter with so much lifting power, kg; null: it stays out. */
  carriedKg: number | null;
  on: DayNumber;
}): Situation | null {
  const { tree, state, replayed, profile, site, condition, on } = input;
  if (!replayed.pot) return null;
  const { vessel } = vesselOf(replayed.pot);
  const ball = ballInPot(
    vessel,
    replayed.fillHeightMm ?? usualFillHeightMm(vessel),
    replayed.bottomLayerMm,
    replayed.mix,
    yearsInPot(replayed, on),
  );
  const massKg = massNow(replayed, { trunkMm: tree.trunkMm, heightM: tree.heightM }, on)?.wetKg ?? 0;
  const { daysToBudBreak: _, ...facts } = seasonFacts(site, profile, on);
  const life = replayed.mix ? mixLife(replayed.mix) : null;
  return {
    profile,
    kPerDegreeDay: profile.kPerDegreeDay * state.vigour.p50,
    ...facts,
    fill: state.fill.p50,
    circling: state.circling.p50,
    volumeL: state.volumeL.p50,
    ball: { widthMm: ball.topWidthMm, heightMm: ball.heightMm },
    hottestC: extremesAhead(site, on, HOT_DAYS)?.hottestC ?? null,
    dry: condition.health === "dry",
    flareHidden: false,
    girdler: state.circling.p50 >= GIRDLER_GRADE ? { shareOfGirth: JUDGEMENT_FIGURES.girdlerSoon } : null,
    broken: input.broken,
    slumped: life !== null && life.by !== "long" && (state.mixAgeYears ?? 0) >= life.years,
    offeredL: input.offeredL,
    carriedKg: input.carriedKg,
    massKg,
    immovable: massKg > MACHINE_LIMIT_KG,
    finalPot: state.verdict.code === "hold",
    trunkMm: tree.trunkMm,
    healthy: condition.health === "well",
  };
}

/** From this grade of turning on a girdling root is to be reckoned with. */
const GIRDLER_GRADE = 3.5;

/** School "proportional": share of the leaves to go in leaf when so many roots are lost; the default leaves them all (they pay for roots). */
export function crownToMatch(rootLoss: number): number {
  return clamp((rootLoss - 0.2) * 1.25, 0, 1);
}

/**
 * Share of an anchored tree's uptake that comes from roots in the ground: a crown heavier than its pot would feed is fed from
 * below. Between a fifth and three fifths; the middle where nobody measured the tree. Our judgement (C).
 */
export function anchoredShare(treeKg: number | null, wetSoilKg: number): number {
  if (treeKg === null) return 0.4;
  return clamp(1 - (USUAL_TREE_SHARE * wetSoilKg) / Math.max(treeKg, 1e-6), 0.2, 0.6);
}
const USUAL_TREE_SHARE = 0.1;
