"use client";

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
              : the 80 % band of “how full” is expected to shrink from {percent(n.before)} to {percent(n.after)} of the
              pot, and that of the day it falls due from {number(n.daysBefore / 30.4)} to {number(n.daysAfter / 30.4)}{" "}
              months
            </li>
          ))}
          <li>
            For a look, every grade it may show is weighed by how probable it is; for an answer, the band that would be
            left were it certain.
          </li>
        </ul>
      }
    >
      What would tell most: <b data-testid="narrowest">{ASK[best.question].words}</b>.
    </Why>
  );
}
