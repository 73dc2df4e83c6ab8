import type { CorrectionName } from "../roots/index";
import { type LadderProblem, sameVolume } from "./model";
import type { LadderAction } from "./names";
import type { LadderPlan } from "./plan";
import type { FixedStep } from "./search";

/** A step somebody agreed to; seasons are growing seasons by name. */
export interface AgreedStep {
  season: number;
  action: LadderAction;
  correction: CorrectionName | null;
  volumeL: number;
  potId?: string;
}

/** Steps of so many coming seasons are kept as agreed; later ones are planned anew. */
export const KEPT_SEASONS = 2;

/** Agreed steps as the problem's own; those whose pot is gone stand in for by one of its volume, or are left out. */
export function keptSteps(
  problem: LadderProblem,
  firstSeason: number,
  agreed: readonly AgreedStep[],
  seasons: number = KEPT_SEASONS,
): FixedStep[] {
  return agreed.flatMap((a): FixedStep[] => {
    const season = a.season - firstSeason;
    if (season < 0 || season >= seasons) return [];
    if (a.action !== "up-pot") return [{ season, action: a.action, pot: 0 }];
    const near = (i: number) => sameVolume(problem.pots[i].volumeL, a.volumeL);
    const same = problem.pots.findIndex((p, i) => i > 0 && p.id === a.potId && near(i));
    const alike = problem.pots.findIndex((_, i) => i > 0 && near(i));
    const pot = same > 0 ? same : alike;
    return pot > 0 ? [{ season, action: "up-pot", pot }] : [];
  });
}

export interface PlanChange {
  season: number;
  before: { action: LadderAction; volumeL: number };
  after: { action: LadderAction; volumeL: number };
}

/** Seasons in which a new plan does something else than was agreed. */
export function changesFrom(agreed: readonly AgreedStep[], firstSeason: number, plan: LadderPlan): PlanChange[] {
  return agreed.flatMap((a): PlanChange[] => {
    const now = plan.steps.at(a.season - firstSeason);
    if (!now || a.season < firstSeason) return [];
    const same = now.action === a.action && (a.action !== "up-pot" || sameVolume(now.volumeL, a.volumeL));
    return same
      ? []
      : [
          {
            season: a.season,
            before: { action: a.action, volumeL: a.volumeL },
            after: { action: now.action, volumeL: now.volumeL },
          },
        ];
  });
}
