import type { TreePart } from "@/features/kernel/addresses";
import type { Question } from "@/model/index";

/** How a question is put, and where on the tree's pages it is answered. */
export const ASK: Record<Question, { words: string; part: TreePart | ""; rest: "" | `#${string}` }> = {
  look: { words: "look at its roots", part: "roots", rest: "" },
  feel: { words: "feel how hard the ball is", part: "", rest: "#measure" },
  "measure-pot": { words: "measure its pot", part: "", rest: "#measure" },
  "potting-date": { words: "find out when it was last potted", part: "", rest: "#past" },
};
