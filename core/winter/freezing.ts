import { type Wall, WALL } from "../vessel/index";
import type { WinterWall } from "./figures";

/** A wall freezes through below this and has thawed above it, °C; drier than this share of water it takes no harm. */
const FREEZE = { frozenC: -2, thawedC: 0, wetFrom: 0.25 } as const;
/** Air milder than this never freezes a wall through, whatever a clear sky takes, °C. */
export const NEVER_FREEZES_C = 2;

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

/** Walls of fired clay: wet ones may crack as they freeze. */
export const isClay = (wall: WinterWall) => wall in WALL && WALL[wall as Wall].clay;

/** Chance that one wet freezing cracks a wall of clay that is known not to stand frost: our judgement (L). */
const CRACK_CHANCE = 0.02;
/** How many clay pots stand frost, where nobody knows of this one: even odds (L). */
const UNKNOWN_STANDS = 0.5;

/** Chance that a wall has cracked after so many wet freezings. `frostProof` null: nobody knows. */
export function crackChance(wall: WinterWall, frostProof: boolean | null, freezes: number): number {
  if (!isClay(wall) || frostProof === true) return 0;
  const cracked = 1 - (1 - CRACK_CHANCE) ** freezes;
  return frostProof === null ? (1 - UNKNOWN_STANDS) * cracked : cracked;
}
