/** How a tree came. */
export const ARRIVAL_FORMS = [
  "container",
  "bare-root",
  "field-bag",
  "cutting",
  "air-layer",
  "liner",
  "salvaged",
  "unknown",
] as const;
export type ArrivalForm = (typeof ARRIVAL_FORMS)[number];

/** Verdict on a plant that arrives. */
export const ARRIVAL_VERDICTS = ["accept", "correct", "quarantine", "rescue", "refuse"] as const;
export type ArrivalVerdict = (typeof ARRIVAL_VERDICTS)[number];

/** What brought a tree near its death. */
export const RESCUE_CAUSES = ["dried-out", "drowned", "starved", "frozen", "broken-ball"] as const;
export type RescueCause = (typeof RESCUE_CAUSES)[number];

/** Checkpoints of a rescue, in the order of their days. */
export const RESCUE_STEPS = ["alive", "roots", "weight", "no-rot", "buds", "shoots", "new-roots", "hardened"] as const;
export type RescueStep = (typeof RESCUE_STEPS)[number];

/** How a tree leaves the collection, or part of a batch does. */
export const ENDINGS = ["died", "sold", "given", "planted-out", "scrapped", "lost", "merged"] as const;
export type Ending = (typeof ENDINGS)[number];

/** What a tree died of, as far as anyone can say. */
export const DEATH_CAUSES = [
  "unknown",
  "frost",
  "drought",
  "wet-roots",
  "heat",
  "pest",
  "disease",
  "root-work",
  "wind",
  "animal",
] as const;
export type DeathCause = (typeof DEATH_CAUSES)[number];

/** How a plant was raised from its mother. */
export const METHODS = ["seed", "cutting", "air-layer", "graft", "division", "unknown"] as const;
export type Method = (typeof METHODS)[number];

/** What a tree is for: it sets the end of its ladder of pots. */
export const PURPOSES = ["crop", "ornament", "grow-on", "stock", "rescue", "miniature"] as const;
export type Purpose = (typeof PURPOSES)[number];

/** How a tree is, where it is not well. */
export const HEALTH_STATES = ["well", "weak", "dry", "sick", "quarantine"] as const;
export type HealthState = (typeof HEALTH_STATES)[number];

export const PRUNING_PURPOSES = ["shape", "size", "light", "sickness", "balance"] as const;
export type PruningPurpose = (typeof PRUNING_PURPOSES)[number];
