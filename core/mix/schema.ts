import { z } from "zod";

/** A growing mix by its retention curve (van Genuchten 1980, m = 1 − 1/n). Suction in cm of water. */
export const mixSchema = z.object({
  thetaR: z.number().min(0).max(0.6),
  thetaS: z.number().min(0.2).max(0.98),
  alphaPerCm: z.number().positive().max(10),
  n: z.number().gt(1).max(6),
  dryKgPerL: z.number().positive().max(2.7).optional(),
  volumeLossPerYear: z.number().min(0).max(1).optional(),
  alphaGainPerYear: z.number().min(0).max(1).optional(),
});
export type Mix = z.infer<typeof mixSchema>;
