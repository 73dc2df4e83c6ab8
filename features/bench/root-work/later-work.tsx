"use client";

import * as say from "@/words/pages/bench/root-work";
import type { Advice, Option } from "@/core/root-work/index";
import { day } from "@/words/format";
import { Reasoned } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { meanwhileWords, objectionWords, optionWords } from "@/words/root-work";

/** The better work that must wait, and what may be done meanwhile. */
export function LaterWork({ later, now, advice }: { later: Option; now: string; advice: Advice }) {
  const { today, units } = useAsOf();
  return (
    <div className="border-ochre mt-2 border-l-4 pl-3" data-testid="later">
      <Reasoned reason={say.theBestWorkWereIt}>
        <p className="font-medium">
          {say.then(
            later.rightFrom ? say.from(day(later.rightFrom, today)) : say.onceItStandsMoreRoot,
            optionWords(later, units),
          )}
        </p>
        <p className="text-sm">
          {say.notMeanwhile(
            now,
            later.objections.map((o) => objectionWords(o, units)).join("; "),
            meanwhileWords(advice).join(" "),
          )}
        </p>
      </Reasoned>
    </div>
  );
}
