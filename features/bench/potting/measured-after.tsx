"use client";

import type { CommandField } from "@/contract/index";
import type { PottingPlan } from "@/core/potting/index";
import { kilograms, litres, millimetres, readNumber } from "@/words/format";
import { TextField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

export interface MeasuredDraft {
  rim: string;
  looseMix: string;
  wet: string;
}
export const noMeasures: MeasuredDraft = { rim: "", looseMix: "", wet: "" };

/** What was measured once the tree stood; empty fields leave the plan as it is. */
export function readMeasured(draft: MeasuredDraft): {
  values: { rimMm: number | null; looseMixL: number | null; wetKg: number | null };
  problems: Record<string, string>;
} {
  const problems: Record<string, string> = {};
  const read = (path: string, text: string, value: number, words: string, least: number) => {
    if (text.trim() === "") return null;
    if (!(value >= least)) problems[path] = words;
    return value;
  };
  return {
    values: {
      rimMm: read("measured.rimMm", draft.rim, readNumber(draft.rim, "mm"), "A measure in mm, 0 or more.", 0),
      looseMixL: read(
        "measured.looseMixL",
        draft.looseMix,
        readNumber(draft.looseMix, "litres"),
        "Litres, more than 0.",
        0.01,
      ),
      wetKg: read("measured.wetKg", draft.wet, readNumber(draft.wet, "kg"), "Kilograms, more than 0.", 0.01),
    },
    problems,
  };
}

/** The plan is a plan: what tape, bucket and scale say afterwards counts instead. */
export function MeasuredAfter({
  draft,
  onChange,
  fault,
  plan,
}: {
  draft: MeasuredDraft;
  onChange: (draft: MeasuredDraft) => void;
  fault: (path: CommandField<"record-potting">) => string | undefined;
  plan: PottingPlan | null;
}) {
  const { units } = useAsOf();
  return (
    <fieldset>
      <legend className="font-medium">As it turned out, if you measured</legend>
      <div className="mt-1 grid gap-4 sm:grid-cols-3">
        <TextField
          label="From rim to mix, settled"
          numeric
          suffix="mm"
          value={draft.rim}
          onChange={(rim) => onChange({ ...draft, rim })}
          fault={fault("measured.rimMm")}
          hint={plan ? `planned: ${millimetres(plan.freeboardMm, units)}` : undefined}
        />
        <TextField
          label="New mix used, loose"
          numeric
          suffix="L"
          value={draft.looseMix}
          onChange={(looseMix) => onChange({ ...draft, looseMix })}
          fault={fault("measured.looseMixL")}
          hint={plan ? `planned: ${litres(plan.setting.looseMixL, units)}` : undefined}
        />
        <TextField
          label="On the scale, wet"
          numeric
          suffix="kg"
          value={draft.wet}
          onChange={(wet) => onChange({ ...draft, wet })}
          fault={fault("measured.wetKg")}
          hint={plan ? `planned: ${kilograms(plan.wetMassKg.total, units)}` : undefined}
        />
      </div>
    </fieldset>
  );
}
