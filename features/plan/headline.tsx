"use client";

import * as say from "@/words/pages/plan/headline";
import type { OffLadder } from "@/model/index";
import { Reasoned } from "@/ui/fields";
import { month as monthWord, number } from "@/words/format";
import { counted, OFF_LADDER_SHORT, yearWords } from "@/words/ladder";
import { type LaddersFacts, listed, type Total } from "./facts";
import type { CollectionPlan, PlannedMonth } from "./plan";

/** What the coming years ask for, in a few sentences. */
export function Headline({
  plan,
  totals,
  facts,
}: {
  plan: CollectionPlan;
  totals: readonly Total[];
  facts: LaddersFacts;
}) {
  const busiest = plan.months.reduce<PlannedMonth | null>(
    (worst, m) => (!worst || m.minutes / (m.hours || 60) > worst.minutes / (worst.hours || 60) ? m : worst),
    null,
  );
  const { peak } = plan;
  const far = plan.trees.filter((t) => t.meets === null);
  const heavy = far.filter((t) => t.heldByLift);
  const off = Object.entries(plan.off).map(([why, n]) => `${number(n)} ${OFF_LADDER_SHORT[why as OffLadder]}`);
  return (
    <section aria-label={say.inShort} className="mt-3 space-y-1">
      <p className="text-lg" data-testid="headline">
        {say.inInToWorkOn(
          counted(
            plan.trees.reduce((n, t) => n + t.plants, 0),
            "plant",
          ),
          counted(plan.trees.length, "record"),
          yearWords(totals[0].season, facts.southern),
          counted(totals[0].moves, "tree"),
          number(totals[0].hours),
        )}
        {busiest &&
          say.fullestMonthHours(
            monthWord(`${busiest.month}-01`),
            busiest.month.slice(0, 4),
            number(busiest.minutes / 60),
            busiest.hours !== null ? say.ofThereAre(number(busiest.hours)) : "",
          )}
      </p>
      {peak && (
        <Reasoned reason={say.eachStepOfTheComing}>
          <p data-testid="eased">
            {say.hours(
              peak.hoursKnown && peak.overBefore === 0 ? say.noWeekAsksForMore : "",
              peak.moved === 0 ? say.theBusiestWeekNotTo : say.peakEasedTheBusiestWeek,
              number(peak.after, 1),
              peak.moved === 0 ? "" : say.insteadOf(number(peak.before, 1)),
              peak.hoursKnown && peak.overBefore > 0
                ? say.aboveWhatThereIsInstead(number(peak.overAfter, 1), number(peak.overBefore, 1))
                : "",
              peak.moved === 0
                ? ""
                : say.shiftedInside(counted(peak.moved, "step"), peak.moved === 1 ? say.itsWindow : say.theirWindows),
            )}
          </p>
        </Reasoned>
      )}
      {far.length > 0 && (
        <p data-testid="far">
          {say.willNotReachWithin(
            counted(far.length, "tree"),
            far.length === 1 ? say.itsGoal : say.theirGoals,
            counted(plan.seasons, "season"),
            heavy.length > 0
              ? say.ofThemBecauseNobodyCan(heavy.length === far.length ? "all" : number(heavy.length), listed(heavy))
              : "",
          )}
        </p>
      )}
      {off.length > 0 && <p className="text-sm">{say.withoutAPlanOfPots(off.join(", "))}</p>}
    </section>
  );
}
