"use client";

import { useState } from "react";
import { type Lining, LINING_NAMES, liningPlan, type Pot, vesselOf } from "@/core/vessel/index";
import { area, litres, number } from "@/words/format";
import { SelectField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

const LINING_WORDS: Record<Lining, string> = {
  film: "pond or pot film",
  "bubble-single": "bubble film, one layer",
  "bubble-double": "bubble film, two layers",
  foam: "foam board, 30 mm",
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
    <section aria-label="Lining">
      <h2 className="text-xl">Lining a pot</h2>
      {!plan ? (
        <p>Put a pot in store first: its wall is what is lined.</p>
      ) : (
        <>
          <div className="mt-2 flex flex-wrap gap-3">
            <SelectField
              className="w-64"
              label="Pot"
              value={lotId}
              onChange={setLotId}
              options={pots.map((p) => [p.lotId, p.name] as const)}
            />
            <SelectField
              className="w-64"
              label="Lined with"
              value={lining}
              onChange={setLining}
              options={LINING_NAMES.map((l) => [l, LINING_WORDS[l]] as const)}
            />
          </div>
          <p className="mt-2 max-w-prose" data-testid="lining">
            <b>
              {area(plan.areaM2, units)} round the wall; the pot then holds {litres(plan.volumeLeftL, units)} at the
              brim instead of {litres(plan.volumeLeftL + plan.volumeLostL, units)}.
            </b>{" "}
            Thermal resistance R {number(plan.resistance, 2)} m²K/W
            {plan.resistance > 0
              ? ": it buys days of frost, not degrees. After a week of steady cold the roots are as cold as outside."
              : ": it keeps no cold out."}
            {plan.sealsWall &&
              " It takes the breathing away from this wall: the pot behaves like plastic from then on."}{" "}
            Leave the floor free, or pierce it over every hole.
            {shape?.guessed && " The shape of this pot is a guess."}
          </p>
        </>
      )}
    </section>
  );
}
