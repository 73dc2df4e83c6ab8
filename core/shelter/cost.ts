import { clamp } from "../math/index";
import type { LightClass } from "../place/index";
import type { WinterLight } from "../species/index";
import type { Stay } from "./outlook";

/** What counts when places are weighed: our own weights (L), in points; a tree of 10 L is worth 100. */
export const WEIGHTS = {
  dark: 0.45,
  dim: 0.12,
  chillShort: 0.3,
  /** A cracked pot, of the worth of its tree. */
  pot: 0.15,
  /** Dormancy broken in the dark: pale shoots. */
  tooWarm: 0.1,
  minute: 0.05,
  change: 1.5,
} as const;

/** Evergreens stand in the dark only while it is cool, °C; leafless kinds too, until they swell. */
const COOL = { evergreenDimC: 5, evergreenC: 8, leaflessC: 7 } as const;

/** Share of a tree's worth that too little light or too much warmth costs. */
export function lightCost(need: WinterLight, evergreen: boolean, light: LightClass, meanC: number): number {
  if (need === "outdoors") return light >= 3 ? 0 : WEIGHTS.dim;
  if (!evergreen) return light === 0 && meanC > COOL.leaflessC ? WEIGHTS.tooWarm : 0;
  const warm = meanC > COOL.evergreenC;
  if (need === "bright") return light === 0 ? WEIGHTS.dark : light === 1 || (warm && light < 3) ? WEIGHTS.dim : 0;
  if (meanC <= COOL.evergreenDimC) return 0;
  return light === 0 ? WEIGHTS.dark : light === 1 && warm ? WEIGHTS.dim : 0;
}

/** Chance that the winter takes it: roots and wood, apart. */
export const lossOf = ({ roots, wood }: Pick<Stay, "roots" | "wood">) => 1 - (1 - roots) * (1 - wood);

/** Worth of a tree in points: by the root of its mix, for want of a better measure (L). */
export const worthOf = (volumeL: number, plants: number) => 100 * Math.sqrt(clamp(volumeL, 0.2, 2000) / 10) * plants;

export interface CostParts {
  loss: number;
  light: number;
  chill: number;
  pot: number;
  effort: number;
  change: number;
}
export const totalOf = (p: CostParts) => p.loss + p.light + p.chill + p.pot + p.effort + p.change;

/** A grower who takes less risk than this weighs what may be lost the more, within bounds (L). */
const USUAL_RISK = 0.1;
const CAUTION = { least: 0.5, most: 3 } as const;

/** What a winter at a place costs, part by part, in points. */
export function stayCost(input: {
  /** Share of damage the grower takes. */
  risk: number;
  worth: number;
  stay: Stay;
  need: WinterLight;
  evergreen: boolean;
  light: LightClass;
  minutes: number;
  /** It stood there last winter, or nobody knows. */
  asLastYear: boolean;
}): CostParts {
  const { risk, worth, stay, need, evergreen, light, minutes, asLastYear } = input;
  return {
    loss: worth * lossOf(stay) * clamp(USUAL_RISK / risk, CAUTION.least, CAUTION.most),
    light: worth * lightCost(need, evergreen, light, stay.meanC),
    chill: worth * WEIGHTS.chillShort * stay.chillShort,
    pot: worth * WEIGHTS.pot * stay.cracks,
    effort: WEIGHTS.minute * minutes,
    change: asLastYear ? 0 : WEIGHTS.change,
  };
}
