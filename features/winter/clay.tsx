"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/clay";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import type { Standing } from "@/core/shelter/index";
import { number, percent } from "@/words/format";

/** Pots of clay that may crack where the plan has them; a chance of this much and more is worth a word. */
export const WORTH_A_WORD = 0.05;
const SHOWN = 8;

export function Clay({
  pots,
  where,
  collectionId,
}: {
  pots: readonly { s: Standing; cracks: number }[];
  where: (s: Standing) => string;
  collectionId: string;
}) {
  if (pots.length === 0) return null;
  return (
    <section aria-labelledby="clay" data-testid="clay">
      <h2 id="clay" className="text-lg">
        {say.clayThatMayCrackThere}
      </h2>
      <p className="text-sm">
        {pots.slice(0, SHOWN).map(({ s, cracks }, i) => (
          <span key={s.id}>
            {i > 0 && ", "}
            <Link prefetch={false} className="link" href={treeAt(collectionId, s.treeIds[0], "winter")}>
              {s.tag}
            </Link>{" "}
            ({where(s)}, {percent(cracks)})
          </span>
        ))}
        {pots.length > SHOWN && common.andMoreBehind(number(pots.length - SHOWN))}
        {say.itFreezesThroughWhileWet}
      </p>
    </section>
  );
}
