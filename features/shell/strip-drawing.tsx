"use client";

import * as say from "@/words/pages/shell";
import { useMemo } from "react";
import { slotOf, toDay, toIso } from "@/core/dates/index";
import { month } from "@/words/format";
import { FROST, INK, OCHRE, PAPER, TWIG, woodTone } from "@/ui/tones";
import { type StripWood, WEEK, woodWeeks } from "@/features/kernel/strip-wood";
import type { StripData } from "./strip-data";

interface DrawingProps {
  data: StripData;
  woods: readonly StripWood[];
  shown: string | null;
  centre: number;
  now: number;
  width: number;
  height: number;
  reach: number;
}

/** The year as it flows past: frost from above, wood beneath, what happens at its days. */
export function StripDrawing({ data, woods, shown, centre, now, width, height, reach }: DrawingProps) {
  const perDay = width / (2 * reach);
  const x = (d: number) => (d - centre + reach) * perDay;
  const [first, last] = [centre - reach - WEEK, centre + reach + WEEK];
  const woodY = height - 17;
  const frostBase = 15;
  const frostRoom = woodY - frostBase - 6;

  // Paths are drawn in days and shifted by a transform, so that dragging within a week repaints without recomputing.
  const anchor = Math.floor(first / WEEK) * WEEK;
  const frost = useMemo(() => {
    let path = `M0 0`;
    for (let d = 0; d <= last - anchor + WEEK; d += 3) {
      const p = data.frost[slotOf(anchor + d)] / 100;
      path += `L${(d * perDay).toFixed(1)} ${(p * frostRoom).toFixed(1)}`;
    }
    return `${path}V0Z`;
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `last` moves with the anchor
  }, [anchor, perDay, data.frost, frostRoom]);
  const wood = useMemo(() => {
    const weeks = woodWeeks(woods, shown);
    const from = weeks.length > 0 ? toDay(data.woodFrom) : 0;
    const bars: { x: number; w: number; fill: string; bare: number }[] = [];
    for (let d = 0; d <= last - anchor + WEEK; d += WEEK) {
      const week = weeks[Math.floor((anchor + d - from) / WEEK)];
      if (week)
        bars.push({
          x: d * perDay,
          w: WEEK * perDay + 0.5,
          fill: woodTone(week.ripe),
          bare: week.leafless,
        });
    }
    return bars;
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `last` moves with the anchor
  }, [anchor, perDay, woods, data.woodFrom, shown]);
  const months = useMemo(() => {
    const list: { d: number; word: string; year: string | null }[] = [];
    for (let d = anchor; d <= last + 31; d++) {
      const iso = toIso(d);
      if (iso.endsWith("-01"))
        list.push({ d, word: month(iso), year: iso.slice(5, 7) === "01" ? iso.slice(0, 4) : null });
    }
    return list;
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `last` moves with the anchor
  }, [anchor]);

  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      height={height}
      // Until the width is known the drawing is stretched to it.
      preserveAspectRatio="none"
      aria-hidden="true"
      className="block"
    >
      <rect width={width} height={height} fill={PAPER} />
      <g transform={`translate(${x(anchor).toFixed(1)} 0)`}>
        <g transform={`translate(0 ${frostBase})`}>
          <path d={frost} fill={FROST} opacity="0.55" />
        </g>
        {wood.map((bar) => (
          <g key={bar.x}>
            <rect x={bar.x} y={woodY} width={bar.w} height="17" fill={bar.fill} />
            {bar.bare > 0.05 && <rect x={bar.x} y={woodY} width={bar.w} height={17 * bar.bare} fill="#ded5c4" />}
            {bar.bare > 0.05 && (
              <path
                d={`M${bar.x} ${woodY + 17 * bar.bare}h${bar.w}`}
                stroke={TWIG}
                strokeWidth="1"
                strokeDasharray="2 3"
              />
            )}
          </g>
        ))}
      </g>
      <StripMonths months={months} x={x} woodY={woodY} />
      <StripEvents
        data={data}
        x={x}
        near={(day) => Math.abs(toDay(day) - centre) < reach}
        woodY={woodY}
        height={height}
      />
      <path d={`M${x(now).toFixed(1)} 0V${height}`} stroke={OCHRE} strokeWidth="4" />
      {centre !== now && <path d={`M${width / 2} 0V${height}`} stroke={INK} strokeWidth="1.5" strokeDasharray="4 3" />}
      <g fontSize="10.5" fill="var(--color-info)">
        <text x="4" y={woodY - 5} stroke={PAPER} strokeWidth="3" paintOrder="stroke">
          {say.frost}
        </text>
      </g>
      <text x="4" y={height - 5} fontSize="10.5" fill={INK} stroke={PAPER} strokeWidth="3" paintOrder="stroke">
        {say.wood}
      </text>
    </svg>
  );
}

/** The beginnings of months, with their names. */
function StripMonths({
  months,
  x,
  woodY,
}: {
  months: readonly { d: number; word: string; year: string | null }[];
  x: (day: number) => number;
  woodY: number;
}) {
  return (
    <>
      {months.map((m) => (
        <g key={m.d} transform={`translate(${x(m.d).toFixed(1)} 0)`}>
          <path d={`M0 0V${woodY}`} stroke={INK} opacity={m.year ? 0.5 : 0.15} />
          <text x="4" y="11" fontSize="11" fontWeight={m.year ? 700 : 500} fill={INK}>
            {m.word}
            {m.year ? ` ${m.year}` : ""}
          </text>
        </g>
      ))}
    </>
  );
}

/** What closes, what was done, and what falls due. */
function StripEvents({
  data,
  x,
  near,
  woodY,
  height,
}: {
  data: StripData;
  x: (day: number) => number;
  near: (day: string) => boolean;
  woodY: number;
  height: number;
}) {
  return (
    <>
      {data.closing
        .filter((c) => near(c.on))
        .map((c) => (
          <g key={c.on} transform={`translate(${x(toDay(c.on)).toFixed(1)} ${woodY})`}>
            <path d="M-5 -10h10L0 0Z" fill="var(--tone-rust)" />
            <text
              x="0"
              y="-13"
              fontSize="11"
              textAnchor="middle"
              fontWeight="700"
              fill="var(--tone-rust)"
              stroke={PAPER}
              strokeWidth="3"
              paintOrder="stroke"
            >
              {c.count}
            </text>
          </g>
        ))}
      {[...data.potted.map((m) => ({ ...m, done: true })), ...data.due.map((m) => ({ ...m, done: false }))]
        .filter((m) => near(m.on))
        .map((m) => (
          // A small pot on the wood: filled where trees were potted on, empty where they fall due.
          <path
            key={`${m.on}${m.done}`}
            d={`M${(x(toDay(m.on)) - 4).toFixed(1)} ${height - 13}h8l-1.6 9h-4.8Z`}
            fill={m.done ? INK : PAPER}
            stroke={m.done ? PAPER : INK}
            strokeWidth="1.1"
          >
            <title>{m.done ? say.pottedUpInThisWeek(m.count) : say.fallDueInThisWeek(m.count)}</title>
          </path>
        ))}
    </>
  );
}
