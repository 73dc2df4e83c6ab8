import {
  brimEstimate,
  brimHeightMm,
  likelyPotMassKg,
  type Pot,
  USUAL_WALL,
  vesselOf,
  WALL,
  type WallFigures,
  widthAtMm,
} from "../vessel/index";
import type { KindValues } from "../species/index";

/** In what a pot is not what its kind would like; none of it forbids the pot. */
export const POT_REMARKS = ["shallow", "narrow", "light", "circles", "heats", "no-saucer"] as const;
export type PotRemark = (typeof POT_REMARKS)[number];

/** A deep pot is at least nearly as deep as wide, a wide one no deeper than wide: our judgement (L). */
export const DEEP_FROM = 0.9;
export const WIDE_UP_TO = 0.85;
/** An empty pot this heavy for each litre it holds steadies a top-heavy tree: thick clay, stone, timber (L). */
export const STEADY_KG_PER_L = 0.1;
/** Walls at which roots circle less than this, against smooth plastic, prune them (see the walls' own figures). */
const PRUNES_BELOW = 0.5;
/** Walls that let heat through as thin plastic does, m²K/W. */
const THIN_BELOW = 0.02;

/**
 * What a kind asks of its pots: its own note, else what the lie of its roots says.
 * @example potAsked({ potNote: "any", spread: "deep" }) // "deep"
 */
export function potAsked({ potNote, spread }: Pick<KindValues, "potNote" | "spread">): KindValues["potNote"] {
  if (potNote !== "any") return potNote;
  return spread === "deep" ? "deep" : spread === "shallow" ? "wide" : "any";
}

/**
 * What there is to say of a pot for a kind, by what the kind asks of its pots. Nothing is said of a shape nobody measured.
 * @example potRemarks("air-pruning", { known: "about", litres: 10, wall: "smooth-plastic" }) // ["circles"]
 */
export function potRemarks(asked: KindValues["potNote"], pot: Pot): PotRemark[] {
  if (asked === "any") return [];
  if (asked === "no-saucer") return ["no-saucer"];
  const { vessel, guessed } = vesselOf(pot);
  const height = brimHeightMm(vessel);
  const depthToWidth = height / widthAtMm(vessel, height);
  const wall: WallFigures = WALL[vessel.wall ?? USUAL_WALL];
  switch (asked) {
    case "deep":
      return !guessed && depthToWidth < DEEP_FROM ? ["shallow"] : [];
    case "wide":
      return !guessed && depthToWidth > WIDE_UP_TO ? ["narrow"] : [];
    case "heavy":
      return likelyPotMassKg(vessel).massKg < STEADY_KG_PER_L * brimEstimate(pot).p50 ? ["light"] : [];
    case "air-pruning":
      return wall.circling >= PRUNES_BELOW ? ["circles"] : [];
    case "light-coloured":
      return wall.resistanceM2KPerW < THIN_BELOW && !wall.wet ? ["heats"] : [];
  }
}
