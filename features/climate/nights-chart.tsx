"use client";

import * as say from "@/words/pages/climate/nights-chart";
import { Z90 } from "@/core/math/index";
import { celsius, celsiusShort, day, degreesUnit } from "@/words/format";
import { Chart, type ChartRow } from "@/ui/charts/index";
import { useAsOf } from "@/features/kernel/as-of";
import type { AtRisk } from "./ahead";
import type { DrawnNight } from "./nights";

/** Wood that dies far below these nights is told in words, not by squeezing the nights flat, K. */
const FAR_BELOW_C = 12;

/** Each night with its band for eight of ten and the day's highest, and where one kind's wood dies; null: far below. */
export function nightRows(nights: readonly DrawnNight[], group: AtRisk | null, today: string): ChartRow[] {
  const lows = nights.map((n, k) => group?.minC[k] ?? n.minC);
  const near = Math.min(...lows) - FAR_BELOW_C;
  const drawn = (c: number | undefined) => (c !== undefined && c > near ? c : null);
  return nights.map((n, k) => ({
    night: day(n.on, today),
    band: [lows[k] - Z90 * n.minErrorC, lows[k] + Z90 * n.minErrorC] as const,
    low: lows[k],
    high: n.maxC,
    tender: drawn(group?.lt50.tender[k]),
    middle: drawn(group?.lt50.middle[k]),
  }));
}

/** The nights ahead, and the hardiness of one kind's wood running beneath. */
export function NightsChart({ nights, group }: { nights: DrawnNight[]; group: AtRisk | null }) {
  const { units, today } = useAsOf();
  const rows = nightRows(nights, group, today);
  const inside = rows.some((row) => row.tender !== null);
  const usual = nights.find((n) => n.basis === "usual");
  return (
    <figure className="mt-2 max-w-4xl">
      <Chart
        label={rows.map((row) => `${String(row.night)}: ${celsius(Number(row.low), units)}`).join("; ")}
        rows={rows}
        x="night"
        series={[
          { key: "band", name: say.nightEightOfTen, as: "band", tone: "frost" },
          { key: "low", name: `night${group?.place ? say.at(group.place) : ""}`, as: "line", tone: "night" },
          { key: "high", name: say.daysHighest, as: "line", tone: "ochre" },
          ...(group && inside
            ? ([
                { key: "middle", name: say.halfOfItsWoodDies, as: "line", tone: "wood" },
                { key: "tender", name: say.ofTheTenderOnes, as: "dashes", tone: "wood" },
              ] as const)
            : []),
        ]}
        limits={[{ at: 0, name: "" }]}
        unit={degreesUnit(units)}
        value={(v, short) => (short ? celsiusShort(v, units) : celsius(v, units))}
        heightPx={270}
      />
      <figcaption className="text-sm">
        {usual ? say.fromOnItIsWhat(day(usual.on, today)) : ""}
        {group && (inside ? say.aNightsBandThatReaches : say.halfOfItsWoodDiesAt(celsius(group.lt50.middle[0], units)))}
      </figcaption>
    </figure>
  );
}
