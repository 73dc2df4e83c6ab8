import { MOST_EDITS } from "@/contract/files";
import type { Ending } from "@/core/event/index";
import type { Proposal } from "@/formats/proposals";
import type { Doubt } from "./doubts";
import type { ImportChoice } from "./use-file";

type Edit = ImportChoice["edits"][number];

/** A cell put right: where the same stands in several lines, in all of them. */
export const editOf = ({ column, lines, count, value: from }: Doubt, value: string, ended?: Ending): Edit => ({
  line: count > 1 ? null : lines[0],
  column,
  from: count > 1 ? from : "",
  value,
  ...(ended === undefined ? {} : { ended }),
});

export const proposedEdit = (doubt: Doubt, proposal: Proposal): Edit =>
  proposal.code === "ended"
    ? editOf(doubt, proposal.keep ? doubt.value : "", proposal.how)
    : editOf(doubt, proposal.value);

const same = (a: Edit, b: Edit) => a.column === b.column && a.line === b.line && (a.line !== null || a.from === b.from);

/** The header a file's words travel in holds about so many letters of what was put right. */
const MOST_LETTERS = 9000;
export const fits = (edits: readonly Edit[]): boolean =>
  edits.length <= MOST_EDITS && encodeURIComponent(JSON.stringify(edits)).length <= MOST_LETTERS;

/** What was put right before and now: a cell changed twice has its last word, and what it says of the tree stays. */
export function withEdit(edits: readonly Edit[], fresh: Edit): Edit[] {
  // What was typed for many and is changed once more stands in the file under its first word.
  const carried = edits.map((e) =>
    fresh.line === null && e.line === null && e.column === fresh.column && e.value === fresh.from && e.value !== ""
      ? { ...e, value: fresh.value, ...(fresh.ended === undefined ? {} : { ended: fresh.ended }) }
      : e,
  );
  return [...carried.filter((e) => !same(e, fresh)), fresh];
}
