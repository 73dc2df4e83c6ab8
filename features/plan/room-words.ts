import { number } from "@/words/format";
import { counted } from "@/words/ladder";
import { type LaddersFacts, listed } from "./facts";
import type { CollectionPlan } from "./plan";

/** How much room the pots take, and who waits for it. */
export function roomWords(plan: CollectionPlan, facts: LaddersFacts): string {
  const [first, last] = [plan.areas[0], plan.areas[plan.areas.length - 1]];
  const held = plan.trees.filter((t) => t.heldBySpace !== null);
  const { summerM2, winterM2 } = facts.terms;
  const short = [
    summerM2 !== null && first.summerM2 > summerM2
      ? `in summer ${number(first.summerM2 - summerM2, 1)} m² are missing`
      : "",
    winterM2 !== null && first.winterM2 > winterM2
      ? `in winter ${number(first.winterM2 - winterM2, 1)} m² are missing`
      : "",
  ].filter(Boolean);
  return [
    `From ${number(first.summerM2, 1)} m² to ${number(last.summerM2, 1)} m² in summer, ${number(first.winterM2, 1)} to ${number(last.winterM2, 1)} m² carried in.`,
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
