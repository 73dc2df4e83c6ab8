import { wrong } from "./faults";
import { z } from "zod";
import { PLACE_KINDS } from "@/core/climate/index";
import { whenSchema } from "./envelope";
import { contract } from "./contract";

/** A spot where trees stand gets a name. */
export const addPlace = contract(
  "add-place",
  z.object({
    placeId: z.uuid(),
    name: z.string().trim().min(1, wrong("place-name-needed")).max(120),
    kind: z.enum(PLACE_KINDS),
  }),
  z.object({ placeId: z.uuid() }),
);

/** Trees are carried to a place: one move, however many. */
export const placeTrees = contract(
  "place-trees",
  z.object({
    treeIds: z.array(z.uuid()).min(1, wrong("choose-trees")).max(5000),
    placeId: z.uuid(wrong("choose-place")),
    on: whenSchema,
  }),
  z.object({ placeId: z.uuid() }),
);

/** A place is called or described anew: windows of the trees there follow. */
export const describePlace = contract(
  "describe-place",
  z.object({
    placeId: z.uuid(),
    name: z.string().trim().min(1, wrong("place-name-needed")).max(120).optional(),
    kind: z.enum(PLACE_KINDS).optional(),
  }),
  z.object({ placeId: z.uuid() }),
);
