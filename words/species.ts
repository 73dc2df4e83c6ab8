import { spelt } from "./english";
import type {
  FieldName,
  Group,
  HealthNote,
  KindValues,
  LastShoots,
  Layer,
  Looks,
  Mark,
  Pollination,
  RootWork,
  Trait,
  WinterLight,
} from "@/core/species/index";
import { MM_PER_INCH } from "@/core/quantity/index";
import type { Vigour } from "@/core/roots/index";
import { celsius, degreeDays, litres, metres, number, percent, type Units } from "./format";
import { HAZARD_WORDS } from "./terms";

/** Words for what the library knows of a kind. */

export const VIGOUR_WORDS: Record<Vigour, string> = {
  "very-slow": "very slow",
  slow: "slow",
  moderate: "moderate",
  vigorous: "vigorous",
  "very-vigorous": "very vigorous",
};

export const GROUP_WORDS: Record<Group, string> = {
  pome: "pome fruit",
  stone: "stone fruit",
  citrus: "citrus kind",
  "fig-like": "fig kind",
  mediterranean: "mediterranean",
  "tropical-fruit": "warm-climate fruit",
  nut: "nut",
  "soft-fruit": "soft fruit",
  "vine-like": "vine",
  "deciduous-ornamental": "leafy ornamental",
  "broadleaf-evergreen": "broadleaf evergreen",
  conifer: "conifer",
  "palm-like": "palm-like",
  legume: "legume",
  "protea-kin": "protea kin",
};

export const ROOT_WORK_WORDS: Record<RootWork, string> = {
  "leaf-fall": "at leaf fall",
  "late-dormant": "late in dormancy",
  swell: "at bud swell",
  "after-bloom": "after bloom",
  "before-flush": "before the flush",
  "warm-spring": "from warm spring to midsummer",
  "between-flushes": "between flushes",
  "late-summer": "late summer, shoots hard",
  warm: "whenever it is warm",
};

export const LIGHT_WORDS: Record<WinterLight, string> = {
  dark: "may stand dark",
  "dark-to-swell": "dark until the buds swell",
  dim: "dim will do in the cool",
  bright: "bright",
  outdoors: "outdoors",
};

export const TRAIT_WORDS: Record<Trait, string> = {
  "autumn-averse": "resents autumn work",
  bleeder: "bleeds when cut in spring",
  "stone-fruit": "cut in dry early summer",
  "fleshy-rooted": "fleshy roots: clean cuts, no raking",
  mycorrhizal: "lives with fungi: keep old mix",
  conifer: "conifer: never washed, half the old mix stays",
  palm: "palm: whole ball, same depth",
  "cane-plant": "cane plant: robust in warmth",
  "protea-kin": "protea kin: hardly any phosphate",
  "intact-legume": "legume that is moved whole",
  vine: "vine: support before filling",
  "warm-vine": "tender vine: whole ball, warm",
  "tap-seedling": "tap root while young",
  "warm-when-bare": "bare roots kept moist and warm until buds move",
  grafted: "usually grafted",
  staked: "always staked",
  succulent: "stores water: dry for ten days after its roots were handled",
  "whole-ball": "moved with its whole ball, at the same depth",
};

export const HEALTH_NOTE_WORDS: Record<HealthNote, string> = {
  fireblight: "Fireblight: in some districts to be reported; disinfect between trees.",
  "citrus-rules":
    "Citrus plants and their soil may not be carried freely everywhere: ask the local plant-health office.",
  "stone-fruit-rules": "Viruses of stone fruit: moving plants may be restricted; ask the local plant-health office.",
  "xylella-rules":
    "A bacterial disease of olive and others: moving plants may be restricted; ask the local plant-health office.",
  "ash-rules": "Moving ash may be restricted; ask the local plant-health office.",
  "plane-rules": "Moving plane trees may be restricted; ask the local plant-health office.",
  "palm-weevil": "Palm weevils: moving palms may be restricted; ask the local plant-health office.",
  "pear-rust": "Rust that changes between juniper and pear: keep them apart.",
  scale: "Scale insects, most in winter quarters.",
  "vine-weevil": "Weevil grubs eat its roots: look at knock-out.",
  "box-moth": "Box moth caterpillars and box blight.",
  nematodes: "Root-knot nematodes: galls on roots, discard the mix.",
  "root-rot": "Root rot in wet, airless mix.",
  "peach-curl": "Leaf curl: keep rain off from midwinter to leaf.",
  invasive: "Spreads by itself in warm countries: planting out may be forbidden; ask locally.",
  canker: "Canker enters by wounds in wet months.",
  mites: "Mites in dry warm air.",
  wilt: "Wilt fungi in soil and on tools: disinfect.",
  borers: "Grubs that bore in stem and roots: look for holes and frass.",
  "leaf-spot": "Spots and blights of the leaves in wet, crowded growth.",
  rust: "Rust fungi: pick off what is orange or brown below.",
  "myrtle-rust":
    "A rust of the myrtle family: moving plants may be restricted; ask the local plant-health office before you do.",
  get "ramorum-rules"() {
    return spelt(
      "A water mould of many shrubs and trees: moving plants may be restricted; ask the local plant-health office.",
    );
  },
  "movement-rules": "Moving plants of this species is restricted in some countries; ask the local plant-health office.",
};

