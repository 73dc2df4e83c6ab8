"use client";

import { pageAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { FrostFreeSeason, FrostTrend } from "@/core/climate/index";
import { monthDayOfSlot, SLOTS_PER_YEAR } from "@/core/dates/index";
import { monthDay, number, percent, readNumber } from "@/words/format";
import { Form, TextField } from "@/ui/fields";
import { INK } from "@/ui/tones";
import { useAsOf } from "@/features/kernel/as-of";

interface FrostPoint {
  /** Day of the calendar year. */
  slot: number;
  rank: number;
  normal: number;
}
export interface FrostCurves {
  last: FrostPoint[];
  first: FrostPoint[];
}

const USUAL = [
  [0, "frost"],
  [-2, "open blossom"],
  [-4, "tender leaves"],
  [-8, "roots of tender species in pots"],
] as const;

/** Which cold is asked about: a number, or one of the usual ones. */
export function Threshold({ thresholdC, placeId }: { thresholdC: number; placeId: string | null }) {
  const router = useRouter();
  const { collectionId, settledOn, today } = useAsOf();
  const [text, setText] = useState(String(thresholdC));
  const value = readNumber(text, "celsius");
  const fault = value >= -25 && value <= 10 ? undefined : "Between −25 and 10 °C.";
  const ask = (c: number) => {
    setText(String(c));
    const on = `${placeId === null ? "" : `&place=${placeId}`}${settledOn === today ? "" : `&on=${settledOn}`}`;
    router.push(pageAt(collectionId, "climate", `?frost=${c}${on}`), { scroll: false });
  };
  return (
    <Form
      label="Threshold"
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={() => {
        if (fault === undefined) ask(Math.round(value * 2) / 2);
      }}
    >
      <TextField
        className="w-40"
        label="Nights at or below"
        numeric="signed"
        suffix="°C"
        value={text}
        onChange={setText}
        fault={fault}
      />
      <button type="submit" className="btn min-h-11">
        Show
      </button>
      {USUAL.map(([c, what]) => (
        <button
          key={c}
          type="button"
          className="btn btn-ghost btn-sm min-h-11"
          aria-pressed={c === thresholdC}
          onClick={() => ask(c)}
        >
          {number(c)} °C: {what}
        </button>
      ))}
    </Form>
  );
}

const W = 760;
const H = 210;
const LEFT = 44;

/** The chance that the cold still comes, day by day in spring, and that it has come in autumn: steps are the years, the line the bell curve. */
export function FrostCurveChart({ curves }: { curves: FrostCurves }) {
  const halves = (["last", "first"] as const).filter((which) => curves[which].length > 1);
  if (halves.length === 0) return <p className="mt-2">No year of the record is so cold: there is no curve to draw.</p>;
  const width = (W - LEFT - 10 - (halves.length - 1) * 40) / halves.length;
  const y = (p: number) => 14 + (1 - p) * (H - 48);
  return (
    <figure className="mt-3 max-w-3xl">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="h-auto w-full"
        role="img"
        aria-label={halves.map((which) => `${WORDS[which]}: ${spoken(curves[which])}`).join(" ")}
      >
        {[0, 0.1, 0.5, 0.9, 1].map((p) => (
          <g key={p}>
            <path d={`M${LEFT} ${y(p)}H${W - 10}`} stroke={INK} strokeOpacity={p === 0 ? 1 : 0.18} />
            <text x={LEFT - 6} y={y(p) + 4} fontSize="11" textAnchor="end" fill={INK}>
              {percent(p)}
            </text>
          </g>
        ))}
        {halves.map((which, i) => (
          <Half
            key={which}
            points={curves[which]}
            x0={LEFT + i * (width + 40)}
            width={width}
            y={y}
            word={WORDS[which]}
          />
        ))}
      </svg>
      <figcaption className="text-sm">
        Steps: your years as they were. Line: a bell curve through them, steadier at the ends.
      </figcaption>
    </figure>
  );
}

const WORDS = { last: "frost still to come", first: "frost has come" } as const;

function spoken(points: FrostPoint[]): string {
  const at = (p: number) => points.reduce((a, b) => (Math.abs(b.normal - p) < Math.abs(a.normal - p) ? b : a));
  return `even chance about ${monthDay(monthDayOfSlot(at(0.5).slot))}, one in ten about ${monthDay(monthDayOfSlot(at(0.1).slot))}.`;
}

function Half({
  points,
  x0,
  width,
  y,
  word,
}: {
  points: FrostPoint[];
  x0: number;
  width: number;
  y: (p: number) => number;
  word: string;
}) {
  // A half may cross New Year: days are counted from its first point.
  const from = points[0].slot;
  const ahead = (slot: number) => (slot - from + SLOTS_PER_YEAR) % SLOTS_PER_YEAR;
  const span = Math.max(1, ahead(points[points.length - 1].slot));
  const x = (slot: number) => x0 + (ahead(slot) / span) * width;
  const smooth = points
    .map((p, i) => `${i === 0 ? "M" : "L"}${x(p.slot).toFixed(1)} ${y(p.normal).toFixed(1)}`)
    .join("");
  const steps = points
    .map(
      (p, i) =>
        `${i === 0 ? `M${x(p.slot).toFixed(1)} ${y(p.rank).toFixed(1)}` : `H${x(p.slot).toFixed(1)}V${y(p.rank).toFixed(1)}`}`,
    )
    .join("");
  const marks = points.filter((p, i) => i > 0 && ["01", "11", "21"].includes(monthDayOfSlot(p.slot).slice(3)));
  return (
    <g>
      <path d={steps} fill="none" stroke="#5d7c96" strokeWidth="1.4" />
      <path d={smooth} fill="none" stroke="var(--color-info)" strokeWidth="2.4" />
      {marks.map((p) => (
        <g key={p.slot}>
          <path d={`M${x(p.slot)} ${y(0)}v5`} stroke={INK} />
          <text x={x(p.slot)} y={y(0) + 18} fontSize="11" textAnchor="middle" fill={INK}>
            {monthDay(monthDayOfSlot(p.slot))}
          </text>
        </g>
      ))}
      <text x={x0 + width / 2} y={H - 2} fontSize="12" fontWeight="600" textAnchor="middle" fill={INK}>
        {word}
      </text>
    </g>
  );
}

/** How long the time without it is, and whether the dates have moved with the years. */
export function SeasonWords({
  season,
  trends,
}: {
  season: FrostFreeSeason | null;
  trends: { last: FrostTrend | null; first: FrostTrend | null } | null;
}) {
  return (
    <div className="mt-2 space-y-1" data-testid="season">
      {season && (
        <p>
          <b>{number(season.p50)} days</b> lie between the two in the middle year; eight years in ten have{" "}
          {number(season.p10)} to {number(season.p90)} ({number(season.years)} years with both).
        </p>
      )}
      {trends === null ? (
        <p className="text-sm">The years are generated: a trend cannot be read from them.</p>
      ) : (
        <p>{(["last", "first"] as const).map((which) => trendWords(trends[which], which)).join(" ")}</p>
      )}
    </div>
  );
}

function trendWords(trend: FrostTrend | null, which: "last" | "first"): string {
  const what = which === "last" ? "The last one in spring" : "The first one in autumn";
  if (!trend) return `${what}: too few dated years for a trend (fifteen are needed).`;
  const { daysPerDecade, plusMinus, years } = trend;
  const size = `${number(Math.abs(daysPerDecade), 1)} ± ${number(plusMinus, 1)} days a decade`;
  if (Math.abs(daysPerDecade) < plusMinus)
    return `${what} has not moved beyond chance (${daysPerDecade < 0 ? "−" : "+"}${size}, ${number(years)} years).`;
  return `${what} comes ${size} ${daysPerDecade < 0 ? "earlier" : "later"} (${number(years)} years).`;
}
