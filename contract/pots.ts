import { wrong } from "./faults";
import { z } from "zod";
import { potSchema, POT_CONDITIONS } from "@/core/vessel/index";
import { isoDate } from "@/core/event/index";
import { contract } from "./contract";

const lotName = z.string().trim().min(1, wrong("pots-name-needed")).max(120);

const price = z.number().min(0).max(1_000_000).nullable();

/** Pots of one shape, wall and price come into the store as one lot, or are known to be on sale. */
export const stockPots = contract(
  "stock-pots",
  z
    .object({
      lotId: z.uuid(),
      name: lotName,
      pot: potSchema,
      /** How many there are; none, where they could only be bought. */
      count: z.number().int().min(0, wrong("one-pot-at-least")).max(100_000),
      /** More of them can be bought at the price. */
      toBuy: z.boolean().default(false),
      placeId: z.uuid().nullable().default(null),
      /** Since when they stand in store; today where nobody says. */
      on: isoDate.optional(),
      price,
    })
    .refine((v) => v.count > 0 || v.toBuy, { path: ["count"], ...wrong("one-pot-at-least") }),
  z.object({ lotId: z.uuid() }),
);

const several = z.number().int().min(1, wrong("one-pot-at-least"));

/** Some more of the same come into the store: found, bought, brought back. */
export const addPots = contract(
  "add-pots",
  z.object({
    lotId: z.uuid(),
    count: several.max(100_000),
    on: isoDate.optional(),
  }),
  z.object({ lotId: z.uuid() }),
);

/** What these pots are called, what they cost, whether more can be bought. */
export const describeLot = contract(
  "describe-lot",
  z
    .object({
      lotId: z.uuid(),
      name: lotName.optional(),
      price: price.optional(),
      toBuy: z.boolean().optional(),
      frostProof: z.boolean().nullable().optional(),
    })
    .refine((v) => [v.name, v.price, v.toBuy, v.frostProof].some((said) => said !== undefined), {
      path: ["name"],
      ...wrong("nothing-new"),
    }),
  z.object({ lotId: z.uuid() }),
);

/** Pots of a lot measured, empty or from outside: they are that size for all the days they were used. */
export const measurePots = contract(
  "measure-pots",
  z.object({ lotId: z.uuid(), pot: potSchema }),
  z.object({ lotId: z.uuid() }),
);

/** The free pots of a lot stand somewhere else from now on. */
export const movePots = contract(
  "move-pots",
  z.object({ lotId: z.uuid(), placeId: z.uuid(wrong("choose-place")) }),
  z.object({ lotId: z.uuid() }),
);

/** A pot that has earned a fact of its own becomes a lot of one: a free one, or the one a tree stands in. */
export const identifyPot = contract(
  "identify-pot",
  z.object({ lotId: z.uuid(), newLotId: z.uuid(), name: lotName, treeId: z.uuid().nullable() }),
  z.object({ lotId: z.uuid() }),
);

/** Free pots of a lot leave the store: broken, sold, thrown out. */
export const discardPots = contract(
  "discard-pots",
  z.object({
    lotId: z.uuid(),
    count: several,
    on: isoDate.optional(),
  }),
  z.object({ lotId: z.uuid() }),
);

/** Pots of a lot are found cracked, brittle, dirty, or sound again. Some of a lot become a lot of their own. */
export const setPotCondition = contract(
  "set-pot-condition",
  z.object({
    lotId: z.uuid(),
    newLotId: z.uuid(),
    condition: z.enum(POT_CONDITIONS),
    count: several,
  }),
  z.object({ lotId: z.uuid() }),
);
