"use client";

import * as common from "@/words/pages/common";
import {
  Area,
  Bar,
  CartesianGrid,
  ComposedChart,
  Legend,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import { FROST, INK, OCHRE, SOIL, woodTone } from "../tones";
import type { ChartAxis } from "./axis";

const TONES = {
  earth: SOIL,
  frost: FROST,
  night: "var(--color-info)",
  ochre: OCHRE,
  wood: "var(--tone-wood)",
  bark: woodTone(0.8),
  core: "#7a4a26",
  safe: "var(--color-success)",
  kill: "var(--color-error)",
  ink: INK,
} as const;
type Tone = keyof typeof TONES;

interface Series {
  /** Field of a row that holds its value, or its two ends for a band. */
  key: string;
  name: string;
  as: "line" | "thin" | "dashes" | "steps" | "bars" | "band" | "filled" | "points";
  tone: Tone;
}

export type ChartRow = Readonly<Record<string, string | number | null | readonly [number, number]>>;

export interface SeriesChartProps {
  label: string;
  rows: readonly ChartRow[];
  /** Field of a row that names its step, or holds its place on `axis`. */
  x: string;
  /** Where the steps are numbers, such as days. */
  axis?: ChartAxis;
  series: readonly Series[];
  /** A value with its unit, for the axis (short) and for what is touched. */
  value: (v: number, short: boolean) => string;
  /** Stands above the axis. */
  unit: string;
  heightPx?: number;
  /** Values that are drawn across, such as what kills, named over their line or under it. */
  limits?: readonly { at: number; name: string; tone?: Tone; under?: boolean }[];
  /** Days that are marked, such as today. */
  marks?: readonly { at: number; name: string; tone?: Tone }[];
  /** Stretches that are shaded, such as open windows. */
  spans?: readonly { from: number; to: number }[];
  /** The least and the most the axis shows. */
  range?: readonly [number, number];
  /** Values that are named on the axis. */
  ticks?: readonly number[];
  /** Charts of one name are read off together. */
  syncId?: string;
}

const AXIS = { fontSize: 12, fill: INK };

/**
 * Every chart with axes: lines, bands, bars and points over steps of time, a day that is marked, limits that are drawn in, and a
 * read-out where it is pointed at or touched. Told in full to those who do not see it: `label` says what it shows.
 */
export default function SeriesChart({
  label,
  rows,
  x,
  axis,
  series,
  value,
  unit,
  heightPx = 200,
  limits = [],
  marks = [],
  spans = [],
  range,
  ticks,
  syncId,
}: SeriesChartProps) {
  const shown = (v: unknown) =>
    Array.isArray(v) ? common.to(value(Number(v[0]), false), value(Number(v[1]), false)) : value(Number(v), false);
  return (
    <div role="img" aria-label={label}>
      <p className="pl-14 text-sm">{unit}</p>
      <ResponsiveContainer width="100%" height={heightPx}>
        <ComposedChart
          data={[...rows]}
          margin={{ top: 8, right: 12, bottom: 0, left: 0 }}
          accessibilityLayer={false}
          syncId={syncId}
          syncMethod="value"
        >
          <CartesianGrid stroke="#ded5c4" strokeOpacity={0.7} vertical={false} />
          {axis ? (
            <XAxis
              dataKey={x}
              type="number"
              domain={[axis.from, axis.to]}
              ticks={[...axis.ticks]}
              tickFormatter={axis.word}
              tick={AXIS}
              interval={0}
              allowDataOverflow
            />
          ) : (
            <XAxis dataKey={x} tick={AXIS} />
          )}
          <YAxis
            tick={AXIS}
            width={56}
            tickFormatter={(v: number) => value(v, true)}
            domain={range ? [...range] : undefined}
            ticks={ticks ? [...ticks] : undefined}
            allowDataOverflow={range !== undefined}
          />
          <Tooltip formatter={shown} labelFormatter={axis ? (v) => axis.tip(Number(v)) : undefined} />
          {series.length > 1 && <Legend />}
          {spans.map((s) => (
            <ReferenceArea key={s.from} x1={s.from} x2={s.to} fill={TONES.safe} fillOpacity={0.18} />
          ))}
          {series.map((s) => drawn(s, rows.length))}
          {limits.map((limit) => (
            <ReferenceLine
              key={limit.name}
              y={limit.at}
              stroke={TONES[limit.tone ?? "ink"]}
              strokeWidth={1.5}
              strokeDasharray="6 4"
              label={{
                value: limit.name,
                fontSize: 12,
                fill: TONES[limit.tone ?? "ink"],
                position: limit.under ? "insideTopLeft" : "insideBottomLeft",
              }}
            />
          ))}
          {marks.map((mark) => (
            <ReferenceLine
              key={mark.name}
              x={mark.at}
              stroke={TONES[mark.tone ?? "ochre"]}
              strokeWidth={mark.tone === undefined ? 2.5 : 1.5}
              label={{ value: mark.name, fontSize: 12, fill: INK, position: "insideTopLeft" }}
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}

/** Past so many steps a point for each would be a smear. */
const MOST_DOTS = 40;

function drawn({ key, name, as, tone }: Series, steps: number) {
  const stroke = TONES[tone];
  const still = { dataKey: key, name, isAnimationActive: false } as const;
  if (as === "bars") return <Bar key={key} {...still} fill={stroke} />;
  if (as === "band" || as === "filled")
    return (
      <Area
        key={key}
        {...still}
        fill={stroke}
        fillOpacity={0.28}
        stroke={stroke}
        strokeOpacity={as === "filled" ? 1 : 0.45}
        activeDot={false}
        legendType="rect"
      />
    );
  if (as === "points") return <Scatter key={key} {...still} fill={stroke} fillOpacity={0.75} />;
  return (
    <Line
      key={key}
      {...still}
      type={as === "steps" ? "stepAfter" : "linear"}
      stroke={stroke}
      strokeWidth={as === "thin" || as === "steps" ? 1.3 : 2.5}
      strokeDasharray={as === "dashes" ? "6 3" : undefined}
      dot={steps < MOST_DOTS && as !== "thin" && as !== "steps" ? { r: 2.5 } : false}
    />
  );
}
