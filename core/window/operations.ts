/** Work on trees that has a window, with what the window's factors need to know of each. */
export const OPERATIONS = [
  "slip-up",
  "up-pot",
  "root-prune",
  "bare-root",
  "core-in-place",
  "replace-top",
  "split",
  "prune-hard",
  "rescue",
  "plant-out",
] as const;
export type Operation = (typeof OPERATIONS)[number];

export interface OperationNeeds {
  /** Share of the kind's root-warmth need that this work asks for. */
  work: number;
  /** Strength with which it wakes a late flush (0 none … 1 full). Our judgement (C). */
  flush: number;
  /** Suitability while shoots are soft. */
  inSoftGrowth: number;
  /** Typical share of roots lost; from a tenth on, autumn work in the dormant season is for robust kinds at mild sites. */
  rootLoss: number;
  /** Suitability of evergreens between flushes, which never rest like leafless trees. */
  evergreen: number;
}

export const OPERATION_NEEDS: Record<Operation, OperationNeeds> = {
  "slip-up": { work: 0.5, flush: 0.15, inSoftGrowth: 0.6, rootLoss: 0, evergreen: 1 },
  "up-pot": { work: 0.8, flush: 0.25, inSoftGrowth: 0.35, rootLoss: 0.1, evergreen: 1 },
  "root-prune": { work: 1.3, flush: 0.2, inSoftGrowth: 0.1, rootLoss: 0.3, evergreen: 0.7 },
  "bare-root": { work: 1.3, flush: 0.2, inSoftGrowth: 0, rootLoss: 0.45, evergreen: 0 },
  "core-in-place": { work: 0.8, flush: 0.15, inSoftGrowth: 0.2, rootLoss: 0.1, evergreen: 1 },
  "replace-top": { work: 0.5, flush: 0.1, inSoftGrowth: 0.8, rootLoss: 0.03, evergreen: 1 },
  split: { work: 1.3, flush: 0.3, inSoftGrowth: 0.1, rootLoss: 0.2, evergreen: 0.7 },
  "prune-hard": { work: 0, flush: 0.8, inSoftGrowth: 0.5, rootLoss: 0, evergreen: 0.8 },
  rescue: { work: 1.3, flush: 0.1, inSoftGrowth: 0.5, rootLoss: 0.3, evergreen: 0.8 },
  "plant-out": { work: 1, flush: 0.2, inSoftGrowth: 0.5, rootLoss: 0.03, evergreen: 1 },
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
] as const;
export type Limit = (typeof LIMITS)[number];

/** A day is open from this suitability on. */
export const OPEN_FROM = 0.5;
