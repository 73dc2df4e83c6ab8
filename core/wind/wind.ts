/**
 * A tree in a pot standing in wind: overturning moment q·A·c·lever against mass × g × half the base. A rough estimate (L): gusts,
 * eddies round walls and a pot that slides are not in it.
 */
export const AIR_DENSITY_KG_PER_M3 = 1.2;
export const GRAVITY_M_PER_S2 = 9.81;
/** Drag on the crown's silhouette: in full leaf (leaves fold and stream at speed), and bare (L). */
export const DRAG_IN_LEAF = 0.25;
export const DRAG_BARE = 0.15;
/** Tie, ballast or lower when the moment reaches this share of what the dry pot withstands: growers' rule (L). */
export const TIE_AT_SHARE = 2 / 3;
/** Kinds whose wood or roots break before the pot tips are tied at half already (L). */
export const TIE_BRITTLE_AT_SHARE = 1 / 2;

/**
 * Share of what its dry pot withstands at which a tree is tied.
 * @example tieAtShare("brittle") // 0.5
 */
export const tieAtShare = (wind: "sturdy" | "usual" | "brittle"): number =>
  wind === "brittle" ? TIE_BRITTLE_AT_SHARE : TIE_AT_SHARE;

/** A fresh gale in gusts, m/s: what a terrace sees some times a year. */
export const USUAL_GUST_MS = 18;

export interface StandingInput {
  /** Across the crown and its height, m. */
  crownWidthM: number;
  crownHeightM: number;
  /** From the ground to the lowest leaves: pot and clear stem, m. */
  crownBaseM: number;
  /** The pot's foot: diameter, or the shorter side, m. */
  baseWidthM: number;
  massDryKg: number;
  massWetKg: number;
  inLeaf: boolean;
  /** The gust to withstand, m/s. */
  gustMs: number;
  /** How its kind stands wind; "usual" where nobody said. */
  wind?: "sturdy" | "usual" | "brittle";
}

/** Below this mass, wet, a pot is moved sooner than loaded, kg: our judgement (L). */
export const SMALL_POT_KG = 12;

/**
 * Height above its pot of a tree nobody measured, by the mix it stands in, m: about as tall as the pot's cube root says of nursery
 * stock, and never taller than its kind usually grows in a pot. Our judgement (L): half a metre in 1.5 L, one in 10 L, two in 100 L.
 * @example usualHeightM(10) // 0.97
 */
export function usualHeightM(volumeL: number, kindM: number | null = null): number {
  return Math.min(Math.round(45 * Math.cbrt(volumeL)) / 100, kindM ?? Infinity);
}

export interface Standing {
  silhouetteM2: number;
  leverM: number;
  /** Gusts that tip it over, m/s. */
  tipsDryMs: number;
  tipsWetMs: number;
  /** Gust from which it should be tied, ballasted or laid down: two thirds of what it withstands dry, half for brittle kinds. */
  tieFromMs: number;
  /** To stand that gust dry with the margin of the rule. */
  ballastKg: number;
  /** What to do against that gust: a small pot that would need more than its own mass is laid down or set among others, not loaded. */
  remedy: "none" | "ballast" | "lay-or-group";
  baseNeededM: number;
  /** Moment of the asked gust as a share of what it withstands dry. */
  shareDry: number;
}

/**
 * @example standing({ crownWidthM: 1, crownHeightM: 1, crownBaseM: 1, baseWidthM: 0.4, massDryKg: 30, massWetKg: 40, inLeaf: true, gustMs: 15 }).tipsDryMs // 18.25
 */
export function standing(v: StandingInput): Standing {
  const drag = v.inLeaf ? DRAG_IN_LEAF : DRAG_BARE;
  const silhouetteM2 = (Math.PI / 4) * v.crownWidthM * v.crownHeightM;
  const leverM = v.crownBaseM + v.crownHeightM / 2;
  const perPressure = silhouetteM2 * drag * leverM;
  const withstands = (massKg: number) => massKg * GRAVITY_M_PER_S2 * (v.baseWidthM / 2);
  const gustFor = (moment: number) => Math.sqrt(moment / (perPressure * 0.5 * AIR_DENSITY_KG_PER_M3));
  const moment = 0.5 * AIR_DENSITY_KG_PER_M3 * v.gustMs ** 2 * perPressure;
  const tieAt = tieAtShare(v.wind ?? "usual");
  const needed = moment / tieAt;
  const ballastKg = Math.max(0, needed / (GRAVITY_M_PER_S2 * (v.baseWidthM / 2)) - v.massDryKg);
  return {
    silhouetteM2,
    leverM,
    tipsDryMs: gustFor(withstands(v.massDryKg)),
    tipsWetMs: gustFor(withstands(v.massWetKg)),
    tieFromMs: gustFor(withstands(v.massDryKg) * tieAt),
    ballastKg,
    remedy:
      ballastKg === 0 ? "none" : ballastKg > v.massWetKg || v.massWetKg < SMALL_POT_KG ? "lay-or-group" : "ballast",
    baseNeededM: Math.max(v.baseWidthM, (2 * needed) / (v.massDryKg * GRAVITY_M_PER_S2)),
    shareDry: moment / withstands(v.massDryKg),
  };
}
