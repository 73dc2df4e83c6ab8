"use client";

import { useState } from "react";
import { MOST_EDITS } from "@/contract/files";
import type { CellProblem } from "@/formats/collection-csv";
import { number } from "@/words/format";
import { FAULTY_CELL_WORDS } from "@/words/imports";
import type { ImportChoice } from "./use-file";

type Edits = ImportChoice["edits"];

const keyOf = ({ line, column }: { line: number; column: string }) => `${line}:${column}`;

/** Cells that cannot be read, each to be put right where it stands; the file itself is left alone. */
export function FaultyCells({
  problems,
  count,
  edits,
  onEdits,
  busy,
}: {
  problems: readonly CellProblem[];
  /** All there are; of many the first are shown. */
  count: number;
  /** Cells put right before. */
  edits: Edits;
  onEdits: (edits: Edits) => void;
  busy: boolean;
}) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  const changed = problems.filter((p) => typed[keyOf(p)] !== undefined && typed[keyOf(p)] !== p.value);
  const apply = () => {
    const fresh = changed.map(({ line, column, ...p }) => ({
      line,
      column,
      value: typed[keyOf({ line, column, ...p })],
    }));
    const keys = new Set(fresh.map(keyOf));
    onEdits([...edits.filter((e) => !keys.has(keyOf(e))), ...fresh].slice(-MOST_EDITS));
  };
  if (count === 0 && edits.length === 0) return null;
  return (
    <section aria-label={FAULTY_CELL_WORDS.title(count)} data-testid="faulty-cells">
      <h3 className="font-semibold">{FAULTY_CELL_WORDS.title(count)}</h3>
      {edits.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 text-sm">
          {FAULTY_CELL_WORDS.mended(edits.length)}
          <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => onEdits([])}>
            As the file has them
          </button>
        </p>
      )}
      <ul className="border-base-300 divide-base-300 mt-1 max-h-96 divide-y overflow-y-auto">
        {problems.map((p, i) => (
          <li key={i} className="grid gap-x-4 gap-y-1 py-2 sm:grid-cols-[9rem_14rem_1fr] sm:items-center">
            <b>
              Line {p.line}, {p.column}
            </b>
            <input
              aria-label={`Line ${p.line}, ${p.column}`}
              className="input input-sm min-h-11 w-full"
              value={typed[keyOf(p)] ?? p.value}
              maxLength={200}
              onChange={(e) => setTyped({ ...typed, [keyOf(p)]: e.target.value })}
            />
            <span className="text-sm">
              {p.message} <i>{p.fatal ? FAULTY_CELL_WORDS.fatal : FAULTY_CELL_WORDS.gap}</i>
            </span>
          </li>
        ))}
        {count > problems.length && <li className="py-2">and {number(count - problems.length)} more</li>}
      </ul>
      {problems.length > 0 && (
        <button
          type="button"
          className="btn mt-2 min-h-11"
          disabled={busy || changed.length === 0 || changed.length > MOST_EDITS}
          onClick={apply}
        >
          {changed.length === 0 ? "Change a cell to put it right" : FAULTY_CELL_WORDS.apply(changed.length)}
        </button>
      )}
    </section>
  );
}
