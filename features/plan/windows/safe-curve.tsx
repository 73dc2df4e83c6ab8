import * as say from "@/words/pages/plan/windows";
import { toDay, toIso } from "@/core/dates/index";
import type { OperationWindow } from "@/model/index";
import { Chart, type ChartRow, dayAxis } from "@/ui/charts/index";
import { day, percent } from "@/words/format";

/** Share of weather years in which the work ends well, step by step. */
export const safeRows = ({ curve }: OperationWindow): ChartRow[] =>
  curve.safe.map((safe, i) => ({ day: toDay(curve.from) + i * curve.stepDays, safe }));

/** Stretches in which nothing holds the work back. */
export function openSpans({ curve }: OperationWindow): { from: number; to: number }[] {
  const start = toDay(curve.from);
  const spans: { from: number; to: number }[] = [];
  curve.suitability.forEach((v, i) => {
    if (v < 100) return;
    const [from, to] = [start + i * curve.stepDays, start + (i + 1) * curve.stepDays];
    const last = spans.at(-1);
    if (last?.to === from) last.to = to;
    else spans.push({ from, to });
  });
  return spans;
}

/** Share of weather years in which work on each day ends well, against what the collection asks for. */
export function SafeCurve({ row, risk }: { row: OperationWindow; risk: number }) {
  const { curve } = row;
  return (
    <Chart
      label={describe(row, risk)}
      rows={safeRows(row)}
      x="day"
      axis={dayAxis(toDay(curve.from), (curve.safe.length - 1) * curve.stepDays + 1, curve.from)}
      series={[{ key: "safe", name: say.endsWell, as: "line", tone: "safe" }]}
      limits={[{ at: 100 * (1 - risk), name: "", tone: "ochre" }]}
      spans={openSpans(row)}
      range={[0, 100]}
      ticks={[0, 50, 100]}
      unit={say.yearsInWhichItEnds}
      value={(v) => percent(v / 100)}
      heightPx={130}
    />
  );
}

function describe(row: OperationWindow, risk: number): string {
  const good = row.curve.safe.map((v, i) => ({ v, i })).filter(({ v }) => v >= 100 * (1 - risk));
  const last = good.at(-1);
  return last
    ? say.shareOfWeatherYearsIn(
        percent(1 - risk),
        good.length * row.curve.stepDays,
        row.curve.safe.length * row.curve.stepDays,
        day(toIso(toDay(row.curve.from) + last.i * row.curve.stepDays)),
      )
    : say.shareOfWeatherYearsInWhich(percent(1 - risk));
}
