import type { Habit } from "../wood/index";
import type { Vigour } from "../roots/index";

/** How sure a value is: H published and sure, M published but remembered, L growers' practice and our judgement, guess inherited from kin. */
export const MARKS = ["H", "M", "L", "guess"] as const;
export type Mark = (typeof MARKS)[number];

/** Where a value comes from. */
export const SOURCES = ["published", "practice", "kin", "grower"] as const;
export type Source = (typeof SOURCES)[number];

/** Layers a value may be inherited through, from the most general to this tree. */
export const LAYERS = ["habit", "genus", "kind", "stock", "collection", "cultivar", "tree"] as const;
export type Layer = (typeof LAYERS)[number];

export const GROUPS = [
  "pome",
  "stone",
  "citrus",
  "fig-like",
  "mediterranean",
  "tropical-fruit",
  "nut",
  "soft-fruit",
  "vine-like",
  "deciduous-ornamental",
  "broadleaf-evergreen",
  "conifer",
  "palm-like",
  "legume",
  "protea-kin",
] as const;
export type Group = (typeof GROUPS)[number];

/** Phases of a kind's year in which it stands work at its roots. */
export const ROOT_WORK = [
  "leaf-fall",
  "late-dormant",
  "swell",
  "after-bloom",
  "before-flush",
  "warm-spring",
  "between-flushes",
  "late-summer",
  "warm",
] as const;
export type RootWork = (typeof ROOT_WORK)[number];

export const WINTER_LIGHTS = ["dark", "dark-to-swell", "dim", "bright", "outdoors"] as const;
export type WinterLight = (typeof WINTER_LIGHTS)[number];

/** What sets a kind apart when its roots or crown are worked on; each is read by a rule. */
export const TRAITS = [
  "autumn-averse",
  "bleeder",
  "stone-fruit",
  "fleshy-rooted",
  "mycorrhizal",
  "conifer",
  "palm",
  "cane-plant",
  "protea-kin",
  "intact-legume",
  "vine",
  "warm-vine",
  "tap-seedling",
  "warm-when-bare",
  "grafted",
  "staked",
  "succulent",
  "whole-ball",
] as const;
export type Trait = (typeof TRAITS)[number];

export const HAZARDS = [
  "seeds-poisonous",
  "peel-oil",
  "sap-burns",
  "sap-irritates",
  "fruit-irritates",
  "poisonous",
  "poisonous-to-animals",
  "thorns",
  "dust-irritates",
] as const;
export type Hazard = (typeof HAZARDS)[number];

export const HEALTH_NOTES = [
  "fireblight",
  "citrus-rules",
  "stone-fruit-rules",
  "xylella-rules",
  "ash-rules",
  "plane-rules",
  "palm-weevil",
  "pear-rust",
  "scale",
  "vine-weevil",
  "box-moth",
  "nematodes",
  "root-rot",
  "peach-curl",
  "invasive",
  "canker",
  "mites",
  "wilt",
  "borers",
  "leaf-spot",
  "rust",
  "myrtle-rust",
  "ramorum-rules",
  "movement-rules",
] as const;
export type HealthNote = (typeof HEALTH_NOTES)[number];

export const POLLINATIONS = ["self", "partly", "partner", "two-sexes", "no-crop"] as const;
export type Pollination = (typeof POLLINATIONS)[number];

type Range = readonly [number, number];