const POLLINATION_WORDS: Record<Pollination, string> = {
  self: "sets fruit by itself",
  partly: "sets more with a partner",
  partner: "needs a partner of another variety",
  "two-sexes": "female and male plants",
  "no-crop": "not grown for a crop",
};

const POT_NOTE_WORDS: Record<KindValues["potNote"], string> = {
  deep: "deep before wide",
  wide: "wide before deep",
  heavy: "heavy, so that it stands",
  "air-pruning": "walls that prune by air",
  get "light-coloured"() {
    return spelt("light-coloured or shaded walls");
  },
  "no-saucer": "no saucer, sharp drainage",
  any: "any",
};

const MIX_NOTE_WORDS: Record<KindValues["mixNote"], string> = {
  airy: "airy, a fifth of air at least",
  acid: "sour, lime-free",
  "lean-grit": "lean and gritty",
  loam: "with loam, for weight and food",
  moist: "holds moisture",
  any: "any good mix",
};

export const MARK_WORDS: Record<Mark, { name: string; what: string }> = {
  H: { name: "sure", what: "published and well settled" },
  M: { name: "remembered", what: "published, given from memory: check it before you stake a tree on it" },
  L: {
    name: "practice",
    get what() {
      return spelt("growers’ practice and our judgement");
    },
  },
  guess: { name: "guess", what: "inherited from its kin, nobody has set it for this kind" },
};

export const LAYER_WORDS: Record<Layer, string> = {
  habit: "its habit of growth",
  genus: "its genus",
  kind: "this kind",
  stock: "its stock",
  collection: "your collection’s copy",
  cultivar: "your word on this variety",
  tree: "your word on this tree",
};

type Of<F extends FieldName> = KindValues[F];
interface FieldWords<F extends FieldName> {
  name: string;
  /** What the value does in Aurelian. */
  does: string;
  say: (value: Of<F>, units: Units) => string;
}

const range = (say: (v: number) => string) => (value: readonly [number, number]) =>
  value[0] === value[1] ? say(value[0]) : `${say(value[0])} to ${say(value[1])}`;
const orNone =
  <T>(say: (v: T, units: Units) => string, none = "not known") =>
  (v: T | null, units: Units) =>
    v === null ? none : say(v, units);
const degrees = (v: number, units: Units) => celsius(v, units);
const list =
  <K extends string>(words: Record<K, string>, between = "; ") =>
  (values: readonly K[]) =>
    values.length === 0 ? "none" : values.map((v) => words[v]).join(between);

