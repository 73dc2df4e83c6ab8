import { z } from "zod";
import { COMPONENT_FLAGS, type Component } from "./components";
import { mixSchema } from "./schema";

const within = (least: number, most: number, words: string) =>
  z.number({ error: words }).min(least, { error: words }).max(most, { error: words });

/** Particles of the heaviest usual minerals, kg/L: pores and dry mass must leave room for them. */
const HEAVIEST_PARTICLE_KG_PER_L = 2.9;

/** A component of one's own, checked against what matter can do. */
export const ownComponentSchema = z
  .object({
    name: z
      .string()
      .trim()
      .min(1, { error: "Give it a name you will know it by." })
      .max(80, { error: "At most 80 characters, please." }),
    porosity: within(0.2, 0.98, "Pores take 20 to 98 % of any potting material."),
    gaps: within(0.1, 0.7, "Space between the particles: 10 to 70 %."),
    particleMm: within(0.05, 80, "A mean particle of 0.05 to 80 mm."),
    dryKgPerL: within(0.02, 2.7, "0.02 to 2.7 kg a litre, dry."),
    alphaPerCm: within(0.005, 10, "Between 0.005 and 10 per cm."),
    n: within(1.05, 6, "Between 1.05 and 6."),
    thetaR: within(0, 0.6, "0 to 60 %."),
    volumeLossPerYear: within(0, 0.6, "0 to 60 % a year."),
    alphaGainPerYear: within(0, 0.6, "0 to 60 % a year."),
    feedsMonths: within(0, 24, "0 to 24 months."),
    flags: z.array(z.enum(COMPONENT_FLAGS)).max(COMPONENT_FLAGS.length),
    confidence: z.enum(["H", "M", "L"]),
    source: z.string().trim().max(200, { error: "At most 200 characters, please." }),
  })
  .refine((c) => c.gaps <= c.porosity + 1e-9, {
    path: ["gaps"],
    error: "The space between the particles is part of the pores: it cannot be more than all of them.",
  })
  .refine((c) => c.thetaR < c.porosity, {
    path: ["thetaR"],
    error: "It cannot hold on to more water than its pores hold.",
  })
  .refine((c) => c.dryKgPerL <= (1 - c.porosity) * HEAVIEST_PARTICLE_KG_PER_L, {
    path: ["dryKgPerL"],
    error: "With so many pores it cannot weigh so much: not even stone is that heavy. Check the pores or the mass.",
  });
export type OwnComponent = z.infer<typeof ownComponentSchema>;

export function componentOf(own: OwnComponent): Component {
  const { name: _name, ...properties } = own;
  return properties;
}

/** Parts by volume of each component, by its name in the library or the id of one's own. */
export const partsSchema = z
  .record(
    z.string().max(60),
    z.number().min(0, { error: "0 or more parts." }).max(1000, { error: "At most 1,000 parts." }),
  )
  .refine((parts) => Object.values(parts).some((v) => v > 0), { error: "At least one part, please." })
  .refine((parts) => Object.keys(parts).length <= 16, { error: "At most sixteen components." });

export const PRODUCT_KINDS = ["feed", "disinfectant", "wetting", "other"] as const;
/** Something measured into a can of water: its rate and what its cap holds are kept with it. */
export const productSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: "Give it a name you will know it by." })
    .max(80, { error: "At most 80 characters, please." }),
  kind: z.enum(PRODUCT_KINDS),
  form: z.enum(["liquid", "powder"]),
  /** Full strength as on the label: ml or g for a litre of water. */
  ratePerL: within(0.001, 500, "Between 0.001 and 500 for a litre of water."),
  /** What a cap or spoon holds, ml or g. */
  capSize: within(0.05, 1000, "Between 0.05 and 1,000.").nullable(),
  /** What the bottle or box holds when full, ml or g. */
  bottleSize: within(1, 100_000, "Between 1 and 100,000.").nullable(),
  npk: z.tuple([z.number().min(0).max(60), z.number().min(0).max(60), z.number().min(0).max(60)]).nullable(),
});
export type Product = z.infer<typeof productSchema>;

export const STRUCTURES = ["open", "slumped", "sandy"] as const;
/** Mix saved from pots of healthy trees, with the age it has on the day of the record. */
export const reclaimedSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: "Give it a name you will know it by." })
    .max(80, { error: "At most 80 characters, please." }),
  litres: within(0.1, 20_000, "Between 0.1 and 20,000 litres."),
  mix: mixSchema,
  ageYears: within(0, 30, "0 to 30 years."),
  structure: z.enum(STRUCTURES),
  fromHealthy: z.boolean(),
});
export type Reclaimed = z.infer<typeof reclaimedSchema>;
