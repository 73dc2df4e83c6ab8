import { z } from "zod";
import { ballSchema, bareRootPlan, bareRootSchema, settingPlan } from "@/core/setting/index";
import { treeMassKg } from "@/core/mass/index";
import { waysToCarry } from "@/core/people/index";
import { brimHeightMm, vesselSchema } from "@/core/vessel/index";
import { standing } from "@/core/wind/index";
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
      offAxisMm: z.number().min(-1000).max(1000).optional(),
      tiltDeg: z.number().min(0).max(60).optional(),
      flareBelowMm: z.number().min(0).max(1000).optional(),
      unionMm: z.number().min(0).max(2000).nullable().optional(),
      rimAboveMm: z.number().min(0).max(1000).optional(),
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
  define(
    "setting.bareRoot",
    "Collar, mound and litres for roots without a ball",
    z.strictObject({
      vessel: vesselSchema,
      roots: bareRootSchema,
      fillHeightMm: z.number().positive(),
      crownMm: z.number().min(0).max(200).optional(),
      bottomLayerMm: z.number().min(0).optional(),
      settleFraction: z.number().min(0).max(0.5).optional(),
    }),
    (input) => {
      if (input.fillHeightMm > brimHeightMm(input.vessel) + 1e-9)
        return new CalcProblem("fillHeightMm", "The fill line lies above the brim.");
      return bareRootPlan(input);
    },
  ),
  define(
    "wind.standing",
    "Gusts that tip a tree in its pot, dry and wet; ballast or base to withstand one",
    z.strictObject({
      crownWidthM: z.number().positive().max(20),
      crownHeightM: z.number().positive().max(30),
      crownBaseM: z.number().min(0).max(20),
      baseWidthM: z.number().positive().max(10),
      massDryKg: z.number().positive().max(50_000),
      massWetKg: z.number().positive().max(50_000),
      inLeaf: z.boolean().default(true),
      gustMs: z.number().positive().max(90),
    }),
    (input) => {
      if (input.massDryKg > input.massWetKg)
        return new CalcProblem("massDryKg", "A dry pot does not weigh more than a wet one.");
      return standing(input);
    },
  ),
  define(
    "tree.carry",
    "Ways of carrying a mass, with the limit of each",
    z.strictObject({
      massKg: z.number().positive().max(50_000),
      liftKg: z.array(z.number().min(1).max(50)).max(20).default([]),
    }),
    ({ massKg, liftKg }) => ({
      ways: waysToCarry(
        massKg,
        liftKg.map((kg, i) => ({
          id: String(i),
          name: `person ${i + 1}`,
          self: false,
          liftKg: kg,
          hoursPerWeek: null,
          weekdays: [],
        })),
      ),
    }),
  ),
];
