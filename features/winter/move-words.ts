import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/move";
import { toDay, toIso } from "@/core/dates/index";
import { celsius, day, number, type Units } from "@/words/format";
import type { ShownMove, ShownRound } from "./moves-data";

const WHY_WORDS: Record<ShownMove["why"], string> = {
  roots: say.itsRoots,
  wood: say.itsWood,
  word: say.yourWord,
  kind: "when its species is usually brought in",
  swell: say.itsBudsSwell,
  frost: say.theLastHarmfulNight,
  "no-hurry": say.noNightHereHarmsIt,
  between: say.itStandsInWinterQuarters,
};

/** When and why, in one line. */
export function whenWords(m: ShownMove, today: string, units: Units): string {
  if (m.direction === "out") {
    const middle = m.middle === null || m.middle === m.day ? "" : say.middleYear(day(m.middle, today));
    return say.fromAfter(
      day(m.day, today),
      middle,
      m.why === "swell" ? say.theFrostsItsRootsFear : say.theLastNightThatWould,
    );
  }
  if (m.why === "no-hurry") return say.byNoNightHereHarms(day(m.day, today));
  if (m.why === "between") return say.byThereIsNoHurry(day(m.day, today), WHY_WORDS.between);
  const middle = m.middle === null ? say.inMostWintersNever : say.middleWinter(day(m.middle, today));
  const cause =
    m.why === "word"
      ? say.theFirstNightBelowYour(celsius(m.inBelowC ?? 0, units))
      : m.why === "kind"
        ? say.theFirstNightOf(celsius(m.bringInNightC ?? 0, units), WHY_WORDS.kind)
        : say.frostFor(WHY_WORDS[m.why]);
  return say.byBeforeOneWinterIn(day(m.day, today), cause, middle);
}

/** First day ahead by which the chance of a harmful night is more than the risk. */
export function triggerOf(m: ShownMove, today: string, risk: number): { on: string; chance: number } | null {
  const k = m.soon.findIndex((chance) => chance > risk);
  return k < 0 ? null : { on: toIso(toDay(today) + k), chance: m.soon[k] };
}

export function roundWords(r: ShownRound): string {
  const pots = r.moves.reduce((n, m) => n + m.plants, 0);
  const pairs = r.moves.filter((m) => m.by === "pair").length;
  const trucks = r.moves.filter((m) => m.by === "truck").length;
  const nobody = r.moves.filter((m) => m.by === "nobody").length;
  return [
    `${pots === 1 ? "1 pot" : common.pots(number(pots))}`,
    say.kg(number(r.kg)),
    say.personMinutes(number(r.minutes), r.have === null ? "" : common.ofLabel(number(r.have))),
    pairs > 0 ? (pairs === 1 ? say.n1LiftForTwo : say.liftsForTwo(number(pairs))) : "",
    trucks > 0 ? say.onTheSackTruck(number(trucks)) : "",
    nobody > 0 ? say.nobodyHereCanCarry(number(nobody)) : "",
  ]
    .filter(Boolean)
    .join(", ");
}
