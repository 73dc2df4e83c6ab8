import type { RecordedForTrees } from "@/contract/many";

/** What the log says was recorded of several trees at once. */
export const FOR_TREES_WORDS: Record<RecordedForTrees["kind"], string> = {
  note: "note",
  pruned: "pruned",
  "roots-read": "roots checked",
  health: "condition",
  ended: "gone",
  potted: "potted up",
};

/** What can be recorded of a tree, in the order of the Record menu. */
export const RECORD_WORDS = {
  roots: "Root check",
  potting: "Potting",
  move: "Move",
  note: "Note",
  photo: "Photo",
  pruning: "Pruning",
  feed: "Feed",
  water: "Water",
  measure: "Measure",
  wood: "Wood check",
  health: "Condition",
  ended: "Loss or sale",
} as const;
export type Recordable = keyof typeof RECORD_WORDS;

/** How many trees something is recorded of. */
export const treesWord = (trees: readonly { tag: string }[]): string =>
  trees.length === 1 ? trees[0].tag : `${trees.length} trees`;
