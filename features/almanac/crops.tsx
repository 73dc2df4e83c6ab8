"use client";

import { day, number, percent } from "@/words/format";
import { ScrollBox, Why } from "@/ui/fields";

export interface CropOfKind {
  name: string;
  needs: number;
  /** Warmth of the middle season. */
  season: number;
  /** By weeks brought on in warmth: chance, and the middle day it ripens. */
  outlooks: { weeks: number; chance: number; ripeOn: string | null }[];
}

/** Whether a crop ripens here before its season ends, and what an early start in warmth gains. */
export function CropView({ crops, generated }: { crops: CropOfKind[]; generated: boolean }) {
  if (crops.length === 0) return null;
  const weeks = crops[0].outlooks.map((o) => o.weeks);
  return (
    <section aria-label="Ripening">
      <h2 className="text-lg">Will the crop ripen?</h2>
      <p className="text-sm">
        <span className="badge badge-warning mr-2">guess</span>
        Warmth a middling cultivar asks for is our own figure; cultivars differ by about an eighth either way, which is
        in the chance. {generated ? "Generated years of this site." : "Years like those of your record."}
      </p>
      <ScrollBox label="Chance that crops ripen">
        <table className="table-sm mt-2 table" data-testid="crops">
          <thead>
            <tr>
              <th scope="col">Kind</th>
              <th scope="col">Asks for, °C·d</th>
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
                <td>{number(c.needs)}</td>
                <td>{number(c.season)}</td>
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
      <Why reason="Warmth above 10 °C is summed from bud break until the leaves fall or a night of −2 °C. For an early start the tree stands bright at 12 to 18 °C for those weeks and goes out on the one-in-ten day of the last frost: until then it needs frost-free nights. Buds only follow warmth once their winter chill is met.">
        <span className="text-sm">How it is counted</span>
      </Why>
    </section>
  );
}

function gained(without: string | null, early: string | null): string {
  if (without === null || early === null) return "";
  const days = Math.round((Date.parse(without) - Date.parse(early)) / 86_400_000);
  return days > 0 ? ` (${number(days)} days earlier)` : "";
}
