"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/measured-after";
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
      rimMm: read("measured.rimMm", draft.rim, readNumber(draft.rim, "mm"), say.aMeasureInMm0, 0),
      looseMixL: read(
        "measured.looseMixL",
        draft.looseMix,
        readNumber(draft.looseMix, "litres"),
        say.litresMoreThan0(),
        0.01,
      ),
      wetKg: read("measured.wetKg", draft.wet, readNumber(draft.wet, "kg"), say.kilogramsMoreThan0, 0.01),
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
      <legend className="font-medium">{say.asItTurnedOutIf}</legend>
      <div className="mt-1 grid gap-4 sm:grid-cols-3">
        <TextField
          label={say.fromRimToMixSettled}
          numeric
          suffix="mm"
          value={draft.rim}
          onChange={(rim) => onChange({ ...draft, rim })}
          fault={fault("measured.rimMm")}
          hint={plan ? `planned: ${millimetres(plan.freeboardMm, units)}` : undefined}
        />
        <TextField
          label={say.newMixUsedLoose}
          numeric
          suffix={common.l}
          value={draft.looseMix}
          onChange={(looseMix) => onChange({ ...draft, looseMix })}
          fault={fault("measured.looseMixL")}
          hint={plan ? `planned: ${litres(plan.setting.looseMixL, units)}` : undefined}
        />
        <TextField
          label={say.onTheScaleWet}
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
