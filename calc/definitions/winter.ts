import { z } from "zod";
import { WALLS } from "@/core/vessel/index";
import { hoursFromRows, potTemperature, STANDS, WINTER_WALLS, WRAPS } from "@/core/winter/index";
import { define } from "../definition";

const share = z.number().min(0).max(1);

export const winterCalculations = [
  define(
    "winter.potTemperature",
    "Temperature of a pot's root zone hour by hour, shell and core",
    z.strictObject({
      volumeL: z.number().positive().max(5000),
      wall: z.enum([...WALLS, ...WINTER_WALLS]),
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
];
