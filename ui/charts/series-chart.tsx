"use client";

import {
  Area,
  Bar,
  CartesianGrid,
  ComposedChart,
  Legend,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import { FROST, INK, OCHRE, SOIL } from "../tones";

export interface Series {
  /** Field of a row that holds its value, or its two ends for a band. */
  key: string;
  name: string;
  as: "line" | "dashes" | "bars" | "band";
  tone: "earth" | "frost" | "ochre";
}

export type ChartRow = Readonly<Record<string, string | number | null | readonly [number, number]>>;

const TONES = { earth: SOIL, frost: FROST, ochre: OCHRE };
const AXIS = { fontSize: 12, fill: INK };

/**
 * Every chart with axes: lines, bars and bands over steps of time, a day that is marked, a limit that is drawn in. Told in full to
 * those who do not see it: `label` says what it shows.
 */
export default function SeriesChart({
  label,
  rows,
  x,
  series,
  value,
  unit,
  heightPx = 200,
  markX,
  limit,
}: {
  label: string;
  rows: readonly ChartRow[];
  /** Field of a row that names its step. */
  x: string;
  series: readonly Series[];
  /** A value with its unit, for the axis (short) and for what is touched. */
  value: (v: number, short: boolean) => string;
  /** Stands above the axis. */
  unit: string;
  heightPx?: number;
  /** A step that is marked, such as today's. */
  markX?: string;
  limit?: { at: number; name: string };
}) {
  const shown = (v: unknown) =>
    Array.isArray(v) ? `${value(Number(v[0]), false)} to ${value(Number(v[1]), false)}` : value(Number(v), false);
  return (
    <div role="img" aria-label={label}>
      <p className="pl-14 text-sm">{unit}</p>
      <ResponsiveContainer width="100%" height={heightPx}>
        <ComposedChart data={[...rows]} margin={{ top: 8, right: 12, bottom: 0, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="#ded5c4" vertical={false} />
          <XAxis dataKey={x} tick={AXIS} />
          <YAxis tick={AXIS} width={56} tickFormatter={(v: number) => value(v, true)} />
          <Tooltip formatter={shown} />
          {series.length > 1 && <Legend />}
          {series.map(({ key, name, as, tone }) => {
            const stroke = TONES[tone];
            if (as === "bars")
              return <Bar key={key} dataKey={key} name={name} fill={stroke} isAnimationActive={false} />;
            if (as === "band")
              return (
                <Area
                  key={key}
                  dataKey={key}
                  name={name}
                  fill={stroke}
                  fillOpacity={0.25}
                  stroke="none"
                  isAnimationActive={false}
                />
              );
            return (
              <Line
                key={key}
                dataKey={key}
                name={name}
                stroke={stroke}
                strokeWidth={2.5}
                strokeDasharray={as === "dashes" ? "6 3" : undefined}
                dot={rows.length < 40}
                isAnimationActive={false}
              />
            );
          })}
          {markX !== undefined && <ReferenceLine x={markX} stroke={OCHRE} strokeWidth={2} />}
          {limit && (
            <ReferenceLine
              y={limit.at}
              stroke={INK}
              strokeDasharray="4 3"
              label={{ value: limit.name, fontSize: 12 }}
            />
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
