import type { Misfit } from "@/core/ladder/index";
import type { ReadyMixName } from "@/core/mix/index";
import type { Hazard, StockPace } from "@/core/species/index";
import type { CorrectionName, Face, FillStage } from "@/core/roots/index";
import type { BareRootWarning, SettingWarning } from "@/core/setting/index";
import type { PlaceKind } from "@/core/climate/index";
import { type CarryWay } from "@/core/people/index";
import { LIFT_FROM_FLOOR_KG, type LiftAdvice, SOLO_LIMIT_KG, VOLUNTEER_LIMIT_KG } from "@/core/mass/index";
import { outerWidthMm, type Pot, type PotCondition, type Wall } from "@/core/vessel/index";
import type { Limit, Operation } from "@/core/window/index";
import type { Bend, FeedForm, Habit, LeafFall, WoodStage } from "@/core/wood/index";
import type {
  ArrivalForm,
  ArrivalVerdict,
  DeathCause,
  Ending,
  HealthState,
  Method,
  PruningPurpose,
  Purpose,
  RescueCause,
  RescueStep,
} from "@/core/event/index";

import { kilograms, litres, number, type Units } from "./format";

/** Words for the core's codes: made last, in one place. */

/** What closes a window, as the end of "because …". */
export const LIMIT_BECAUSE: Record<Limit, string> = {
  none: "nothing holds it back",
  "root-warmth": "too little warm weather would be left to re-root",
  "soil-cold": "the potting mix is still too cold to work in",
  wood: "new shoots would not harden before the frost",
  flush: "the shoots are soft",
  bloom: "it is in bloom or setting fruit",
  "cold-after": "damaging frost is likely afterwards",
  heat: "it is too hot",
  recovery: "its roots still recover from the last work",
  health: "the tree is weak",
  grower: "nobody is there to do it",
  season: "this is the wrong season for root work on its species",
  sap: "it would bleed, or the cuts would let disease in",
  share: "it cannot lose so many roots at once now",
};

export const LIMIT_WORD: Record<Limit, string> = {
  none: "open",
  "root-warmth": "too little warm weather left to re-root",
  "soil-cold": "potting mix still too cold",
  wood: "soft wood before frost",
  flush: "soft growth",
  bloom: "bloom",
  "cold-after": "damaging frost likely afterwards",
  heat: "heat",
  recovery: "still recovering",
  health: "health",
  grower: "nobody there",
  season: "wrong season for this species",
  sap: "bleeding, disease",
  share: "more root loss than it can take now",
};

export const STAGE_WORD: Record<FillStage, string> = {
  "settling-in": "newly potted",
  "reaching-out": "rooting",
  knit: "well rooted",
  "rooted-out": "roots fill the pot",
  bound: "bound",
};

export const WOOD_WORD: Record<WoodStage, string> = {
  dormant: "dormant",
  swelling: "buds swelling",
  soft: "soft growth",
  hardening: "hardening",
  ripe: "hardened",
  resting: "resting",
  flush: "in flush",
  firm: "firm",
};

export const MIX_WORDS: Record<ReadyMixName, string> = {
  "pine-bark": "Fine aged bark",
  "peat-perlite": "Peat and perlite, 3:1",
  "compost-bark": "Compost and bark, 1:1",
  "loam-grit": "Loam, peat, grit, 7:3:2",
  "bark-pumice": "Coarse bark and pumice",
  "green-waste": "Composted green waste",
};

