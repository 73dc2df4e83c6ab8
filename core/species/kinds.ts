import { type Crop, HABIT_PARAMETERS, type Habit, type HabitParameters } from "../wood/index";
import type { RootWarmthSet } from "../climate/index";
import type { StockPace } from "../event/index";
import { type Vigour, VIGOUR_PER_DEGREE_DAY } from "../roots/index";

/** What the models need to know of a kind. Values from experience and memory of the literature: marks A sure … C guess. */
export interface Kind {
  id: string;
  names: string[];
  scientific: string;
  habit: Habit;
  /** Lower and upper vigour class; the same twice where it is one. */
  vigour: readonly [Vigour, Vigour];
  roots: "fibrous" | "fleshy" | "tap";
  tolerance: "touchy" | "normal" | "robust";
  rootKillYoungC: number;
  rootKillMatureC: number;
  rootKillMark: "A" | "B" | "C";
  /** Coolest root zone for spring work, where it differs from the habit's. */
  springRootZoneC?: number;
  /** Roots that resent autumn work: root loss only at bud swell. */
  autumnAverse?: boolean;
  /**
   * Warmth its crop asks for from bud break to ripe fruit; null where the fruit hangs over winter or is not grown for. Our own
   * figures for a middling cultivar (C): cultivars differ, and only the grower's own harvests can mend them.
   */
  crop?: Crop;
  /** In bloom or setting fruit, days from bud break. */
  bloomDays?: readonly [number, number];
  hazards?: string[];
  note: string;
}

const v = (a: Vigour, b: Vigour = a) => [a, b] as const;

