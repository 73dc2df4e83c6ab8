import { GENERA } from "./genera/index";
import { EVERGREEN } from "./kinds/evergreen";
import { FRUIT } from "./kinds/fruit";
import { KIN } from "./kinds/kin";
import { ORNAMENTAL } from "./kinds/ornamental";
import { RECALLED_KINDS } from "./kinds/recalled/index";
import type { Genus, Kind } from "./fields";

/** The library: kinds set in full first, then those that inherit; whole genera stand apart. */
export const KINDS: readonly Kind[] = [...FRUIT, ...ORNAMENTAL, ...EVERGREEN, ...KIN, ...RECALLED_KINDS];
export const TABLE_GENERA: readonly Genus[] = GENERA;
