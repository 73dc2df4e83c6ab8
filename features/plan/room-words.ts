import * as say from "@/words/pages/plan/room";
import { area, number, type Units } from "@/words/format";
import { counted } from "@/words/ladder";
import { type LaddersFacts, listed } from "./facts";
import type { CollectionPlan } from "./plan";

/** How much room the pots take, and who waits for it. */
export function roomWords(plan: CollectionPlan, facts: LaddersFacts, units: Units): string {
  const [first, last] = [plan.areas[0], plan.areas[plan.areas.length - 1]];
  const held = plan.trees.filter((t) => t.heldBySpace !== null);
  const { summerM2, winterM2 } = facts.terms;
  const short = [
    summerM2 !== null && first.summerM2 > summerM2
      ? say.inSummerAreMissing(area(first.summerM2 - summerM2, units))
      : "",
    winterM2 !== null && first.winterM2 > winterM2
      ? say.inWinterAreMissing(area(first.winterM2 - winterM2, units))
      : "",
  ].filter(Boolean);
  return [
    say.fromToInSummerTo(
      area(first.summerM2, units),
      area(last.summerM2, units),
      area(first.winterM2, units),
      area(last.winterM2, units),
    ),
    held.length > 0
      ? say.waitASeasonForWant(
          counted(held.length, "tree"),
          listed(held),
          number(
            held.reduce((sum, t) => sum + (t.heldBySpace ?? 0), 0),
            1,
          ),
        )
      : "",
    short.length > 0 ? say.still(short.join(" and ")) : "",
  ]
    .filter(Boolean)
    .join(" ");
}
