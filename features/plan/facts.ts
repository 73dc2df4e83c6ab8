import * as say from "@/words/pages/plan/facts";
import { number } from "@/words/format";
import type { LadderTerms } from "@/core/ladder/index";
import type { CollectionPlan, PlannedTree } from "./plan";

/** What the page of the plan is shown from. */
export interface LaddersFacts {
  trees: number;
  plan: CollectionPlan | null;
  planId: string | null;
  planRevision: number | null;
  revision: number;
  running: { id: string; progress: number; total: number } | null;
  /** How the newest planning ended, where it ended otherwise than well. */
  lastEnd: { state: string; message: string | null } | null;
  terms: LadderTerms;
  southern: boolean;
  currency: string;
}

/** Trees named at once; of more the rest is counted, or comes at a tap. */
export const FIRST_TREES = 40;

/** Sums of a season. */
export type Total = { season: number; moves: number; money: number; hours: number; tooHeavy: number };

export const listed = (trees: readonly PlannedTree[], most = 6) =>
  trees
    .slice(0, most)
    .map((t) => t.tag)
    .join(", ") + (trees.length > most ? say.andMore(number(trees.length - most)) : "");