export const CORRECTION_WORDS: Record<CorrectionName, { name: string; what: string }> = {
  none: { name: "Undisturbed", what: "the root ball stays as it is" },
  loosen: { name: "Loosen", what: "free the outer finger’s breadth by hand, uncoil the base" },
  score: { name: "Score", what: "three to six vertical cuts, a cross at the base" },
  "tease-and-clip": { name: "Tease and clip", what: "comb out, cut what keeps its curve" },
  shave: { name: "Shave", what: "slice sides and base" },
  "rake-and-thin": { name: "Rake and thin", what: "rake out a third, thin thick roots" },
  "prune-and-return": { name: "Root-prune, same pot", what: "cut back a third for the same pot" },
  "wash-bare": { name: "Wash bare", what: "remove all mix, correct every root" },
  split: { name: "Part the plants", what: "shake, soak or wash the plants of one pot apart" },
  "replace-top": { name: "Replace the top", what: "renew the top one to three fingers deep" },
  "remove-girdler": { name: "Cut the girdling root", what: "cut it at both ends near the flare" },
  "core-in-place": { name: "Drill and refill", what: "many holes in the outer half of the ball, refilled" },
  "slice-in-place": { name: "Cut a wedge and refill", what: "one side at full depth, refilled" },
  "trim-outside": { name: "Trim outside", what: "cut roots grown through wall or holes" },
};

export const WALL_WORDS: Record<Wall, string> = {
  "smooth-plastic": "smooth plastic",
  glazed: "glazed",
  metal: "metal",
  concrete: "concrete",
  "poly-bag": "film bag",
  "timber-lined": "timber, lined",
  terracotta: "terracotta",
  "air-pruning": "slotted, air-pruning",
  "copper-lined": "copper-lined",
  fabric: "fabric",
  rubber: "thick rubber",
  fibre: "pressed fibre",
};

export const MISFIT_WORDS: Record<Misfit, string> = {
  "too-small": "too small a step to be worth lifting it",
  "too-large": "too large: most of the mix would stay without roots this season",
  "ball-too-wide": "the ball is too wide for it",
  "ball-too-tall": "the ball is too tall for it",
  "none-free": "none is free",
  unsound: "cracked or brittle",
};

/** A warning with what to do about it; `by` is its measure, already in the units on screen. */
export function warningWords(code: SettingWarning | BareRootWarning, by: string, ratio: number | undefined): string {
  switch (code) {
    case "ball-too-tall":
      return `The ball is ${by} too tall: cut that much from its base, take a deeper pot, or leave the bottom layer out.`;
    case "gap-tight":
      return `The gap at the side is tight: work dry mix in with a stick, or shave ${by} off each side.`;
    case "gap-none":
      return `There is no gap at the side to work mix into: shave ${by} off each side, or take a wider pot.`;
    case "base-thin":
      return `Almost no mix beneath the ball: it will sit on the floor and drain slowly. Set it ${by} higher, or cut as much from its base.`;
    case "narrow-mouth":
      return "This pot is narrower above than below: it will never give its ball back whole.";
    case "union-buried":
      return `The graft union would come too near the mix: set the tree ${by} higher, or fill as much lower.`;
    case "flare-low":
      return `The flare stays ${by} under the surface. It is recorded: expose the rest at later pottings.`;
    case "off-centre":
      return `The stem stands off the axis of its ball: shift the ball by ${by} so that the stem stands in the middle.`;
    case "texture":
      return (ratio ?? 1) > 1
        ? `The new mix is ${number(ratio ?? 1, 1)} times coarser than the ball: loosen the outer 10 mm or blend, and water the old ball by hand for six weeks.`
        : `The new mix is ${number(1 / (ratio ?? 1), 1)} times finer than the ball: it keeps the water to itself. Loosen the outside or blend, and check both by hand.`;
    case "rim-proud":
      return `The rim of the old pot would stand out or end too near the surface: tear ${by} off it, or it draws the ball dry like a wick.`;
    case "roots-too-long":
      return `The longest roots are ${by} too long to hang down the mound: cut them cleanly or take a deeper pot.`;
    case "pot-too-wide":
      return `The pot is ${by} wider than one and a half times the roots: mix without roots stays wet. Take a smaller one.`;
    case "roots-too-wide":
      return `The roots reach ${by} past the wall on each side: cut them cleanly or take a wider pot, never wind them round.`;
  }
}