export const KINDS: Kind[] = [
  {
    id: "pomegranate",
    names: ["Pomegranate"],
    scientific: "Punica granatum",
    habit: "pomegranate-like",
    crop: { degreeDays: 1700 },
    vigour: v("moderate", "vigorous"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -4,
    rootKillMatureC: -7,
    rootKillMark: "C",
    autumnAverse: true,
    bloomDays: [40, 90],
    note: "Late nitrogen kills its wood. Nearly dry between waterings, even while in fruit.",
  },
  {
    id: "loquat",
    names: ["Loquat"],
    scientific: "Eriobotrya japonica",
    habit: "olive-bay-like",
    vigour: v("moderate", "vigorous"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -4,
    rootKillMatureC: -6,
    rootKillMark: "C",
    hazards: ["seeds-poisonous"],
    note: "Blooms in autumn: no autumn work.",
  },
  {
    id: "feijoa",
    names: ["Feijoa"],
    scientific: "Feijoa sellowiana",
    habit: "olive-bay-like",
    crop: { degreeDays: 1400 },
    vigour: v("moderate"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -5,
    rootKillMatureC: -8,
    rootKillMark: "C",
    springRootZoneC: 13,
    note: "Dislikes lime a little. Worked from spring to early summer.",
  },
  {
    id: "kumquat",
    names: ["Kumquat", "Calamondin"],
    scientific: "Citrus japonica",
    habit: "citrus-like",
    vigour: v("slow", "moderate"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -3,
    rootKillMatureC: -5,
    rootKillMark: "C",
    hazards: ["peel-oil"],
    note: "Lime starves it of iron. Bright and 3–8 °C in winter.",
  },
  {
    id: "lemon",
    names: ["Lemon"],
    scientific: "Citrus × limon",
    habit: "citrus-like",
    vigour: v("moderate", "vigorous"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -2,
    rootKillMatureC: -4,
    rootKillMark: "C",
    hazards: ["peel-oil"],
    note: "Worked from a root zone of 13 °C until midsummer.",
  },
  {
    id: "bay",
    names: ["Bay laurel"],
    scientific: "Laurus nobilis",
    habit: "olive-bay-like",
    vigour: v("moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -4,
    rootKillMatureC: -7,
    rootKillMark: "C",
    note: "Scale insects in winter quarters.",
  },
  {
    id: "olive",
    names: ["Olive"],
    scientific: "Olea europaea",
    habit: "olive-bay-like",
    crop: { degreeDays: 1900 },
    vigour: v("moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -4,
    rootKillMatureC: -7,
    rootKillMark: "C",
    note: "Cold and wet together kill it.",
  },
  {
    id: "japanese-maple",
    names: ["Japanese maple"],
    scientific: "Acer palmatum",
    habit: "japanese-maple-like",
    vigour: v("slow", "moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -9,
    rootKillMatureC: -10,
    rootKillMark: "B",
    note: "Bleeds when cut before full leaf. Young leaves die at −2 °C.",
  },
  {
    id: "camellia",
    names: ["Camellia"],
    scientific: "Camellia japonica",
    habit: "olive-bay-like",
    vigour: v("slow"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -5,
    rootKillMatureC: -8,
    rootKillMark: "C",
    note: "No lime, little phosphate. After bloom, before the flush.",
  },
  {
    id: "crape-myrtle",
    names: ["Crape myrtle"],
    scientific: "Lagerstroemia indica",
    habit: "pomegranate-like",
    vigour: v("moderate", "vigorous"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -5,
    rootKillMatureC: -8,
    rootKillMark: "C",
    springRootZoneC: 10,
    note: "Late nitrogen keeps it soft.",
  },
  {
    id: "kaki",
    names: ["Persimmon, kaki"],
    scientific: "Diospyros kaki",
    habit: "pomegranate-like",
    crop: { degreeDays: 1400 },
    vigour: v("moderate"),
    roots: "tap",
    tolerance: "touchy",
    rootKillYoungC: -5,
    rootKillMatureC: -8,
    rootKillMark: "C",
    autumnAverse: true,
    note: "Healthy roots are black. Deep pots.",
  },
  {
    id: "medlar",
    names: ["Medlar"],
    scientific: "Mespilus germanica",
    habit: "apple-like",
    crop: { degreeDays: 900 },
    vigour: v("slow", "moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -7,
    rootKillMatureC: -10,
    rootKillMark: "C",
    bloomDays: [25, 50],
    note: "On quince stock it dislikes lime.",
  },
  {
    id: "quince",
    names: ["Quince"],
    scientific: "Cydonia oblonga",
    habit: "apple-like",
    crop: { degreeDays: 950 },
    vigour: v("moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -7,
    rootKillMatureC: -9,
    rootKillMark: "C",
    bloomDays: [20, 45],
    note: "Fireblight; tolerates wet.",
  },
  {
    id: "peach",
    names: ["Dwarf peach", "Peach"],
    scientific: "Prunus persica",
    habit: "apple-like",
    crop: { degreeDays: 800 },
    vigour: v("vigorous"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -8,
    rootKillMatureC: -10,
    rootKillMark: "B",
    bloomDays: [-10, 25],
    hazards: ["seeds-poisonous"],
    note: "Keep rain off in spring. Crown cuts in early summer.",
  },
  {
    id: "sour-cherry",
    names: ["Sour cherry"],
    scientific: "Prunus cerasus",
    habit: "apple-like",
    crop: { degreeDays: 550 },
    vigour: v("moderate"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -9,
    rootKillMatureC: -12,
    rootKillMark: "C",
    bloomDays: [0, 30],
    note: "Never soggy. Crown cuts in summer.",
  },
  {
    id: "serviceberry",
    names: ["Serviceberry"],
    scientific: "Amelanchier lamarckii",
    habit: "apple-like",
    crop: { degreeDays: 450 },
    vigour: v("moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -10,
    rootKillMatureC: -14,
    rootKillMark: "C",
    bloomDays: [5, 30],
    note: "Dislikes lime a little.",
  },
  {
    id: "stewartia",
    names: ["Stewartia"],
    scientific: "Stewartia pseudocamellia",
    habit: "japanese-maple-like",
    vigour: v("very-slow", "slow"),
    roots: "fibrous",
    tolerance: "touchy",
    rootKillYoungC: -6,
    rootKillMatureC: -9,
    rootKillMark: "C",
    autumnAverse: true,
    note: "Bud swell only, never dry, no lime.",
  },
  {
    id: "ginkgo",
    names: ["Ginkgo"],
    scientific: "Ginkgo biloba",
    habit: "japanese-maple-like",
    vigour: v("slow"),
    roots: "fleshy",
    tolerance: "normal",
    rootKillYoungC: -7,
    rootKillMatureC: -10,
    rootKillMark: "C",
    autumnAverse: true,
    hazards: ["fruit-irritates"],
    note: "Water-rich roots freeze in pots.",
  },
  {
    id: "witch-hazel",
    names: ["Witch hazel"],
    scientific: "Hamamelis × intermedia",
    habit: "japanese-maple-like",
    vigour: v("slow"),
    roots: "fibrous",
    tolerance: "normal",
    rootKillYoungC: -7,
    rootKillMatureC: -11,
    rootKillMark: "C",
    note: "After bloom, before leaf. Remove suckers of the stock.",
  },
  {
    id: "fig",
    names: ["Fig"],
    scientific: "Ficus carica",
    habit: "fig-like",
    crop: { degreeDays: 1300 },
    vigour: v("very-vigorous"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -4,
    rootKillMatureC: -7,
    rootKillMark: "C",
    autumnAverse: true,
    hazards: ["sap-burns"],
    note: "Restrict its roots for a crop. Dry in winter.",
  },
  {
    id: "apple",
    names: ["Apple on dwarfing stock", "Apple"],
    scientific: "Malus domestica",
    habit: "apple-like",
    crop: { degreeDays: 850 },
    vigour: v("slow", "moderate"),
    roots: "fibrous",
    tolerance: "robust",
    rootKillYoungC: -8,
    rootKillMatureC: -11,
    rootKillMark: "B",
    bloomDays: [10, 35],
    note: "Brittle roots. Stake it, keep the union clear.",
  },
  {
    id: "pear",
    names: ["Pear"],
    scientific: "Pyrus communis",
    habit: "apple-like",
    crop: { degreeDays: 850 },
    vigour: v("moderate"),
    roots: "fleshy",
    tolerance: "normal",
    rootKillYoungC: -7,
    rootKillMatureC: -9,
    rootKillMark: "C",
    autumnAverse: true,
    bloomDays: [5, 30],
    note: "Bears nothing without a partner in flower.",
  },
];

const BY_ID = new Map(KINDS.map((kind) => [kind.id, kind]));

export function kindById(id: string): Kind | undefined {
  return BY_ID.get(id);
}

/** How a tree is known: a listed kind, or typed words with a habit the grower picked, or none. */
export interface KindChoice {
  kindId: string | null;
  typedName: string | null;
  habit: Habit | "unknown" | null;
}

/** Everything the models read of a tree's kind, with the spread that comes from not knowing. */
export interface Profile {
  /** Trees with equal keys share wood and windows. */
  key: string;
  name: string;
  scientific: string | null;
  /** Habits it may have, equally likely; one for known kinds. */
  habits: Habit[];
  parameters: HabitParameters[];
  kPerDegreeDay: number;
  /** Standard deviation of ln of the tree's own vigour factor before any check. */
  vigourSd: number;
  warmth: RootWarmthSet;
  warmClimate: boolean;
  tolerance: Kind["tolerance"];
  roots: Kind["roots"];
  rootKillYoungC: number;
  autumnAverse: boolean;
  bloomDays: readonly [number, number] | null;
  hazards: string[];
  note: string | null;
  basis: "typical" | "guess";
}

/** Spread of vigour between trees of one kind (ln), and when only the habit or nothing is known. Our judgement. */
export const VIGOUR_SD = { kind: 0.55, habit: 0.7, unknown: 0.9 };

function withKind(h: HabitParameters, kind: Kind): HabitParameters {
  return kind.springRootZoneC === undefined ? h : { ...h, springRootZoneC: kind.springRootZoneC };
}

export function profileOf(choice: KindChoice): Profile {
  const kind = choice.kindId === null ? undefined : kindById(choice.kindId);
  if (kind) {
    const parameters = withKind(HABIT_PARAMETERS[kind.habit], kind);
    const warm = kind.habit === "citrus-like";
    return {
      key: kind.id,
      name: kind.names[0],
      scientific: kind.scientific,
      habits: [kind.habit],
      parameters: [parameters],
      kPerDegreeDay: Math.sqrt(VIGOUR_PER_DEGREE_DAY[kind.vigour[0]] * VIGOUR_PER_DEGREE_DAY[kind.vigour[1]]),
      vigourSd: VIGOUR_SD.kind,
      warmth: warm ? "warm" : "temperate",
      warmClimate:
        warm || kind.habit === "fig-like" || kind.habit === "pomegranate-like" || kind.habit === "olive-bay-like",
      tolerance: kind.tolerance,
      roots: kind.roots,
      rootKillYoungC: kind.rootKillYoungC,
      autumnAverse: kind.autumnAverse ?? false,
      bloomDays: kind.bloomDays ?? null,
      hazards: kind.hazards ?? [],
      note: kind.note,
      basis: "typical",
    };
  }
  const known = choice.habit !== null && choice.habit !== "unknown";
  const habits: Habit[] = known ? [choice.habit as Habit] : (Object.keys(HABIT_PARAMETERS) as Habit[]);
  return {
    key: known ? `habit:${choice.habit}` : "habit:unknown",
    name: choice.typedName ?? "Unnamed kind",
    scientific: null,
    habits,
    parameters: habits.map((habit) => HABIT_PARAMETERS[habit]),
    kPerDegreeDay: VIGOUR_PER_DEGREE_DAY.moderate,
    vigourSd: known ? VIGOUR_SD.habit : VIGOUR_SD.unknown,
    warmth: habits.length === 1 && habits[0] === "citrus-like" ? "warm" : "temperate",
    warmClimate: known && choice.habit !== "apple-like" && choice.habit !== "japanese-maple-like",
    tolerance: "normal",
    roots: "fibrous",
    rootKillYoungC: -4,
    autumnAverse: false,
    bloomDays: null,
    hazards: [],
    note: null,
    basis: "guess",
  };
}

/** What a stock does to the pace of the roots, as a factor: from the usual classes of fruit stocks, our judgement (L). */
const STOCK_FACTOR: Record<StockPace, number> = { "very-dwarfing": 0.5, dwarfing: 0.65, half: 0.85, vigorous: 1.15 };

/** The kind's profile as this tree's stock changes it; the same object where nobody has named a stock. */
export function onStock(profile: Profile, stockPace: StockPace | null | undefined): Profile {
  return stockPace ? { ...profile, kPerDegreeDay: profile.kPerDegreeDay * STOCK_FACTOR[stockPace] } : profile;
}
