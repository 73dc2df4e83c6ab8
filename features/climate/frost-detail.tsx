"use client";

import * as say from "@/words/pages/climate/frost-detail";
import { pageAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { FrostFreeSeason, FrostTrend } from "@/core/climate/index";
import { monthDayOfSlot, SLOTS_PER_YEAR } from "@/core/dates/index";
import { celsius, monthDay, number, percent, readNumber } from "@/words/format";
import { Chart, type ChartRow } from "@/ui/charts/index";
import { Form, TextField } from "@/ui/fields";
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
  [-2, say.openBlossom],
  [-4, say.tenderLeaves],
  [-8, say.rootsOfTenderSpeciesIn],
] as const;

/** Which cold is asked about: a number, or one of the usual ones. */
export function Threshold({ thresholdC, placeId }: { thresholdC: number; placeId: string | null }) {
  const router = useRouter();
  const { collectionId, settledOn, today, units } = useAsOf();
  const [text, setText] = useState(String(thresholdC));
  const value = readNumber(text, "celsius");
  const fault = value >= -25 && value <= 10 ? undefined : say.betweenAnd(celsius(-25, units), celsius(10, units));
  const ask = (c: number) => {
    setText(String(c));
    const on = `${placeId === null ? "" : `&place=${placeId}`}${settledOn === today ? "" : `&on=${settledOn}`}`;
    router.push(pageAt(collectionId, "climate", `?frost=${c}${on}`), { scroll: false });
  };
  return (
    <Form
      label={say.threshold}
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={() => {
        if (fault === undefined) ask(Math.round(value * 2) / 2);
      }}
    >
      <TextField
        className="w-40"
        label={say.nightsAtOrBelow}
        numeric="signed"
        suffix="°C"
        value={text}
        onChange={setText}
        fault={fault}
      />
      <button type="submit" className="btn min-h-11">
        {say.show}
      </button>
      {USUAL.map(([c, what]) => (
        <button
          key={c}
          type="button"
          className="btn btn-ghost btn-sm min-h-11"
          aria-pressed={c === thresholdC}
          onClick={() => ask(c)}
        >
          {celsius(c, units)}: {what}
        </button>
      ))}
    </Form>
  );
}

/** The chance that the cold still comes, day by day in spring, and that it has come in autumn: steps are the years, the line the bell curve. */
export function FrostCurveChart({ curves }: { curves: FrostCurves }) {
  const halves = (["last", "first"] as const).filter((which) => curves[which].length > 1);
  if (halves.length === 0) return <p className="mt-2">{say.noYearOfTheRecord}</p>;
  return (
    <figure className="mt-3 max-w-3xl">
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
        {halves.map((which) => (
          <Half key={which} points={curves[which]} word={WORDS[which]} />
        ))}
      </div>
      <figcaption className="text-sm">{say.stepsYourYearsAsThey}</figcaption>
    </figure>
  );
}

const WORDS = { last: say.frostStillToCome, first: say.frostHasCome } as const;

function spoken(points: FrostPoint[]): string {
  const at = (p: number) => points.reduce((a, b) => (Math.abs(b.normal - p) < Math.abs(a.normal - p) ? b : a));
  return say.evenChanceAboutOneIn(monthDay(monthDayOfSlot(at(0.5).slot)), monthDay(monthDayOfSlot(at(0.1).slot)));
}

/** A half may cross New Year: days are counted from its first point. */
export const frostRows = (points: readonly FrostPoint[]): ChartRow[] =>
  points.map(({ slot, rank, normal }) => ({
    ahead: (slot - points[0].slot + SLOTS_PER_YEAR) % SLOTS_PER_YEAR,
    rank: 100 * rank,
    normal: 100 * normal,
  }));

function Half({ points, word }: { points: FrostPoint[]; word: string }) {
  const rows = frostRows(points);
  const wordOf = (ahead: number) => monthDay(monthDayOfSlot((points[0].slot + Math.round(ahead)) % SLOTS_PER_YEAR));
  const last = Number(rows[rows.length - 1].ahead);
  const ticks = rows.map((row) => Number(row.ahead)).filter((ahead) => ahead > 0 && TENTHS.test(wordOf(ahead)));
  return (
    <Chart
      label={`${word}: ${spoken(points)}`}
      rows={rows}
      x="ahead"
      axis={{
        from: 0,
        to: Math.max(1, last),
        ticks: ticks.length > 4 ? ticks.filter((_, i) => i % 2 === 0) : ticks,
        word: wordOf,
        tip: wordOf,
      }}
      series={[
        { key: "rank", name: say.yourYears, as: "steps", tone: "frost" },
        { key: "normal", name: say.bellCurve, as: "line", tone: "night" },
      ]}
      range={[0, 100]}
      ticks={[0, 10, 50, 90, 100]}
      unit={word}
      value={(v) => percent(v / 100)}
      heightPx={200}
    />
  );
}

/** Days that are named: the first, eleventh and twenty-first. */
const TENTHS = /^(1|11|21) /;

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
          <b>{say.days(number(season.p50))}</b>
          {say.lieBetweenTheTwoIn(number(season.p10), number(season.p90), number(season.years))}
        </p>
      )}
      {trends === null ? (
        <p className="text-sm">{say.theYearsAreGeneratedA}</p>
      ) : (
        <p>{(["last", "first"] as const).map((which) => trendWords(trends[which], which)).join(" ")}</p>
      )}
    </div>
  );
}

function trendWords(trend: FrostTrend | null, which: "last" | "first"): string {
  const what = which === "last" ? say.theLastOneInSpring : say.theFirstOneInAutumn;
  if (!trend) return say.tooFewDatedYearsFor(what);
  const { daysPerDecade, plusMinus, years } = trend;
  const size = say.daysADecade(number(Math.abs(daysPerDecade), 1), number(plusMinus, 1));
  if (Math.abs(daysPerDecade) < plusMinus)
    return say.hasNotMovedBeyondChance(what, daysPerDecade < 0 ? "−" : "+", size, number(years));
  return say.comesYears(what, size, daysPerDecade < 0 ? "earlier" : "later", number(years));
}
