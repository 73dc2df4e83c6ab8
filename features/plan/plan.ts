import type {
  LadderAction,
  LadderInputs,
  MonthLoad,
  PlanChange,
  Planner,
  PotsToBuy,
  SchoolTotal,
  SeasonArea,
} from "@/core/ladder/index";
import type { CorrectionName } from "@/core/roots/index";
import type { OffLadder } from "@/model/index";

/** A step of the collection's plan as it is kept and shown: stays are left out. */
export interface PlannedStep {
  season: number;
  action: LadderAction;
  correction: CorrectionName | null;
  potId: string;
  pot: string;
  /** None of it is free then: one is to be bought. */
  toBuy: boolean;
  volumeL: number;
  mixL: number;
  minutes: number;
  money: number;
  massKg: number;
  fill: number;
  /** Its window, where one is known, and the day it is put down for. */
  window: [string, string] | null;
  day: string;
}

export interface PlannedTree {
  treeId: string;
  tag: string;
  name: string;
  set: string | null;
  plants: number;
  planner: Planner;
  goalL: number;
  cost: number;
  inputs: LadderInputs;
  digest: string;
  seasons: number;
  steps: PlannedStep[];
  meets: number | null;
  heldByLift: boolean;
  kept: boolean | null;
  changes: PlanChange[];
  /** What of its grounds has changed since it was agreed to. */
  why: (keyof LadderInputs)[];
  /** Waits a season because there is no room; what that costs. */
  heldBySpace: number | null;
}

/** A month with what its people can do. */
export type PlannedMonth = MonthLoad & { hours: number | null };

/** What the planning of a whole collection comes to: kept with its job. */
export interface CollectionPlan {
  /** The same trees by each school; absent in plans kept from before this was asked. */
  schools?: SchoolTotal[];
  today: string;
  revision: number;
  model: string;
  firstSeason: number;
  seasons: number;
  trees: PlannedTree[];
  off: Partial<Record<OffLadder, number>>;
  months: PlannedMonth[];
  /** Busiest week of the eased seasons before and after easing, hours; and what the people had in it. */
  peak: {
    before: number;
    after: number;
    overBefore: number;
    overAfter: number;
    moved: number;
    hoursKnown: boolean;
  } | null;
  pots: (PotsToBuy & { name: string })[];
  areas: SeasonArea[];
  liftKg: number;
  /** Milliseconds the planning took, from claim to result. */
  tookMs: number;
}
