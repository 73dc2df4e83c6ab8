/** Schools of practice a ladder of pots may follow. */
export const SCHOOLS = ["small-steps", "long-jump", "hold-and-prune", "fewest-handlings"] as const;
export type School = (typeof SCHOOLS)[number];
/** A school, or weights of the grower's own. */
export const PLANNERS = [...SCHOOLS, "own"] as const;
export type Planner = (typeof PLANNERS)[number];

/** What a plan may do with a tree in a season. */
export const LADDER_ACTIONS = ["stay", "replace-top", "root-prune", "core-in-place", "up-pot", "plant-out"] as const;
export type LadderAction = (typeof LADDER_ACTIONS)[number];
