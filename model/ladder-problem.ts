import { warmthBetween } from "@/core/climate/index";
import { CORRECTING_FIGURES } from "@/core/root-work/index";
import { DECISION_FIGURES, goesByStage } from "@/core/decision/index";
import { type DayNumber, growingSeason, type IsoDate, midwinterOf, toDay } from "@/core/dates/index";
import type { EventPayload, LoggedEvent } from "@/core/event/index";
import {
  GUESSED_MIX_PRICE_PER_L,
  type LadderDoubt,
  type LadderPot,
  type LadderProblem,
  type LadderTerms,
  type LadderWeights,
  type Planner,
  stepRule,
  TAP_DEPTH_MM,
  usualLeastStep,
  potToBuy,
  SCHOOL_WEIGHTS,
  type StorePot,
  USUAL_TERMS,
  USUAL_VOLUMES_L,
  WET_MIX_KG_PER_L,
  withGoal,
} from "@/core/ladder/index";
import { JUDGEMENT_FIGURES } from "@/core/judgement/index";
import { mixLife } from "@/core/mix/index";
import { DUE_FILL, SEASON_SD } from "@/core/roots/index";
import { brimHeightMm, likelyPotMassKg, mixEstimate, type Pot, vesselOf, wallOf } from "@/core/vessel/index";
import { paceLeftAfterLook } from "./narrow";
import { MACHINE_LIMIT_KG } from "@/core/mass/index";
import type { LotRecord } from "@/core/records/index";
import { isYoung } from "./juvenile";
import { goalOf, type TreeGoal } from "./goal";
import type { TreeOnDay } from "./tree-on-day";
import { carriedIn, mostLiftedKg } from "./tree-situation";

/** Seedlings and liners go up by stage, not by the step of a grown tree. */
const YOUNG_MOST_STEP = 14;
/** A long jump that is half rooted by the season's end may be this large. */
const PROVEN_STEP = 20;
/** Half of the resting season is wet enough to matter (L). */
const COOL_WET = 0.5;
/** Mix that keeps its structure longer than plans reach. */
const LONG_LIFE_YEARS = 10;
/** Mix of nobody knows what age. */
const UNKNOWN_AGE_YEARS = 2;
export const PLANNED_SEASONS = 15;

/** A tree's ladder as a problem, with what the screens say beside it. */
export interface LadderSetting {
  problem: LadderProblem;
  /** Whose weights it is planned by. */
  planner: Planner;
  goal: TreeGoal;
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
  const { record: tree, profile, roots: replayed, state, site, day: on } = day;
  // Of a pot it shares its part alone is planned: litres, kilograms and money by its share.
  const { share } = state;
  const part = (pot: LadderPot): LadderPot => ({
    ...pot,
    volumeL: share * pot.volumeL,
    massKg: share * pot.massKg,
    price: share * pot.price,
  });
  const heaviestKg = share * mostLiftedKg(day.yard.calendar);
  if (tree.purpose === "miniature" || tree.purpose === "rescue") return tree.purpose;
  if (!replayed.pot) return "no-pot";
  const now: LadderPot = { ...part(potOf("now", replayed.pot, 0, true)), volumeL: state.volumeL.p50 };
  const potNames: Record<string, string> = {};
  const stored: LadderPot[] = [];
  const sound = input.stored.filter((p) => p.free > 0 && p.condition !== "cracked" && p.condition !== "brittle");
  for (const p of [...sound].sort((a, b) => b.free - a.free)) {
    const pot = part(potOf(p.lotId, p.pot, 0, true));
    // Of pots as good as equal the one there is most of will do; to a tap root a deeper one is another pot.
    const asDeep = (other: LadderPot) =>
      profile.roots !== "tap" || other.heightMm >= Math.min(TAP_DEPTH_MM, pot.heightMm);
    if (stored.some((other) => other.wall === pot.wall && alike(other.volumeL, pot.volumeL) && asDeep(other))) continue;
    potNames[p.lotId] = p.name;
    stored.push(pot);
  }
  const offered = input.onOffer.map((lot) => {
    potNames[`lot-${lot.id}`] = lot.name;
    const pot = potOf(`lot-${lot.id}`, lot.pot, 0, false);
    return part({ ...pot, price: lot.price ?? potToBuy(pot.volumeL).price });
  });
  const usual = USUAL_VOLUMES_L.map((v) => part(potToBuy(v))).filter(
    (pot) => pot.volumeL > now.volumeL && ![...offered, ...stored].some((p) => alike(p.volumeL, pot.volumeL)),
  );
  const life = replayed.mix ? mixLife(replayed.mix) : null;
  const cropL = tree.purpose === "crop" ? profile.values.cropVolumeL : null;
  const opening = midwinterOf(growingSeason(on, site.latitudeDeg), site.latitudeDeg);
  const nextOpening = midwinterOf(growingSeason(on, site.latitudeDeg) + 1, site.latitudeDeg);
  // Past midsummer a season's windows are as good as over: the plan begins with the next.
  const firstSeason = growingSeason(on, site.latitudeDeg) + (on - opening > (nextOpening - opening) / 2 ? 1 : 0);
  const terms = input.terms ?? USUAL_TERMS;
  const carried = carriedIn(day);
  const planner = plannerOf(day, input.terms);
  const young = isYoung(day) && goesByStage(profile, now.volumeL);
  const begin = atOpening(day, firstSeason > growingSeason(on, site.latitudeDeg) ? nextOpening : opening);
  const kPerDegreeDay = Number((profile.kPerDegreeDay * state.vigour.p50).toPrecision(3));
  const problem: LadderProblem = {
    tree: {
      kPerDegreeDay,
      wind: profile.values.wind,
      fill: stepOf(begin.state.fill.p50, 0.02),
      circling: stepOf(begin.state.circling.p50, 0.1),
      volumeL: now.volumeL,
      mixAgeYears: stepOf(Math.max(0, begin.state.mixAgeYears ?? UNKNOWN_AGE_YEARS), 0.25),
      tapRoot: profile.roots === "tap",
      largestStep: profile.values.largestStep,
      ...(young
        ? { youngStep: YOUNG_MOST_STEP }
        : {
            leastStep: usualLeastStep(kPerDegreeDay, profile.values.largestStep),
            ordinaryStep: stepRule(kPerDegreeDay, profile.values.largestStep).largest,
            provenStep: PROVEN_STEP,
            dueFill: DUE_FILL,
          }),
      wellFed: true,
      tolerance: CORRECTING_FIGURES.tolerance[profile.tolerance],
      heightMm: tree.heightM === null ? null : 1000 * tree.heightM,
    },
    pots: [now, ...stored, ...offered, ...usual],
    site: {
      seasonDegreeDays: Math.max(1, stepOf(warmthBetween(site.warmth, profile.warmth, opening, nextOpening), 10)),
      coolWet: COOL_WET,
      liftKg: heaviestKg,
      gearKg: share * MACHINE_LIMIT_KG,
      movedForWinter: carried,
      mostCarriedL: carried ? heaviestKg / JUDGEMENT_FIGURES.allKgPerL : null,
      mixKgPerL: WET_MIX_KG_PER_L,
      mixPricePerL: input.mixPricePerL ?? GUESSED_MIX_PRICE_PER_L,
      mixLifeYears: life === null || life.by === "long" ? LONG_LIFE_YEARS : life.years,
      rootDepthNeedMm: profile.roots === "tap" ? TAP_DEPTH_MM : null,
      doorMm: input.wayIn.doorMm,
      headroomMm: input.wayIn.headroomMm,
    },
    goal: {
      minL: 1,
      maxL: 1,
      bySeason: null,
      plantOut: tree.plantOutSeason == null ? null : { season: Math.max(0, tree.plantOutSeason - firstSeason) },
    },
    seasons: PLANNED_SEASONS,
    weights: weightsOf(planner, terms),
  };
  const goal = goalOf(day);
  // A pot close to the goal is the goal: no step is left that is worth the handling.
  const reached = (aimL: number) => now.volumeL >= DECISION_FIGURES.goalReached * aimL;
  const aimed = withGoal(problem, reached(goal.minL) ? now.volumeL : goal.minL);
  aimed.goal.near = DECISION_FIGURES.goalReached;
  aimed.goal.maxL = reached(goal.maxL) ? now.volumeL : Math.max(aimed.goal.maxL, goal.maxL);
  return {
    problem: aimed,
    planner,
    goal,
    potNames,
    firstSeason,
    doubt: { vigourSd: Math.log(state.vigour.p90 / state.vigour.p10) / (2 * 1.2816), warmthSd: SEASON_SD },
    leftAfterLook: paceLeftAfterLook(replayed.belief),
    cropL,
  };
}

