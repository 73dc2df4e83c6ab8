import { z } from "zod";
import { rulesOf } from "@/core/rules/index";
import { kindById, KINDS, kindValuesSchema, knownValuesOf } from "@/core/species/index";
import { kindOf } from "@/model/index";
import { CalcProblem, define } from "../definition";

export const speciesCalculations = [
  define("species.list", "Kinds of the library", z.strictObject({}), () => ({
    kinds: KINDS.map(({ id, names, scientific, habit }) => ({ id, names: [...names], scientific, habit })),
  })),
  define(
    "species.profile",
    "Every value of a kind with its mark, source and layer, and the rules that guard it",
    z.strictObject({
      species: z.string().max(60),
      rootstock: z.string().max(120).optional(),
      own: z
        .strictObject({ collection: kindValuesSchema, cultivar: kindValuesSchema, tree: kindValuesSchema })
        .partial()
        .optional(),
    }),
    (v) => {
      if (!kindById(v.species)) return new CalcProblem("species", "This kind is not in the library.");
      const choice = { kindId: v.species, typedName: null, habit: null, rootstock: v.rootstock ?? null, own: v.own };
      const profile = kindOf(choice);
      return { values: knownValuesOf(choice), rules: rulesOf({ profile }), kPerDegreeDay: profile.kPerDegreeDay };
    },
  ),
];
