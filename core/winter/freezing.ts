/** A wall freezes through below this and has thawed above it, °C; drier than this share of water it takes no harm. */
const FREEZE = { frozenC: -2, thawedC: 0, wetFrom: 0.25 } as const;

/** How often a wet wall freezes through: crossings of −2 °C after it has thawed. */
export function wetFreezes(shellC: Float64Array, waterFraction: number): number {
  if (waterFraction < FREEZE.wetFrom) return 0;
  let [count, thawed] = [0, true];
  for (const t of shellC) {
    if (thawed && t <= FREEZE.frozenC) {
      count++;
      thawed = false;
    } else if (t >= FREEZE.thawedC) thawed = true;
  }
  return count;
}

/** Chance that one wet freezing cracks a wall of clay that is not known to be frost-proof: our judgement (C). */
const CRACK_CHANCE = 0.02;
export const crackChance = (freezes: number) => 1 - (1 - CRACK_CHANCE) ** freezes;
