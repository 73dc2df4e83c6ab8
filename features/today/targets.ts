import type { AftercareCode, DecisionWork } from "@/core/decision/index";
import type { TodayWhat } from "@/core/today/index";
import type { TreePart } from "@/features/kernel/addresses";

/** Where a work is done and recorded; of the rest the tree's own page. */
const WORK_PARTS: Partial<Record<DecisionWork, TreePart>> = {
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

/** Aftercare that leaves a record of its own, and where. */
const AFTERCARE_PARTS: Partial<Record<AftercareCode, TreePart | "">> = {
  "look-for-roots": "learning",
  "stake-off": "learning",
  "first-feed": "",
  "opposite-side": "in-place",
};

/** Where a thing is recorded; null where that it is done is said on the list itself. */
export function partOf(what: TodayWhat): TreePart | "" | null {
  if (what.kind === "act") return WORK_PARTS[what.work] ?? "";
  return what.kind === "aftercare" ? (AFTERCARE_PARTS[what.code] ?? null) : null;
}
