import { wrong } from "../fault/index";
import { z } from "zod";
import { NOMINAL_SYSTEMS, nominalVolume } from "./nominal";
import { outsideSchema } from "./outside-schema";
import { MATERIALS, WALLS } from "./walls";

/**
 * Shapes of containers by their inner dimensions, mm.
 * Heights are measured from the inner floor upwards.
 */
const mm = (least = 1, most = 5000) => z.number().min(least).max(most);

const shared = {
  measuredVolumeL: z.number().positive().max(20_000).optional(),
  wall: z.enum(WALLS).optional(),
  wallMm: mm(0.01, 300).optional(),
  floorMm: mm(0.01, 300).optional(),
  material: z.enum(MATERIALS).optional(),
};

export const vesselSchema = z.discriminatedUnion("shape", [
  z.object({ shape: z.literal("round"), topWidthMm: mm(), baseWidthMm: mm(), heightMm: mm(), ...shared }),
  z
    .object({
      shape: z.literal("square"),
      topWidthMm: mm(),
      baseWidthMm: mm(),
      heightMm: mm(),
      cornerRadiusMm: mm(0).optional(),
      ...shared,
    })
    .refine((v) => 2 * (v.cornerRadiusMm ?? 0) <= v.topWidthMm, {
      path: ["cornerRadiusMm"],
      ...wrong("corner-too-round"),
    }),
  z.object({
    shape: z.literal("rectangle"),
    topLengthMm: mm(),
    topWidthMm: mm(),
    baseLengthMm: mm(),
    baseWidthMm: mm(),
    heightMm: mm(),
    ...shared,
  }),
  z.object({ shape: z.literal("cylinder"), topWidthMm: mm(), heightMm: mm(), ...shared }),
  z.object({
    shape: z.literal("fabric"),
    topWidthMm: mm(),
    heightMm: mm(),
    stretch: z.number().min(0).max(0.3).optional(),
    ...shared,
  }),
  z
    .object({ shape: z.literal("bag"), flatWidthMm: mm(), gussetMm: mm(), lengthMm: mm(), ...shared })
    .refine((v) => v.lengthMm > v.gussetMm / 2, {
      path: ["lengthMm"],
      ...wrong("bag-shorter-than-gusset"),
    }),
]);
export type Vessel = z.infer<typeof vesselSchema>;

/** What is known of a pot: its inner measures, its outer ones, a trade size, or "about" so many litres. */
export const potSchema = z.discriminatedUnion("known", [
  z.object({ known: z.literal("measured"), vessel: vesselSchema }),
  outsideSchema,
  z
    .object({
      known: z.literal("nominal"),
      system: z.enum(NOMINAL_SYSTEMS),
      size: z.string().min(1).max(12),
      wall: z.enum(WALLS),
    })
    .refine((p) => nominalVolume(p.system, p.size) !== null, { path: ["size"], ...wrong("no-such-size") }),
  z.object({ known: z.literal("about"), litres: z.number().positive().max(5000), wall: z.enum(WALLS) }),
]);
export type Pot = z.infer<typeof potSchema>;
