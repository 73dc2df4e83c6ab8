import * as say from "@/words/pages/winter/watch";
import { celsius, day, number, type Units } from "@/words/format";
import type { WatchFacts } from "./watch-data";

export function tonightWords(facts: Pick<WatchFacts, "nights" | "cold">, units: Units, today: string): string {
  const coldest = facts.nights.reduce((a, b) => (b.minC < a.minC ? b : a));
  const cold = say.theColdestOfTheComing(
    coldest.forecast ? "" : say.asUsualAtThisTime,
    celsius(Math.round(coldest.minC), units),
    day(coldest.day, today),
  );
  const words = cold.charAt(0).toUpperCase() + cold.slice(1);
  if (facts.cold.length === 0) return say.everyPotIsSafeWhere(words);
  const one = facts.cold.length === 1;
  const pots = one ? say.n1PotIs : say.potsAre(number(facts.cold.length));
  return say.atRiskWhere(words, pots, one ? say.itStands : say.theyStand);
}
