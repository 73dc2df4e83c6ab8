import type { DecisionWork } from "@/core/decision/index";
import type { TodayWhat } from "@/core/today/index";
import type { TreePart } from "@/features/kernel/addresses";

/** Where a work is done and recorded; of the rest the tree's own page. */
const PARTS: Partial<Record<DecisionWork, TreePart>> = {
  "slip-up": "pot",
  loosen: "pot",
  score: "pot",
  "up-pot": "pot",
  shave: "pot",
  "first-potting": "pot",
  "pot-down": "pot",
  "root-prune": "correct",
  "bare-root": "correct",
  "core-in-place": "in-place",
  "slice-in-place": "in-place",
  "trim-outside": "in-place",
  "remove-girdler": "in-place",
  "replace-top": "in-place",
  "check-roots": "roots",
  "look-for-girdler": "roots",
  rescue: "rescue",
  checkpoint: "rescue",
};

export const partOf = (what: TodayWhat): TreePart | "" => (what.kind === "act" ? (PARTS[what.work] ?? "") : "");

/** Care that leaves no record of its own: that it is done is said here. All other works are recorded where they are done. */
const TICKED = new Set<DecisionWork>(["bath", "shade", "keep-moist", "keep-bright", "water-by-weight", "feed-little"]);

export const isTicked = (what: TodayWhat): boolean => what.kind !== "act" || TICKED.has(what.work);