/** What a weight asks of those who lift it; limits in the units shown. */
export function liftWords(advice: LiftAdvice, units: Units): string {
  const kg = (limit: number) => kilograms(limit, units);
  switch (advice) {
    case "easy":
      return "Light enough to lift with care.";
    case "raise-first":
      return `Raise it first or use a trolley: above ${kg(LIFT_FROM_FLOOR_KG)} do not lift from the floor.`;
    case "volunteer-limit":
      return `Above ${kg(VOLUNTEER_LIMIT_KG)}, the usual solo limit for volunteers: two people, or one used to it, close to the body at waist height.`;
    case "two-people":
      return `Above ${kg(SOLO_LIMIT_KG)} nobody lifts alone: two people who lift together, or a sack truck. Half as much on steps.`;
    case "machine":
      return "Too heavy to lift by hand: sack truck, ramp or hoist with rated slings; hands out from under, nobody beneath.";
    case "professional":
      return "A professional lift: rated gear, the ball slung, never the trunk alone, licensed operators where the law asks.";
  }
}

export const CARRY_WORDS: Record<CarryWay, { name: string; what: string }> = {
  floor: { name: "One person, from the floor", what: "bent knees, close to the body" },
  alone: { name: "One person, at waist height", what: "from bench to bench or trolley, close to the body" },
  "two-level": {
    name: "Two together, level ground",
    what: "two who know each other’s pace; they manage two thirds of both limits",
  },
  "two-steps": { name: "Two together, on steps", what: "half of what they manage on the level" },
  truck: { name: "Sack truck or ramp", what: "strapped, the weight over the axle; two on a ramp" },
  hoist: { name: "Hoist or lifting machine", what: "rated gear, the ball slung, hands out from under, nobody beneath" },
  professional: { name: "A firm that lifts", what: "licensed operators where the law asks" },
};

export const PURPOSE_WORDS: Record<Purpose, string> = {
  crop: "for its crop",
  ornament: "ornament",
  "grow-on": "growing on, to plant out",
  stock: "stock plant",
  rescue: "rescue",
  miniature: "trained small",
};

export const FORM_WORDS: Record<ArrivalForm, string> = {
  container: "in a container",
  "bare-root": "bare-root",
  "field-bag": "dug, in a fabric bag",
  cutting: "rooted cutting",
  "air-layer": "air layer",
  liner: "liner or seedling",
  salvaged: "salvaged, a neglected bargain",
  unknown: "nobody knows",
};

export const HABIT_WORDS: Record<Habit | "unknown", { name: string; what: string }> = {
  "apple-like": { name: "Like an apple", what: "leafless in winter, needs real cold, very hardy crown" },
  "japanese-maple-like": { name: "Like a Japanese maple", what: "leafless in winter, fine shoots, stops early" },
  "fig-like": { name: "Like a fig", what: "leafless in winter, little cold needed, tender wood" },
  "pomegranate-like": { name: "Like a pomegranate", what: "leafless in winter, wakes late, loves heat" },
  "citrus-like": { name: "Like a citrus", what: "evergreen, grows in flushes, tender" },
  "olive-bay-like": { name: "Like an olive or bay", what: "evergreen, tough leaves, some frost" },
  "conifer-like": { name: "Like a pine or juniper", what: "needles or scales all year, one flush, hardy" },
  "palm-like": { name: "Like a palm or yucca", what: "leaf after leaf from one bud, never leafless, whole balls only" },
  "tropical-like": { name: "Like a mango", what: "evergreen, grows in flushes in warmth only, no frost" },
  unknown: { name: "Don't know", what: "all habits stay possible: wide bands until you look at its roots" },
};

export const HAZARD_WORDS: Record<Hazard, string> = {
  "seeds-poisonous": "Its seeds are poisonous.",
  "peel-oil": "Peel oil and sun together burn the skin.",
  "sap-burns": "Sap burns skin in sunlight: gloves and sleeves.",
  "sap-irritates": "Its sap irritates the skin: gloves.",
  "fruit-irritates": "The flesh of its fruit irritates the skin.",
  poisonous: "Poisonous in most of its parts: gloves, wash hands, out of children’s reach.",
  "poisonous-to-animals": "Poisonous to pets and livestock.",
  thorns: "Thorns or hard tips: gloves and eye protection.",
  "dust-irritates": "Its dust and needles irritate skin and airways.",
};

