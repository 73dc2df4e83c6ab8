"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/years";
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
          {common.months}
        </h2>
        <p className="text-sm">{say.hoursOfWorkABoard(kilograms(plan.liftKg, units))}</p>
        {totals.slice(0, shownYears).map((t) => {
          const keys = monthsOf(t.season, facts.southern);
          return (
            <div key={t.season} className="mt-2" data-testid={`year-${t.season}`}>
              <h3 className="font-semibold">
                {yearWords(t.season, facts.southern)}
                <span className="ml-3 text-sm font-normal">
                  {say.toWorkOnOfMix(
                    counted(t.moves, "tree"),
                    litres(t.mixL, units),
                    number(t.money),
                    facts.currency,
                    budget !== null && t.money > budget ? say.aboveTheAYear(number(budget)) : "",
                    number(t.hours),
                    kilograms(t.kg, units),
                    kilograms(t.heaviestKg, units),
                    t.tooHeavy > 0 ? say.above(counted(t.tooHeavy, "lifting"), kilograms(plan.liftKg, units)) : "",
                  )}
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
            {say.allSeasons(number(totals.length))}
          </button>
        )}
      </section>
      <div className="mt-4 grid gap-6 lg:grid-cols-2">
        <section aria-labelledby="room">
          <h2 id="room" className="text-lg">
            {say.room}
          </h2>
          <Reasoned reason={say.theSquareOfEachPot()}>
            <Chart
              label={say.roomOnTheGroundBy}
              rows={plan.areas.map((a) => ({
                season: yearWords(a.season, facts.southern),
                summer: a.summerM2 * perM2,
                winter: a.winterM2 * perM2,
              }))}
              x="season"
              series={[
                { key: "summer", name: say.inSummer, as: "line", tone: "ochre" },
                { key: "winter", name: say.carriedIn, as: "dashes", tone: "frost" },
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
            {say.moneyForPotsAndMix}
          </h2>
          <Reasoned reason={say.pricesFromPotsMixesWhere()}>
            <Chart
              label={say.moneyForPotsAndMixBy}
              rows={totals.map((y) => ({ season: yearWords(y.season, facts.southern), money: y.money }))}
              x="season"
              series={[{ key: "money", name: say.potsAndMix, as: "bars", tone: "earth" }]}
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
        <p>{say.massesAreWetPotAnd}</p>
      </Caution>
    </>
  );
}
