"use client";

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
    <section aria-label="Ripening">
      <p className="text-sm">
        <span className="badge badge-warning mr-2">guess</span>
        What a middling cultivar asks for is our own figure; cultivars differ by about an eighth either way, which is in
        the chance. {generated ? "Generated years of this site." : "Years like those of your record."}
      </p>
      <ScrollBox label="Chance that crops ripen">
        <table className="table-sm mt-2 table" data-testid="crops">
          <thead>
            <tr>
              <th scope="col">Species</th>
              <th scope="col">Asks for</th>
              <th scope="col">Middle season gives</th>
              {weeks.map((w) => (
                <th key={w} scope="col">
                  {w === 0 ? "Outdoors all year" : `${number(w)} weeks early in warmth`}
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
                    {o.ripeOn ? `, about ${day(o.ripeOn, o.ripeOn)}` : ""}
                    {o.weeks > 0 && gained(c.outlooks[0].ripeOn, o.ripeOn)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </ScrollBox>
      <Why reason="Fruit of timed species takes so many warm days from full bloom (figs and mulberries from bud break): a day of 20 °C counts whole, a cold one half, and for fruit of hot summers not at all. Of other kinds warmth above 10 °C is summed from bud break. Both until the leaves fall or a night of −2 °C. For an early start the tree stands bright at 12 to 18 °C for those weeks and goes out on the one-in-ten day of the last frost: until then it needs frost-free nights. Buds only follow warmth once their winter chill is met.">
        <span className="text-sm">How it is counted</span>
      </Why>
    </section>
  );
}

const amountWords = (amount: number, units: Units, unit: CropOfKind["asks"]["unit"]) =>
  unit === "degree-days" ? degreeDays(amount, units) : `${number(amount)} warm days`;

function gained(without: string | null, early: string | null): string {
  if (without === null || early === null) return "";
  const days = Math.round((Date.parse(without) - Date.parse(early)) / 86_400_000);
  return days > 0 ? ` (${number(days)} days earlier)` : "";
}
