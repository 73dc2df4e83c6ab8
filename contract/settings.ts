import { z } from "zod";
import { currencySchema } from "./currency";
import { answersSchema } from "@/core/climate/index";
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

export const createCollection = contract(
  "create-collection",
  z.object({
    name: z
      .string()
      .trim()
      .min(1, { error: "Give the collection a name." })
      .max(120, { error: "A name of at most 120 characters, please." }),
    zone: z.string().max(64),
    answers: answersSchema,
    units: unitsSchema.default("metric"),
    currency: currencySchema.default("EUR"),
  }),
  z.object({ collectionId: z.uuid() }),
);
