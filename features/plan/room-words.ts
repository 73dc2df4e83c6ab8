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
      ? `in summer ${area(first.summerM2 - summerM2, units)} are missing`
      : "",
    winterM2 !== null && first.winterM2 > winterM2
      ? `in winter ${area(first.winterM2 - winterM2, units)} are missing`
      : "",
  ].filter(Boolean);
  return [
    `From ${area(first.summerM2, units)} to ${area(last.summerM2, units)} in summer, ${area(first.winterM2, units)} to ${area(last.winterM2, units)} carried in.`,
    held.length > 0
      ? `${counted(held.length, "tree")} wait a season for want of room (${listed(held)}); that costs ${number(
          held.reduce((sum, t) => sum + (t.heldBySpace ?? 0), 0),
          1,
        )} in the unit of their schools.`
      : "",
    short.length > 0 ? `Still, ${short.join(" and ")}.` : "",
  ]
    .filter(Boolean)
    .join(" ");
}
