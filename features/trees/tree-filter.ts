import type { HeadlineCode } from "@/core/decision/index";
import { toDay, toIso } from "@/core/dates/index";
import type { YardRow } from "@/model/index";
import { fold } from "@/words/fold";

/** What is missing from a tree's description, that its answers rest on. */
export const MISSING = ["pot", "place", "potted", "check"] as const;
export type Missing = (typeof MISSING)[number];

/** Pots by litres of mix: from the first figure on, below the second. */
export const POT_SIZES = { small: [0, 5], medium: [5, 15], large: [15, 40], huge: [40, Infinity] } as const;
export type PotSize = keyof typeof POT_SIZES;

/** When a tree falls due: already, or within so many days. */
export const DUE_WITHIN = { now: 0, month: 30, quarter: 91, year: 365 } as const;
type DueWithin = keyof typeof DUE_WITHIN;

/** What a list of trees is narrowed by; an empty text is no question. */
export interface TreeFilter {
  text: string;
  /** Id of a place; "none": on no place. */
  place: string;
  species: string;
  status: HeadlineCode | "";
  due: DueWithin | "";
  pot: PotSize | "";
  health: YardRow["health"] | "";
  missing: Missing | "any" | "";
}

export const NO_FILTER: TreeFilter = {
  text: "",
  place: "",
  species: "",
  status: "",
  due: "",
  pot: "",
  health: "",
  missing: "",
};
export const NO_PLACE = "none";

export const SORTS = ["urgency", "tag", "species", "pot", "fill", "due"] as const;
export type TreeSort = (typeof SORTS)[number];
export const GROUPS = ["none", "place", "species", "status"] as const;
export type TreeGroup = (typeof GROUPS)[number];

/** What nobody has said of a tree yet. */
export function missingOf({ vessel, guessed, placeId, pottedOn, checkedOn }: YardRow): Missing[] {
  const missing: Missing[] = [];
  if (vessel === null || guessed) missing.push("pot");
  if (placeId === null) missing.push("place");
  if (pottedOn === null) missing.push("potted");
  if (checkedOn === null) missing.push("check");
  return missing;
}

/** Whether a tree is asked for, on the day shown. Every word of the text must be found in its tag, species or variety. */
export function asksFor(filter: TreeFilter, row: YardRow, on: string): boolean {
  const { text, place, species, status, due, pot, health, missing } = filter;
  if (text.trim() !== "") {
    const words = fold(`${row.tag} ${row.name} ${row.cultivar ?? ""}`);
    if (
      !fold(text)
        .trim()
        .split(/\s+/)
        .every((word) => words.includes(word))
    )
      return false;
  }
  if (place !== "" && (row.placeId ?? NO_PLACE) !== place) return false;
  if (species !== "" && row.name !== species) return false;
  if (status !== "" && row.headline?.code !== status) return false;
  if (due !== "" && (row.dueOn === null || row.dueOn > toIso(toDay(on) + DUE_WITHIN[due]))) return false;
  if (pot !== "" && !(row.volumeL >= POT_SIZES[pot][0] && row.volumeL < POT_SIZES[pot][1])) return false;
  if (health !== "" && row.health !== health) return false;
  if (missing === "any") return missingOf(row).length > 0;
  return missing === "" || missingOf(row).includes(missing);
}

export const isFiltered = (filter: TreeFilter): boolean =>
  (Object.keys(NO_FILTER) as (keyof TreeFilter)[]).some((key) => filter[key].trim() !== "");

const collator = new Intl.Collator(undefined, { numeric: true, sensitivity: "base" });

/** Rows in an order; by urgency they stay as they come: first what loses most by waiting. Equal rows keep their order. */
export function inOrder(rows: readonly YardRow[], sort: TreeSort): YardRow[] {
  const by: Record<TreeSort, ((a: YardRow, b: YardRow) => number) | null> = {
    urgency: null,
    tag: (a, b) => collator.compare(a.tag, b.tag),
    species: (a, b) => collator.compare(a.name, b.name) || collator.compare(a.tag, b.tag),
    pot: (a, b) => a.volumeL - b.volumeL,
    fill: (a, b) => b.fill - a.fill,
    due: (a, b) => (a.dueOn ?? "9999").localeCompare(b.dueOn ?? "9999"),
  };
  const compare = by[sort];
  return compare === null ? [...rows] : [...rows].sort(compare);
}

/** Rows in groups, each in the order of its first row; one group without a key where none is asked for. */
export function inGroups(rows: readonly YardRow[], group: TreeGroup): { key: string | null; rows: YardRow[] }[] {
  if (group === "none") return [{ key: null, rows: [...rows] }];
  const keyOf: Record<Exclude<TreeGroup, "none">, (row: YardRow) => string> = {
    place: (row) => row.placeId ?? NO_PLACE,
    species: (row) => row.name,
    status: (row) => row.headline?.code ?? "",
  };
  const groups = new Map<string, YardRow[]>();
  for (const row of rows) {
    const key = keyOf[group](row);
    const of = groups.get(key);
    if (of) of.push(row);
    else groups.set(key, [row]);
  }
  return [...groups].map(([key, of]) => ({ key, rows: of }));
}
