import { wrong } from "./faults";
import { z } from "zod";
import { ownComponentSchema, partsSchema, productSchema, reclaimedSchema } from "@/core/mix/index";
import { contract } from "./contract";

/** A component of one's own, with its properties and where they come from. */
export const setComponent = contract(
  "set-component",
  z.object({ componentId: z.uuid(), own: ownComponentSchema, gone: z.boolean().default(false) }),
  z.object({ componentId: z.uuid() }),
);

/** A recipe: parts by volume, how long it feeds. */
export const setRecipe = contract(
  "set-recipe",
  z.object({
    recipeId: z.uuid(),
    name: z.string().trim().min(1, wrong("recipe-name-needed")).max(80),
    parts: partsSchema,
    feedsMonths: z.number().min(0).max(60).nullable(),
    note: z.string().trim().max(400).default(""),
    gone: z.boolean().default(false),
  }),
  z.object({ recipeId: z.uuid() }),
);

/** Bags of a component as they are sold: sizes in loose litres and prices. */
export const setOffer = contract(
  "set-offer",
  z.object({
    componentId: z.string().min(1).max(60),
    bags: z
      .array(
        z.object({
          litres: z.number().min(0.1).max(5000),
          price: z.number().min(0).max(100_000),
        }),
      )
      .max(8),
  }),
  z.object({ componentId: z.uuid() }),
);

/** A concentrate or powder with its rate and its cap. */
export const setProduct = contract(
  "set-product",
  z.object({ productId: z.uuid(), product: productSchema, gone: z.boolean().default(false) }),
  z.object({ productId: z.uuid() }),
);

/** Mix kept from emptied pots. Mix of sick trees is not kept. */
export const setReclaimed = contract(
  "set-reclaimed",
  z.object({ stockId: z.uuid(), stock: reclaimedSchema, gone: z.boolean().default(false) }),
  z.object({ stockId: z.uuid() }),
);
