import type { PaceCurve } from "@/model/index";
import { number } from "@/words/format";
import { INK, OCHRE } from "@/ui/tones";

const W = 560;
const H = 220;
const LEFT = 12;
const TOP = 12;
const PLOT = 160;
/** The axis runs over these factors of the kind's pace, evenly by their logarithm. */
const LEAST = 0.2;
const MOST = 5;
const TICKS = [0.25, 0.5, 1, 2, 4];

const x = (factor: number) =>
  LEFT + ((Math.log(factor) - Math.log(LEAST)) / (Math.log(MOST) - Math.log(LEAST))) * (W - 2 * LEFT);

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
  const all = [prior, ...(withMates ? [withMates] : []), ...steps.map((s) => s.curve)];
  const peak = Math.max(...all.flatMap((c) => c.density));
  const y = (density: number) => TOP + PLOT * (1 - density / peak);
  const path = (c: PaceCurve) => smooth(c.factor.map((m, i): [number, number] => [x(clampFactor(m)), y(c.density[i])]));
  const last = steps.at(-1);
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-auto w-full max-w-2xl"
      role="img"
      aria-label={`How fast this tree roots against its species, as believed: before any look it lay around ${number(peakOf(prior), 1)} times; ${withMates ? `with its mates around ${number(peakOf(withMates), 1)}; ` : ""}${last ? `after ${number(steps.length)} checks around ${number(peakOf(last.curve), 1)}.` : "nobody has looked yet."}`}
    >
      <path d={`M${LEFT} ${TOP + PLOT}H${W - LEFT}`} stroke={INK} />
      {TICKS.map((t) => (
        <g key={t}>
          <path
            d={`M${x(t)} ${TOP}V${TOP + PLOT + 5}`}
            stroke={t === 1 ? OCHRE : "#d9cdb0"}
            strokeWidth={t === 1 ? 1.6 : 1}
          />
          <text x={x(t)} y={TOP + PLOT + 20} fontSize="13" textAnchor="middle" fill={INK}>
            ×{number(t, 2)}
          </text>
        </g>
      ))}
      <text x={LEFT} y={H - 4} fontSize="12.5" fill={INK}>
        slower than its species
      </text>
      <text x={W - LEFT} y={H - 4} fontSize="12.5" textAnchor="end" fill={INK}>
        faster than its species
      </text>
      <path d={path(prior)} fill="none" stroke="#8a7a66" strokeWidth="2" strokeDasharray="3 4" />
      {withMates && <path d={path(withMates)} fill="none" stroke="#4a6272" strokeWidth="2" strokeDasharray="9 4" />}
      {steps.slice(0, -1).map((s) => (
        <path key={s.label} d={path(s.curve)} fill="none" stroke="#b88a5a" strokeWidth="1.4" />
      ))}
      {last && (
        <path
          d={`${path(last.curve)}L${x(clampFactor(last.curve.factor.at(-1)!))} ${y(0)}L${x(clampFactor(last.curve.factor[0]))} ${y(0)}Z`}
          fill="#a4502e"
          fillOpacity=".25"
          stroke="#a4502e"
          strokeWidth="2.4"
        />
      )}
    </svg>
  );
}

const clampFactor = (m: number) => Math.min(MOST, Math.max(LEAST, m));
const peakOf = (c: PaceCurve) => c.factor[c.density.indexOf(Math.max(...c.density))];

/** A curve through the points that never rises above or falls below its neighbours: tangents flat at peaks (monotone cubic). */
function smooth(p: [number, number][]): string {
  const slope = p.map((_, i) => {
    if (i === 0 || i === p.length - 1) return 0;
    const a = (p[i][1] - p[i - 1][1]) / Math.max(1e-6, p[i][0] - p[i - 1][0]);
    const b = (p[i + 1][1] - p[i][1]) / Math.max(1e-6, p[i + 1][0] - p[i][0]);
    return a * b <= 0 ? 0 : (2 * a * b) / (a + b);
  });
  let d = `M${p[0][0].toFixed(1)} ${p[0][1].toFixed(1)}`;
  for (let i = 1; i < p.length; i++) {
    const h = (p[i][0] - p[i - 1][0]) / 3;
    d += `C${(p[i - 1][0] + h).toFixed(1)} ${(p[i - 1][1] + h * slope[i - 1]).toFixed(1)} ${(p[i][0] - h).toFixed(1)} ${(p[i][1] - h * slope[i]).toFixed(1)} ${p[i][0].toFixed(1)} ${p[i][1].toFixed(1)}`;
  }
  return d;
}