export const FIELD_WORDS: { [F in FieldName]: FieldWords<F> } = {
  group: {
    name: "Group",
    does: "Gathers species that are treated alike in lists and plans.",
    say: (v) => GROUP_WORDS[v],
  },
  leaf: {
    name: "Leaves",
    does: "Leafless species rest in winter and are worked on then; evergreens never rest in the same way.",
    say: (v) => v,
  },
  vigour: {
    name: "Pace of roots",
    does: "How fast a pot fills: the root model takes the middle of these two, and each root check corrects it for the tree.",
    say: (v) => range2(v),
  },
  spread: { name: "Lie of roots", does: "Tells whether the next pot should grow wide or deep.", say: (v) => v },
  roots: {
    name: "Root system",
    does: "Fleshy roots are cut clean and not raked; tap roots want depth before width.",
    say: (v) => v,
  },
  tolerance: {
    name: "Root tolerance",
    does: "Decides how early in dormancy and how far outside its season it may be worked on.",
    say: (v) => v,
  },
  rootShare: {
    name: "Root loss it stands at once",
    does: "Work that costs more than one and a half times this is closed; in leaf a deciduous tree loses half of it.",
    say: (v) => percent(v),
  },
  rootGrowthBaseC: {
    name: "Roots grow above",
    does: "Base of the root zone’s degree-days: below it a pot does not fill.",
    say: (v, u) => celsius(v, u),
  },
  largestStep: {
    name: "Largest step",
    does: "The next pot holds at most so many times the mix.",
    say: orNone((v: number) => `${number(v, 1)} times`, "as its pace allows"),
  },
  cropVolumeL: {
    name: "Pot for a crop",
    does: "Below the first a crop is hardly worth it, above the second bearing is delayed.",
    say: orNone((v: readonly [number, number], u: Units) => `${litres(v[0], u)} to ${litres(v[1], u)}`, "no crop"),
  },
  potNote: { name: "Pot", does: "What to look for in its pots.", say: (v) => POT_NOTE_WORDS[v] },
  mixNote: { name: "Mix", does: "What its mix must be like.", say: (v) => MIX_NOTE_WORDS[v] },
  ph: { name: "pH of the mix", does: "Where its roots take up food.", say: range((v) => number(v, 1)) },
  lime: {
    name: "Lime",
    does: "Lime-haters starve of iron in hard water: rain water or acid.",
    say: (v) =>
      ({ likes: "likes it", tolerates: "stands it", "mild-hater": "dislikes it a little", hater: "no lime" })[v],
  },
  phosphate: {
    name: "Phosphate",
    does: "Sensitive species are poisoned by ordinary feed: at most 1 % P, less than 3 mg/L in the mix.",
    say: (v) => ({ usual: "as usual", little: "little", sensitive: "hardly any" })[v],
  },
  salt: { name: "Salt", does: "How far feed may build up before the pot is flushed.", say: (v) => v },
  water: {
    name: "Water",
    does: "How far a pot may dry before the next watering.",
    say: (v) => ({ even: "evenly moist", "dry-between": "nearly dry between", "wet-tolerant": "stands wet" })[v],
  },
  kc: {
    name: "Thirst of its crown",
    does: "Multiplies the day’s reference evaporation.",
    say: range((v) => number(v, 2)),
  },
  winterLight: { name: "Light in winter", does: "Which winter quarters will do.", say: (v) => LIGHT_WORDS[v] },
  winterC: {
    name: "Winter quarters",
    does: "Between these it rests without harm.",
    say: (v, u) => `${celsius(v[0], u)} to ${celsius(v[1], u)}`,
  },
  chillPortions: {
    name: "Winter chill",
    does: "Dynamic-model portions before its buds can wake; too little delays bud break.",
    say: (v) => (v[1] === 0 ? "none" : `${number(v[0])} to ${number(v[1])} portions`),
  },
  coolForBloom: {
    name: "Cool weeks for flowers",
    does: "Cool, not chill, induces its flowers: a room too warm gives none.",
    say: (v) => (v ? "needed" : "not needed"),
  },
  crownC: {
    name: "Ripe wood hurt below",
    does: "The hardiest its ripe wood becomes; unripe wood stays tenderer.",
    say: degrees,
  },
  leafC: { name: "Leaves hurt below", does: "When evergreens lose leaves.", say: orNone(degrees, "with its wood") },
  budC: {
    name: "Flower buds hurt below",
    does: "When next year’s crop is lost.",
    say: orNone(degrees, "with its wood"),
  },
  bloomC: { name: "Open bloom hurt below", does: "When the crop of the year is lost.", say: orNone(degrees) },
  flushFrostC: {
    name: "New shoots die below",
    does: "The damaging frost that late work is counted back from.",
    say: degrees,
  },
  rootKillYoungC: {
    name: "Young roots die below",
    does: "Root-zone temperature that closes dormant work, two degrees of margin added.",
    say: degrees,
  },
  rootKillMatureC: { name: "Old roots die below", does: "When the core of the ball is lost.", say: degrees },
  rootHeatC: { name: "Roots stop above", does: "Heat in dark walls.", say: degrees },
  springRootZoneC: {
    name: "Spring work from a root zone of",
    does: "Opens the spring window, five days on end.",
    say: degrees,
  },
  takeHoldBaseC: {
    name: "Roots take hold above",
    does: "Base of the warmth that work asks for until autumn.",
    say: degrees,
  },
  takeHoldDegreeDays: {
    name: "Warmth to take hold",
    does: "What ordinary work asks for before autumn; a ball slipped up whole half of it.",
    say: degreeDays,
  },
  rootWork: {
    name: "Root work",
    does: "Seasons in which it stands the loss of many roots.",
    say: list(ROOT_WORK_WORDS),
  },
  bloomDays: {
    name: "In bloom or setting",
    does: "Days from bud break; root work waits.",
    say: orNone((v: readonly [number, number]) => `day ${number(v[0])} to ${number(v[1])}`),
  },
  fruitDays: {
    name: "Fruit ripens",
    does: "Days from bud break.",
    say: orNone((v: readonly [number, number]) => `day ${number(v[0])} to ${number(v[1])}`, "no crop"),
  },
  cropDegreeDays: {
    name: "Warmth to ripen",
    does: "Degree-days above 10 °C from bud break: the chance that its crop ripens here.",
    say: orNone(degreeDays, "not by warmth, or no crop"),
  },
  pollination: {
    get name() {
      return spelt("Fertilising");
    },
    does: "Warns when it stands without a partner in flower.",
    say: (v) => POLLINATION_WORDS[v],
  },
  circle: { name: "Partners", does: "Species of one circle serve each other.", say: orNone((v: string) => v, "none") },
  feeding: {
    name: "Feeding",
    does: "How much and until when.",
    say: (v) =>
      ({
        usual: "as usual",
        hungry: "hungry",
        lean: "lean",
        "late-nitrogen-harms": "no late nitrogen",
        "low-phosphate": "low phosphate only",
      })[v],
  },
  wind: { name: "Wind", does: "Who is tied first.", say: (v) => v },
  hazards: { name: "Hazards", does: "Shown where it is handled.", say: list(HAZARD_WORDS, " ") },
  health: { name: "Plant health", does: "What to look for, and whom to ask.", say: list(HEALTH_NOTE_WORDS, " ") },
  yieldPer10L: {
    name: "Crop from each 10 L",
    get does() {
      return spelt("What a good year brings; larger pots bring a little less for each litre.");
    },
    say: orNone(
      range((v) => number(v, v < 3 ? 1 : 0)),
      "no crop",
    ),
  },
  yieldUnit: { name: "Counted in", does: "Unit of the crop.", say: (v) => v },
  traits: { name: "Its ways", does: "Each calls a rule that guards it.", say: list(TRAIT_WORDS) },
  bringInNightC: {
    name: "Brought in before a night of",
    does: "The winter plan brings it in or covers it before such a night, whatever its limits would still stand.",
    say: (v, units) => (v === null ? "as its limits say" : celsius(v, units)),
  },
  potHeightM: {
    name: "Usual height in a pot",
    does: "Taken for wind and mass until somebody has measured the tree.",
    say: (v, units) => (v === null ? "by the size of its pot" : metres(v, units)),
  },
};

