"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/pots-table";
import { useState } from "react";
import { useAsOf } from "@/features/kernel/as-of";
import { ScrollBox } from "@/ui/fields";
import { litres, number } from "@/words/format";
import { yearWords } from "@/words/ladder";
import { type LaddersFacts } from "./facts";
import type { CollectionPlan } from "./plan";

/** Pots the plans need that nobody has. */
export function PotsTable({ plan, facts }: { plan: CollectionPlan; facts: LaddersFacts }) {
  const { units } = useAsOf();
  const [all, setAll] = useState(false);
  const lines = all ? plan.pots : plan.pots.filter((p) => p.season < plan.firstSeason + 2);
  return (
    <section aria-labelledby="pots" className="mt-4">
      <h2 id="pots" className="text-lg">
        {say.potsToBuy}
      </h2>
      {lines.length === 0 ? (
        <p>{plan.pots.length === 0 ? say.noneWhatIsInStore : say.noneInTheComingTwo}</p>
      ) : (
        <ScrollBox label={say.potsToBuy}>
          <table className="table-sm table">
            <thead>
              <tr>
                <th>{say.season}</th>
                <th className="text-right">{say.howMany}</th>
                <th className="text-right">{common.mix}</th>
                <th>{common.pot}</th>
                <th className="text-right">{facts.currency}</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((p) => (
                <tr key={`${p.season}${p.potId}`}>
                  <td>{yearWords(p.season, facts.southern)}</td>
                  <td className="text-right">{number(p.count)}</td>
                  <td className="text-right whitespace-nowrap">{litres(p.volumeL, units)}</td>
                  <td>{p.name || say.anyPriceGuessed}</td>
                  <td className="text-right">{number(p.price)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollBox>
      )}
      {!all && lines.length < plan.pots.length && (
        <button type="button" className="btn no-print min-h-11" onClick={() => setAll(true)}>
          {say.allSeasons}
        </button>
      )}
    </section>
  );
}
