"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/setup";
import type { SitePreview } from "@/contract/queries";
import { Chart } from "@/ui/charts";
import { ScrollBox } from "@/ui/fields";
import { editKey, type MonthEdits, readMonths } from "./read-answers";
import {
  celsius,
  celsiusShort,
  degreesApart,
  degreesUnit,
  millimetres,
  monthDay,
  month,
  number,
  type Units,
} from "@/words/format";

const MONTHS = Array.from({ length: 12 }, (_, m) => `2001-${String(m + 1).padStart(2, "0")}-01`);

/** The year as it is guessed: drawn, said in one line, and to be typed over month by month. */
export function Months({
  preview,
  units,
  edits,
  faults,
  onEdit,
  about,
}: {
  preview: SitePreview;
  units: Units;
  edits: MonthEdits;
  faults: Readonly<Record<string, string>>;
  onEdit: (edits: MonthEdits) => void;
  /** What it is called, and how what is typed stands to what was said before. */
  about: { title: string; order: string };
}) {
  // What is typed is drawn as soon as it can be read.
  const typed = readMonths(edits, preview, units);
  const drawn = (what: "low" | "high", m: number) => {
    const guess = what === "low" ? preview.tminC : preview.tmaxC;
    const said = (edits[editKey(what, m)] ?? "").trim() !== "" && !typed.problems[editKey(what, m)];
    return said && typed.months ? (what === "low" ? typed.months.tminC : typed.months.tmaxC)[m] : guess[m];
  };
  const rows = MONTHS.map((iso, m) => {
    const [low, high] = [drawn("low", m), drawn("high", m)];
    return { month: month(iso), range: [low, high] as const, high, low };
  });
  const frost =
    preview.lastSpringFrost === null || preview.firstAutumnFrost === null
      ? say.inMostYearsNoFrost
      : say.lastFrostAboutFirstAbout(monthDay(preview.lastSpringFrost), monthDay(preview.firstAutumnFrost));
  return (
    <section aria-label={about.title} data-testid="months" className="space-y-2">
      <h2 className="font-serif text-xl font-semibold">{about.title}</h2>
      <p>
        {say.coldestNightOfAnOrdinary(
          celsius(preview.coldestNightC, units),
          frost,
          celsius(preview.hotAfternoonC, units),
          millimetres(
            preview.rainMm.reduce((a, b) => a + b, 0),
            units,
          ),
        )}
      </p>
      <Chart
        label={say.meanLowestAndHighestTemperature(
          rows.map((r) => say.to(r.month, celsius(r.low, units), celsius(r.high, units))).join(", "),
        )}
        rows={rows}
        x="month"
        unit={degreesUnit(units)}
        value={(v, short) => (short ? celsiusShort(v, units) : celsius(v, units))}
        series={[
          { key: "range", name: say.usualDayNightToAfternoon, as: "band", tone: "earth" },
          { key: "high", name: say.meanHighest, as: "line", tone: "ochre" },
          { key: "low", name: say.meanLowest, as: "line", tone: "frost" },
        ]}
        limits={[{ at: 0, name: "freezing" }]}
        heightPx={190}
      />
      <p className="text-sm">
        {say.carriedOverFromTheNearest(
          number(preview.nearest.distanceKm),
          degreesApart(preview.errorC, units),
          about.order,
        )}
      </p>
      <details>
        <summary className="min-h-11 cursor-pointer content-center">{say.changeSingleMonths}</summary>
        <ScrollBox label={common.months}>
          <table className="table-sm table">
            <thead>
              <tr>
                <th scope="col">{say.month}</th>
                <th scope="col">{say.meanLowestHead}</th>
                <th scope="col">{say.meanHighestHead}</th>
                <th scope="col">{say.rain}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row, m) => (
                <tr key={row.month}>
                  <th scope="row" className="font-normal">
                    {row.month}
                  </th>
                  {(["low", "high"] as const).map((what) => (
                    <td key={what}>
                      <input
                        className={`input w-24 ${faults[editKey(what, m)] ? "input-error" : ""}`}
                        inputMode="decimal"
                        aria-label={say.mean(row.month, what === "low" ? "lowest" : "highest")}
                        aria-invalid={faults[editKey(what, m)] !== undefined}
                        placeholder={celsius((what === "low" ? preview.tminC : preview.tmaxC)[m], units)}
                        value={edits[editKey(what, m)] ?? ""}
                        onChange={(e) => onEdit({ ...edits, [editKey(what, m)]: e.target.value })}
                      />
                      {faults[editKey(what, m)] && (
                        <span role="alert" className="text-error block text-sm font-semibold">
                          {faults[editKey(what, m)]}
                        </span>
                      )}
                    </td>
                  ))}
                  <td>{millimetres(preview.rainMm[m], units)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollBox>
      </details>
    </section>
  );
}
