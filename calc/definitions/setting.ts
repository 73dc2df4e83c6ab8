import { z } from "zod";
import { ballSchema, settingPlan } from "@/core/setting/index";
import { treeMassKg } from "@/core/tree/index";
import { brimHeightMm, vesselSchema } from "@/core/vessel/index";
import { CalcProblem, define } from "../definition";

export const settingCalculations = [
  define(
    "setting.plan",
    "Base layer, side gap and litres for a ball in a vessel",
    z.strictObject({
      vessel: vesselSchema,
      ball: ballSchema,
      fillHeightMm: z.number().positive(),
      crownMm: z.number().min(0).max(200).optional(),
      bottomLayerMm: z.number().min(0).optional(),
      settleFraction: z.number().min(0).max(0.5).optional(),
    }),
    (input) => {
      if (input.fillHeightMm > brimHeightMm(input.vessel) + 1e-9)
        return new CalcProblem("fillHeightMm", "The fill line lies above the brim.");
      return settingPlan(input);
    },
  ),
  define(
    "tree.mass",
    "Mass of a tree above its ball, from trunk and height",
    z.strictObject({
      trunkMm: z.number().positive().max(3000),
      heightM: z.number().positive().max(60),
      leafless: z.boolean().optional(),
    }),
    ({ trunkMm, heightM, leafless }) => ({ massKg: treeMassKg(trunkMm, heightM, leafless) }),
  ),
];
