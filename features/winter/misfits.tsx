"use client";

import * as say from "@/words/pages/winter/misfits";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import type { Standing } from "@/core/shelter/index";
import { number } from "@/words/format";
import { FATE_WORDS, lossWords } from "@/words/layout";

export function Misfits({
  danger,
  obstacle,
  where,
  planned,
  onSelect,
  collectionId,
}: {
  danger: readonly { s: Standing; loss: number }[];
  obstacle: (s: Standing) => string | null;
  where: (s: Standing) => string;
  /** Places for the winter have been proposed or kept; without that nothing says that a pot will stay where it is today. */
  planned: boolean;
  onSelect: (id: string) => void;
  collectionId: string;
}) {
  const [all, setAll] = useState(false);
  if (danger.length === 0) return null;
  const shown = all ? danger : danger.slice(0, 8);
  return (
    <section aria-labelledby="misfits">
      <h2 id="misfits" className="text-lg">
        {planned ? say.inDangerWhereTheyStand : say.notSafeAllWinterWhere}
      </h2>
      <ul className="mt-1 space-y-2 text-sm" data-testid="misfits">
        {shown.map(({ s, loss }) => (
          <li key={s.id} className="border-l-4 border-error pl-2">
            <button type="button" className="link font-semibold" onClick={() => onSelect(s.id)}>
              {s.tag}
            </button>{" "}
            {s.name}, {where(s)}: {planned ? say.mayBeLost(lossWords(loss)) : say.leftThereAllWinterIt(lossWords(loss))}{" "}
            {s.anchored
              ? say.itIsRootedThroughIts
              : (obstacle(s) ?? (
                  <>
                    {say.noPlaceHereIsBetter}
                    <Link className="link" href={treeAt(collectionId, s.treeIds[0], "winter")}>
                      {say.seeWhatWrappingOrSinking}
                    </Link>
                    .
                  </>
                ))}
          </li>
        ))}
      </ul>
      {danger.length > shown.length && (
        <button type="button" className="btn btn-sm mt-2" onClick={() => setAll(true)}>
          {say.all(number(danger.length))}
        </button>
      )}
    </section>
  );
}

export function Legend() {
  return (
    <p className="mt-3 flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <span>
        <span className="mr-1 inline-block size-4 rounded-full border-2 border-[#5d6b3a] bg-[#dfe6cf] align-[-3px]" />
        {FATE_WORDS.holds}
      </span>
      <span>
        <span className="mr-1 inline-block size-4 rounded-full border-2 border-dashed border-[#8a5a12] bg-[#f3e2b8] align-[-3px]" />
        {FATE_WORDS.doubt}
      </span>
      <span>
        <span className="mr-1 inline-block size-4 rounded-full border-4 border-double border-[#9b2f1f] bg-[#f0cfc4] align-[-3px]" />
        {FATE_WORDS.danger}
      </span>
      <span>
        <span className="mr-1 inline-block size-4 rounded-full border-2 border-dotted border-[#6f6a5a] bg-[#efe9da] align-[-3px]" />
        {say.notCalculatedYet}
      </span>
      <span>{say.dragAPotACorner}</span>
    </p>
  );
}
