"use client";

import * as say from "@/words/pages/tree/narrowest";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { number, percent } from "@/words/format";
import { Why } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { ASK } from "./ask";
import type { Narrowing } from "@/model/index";

/** A band this narrow needs no further question. */
const NARROW_ENOUGH = 0.25;

/** The question worth asking first; null where the bands are narrow already. */
export function tellsMost({ narrowing: [best] }: { narrowing: readonly Narrowing[] }): Narrowing | null {
  return best && best.before >= NARROW_ENOUGH ? best : null;
}

/** The one thing that would tell most about this tree, and how the others compare. */
export function Narrowest({ facts }: { facts: { id: string; narrowing: Narrowing[] } }) {
  const { collectionId } = useAsOf();
  const best = tellsMost(facts);
  if (!best) return null;
  const others = facts.narrowing.slice(1);
  return (
    <Why
      className="mt-1"
      reason={
        <ul>
          {[best, ...others].map((n) => (
            <li key={n.question}>
              <Link className="link" href={treeAt(collectionId, facts.id, ASK[n.question].part, ASK[n.question].rest)}>
                {ASK[n.question].words}
              </Link>
              {say.the80BandOfHow(
                percent(n.before),
                percent(n.after),
                number(n.daysBefore / 30.4),
                number(n.daysAfter / 30.4),
              )}
            </li>
          ))}
          <li>{say.forALookEveryGrade}</li>
        </ul>
      }
    >
      {say.whatWouldTellMost}
      <b data-testid="narrowest">{ASK[best.question].words}</b>.
    </Why>
  );
}
