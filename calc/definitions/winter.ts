import { z } from "zod";
import { potTemperature, STANDS, WINTER_WALLS, WRAPS } from "@/core/winter/index";
import { hoursFromRows } from "@/core/place/index";
import { assignmentModel, checkAssignment, greedyAssignment, OUTSIDE } from "@/core/shelter/index";
import { highsSolver } from "@/solve/highs";
import { CalcProblem, define, defineSlow } from "../definition";
import { wallName } from "../walls";

const share = z.number().min(0).max(1);

export const winterCalculations = [
  define(
    "winter.potTemperature",
    "Temperature of a pot's root zone hour by hour, shell and core",
    z.strictObject({
      volumeL: z.number().positive().max(5000),
      wall: z.union([wallName, z.enum(WINTER_WALLS)]),
      wrap: z.enum(WRAPS).nullable().default(null),
      stand: z.enum(STANDS),
      exposure: z.number().gt(0).max(1).default(1),
      shelter: share.default(1),
      mulchR: z.number().min(0).max(20).default(0),
      waterFraction: share.default(0.4),
      shade: share.default(0),
      startC: z.number().min(-40).max(60),
      hours: z
        .array(
          z.strictObject({
            airC: z.number().min(-60).max(60),
            windMs: z.number().min(0).max(60),
            soilC: z.number().min(-30).max(50),
            sunWm2: z.number().min(0).max(1400).default(0),
            skyLossWm2: z.number().min(0).max(200).default(0),
          }),
        )
        .min(1)
        .max(24 * 400),
    }),
    ({ startC, hours, ...pot }) => {
      const { minShellC, minCoreC, shellC, coreC } = potTemperature(pot, startC, hoursFromRows(hours));
      return { minShellC, minCoreC, shellC: [...shellC], coreC: [...coreC] };
    },
  ),
  defineSlow(
    "winter.assign",
    "Which tree winters in which place: least cost within area, height, doors and loads",
    z.strictObject({
      trees: z
        .array(
          z.strictObject({
            id: z.string().min(1),
            areaM2: z.number().min(0),
            heightM: z.number().min(0).nullable(),
            widthM: z.number().min(0),
            massKg: z.number().min(0),
            cost: z.record(z.string(), z.number()),
            group: z.string().nullable().default(null),
            minutes: z.record(z.string(), z.number().min(0)).optional(),
          }),
        )
        .max(5000),
      places: z
        .array(
          z.strictObject({
            id: z.string().min(1),
            areaM2: z.number().min(0),
            heightM: z.number().min(0).nullable(),
            doorM: z.number().min(0).nullable(),
            maxMassKg: z.number().min(0).nullable().default(null),
            liftKg: z.number().min(0).nullable().default(null),
          }),
        )
        .max(100),
      minutesMost: z.number().min(0).nullable().default(null),
      timeLimitS: z.number().positive().max(60).default(10),
      gap: z.number().min(0).max(1).default(0.002),
    }),
    async ({ timeLimitS, gap, ...problem }) => {
      for (const [key, list] of [
        ["trees", problem.trees],
        ["places", problem.places],
      ] as const) {
        const twice = list.findIndex((item, i) => list.findIndex((other) => other.id === item.id) < i);
        if (twice >= 0) return new CalcProblem(`${key}.${twice}.id`, "There is another one of this id.");
      }
      const outside = problem.places.findIndex((p) => p.id === OUTSIDE);
      if (outside >= 0) return new CalcProblem(`places.${outside}.id`, "Outside is always there and needs no entry.");
      const { model, read } = assignmentModel(problem);
      const solution = await highsSolver.solve(model, { timeLimitS, gap });
      const found = solution.status === "none" ? greedyAssignment(problem) : read(solution);
      return {
        assignment: found.assignment,
        cost: checkAssignment(problem, found.assignment).cost,
        provenGap: solution.status === "none" ? 1 : solution.gap,
      };
    },
  ),
];
