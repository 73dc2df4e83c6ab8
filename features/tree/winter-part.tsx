"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/winter";
import { celsius } from "@/words/format";
import Link from "next/link";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { Why } from "@/ui/fields";
import type { TreeFacts } from "./facts";
import { Ways } from "./ways";

/** Where it spends the winter, and the frosts of the place. */
export function WinterPart({ facts }: { facts: TreeFacts }) {
  const { collectionId, units } = useAsOf();
  return (
    <div className="space-y-4">
      <p>
        {facts.wintersIn === null
          ? say.noWinterPlaceIsPlanned(facts.place ? say.itStaysIn(facts.place) : "")
          : say.thisWinterItStandsIn(facts.wintersIn)}
      </p>
      <Why
        reason={say.countedFromFrostYearsMidsummer(
          celsius(0, units),
          facts.frost.source,
          facts.frost.plusMinus || say.anUnknownSpan,
        )}
      >
        <b>{say.frostHere}</b>{" "}
        {facts.frost.guess && <span className="badge badge-sm badge-warning">{common.guess}</span>}
        {say.springAutumn(facts.frost.last, facts.frost.first)}
      </Why>
      <Ways>
        <Link className="btn btn-sm min-h-11" href={treeAt(collectionId, facts.id, "winter")} prefetch={false}>
          {say.itsWinter}
        </Link>
        <Link className="btn btn-sm min-h-11" href={pageAt(collectionId, "winter")} prefetch={false}>
          {say.layoutOfAllTrees}
        </Link>
      </Ways>
    </div>
  );
}
