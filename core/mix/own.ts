import { wrong } from "../fault/index";
import { z } from "zod";
import { COMPONENT_FLAGS, type Component } from "./components";
import { mixSchema } from "./schema";

const within = (least: number, most: number) => z.number().min(least).max(most);

/** Particles of the heaviest usual minerals, kg/L: pores and dry mass must leave room for them. */
const HEAVIEST_PARTICLE_KG_PER_L = 2.9;

/** A component of one's own, checked against what matter can do. */
export const ownComponentSchema = z
  .object({
    name: z.string().trim().min(1, wrong("name-needed")).max(80),
    porosity: within(0.2, 0.98),
    gaps: within(0.1, 0.7),
    particleMm: within(0.05, 80),
    dryKgPerL: within(0.02, 2.7),
    alphaPerCm: within(0.005, 10),
    n: within(1.05, 6),
    thetaR: within(0, 0.6),
    volumeLossPerYear: within(0, 0.6),
    alphaGainPerYear: within(0, 0.6),
    feedsMonths: within(0, 24),
    flags: z.array(z.enum(COMPONENT_FLAGS)).max(COMPONENT_FLAGS.length),
    confidence: z.enum(["H", "M", "L"]),
    source: z.string().trim().max(200),
  })
  .refine((c) => c.gaps <= c.porosity + 1e-9, {
    path: ["gaps"],
    ...wrong("particle-space-above-pores"),
  })
  .refine((c) => c.thetaR < c.porosity, {
    path: ["thetaR"],
    ...wrong("holds-more-than-pores"),
  })
  .refine((c) => c.dryKgPerL <= (1 - c.porosity) * HEAVIEST_PARTICLE_KG_PER_L, {
    path: ["dryKgPerL"],
    ...wrong("heavier-than-stone"),
  });
export type OwnComponent = z.infer<typeof ownComponentSchema>;

export function componentOf(own: OwnComponent): Component {
  const { name: _name, ...properties } = own;
  return properties;
}

/** Parts by volume of each component, by its name in the library or the id of one's own. */
export const partsSchema = z
  .record(z.string().max(60), z.number().min(0).max(1000))
  .refine((parts) => Object.values(parts).some((v) => v > 0), wrong("no-parts"))
  .refine((parts) => Object.keys(parts).length <= 16, wrong("too-many-parts"));

export const PRODUCT_KINDS = ["feed", "disinfectant", "wetting", "other"] as const;
/** Something measured into a can of water: its rate and what its cap holds are kept with it. */
export const productSchema = z.object({
  name: z.string().trim().min(1, wrong("name-needed")).max(80),
  kind: z.enum(PRODUCT_KINDS),
  form: z.enum(["liquid", "powder"]),
  /** Full strength as on the label: ml or g for a litre of water. */
  ratePerL: within(0.001, 500),
  /** What a cap or spoon holds, ml or g. */
  capSize: within(0.05, 1000).nullable(),
  /** What the bottle or box holds when full, ml or g. */
  bottleSize: within(1, 100_000).nullable(),
  npk: z.tuple([z.number().min(0).max(60), z.number().min(0).max(60), z.number().min(0).max(60)]).nullable(),
});
export type Product = z.infer<typeof productSchema>;

export const STRUCTURES = ["open", "slumped", "sandy"] as const;
/** Mix saved from pots of healthy trees, with the age it has on the day of the record. */
export const reclaimedSchema = z.object({
  name: z.string().trim().min(1, wrong("name-needed")).max(80),
  litres: within(0.1, 20_000),
  mix: mixSchema,
  ageYears: within(0, 30),
  structure: z.enum(STRUCTURES),
  fromHealthy: z.boolean(),
});
export type Reclaimed = z.infer<typeof reclaimedSchema>;
