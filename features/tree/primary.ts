import type { Headline } from "@/core/decision/index";
import type { TreePart } from "@/features/kernel/addresses";
import type { Question } from "@/model/index";
import type { Recordable } from "@/words/record";
import type { PRIMARY_WORDS } from "@/words/tree-page";

/** Where the one valid action leads: a page of the tree, something to record, or a form on its page. */
export interface Primary {
  words: keyof typeof PRIMARY_WORDS;
  to: { page: TreePart } | { record: Recordable | null } | { form: string };
}

const ANSWERS: Record<Question, Primary> = {
  look: { words: "roots", to: { page: "roots" } },
  feel: { words: "roots", to: { page: "roots" } },
  "measure-pot": { words: "measure", to: { record: "measure" } },
  "potting-date": { words: "past", to: { form: "past" } },
};

/** The one thing to do with a tree now: what is decided, and where nothing is due what would tell most. */
export function primaryOf(headline: Headline | null, ask: Question | null): Primary {
  switch (headline?.code) {
    case "rescue":
      return { words: "rescue", to: { page: "rescue" } };
    case "check-first":
      return { words: "roots", to: { page: "roots" } };
    case "in-place":
      return { words: "in-place", to: { page: "in-place" } };
    case "plant-out":
      return { words: "plant-out", to: { record: "ended" } };
    case "give-up":
      return { words: "give-up", to: { record: "ended" } };
    case "do-now":
    case "do-by":
      if (headline.work === "root-prune") return { words: "root-prune", to: { page: "correct" } };
      return { words: headline.work === "first-potting" ? "first-pot" : "pot", to: { page: "pot" } };
    default:
      return ask === null ? { words: "record", to: { record: null } } : ANSWERS[ask];
  }
}
