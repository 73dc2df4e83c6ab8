"use client";

import * as say from "@/words/pages/plan/windows";
import { toIso } from "@/core/dates/index";
import type { HalfDay } from "@/core/window/index";
import { celsius, number } from "@/words/format";
import { weekday } from "@/words/format";
import { HALF_DAY_WORDS, halfDayWords } from "@/words/windows";
import { useAsOf } from "@/features/kernel/as-of";
import { SimulatedMark } from "@/features/kernel/simulated";

/** The coming half-days by the forecast, the best of the week first named, then all of them. */
export function HalfDays({
  halves,
  best,
  open,
  near,
}: {
  halves: readonly HalfDay[];
  best: readonly HalfDay[];
  open: boolean;
  near: string;
}) {
  const { units } = useAsOf();
  if (halves.length === 0) return <p className="mt-2 text-sm opacity-80">{say.noForecastReachesThisDay}</p>;
  const name = (h: HalfDay) => halfDayWords(h, near, units);
  const days = [...new Set(halves.map((h) => h.day))];
  return (
    <div className="mt-2">
      <p className="text-sm" data-testid="best-halves">
        <b>{open ? say.bestHalfDaysOfThe : say.wereItOpenTheBest}</b>:{" "}
        {best.length === 0 ? say.noneOfThemSuitsHeat : best.map(name).join("; ")} <SimulatedMark />
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say.halfDaysAhead}>
        <table className="mt-1 w-full text-center text-xs">
          <thead>
            <tr>
              <th className="text-left font-medium">{say.forecast}</th>
              {days.map((d) => (
                <th key={d} className="px-1 font-medium" scope="col">
                  {weekday(toIso(d))}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {(["morning", "evening"] as const).map((half) => (
              <tr key={half}>
                <th scope="row" className="text-left font-medium">
                  {half}
                </th>
                {days.map((d) => {
                  const h = halves.find((x) => x.day === d && x.half === half)!;
                  return (
                    <td key={d} className={`px-1 ${h.suitability >= 0.5 ? "" : "bg-[#e3d9c3]"}`}>
                      {celsius(h.tempC, units).replace(" ", " ")}
                      <br />
                      {HALF_DAY_WORDS[h.reason]}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-xs opacity-80">
        {say.byTheForecastUncertainBy(number(halves[0].errorC, 1), number(halves.at(-1)!.errorC, 1))}
      </p>
    </div>
  );
}
