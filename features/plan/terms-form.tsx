"use client";

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
  [
    "doorMm",
    "Narrowest door on the way in",
    "pots wider than it are not planned for trees carried in; empty: the widest door of the winter places measured under Winter",
    "mm",
  ],
  [
    "headroomMm",
    "Lowest headroom",
    "counts where a tree’s height is measured; empty: the highest of the winter places",
    "mm",
  ],
  ["summerM2", "Room in summer", "trees wait a season where it is not enough", undefined],
  ["winterM2", "Room in winter", "for those carried in", undefined],
  ["budget", "Budget a year", "said where a year asks for more", undefined],
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
        else wrong[key] = "A number above 0, or nothing.";
      }
    }
    setFaults(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({ collectionId, terms: { school, ...values } });
    if (done) tell({ text: "Kept. Plan the collection to see it.", entryId: done.entryId });
  };
  return (
    <details className="no-print mt-2">
      <summary className="min-h-9 cursor-pointer">
        How it is planned: {SCHOOL_WORDS[terms.school].name.toLowerCase()}
      </summary>
      <Form label="How it is planned" onSubmit={save} className="mt-1">
        <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
          <SelectField<Planner>
            label="School for trees without a chosen plan"
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
          Keep it
        </button>
        <FormFaults faults={(failure?.faults ?? []).filter((f) => f.path !== "terms.school")} />
      </Form>
    </details>
  );
}
