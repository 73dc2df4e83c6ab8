"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/setup/imports";
import { useState } from "react";
import { MOST_EDITS } from "@/contract/files";
import { number } from "@/words/format";
import { DOUBT_WORDS, proposalWords } from "@/words/imports";
import type { Doubt } from "./doubts";
import { editOf, fits, proposedEdit, withEdit } from "./edit-list";
import type { ImportChoice } from "./use-file";

type Edits = ImportChoice["edits"];

const keyOf = ({ lines, column, value }: Doubt) => JSON.stringify([lines[0], column, value]);

/** Cells that cannot be read, each to be put right where it stands; the file itself is left alone. */
export function DoubtfulCells({
  doubts,
  count,
  edits,
  onEdits,
  busy,
}: {
  doubts: readonly Doubt[];
  /** All there are; of many the first are shown. */
  count: number;
  /** Cells put right before. */
  edits: Edits;
  onEdits: (edits: Edits) => void;
  busy: boolean;
}) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [full, setFull] = useState(false);
  const changed = doubts.filter((d) => typed[keyOf(d)] !== undefined && typed[keyOf(d)] !== d.value);
  const mended = changed.reduce((all, d) => withEdit(all, editOf(d, typed[keyOf(d)])), edits);
  if (count === 0 && edits.length === 0) return null;
  return (
    <section aria-label={DOUBT_WORDS.title(count)} data-testid="faulty-cells">
      <h3 className="font-semibold">{DOUBT_WORDS.title(count)}</h3>
      {edits.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 text-sm">
          {DOUBT_WORDS.mended(edits.length)}
          <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => onEdits([])}>
            {say.asTheFileHasThem}
          </button>
        </p>
      )}
      <ul className="border-base-300 divide-base-300 mt-1 max-h-96 divide-y overflow-y-auto">
        {doubts.map((d) => (
          <DoubtRow
            key={keyOf(d)}
            doubt={d}
            typed={typed[keyOf(d)] ?? d.value}
            onType={(text) => setTyped({ ...typed, [keyOf(d)]: text })}
            onTake={(i) => {
              // What was typed in other rows goes with it: the list is read anew.
              const next = withEdit(mended, proposedEdit(d, d.propose[i]));
              if (fits(next)) onEdits(next);
              else setFull(true);
            }}
            busy={busy}
          />
        ))}
        {count > doubts.length && <li className="py-2">{common.andMore(number(count - doubts.length))}</li>}
      </ul>
      {(full || !fits(mended)) && (
        <p className="text-error text-sm" role="alert">
          {DOUBT_WORDS.tooMany(MOST_EDITS)}
        </p>
      )}
      {doubts.length > 0 && (
        <button
          type="button"
          className="btn mt-2 min-h-11"
          disabled={busy || changed.length === 0 || !fits(mended)}
          onClick={() => onEdits(mended)}
        >
          {changed.length === 0 ? say.changeACellToPut : DOUBT_WORDS.apply(changed.length)}
        </button>
      )}
    </section>
  );
}

function DoubtRow({
  doubt,
  typed,
  onType,
  onTake,
  busy,
}: {
  doubt: Doubt;
  typed: string;
  onType: (text: string) => void;
  /** One of its proposals is what is meant. */
  onTake: (proposal: number) => void;
  busy: boolean;
}) {
  const label = DOUBT_WORDS.where(doubt);
  return (
    <li className="grid gap-x-4 gap-y-1 py-2 sm:grid-cols-[10rem_14rem_1fr] sm:items-start">
      <b className="sm:pt-2">{label}</b>
      <input
        aria-label={label}
        className="input input-sm min-h-11 w-full"
        value={typed}
        maxLength={200}
        onChange={(e) => onType(e.target.value)}
      />
      <div className="text-sm">
        {doubt.propose.length > 0 && (
          <div className="mb-1 flex flex-wrap items-center gap-2">
            {doubt.propose.map((proposal, i) => (
              <button
                key={i}
                type="button"
                className="btn btn-outline btn-sm min-h-11"
                disabled={busy}
                aria-label={`${label}: ${proposalWords(proposal)}`}
                onClick={() => onTake(i)}
              >
                {proposalWords(proposal)}
              </button>
            ))}
          </div>
        )}
        {doubt.message} <i>{doubt.fatal ? DOUBT_WORDS.fatal(doubt.count) : DOUBT_WORDS.gap(doubt.count)}</i>
      </div>
    </li>
  );
}
