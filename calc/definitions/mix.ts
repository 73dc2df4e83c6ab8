import { z } from "zod";
import {
  blend,
  cheapestBags,
  COMPONENT_NAMES,
  dilute,
  mixColumn,
  mixInPot,
  mixLife,
  mixOfRecipe,
  mixSchema,
  planBatch,
  READY_MIX_NAMES,
  READY_MIXES,
  waterContent,
} from "@/core/mix/index";
import { brimHeightMm, vesselSchema } from "@/core/vessel/index";
import { CalcProblem, define } from "../definition";

const mixInput = z
  .union([z.enum(READY_MIX_NAMES), mixSchema])
  .transform((mix) => (typeof mix === "string" ? READY_MIXES[mix] : mix));

const partsInput = z
  .partialRecord(z.enum(COMPONENT_NAMES), z.number().min(0))
  .refine((parts) => Object.values(parts).some((part) => part > 0), { error: "Give at least one part." });
const bagsInput = z
  .array(z.object({ litres: z.number().min(0.1).max(5000), price: z.number().min(0) }))
  .min(1)
  .max(20);

export const mixCalculations = [
  define(
    "mix.retention",
    "Water content of a mix at a suction",
    z.strictObject({ mix: mixInput, suctionCm: z.number().min(0) }),
    ({ mix, suctionCm }) => ({ theta: waterContent(mix, suctionCm) }),
  ),
  define(
    "mix.inPot",
    "Water and air of a mix in a drained pot",
    z.strictObject({
      mix: mixInput,
      vessel: vesselSchema,
      fillHeightMm: z.number().positive(),
      bottomLayerMm: z.number().min(0).default(0),
      ageYears: z.number().min(0).max(30).default(0),
    }),
    ({ mix, vessel, fillHeightMm, bottomLayerMm, ageYears }) => {
      if (fillHeightMm > brimHeightMm(vessel) + 1e-9)
        return new CalcProblem("fillHeightMm", "The fill line lies above the brim.");
      if (bottomLayerMm >= fillHeightMm)
        return new CalcProblem("bottomLayerMm", "The bottom layer leaves no room for mix.");
      return mixInPot(mix, vessel, fillHeightMm, bottomLayerMm, ageYears);
    },
  ),
  define(
    "mix.blend",
    "Shrinkage, porosity and dry density of a blend",
    z.strictObject({ parts: partsInput }),
    ({ parts }) => blend(parts),
  ),
  define(
    "mix.recipe",
    "A recipe as a mix: curve, mass, texture, ageing, feeding",
    z.strictObject({ parts: partsInput, suctionCm: z.number().min(0).optional() }),
    ({ parts, suctionCm }) => {
      const { mix, blend: whole, feedsMonths, flags } = mixOfRecipe(parts)!;
      return {
        ...whole,
        mix,
        feedsMonths,
        flags,
        lifeYears: mixLife(mix).years,
        ...(suctionCm === undefined ? {} : { theta: waterContent(mix, suctionCm) }),
      };
    },
  ),
  define(
    "mix.column",
    "Air, available and held water of a drained pot by depth",
    z.strictObject({
      mix: mixInput,
      vessel: vesselSchema,
      fillHeightMm: z.number().positive(),
      bottomLayerMm: z.number().min(0).default(0),
      ageYears: z.number().min(0).max(30).default(0),
      planeBelowMm: z.number().min(0).max(1000).default(0),
      layers: z.number().int().min(1).max(400).default(20),
    }),
    (input) => {
      if (input.fillHeightMm > brimHeightMm(input.vessel) + 1e-9)
        return new CalcProblem("fillHeightMm", "The fill line lies above the brim.");
      if (input.bottomLayerMm >= input.fillHeightMm)
        return new CalcProblem("bottomLayerMm", "The bottom layer leaves no room for mix.");
      return mixColumn(input);
    },
  ),
  define("mix.life", "Years until a mix is worn out, and what ends it", z.strictObject({ mix: mixInput }), ({ mix }) =>
    mixLife(mix),
  ),
  define(
    "mix.batch",
    "Litres of each component for so much settled mix, with shrinkage, waste, bags and mass",
    z.strictObject({
      settledL: z.number().positive().max(100_000),
      parts: partsInput,
      settling: z.number().min(0).max(0.5).optional(),
      inStock: z.partialRecord(z.enum(COMPONENT_NAMES), z.number().min(0)).optional(),
      bags: z.partialRecord(z.enum(COMPONENT_NAMES), bagsInput).optional(),
    }),
    ({ settledL, parts, settling, inStock, bags }) =>
      planBatch({ settledL, recipe: parts, settling, inStock: inStock, bags }),
  ),
  define(
    "mix.dilution",
    "Product for a can of water, in measure and in caps",
    z.strictObject({
      ratePerL: z.number().positive().max(1000),
      strength: z.number().positive().max(4).default(1),
      canL: z.number().positive().max(2000),
      capSize: z.number().positive().nullable().default(null),
      bottleSize: z.number().positive().nullable().default(null),
    }),
    (input) => dilute(input),
  ),
  define(
    "mix.bags",
    "Cheapest cover of a need by bag sizes",
    z.strictObject({
      litres: z.number().positive().max(20_000),
      bags: bagsInput,
    }),
    ({ litres, bags }) => cheapestBags(litres, bags),
  ),
];
