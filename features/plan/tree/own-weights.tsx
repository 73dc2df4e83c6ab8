"use client";

import * as say from "@/words/pages/plan/tree/own-weights";
import { useState } from "react";
import {
  LADDER_WEIGHTS,
  type LadderWeights,
  ladderWeightsSchema,
  type Planner,
  SCHOOL_WEIGHTS,
  SCHOOLS,
} from "@/core/ladder/index";
import { Form, FormFaults, TextField } from "@/ui/fields";
import { readNumber } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { SCHOOL_WORDS, WEIGHT_WORDS } from "@/words/ladder";

type Texts = Record<keyof LadderWeights, string>;
const textsOf = (weights: LadderWeights) =>
  Object.fromEntries(LADDER_WEIGHTS.map((k) => [k, String(weights[k])])) as Texts;

/** What counts how much, as the grower says: planned at once, kept for the collection on request. */
export function OwnWeights({
  own,
  focus,
  onOwn,
}: {
  own: LadderWeights | null;
  focus: Planner;
  onOwn: (own: LadderWeights | null) => void;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("set-ladder-terms");
  const start = own ?? SCHOOL_WEIGHTS[focus === "own" ? "small-steps" : focus];
  const [texts, setTexts] = useState<Texts>(textsOf(start));
  const [faults, setFaults] = useState<Partial<Record<keyof LadderWeights, string>>>({});
  const read = (all: Texts): LadderWeights | null => {
    const values = Object.fromEntries(LADDER_WEIGHTS.map((k) => [k, readNumber(all[k])]));
    const parsed = ladderWeightsSchema.safeParse(values);
    setFaults(
      parsed.success
        ? {}
        : Object.fromEntries(
            parsed.error.issues.map((i) => [
              String(i.path[0]),
              i.path[0] === "maxRatio" ? "From 1.15 to 40." : say.aNumber0OrMore,
            ]),
          ),
    );
    return parsed.success ? parsed.data : null;
  };
  const change = (key: keyof LadderWeights, text: string) => {
    const next = { ...texts, [key]: text };
    setTexts(next);
    const weights = read(next);
    if (weights) onOwn(weights);
  };
  const keep = async () => {
    const weights = read(texts);
    if (!weights) return;
    const done = await send({ collectionId, terms: { own: weights } });
    if (done) tell({ text: say.yourOwnWeightsAreKept, entryId: done.entryId });
  };
  return (
    <details className="no-print mt-3">
      <summary className="min-h-9 cursor-pointer">{say.yourOwnWeights}</summary>
      <Form label={say.yourOwnWeights} onSubmit={keep}>
        <p className="text-sm">
          {say.whatEachKindOfCost}
          {SCHOOLS.map((s, i) => (
            <span key={s}>
              {i > 0 ? ", " : ""}
              <button
                type="button"
                className="link"
                onClick={() => {
                  setTexts(textsOf(SCHOOL_WEIGHTS[s]));
                  onOwn(SCHOOL_WEIGHTS[s]);
                }}
              >
                {SCHOOL_WORDS[s].name.toLowerCase()}
              </button>
            </span>
          ))}
          .
        </p>
        <div className="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-7">
          {LADDER_WEIGHTS.map((key) => (
            <TextField
              key={key}
              label={WEIGHT_WORDS[key].name}
              hint={WEIGHT_WORDS[key].unit}
              numeric
              value={texts[key]}
              onChange={(text) => change(key, text)}
              fault={faults[key]}
            />
          ))}
        </div>
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="submit" className="btn min-h-11" disabled={busy}>
            {say.keepTheseWeights}
          </button>
        </div>
        <FormFaults faults={failure?.faults ?? []} />
      </Form>
    </details>
  );
}
