import { wrong } from "../fault/index";
import { z } from "zod";
import { WALLS } from "./walls";

/** What a tape can reach while the tree stands in the pot: the outside. Widths at the rim, or once round it; mm. */
export const outsideSchema = z
  .object({
    known: z.literal("outside"),
    shape: z.enum(["round", "square"]),
    wall: z.enum(WALLS),
    outerWidthMm: z.number().min(40).max(5000).optional(),
    /** Once round the rim with a tape. */
    girthMm: z.number().min(120).max(16_000).optional(),
    outerHeightMm: z.number().min(30).max(4000),
    /** Across the foot; left out, a usual taper is taken. */
    outerBaseWidthMm: z.number().min(20).max(5000).optional(),
    /** Measured at the rim; left out, a wall usual for the material is taken. */
    wallMm: z.number().min(0.2).max(300).optional(),
  })
  .refine((p) => (p.outerWidthMm === undefined) !== (p.girthMm === undefined), {
    path: ["outerWidthMm"],
    ...wrong("width-or-girth"),
  })
  .refine((p) => p.wallMm === undefined || 2 * p.wallMm < 0.8 * outerWidthMm(p), {
    path: ["wallMm"],
    ...wrong("walls-fill-pot"),
  })
  .refine((p) => p.outerBaseWidthMm === undefined || p.outerBaseWidthMm <= 2.5 * outerWidthMm(p), {
    path: ["outerBaseWidthMm"],
    ...wrong("foot-wider-than-rim"),
  });
export type OutsidePot = z.infer<typeof outsideSchema>;

/** Width at the rim from either measure. */
export function outerWidthMm(p: { shape: "round" | "square"; outerWidthMm?: number; girthMm?: number }): number {
  return p.outerWidthMm ?? p.girthMm! / (p.shape === "round" ? Math.PI : 4);
}
