"use client";

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
  if (present === 0) return "Nobody is there today, as the days of your people stand.";
  if (alone) return `Within the limit of ${alone.name} (${kilograms(alone.liftKg, units)} alone).`;
  if (pair)
    return `Above everybody's own limit: ${pair[0].name} and ${pair[1].name} together, who as a team manage two thirds of both limits on level ground.`;
  return "More than anybody who is there today may lift, alone or by two: sack truck, ramp or hoist, or another day.";
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
          {kilograms(plan.wetMassKg.total, units)} wet. {liftWords(plan.lift, units)}
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
      <p>
        Gloves. Open bags of mix away from the face and damp the mix: its dust can carry germs. Cut away from the body;
        clean blades between trees.
      </p>
      <p>Lifting limits follow general guidance; your local rules and your own back come first.</p>
    </Caution>
  );
}
