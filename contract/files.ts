import { z } from "zod";
import { PLACE_KINDS } from "@/core/climate/index";
import { ENDINGS } from "@/core/event/index";
import { weatherOptions } from "./climate";

/** What is said of a file that is sent; without a command's id nothing of it is kept: that is the preview. */
const sent = {
  fileName: z.string().max(200),
  bytes: z.number().int().min(0),
  commandId: z.uuid().nullable(),
};

/** Cells that may be put right before a list comes in: they travel in a header, which has little room. */
export const MOST_EDITS = 60;

/** A list of trees, pots or pottings. */
export const listRequest = z.object({
  ...sent,
  kind: z.enum(["trees", "pots", "pottings"]),
  /** Which column holds each field; null: found from the headings. */
  mapping: z.record(z.string(), z.number().int().min(0).max(200)).nullable(),
  /** Of a workbook: the sheet that is meant; null: the one whose header names most. */
  sheet: z.string().max(200).nullable().default(null),
  /** The line that names the columns; null: found by what it names. */
  headerLine: z.number().int().min(1).nullable().default(null),
  /** Cells put right: in the column under this heading, of one line or of all in which `from` stands. */
  edits: z
    .array(
      z.object({
        line: z.number().int().min(1).nullable(),
        column: z.string().max(200),
        from: z.string().max(200).default(""),
        value: z.string().trim().max(200),
        /** The tree of the line is said to have left, too. */
        ended: z.enum(ENDINGS).optional(),
      }),
    )
    .max(MOST_EDITS)
    .default([]),
  options: z.object({
    lengthUnit: z.enum(["mm", "cm", "in"]),
    volumeUnit: z.enum(["L", "gal"]),
    dateOrder: z.enum(["dmy", "mdy"]).nullable(),
    /** Names as the file writes them, in lower case, with the kind of the library that the keeper said is meant. */
    kinds: z.record(z.string().max(120), z.string().max(60)).default({}),
    /** What new places are like, by their names in lower case. */
    places: z.record(z.string().max(120), z.enum(PLACE_KINDS)).default({}),
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