/** Everything known of a kind, a tree's own included. Ranges are low and high of what is usual. */
export interface KindValues {
  group: Group;
  leaf: "deciduous" | "evergreen" | "semi-evergreen";
  /** Pace of the roots, slowest and fastest class of the kind's sorts. */
  vigour: readonly [Vigour, Vigour];
  spread: "shallow" | "even" | "deep";
  roots: "fibrous" | "fleshy" | "tap";
  tolerance: "touchy" | "normal" | "robust";
  /** Most of the roots a healthy young one loses at once without harm, dormant to bud swell (evergreens: in their season). */
  rootShare: number;
  /** Base of root growth, °C: warm-climate kinds 12, others 7. */
  rootGrowthBaseC: 7 | 12;
  /** Largest step it stands, as a multiple of the mix; null where its pace alone decides. */
  largestStep: number | null;
  /** Smallest and usual volume for a crop worth the name, L. */
  cropVolumeL: Range | null;
  potNote: "deep" | "wide" | "heavy" | "air-pruning" | "light-coloured" | "no-saucer" | "any";
  mixNote: "airy" | "acid" | "lean-grit" | "loam" | "moist" | "any";
  ph: Range;
  lime: "likes" | "tolerates" | "mild-hater" | "hater";
  phosphate: "usual" | "little" | "sensitive";
  salt: "sensitive" | "usual" | "tolerant";
  water: "even" | "dry-between" | "wet-tolerant";
  /** Crop coefficient of the crown in full leaf. */
  kc: Range;
  winterLight: WinterLight;
  /** Where it is kept in winter quarters, °C. */
  winterC: Range;
  /** Dynamic-model portions; 0–0 where it needs none. */
  chillPortions: Range;
  /** Cool weeks induce its flowers: not chill, but needed. */
  coolForBloom: boolean;
  /** Damage begins in ripe wood, leaves, buds and open bloom, °C of air. */
  crownC: number;
  leafC: number | null;
  budC: number | null;
  bloomC: number | null;
  /** Frost that kills new shoots, °C. */
  flushFrostC: number;
  /** Root-killing temperature in the root zone, °C. */
  rootKillYoungC: number;
  rootKillMatureC: number;
  /** Root-zone heat above which roots stop, °C. */
  rootHeatC: number;
  /** Coolest root zone for spring work, and the root warmth work asks for until autumn. */
  springRootZoneC: number;
  takeHoldBaseC: number;
  takeHoldDegreeDays: number;
  rootWork: readonly RootWork[];
  /** Days from bud break: in bloom or setting, and to ripe fruit. */
  bloomDays: Range | null;
  fruitDays: Range | null;
  /** °C·d above 10 °C from bud break to ripe fruit, of a middling sort. */
  cropDegreeDays: number | null;
  pollination: Pollination;
  /** Kinds of one circle can fertilise each other. */
  circle: string | null;
  feeding: "usual" | "hungry" | "lean" | "late-nitrogen-harms" | "low-phosphate";
  wind: "sturdy" | "usual" | "brittle";
  hazards: readonly Hazard[];
  health: readonly HealthNote[];
  /** Fruits or kilograms from each 10 L of mix in a good year. */
  yieldPer10L: Range | null;
  yieldUnit: "fruits" | "kg";
  traits: readonly Trait[];
  /** Night before which a potted one is brought in or covered, °C; null where only its limits speak. */
  bringInNightC: number | null;
  /** Usual height of a grown one in a pot, m; null where nobody has said it. */
  potHeightM: number | null;
}
export type FieldName = keyof KindValues;

/** Published works that values lean on. Only what we are sure exists. */
export const REFERENCES = {
  rootKill:
    "Havis 1976 and Studer, Steponkus, Good & Wiest 1978, both HortScience, and extension tables after them; remembered, not looked up again",
} as const;
export type Reference = keyof typeof REFERENCES;

/** A layer of values: plain where they are practice (L), named in `marks` where they are better known. */
export interface LayerValues {
  values: Partial<KindValues>;
  /** Fields that are published (H) or published but remembered (M). */
  marks?: Partial<Record<FieldName, "H" | "M">>;
  references?: Partial<Record<FieldName, Reference>>;
}

/** One entry of the library: what sets this kind apart from its genus and habit. */
export interface Kind extends LayerValues {
  id: string;
  /** The common name shown first; the others find it, too. */
  names: readonly string[];
  scientific: string;
  habit: Habit;
  /** In a sentence: what a grower should have in mind. */
  note: string;
  /** A whole genus, known by what its species share. */
  rank?: "genus";
  /** Its species differ so much that one of them says little of another. */
  differs?: boolean;
  /** How well its line was remembered: written down from memory, nothing of it looked up. Left out where each value has its own mark. */
  recalled?: "well" | "judged";
}

/** A whole genus as the widest kind there is: what its species share, remembered and marked so. */
export interface Genus extends Kind {
  family: string;
  rank: "genus";
  differs: boolean;
}
