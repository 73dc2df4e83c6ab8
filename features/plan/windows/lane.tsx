import { toDay, toIso } from "@/core/dates/index";
import type { OperationWindow } from "@/model/index";
import { month } from "@/words/format";

const OPEN_AT = 100;
const HEDGE = "#55683f";

/** Open stretches of a curve as [from, to) in days. */
function gapsOf({ suitability, stepDays: step }: OperationWindow["curve"]): [number, number][] {
  const gaps: [number, number][] = [];
  suitability.forEach((v, i) => {
    if (v < OPEN_AT) return;
    const last = gaps.at(-1);
    if (last?.[1] === i * step) last[1] = (i + 1) * step;
    else gaps.push([i * step, (i + 1) * step]);
  });
  return gaps;
}

/** Days a hedge covers. */
export function laneDays(curve: OperationWindow["curve"]): number {
  return curve.suitability.length * curve.stepDays;
}

/** A hedge with its gaps: closed and open days of one work. */
export function Lane({ curve, className = "" }: { curve: OperationWindow["curve"]; className?: string }) {
  const days = laneDays(curve);
  return (
    <svg
      viewBox={`0 0 ${days} 10`}
      preserveAspectRatio="none"
      aria-hidden="true"
      className={`block h-3 w-full ${className}`}
    >
      <rect width={days} height="10" fill={HEDGE} />
      {gapsOf(curve).map(([a, b]) => (
        <rect key={a} x={a} width={b - a} y="0" height="10" fill="#f3ead2" />
      ))}
      <rect width={days} height="1.6" y="8.4" fill="#8d7355" />
    </svg>
  );
}

/** Names of the months above hedges that stand in a grid of three columns. */
export function MonthNames({
  from,
  days,
  columns,
  letters = 3,
}: {
  from: string;
  days: number;
  columns: string;
  /** Of each name, where there is little room. */
  letters?: number;
}) {
  const start = toDay(from);
  const firsts = Array.from({ length: days }, (_, d) => toIso(start + d)).flatMap((iso, d) =>
    iso.endsWith("-01") ? [{ d, iso }] : [],
  );
  return (
    <div className={`hidden gap-x-3 px-1 sm:grid ${columns}`} aria-hidden="true" data-axis="">
      <span />
      <span className="relative block h-4 text-xs">
        {firsts.map(({ d, iso }) => (
          <span
            key={iso}
            className="absolute top-0 border-l border-current pl-0.5 leading-4"
            style={{ left: `${(100 * d) / days}%` }}
          >
            {d > 0.94 * days ? "" : month(iso).slice(0, letters)}
          </span>
        ))}
      </span>
      <span />
    </div>
  );
}
