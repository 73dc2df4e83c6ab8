import type { KindValues } from "../species/index";

/** Beyond the usual volume a crop grows with the mix to this power: prior of the crop's exponent, .5 to 1 (L). */
export const CROP_EXPONENT = 0.75;

/**
 * What a good year brings in a pot that is full of roots, in the kind's own unit, low and high; null where it bears none worth counting:
 * too little mix, or no crop at all. In step with the mix up to the usual volume, less than that beyond it.
 * @param mixL mix in place
 * @example cropOfPot({ yieldPer10L: [4, 8], cropVolumeL: [20, 40] }, 40) // [16, 32]
 */
export function cropOfPot(
  values: Pick<KindValues, "yieldPer10L" | "cropVolumeL">,
  mixL: number,
): readonly [number, number] | null {
  const { yieldPer10L: per, cropVolumeL: volume } = values;
  if (per === null || volume === null || mixL < volume[0]) return null;
  const usual = volume[1];
  const tens = mixL <= usual ? mixL / 10 : (usual / 10) * (mixL / usual) ** CROP_EXPONENT;
  return [per[0] * tens, per[1] * tens];
}