/** Steps so small change no plan: what is planned on must not move with every day's weather. */
const stepOf = (value: number, step: number) => Number((Math.round(value / step) * step).toPrecision(6));

/** The tree as it stands when the plan's first season opens, or as the last entry after that left it. */
function atOpening(day: TreeOnDay, opening: DayNumber): TreeOnDay {
  const last = day.events.reduce((latest, e) => Math.max(latest, Math.min(day.day, toDay(e.on.best))), -Infinity);
  const at = Math.max(opening, last);
  return at === day.day ? day : (day.tree.make(at) ?? day);
}

const weightsOf = (planner: Planner, { own }: Pick<LadderTerms, "own">): LadderWeights =>
  planner === "own" ? (own ?? SCHOOL_WEIGHTS["small-steps"]) : SCHOOL_WEIGHTS[planner];

/** Whose way a tree's pots follow: its own, else its collection's; where nobody said, long jumps for what is very vigorous. */
function plannerOf({ events, profile, day }: TreeOnDay, terms: LadderTerms | null): Planner {
  const chosen = chosenPlan(events, day);
  if (chosen) return chosen.school;
  if (terms) return terms.school;
  return profile.kPerDegreeDay >= DECISION_FIGURES.yearlingPace && profile.values.largestStep === null
    ? "long-jump"
    : USUAL_TERMS.school;
}

/** The plan its grower said is to be followed; null where none is, or it was given up. */
export function chosenPlan(events: readonly LoggedEvent[], on: DayNumber): ChosenPlan | null {
  const last = events.findLast((e) => e.payload.kind === "ladder-chosen" && toDay(e.on.best) <= on);
  return last?.payload.kind === "ladder-chosen" && last.payload.plan
    ? { on: last.on.best, ...last.payload.plan }
    : null;
}
export type ChosenPlan = NonNullable<Extract<EventPayload, { kind: "ladder-chosen" }>["plan"]> & { on: IsoDate };

/** The newest word on how ladders are planned; null: nobody has said. */
export function ladderTermsOf(events: readonly LoggedEvent[]): LadderTerms | null {
  let newest: { seq: number; terms: LadderTerms } | null = null;
  for (const { payload, seq } of events)
    if (payload.kind === "ladder-terms" && (!newest || newest.seq <= seq)) newest = { seq, terms: payload.terms };
  return newest?.terms ?? null;
}
