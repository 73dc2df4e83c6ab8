"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/terms";
import { useState } from "react";
import { type LadderTerms, type Planner, PLANNERS } from "@/core/ladder/index";
import { areaUnit, readNumber } from "@/words/format";
import { SCHOOL_WORDS } from "@/words/ladder";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";

type NumberField = "doorMm" | "headroomMm" | "summerM2" | "winterM2" | "budget";
const FIELDS: readonly [NumberField, string, string, "mm" | undefined][] = [
  ["doorMm", say.narrowestDoorOnTheWay, say.potsWiderThanItAre, "mm"],
  ["headroomMm", say.lowestHeadroom, say.countsWhereATreesHeight, "mm"],
  ["summerM2", say.roomInSummer, say.treesWaitASeasonWhere, undefined],
  ["winterM2", say.roomInWinter, say.forThoseCarriedIn, undefined],
  ["budget", say.budgetAYear, say.saidWhereAYearAsks, undefined],
];

/** How ladders are planned here: the school, the ways in, the room, the money. */
export function TermsForm({ terms }: { terms: LadderTerms }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { name: areaName, perM2 } = areaUnit(units);
  const isArea = (key: NumberField) => key === "summerM2" || key === "winterM2";
  // Areas are typed in the collection's unit.
  const per = (key: NumberField) => (isArea(key) ? perM2 : 1);
  const [start] = useState(() => ({
    ...(Object.fromEntries(
      FIELDS.map(([key]) => [key, terms[key] === null ? "" : String(Math.round(100 * terms[key] * per(key)) / 100)]),
    ) as Record<NumberField, string>),
    school: terms.school,
  }));
  const form = useCommandForm("set-ladder-terms", {
    start,
    input: (typed, wrong) => {
      const values: Partial<Record<NumberField, number | null>> = {};
      for (const [key, , , unit] of FIELDS) {
        const value = typed[key].trim() === "" ? null : readNumber(typed[key], unit) / per(key);
        if (value === null || value > 0) values[key] = value;
        else wrong(`terms.${key}`, say.aNumberAbove0Or);
      }
      return { collectionId, terms: { school: typed.school, ...values } };
    },
    fieldOf: (path) => path.replace(/^terms\./, ""),
    after: (typed) => typed,
    done: ({ entryId }) => tell({ text: say.keptPlanTheCollectionTo, entryId }),
  });
  return (
    <details className="no-print mt-2">
      <summary className="min-h-9 cursor-pointer">
        {say.howItIsPlannedBy(SCHOOL_WORDS[terms.school].name.toLowerCase())}
      </summary>
      <CommandForm
        of={form}
        label={say.howItIsPlanned}
        className="mt-1 space-y-3"
        button={[common.keepIt, common.saving]}
      >
        <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
          <ChoiceInput<Planner>
            name="school"
            label={say.schoolForTreesWithoutA}
            options={PLANNERS.filter((p) => p !== "own" || terms.own !== null).map(
              (p) => [p, SCHOOL_WORDS[p].name] as const,
            )}
          />
          {FIELDS.map(([key, label, hint, unit]) => (
            <TextInput
              key={key}
              name={key}
              label={isArea(key) ? `${label}, ${areaName}` : label}
              hint={hint}
              numeric
              suffix={unit}
            />
          ))}
        </div>
      </CommandForm>
    </details>
  );
}
