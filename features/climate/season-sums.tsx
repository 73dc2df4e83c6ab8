"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/season-sums";
import { useState } from "react";
import { HEAT_DAY_C, type SumKind, WARMTH_BASE_C } from "@/core/climate/index";
import { toDay } from "@/core/dates/index";
import type { Basis } from "@/core/estimate/index";
import { celsius, day, degreeDays, number, percent, type Units } from "@/words/format";
import { Chart, type ChartRow, dayAxis } from "@/ui/charts/index";
import { ScrollBox, SelectField, Why } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";

/** A running sum as it is drawn: thinned to every few days. */
export interface DrawnSums {
  kind: SumKind;
  from: string;
  days: number;
  years: number;
  stepDays: number;
  p10: number[];
  p50: number[];
  p90: number[];
  current: number[];
  /** Where this year stands on the last day of its record, and where the middle year stood then. */
  now: number | null;
  usualNow: number | null;
}

/** The old count of chill hours: 45 °F. */
const CHILL_HOUR_C = 7.2;

export interface ChillOfKind {
  name: string;
  need: number;
  share: number;
  metOn: string | null;
  basis: Basis;
}

/** Units of sums; those of degrees are told in the degrees of the collection. */
const UNIT: Partial<Record<SumKind, string>> = {
  chill: "portions",
  "chill-hours": "hours",
  utah: say.utahUnits,
  "heat-days": "days",
  evaporation: "mm",
};

const HOW: Record<SumKind, string> = {
  warmth: say.byTheSingleSineOf,
  roots: say.dayByDayFromThe,
  chill: say.portionsOfTheDynamicModel,
  "chill-hours": say.hoursOfChillFrostIncluded,
  utah: say.utahUnitsRichardsonEtAl,
  "heat-days": say.daysWhoseHighestTemperatureReached,
  evaporation: say.referenceEvaporationOfShortGrass,
};

/** This year's warmth and cold against the other years: the band is eight years in ten, this year the bold line. */
export function SeasonSumsView({
  sums,
  chill,
  generated,
}: {
  sums: DrawnSums[];
  chill: ChillOfKind[];
  generated: boolean;
}) {
  const { units } = useAsOf();
  const [kind, setKind] = useState<SumKind>("warmth");
  const shown = sums.find((s) => s.kind === kind) ?? sums[0];
  const words: Record<SumKind, string> = {
    warmth: say.warmthOfTheAirAbove(celsius(WARMTH_BASE_C, units)),
    roots: say.warmthOfTheRootZone,
    chill: say.winterChillDynamicModelPortions,
    "chill-hours": say.winterChillHoursBelow(celsius(CHILL_HOUR_C, units)),
    utah: say.winterChillUtahUnits,
    "heat-days": say.daysOfAndMore(celsius(HEAT_DAY_C, units)),
    evaporation: say.referenceEvaporation,
  };
  return (
    <section aria-label={say.warmthAndChill}>
      <h2 className="text-lg">{say.warmthAndChillAgainstOther}</h2>
      <SelectField
        className="mt-1 max-w-80"
        label={say.summedUp}
        value={kind}
        onChange={setKind}
        options={sums.map((s) => [s.kind, words[s.kind]] as const)}
      />
      <SumChart sums={shown} word={words[kind]} />
      <p data-testid="sums">
        {say.sinceTheBandHoldsEight(
          nowWords(shown, units),
          day(shown.from),
          number(shown.years),
          generated ? say.generatedYears : say.yearsOfYourRecord,
        )}
      </p>
      <Why reason={HOW[kind]}>
        <span className="text-sm">{say.howItIsCounted}</span>
      </Why>
      {kind === "chill" && <ChillTable chill={chill} />}
    </section>
  );
}

const sumWords = (v: number, kind: SumKind, units: Units) =>
  UNIT[kind] === undefined ? degreeDays(v, units) : `${number(v)} ${UNIT[kind]}`;

function nowWords(s: DrawnSums, units: Units): string {
  if (s.now === null || s.usualNow === null) return say.nothingOfThisYearIs;
  const ahead = s.now - s.usualNow;
  const size = sumWords(Math.abs(ahead), s.kind, units);
  const against =
    Math.abs(ahead) < 0.05 * Math.max(20, s.usualNow)
      ? say.asInTheMiddleYear
      : say.thanTheMiddleYear(size, ahead > 0 ? "more" : "less");
  return say.soFar(sumWords(s.now, s.kind, units), against);
}

function ChillTable({ chill }: { chill: ChillOfKind[] }) {
  if (chill.length === 0) return <p className="mt-2">{say.noSpeciesOfTheCollection}</p>;
  return (
    <ScrollBox label={say.chillTheSpeciesNeed}>
      <table className="table-sm mt-2 table">
        <thead>
          <tr>
            <th scope="col">{common.species}</th>
            <th scope="col">{say.needsPortions}</th>
            <th scope="col">{say.metOutdoorsIn}</th>
            <th scope="col">{say.inTheMiddleYearBy}</th>
          </tr>
        </thead>
        <tbody>
          {chill.map((c) => (
            <tr key={c.name}>
              <th scope="row" className="font-normal">
                {c.name}
                {c.basis === "guess" && <span className="badge badge-warning badge-sm ml-2">{common.guess}</span>}
              </th>
              <td>{number(c.need)}</td>
              <td>{say.ofYears(percent(c.share))}</td>
              <td>{c.metOn === null ? say.notMet : day(c.metOn, c.metOn)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </ScrollBox>
  );
}

/** Where the year stands on each drawn day, between the eight years in ten. */
export function sumRows({ from, stepDays, p10, p50, p90, current }: DrawnSums): ChartRow[] {
  const start = toDay(from);
  return p50.map((middle, i) => ({
    day: start + i * stepDays,
    band: [p10[i], p90[i]] as const,
    middle,
    now: current[i] ?? null,
  }));
}

function SumChart({ sums, word }: { sums: DrawnSums; word: string }) {
  const { today, units } = useAsOf();
  const shortly = (v: number) => sumWords(v, sums.kind, units).replace(/\s\D*$/, "");
  return (
    <div className="mt-2 max-w-3xl">
      <Chart
        label={say.theMiddleYearEndsAt(
          word,
          sums.now === null ? say.thisYearNotOnRecord : say.thisYearSoFar(sumWords(sums.now, sums.kind, units)),
          number(sums.p50.at(-1) ?? 0),
          number(sums.p10.at(-1) ?? 0),
          number(sums.p90.at(-1) ?? 0),
        )}
        rows={sumRows(sums)}
        x="day"
        axis={dayAxis(toDay(sums.from), sums.days, today)}
        series={[
          { key: "band", name: say.eightYearsInTen, as: "band", tone: "frost" },
          { key: "middle", name: say.middleYear, as: "dashes", tone: "night" },
          { key: "now", name: say.thisYear, as: "line", tone: "ochre" },
        ]}
        unit={sumWords(0, sums.kind, units).replace(/^0\s*/, "")}
        value={(v, short) => (short ? shortly(v) : sumWords(v, sums.kind, units))}
        heightPx={230}
      />
    </div>
  );
}