export const ARRIVAL_VERDICT_WORDS: Record<ArrivalVerdict, string> = {
  accept: "Take it",
  correct: "Take it and correct it at once",
  quarantine: "Quarantine",
  rescue: "A rescue",
  refuse: "Leave it",
};

export const RESCUE_CAUSE_WORDS: Record<RescueCause, string> = {
  "dried-out": "Dried out",
  drowned: "Drowned, roots rotting",
  starved: "Starved in a spent, packed ball",
  frozen: "Frozen roots or wood",
  "broken-ball": "Ball broken, roots torn off",
};

/** A checkpoint of a rescue: its name, and the sign that is looked for. */
export const RESCUE_STEP_WORDS: Record<RescueStep, { name: string; sign: string }> = {
  alive: {
    name: "Is it alive?",
    sign: "green under the bark somewhere below the dead tips, or a root that snaps white",
  },
  roots: { name: "Roots after the work", sign: "cut ends pale and firm, no sour smell" },
  weight: { name: "Does it drink?", sign: "the pot is lighter than after the soak: roots take up water" },
  "no-rot": { name: "No rot", sign: "mix smells earthy a finger deep, bark at the base firm" },
  buds: { name: "Buds move", sign: "buds fatten, or green points break from old wood" },
  shoots: { name: "Shoots hold", sign: "new leaves stay firm at noon and keep growing" },
  "new-roots": { name: "New roots", sign: "pale tips at the edge of the ball, a finger deep" },
  hardened: { name: "Ready for winter", sign: "the new shoots have turned woody at their base" },
};

export const FACE_WORDS: Record<Face, string> = { side: "side", base: "base", top: "top" };

export const FILL_GRADES = [
  "mix falls off the roots",
  "holds around the core, outer mix crumbles",
  "whole ball holds, mix still shows",
  "well rooted: roots cover most of the face",
  "solid: no mix to be seen",
];
export const CIRCLING_GRADES = [
  "none: tips end at the wall",
  "a few thin roots circle",
  "many thin ones circle, or one thick as a pencil",
  "a mat at the base, several thick ones",
  "woody rings, or one round the flare",
];

/** A plain name for a pot nobody has named. */
export function potName(pot: Pot): string {
  if (pot.known === "about") return `About ${litres(pot.litres, "metric")}`;
  if (pot.known === "nominal") {
    return pot.system === "container-class"
      ? pot.size
      : pot.system === "pint-bag"
        ? `${pot.size} pint bag`
        : `${pot.size} L`;
  }
  if (pot.known === "outside")
    return `${pot.shape === "round" ? "Round" : "Square"} ${Math.round(outerWidthMm(pot) / 10)} cm outside`;
  const { vessel } = pot;
  const width =
    vessel.shape === "bag" ? vessel.flatWidthMm : vessel.shape === "rectangle" ? vessel.topLengthMm : vessel.topWidthMm;
  return `${vessel.shape[0].toUpperCase()}${vessel.shape.slice(1)} ${Math.round(width / 10)} cm`;
}

export const ENDING_WORDS: Record<Ending, string> = {
  died: "died",
  sold: "sold",
  given: "given away",
  "planted-out": "planted out",
  scrapped: "scrapped",
  lost: "lost or stolen",
  merged: "entered twice",
};

export const CAUSE_WORDS: Record<DeathCause, string> = {
  unknown: "nobody knows",
  frost: "frost",
  drought: "dried out",
  "wet-roots": "wet, rotten roots",
  heat: "heat",
  pest: "pest",
  disease: "disease",
  "root-work": "after root work",
  wind: "wind, a fall",
  animal: "an animal",
};

export const METHOD_WORDS: Record<Method, string> = {
  seed: "from seed",
  cutting: "as a cutting",
  "air-layer": "as an air layer",
  graft: "by grafting",
  division: "by division",
  unknown: "nobody knows how",
};

export const STOCK_WORDS: Record<StockPace, string> = {
  "very-dwarfing": "very dwarfing",
  dwarfing: "dwarfing",
  half: "half-vigorous",
  vigorous: "vigorous",
};

