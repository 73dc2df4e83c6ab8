import { toDay, toIso } from "@/core/dates/index";
import { celsius, day, number, type Units } from "@/words/format";
import type { ShownMove, ShownRound } from "./moves-data";

const WHY_WORDS: Record<ShownMove["why"], string> = {
  roots: "its roots",
  wood: "its wood",
  word: "your word",
  kind: "when its species is usually brought in",
  swell: "its buds swell",
  frost: "the last harmful night",
  "no-hurry": "no night here harms it much",
  between: "it stands in winter quarters already",
};

/** When and why, in one line. */
export function whenWords(m: ShownMove, today: string, units: Units): string {
  if (m.direction === "out") {
    const middle = m.middle === null || m.middle === m.day ? "" : ` (middle year ${day(m.middle, today)})`;
    return `from ${day(m.day, today)}${middle}, after ${m.why === "swell" ? "the frosts its roots fear, as its buds swell" : "the last night that would harm it"}`;
  }
  if (m.why === "no-hurry") return `by ${day(m.day, today)}: no night here harms it in one winter of ten`;
  if (m.why === "between") return `by ${day(m.day, today)}: ${WHY_WORDS.between}, there is no hurry`;
  const middle = m.middle === null ? "in most winters never" : `middle winter ${day(m.middle, today)}`;
  const cause =
    m.why === "word"
      ? `the first night below ${celsius(m.inBelowC ?? 0, units)}, your word`
      : m.why === "kind"
        ? `the first night of ${celsius(m.bringInNightC ?? 0, units)}, ${WHY_WORDS.kind}`
        : `frost for ${WHY_WORDS[m.why]}`;
  return `by ${day(m.day, today)}, before ${cause} (one winter in ten; ${middle})`;
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
    `${pots === 1 ? "1 pot" : `${number(pots)} pots`}`,
    `${number(r.kg)} kg`,
    `${number(r.minutes)} person-minutes${r.have === null ? "" : ` of ${number(r.have)}`}`,
    pairs > 0 ? (pairs === 1 ? "1 lift for two" : `${number(pairs)} lifts for two`) : "",
    trucks > 0 ? `${number(trucks)} on the sack truck` : "",
    nobody > 0 ? `${number(nobody)} nobody here can carry` : "",
  ]
    .filter(Boolean)
    .join(", ");
}
