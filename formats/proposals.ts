import { readRoughDate } from "@/core/dates/index";
import type { Ending } from "@/core/event/index";
import { unlikeness } from "@/core/species/index";
import type { PotSizeFault } from "@/core/vessel/index";

/** What may be meant by a cell that cannot be read. Nothing of it is taken until the keeper says so. */
export type Proposal =
  /** Written so, it can be read. */
  | { code: "value"; value: string }
  /** The tree is no longer there: its end is recorded, and this cell stays empty unless it says more than that. */
  | { code: "ended"; how: Ending; keep?: true }
  /** It has not been potted since it came: the day of its arrival, as the line has it. */
  | { code: "arrival"; value: string };

const ENDED: readonly (readonly [RegExp, Ending])[] = [
  [/^(dead|died|death|deceased|†|✝|rip|frozen|killed)$/, "died"],
  [/^(sold)$/, "sold"],
  [/^(given( away)?|gift|gave away)$/, "given"],
  [/^(planted( out)?|in (the )?ground|planted in (the )?(ground|garden))$/, "planted-out"],
  [/^(lost|stolen|gone|missing)$/, "lost"],
  [/^(scrapped|binned|composted|thrown( away| out)?)$/, "scrapped"],
];

const folded = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replace(/[.!?]+$/, "")
    .replace(/[\s_-]+/g, " ");

/** Whether a cell says that the tree has left. */
export function endingNamed(text: string): Ending | null {
  const words = folded(text);
  return ENDED.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}

const NEVER = /^(never|no|none|not yet|not since|original pot)$/;
const NUMERIC = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/;

const two = (n: number) => String(n).padStart(2, "0");

/** Days that may be meant: either order of a doubtful one; a day within words. */
export function dateProposals(
  text: string,
  setting: { today: string; latitudeDeg: number },
  arrival: string | null,
): Proposal[] {
  const words = folded(text);
  if (NEVER.test(words)) return arrival === null ? [] : [{ code: "arrival", value: arrival }];
  const numeric = NUMERIC.exec(words.replace(/\s/g, ""));
  const tries = numeric
    ? [
        `${numeric[3]}-${two(Number(numeric[2]))}-${two(Number(numeric[1]))}`,
        `${numeric[3]}-${two(Number(numeric[1]))}-${two(Number(numeric[2]))}`,
      ]
    : [
        /\b(?:early |late )?(?:spring|summer|autumn|fall|winter) \d{4}\b/,
        /\b\d{4}-\d{2}-\d{2}\b/,
        /\b(?:19|20)\d{2}\b/,
      ].flatMap((pattern) => pattern.exec(words)?.[0] ?? []);
  const readable = [...new Set(tries)].filter((day) => {
    const read = readRoughDate(day, setting);
    return read.ok && read.range !== null;
  });
  return readable.slice(0, numeric ? 2 : 1).map((value) => ({ code: "value", value }));
}

const NUMBER_WITHIN = /\d+(?:[.,]\d+)?/g;

/** The one number that stands within words: "about 12 or so", with the unit that stands by it. */
export function numberProposals(text: string): Proposal[] {
  const found = text.match(NUMBER_WITHIN) ?? [];
  if (found.length !== 1) return [];
  const unit = /^\s*(mm|cm|m|in|ft|l|gal)\b/i.exec(text.slice(text.indexOf(found[0]) + found[0].length))?.[1];
  return [{ code: "value", value: unit ? `${found[0]} ${unit}` : found[0] }];
}

/** Sizes near one that is none: the classes beside it, and true gallons. */
export function sizeProposals(text: string, fault: PotSizeFault): Proposal[] {
  if (fault.code === "no-such-class")
    return [...fault.nearest, `${fault.asked} US gal`].map((value) => ({ code: "value", value }));
  return /\d/.test(text) ? numberProposals(text) : [];
}

/** How unlike a word may be to one that is meant: two letters of six. */
const LIKE_ENOUGH = 0.34;

/** Of the words a column takes, those that are like the one that stands there. */
export function wordProposals(text: string, allowed: readonly string[]): Proposal[] {
  const word = folded(text).replaceAll(" ", "-");
  if (word === "") return [];
  return allowed
    .map((name) => ({ name, unlike: name.startsWith(word) || word.startsWith(name) ? 0 : unlikeness(word, name) }))
    .filter(({ unlike }) => unlike <= LIKE_ENOUGH)
    .sort((a, b) => a.unlike - b.unlike)
    .slice(0, 2)
    .map(({ name }) => ({ code: "value", value: name }));
}

const PLACES: readonly (readonly [RegExp, "sheltered" | "unheated" | "frost-free" | "heated"])[] = [
  [/\b(green ?house|glass ?house|conservatory|orangery|winter garden|cellar|basement)\b/, "frost-free"],
  [/\b(garage|shed|barn|cold ?frame|poly ?tunnel|tunnel|hoop ?house|loft|attic)\b/, "unheated"],
  [/\b(house|kitchen|living room|bedroom|room|sill|window|indoors|inside|office|lobby)\b/, "heated"],
  [/\b(porch|wall|eaves|lean ?to|balcony|courtyard|veranda|carport|arcade)\b/, "sheltered"],
];

/** What a place is like, to judge by its name; null: it does not say. */
export function placeKindNamed(name: string): "sheltered" | "unheated" | "frost-free" | "heated" | null {
  const words = folded(name);
  return PLACES.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}
