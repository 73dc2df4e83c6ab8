import { wrong } from "../fault/index";
import { z } from "zod";

const mm = z.number().positive().max(5000);

/**
 * Root ball as it will be set: width at its top (the flare line) and base, and the height between, mm. Round unless it says
 * otherwise; a ball out of a long box has a length, too.
 */
export const ballSchema = z
  .object({
    shape: z.enum(["round", "square", "rectangle"]).optional(),
    topWidthMm: mm,
    baseWidthMm: mm,
    heightMm: mm,
    topLengthMm: mm.optional(),
    baseLengthMm: mm.optional(),
  })
  .refine((b) => b.shape !== "rectangle" || (b.topLengthMm !== undefined && b.baseLengthMm !== undefined), {
    path: ["topLengthMm"],
    ...wrong("long-ball-needs-length"),
  });
export type Ball = z.infer<typeof ballSchema>;

/** Roots without a ball, as they will be spread. */
export const bareRootSchema = z.object({
  /** Across the spread roots. */
  spreadMm: mm,
  /** From the collar to the tip of the longest root that stays. */
  rootLengthMm: mm,
  /** Graft union above the collar; null where there is none. */
  unionMm: z.number().min(0).max(1000).nullable().optional(),
});
export type BareRoot = z.infer<typeof bareRootSchema>;
