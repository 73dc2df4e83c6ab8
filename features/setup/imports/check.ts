import * as say from "@/words/pages/setup/imports";
import { endOf } from "@/core/records/index";
import type { CellProblem, PottingLine, TreeLine } from "@/formats/collection-csv";
import type { LoadedRecords } from "@/features/kernel/collection/load";

/** Tags of living trees, lower case, with their tree. */
export function treesByTag(loaded: LoadedRecords): Map<string, LoadedRecords["trees"][number]> {
  return new Map(
    loaded.trees
      .filter((tree) => !tree.tagLost && endOf(loaded.indexed.presence.get(tree.id) ?? []) === null)
      .map((tree) => [tree.tag.toLocaleLowerCase(), tree]),
  );
}

export function lotsByName(loaded: LoadedRecords): Map<string, string> {
  return new Map(loaded.lots.map((lot) => [lot.name.toLocaleLowerCase(), lot.id]));
}

export const ENDED_BEFORE = say.itCannotHaveDiedOr;

/** What only the collection knows: tags that hang already, or twice in the file. */
export function checkTreeLines(loaded: LoadedRecords, lines: readonly TreeLine[]): CellProblem[] {
  const taken = treesByTag(loaded);
  const seen = new Map<string, number>();
  const early = lines.flatMap(({ line, arrived, endedOn }): CellProblem[] =>
    arrived !== null && endedOn !== null && endedOn.best < arrived.from
      ? [{ line, column: "endedOn", message: ENDED_BEFORE, value: endedOn.best, fatal: true, propose: [] }]
      : [],
  );
  const free = (tag: string) => {
    for (let n = 2; ; n++)
      if (!taken.has(`${tag}-${n}`.toLocaleLowerCase()) && !tags.has(`${tag}-${n}`.toLocaleLowerCase()))
        return `${tag}-${n}`;
  };
  const tags = new Set(lines.map(({ tag }) => tag.toLocaleLowerCase()));
  const doubled = lines.flatMap(({ line, tag, ended }): CellProblem[] => {
    // The tag of a tree that is gone may hang on another.
    if (ended !== null) return [];
    const key = tag.toLocaleLowerCase();
    const before = seen.get(key);
    seen.set(key, before ?? line);
    const message = taken.has(key)
      ? say.thisTagHangsOnA
      : before !== undefined
        ? say.thisTagStandsInLine(before)
        : null;
    if (message === null) return [];
    return [{ line, column: "tag", message, value: tag, fatal: true, propose: [{ code: "value", value: free(tag) }] }];
  });
  return [...early, ...doubled];
}

/** Pottings need a tree that is on record, and a pot that is, where one is named. */
export function checkPottingLines(loaded: LoadedRecords, lines: readonly PottingLine[]): CellProblem[] {
  const trees = treesByTag(loaded);
  const lots = lotsByName(loaded);
  return lines.flatMap((line) => {
    const problems: CellProblem[] = [];
    if (!trees.has(line.tag.toLocaleLowerCase()))
      problems.push({
        line: line.line,
        column: "tag",
        message: say.noLivingTreeHasThis,
        value: line.tag,
        fatal: true,
        propose: [],
      });
    if (line.potName !== null && line.pot === null && !lots.has(line.potName.toLocaleLowerCase()))
      problems.push({
        line: line.line,
        column: "pot",
        message: say.noPotOfThisName,
        value: line.potName,
        fatal: true,
        propose: [],
      });
    return problems;
  });
}
