import { type CorrectionName, CORRECTIONS } from "../roots/index";

/** Work on trees that has a window. */
export const OPERATIONS = [
  "slip-up",
  "loosen",
  "score",
  "up-pot",
  "shave",
  "root-prune",
  "bare-root",
  "remove-girdler",
  "core-in-place",
  "slice-in-place",
  "replace-top",
  "trim-outside",
  "split",
  "prune-light",
  "prune-hard",
  "rescue",
  "plant-out",
] as const;
export type Operation = (typeof OPERATIONS)[number];

/** Other names of the same work: corrections of the ball are known by these. */
export const OPERATION_ALIASES = {
  none: "slip-up",
  "tease-and-clip": "up-pot",
  "rake-and-thin": "root-prune",
  "prune-and-return": "root-prune",
  "wash-bare": "bare-root",
} as const satisfies Record<Exclude<CorrectionName, Operation>, Operation>;
export type OperationName = Operation | keyof typeof OPERATION_ALIASES;
export const OPERATION_NAMES = [
  ...OPERATIONS,
  ...(Object.keys(OPERATION_ALIASES) as (keyof typeof OPERATION_ALIASES)[]),
];

/** @example operationOf("shave") // "shave" */
export function operationOf(name: OperationName): Operation {
  return name in OPERATION_ALIASES ? OPERATION_ALIASES[name as keyof typeof OPERATION_ALIASES] : (name as Operation);
}

/** What the window's factors need to know of a work. Our judgement (L). */
export interface OperationNeeds {
  /** Share of the kind's root-warmth need that this work asks for. */
  work: number;
  /** Strength with which it wakes a late flush (0 none … 1 full). */
  flush: number;
  /** Suitability while shoots are soft. */
  inSoftGrowth: number;
  /** Typical share of roots lost; from a tenth on, autumn work in the dormant season is for robust kinds at mild sites. */
  rootLoss: number;
  /** The tree leaves its pot, so that it must be lifted. */
  lifted: boolean;
  /** Cuts into the crown. */
  crown: boolean;
  /** It ends in the ground, where roots wait out a winter more safely than in a pot. */
  toGround?: boolean;
  /** Stops at nothing but the risk it runs, which is shown. */
  urgent?: boolean;
}

const work = (
  work: number,
  flush: number,
  inSoftGrowth: number,
  rootLoss: number,
  more: Partial<OperationNeeds> = {},
): OperationNeeds => ({ work, flush, inSoftGrowth, rootLoss, lifted: true, crown: false, ...more });

/** Typical share of roots lost: what the work on the ball leaves, the other way round. */
const lossOf = (correction: CorrectionName) => Math.round(100 * (1 - CORRECTIONS[correction].retained)) / 100;

export const OPERATION_NEEDS: Record<Operation, OperationNeeds> = {
  "slip-up": work(0.5, 0.15, 0.6, lossOf("none")),
  loosen: work(0.6, 0.2, 0.5, lossOf("loosen")),
  score: work(0.8, 0.2, 0.35, lossOf("score")),
  "up-pot": work(0.8, 0.25, 0.35, lossOf("tease-and-clip")),
  shave: work(1.3, 0.2, 0.1, lossOf("shave")),
  "root-prune": work(1.3, 0.2, 0.1, lossOf("prune-and-return")),
  "bare-root": work(1.3, 0.2, 0, lossOf("wash-bare")),
  "remove-girdler": work(0.5, 0.1, 0.7, lossOf("remove-girdler"), { lifted: false }),
  "core-in-place": work(0.8, 0.15, 0.2, lossOf("core-in-place"), { lifted: false }),
  "slice-in-place": work(0.8, 0.15, 0.2, lossOf("slice-in-place"), { lifted: false }),
  "replace-top": work(0.5, 0.1, 0.8, lossOf("replace-top"), { lifted: false }),
  "trim-outside": work(0.5, 0.1, 0.7, lossOf("trim-outside"), { lifted: false }),
  split: work(1.3, 0.3, 0.1, lossOf("split")),
  "prune-light": work(0, 0.2, 0.8, 0, { lifted: false, crown: true }),
  "prune-hard": work(0, 0.8, 0.45, 0, { lifted: false, crown: true }),
  rescue: work(1.3, 0.1, 0.5, lossOf("shave"), { urgent: true }),
  "plant-out": work(1, 0.2, 0.5, lossOf("loosen"), { toGround: true }),
};

/** The factors a day is judged by. A day is as good as the worst of them, which is the reason shown. */
export const LIMITS = [
  "none",
  "root-warmth",
  "soil-cold",
  "wood",
  "flush",
  "bloom",
  "cold-after",
  "heat",
  "recovery",
  "health",
  "grower",
  "season",
  "sap",
  "share",
] as const;
export type Limit = (typeof LIMITS)[number];

/** A crown that stands such cold is hardy, °C: its whole ball settles in autumn, it goes into cool ground, its old growth needs no sparing (L). */
export const HARDY_CROWN_C = -8;

/** A day is open from this suitability on. */
export const OPEN_FROM = 0.5;

/**
 * The ball is teased where the kind stands that, else it is slipped up whole: the work whose window decides a tree's verdict.
 * @example usualOperation(0.35) // "up-pot"
 */
export function usualOperation(rootShare: number): "up-pot" | "slip-up" {
  return rootShare * BEYOND_SHARE >= OPERATION_NEEDS["up-pot"].rootLoss ? "up-pot" : "slip-up";
}

/** A usual work that costs more roots than so many times what the kind stands at once is not for it: our judgement (L). */
export const BEYOND_SHARE = 1.5;
