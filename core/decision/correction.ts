import { isEvergreen } from "../judgement/index";
import { BOUND_CIRCLING, BOUND_FILL, type CorrectionName, CORRECTIONS, DUE_CIRCLING } from "../roots/index";
import { type Operation, operationOf } from "../window/index";
import type { Objection, Option } from "../root-work/index";
import type { PottedFacts } from "./facts";
import { DECISION_FIGURES as F } from "./figures";

/** What a later day lifts. */
const PASSING = new Set<Objection["code"]>(["window", "share"]);

/** Evergreens are loosened, not combed, until roots turn enough to be due by it. */
const spares = (potted: PottedFacts, { correction }: Option) =>
  isEvergreen(potted.situation) && potted.circling.p50 < DUE_CIRCLING && correction === "tease-and-clip";

/** Corrections of the ball that its kind stands, the cheapest first, whatever the day. */
function standing(potted: PottedFacts): Option[] {
  const { rootShare } = potted.situation.profile.values;
  return potted.advice.options
    .filter(
      (o) => o.objections.every((x) => PASSING.has(x.code)) && o.price.loss <= rootShare + 1e-9 && !spares(potted, o),
    )
    .sort((a, b) => a.price.total - b.price.total);
}

/** The correction worth waiting for: what the ball wants in the kind's own season. */
export function bestInSeason(potted: PottedFacts): Option {
  return standing(potted)[0] ?? whole(potted);
}

/** Slipped up whole: what every kind stands. */
function whole(potted: PottedFacts): Option {
  return potted.advice.options.find((o) => o.correction === "none")!;
}

/** So full, or so circled, that it loses by waiting. */
export const bound = ({ fill, circling }: PottedFacts) => fill.p50 >= BOUND_FILL || circling.p50 >= BOUND_CIRCLING;

/** In its last pot a full ball is no hurry while it is watered and fed well: its roots must turn as well. */
export const boundInLast = ({ fill, circling }: PottedFacts) =>
  circling.p50 >= BOUND_CIRCLING || (fill.p50 >= BOUND_FILL && circling.p50 >= DUE_CIRCLING);

/** What renews a tree in its last pot: its roots pruned by what the kind stands; the top alone where it stands next to nothing. */
export function renewal({ situation: s }: PottedFacts): { correction: CorrectionName; work: Operation; loss: number } {
  const { rootShare } = s.profile.values;
  const correction = rootShare < F.pruneFromShare ? "replace-top" : "prune-and-return";
  return { correction, work: operationOf(correction), loss: Math.min(1 - CORRECTIONS[correction].retained, rootShare) };
}
