import type { TreePart } from "@/features/kernel/addresses";
import type { Recordable } from "@/words/record";

/** In the order of the menu; those of one tree alone need its own page or its own eye. */
export const THINGS: readonly { id: Recordable; many: boolean }[] = [
  { id: "roots", many: true },
  { id: "potting", many: true },
  { id: "move", many: true },
  { id: "note", many: true },
  { id: "photo", many: false },
  { id: "pruning", many: true },
  { id: "feed", many: true },
  { id: "water", many: true },
  { id: "measure", many: false },
  { id: "wood", many: false },
  { id: "health", many: true },
  { id: "ended", many: true },
];

/** Works on one tree that have a bench of their own. */
export const OWN_PAGE: Partial<Record<Recordable, TreePart>> = { potting: "pot" };
