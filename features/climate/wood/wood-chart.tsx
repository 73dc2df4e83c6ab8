"use client";

import * as say from "@/words/pages/climate/wood";
import { toDay } from "@/core/dates/index";
import { RIPE_FROM } from "@/core/wood/index";
import { useAsOf } from "@/features/kernel/as-of";
import { Chart, type ChartRow, dayAxis } from "@/ui/charts/index";
import { celsius, celsiusShort, degreesUnit, percent, type Units } from "@/words/format";
import type { WoodPicture } from "./picture";

/** Warmer nights say nothing of hardiness, °C. */
const WARMEST_C = 12;
/** Read off together. */
const TOGETHER = "wood";
/** So sure potting up asks to be, per cent. */
const SAFE = 90;

/** Ripeness, hardiness, nights and safe days, step by step through the season. */
export function woodRows(p: WoodPicture): ChartRow[] {
  const start = toDay(p.from);
  return p.ripe.p50.map((ripe, k) => ({
    day: start + k * p.stepDays,
    ripeBand: [p.ripe.p10[k], p.ripe.p90[k]] as const,
    ripe,
    shoots: p.shoots?.[k] ?? null,
    coldBand: [Math.min(p.hardy.hardy[k], WARMEST_C), Math.min(p.hardy.tender[k], WARMEST_C)] as const,
    cold: Math.min(p.hardy.middle[k], WARMEST_C),
    once: p.coldNight[k],
    recorded: p.recorded[k],
    safe: p.safe[k],
  }));
}

/** Ripeness above, hardiness against the nights in the middle, safe days for potting on beneath: one axis of time for all. */
export function WoodChart({ picture: p }: { picture: WoodPicture }) {
  const { on, today, units } = useAsOf();
  const rows = woodRows(p);
  const start = toDay(p.from);
  const axis = dayAxis(start, p.days, today);
  const inside = (iso: string) => toDay(iso) >= start && toDay(iso) < start + p.days;
  const marks = [
    ...(inside(today) ? [{ at: toDay(today), name: "today" }] : []),
    ...(on !== today && inside(on) ? [{ at: toDay(on), name: "", tone: "ink" as const }] : []),
  ];
  const lowest = Math.floor((Math.min(...p.hardy.hardy, ...p.coldNight) - 1) / 5) * 5;
  const share = (v: number) => percent(v / 100);
  const end = start + p.days - 1;
  return (
    <figure className="max-w-4xl" aria-label={say.courseOfTheSeason}>
      <Chart
        label={spoken(p, units)}
        rows={rows}
        x="day"
        axis={axis}
        syncId={TOGETHER}
        series={[
          { key: "ripeBand", name: say.eightCoursesOfTen, as: "band", tone: "wood" },
          { key: "ripe", name: p.shoots ? say.theTips : say.theWood, as: "line", tone: "wood" },
          ...(p.shoots
            ? ([{ key: "shoots", name: say.shootsWithoutTheLateOnes, as: "dashes", tone: "wood" }] as const)
            : []),
        ]}
        limits={[{ at: 100 * RIPE_FROM, name: "ripe" }]}
        marks={marks}
        range={[0, 100]}
        ticks={[0, 50, 100]}
        unit={say.ripenessOfTheSeasonsWood}
        value={share}
        heightPx={190}
      />
      <Chart
        label={say.coldThatKillsHalfOf}
        rows={rows}
        x="day"
        axis={axis}
        syncId={TOGETHER}
        series={[
          { key: "coldBand", name: say.tenderToHardy, as: "band", tone: "bark" },
          { key: "cold", name: say.killsHalfOfIt, as: "line", tone: "wood" },
          { key: "once", name: say.nightOnceInTenYears, as: "dashes", tone: "frost" },
          { key: "recorded", name: say.recordedNights, as: "thin", tone: "night" },
        ]}
        marks={marks}
        range={[lowest, WARMEST_C]}
        ticks={[-40, -30, -20, -10, 0, 10].filter((c) => c >= lowest)}
        unit={say.coldThatKillsHalfOfIt(degreesUnit(units))}
        value={(v, short) => (short ? celsiusShort(v, units) : celsius(v, units))}
        heightPx={230}
      />
      <Chart
        label={say.daysOnWhichPottingUp}
        rows={rows}
        x="day"
        axis={axis}
        syncId={TOGETHER}
        series={[{ key: "safe", name: say.endsWell, as: "filled", tone: "safe" }]}
        limits={[{ at: SAFE, name: "" }]}
        marks={marks}
        spans={p.periods
          .map(({ from, to }) => ({ from: Math.max(start, toDay(from)), to: Math.min(end, toDay(to)) }))
          .filter(({ from, to }) => to > from)}
        range={[0, 100]}
        ticks={[0, 50, 100]}
        unit={say.pottingUpThatDayEnds}
        value={share}
        heightPx={110}
      />
      <figcaption className="text-sm">{say.shadedAtTheFootOpen}</figcaption>
    </figure>
  );
}

function spoken(p: WoodPicture, units: Units): string {
  const coldest = Math.min(...p.hardy.middle);
  return say.ripenessHardinessAndSafeDays(p.label, p.season, celsius(coldest, units));
}
