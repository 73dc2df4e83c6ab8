import { USUAL_WALL } from "@/core/vessel/index";
import { z } from "zod";
import {
  equalHeightMm,
  exhaustiveLadder,
  type LadderPot,
  type LadderProblem,
  ladderWeightsSchema,
  planLadder,
  SCHOOL_WEIGHTS,
  SCHOOLS,
} from "@/core/ladder/index";
import { VIGOUR_NAMES, VIGOUR_PER_DEGREE_DAY } from "@/core/roots/index";
import { CalcProblem, define } from "../definition";
import { wallName } from "../walls";

const positive = z.number().positive();

export const ladderCalculations = [
  define(
    "ladder.plan",
    "The best sequence of stays, moves and root prunings over seasons, by a school's weights",
    z
      .strictObject({
        tree: z
          .strictObject({
            vigour: z.enum(VIGOUR_NAMES).optional(),
            kPerDegreeDay: positive.max(0.05).optional(),
            fill: z.number().min(0).max(1),
            circling: z.number().min(0).max(4),
            volumeL: positive,
            mixAgeYears: z.number().min(0),
            tapRoot: z.boolean().default(false),
            largestStep: z.number().min(1.15).nullable().default(null),
            tolerance: positive.default(1),
            /** The pot it stands in, where its wall, height or mass matter. */
            pot: z
              .strictObject({
                heightMm: positive.optional(),
                wall: wallName.optional(),
                massKg: z.number().min(0).optional(),
              })
              .default({}),
          })
          .refine((v) => (v.vigour === undefined) !== (v.kPerDegreeDay === undefined), {
            path: ["vigour"],
            error: "Give exactly one of vigour and kPerDegreeDay.",
          }),
        pots: z
          .array(
            z.strictObject({
              id: z.string().min(1),
              volumeL: positive,
              heightMm: positive,
              wall: wallName,
              massKg: z.number().min(0).default(0),
              price: z.number().min(0),
              owned: z.boolean(),
            }),
          )
          .max(60),
        site: z.strictObject({
          seasonDegreeDays: z.number().min(0),
          coolWet: z.number().min(0).max(1),
          liftKg: positive,
          movedForWinter: z.boolean(),
          mixKgPerL: positive,
          mixPricePerL: z.number().min(0),
          mixLifeYears: positive,
          rootDepthNeedMm: positive.nullable().default(null),
        }),
        goal: z.strictObject({
          minL: positive,
          maxL: positive,
          bySeason: z.number().int().min(0).nullable().default(null),
          plantOut: z
            .object({ season: z.number().int().min(0) })
            .nullable()
            .default(null),
        }),
        seasons: z.number().int().min(1).max(20),
        school: z.enum(SCHOOLS).optional(),
        weights: ladderWeightsSchema.optional(),
        method: z.enum(["dp", "exhaustive"]).default("dp"),
      })
      .refine((v) => (v.school === undefined) !== (v.weights === undefined), {
        path: ["school"],
        error: "Give exactly one of school and weights.",
      })
      .refine((v) => v.goal.minL <= v.goal.maxL, { path: ["goal", "maxL"], error: "At least minL." }),
    ({ tree, pots, site, goal, seasons, school, weights, method }) => {
      const here: LadderPot = {
        id: "now",
        volumeL: tree.volumeL,
        heightMm: tree.pot.heightMm ?? equalHeightMm(tree.volumeL),
        wall: tree.pot.wall ?? USUAL_WALL,
        massKg: tree.pot.massKg ?? 0,
        price: 0,
        owned: true,
      };
      const problem: LadderProblem = {
        tree: { ...tree, kPerDegreeDay: tree.kPerDegreeDay ?? VIGOUR_PER_DEGREE_DAY[tree.vigour!] },
        pots: [here, ...pots],
        site,
        goal,
        seasons,
        weights: weights ?? SCHOOL_WEIGHTS[school!],
      };
      const plan = method === "exhaustive" ? exhaustiveLadder(problem) : planLadder(problem);
      if (!plan)
        return new CalcProblem("method", "Too many sequences for an exhaustive search: fewer seasons or pots.");
      return { ...plan, steps: plan.steps.map(({ pot: _, ...step }) => step) };
    },
  ),
];
