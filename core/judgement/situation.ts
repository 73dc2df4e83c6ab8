import type { Profile } from "../species/index";
import type { WoodPhase } from "../wood/index";

/** A tree on a day, as far as a judgement needs it. Volumes are mix in place. */
export interface Situation {
  profile: Profile;
  /** Its own pace where it is known better than its kind's. */
  kPerDegreeDay: number;
  phase: WoodPhase;
  /** After midsummer. */
  autumn: boolean;
  fill: number;
  circling: number;
  volumeL: number;
  ball: { widthMm: number; heightMm: number };
  /** Root zone now, °C. */
  rootZoneC: number;
  /** Highest of the next days, °C; null without a forecast. */
  hottestC: number | null;
  /** Root warmth above the kind's base until it grows too cold: what work asks for. */
  takeHoldLeft: number;
  /** Degree-days in which roots fill a pot, until the season's end, and of a whole season. */
  growthLeft: number;
  growthOfSeason: number;
  /** Weeks until damaging frost has come in one year of ten; null where it does not. */
  weeksToFrost: number | null;
  /** Spring frost is rarer than one year in ten from here on. */
  frostPast: boolean;
  /** Dries out within a day, or was found dry. */
  dry: boolean;
  flareHidden: boolean;
  /** A girdling root seen or to be reckoned with; the share of the girth it serves, where somebody looked. */
  girdler: { shareOfGirth: number | null } | null;
  /** Pot cracked or burst. */
  broken: boolean;
  /** Mix that has sunk or is worn out. */
  slumped: boolean;
  /** A pot the grower has in mind, L of mix. */
  offeredL: number | null;
  /** Carried in for the winter, and what may be lifted then, kg; null: it stays where it is. */
  carriedKg: number | null;
  /** Wet mass as it stands, kg, and whether hands can move it at all. */
  massKg: number;
  immovable: boolean;
  /** Stands in the pot it is to stay in. */
  finalPot: boolean;
  trunkMm: number | null;
  healthy: boolean;
}

/** When an act is due. */
export const WHENS = [
  "now",
  "this-week",
  "until-cold",
  "before-cold-nights",
  "bud-swell",
  "spring-warm",
  "when-due",
  "if-broken",
  "next-year",
] as const;
export type When = (typeof WHENS)[number];

export const ACT_CODES = [
  "bath",
  "expose-flare",
  "shade",
  "slip-up",
  "uncoil-base",
  "water-old-ball",
  "shave",
  "tease",
  "comb",
  "loosen",
  "leave-whole",
  "step",
  "look-for-girdler",
  "cut-girdler",
  "replace-top",
  "prune-and-return",
  "feed-little",
  "bring-in",
  "keep-bright",
  "water-by-weight",
  "slice-side",
  "open-side",
  "stop-at-root",
  "backfill-like-ball",
  "soak-twice",
  "guy",
  "no-nitrogen",
  "opposite-side",
  "wait-for-window",
  "leave",
] as const;
export type ActCode = (typeof ACT_CODES)[number];

/** Something to do, when, and the figures of it. */
export interface Act {
  code: ActCode;
  when: When;
  figures: Record<string, number>;
}

export const REFUSAL_CODES = [
  "wash-in-leaf",
  "shave-in-leaf",
  "jump-too-large",
  "feed-too-early",
  "autumn-work",
  "no-potting-now",
  "too-early",
  "lift-by-hand",
  "all-sides",
  "feed-in-backfill",
  "too-heavy-to-carry",
  "heat",
  "weak",
] as const;
export type RefusalCode = (typeof REFUSAL_CODES)[number];

export interface Refusal {
  code: RefusalCode;
  figures: Record<string, number>;
}

export interface Judgement {
  acts: Act[];
  refused: Refusal[];
}
