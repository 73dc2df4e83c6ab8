import type { KindValues } from "../species/index";
import { circlingAfter, CORRECTIONS, type CorrectionName } from "../roots/index";
import { CORRECTING_FIGURES as F } from "./figures";

/** What a correction costs and leaves behind, in one unit of price: less is better. */
export interface Price {
  loss: number;
  circlingAfter: number;
  lagDegreeDays: number;
  /** Handling and roots lost; turning left behind; season lost. Their sum decides. */
  shock: number;
  turning: number;
  waiting: number;
  total: number;
}

export function priceOf(
  correction: CorrectionName,
  circling: number,
  tolerance: KindValues["tolerance"],
  loss: number = 1 - CORRECTIONS[correction].retained,
): Price {
  const { lagDegreeDays } = CORRECTIONS[correction];
  const after = circlingAfter(circling, correction);
  const extra = (F.extraHandling as Partial<Record<CorrectionName, number>>)[correction] ?? 0;
  const shock = F.handling + extra + F.perLoss * loss * F.tolerance[tolerance];
  const turning = F.perTurning * Math.max(0, after - F.turningFree) ** 2;
  const waiting = F.perLag * lagDegreeDays;
  return { loss, circlingAfter: after, lagDegreeDays, shock, turning, waiting, total: shock + turning + waiting };
}
