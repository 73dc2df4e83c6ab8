"use client";

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
        Pots to buy
      </h2>
      {lines.length === 0 ? (
        <p>{plan.pots.length === 0 ? "None: what is in store will do." : "None in the coming two seasons."}</p>
      ) : (
        <ScrollBox label="Pots to buy">
          <table className="table-sm table">
            <thead>
              <tr>
                <th>Season</th>
                <th className="text-right">How many</th>
                <th className="text-right">Mix</th>
                <th>Pot</th>
                <th className="text-right">{facts.currency}</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((p) => (
                <tr key={`${p.season}${p.potId}`}>
                  <td>{yearWords(p.season, facts.southern)}</td>
                  <td className="text-right">{number(p.count)}</td>
                  <td className="text-right whitespace-nowrap">{litres(p.volumeL, units)}</td>
                  <td>{p.name || "any; price guessed"}</td>
                  <td className="text-right">{number(p.price)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollBox>
      )}
      {!all && lines.length < plan.pots.length && (
        <button type="button" className="btn no-print min-h-11" onClick={() => setAll(true)}>
          All seasons
        </button>
      )}
    </section>
  );
}
