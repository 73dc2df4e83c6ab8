import { WOOD_PHASES } from "../wood/index";

/** Phases of the wood by their number in packed arrays. */
export const PHASE = Object.fromEntries(WOOD_PHASES.map((phase, i) => [phase, i])) as Record<
  (typeof WOOD_PHASES)[number],
  number
>;
