/** A bottle or box on the shelf: how strong, for what, and what its cap or spoon holds. */
export interface Dilution {
  /** Product for one can, ml or g. */
  perCan: number;
  /** Caps or spoons for one can; null where nobody measured the cap. */
  caps: number | null;
  /** Cans the container still gives; null where its size is not known. */
  cansLeft: number | null;
  /** Share of product in the can by volume (liquids). */
  share: number;
}

/**
 * What a can takes: label rate × strength × can. Rates are per litre of water.
 * @example dilute({ ratePerL: 4, strength: 0.5, canL: 10, capSize: 8, bottleSize: 1000 }) // { perCan: 20, caps: 2.5, cansLeft: 50, share: 0.002 }
 */
export function dilute(input: {
  ratePerL: number;
  strength: number;
  canL: number;
  capSize: number | null;
  bottleSize: number | null;
}): Dilution {
  const perCan = input.ratePerL * input.strength * input.canL;
  return {
    perCan,
    caps: input.capSize === null ? null : perCan / input.capSize,
    cansLeft: input.bottleSize === null || perCan === 0 ? null : Math.floor(input.bottleSize / perCan + 1e-9),
    share: perCan / 1000 / (input.canL + perCan / 1000),
  };
}

/**
 * "1 : n" of a concentrate as ml for a litre of water.
 * @example ratioToMlPerL(200) // 5
 */
export function ratioToMlPerL(partsOfWater: number): number {
  return 1000 / partsOfWater;
}
