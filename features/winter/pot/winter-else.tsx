"use client";

import * as say from "@/words/pages/winter/pot";
import { potAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { crackChance, isClay, type WinterOutlook } from "@/core/winter/index";
import { number, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { ClayField } from "@/features/pots/clay-field";
import type { WinterFacts } from "./facts";

/** What else its winter does: to the crown, the cold it needs, the clay. */
export function WinterElse({ facts, outlook }: { facts: WinterFacts; outlook: WinterOutlook }) {
  const { collectionId } = useAsOf();
  return (
    <ul className="mt-3 space-y-1 text-sm" data-testid="winter-else">
      <li>
        <b>{say.crown}</b>
        {say.moreThanATenthOf(percent(facts.stay.woodChance), percent(facts.stay.wood))}
      </li>
      <li>
        <b>{say.coldItNeeds}</b>:{" "}
        {facts.chillNeed === 0
          ? say.noneCountedForItsSpecies
          : say.portionsComeTogetherThereIn(
              number(facts.chillNeed),
              facts.forFlowers ? say.forItsFlowers : "",
              number(facts.stay.chill),
              facts.stay.chillShort === 0 ? say.enoughInEveryOne : say.tooFewInOfThem(percent(facts.stay.chillShort)),
            )}
      </li>
      {isClay(facts.wall) && (
        <li data-testid="winter-clay">
          <b>
            <Link prefetch={false} className="link" href={potAt(collectionId, facts.lotId)}>
              {say.theClay}
            </Link>
          </b>
          {say.freezesThroughWetTimesIn(
            number(outlook.freezes[0]),
            number(outlook.freezes[1]),
            facts.frostProof === true
              ? say.itStandsThatByWhat
              : say.cracksInAboutOfWinters(
                  facts.frostProof === null ? say.nobodyHasSaidWhetherIt : "It",
                  percent(crackChance(facts.wall, facts.frostProof, outlook.freezes[0])),
                ),
          )}
          <ClayField className="mt-1 w-56" lotId={facts.lotId} frostProof={facts.frostProof} />
        </li>
      )}
    </ul>
  );
}
