"use client";

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
    <section aria-label="In short" className="mt-3 space-y-1">
      <p className="text-lg" data-testid="headline">
        {counted(
          plan.trees.reduce((n, t) => n + t.plants, 0),
          "plant",
        )}{" "}
        in {counted(plan.trees.length, "record")}; in {yearWords(totals[0].season, facts.southern)}{" "}
        {counted(totals[0].moves, "tree")} to work on, {number(totals[0].hours)} hours.
        {busiest && (
          <>
            {" "}
            Fullest month: {monthWord(`${busiest.month}-01`)} {busiest.month.slice(0, 4)},{" "}
            {number(busiest.minutes / 60)} hours
            {busiest.hours !== null ? ` of ${number(busiest.hours)} there are` : ""}.
          </>
        )}
      </p>
      {peak && (
        <Reasoned reason="Each step of the coming three seasons is put into a week of its own window so that the work above what the people have, and its peak, are least; ties go to the middle of the window. Solved as a small integer program, to within 1 % of the best.">
          <p data-testid="eased">
            {peak.hoursKnown && peak.overBefore === 0 ? "No week asks for more than there is. " : ""}
            {peak.moved === 0
              ? "The busiest week, not to be eased further, asks for "
              : "Peak eased: the busiest week asks for "}
            {number(peak.after, 1)} hours{peak.moved === 0 ? "" : ` instead of ${number(peak.before, 1)}`}
            {peak.hoursKnown && peak.overBefore > 0
              ? `, ${number(peak.overAfter, 1)} above what there is instead of ${number(peak.overBefore, 1)}`
              : ""}
            {peak.moved === 0
              ? ""
              : `; ${counted(peak.moved, "step")} shifted inside ${peak.moved === 1 ? "its window" : "their windows"}`}
            .
          </p>
        </Reasoned>
      )}
      {far.length > 0 && (
        <p data-testid="far">
          {counted(far.length, "tree")} will not reach {far.length === 1 ? "its goal" : "their goals"} within{" "}
          {counted(plan.seasons, "season")}
          {heavy.length > 0
            ? `; ${heavy.length === far.length ? "all" : number(heavy.length)} of them because nobody can lift what they would weigh (${listed(heavy)})`
            : ""}
          .
        </p>
      )}
      {off.length > 0 && <p className="text-sm">Without a plan of pots: {off.join(", ")}.</p>}
    </section>
  );
}
