import type { KindValues } from "./fields";

/** What a stock does to the scion's pace; judgement, from the usual classes of fruit stocks. */
export const STOCK_PACES = ["very-dwarfing", "dwarfing", "half", "vigorous"] as const;
export type StockPace = (typeof STOCK_PACES)[number];

/** What roots a grafted tree stands on changes for it. */
export interface Stock {
  id: string;
  name: string;
  /** Words by which growers name it, lower case; the longest that is said decides. */
  words: readonly string[];
  /** Genera grafted on it. */
  genera: readonly string[];
  /** Pace it sets where nobody has said the class of this tree's stock; left out where it sets none of its own. */
  pace?: StockPace;
  values: Partial<KindValues>;
}

const stock = (
  id: string,
  name: string,
  words: string,
  genera: string,
  values: Partial<KindValues>,
  pace?: StockPace,
): Stock => ({ id, name, words: words.split("; "), genera: genera.split(" "), values, ...(pace ? { pace } : {}) });

const STAKED = ["grafted", "staked"] as const;

/** Stocks by what their roots stand, their lime and the pace they set. Practice (L). */
// prettier-ignore
export const STOCKS: readonly Stock[] = [
  stock("apple-very-dwarf", "very dwarfing apple", "m27; m.27; m9; m.9; very dwarf", "Malus", { rootKillYoungC: -8, rootKillMatureC: -11, wind: "brittle", traits: STAKED }, "very-dwarfing"),
  stock("apple-dwarf", "dwarfing apple", "m26; m.26; dwarf", "Malus", { rootKillYoungC: -8, rootKillMatureC: -11, wind: "brittle", traits: STAKED }, "dwarfing"),
  stock("apple-half", "half-strong apple", "mm106; mm 106; m106; half standard; semi-vigorous", "Malus", { rootKillYoungC: -8, rootKillMatureC: -11 }, "half"),
  stock("apple-strong", "strong apple", "mm111; mm 111; m25; m.25", "Malus", { rootKillYoungC: -9, rootKillMatureC: -12 }, "vigorous"),
  stock("apple-seedling", "apple seedling", "seedling; standard", "Malus", { rootKillYoungC: -10, rootKillMatureC: -15 }, "vigorous"),
  stock("quince", "quince", "quince", "Pyrus Mespilus Eriobotrya Cydonia Chaenomeles", { rootKillYoungC: -7, rootKillMatureC: -9, lime: "mild-hater" }, "half"),
  stock("quince-dwarf", "dwarfing quince", "quince c; dwarfing quince", "Pyrus Mespilus Eriobotrya Cydonia", { rootKillYoungC: -7, rootKillMatureC: -9, lime: "mild-hater", traits: STAKED }, "dwarfing"),
  stock("pear-seedling", "pear seedling", "pear; pyrus; seedling", "Pyrus", { rootKillYoungC: -9, rootKillMatureC: -12, lime: "tolerates" }, "vigorous"),
  stock("hawthorn", "hawthorn", "hawthorn; crataegus", "Mespilus Pyrus Crataegus", { rootKillYoungC: -9, rootKillMatureC: -12, lime: "tolerates" }),
  stock("plum-dwarf", "dwarfing plum", "pixy; dwarf", "Prunus", { rootKillYoungC: -9, rootKillMatureC: -12, traits: ["stone-fruit", ...STAKED] }, "dwarfing"),
  stock("plum-half", "half-strong plum", "st julien; saint julien; julien", "Prunus", { rootKillYoungC: -9, rootKillMatureC: -12, lime: "tolerates" }, "half"),
  stock("plum-strong", "cherry plum", "myrobalan; myro; cherry plum", "Prunus", { rootKillYoungC: -9, rootKillMatureC: -12, lime: "tolerates" }, "vigorous"),
  stock("cherry-half", "half-strong cherry", "colt", "Prunus", { rootKillYoungC: -7, rootKillMatureC: -10 }, "half"),
  stock("cherry-strong", "wild cherry", "mazzard; avium; wild cherry", "Prunus", { rootKillYoungC: -9, rootKillMatureC: -12 }, "vigorous"),
  stock("mahaleb", "mahaleb cherry", "mahaleb", "Prunus", { rootKillYoungC: -10, rootKillMatureC: -13, lime: "likes", water: "dry-between" }, "half"),
  stock("peach-seedling", "peach seedling", "peach; seedling", "Prunus", { rootKillYoungC: -7, rootKillMatureC: -9, lime: "mild-hater" }, "vigorous"),
  stock("almond-peach", "almond and peach", "almond; gf677; gf 677", "Prunus", { rootKillYoungC: -6, rootKillMatureC: -9, lime: "likes", water: "dry-between" }, "vigorous"),
  stock("trifoliate", "trifoliate orange", "trifoliate; poncirus", "Citrus", { rootKillYoungC: -3, rootKillMatureC: -6, lime: "hater", }),
  stock("trifoliate-dwarf", "dwarf trifoliate orange", "flying dragon", "Citrus", { rootKillYoungC: -3, rootKillMatureC: -6, lime: "hater", }, "very-dwarfing"),
  stock("citrange", "citrange", "citrange; carrizo; troyer", "Citrus", { rootKillYoungC: -2.5, rootKillMatureC: -5, lime: "mild-hater" }, "vigorous"),
  stock("citrus-seedling", "lemon or sour orange", "sour orange; bitter orange; lemon; seedling", "Citrus", { rootKillYoungC: -2, rootKillMatureC: -4, lime: "tolerates" }),
  stock("date-plum", "date plum", "lotus; date plum", "Diospyros", { rootKillYoungC: -5, rootKillMatureC: -8 }),
  stock("american-persimmon", "American persimmon", "virginiana; american", "Diospyros", { rootKillYoungC: -8, rootKillMatureC: -12 }),
  stock("kaki-seedling", "kaki seedling", "kaki; seedling", "Diospyros", { rootKillYoungC: -4, rootKillMatureC: -7 }),
  stock("walnut", "common walnut", "regia; common walnut; seedling", "Juglans", { rootKillYoungC: -7, rootKillMatureC: -10, lime: "likes" }),
  stock("black-walnut", "black walnut", "black walnut; nigra", "Juglans", { rootKillYoungC: -9, rootKillMatureC: -12, lime: "mild-hater" }, "vigorous"),
  stock("grape-lime", "lime-proof vine stock", "41b; fercal; 140ru; so4; 5bb; kober", "Vitis", { rootKillYoungC: -6, rootKillMatureC: -8, lime: "likes" }, "vigorous"),
  stock("grape-riparia", "riparia vine stock", "riparia; 3309; 101-14", "Vitis", { rootKillYoungC: -9, rootKillMatureC: -12, lime: "mild-hater" }, "half"),
  stock("grape-own", "its own roots", "own root; vinifera", "Vitis", { rootKillYoungC: -5, rootKillMatureC: -8, lime: "tolerates" }),
];

/**
 * The stock a grower's words mean for a genus; null where nobody knows, or the words say nothing of it. Of several words said the
 * longest decides: "very dwarf" is no "dwarf".
 * @example stockFor("Pyrus", "quince A")?.id // "quince"
 */
export function stockFor(genus: string, words: string | null | undefined): Stock | null {
  if (!words) return null;
  const typed = words.toLocaleLowerCase();
  const said = STOCKS.flatMap((stock) =>
    stock.genera.includes(genus)
      ? stock.words.filter((word) => typed.includes(word)).map((word) => ({ stock, length: word.length }))
      : [],
  );
  return said.sort((a, b) => b.length - a.length)[0]?.stock ?? null;
}
