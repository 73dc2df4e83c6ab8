import { WALL } from "@/core/vessel/index";
import { z } from "zod";
import { ROOT_WARMTH, rootDegreeDays } from "@/core/climate/index";
import {
  CORRECTION_NAMES,
  calibrate,
  growRoots,
  moveRoots,
  oversize,
  poolOf,
  priorFrom,
  reachedShare,
  retainedAfterShave,
  usualShaveDepthMm,
  VIGOUR_NAMES,
  VIGOUR_PER_DEGREE_DAY,
} from "@/core/roots/index";
import { coresPlan, slicePlan } from "@/core/inplace/index";
import { VIGOUR_SD } from "@/core/species/index";
import { CalcProblem, define } from "../definition";
import { wallName } from "../walls";

const fill = z.number().min(0).max(1);
const circling = z.number().min(0).max(4);
const pace = { vigour: z.enum(VIGOUR_NAMES).optional(), kPerDegreeDay: z.number().positive().max(0.05).optional() };
const onePace = (v: { vigour?: unknown; kPerDegreeDay?: unknown }) =>
  (v.vigour === undefined) !== (v.kPerDegreeDay === undefined);
const onePaceFault = { path: ["vigour"], error: "Give exactly one of vigour and kPerDegreeDay." };
const wall = z
  .union([wallName, z.number().min(0).max(2)])
  .transform((w) => (typeof w === "number" ? w : WALL[w].circling));

export const rootCalculations = [
  define(
    "roots.degreeDays",
    "Root-zone degree-days of a day",
    z.strictObject({
      tempC: z.number(),
      baseC: z.number().default(ROOT_WARMTH.temperate.baseC),
      optimumC: z.number().default(ROOT_WARMTH.temperate.optimumC),
      maxC: z.number().default(ROOT_WARMTH.temperate.maxC),
    }),
    ({ tempC, ...warmth }) => {
      if (!(warmth.baseC < warmth.optimumC && warmth.optimumC < warmth.maxC))
        return new CalcProblem("optimumC", "Base, optimum and maximum must rise.");
      return { degreeDays: rootDegreeDays(tempC, warmth) };
    },
  ),
  define(
    "roots.grow",
    "Fill and circling after so much warmth",
    z
      .strictObject({
        fill,
        circling,
        ...pace,
        degreeDays: z.number().min(0),
        lagDegreeDays: z.number().min(0).default(0),
        wall,
      })
      .refine(onePace, onePaceFault),
    (v) => growRoots(v, v.kPerDegreeDay ?? VIGOUR_PER_DEGREE_DAY[v.vigour!], v.degreeDays, v.lagDegreeDays, v.wall),
  ),
  define(
    "roots.move",
    "Fill and circling right after a move",
    z.strictObject({
      fill,
      circling,
      fromL: z.number().positive(),
      toL: z.number().positive(),
      correction: z.enum(CORRECTION_NAMES),
      retainedShare: z.number().min(0.01).max(1).optional(),
      ballWidthMm: z.number().positive().optional(),
      ballHeightMm: z.number().positive().optional(),
      depthMm: z.number().positive().optional(),
    }),
    (v) => {
      let retained = v.retainedShare;
      if (
        retained === undefined &&
        v.correction === "shave" &&
        v.ballWidthMm !== undefined &&
        v.ballHeightMm !== undefined
      ) {
        const depth = v.depthMm ?? usualShaveDepthMm(v.ballWidthMm);
        if (2 * depth >= v.ballWidthMm || depth >= v.ballHeightMm)
          return new CalcProblem("depthMm", "This depth would leave no ball.");
        retained = retainedAfterShave(v.ballWidthMm, v.ballHeightMm, depth);
      }
      return moveRoots(v.fill, v.circling, v.fromL, v.toL, v.correction, retained);
    },
  ),
  define(
    "roots.oversize",
    "How long unrooted mix stays wet, and the rot risk index",
    z.strictObject({
      fill,
      volumeL: z.number().positive(),
      airFraction: z.number().min(0).max(1).optional(),
      coolWet: z.number().min(0).max(1).optional(),
    }),
    (v) => oversize(v.fill, v.volumeL, v.airFraction, v.coolWet),
  ),
  define(
    "roots.calibrate",
    "What checks over the seasons say of a tree's own vigour factor",
    z
      .strictObject({
        ...pace,
        wall,
        start: z.strictObject({ fill, circling, volumeL: z.number().positive() }),
        seasons: z
          .array(
            z.strictObject({
              degreeDays: z.number().min(0),
              move: z.strictObject({ toL: z.number().positive(), correction: z.enum(CORRECTION_NAMES) }).optional(),
              check: z
                .strictObject({
                  fillGrade: z.number().int().min(0).max(4).optional(),
                  circlingGrade: z.number().int().min(0).max(4).optional(),
                })
                .optional(),
              rerootingMm: z.number().min(0).optional(),
            }),
          )
          .min(1)
          .max(60),
        priorSd: z.number().positive().max(2).default(VIGOUR_SD.kind),
        startSd: z.number().min(0).max(3).default(0.05),
      })
      .refine(onePace, onePaceFault),
    (v) => calibrate({ ...v, kPerDegreeDay: v.kPerDegreeDay ?? VIGOUR_PER_DEGREE_DAY[v.vigour!], wallFactor: v.wall }),
  ),
  define(
    "roots.mates",
    "Prior of a tree's ln vigour factor from what its mates were found to be",
    z.strictObject({
      totalVariance: z
        .number()
        .positive()
        .max(4)
        .default(VIGOUR_SD.kind ** 2),
      sort: z.string().nullable().default(null),
      mates: z
        .array(
          z.strictObject({
            sort: z.string().nullable(),
            mean: z.number(),
            variance: z.number().positive(),
          }),
        )
        .max(5000),
    }),
    (v) => priorFrom(poolOf(v.totalVariance, v.mates), v.sort, null),
  ),
  define(
    "roots.inPlace",
    "Holes bored into a ball that stays where it is: number, spacing, litres, share",
    z.strictObject({
      plan: z.discriminatedUnion("shape", [
        z.strictObject({ shape: z.literal("round"), diameterMm: z.number().positive() }),
        z.strictObject({
          shape: z.literal("rectangle"),
          lengthMm: z.number().positive(),
          widthMm: z.number().positive(),
        }),
      ]),
      heightMm: z.number().positive(),
      trunkMm: z.number().positive().nullable().default(null),
      volumeL: z.number().positive(),
      coreMm: z.number().min(10).max(120).default(50),
      share: z.number().positive().max(0.15).default(0.1),
    }),
    ({ coreMm, share, ...ball }) => {
      const { holes, ...plan } = coresPlan(ball, { coreMm, share });
      return { count: holes.length, ...plan, sliceDepthMm: slicePlan(ball, "south").depthMm };
    },
  ),
  define(
    "water.reachedShare",
    "Share of a new pot the roots can drink from",
    z.strictObject({
      fromL: z.number().positive(),
      toL: z.number().positive(),
      rootDegreeDays: z.number().min(0),
      vigour: z.enum(VIGOUR_NAMES),
    }),
    (v) => ({ share: reachedShare(v.fromL, v.toL, v.rootDegreeDays, v.vigour) }),
  ),
];
