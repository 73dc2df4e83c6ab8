"use client";

import type { Potting, PottingFacts } from "./use-potting";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/potting/bench";
import type { KindValues } from "@/core/species/index";
import { mixRemarks } from "@/core/suits/index";
import { parseIso, toDay } from "@/core/dates/index";
import { BALL_CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { fedUntil } from "@/core/mix/index";
import type { MixChoice } from "@/core/records/index";
import type { PottingPlan } from "@/core/potting/index";
import { day, litres, millimetres, number, percent, type Units } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { MIX_REMARK_WORDS } from "@/words/suits";
import { CORRECTION_WORDS } from "@/words/terms";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";

/** Mix, correction and the measures of the potting. */
export function CutInputs({ facts, potting }: { facts: PottingFacts; potting: Potting }) {
  const { units } = useAsOf();
  const { tree, mixes, usualCrownMm } = facts;
  const { plan, mix, typed, bottomLayerMm } = potting;
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <ChoiceInput
        name="mix"
        label={common.mix}
        options={mixes.map((m) => [m.key, mixLabel(m, litres(m.leftL ?? 0, units))] as const)}
        hint={mixHint(mix, tree.values, plan, typed.on)}
      />
      <ChoiceInput
        name="correction"
        label={say.correction}
        options={BALL_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
        hint={correctionHint(typed.correction, plan, units)}
      />
      <TextInput
        name="retainedShare"
        label={say.rootsKeptIfYouMeasured}
        numeric
        suffix="%"
        hint={say.emptyTheUsualShare}
      />
      <TextInput
        name="crownMm"
        label={say.flareProudOfTheMix}
        numeric
        suffix="mm"
        hint={
          usualCrownMm === 0
            ? say.youngPlantsTheOldSurface
            : say.freshBarkAndCompostSink(millimetres(10, units), millimetres(20, units))
        }
      />
      <TextInput
        name="bottomLayerMm"
        label={say.gravelLayer}
        numeric
        suffix="mm"
        hint={
          plan && bottomLayerMm > 0 ? say.airLeftInTheMix(litres(plan.water.airL, units)) : say.noneOnlyCoverTheHole
        }
      />
      {tree.values.roots === "tap" && (
        <TextInput name="trimSideMm" label={say.offEachSideOfThe} numeric suffix="mm" hint={say.depthFirstALittleOff} />
      )}
      <DayInput name="on" label={common.doneOn} />
    </div>
  );
}

function mixLabel(m: MixChoice, left: string): string {
  return m.from === "reclaimed" ? say.reclaimedYearsOldLeft(m.name, number(m.ageYears, 1), left) : m.name;
}

/** In this pot, until when it feeds, and what in it this species does not like. */
function mixHint(mix: MixChoice, values: KindValues, plan: PottingPlan | null, on: string): string {
  const parts: string[] = [];
  if (plan) parts.push(say.inThisPotAirWater(percent(plan.water.airFraction), percent(plan.water.waterFraction)));
  const fed = mix.feedsMonths === null || parseIso(on) === null ? null : fedUntil(toDay(on), mix.feedsMonths);
  if (fed !== null) parts.push(say.feedsUntilAbout(day(fed, on)));
  const remarks = mixRemarks(values, {
    flags: mix.flags,
    parts: mix.parts,
    airShare: plan?.water.airFraction ?? null,
    waterShare: plan?.water.waterFraction ?? null,
  });
  for (const remark of remarks) parts.push(MIX_REMARK_WORDS[remark]);
  return parts.join("; ");
}

function correctionHint(correction: CorrectionName, plan: PottingPlan | null, units: Units): string {
  const depth = plan?.shaveDepthMm ? say.aSide(millimetres(plan.shaveDepthMm, units)) : "";
  return `${CORRECTION_WORDS[correction].what}${depth}${plan ? say.keepsOfTheRoots(percent(plan.retainedShare)) : ""}`;
}
