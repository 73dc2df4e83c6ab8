import { z } from "zod";
import { PLACE_KINDS } from "@/core/climate/index";
import { treeLine, potLine, pottingLine } from "./lines";
import { contract } from "./contract";

const fileName = z.string().max(200);

const MOST_LINES = 50_000;

/** What places that are new are like, by their names in lower case; of the others nothing is known: in the open. */
const places = z.record(z.string().max(120), z.enum(PLACE_KINDS)).default({});

/** Trees of a file, all in one entry: one undo takes all of them back. */
export const importTrees = contract(
  "import-trees",
  z.object({ fileName, lines: z.array(treeLine).min(1).max(MOST_LINES), places }),
  z.object({ count: z.number() }),
);

export const importPots = contract(
  "import-pots",
  z.object({ fileName, lines: z.array(potLine).min(1).max(MOST_LINES), places }),
  z.object({ count: z.number() }),
);

/** Old pottings of trees that are on record; one before a tree's arrival moves the arrival back. */
export const importPottings = contract(
  "import-pottings",
  z.object({ fileName, lines: z.array(pottingLine).min(1).max(MOST_LINES) }),
  z.object({ count: z.number() }),
);
