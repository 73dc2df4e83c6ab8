"use client";

import * as say from "@/words/pages/plan/tree/change-step";
import { useState } from "react";
import type { FixedStep, LadderAction, LadderProblem, LadderRow } from "@/core/ladder/index";
import { Form, SelectField } from "@/ui/fields";
import { litres } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import type { LadderFacts } from "./facts";
import { ACTION_WORDS, potName } from "@/words/ladder";

/** One season otherwise, by name: what dragging and keys do, in fields. */
export function ChangeStep({
  name,
  row,
  facts,
  problem,
  year,
  onChange,
}: {
  name: string;
  row: LadderRow;
  facts: LadderFacts;
  problem: LadderProblem;
  year: (season: number) => string;
  onChange: (step: FixedStep) => void;
}) {
  const { units } = useAsOf();
  const [season, setSeason] = useState("0");
  const [instead, setInstead] = useState("stay~0");
  const larger = problem.pots
    .map((p, i) => ({ ...p, i }))
    .filter((p) => p.i > 0 && p.volumeL > 1.14 * problem.tree.volumeL && p.volumeL <= problem.goal.maxL)
    .sort((a, b) => a.volumeL - b.volumeL);
  return (
    <details className="no-print">
      <summary className="min-h-9 cursor-pointer text-sm">{say.changeAStep}</summary>
      <p className="text-sm">{say.orDragAStepIn}</p>
      <Form
        className="flex flex-wrap items-end gap-3 py-1"
        label={say.changeAStepOf(name)}
        onSubmit={() => {
          const [action, pot] = instead.split("~");
          onChange({ season: Number(season), action: action as LadderAction, pot: Number(pot) });
        }}
      >
        <SelectField
          label={say.season}
          value={season}
          onChange={setSeason}
          options={row.steps.slice(0, facts.shown).map((s) => [String(s.season), year(s.season)] as const)}
        />
        <SelectField
          label={say.instead}
          value={instead}
          onChange={setInstead}
          options={[
            ...(["stay", "replace-top", "root-prune"] as const).map((a) => [`${a}~0`, ACTION_WORDS[a].long] as const),
            ...larger.map(
              (p) =>
                [
                  `up-pot~${p.i}`,
                  say.into(litres(p.volumeL, units), potName({ potId: p.id, volumeL: p.volumeL }, facts, units)),
                ] as const,
            ),
          ]}
        />
        <button type="submit" className="btn min-h-11">
          {say.whatWouldItCost}
        </button>
      </Form>
    </details>
  );
}
