import type { Ending } from "@/core/event/index";
import { number } from "./format";
import { ENDING_WORDS } from "./terms";

const cells = (n: number) => (n === 1 ? "1 cell" : `${number(n)} cells`);

/** Words of the cells of a list that cannot be read. */
export const DOUBT_WORDS = {
  title: (n: number) => (n === 0 ? "No fault is left" : n === 1 ? "1 fault" : `${number(n)} faults`),
  mended: (n: number) => (n === 1 ? "1 fault put right." : `${number(n)} faults put right.`),
  apply: (n: number) => `Check ${cells(n)} again`,
  fatal: (n: number) => (n === 1 ? "The line is left out." : "These lines are left out."),
  gap: (n: number) => (n === 1 ? "The rest of the line comes in." : "The rest of these lines comes in."),
  tooMany: (most: number) =>
    `At most ${number(most)} faults can be put right here: mend the others where the list was written.`,
  where: ({ lines, count, column }: { lines: readonly number[]; count: number; column: string }) => {
    if (count === 1) return `Line ${lines[0]}, ${column}`;
    const named = lines.slice(0, 3).join(", ");
    return `Lines ${named}${count > 3 ? ` and ${number(count - 3)} more` : ""}, ${column}`;
  },
} as const;

type Proposed = { code: "value"; value: string } | { code: "arrival"; value: string } | { code: "ended"; how: Ending };

/** What a tap on a proposal does. */
export function proposalWords(proposal: Proposed): string {
  switch (proposal.code) {
    case "value":
      return `${proposal.value}?`;
    case "arrival":
      return `not since it came (${proposal.value})?`;
    case "ended":
      return proposal.how === "died" ? "record its death?" : `record that it was ${ENDING_WORDS[proposal.how]}?`;
  }
}
