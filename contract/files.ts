import { z } from "zod";
import { weatherOptions } from "./climate";

/** What is said of a file that is sent; without a command's id nothing of it is kept: that is the preview. */
const sent = {
  fileName: z.string().max(200),
  bytes: z.number().int().min(0),
  commandId: z.uuid().nullable(),
};

/** Cells that may be put right before a list comes in: they travel in a header, which has little room. */
export const MOST_EDITS = 100;

/** A list of trees, pots or pottings. */
export const listRequest = z.object({
  ...sent,
  kind: z.enum(["trees", "pots", "pottings"]),
  /** Which column holds each field; null: found from the headings. */
  mapping: z.record(z.string(), z.number().int().min(0).max(200)).nullable(),
  /** Of a workbook: the sheet that is meant; null: the one whose header names most. */
  sheet: z.string().max(200).nullable().default(null),
  /** Cells put right by hand: of this line, in the column under this heading. */
  edits: z
    .array(z.object({ line: z.number().int().min(1), column: z.string().max(200), value: z.string().trim().max(200) }))
    .max(MOST_EDITS)
    .default([]),
  options: z.object({
    lengthUnit: z.enum(["mm", "cm", "in"]),
    volumeUnit: z.enum(["L", "gal"]),
    dateOrder: z.enum(["dmy", "mdy"]).nullable(),
    /** Names as the file writes them, in lower case, with the kind of the library that the keeper said is meant. */
    kinds: z.record(z.string().max(120), z.string().max(60)).default({}),
  }),
});
export type ListRequest = z.infer<typeof listRequest>;

/** A file of weather. */
export const weatherRequest = z.object({
  ...sent,
  options: weatherOptions,
  /** Readings of this place; null: weather of the site. */
  placeId: z.uuid().nullable(),
  elevationM: z.number().min(-450).max(6000).nullable(),
});
export type WeatherRequest = z.infer<typeof weatherRequest>;
