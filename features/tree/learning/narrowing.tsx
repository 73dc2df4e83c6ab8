"use client";

import type { LearningFacts } from "./facts";
import * as say from "@/words/pages/tree/learning";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { Reasoned } from "@/ui/fields";
import { number, percent } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { ASK } from "@/features/tree/ask";

/** What would narrow the plan most, the best first. */
export function WhatNarrows({ facts }: { facts: LearningFacts }) {
  const { collectionId } = useAsOf();
  return (
    <section className="mt-6" aria-labelledby="narrow">
      <h2 id="narrow" className="text-lg">
        {say.whatWouldNarrowItsPlan}
      </h2>
      <Reasoned reason={say.forALookEveryGrade}>
        <ol className="list-decimal pl-5" data-testid="narrowing">
          {facts.narrowing.map((n) => (
            <li key={n.question}>
              <Link
                className="link"
                href={treeAt(collectionId, facts.treeId, ASK[n.question].part, ASK[n.question].rest)}
              >
                {ASK[n.question].words}
              </Link>
              {say.theDueDayKnownTo(
                number(n.daysAfter / 30.4),
                number(n.daysBefore / 30.4),
                percent(n.after),
                percent(n.before),
              )}
            </li>
          ))}
        </ol>
      </Reasoned>
    </section>
  );
}
