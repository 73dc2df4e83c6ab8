import { JUDGEMENT_FIGURES as F } from "./figures";
import type { Situation } from "./situation";

export const isLeafless = ({ phase }: Pick<Situation, "phase">) =>
  phase === "dormant" || phase === "swelling" || phase === "fallen";
/** Neither growing nor about to: nothing is lost by waiting. */
export const isAtRest = ({ phase }: Pick<Situation, "phase">) => phase === "dormant" || phase === "fallen";
export const isEvergreen = ({ profile }: Pick<Situation, "profile">) => profile.parameters[0].leaf === "evergreen";

/** Too hot for work on its roots. */
export const isHot = (s: Situation) =>
  s.hottestC !== null && s.hottestC > (s.profile.warmClimate ? F.hotWarmKindC : F.hotC);

/**
 * Share of roots that may go at once, on this day: what the kind stands while it sleeps, and evergreens in the season of the work; half
 * of it in hard leaf; next to nothing in soft growth, in heat, drought and weakness.
 * @param inSeason the window of work that costs roots is open
 */
export function lossAllowed(s: Situation, inSeason: boolean): number {
  const { rootShare } = s.profile.values;
  const little = Math.min(F.littleLoss, rootShare);
  if (isHot(s) || s.dry || !s.healthy) return little;
  if (isEvergreen(s)) return inSeason ? rootShare : little;
  if (s.phase === "soft") return little;
  if (isLeafless(s) && inSeason) return rootShare;
  if (isLeafless(s)) return s.phase === "swelling" || !s.profile.autumnAverse ? rootShare : 0;
  return F.leafShare * rootShare;
}

/**
 * School "proportional": share of the leaves to go in leaf when so many roots are lost; the default leaves them all (they pay for roots).
 * @example crownToMatch(0.3) // 0.125
 */
export function crownToMatch(rootLoss: number): number {
  return Math.min(1, Math.max(0, (rootLoss - 0.2) * 1.25));
}
