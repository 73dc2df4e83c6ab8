"use client";

import * as say from "@/words/pages/plan/schools";
import type { LadderTerms, SchoolTotal } from "@/core/ladder/index";
import { Reasoned, ScrollBox } from "@/ui/fields";
import { litres, number } from "@/words/format";
import { counted, SCHOOL_WORDS, yearWords } from "@/words/ladder";
import { useAsOf } from "@/features/kernel/as-of";
import type { CollectionPlan } from "./plan";

/** The same trees by each school, side by side. */
export function Schools({
  plan,
  schools,
  facts,
}: {
  plan: CollectionPlan;
  schools: readonly SchoolTotal[];
  facts: { southern: boolean; currency: string; terms: Pick<LadderTerms, "school"> };
}) {
  const { units } = useAsOf();
  return (
    <section aria-labelledby="schools" className="mt-4" data-testid="schools">
      <h2 id="schools" className="text-lg">
        {say.ifAllWentByOne}
      </h2>
      <Reasoned reason={say.allTreesPlannedAgainBy(yearWords(plan.firstSeason, facts.southern), plan.seasons)}>
        <ScrollBox label={say.schoolsSideBySide}>
          <table className="table-sm table">
            <thead>
              <tr>
                <th>{say.school}</th>
                {schools[0].seasons.map((_, i) => (
                  <th key={i} className="text-right">
                    {yearWords(plan.firstSeason + i, facts.southern)}
                  </th>
                ))}
                <th className="text-right">{say.atTheirGoal}</th>
                <th className="text-right">{say.liftingsAPlant}</th>
              </tr>
            </thead>
            <tbody>
              {schools.map((s) => (
                <tr key={s.school} className={s.school === facts.terms.school ? "font-medium" : ""}>
                  <td>{SCHOOL_WORDS[s.school].name}</td>
                  {s.seasons.map((y, i) => (
                    <td key={i} className="text-right">
                      {counted(y.plants, "plant")}, {litres(y.mixL, units)}, {say.hours(number(y.minutes / 60))}{" "}
                      {number(y.money)} {facts.currency}
                    </td>
                  ))}
                  <td className="text-right">{say.ofLabel(number(s.reached), number(s.plants))}</td>
                  <td className="text-right">{number(s.handlings / Math.max(1, s.plants), 1)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollBox>
      </Reasoned>
    </section>
  );
}
