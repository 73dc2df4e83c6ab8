import { z } from "zod";
import { damageShare, hardinessStep, ripeness } from "@/core/wood/index";
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
];
