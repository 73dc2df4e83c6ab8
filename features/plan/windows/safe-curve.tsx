import { toDay, toIso } from "@/core/dates/index";
import type { OperationWindow } from "@/model/index";
import { day, month, percent } from "@/words/format";
import { INK, OCHRE, PAPER } from "@/ui/tones";

const W = 420;
const H = 104;
const LEFT = 34;
const TOP = 6;
const PLOT = 78;

/** Share of weather years in which work on each day ends well, against what the collection asks for. */
export function SafeCurve({ row, risk }: { row: OperationWindow; risk: number }) {
  const { stepDays } = row.curve;
  const n = row.curve.safe.length;
  const x = (i: number) => LEFT + (i / (n - 1)) * (W - LEFT - 4);
  const y = (share: number) => TOP + PLOT * (1 - share / 100);
  const line = row.curve.safe.map((v, i) => `${i === 0 ? "M" : "L"}${x(i).toFixed(1)} ${y(v).toFixed(1)}`).join("");
  const start = toDay(row.curve.from);
  const firsts = row.curve.safe.flatMap((_, i) =>
    Array.from({ length: stepDays }, (_unused, k) => k).flatMap((k) => {
      const iso = toIso(start + i * stepDays + k);
      return iso.endsWith("-01") ? [{ i: i + k / stepDays, iso }] : [];
    }),
  );
  const open = row.curve.suitability.map((v) => v >= 100);
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="mt-2 block h-auto w-full" role="img" aria-label={describe(row, risk)}>
      <rect x={LEFT} y={TOP} width={W - LEFT - 4} height={PLOT} fill={PAPER} stroke="#d9cdb2" />
      {open.map(
        (o, i) =>
          o && <rect key={i} x={x(i)} y={TOP} width={(W - LEFT - 4) / (n - 1) + 0.3} height={PLOT} fill="#e6dfc2" />,
      )}
      {[0, 50, 100].map((v) => (
        <text key={v} x={LEFT - 4} y={y(v) + 4} textAnchor="end" fontSize="10.5" fill={INK}>
          {v}%
        </text>
      ))}
      <path d={`M${LEFT} ${y(100 * (1 - risk))}H${W - 4}`} stroke={OCHRE} strokeDasharray="5 3" />
      <path d={line} fill="none" stroke="#3f5230" strokeWidth="2" />
      {firsts.map(({ i, iso }) => (
        <g key={iso}>
          <path d={`M${x(i)} ${TOP + PLOT}v4`} stroke={INK} />
          <text x={x(i) + 2} y={H - 6} fontSize="10.5" fill={INK}>
            {month(iso).slice(0, 3)}
          </text>
        </g>
      ))}
    </svg>
  );
}

function describe(row: OperationWindow, risk: number): string {
  const good = row.curve.safe.map((v, i) => ({ v, i })).filter(({ v }) => v >= 100 * (1 - risk));
  const last = good.at(-1);
  return last
    ? `Share of weather years in which the work ends well, by day: at or above ${percent(1 - risk)} on ${good.length * row.curve.stepDays} of ${row.curve.safe.length * row.curve.stepDays} days, the last of them ${day(toIso(toDay(row.curve.from) + last.i * row.curve.stepDays))}. Shaded: open.`
    : `Share of weather years in which the work ends well, by day: never as much as ${percent(1 - risk)}. Shaded: open.`;
}
