import { HEADLINE_WORD } from "./decision";
import { litres, type Units } from "./format";
import type { HeadlineCode } from "@/core/decision/index";

/** Words of the list of trees: what it can be narrowed, ordered and grouped by. */
export const MISSING_WORDS = {
  any: "anything",
  pot: "its pot is not measured",
  place: "no place",
  potted: "unknown potting date",
  check: "roots never checked",
} as const;

export const DUE_WORDS = {
  now: "now",
  month: "within 30 days",
  quarter: "within 3 months",
  year: "within a year",
} as const;

export const SORT_WORDS = {
  urgency: "most urgent first",
  tag: "tag",
  species: "species",
  pot: "pot, smallest first",
  fill: "fullest first",
  due: "due date",
} as const;

export const GROUP_WORDS = {
  none: "not grouped",
  place: "by place",
  species: "by species",
  status: "by status",
} as const;

/** Pots from one volume to another. */
export function potSizeWords([from, to]: readonly [number, number], units: Units): string {
  if (from === 0) return `under ${litres(to, units)}`;
  return Number.isFinite(to) ? `${litres(from, units)} to ${litres(to, units)}` : `${litres(from, units)} and more`;
}

export const NO_PLACE_WORDS = "no place recorded";

const capital = (text: string) => `${text[0].toUpperCase()}${text.slice(1)}`;
/** A status as the heading of its trees. */
export const statusTitle = (code: string): string => capital(HEADLINE_WORD[code as HeadlineCode] ?? "not decided");
