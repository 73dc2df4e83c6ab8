import type { KindValues } from "./fields";

/** What a stock does to the scion's pace; judgement, from the usual classes of fruit stocks. */
export const STOCK_PACES = ["very-dwarfing", "dwarfing", "half", "vigorous"] as const;
export type StockPace = (typeof STOCK_PACES)[number];

/** What roots a grafted tree stands on changes for it. */
export interface Stock {
  id: string;
  name: string;
  /** Words by which growers name it, lower case. */
  words: readonly string[];
  /** Genera grafted on it. */
  genera: readonly string[];
  values: Partial<KindValues>;
}

/** Stocks by what their roots stand; the pace they set is said apart (`stockPace`). Practice (L). */
export const STOCKS: readonly Stock[] = [
  {
    id: "trifoliate",
    name: "trifoliate orange",
    words: ["trifoliate", "poncirus"],
    genera: ["Citrus"],
    values: { rootKillYoungC: -3, rootKillMatureC: -6, lime: "hater", rootsGrowDormant: false },
  },
  {
    id: "citrus-seedling",
    name: "lemon or sour orange",
    words: ["sour orange", "bitter orange", "lemon", "seedling"],
    genera: ["Citrus"],
    values: { rootKillYoungC: -2, rootKillMatureC: -4, lime: "tolerates" },
  },
  {
    id: "quince",
    name: "quince",
    words: ["quince"],
    genera: ["Pyrus", "Mespilus", "Eriobotrya"],
    values: { rootKillYoungC: -7, rootKillMatureC: -9, lime: "mild-hater" },
  },
  {
    id: "pear-seedling",
    name: "pear seedling",
    words: ["pear", "pyrus", "seedling"],
    genera: ["Pyrus"],
    values: { rootKillYoungC: -9, rootKillMatureC: -12, lime: "tolerates" },
  },
  {
    id: "apple-seedling",
    name: "apple seedling",
    words: ["seedling", "standard"],
    genera: ["Malus"],
    values: { rootKillYoungC: -10, rootKillMatureC: -15 },
  },
  {
    id: "apple-dwarf",
    name: "dwarfing apple",
    words: ["dwarf"],
    genera: ["Malus"],
    values: { rootKillYoungC: -8, rootKillMatureC: -11, wind: "brittle" },
  },
  {
    id: "date-plum",
    name: "date plum",
    words: ["lotus", "date plum"],
    genera: ["Diospyros"],
    values: { rootKillYoungC: -5, rootKillMatureC: -8 },
  },
  {
    id: "american-persimmon",
    name: "American persimmon",
    words: ["virginiana", "american"],
    genera: ["Diospyros"],
    values: { rootKillYoungC: -8, rootKillMatureC: -12 },
  },
];

/**
 * The stock a grower's words mean for a genus; null where nobody knows, or the words say nothing of it.
 * @example stockFor("Pyrus", "quince C")?.id // "quince"
 */
export function stockFor(genus: string, words: string | null | undefined): Stock | null {
  if (!words) return null;
  const typed = words.toLocaleLowerCase();
  return STOCKS.find((s) => s.genera.includes(genus) && s.words.some((w) => typed.includes(w))) ?? null;
}
