import type { CollectionView } from "@/features/kernel/collection/load";
import type { Page } from "@/features/kernel/addresses";
import { MISSING, missingOf } from "@/features/trees/tree-filter";
import type { MissingThing } from "@/words/today";

/** Something nobody has said yet, that answers rest on, and where it is said. */
export interface MissingLine {
  what: MissingThing;
  /** Trees of which it is missing; null: of the collection. */
  trees: number | null;
  page: Page;
  rest: "" | `?${string}`;
}

/** What is missing until a collection is described, what moves most answers first. */
export function missingFacts(view: CollectionView): MissingLine[] {
  const rows = view.yard.on(view.today).rows;
  if (rows.length === 0) return [];
  const lines: MissingLine[] = [];
  const { people } = view.loaded.calendar;
  if (view.yard.guessedWeather) lines.push({ what: "climate", trees: null, page: "climate/records", rest: "" });
  for (const what of MISSING) {
    const trees = rows.filter((row) => missingOf(row).includes(what)).length;
    if (trees > 0) lines.push({ what, trees, page: "trees", rest: `?missing=${what}&view=rows` });
  }
  if (people.length === 0) lines.push({ what: "people", trees: null, page: "people", rest: "" });
  return lines;
}
