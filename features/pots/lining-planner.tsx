"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/pots/lining";
import { useState } from "react";
import { type Lining, LINING_NAMES, liningPlan, type Pot, vesselOf } from "@/core/vessel/index";
import { area, litres, number } from "@/words/format";
import { SelectField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

const LINING_WORDS: Record<Lining, string> = {
  film: say.pondOrPotFilm,
  "bubble-single": say.bubbleFilmOneLayer,
  "bubble-double": say.bubbleFilmTwoLayers,
  foam: say.foamBoard30Mm,
  jute: "jute, 20 mm",
};

/** What a lining takes and gives: film keeps damp off wood, bubbles and foam slow the cold. */
export function LiningPlanner({ pots }: { pots: { lotId: string; name: string; pot: Pot }[] }) {
  const { units } = useAsOf();
  const [lotId, setLotId] = useState(pots[0]?.lotId ?? "");
  const [lining, setLining] = useState<Lining>("bubble-single");
  const chosen = pots.find((p) => p.lotId === lotId);
  const shape = chosen && vesselOf(chosen.pot);
  const plan = shape && liningPlan(shape.vessel, lining);
  return (
    <section aria-label={say.lining}>
      <h2 className="text-xl">{say.liningAPot}</h2>
      {!plan ? (
        <p>{say.putAPotInStore}</p>
      ) : (
        <>
          <div className="mt-2 flex flex-wrap gap-3">
            <SelectField
              className="w-64"
              label={common.pot}
              value={lotId}
              onChange={setLotId}
              options={pots.map((p) => [p.lotId, p.name] as const)}
            />
            <SelectField
              className="w-64"
              label={say.linedWith}
              value={lining}
              onChange={setLining}
              options={LINING_NAMES.map((l) => [l, LINING_WORDS[l]] as const)}
            />
          </div>
          <p className="mt-2 max-w-prose" data-testid="lining">
            <b>
              {say.roundTheWallThePot(
                area(plan.areaM2, units),
                litres(plan.volumeLeftL, units),
                litres(plan.volumeLeftL + plan.volumeLostL, units),
              )}
            </b>
            {say.thermalResistanceRMK(
              number(plan.resistance, 2),
              plan.resistance > 0 ? say.itBuysDaysOfFrost : say.itKeepsNoColdOut,
            )}
            {plan.sealsWall && say.itTakesTheBreathingAway}
            {say.leaveTheFloorFreeOr}
            {shape?.guessed && say.theShapeOfThisPot}
          </p>
        </>
      )}
    </section>
  );
}
