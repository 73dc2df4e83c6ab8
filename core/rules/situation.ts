import type { ArrivalForm, Purpose } from "../event/index";
import type { RootColour, RootSign } from "../roots/index";
import type { Profile } from "../species/index";
import type { WoodPhase } from "../wood/index";

/** What is known of a tree when somebody means to work on it. Whatever nobody knows is left out, and its rule is silent. */
export interface RuleSituation {
  profile: Profile;
  phase: WoodPhase;
  /** After midsummer: what follows is autumn, not spring. */
  autumn: boolean;
  rootZoneC?: number;
  /** Weeks until the root zone is too cold for its roots to take hold. */
  weeksToCold?: number;
  /** The day after which damaging spring frost is rarer than one year in ten has passed. */
  frostPast?: boolean;
  purpose?: Purpose;
  form?: ArrivalForm;
  ageYears?: number;
  grafted?: boolean;
  stockVeryDwarfing?: boolean;
  unionClearMm?: number;
  daysToBudBreak?: number;
  /** What the roots look like. */
  live?: { share: number; mushy: boolean; sour: boolean; ballL: number };
  colour?: RootColour;
  signs?: readonly RootSign[];
  /** Of a bare-root plant: share of fine roots that snap dry, minutes out of cover, spread. */
  bare?: { drySnapShare: number; exposedMinutes: number; spreadMm: number; potWidthMm: number };
  /** Of a seedling: radicle and age, and the pot it would go into. */
  seedling?: { radicleMm: number; weeks: number; hooked: boolean; potWidthMm: number; potHeightMm: number };
  /** What is meant to be done. */
  plan?: {
    /** Share of roots that would go. */
    rootLoss: number;
    washed: boolean;
    /** Share of old mix that would stay. */
    oldMixKept: number;
    /** New mix against old. */
    ratio: number;
    crownCutMm: number;
    hardCrown: boolean;
    phosphorusPercent?: number;
    /** Coarseness of the new mix against the ball. */
    texture?: number;
    saucer?: boolean;
  };
  /** Air in the mix at the depth of a shallow pot. */
  airShare?: number;
  /** Overturning moment by a gust, dry mass and half the foot. */
  tipping?: { momentNm: number; dryKg: number; halfBaseM: number; onRoof: boolean };
}

export interface Finding {
  rule: RuleId;
  /** `refuse` what is meant; hold it to a `limit`; `do` this as well; `watch` for that. */
  kind: "refuse" | "limit" | "do" | "watch";
  code: FindingCode;
  /** The figures of the finding, in the units of their names. */
  figures: Record<string, number>;
}

export const RULE_IDS = [
  "sour-not-bound",
  "root-colour",
  "grafted",
  "broadleaf-evergreen",
  "conifer",
  "palm",
  "tap-seedling",
  "bare-root",
  "air-layer",
  "miniature",
  "mycorrhizal",
  "protea-kin",
  "autumn-averse",
  "bleeder",
  "fleshy-rooted",
  "succulent",
  "vine",
  "legume",
  "texture",
  "pests",
  "tipping",
] as const;
export type RuleId = (typeof RULE_IDS)[number];

export const FINDING_CODES = [
  "pot-down",
  "never-up",
  "cut-to-live",
  "colour-healthy",
  "colour-doubtful",
  "sign-healthy",
  "union-buried",
  "cut-scion-roots",
  "stake",
  "too-cold-yet",
  "frost-ahead",
  "too-late",
  "too-much-loss",
  "never-wash",
  "keep-old-mix",
  "half-a-session",
  "hold-verdict",
  "whole-only",
  "same-depth",
  "move-seedling-now",
  "cut-tip",
  "deep-pot",
  "cull",
  "reject",
  "soak",
  "pot-too-wide",
  "no-nitrogen-yet",
  "keep-warm",
  "keep-cool",
  "layer-early",
  "keep-moss",
  "keep-shallow-air",
  "not-both",
  "low-phosphate",
  "step-too-large",
  "no-saucer",
  "swell-only",
  "no-crown-cuts",
  "summer-cuts",
  "clean-cuts",
  "drier",
  "dry-first",
  "support-first",
  "warm-only",
  "too-coarse",
  "too-fine",
  "water-core",
  "quarantine",
  "tie",
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];
