"use client";

import * as say from "@/words/pages/plan/tree/school";
import type { FixedStep, LadderRow } from "@/core/ladder/index";
import { number, percent } from "@/words/format";

/** What the steps that were changed by hand cost. */
export function AsAsked({
  change,
  cost,
  fix,
}: {
  change: NonNullable<LadderRow["change"]>;
  cost: number;
  fix: (next: FixedStep[]) => void;
}) {
  return (
    <p className={change.possible ? "font-medium" : "text-warning font-semibold"} data-testid="change">
      {change.possible
        ? say.asYouAskedTheRest(number(change.dearer, 1), percent(change.dearer / Math.max(1, cost - change.dearer)))
        : say.notSoAStepIs}{" "}
      <button type="button" className="link" onClick={() => fix([])}>
        {say.asItWas}
      </button>
    </p>
  );
}
