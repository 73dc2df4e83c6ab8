import { z } from "zod";
import {
  blend,
  cheapestBags,
  COMPONENT_NAMES,
  mixInPot,
  mixSchema,
  READY_MIX_NAMES,
  READY_MIXES,
  waterContent,
} from "@/core/mix/index";
import { brimHeightMm, vesselSchema } from "@/core/vessel/index";
import { CalcProblem, define } from "../definition";

const mixInput = z
  .union([z.enum(READY_MIX_NAMES), mixSchema])
  .transform((mix) => (typeof mix === "string" ? READY_MIXES[mix] : mix));

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
    z.strictObject({ parts: z.partialRecord(z.enum(COMPONENT_NAMES), z.number().min(0)) }),
    ({ parts }) => {
      if (!Object.values(parts).some((part) => part > 0)) return new CalcProblem("parts", "Give at least one part.");
      return blend(parts);
    },
  ),
  define(
    "mix.bags",
    "Cheapest cover of a need by bag sizes",
    z.strictObject({
      litres: z.number().positive().max(20_000),
      bags: z
        .array(z.object({ litres: z.number().min(0.1).max(5000), price: z.number().min(0) }))
        .min(1)
        .max(20),
    }),
    ({ litres, bags }) => cheapestBags(litres, bags),
  ),
];