export const PLACE_WORDS: Record<PlaceKind, string> = {
  open: "outdoors, open",
  sheltered: "outdoors, sheltered",
  unheated: "indoors, unheated",
  "frost-free": "indoors, kept free of frost",
  heated: "indoors, heated",
};

/** A tag as it is spoken of: a lost one says so. */
export function tagName(tree: { tag: string; tagLost?: boolean }): string {
  return tree.tagLost ? `${tree.tag} (tag lost)` : tree.tag;
}

/** What a hand feels through pot and surface, from grade 1 on; the words of the walk-round. */
export const FEEL_WORDS = [
  { name: "Loose", what: "mix shifts, the ball would crumble" },
  { name: "Springy", what: "holds, gives under the thumb" },
  { name: "Firm", what: "hard to press, lifts as one" },
  { name: "Rock hard", what: "no finger goes in, roots at holes or top" },
] as const;

/** Days of the week, Monday first. */
export const WEEKDAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"] as const;

export const CONDITION_WORDS: Record<PotCondition, string> = {
  sound: "sound",
  wash: "to be washed and disinfected",
  brittle: "brittle",
  cracked: "cracked",
};

/** Whether clay stands wet frost. */
export const FROST_PROOF_WORDS = {
  yes: "stands it: frost-proof",
  no: "cracks it",
  unknown: "nobody knows",
} as const;
export const frostProofKey = (frostProof: boolean | null): keyof typeof FROST_PROOF_WORDS =>
  frostProof === null ? "unknown" : frostProof ? "yes" : "no";

export const BEND_WORDS: Record<Bend, string> = {
  soft: "Folds, soft",
  "stays-bent": "Stays bent",
  snaps: "Snaps",
};

export const LEAF_FALL_WORDS: Record<LeafFall, string> = {
  begun: "Leaves begin to fall",
  half: "Half of the leaves down",
  all: "All leaves down",
};

export const FEED_WORDS: Record<FeedForm, string> = {
  quick: "Quick nitrogen",
  organic: "Organic nitrogen",
  coated: "Coated granules",
};

export const HEALTH_WORDS: Record<HealthState, string> = {
  well: "well",
  weak: "weak",
  dry: "dried out",
  sick: "sick",
  quarantine: "in quarantine",
};

export const PRUNING_WORDS: Record<PruningPurpose, string> = {
  shape: "its shape",
  size: "its size",
  light: "light inside",
  sickness: "sick wood",
  balance: "balance after root loss",
};

/** Work by the name growers use, and what it is. */
export const OPERATION_WORDS: Record<Operation, { name: string; what: string }> = {
  "slip-up": { name: "Pot up undisturbed", what: "into the next pot, ball untouched" },
  loosen: { name: "Pot up, roots loosened", what: "outer finger’s breadth freed by hand" },
  score: { name: "Pot up, ball scored", what: "three to six cuts down the ball" },
  "up-pot": { name: "Pot up, roots teased out", what: "combed out, what keeps its curve is cut" },
  shave: { name: "Shave the ball", what: "sides and base sliced off" },
  "root-prune": { name: "Root-prune", what: "a third raked out, back into its pot" },
  "bare-root": { name: "Wash bare", what: "all mix off, every root set right" },
  "remove-girdler": { name: "Cut a girdling root", what: "at both ends, near the flare" },
  "core-in-place": { name: "Drill and refill", what: "cores of old mix drilled out and refilled" },
  "slice-in-place": { name: "Cut a wedge and refill", what: "one side cut away at full depth and refilled" },
  "replace-top": { name: "Renew the top", what: "one to three fingers of old mix off the top" },
  "trim-outside": { name: "Trim roots outside", what: "what grew through holes or wall" },
  split: { name: "Part plants", what: "of one pot into several" },
  "prune-light": { name: "Prune lightly", what: "pinching, thinning, dead wood" },
  "prune-hard": { name: "Prune hard", what: "cuts into old wood" },
  rescue: { name: "Rescue", what: "what cannot wait, whatever the season" },
  "plant-out": { name: "Plant out", what: "into the ground for good" },
};
