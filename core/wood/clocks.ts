/**
 * Clocks of kinds: the cold their buds ask for, then the warmth that breaks and opens them; and how long their fruit ripens.
 *
 * One after the other (sequential model): Dynamic-model portions (Fishman et al. 1987) are counted from `SEASON_LEAD_DAYS` before
 * midwinter; once they are met, growing-degree hours (Anderson, Richardson & Kesner 1986) are summed. Chill requirements are middles of
 * published ranges as remembered (apple 40–75, peach 30–50, apricot 35–60, almond 15–30, sweet cherry 45–65 portions; M); sums of
 * warmth are medians over well-known regions' usual dates, fitted with this program's own climates of those places (L; how well they
 * meet dates they were not fitted to stands in docs/models.md). Marked * where no such date was at hand: judged by its kin.
 */
export interface KindClock {
  chillPortions: number;
  /** Growing-degree hours from the end of rest to bud break (green tip), °C·h; null where bloom goes before and its days say. */
  budGdh: number | null;
  /** To unfolded leaves, where that was dated itself. */
  leafOutGdh?: number;
  /** To full bloom; null where only its days from bud break are known. */
  bloomGdh: number | null;
}

const clock = (
  chillPortions: number,
  budGdh: number | null,
  bloomGdh: number | null,
  leafOutGdh?: number,
): KindClock => ({ chillPortions, budGdh, bloomGdh, ...(leafOutGdh === undefined ? {} : { leafOutGdh }) });

/** By kind of the library. */
export const KIND_CLOCKS: Readonly<Record<string, KindClock>> = {
  almond: clock(20, null, 730),
  apple: clock(50, 2050, 5730),
  apricot: clock(40, null, 2380),
  birch: clock(45, 1500, null, 2490),
  "black-mulberry": clock(40, 7530, null),
  "flowering-cherry": clock(65, null, 3760),
  fig: clock(8, 5300, null), // *
  "genus-forsythia": clock(40, null, 2300),
  grape: clock(15, 5770, 19_000),
  "horse-chestnut": clock(40, 1500, 7250, 2410),
  "japanese-maple": clock(65, 3000, null, 4450),
  "japanese-plum": clock(40, null, 3300), // *
  kaki: clock(15, 5260, 18_700),
  lemon: clock(0, null, 11_800), // *
  lilac: clock(45, null, 7230),
  magnolia: clock(45, null, 3000), // *
  mandarin: clock(0, null, 14_150),
  medlar: clock(30, null, 9000), // *
  mulberry: clock(40, 5880, null),
  oak: clock(50, 2800, null, 4300),
  olive: clock(0, null, 20_060),
  orange: clock(0, null, 9400),
  peach: clock(40, null, 4725),
  pear: clock(45, null, 4770),
  plum: clock(45, null, 4100),
  pomegranate: clock(11, 4850, 23_000),
  quince: clock(30, null, 7530),
  "sour-cherry": clock(48, null, 4070),
  "sweet-cherry": clock(58, null, 3870),
};

/** Genera whose kinds go by the clock of one of them where they have none of their own. */
export const GENUS_CLOCKS: Readonly<Record<string, string>> = {
  Aesculus: "horse-chestnut",
  Betula: "birch",
  Citrus: "orange",
  Cydonia: "quince",
  Malus: "apple",
  Morus: "black-mulberry",
  Pyrus: "pear",
  Quercus: "oak",
  Syringa: "lilac",
  Vitis: "grape",
};

/** Fruit, by kind and by earliness of the sort: how many days of ripening weather it takes, and from when they count. */
export interface FruitClock {
  ripeDays: number;
  from: "bloom" | "bud-break";
  /** It stands still in cool weather instead of ripening slowly. */
  heatBound?: boolean;
}

const fruit = (ripeDays: number, from: FruitClock["from"] = "bloom"): FruitClock => ({ ripeDays, from });
const inHeat = (clock: FruitClock): FruitClock => ({ ...clock, heatBound: true });

/**
 * Days from full bloom to ripe where every day is as warm as ripening likes: usual days of the kinds (apple 105–165 by sort, peach 100,
 * sweet cherry 65, grape 105–115, kaki 155 …; M), × .92 for fruit of temperate regions, whose usual day brings that much, weighed
 * against well-known regions' dates (L). Fruit that follows new shoots counts from bud break. The first name of a kind is a middling
 * sort.
 */
export const FRUIT_CLOCKS: Readonly<Record<string, Readonly<Record<string, FruitClock>>>> = {
  almond: { usual: fruit(159) },
  apple: { mid: fruit(122), early: fruit(118), late: fruit(167) },
  apricot: { usual: fruit(87) },
  "black-mulberry": { usual: fruit(83, "bud-break") },
  // Two crops: on last year's wood, and on this year's.
  fig: { main: inHeat(fruit(128, "bud-break")), breba: fruit(84, "bud-break") },
  grape: { mid: fruit(120), early: fruit(106), late: fruit(121) },
  "japanese-plum": { usual: fruit(101) }, // *
  kaki: { usual: fruit(166) },
  lemon: { usual: fruit(260) }, // *
  mandarin: { usual: fruit(195) },
  medlar: { usual: fruit(148) },
  mulberry: { usual: fruit(51, "bud-break") },
  olive: { usual: fruit(158) },
  orange: { usual: fruit(238) },
  peach: { usual: fruit(107) },
  pear: { usual: fruit(117) },
  plum: { usual: fruit(125) },
  pomegranate: { usual: inHeat(fruit(146)) },
  quince: { usual: fruit(140) },
  "sour-cherry": { usual: fruit(60) },
  "sweet-cherry": { usual: fruit(65) },
};

/** How long a kind's fruit takes, of the sort that is meant or a middling one; null where no fruit of it is timed. */
export function fruitClock(kindId: string, sort: string | null = null): FruitClock | null {
  const clocks = FRUIT_CLOCKS[kindId];
  return clocks ? (clocks[sort ?? ""] ?? Object.values(clocks)[0]) : null;
}

/** The clock of a kind, else that of its genus; null where neither is known or its leaves say it cannot be meant. */
export function clockOf(kindId: string, genus: string, leaf: "deciduous" | "evergreen"): KindClock | null {
  const found = KIND_CLOCKS[kindId] ?? KIND_CLOCKS[GENUS_CLOCKS[genus] ?? ""] ?? null;
  return found !== null && (found.chillPortions === 0) === (leaf === "evergreen") ? found : null;
}
