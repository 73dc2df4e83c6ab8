"use client";

import * as say from "@/words/pages/winter/pot";
import type { RootLimits, WinterOutlook } from "@/core/winter/index";
import { toIso } from "@/core/dates/index";
import { Chart, type ChartRow, dayAxis } from "@/ui/charts/index";
import { celsius, celsiusShort, degreesUnit, number, type Units } from "@/words/format";

/** Warmer than this says nothing of a winter, °C. */
const WARMEST_C = 12;

/** The coldest of each day at the wall and in the core: the middle winter, and down to one in ten. */
export function ribbonRows({ shell10C, shell50C, core10C, core50C, startDay }: WinterOutlook): ChartRow[] {
  return Array.from(shell50C, (wall, d) => ({
    day: startDay + d,
    wallBand: [shell10C[d], wall] as const,
    wall,
    coreBand: [core10C[d], core50C[d]] as const,
    core: core50C[d],
  }));
}

/** The winter as a ribbon: the coldest of each day at the wall and in the core, and the temperatures that kill. */
export function Ribbon({
  outlook,
  limits,
  today,
  units,
}: {
  outlook: WinterOutlook;
  limits: RootLimits;
  today: number | null;
  units: Units;
}) {
  const { shell10C, shell50C, startDay } = outlook;
  const days = shell50C.length;
  const low = Math.min(limits.matureC, limits.youngC, ...shell10C) - 1;
  const on = today !== null && today >= startDay && today < startDay + days;
  return (
    <div role="group" aria-label={say.theWinterDayByDay}>
      <Chart
        label={say.coldestAtTheWallIn(
          celsius(outlook.coldestShellC[0], units),
          celsius(outlook.coldestShellC[1], units),
          celsius(outlook.coldestCoreC[0], units),
          celsius(outlook.coldestCoreC[1], units),
        )}
        rows={ribbonRows(outlook)}
        x="day"
        axis={dayAxis(startDay, days, toIso(startDay))}
        series={[
          { key: "wallBand", name: say.wallOneInTen, as: "band", tone: "frost" },
          { key: "wall", name: say.wallMiddleWinter, as: "line", tone: "frost" },
          { key: "coreBand", name: say.coreOneInTen, as: "band", tone: "core" },
          { key: "core", name: say.coreMiddleWinter, as: "dashes", tone: "core" },
        ]}
        limits={[
          { at: limits.youngC, name: say.killsYoungRoots(celsius(limits.youngC, units)), tone: "kill" },
          {
            at: limits.matureC,
            name: say.killsMatureRoots(celsius(limits.matureC, units)),
            tone: "kill",
            under: true,
          },
        ]}
        marks={on ? [{ at: today, name: "today" }] : []}
        range={[low, WARMEST_C]}
        ticks={[10, 0, -5, -10, -15, -20, -30].filter((t) => t > low)}
        unit={degreesUnit(units)}
        value={(v, short) => (short ? celsiusShort(v, units) : celsius(v, units))}
        heightPx={300}
      />
      <p className="text-sm">{say.theColdestOfEachOf(number(days))}</p>
    </div>
  );
}
