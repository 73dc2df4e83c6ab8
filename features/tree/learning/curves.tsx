import * as say from "@/words/pages/tree/learning";
import type { PaceCurve } from "@/model/index";
import { Chart, type ChartRow } from "@/ui/charts/index";
import { number, percent } from "@/words/format";

/** The axis runs over these factors of the kind's pace, evenly by their logarithm. */
const LEAST = 0.2;
const MOST = 5;
const TICKS = [0.25, 0.5, 1, 2, 4];

const clampFactor = (m: number) => Math.min(MOST, Math.max(LEAST, m));
const peakOf = (c: PaceCurve) => c.factor[c.density.indexOf(Math.max(...c.density))];
const factorWords = (log: number) => `×${number(2 ** log, 2)}`;

/** Beliefs on one row of factors: each as a share of the highest of all. */
export function paceRows(curves: Readonly<Record<string, PaceCurve | null>>): ChartRow[] {
  const known = Object.entries(curves).flatMap(([key, c]) => (c ? [[key, c] as const] : []));
  const peak = Math.max(...known.flatMap(([, c]) => c.density));
  const rows = new Map<number, Record<string, number>>();
  for (const [key, c] of known)
    c.factor.forEach((factor, i) => {
      const pace = Math.log2(clampFactor(factor));
      rows.set(pace, { ...(rows.get(pace) ?? { pace }), [key]: c.density[i] / peak });
    });
  return [...rows.values()].sort((a, b) => a.pace - b.pace);
}

/** Prior, what mates say, each check, and where that leaves this tree: densities of its own factor of pace. */
export function PaceCurves({
  prior,
  withMates,
  steps,
}: {
  prior: PaceCurve;
  withMates: PaceCurve | null;
  steps: { label: string; curve: PaceCurve }[];
}) {
  const last = steps.at(-1);
  const between = steps.slice(0, -1);
  return (
    <div className="max-w-2xl">
      <Chart
        label={say.howFastThisTreeRoots(
          number(peakOf(prior), 1),
          withMates ? say.withItsMatesAround(number(peakOf(withMates), 1)) : "",
          last ? say.afterChecksAround(number(steps.length), number(peakOf(last.curve), 1)) : say.nobodyHasLookedYet,
        )}
        rows={paceRows({
          prior,
          mates: withMates,
          now: last?.curve ?? null,
          ...Object.fromEntries(between.map((s, i) => [`check${i}`, s.curve])),
        })}
        x="pace"
        axis={{
          from: Math.log2(LEAST),
          to: Math.log2(MOST),
          ticks: TICKS.map(Math.log2),
          word: factorWords,
          tip: (log) => say.asFastAsItsSpecies(factorWords(log)),
        }}
        series={[
          { key: "prior", name: say.beforeAnyLook, as: "dashes", tone: "earth" },
          ...(withMates ? ([{ key: "mates", name: say.withItsMates, as: "dashes", tone: "frost" }] as const) : []),
          ...between.map((s, i) => ({ key: `check${i}`, name: s.label, as: "thin" as const, tone: "ochre" as const })),
          ...(last ? ([{ key: "now", name: last.label, as: "filled", tone: "core" }] as const) : []),
        ]}
        range={[0, 1]}
        ticks={[]}
        unit={say.slowerHowFastItRoots}
        value={(v) => percent(v)}
        heightPx={220}
      />
    </div>
  );
}
