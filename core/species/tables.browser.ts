import type { Genus, Kind } from "./fields";

/** A browser is sent the kinds in use and no others: the whole library would weigh more than the program. */
export const KINDS: readonly Kind[] = [];
export const TABLE_GENERA: readonly Genus[] = [];
