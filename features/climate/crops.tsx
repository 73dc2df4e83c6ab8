"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/crops";
import { useAsOf } from "@/features/kernel/as-of";
import { day, degreeDays, number, percent, type Units } from "@/words/format";
import { ScrollBox, Why } from "@/ui/fields";

export interface CropOfKind {
  name: string;
  asks: { amount: number; unit: "degree-days" | "ripening-days" };
  /** What the middle season brings, in the same unit. */
  season: number;
  /** By weeks brought on in warmth: chance, and the middle day it ripens. */
  outlooks: { weeks: number; chance: number; ripeOn: string | null }[];
}

/** Whether a crop ripens here before its season ends, and what an early start in warmth gains. */
export function CropView({ crops, generated }: { crops: CropOfKind[]; generated: boolean }) {
  const { units } = useAsOf();
  if (crops.length === 0) return null;
  const weeks = crops[0].outlooks.map((o) => o.weeks);
  return (
    <section aria-label={say.ripening}>
      <p className="text-sm">
        <span className="badge badge-warning mr-2">{common.guess}</span>
        {say.whatAMiddlingCultivarAsks(generated ? say.generatedYearsOfThisSite : say.yearsLikeThoseOfYour)}
      </p>
      <ScrollBox label={say.chanceThatCropsRipen}>
        <table className="table-sm mt-2 table" data-testid="crops">
          <thead>
            <tr>
              <th scope="col">{common.species}</th>
              <th scope="col">{say.asksFor}</th>
              <th scope="col">{say.middleSeasonGives}</th>
              {weeks.map((w) => (
                <th key={w} scope="col">
                  {w === 0 ? say.outdoorsAllYear : say.weeksEarlyInWarmth(number(w))}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {crops.map((c) => (
              <tr key={c.name}>
                <th scope="row" className="font-normal">
                  {c.name}
                </th>
                <td>{amountWords(c.asks.amount, units, c.asks.unit)}</td>
                <td>{amountWords(c.season, units, c.asks.unit)}</td>
                {c.outlooks.map((o) => (
                  <td key={o.weeks}>
                    <b>{percent(o.chance)}</b>
                    {o.ripeOn ? say.about(day(o.ripeOn, o.ripeOn)) : ""}
                    {o.weeks > 0 && gained(c.outlooks[0].ripeOn, o.ripeOn)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
      <Why reason={say.fruitOfTimedSpeciesTakes}>
        <span className="text-sm">{say.howItIsCounted}</span>
      </Why>
    </section>
  );
}

const amountWords = (amount: number, units: Units, unit: CropOfKind["asks"]["unit"]) =>
  unit === "degree-days" ? degreeDays(amount, units) : say.warmDays(number(amount));

function gained(without: string | null, early: string | null): string {
  if (without === null || early === null) return "";
  const days = Math.round((Date.parse(without) - Date.parse(early)) / 86_400_000);
  return days > 0 ? say.daysEarlier(number(days)) : "";
}
