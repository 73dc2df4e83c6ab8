import { z } from "zod";

/** Root ball as it will be set: width at its top (the flare line) and base, and the height between, mm. Round in section. */
export const ballSchema = z.object({
  topWidthMm: z.number().positive().max(5000),
  baseWidthMm: z.number().positive().max(5000),
  heightMm: z.number().positive().max(5000),
});
export type Ball = z.infer<typeof ballSchema>;
