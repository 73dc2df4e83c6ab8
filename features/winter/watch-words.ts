import { celsius, day, number, type Units } from "@/words/format";
import type { WatchFacts } from "./watch-data";

export function tonightWords(facts: Pick<WatchFacts, "nights" | "cold">, units: Units, today: string): string {
  const coldest = facts.nights.reduce((a, b) => (b.minC < a.minC ? b : a));
  const cold = `${coldest.forecast ? "" : "As usual at this time, "}the coldest of the coming three nights has ${celsius(Math.round(coldest.minC), units)} (${day(coldest.day, today)})`;
  const words = cold.charAt(0).toUpperCase() + cold.slice(1);
  if (facts.cold.length === 0) return `${words}: every pot is safe where it stands.`;
  const one = facts.cold.length === 1;
  const pots = one ? "1 pot is" : `${number(facts.cold.length)} pots are`;
  return `${words}: ${pots} at risk where ${one ? "it stands" : "they stand"}.`;
}
