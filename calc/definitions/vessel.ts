import { z } from "zod";
import {
  boxPlan,
  boxSchema,
  brimHeightMm,
  drainHoles,
  freeboard,
  heightAtVolumeMm,
  NOMINAL_SYSTEMS,
  nominalVolume,
  potMassKg,
  sunkPlan,
  sunkSchema,
  vesselSchema,
  volumeL,
} from "@/core/vessel/index";
import { CalcProblem, define } from "../definition";

export const vesselCalculations = [
  define(
    "vessel.volume",
    "Litres a vessel holds at the brim, and below a height",
    z.strictObject({ vessel: vesselSchema, heightMm: z.number().min(0).optional() }),
    ({ vessel, heightMm }) => {
      if (heightMm !== undefined && heightMm > brimHeightMm(vessel) + 1e-9)
        return new CalcProblem("heightMm", "The height lies above the brim.");
      return { brimL: volumeL(vessel), volumeL: volumeL(vessel, heightMm) };
    },
  ),
  define(
    "vessel.height",
    "Height at which a vessel holds so many litres",
    z.strictObject({ vessel: vesselSchema, volumeL: z.number().min(0) }),
    (input) => {
      if (input.volumeL > volumeL(input.vessel) + 1e-9)
        return new CalcProblem("volumeL", "The vessel does not hold so much.");
      return { heightMm: heightAtVolumeMm(input.vessel, input.volumeL) };
    },
  ),
  define(
    "vessel.freeboard",
    "Empty rim that holds one watering",
    z
      .strictObject({
        vessel: vesselSchema,
        doseL: z.number().positive().optional(),
        dosePerMixL: z.number().positive().max(2).optional(),
        minMm: z.number().min(0).optional(),
      })
      .refine((v) => (v.doseL === undefined) !== (v.dosePerMixL === undefined), {
        path: ["doseL"],
        error: "Give either doseL or dosePerMixL.",
      }),
    ({ vessel, doseL, dosePerMixL, minMm }) =>
      freeboard(vessel, doseL !== undefined ? { doseL } : { dosePerMixL: dosePerMixL! }, minMm),
  ),
  define(
    "vessel.mass",
    "Mass of an empty pot from its walls and material",
    z.strictObject({ vessel: vesselSchema }),
    ({ vessel }) => {
      for (const field of ["wallMm", "floorMm", "material"] as const) {
        if (vessel[field] === undefined) return new CalcProblem(`vessel.${field}`, "Needed for a mass.");
      }
      return { massKg: potMassKg(vessel, vessel.wallMm!, vessel.floorMm!, vessel.material!) };
    },
  ),
  define(
    "vessel.nominal",
    "What a trade size may hold: a name, not a volume",
    z.strictObject({ system: z.enum(NOMINAL_SYSTEMS), size: z.string().max(20) }),
    ({ system, size }) => nominalVolume(system, size) ?? new CalcProblem("size", "No such size in this naming."),
  ),
  define(
    "vessel.drain",
    "Drain holes a base still wants",
    z.strictObject({
      baseAreaM2: z.number().positive().max(50),
      holeMm: z.number().min(1).max(200),
      existing: z.number().int().min(0).max(1000),
      existingMm: z.number().min(1).max(200).optional(),
      aimShare: z.number().positive().max(0.2).optional(),
    }),
    (input) => drainHoles(input),
  ),
  define("vessel.box", "Cutting list, liner, volume and mass of a timber box", boxSchema.strict(), (box) =>
    boxPlan(box),
  ),
  define("vessel.sunk", "Hole, gravel and soil of a pot let into the ground", sunkSchema.strict(), (v) => sunkPlan(v)),
];
