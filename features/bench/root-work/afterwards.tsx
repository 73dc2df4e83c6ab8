"use client";

import * as say from "@/words/pages/bench/root-work";
import Link from "next/link";
import type { Advice } from "@/core/root-work/index";
import { day, number, percent } from "@/words/format";
import { Reasoned } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

/** Care after the work: crown, shade, water, feed, the next look. */
export function Afterwards({ advice, tree }: { advice: Advice; tree: string }) {
  const { today } = useAsOf();
  return (
    <section className="mt-5" aria-labelledby="after">
      <h2 id="after" className="text-lg">
        {say.afterwards}
      </h2>
      <Reasoned reason={say.crownAndCareAfterRoot()}>
        <ul className="list-disc pl-5">
          <li>
            {advice.care.leafless ? say.itsCrownStandsBareCut : say.leaveEveryLeafTheyPay}
            {!advice.care.leafless &&
              advice.care.crownBySchool > 0 &&
              say.growersOfTheProportionalSchool(percent(advice.care.crownBySchool))}
          </li>
          <li>{say.shadeAndShelterForDays(number(advice.care.shadeDays))}</li>
          <li>{say.waterTheOldBallBy(number(advice.care.coreWeeks))}</li>
          <li>{say.noFeedForWeeksOr(number(advice.care.noFeedWeeks))}</li>
          {advice.care.lookOn && (
            <li data-testid="look-on">
              {say.lookForNewRootsAbout(day(advice.care.lookOn, today))}
              <Link className="link" href={`${tree}/learning#rerooting`}>
                {say.recordItThere}
              </Link>
            </li>
          )}
        </ul>
      </Reasoned>
    </section>
  );
}