function range2(v: readonly [Vigour, Vigour]): string {
  return v[0] === v[1] ? VIGOUR_WORDS[v[0]] : `${VIGOUR_WORDS[v[0]]} to ${VIGOUR_WORDS[v[1]]}`;
}

/** One field of a kind in words. */
export function sayField(name: FieldName, value: unknown, units: Units): string {
  return (FIELD_WORDS[name].say as (value: unknown, units: Units) => string)(value, units);
}

/** What tells a found kind from others of like name: its scientific name, group and leaf. */
export function foundKindWords(found: {
  scientific: string;
  group: Group;
  leaf: KindValues["leaf"];
  rank: "kind" | "genus";
}): string {
  const name = found.rank === "genus" ? `${found.scientific}, known by its genus` : found.scientific;
  return `${name} · ${GROUP_WORDS[found.group]}, ${found.leaf}`;
}

export const LAST_SHOOTS_WORDS: Record<LastShoots, (units: Units) => string> = {
  short: (u) => `shorter than ${shootLength(15, u)}`,
  usual: (u) => `${shootLength(15, u)} to ${shootLength(40, u)}`,
  long: (u) => `${shootLength(40, u)} to ${shootLength(80, u)}`,
  "very-long": (u) => `longer than ${shootLength(80, u)}`,
};
const shootLength = (cm: number, units: Units) =>
  units === "us" ? `${number((10 * cm) / MM_PER_INCH)} in` : `${number(cm)} cm`;

/** What is seen of a plant nobody has named. */
export function looksWords(looks: Looks, units: Units): string {
  return (
    [
      looks.group ? GROUP_WORDS[looks.group] : "",
      looks.leaf ?? "",
      looks.lastShoots ? `last year’s shoots ${LAST_SHOOTS_WORDS[looks.lastShoots](units)}` : "",
    ]
      .filter(Boolean)
      .join(", ") || "nothing seen of it"
  );
}

const SORT_WORDS: Record<string, string> = {
  early: "early varieties",
  mid: "mid-season varieties",
  late: "late varieties",
  main: "main crop",
  breba: "first crop, on last year's wood",
};

/** @example sortWords("Fig", "main") // "Fig, main crop" */
export const sortWords = (name: string, sort: string): string =>
  sort in SORT_WORDS ? `${name}, ${SORT_WORDS[sort]}` : name;
