"use client";

import * as say from "@/words/pages/bench/potting/cautions";
import type { Hazard } from "@/core/species/index";
import { toDay } from "@/core/dates/index";
import { type GrowersCalendar, liftersOn } from "@/core/people/index";
import { type PottingPlan } from "@/core/potting/index";
import { kilograms, millimetres, type Units } from "@/words/format";
import { Caution } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { HAZARD_WORDS, liftWords, warningWords } from "@/words/terms";

/** Who of the people on record can lift this today, each within the own limit. */
function lifterWords(calendar: GrowersCalendar, today: string, massKg: number, units: Units): string {
  const { alone, pair, present } = liftersOn(calendar, toDay(today), massKg);
  if (present === 0) return say.nobodyIsThereTodayAs;
  if (alone) return say.withinTheLimitOfAlone(alone.name, kilograms(alone.liftKg, units));
  if (pair) return say.aboveEverybodysOwnLimitAnd(pair[0].name, pair[1].name);
  return say.moreThanAnybodyWhoIs;
}

/** Cautions stand where the hazard is, short, and cannot be dismissed. */
export function Cautions({
  plan,
  hazards,
  calendar,
}: {
  plan: PottingPlan | null;
  hazards: readonly Hazard[];
  calendar: GrowersCalendar;
}) {
  const { units, today } = useAsOf();
  return (
    <Caution>
      {plan && (
        <p className="text-base font-semibold" data-testid="lifting">
          {say.wet(kilograms(plan.wetMassKg.total, units), liftWords(plan.lift, units))}
        </p>
      )}
      {plan && calendar.people.length > 0 && (
        <p data-testid="lifters">{lifterWords(calendar, today, plan.wetMassKg.total, units)}</p>
      )}
      {plan && plan.setting.warnings.length > 0 && (
        <ul data-testid="warnings">
          {plan.setting.warnings.map((w) => (
            <li key={w.code} className="font-semibold">
              {warningWords(w.code, millimetres(w.byMm ?? 0, units), w.ratio)}
            </li>
          ))}
        </ul>
      )}
      {hazards.map((h) => (
        <p key={h}>{HAZARD_WORDS[h]}</p>
      ))}
      <p>{say.glovesOpenBagsOfMix}</p>
      <p>{say.liftingLimitsFollowGeneralGuidance}</p>
    </Caution>
  );
}
