import { USUAL_WALL } from "../vessel/index";
import type { LadderPot } from "./model";

/**
 * Pots one can buy in most places, L of mix, and what stands in for prices nobody has entered: our judgement (L), to be replaced
 * by the grower's own Stores.
 */
export const USUAL_VOLUMES_L = [0.5, 1, 2, 3, 4.5, 6, 8, 10, 12, 15, 18, 22, 28, 35, 45, 55, 75, 100, 130];
const PRICE = (volumeL: number) => 1.5 * volumeL ** 0.7;
const PLASTIC_KG = (volumeL: number) => 0.1 * volumeL ** 0.66;
export const GUESSED_MIX_PRICE_PER_L = 0.15;
/** Wet mix in place: between a light peat mix and a loam-based one (L). */
export const WET_MIX_KG_PER_L = 0.8;

/** A pot as tall as wide holds V litres at this height, mm: for a pot whose height nobody gives. */
export const equalHeightMm = (volumeL: number) => 100 * Math.cbrt((4 / Math.PI) * volumeL);

/** The prefix of pots that nobody has yet. */
export const TO_BUY = "buy-";

/**
 * A plain plastic pot of this volume, to be bought.
 * @example potToBuy(10) // { id: "buy-10", volumeL: 10, heightMm: 233.51, wall: "smooth-plastic", massKg: 0.45709, price: 7.5178, owned: false }
 */
export function potToBuy(volumeL: number): LadderPot {
  return {
    id: `${TO_BUY}${volumeL}`,
    volumeL,
    heightMm: equalHeightMm(volumeL),
    wall: USUAL_WALL,
    massKg: PLASTIC_KG(volumeL),
    price: PRICE(volumeL),
    owned: false,
  };
}
