import { z } from "zod";

/** A water retention curve (van Genuchten 1980, m = 1 − 1/n). Suction in cm of water. */
const curve = {
  thetaR: z.number().min(0).max(0.6),
  alphaPerCm: z.number().positive().max(10),
  n: z.number().gt(1).max(6),
};

const shared = {
  /** All pores: water content when saturated. */
  thetaS: z.number().min(0.2).max(0.98),
  dryKgPerL: z.number().positive().max(2.7).optional(),
  volumeLossPerYear: z.number().min(0).max(1).optional(),
  alphaGainPerYear: z.number().min(0).max(1).optional(),
  /** Mean particle size, mm (geometric, by volume): what a texture jump is judged by. */
  particleMm: z.number().positive().max(80).optional(),
};

/** A mix known by one curve of its own. */
export const curveMixSchema = z.object({ ...curve, ...shared });
export type CurveMix = z.infer<typeof curveMixSchema>;

/** A mix known by what is in it: its curve is the sum of its components' curves, never more than its pores. */
export const blendedMixSchema = z.object({
  parts: z
    .array(z.object({ weight: z.number().positive().max(2), ...curve, thetaS: z.number().min(0.1).max(0.99) }))
    .min(1)
    .max(24),
  ...shared,
});
export type BlendedMix = z.infer<typeof blendedMixSchema>;

export const mixSchema = z.union([blendedMixSchema, curveMixSchema]);
export type Mix = z.infer<typeof mixSchema>;
