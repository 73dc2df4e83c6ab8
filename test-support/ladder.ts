import { type LadderPot, type LadderProblem, type School, SCHOOL_WEIGHTS } from "@/core/ladder/index";
import { VIGOUR_PER_DEGREE_DAY } from "@/core/roots/index";

const VOLUMES = [4.5, 8, 12, 18, 25, 30, 40, 55, 80];
/** A plain plastic pot. */
export const pot = (volumeL: number, owned = false): LadderPot => ({
  id: `p${volumeL}`,
  volumeL,
  heightMm: 108 * Math.cbrt(volumeL),
  wall: "smooth-plastic",
  massKg: 0.1 * volumeL ** 0.66,
  price: 1.5 * volumeL ** 0.7,
  owned,
});
/** A moderate tree in three litres that is to end up in fifty-five, and pots to buy on its way. */
export function problem(
  school: School,
  more: Partial<LadderProblem["tree"]> = {},
  rest: Partial<LadderProblem> = {},
): LadderProblem {
  const tree = {
    kPerDegreeDay: VIGOUR_PER_DEGREE_DAY.moderate,
    fill: 0.7,
    circling: 0.3,
    volumeL: 3,
    mixAgeYears: 1,
    tapRoot: false,
    largestStep: null,
    tolerance: 1,
    ...more,
  };
  return {
    tree,
    pots: [{ ...pot(tree.volumeL, true), id: "now" }, ...VOLUMES.map((v) => pot(v))],
    site: {
      seasonDegreeDays: 1600,
      coolWet: 0.5,
      liftKg: 1e6,
      movedForWinter: false,
      mixKgPerL: 0.8,
      mixPricePerL: 0.15,
      mixLifeYears: 4.5,
      rootDepthNeedMm: null,
    },
    goal: { minL: 55, maxL: 55, bySeason: null, plantOut: null },
    seasons: 13,
    weights: SCHOOL_WEIGHTS[school],
    ...rest,
  };
}
