"use client";

import { toIso } from "@/core/dates/index";
import type { RootLimits, WinterOutlook } from "@/core/winter/index";
import { celsius, month, number, type Units } from "@/words/format";
import { FROST, INK, OCHRE, PAPER } from "@/ui/tones";

const W = 1200;
const H = 300;
const LEFT = 52;
const KILL = "var(--color-error)";
const CORE = "#7a4a26";

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
  const { shell10C, shell50C, core10C, core50C, startDay } = outlook;
  const days = shell50C.length;
  const low = Math.min(limits.matureC, limits.youngC, ...shell10C) - 1;
  const high = 12;
  const x = (d: number) => LEFT + ((W - LEFT) * d) / (days - 1);
  const y = (t: number) => 14 + ((H - 40) * (high - Math.min(high, Math.max(low, t)))) / (high - low);
  const line = (values: Float32Array) =>
    Array.from(values, (t, d) => `${d === 0 ? "M" : "L"}${x(d).toFixed(1)} ${y(t).toFixed(1)}`).join("");
  const band = (a: Float32Array, b: Float32Array) =>
    `${line(a)}${Array.from(b, (_, i) => days - 1 - i)
      .map((d) => `L${x(d).toFixed(1)} ${y(b[d]).toFixed(1)}`)
      .join("")}Z`;
  const months: number[] = [];
  for (let d = 0; d < days; d++) if (toIso(startDay + d).endsWith("-01")) months.push(d);
  const now = today === null ? -1 : today - startDay;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The winter day by day">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        width={W}
        height={H}
        className="max-w-none"
        role="img"
        aria-label={`Coldest at the wall in the middle winter ${celsius(outlook.coldestShellC[0], units)}, in one of ten ${celsius(outlook.coldestShellC[1], units)}; in the core ${celsius(outlook.coldestCoreC[0], units)} and ${celsius(outlook.coldestCoreC[1], units)}`}
      >
        {months.map((d) => (
          <g key={d}>
            <path d={`M${x(d)} 14V${H - 26}`} stroke={INK} opacity="0.15" />
            <text x={x(d) + 4} y={H - 10} fontSize="12" fill={INK}>
              {month(toIso(startDay + d))}
            </text>
          </g>
        ))}
        {[10, 0, -5, -10, -15]
          .filter((t) => t > low)
          .map((t) => (
            <g key={t}>
              <path d={`M${LEFT} ${y(t)}H${W}`} stroke={INK} opacity={t === 0 ? 0.6 : 0.12} />
              <text x={LEFT - 6} y={y(t) + 4} textAnchor="end" fontSize="11.5" fill={INK}>
                {celsius(t, units)}
              </text>
            </g>
          ))}
        <path d={band(shell50C, shell10C)} fill={FROST} opacity="0.35" />
        <path d={line(shell50C)} fill="none" stroke={FROST} strokeWidth="2" />
        <path d={band(core50C, core10C)} fill={CORE} opacity="0.25" />
        <path d={line(core50C)} fill="none" stroke={CORE} strokeWidth="2" strokeDasharray="6 3" />
        {(
          [
            [limits.youngC, "kills young roots", -5],
            [limits.matureC, "kills mature roots", 14],
          ] as const
        ).map(([t, words, below]) => (
          <g key={words}>
            <path d={`M${LEFT} ${y(t)}H${W}`} stroke={KILL} strokeWidth="2" strokeDasharray="9 5" />
            <text
              x={LEFT + 8}
              y={y(t) + below}
              fontSize="12"
              fontWeight="700"
              fill={KILL}
              stroke={PAPER}
              strokeWidth="3"
              paintOrder="stroke"
            >
              {words}, {celsius(t, units)}
            </text>
          </g>
        ))}
        {now >= 0 && now < days && <path d={`M${x(now)} 8V${H - 26}`} stroke={OCHRE} strokeWidth="4" />}
      </svg>
      <p className="text-sm">
        Blue: coldest of the day at the wall, middle winter and down to one in ten. Brown, dashed: in the core.{" "}
        {number(days)} days.
      </p>
    </div>
  );
}
