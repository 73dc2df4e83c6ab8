import { wrong } from "./faults";
import { z } from "zod";
import { currencySchema } from "./currency";
import { answerFaults, answersSchema, normalsSaidSchema } from "@/core/climate/index";
import { contract } from "./contract";

const unitsSchema = z.enum(["metric", "us"]);

/** Measures are stored metric; this only changes how they are shown. */
export const setUnits = contract("set-units", z.object({ units: unitsSchema }), z.object({ units: unitsSchema }));

/** What prices are in. Figures stay as they were typed: nothing is converted. */
export const setCurrency = contract(
  "set-currency",
  z.object({ currency: currencySchema }),
  z.object({ currency: currencySchema }),
);

/** What the collection is called, and which chance of a loss its keeper takes. */
export const describeCollection = contract(
  "describe-collection",
  z.object({
    name: z.string().trim().min(1, wrong("collection-name-needed")).max(120),
    risk: z.number().min(0.01).max(0.5),
  }),
  z.object({ name: z.string() }),
);

export const createCollection = contract(
  "create-collection",
  z.object({
    name: z.string().trim().min(1, wrong("collection-name-needed")).max(120),
    zone: z.string().max(64),
    answers: answersSchema.superRefine((answers, issue) => {
      for (const { field, code } of answerFaults(answers))
        issue.addIssue({ code: "custom", path: [field], message: wrong(code).error });
    }),
    units: unitsSchema.default("metric"),
    currency: currencySchema.default("EUR"),
    /** Months that were typed over. */
    normals: normalsSaidSchema.nullable().default(null),
  }),
  z.object({ collectionId: z.uuid() }),
);
