"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/terms";
import { useState } from "react";
import { type LadderTerms, type Planner, PLANNERS } from "@/core/ladder/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { areaUnit, readNumber } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { SCHOOL_WORDS } from "@/words/ladder";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";

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
  const { send, busy, failure, at } = useCommand("set-ladder-terms");
  const { name: areaName, perM2 } = areaUnit(units);
  // Areas are typed in the collection's unit.
  const per = (key: NumberField) => (key === "summerM2" || key === "winterM2" ? perM2 : 1);
  const [school, setSchool] = useState<Planner>(terms.school);
  const [texts, setTexts] = useState<Record<NumberField, string>>(
    () =>
      Object.fromEntries(
        FIELDS.map(([key]) => [key, terms[key] === null ? "" : String(Math.round(100 * terms[key] * per(key)) / 100)]),
      ) as Record<NumberField, string>,
  );
  const [faults, setFaults] = useState<Partial<Record<NumberField, string>>>({});
  const save = async () => {
    const values: Partial<Record<NumberField, number | null>> = {};
    const wrong: Partial<Record<NumberField, string>> = {};
    for (const [key, , , unit] of FIELDS) {
      if (texts[key].trim() === "") values[key] = null;
      else {
        const value = readNumber(texts[key], unit);
        if (value > 0) values[key] = value / per(key);
        else wrong[key] = say.aNumberAbove0Or;
      }
    }
    setFaults(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({ collectionId, terms: { school, ...values } });
    if (done) tell({ text: say.keptPlanTheCollectionTo, entryId: done.entryId });
  };
  return (
    <details className="no-print mt-2">
      <summary className="min-h-9 cursor-pointer">
        {say.howItIsPlanned(SCHOOL_WORDS[terms.school].name.toLowerCase())}
      </summary>
      <Form label={say.howItIsPlanned2} onSubmit={save} className="mt-1">
        <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
          <SelectField<Planner>
            label={say.schoolForTreesWithoutA}
            value={school}
            onChange={setSchool}
            fault={at("terms.school")}
            options={PLANNERS.filter((p) => p !== "own" || terms.own !== null).map(
              (p) => [p, SCHOOL_WORDS[p].name] as const,
            )}
          />
          {FIELDS.map(([key, label, hint, unit]) => (
            <TextField
              key={key}
              label={key === "summerM2" || key === "winterM2" ? `${label}, ${areaName}` : label}
              hint={hint}
              numeric
              suffix={unit}
              value={texts[key]}
              onChange={(text) => setTexts((now) => ({ ...now, [key]: text }))}
              fault={faults[key]}
            />
          ))}
        </div>
        <button type="submit" className="btn mt-2 min-h-11" disabled={busy}>
          {common.keepIt}
        </button>
        <FormFaults faults={(failure?.faults ?? []).filter((f) => f.path !== "terms.school")} />
      </Form>
    </details>
  );
}
