import { MULCH_R, WATERED } from "./figures";
import type { PotInWinter } from "./pot-temperature";

/** What can be done in an evening before a cold night, and what besides takes room or other pots. */
export type EveningKey = "water" | "straw" | "fleece" | "bubble" | "straw-round" | "sink";
export type MeasureKey = EveningKey | "ground" | "block";

/** Something that can be done for a pot against frost, and what it changes. */
export interface Measure<K extends MeasureKey = MeasureKey> {
  key: K;
  change: Partial<PotInWinter>;
}

/** In order of trouble. In a block a pot is sheltered from wind, and only a fifth of its wall meets the air. */
export const MEASURES: readonly Measure[] = [
  { key: "water", change: { waterFraction: WATERED } },
  { key: "ground", change: { stand: "ground" } },
  { key: "block", change: { exposure: 0.2, shelter: 0.5 } },
  { key: "straw", change: { mulchR: MULCH_R } },
  { key: "fleece", change: { wrap: "fleece" } },
  { key: "bubble", change: { wrap: "bubble-double" } },
  { key: "straw-round", change: { wrap: "straw", mulchR: MULCH_R } },
  { key: "sink", change: { stand: "sunk", mulchR: MULCH_R } },
];

const LONGER: ReadonlySet<MeasureKey> = new Set(["ground", "block"]);
export const EVENING_MEASURES = MEASURES.filter((m): m is Measure<EveningKey> => !LONGER.has(m.key));
