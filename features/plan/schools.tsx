"use client";

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
        If all went by one school
      </h2>
      <Reasoned
        reason={`All trees planned again by each school’s weights, free of what was accepted. Work and mix of ${yearWords(plan.firstSeason, facts.southern)} and the season after; goals and liftings within the ${plan.seasons} seasons shown. None is better in itself: they weigh work, risk and growth differently.`}
      >
        <ScrollBox label="Schools side by side">
          <table className="table-sm table">
            <thead>
              <tr>
                <th>School</th>
                {schools[0].seasons.map((_, i) => (
                  <th key={i} className="text-right">
                    {yearWords(plan.firstSeason + i, facts.southern)}
                  </th>
                ))}
                <th className="text-right">At their goal</th>
                <th className="text-right">Liftings a plant</th>
              </tr>
            </thead>
            <tbody>
              {schools.map((s) => (
                <tr key={s.school} className={s.school === facts.terms.school ? "font-medium" : ""}>
                  <td>{SCHOOL_WORDS[s.school].name}</td>
                  {s.seasons.map((y, i) => (
                    <td key={i} className="text-right">
                      {counted(y.plants, "plant")}, {litres(y.mixL, units)}, {number(y.minutes / 60)} h,{" "}
                      {number(y.money)} {facts.currency}
                    </td>
                  ))}
                  <td className="text-right">
                    {number(s.reached)} of {number(s.plants)}
                  </td>
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
