import { isEvergreen } from "../judgement/index";
import { DUE_CIRCLING } from "../roots/index";
import type { Objection, Option } from "../root-work/index";
import type { PottedFacts } from "./facts";

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
