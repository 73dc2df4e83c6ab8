import { z } from "zod";
import { placeClimateSchema, SITE_ITSELF } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import { isoDate } from "@/core/event/index";
import {
  BENDS,
  checkLikelihood,
  damageShare,
  FEED_FORMS,
  HABIT_PARAMETERS,
  HABITS,
  hardinessStep,
  LEAF_FALLS,
  nightRisk,
  residualNitrogen,
  ripeness,
} from "@/core/wood/index";
import { define } from "../definition";

const pair = z.tuple([z.number(), z.number()]);

export const woodCalculations = [
  define(
    "wood.ripeness",
    "Ripeness of wood from its heat sum",
    z.strictObject({ heatSum: z.number().min(0), h50: z.number().positive(), n: z.number().positive() }),
    (v) => ({ ripeness: ripeness(v.heatSum, v.h50, v.n) }),
  ),
  define(
    "wood.hardinessStep",
    "One day of cold hardiness",
    z.strictObject({
      lt50C: z.number(),
      chillSum: z.number().max(0),
      tempC: z.number(),
      parameters: z.object({
        hMin: z.number(),
        hMax: z.number(),
        thresholds: pair,
        edb: z.number().max(0),
        ka: pair,
        kd: pair,
        theta: pair,
      }),
    }),
    (v) => ({ lt50C: hardinessStep(v.lt50C, v.chillSum, v.tempC, v.parameters) }),
  ),
  define(
    "wood.damage",
    "Share of tissue a night kills",
    z.strictObject({ tminC: z.number(), lt50C: z.number(), sigma: z.number().positive() }),
    (v) => ({ share: damageShare(v.tminC, v.lt50C, v.sigma) }),
  ),
  define(
    "wood.nitrogen",
    "Nitrogen still at work on a day",
    z.strictObject({
      on: isoDate,
      feeds: z.array(z.strictObject({ on: isoDate, form: z.enum(FEED_FORMS), strength: z.number().min(0).max(2) })),
    }),
    (v) => ({
      residual: residualNitrogen(
        v.feeds.map((f) => ({ ...f, on: toDay(f.on) })),
        toDay(v.on),
      ),
    }),
  ),
  define(
    "wood.check",
    "How well a look at the wood fits a ripeness",
    z.strictObject({
      ripeness: z.number().min(0).max(1),
      tipRipeness: z.number().min(0).max(1).optional(),
      woodyShare: z.number().min(0).max(1).optional(),
      bend: z.enum(BENDS).optional(),
      terminalBud: z.boolean().optional(),
      leafFall: z.enum(LEAF_FALLS).optional(),
    }),
    ({ ripeness: shoots, tipRipeness, ...check }) => ({
      likelihood: checkLikelihood(check, shoots, tipRipeness ?? shoots),
    }),
  ),
  define(
    "wood.nightRisk",
    "What a forecast night may do to wood and new shoots",
    z.strictObject({
      habit: z.enum(HABITS),
      forecastC: z.number(),
      errorC: z.number().positive(),
      lt50C: z.number(),
      softShare: z.number().min(0).max(1).default(0),
      place: placeClimateSchema.optional(),
    }),
    (v) => {
      const { wood, shoots, minC } = nightRisk(
        HABIT_PARAMETERS[v.habit],
        { minC: v.forecastC, minErrorC: v.errorC },
        v.place ?? SITE_ITSELF,
        v.lt50C,
        v.softShare,
      );
      return { wood, shoots, minC };
    },
  ),
];
