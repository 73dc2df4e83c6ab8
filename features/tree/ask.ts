import type { Question } from "@/model/index";

/** How a question is put, and where on the tree's pages it is answered. */
export const ASK: Record<Question, { words: string; href: string }> = {
  look: { words: "look at its roots", href: "/roots" },
  feel: { words: "feel how hard the ball is", href: "#measure" },
  "measure-pot": { words: "measure its pot", href: "#measure" },
  "potting-date": { words: "find out when it was last potted", href: "#past" },
};
