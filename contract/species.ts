import { z } from "zod";
import { kindReasonsSchema, kindValuesSchema } from "@/core/species/index";
import { contract } from "./contract";

/** The collection's own word on a kind, a sort of it or one tree; fields named in `back` are the library's again. */
export const sayKind = contract(
  "say-kind",
  z.object({
    kindId: z.string().min(1).max(60),
    cultivar: z.string().trim().min(1).max(120).nullable(),
    treeId: z.uuid().nullable(),
    values: kindValuesSchema,
    /** Why, for each field said now. */
    reasons: kindReasonsSchema.default({}),
    back: z.array(z.string().max(40)).max(60).default([]),
  }),
  z.object({ kindId: z.uuid() }),
);
