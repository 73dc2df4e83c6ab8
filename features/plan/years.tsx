"use client";

import { useState } from "react";
import { useAsOf } from "@/features/kernel/as-of";
import { Chart } from "@/ui/charts/index";
import { Caution, Reasoned } from "@/ui/fields";
import { area, areaUnit, kilograms, litres, month as monthWord, number } from "@/words/format";
import { counted, yearWords } from "@/words/ladder";
import { Changed } from "./changed";
import { type LaddersFacts } from "./facts";
import { Headline } from "./headline";
import { NextSteps } from "./next-steps";
import type { CollectionPlan, PlannedMonth } from "./plan";
import { PotsTable } from "./pots-table";
import { roomWords } from "./room-words";
import { Schools } from "./schools";
import { Shelves } from "./shelves";

/** Months of a growing season in order: from its midwinter's month on. */
function monthsOf(season: number, southern: boolean): string[] {
  const first = southern ? 7 : 1;
  return Array.from({ length: 12 }, (_, i) => {
    const m = first + i;
    const [year, month] = m > 12 ? [season + 1, m - 12] : [season, m];
    return `${year}-${String(month).padStart(2, "0")}`;
  });
}

/** The months of the coming seasons, room and money, pots to buy, and each tree's next step. */
export function Years({ plan, planId, facts }: { plan: CollectionPlan; planId: string; facts: LaddersFacts }) {
  const { units } = useAsOf();
  const byMonth = new Map(plan.months.map((m) => [m.month, m]));
  const seasons = Array.from({ length: plan.seasons }, (_, i) => plan.firstSeason + i);
  const [shownYears, setShownYears] = useState(3);
  const largestHours = Math.max(1, ...plan.months.map((m) => m.minutes / 60));
  // Drawn in the unit it is told in, so that the axis has round figures.
  const { name: areaName, perM2 } = areaUnit(units);
  const totals = seasons.map((season) => {
    const months = monthsOf(season, facts.southern).flatMap((m) => byMonth.get(m) ?? []);
    const sum = (of: (m: PlannedMonth) => number) => months.reduce((t, m) => t + of(m), 0);
    return {
      season,
      moves: sum((m) => m.moves),
      mixL: sum((m) => m.mixL),
      money: sum((m) => m.money),
      hours: sum((m) => m.minutes / 60),
      kg: sum((m) => m.kg),
      heaviestKg: Math.max(0, ...months.map((m) => m.heaviestKg)),
      tooHeavy: sum((m) => m.tooHeavy),
    };
  });
  const { budget } = facts.terms;
  return (
    <>
      <Headline plan={plan} totals={totals} facts={facts} />
      <section aria-labelledby="shelves" className="mt-3">
        <h2 id="shelves" className="text-lg">
          Months
        </h2>
        <p className="text-sm">
          Hours of work; a board sags as it nears what your people have, and is red beyond it. Crossed out: something in
          it is heavier than {kilograms(plan.liftKg, units)}.
        </p>
        {totals.slice(0, shownYears).map((t) => {
          const keys = monthsOf(t.season, facts.southern);
          return (
            <div key={t.season} className="mt-2" data-testid={`year-${t.season}`}>
              <h3 className="font-semibold">
                {yearWords(t.season, facts.southern)}
                <span className="ml-3 text-sm font-normal">
                  {counted(t.moves, "tree")} to work on, {litres(t.mixL, units)} of mix, {number(t.money)}{" "}
                  {facts.currency}
                  {budget !== null && t.money > budget ? ` (above the ${number(budget)} a year)` : ""},{" "}
                  {number(t.hours)} hours, {kilograms(t.kg, units)} lifted, heaviest {kilograms(t.heaviestKg, units)}
                  {t.tooHeavy > 0 ? `, ${counted(t.tooHeavy, "lifting")} above ${kilograms(plan.liftKg, units)}` : ""}
                </span>
              </h3>
              <Shelves
                months={keys.map((k) => byMonth.get(k) ?? null)}
                names={keys.map((k) => monthWord(`${k}-01`))}
                largestHours={largestHours}
                season={yearWords(t.season, facts.southern)}
              />
            </div>
          );
        })}
        {shownYears < totals.length && (
          <button type="button" className="btn no-print mt-1 min-h-11" onClick={() => setShownYears(totals.length)}>
            All {number(totals.length)} seasons
          </button>
        )}
      </section>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        <section aria-labelledby="room">
          <h2 id="room" className="text-lg">
            Room
          </h2>
          <Reasoned reason="The square of each pot and six centimetres to the next; a guess for pots nobody has measured. Carried in counts trees that were indoors and out again within the last thirteen months.">
            <Chart
              label="Room on the ground by season, in summer and of what is carried in"
              rows={plan.areas.map((a) => ({
                season: yearWords(a.season, facts.southern),
                summer: a.summerM2 * perM2,
                winter: a.winterM2 * perM2,
              }))}
              x="season"
              series={[
                { key: "summer", name: "in summer", as: "line", tone: "ochre" },
                { key: "winter", name: "carried in", as: "dashes", tone: "frost" },
              ]}
              unit={areaName}
              value={(v, short) => (short ? number(v, v < 10 ? 1 : 0) : area(v / perM2, units))}
            />
            <p className="text-sm" data-testid="room-words">
              {roomWords(plan, facts, units)}
            </p>
          </Reasoned>
        </section>
        <section aria-labelledby="money">
          <h2 id="money" className="text-lg">
            Money for pots and mix
          </h2>
          <Reasoned reason="Prices from Pots & mixes where they are recorded; otherwise a guess: 1.5 times litres to the power .7 for a pot.">
            <Chart
              label="Money for pots and mix by season"
              rows={totals.map((y) => ({ season: yearWords(y.season, facts.southern), money: y.money }))}
              x="season"
              series={[{ key: "money", name: "pots and mix", as: "bars", tone: "earth" }]}
              unit={facts.currency}
              value={(v, short) => (short ? number(v) : `${number(v)} ${facts.currency}`)}
            />
          </Reasoned>
        </section>
      </div>
      {plan.schools && <Schools plan={plan} schools={plan.schools} facts={facts} />}
      <PotsTable plan={plan} facts={facts} />
      <NextSteps plan={plan} planId={planId} facts={facts} />
      <Changed plan={plan} southern={facts.southern} />
      <Caution className="mt-4">
        <p>
          Masses are wet pot and mix without the tree. What hands may lift follows general guidance and each person’s
          own limit: local rules come first. Above it: sack truck, ramp, hoist with trained people.
        </p>
      </Caution>
    </>
  );
}
