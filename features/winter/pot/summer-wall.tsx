"use client";

import * as say from "@/words/pages/winter/pot";
import { ROOT_HEAT, type SummerOutlook } from "@/core/winter/index";
import { Reasoned } from "@/ui/fields";
import { celsius, number, percent, type Units } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import type { WinterFacts } from "./facts";
import type { SummerCase } from "./use-outlooks";

/** How hot its wall gets in summer, and what keeps it cooler. */
export function SummerWall({ facts, summer }: { facts: WinterFacts; summer: SummerCase[] }) {
  const { units } = useAsOf();
  return (
    <section aria-labelledby="summer" className="mt-4">
      <h2 id="summer" className="text-lg">
        {say.itsWallInSummer}
      </h2>
      <Reasoned
        reason={say.theSamePotThroughCourses(
          number(facts.summers.length),
          facts.summerPlace,
          celsius(facts.rootHeatC, units),
          celsius(ROOT_HEAT.killsC, units),
        )}
      >
        <p data-testid="summer-words">{summerWords(summer[0].outlook, units)}</p>
      </Reasoned>
      <ul className="text-sm">
        {summer.slice(1).map((c) => (
          <li key={c.words}>
            <b>{c.words}</b>
            {say.hottestInOneOfTen(
              celsius(c.outlook.hottestC[0], units),
              celsius(c.outlook.hottestC[1], units),
              number(c.outlook.hotDays[0]),
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function summerWords({ hottestC, hotDays, chanceHarm, chanceKill }: SummerOutlook, units: Units): string {
  const hot = say.asADarkPotIn(celsius(hottestC[0], units), celsius(hottestC[1], units));
  if (hotDays[1] === 0) return say.neverTooHotForRoots(hot);
  const advice = chanceHarm > 0.2 ? say.shadeItSetItIn : "";
  return say.aboveForTwoHoursOn(
    hot,
    celsius(ROOT_HEAT.harmsC, units),
    number(hotDays[0]),
    number(hotDays[1]),
    chanceKill > 0 ? say.hotEnoughToKillIn(percent(chanceKill)) : "",
    advice,
  );
}
