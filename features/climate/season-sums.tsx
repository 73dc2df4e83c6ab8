"use client";

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
  utah: "Utah units",
  "heat-days": "days",
  evaporation: "mm",
};

const HOW: Record<SumKind, string> = {
  warmth: "By the single sine of Baskerville & Emin (1969) between the day’s two extremes.",
  roots:
    "Day by day from the temperature of a root zone in a pot outdoors, our own model: none below 7 °C, most at 25, none at 37.",
  chill:
    "Portions of the Dynamic model (Fishman et al. 1987) from hours that a curve puts between the day’s two extremes (Linvill 1990). Needs of kinds are the middles of ranges from the literature, remembered.",
  "chill-hours":
    "Hours of chill, frost included, from hours that a curve puts between the day’s two extremes (Linvill 1990). An old and coarse count: warm spells take nothing away.",
  utah: "Utah units (Richardson et al. 1974): warm hours take away what cool ones gave. Made for cold winters; misleading where winters are mild.",
  "heat-days": "Days whose highest temperature reached 30 °C.",
  evaporation:
    "Reference evaporation of short grass after Hargreaves & Samani (1985), FAO-56 equation 52, from the day’s extremes and the sun at the top of the atmosphere. A tree in a pot uses more or less: this compares years.",
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
    warmth: `warmth of the air above ${celsius(WARMTH_BASE_C, units)}`,
    roots: "warmth of the root zone",
    chill: "winter chill, Dynamic-model portions",
    "chill-hours": `winter chill, hours below ${celsius(CHILL_HOUR_C, units)}`,
    utah: "winter chill, Utah units",
    "heat-days": `days of ${celsius(HEAT_DAY_C, units)} and more`,
    evaporation: "reference evaporation",
  };
  return (
    <section aria-label="Warmth and chill">
      <h2 className="text-lg">Warmth and chill against other years</h2>
      <SelectField
        className="mt-1 max-w-80"
        label="Summed up"
        value={kind}
        onChange={setKind}
        options={sums.map((s) => [s.kind, words[s.kind]] as const)}
      />
      <SumChart sums={shown} word={words[kind]} />
      <p data-testid="sums">
        {nowWords(shown, units)} Since {day(shown.from)}; the band holds eight of {number(shown.years)}{" "}
        {generated ? "generated years" : "years of your record"}.
      </p>
      <Why reason={HOW[kind]}>
        <span className="text-sm">How it is counted</span>
      </Why>
      {kind === "chill" && <ChillTable chill={chill} />}
    </section>
  );
}

const sumWords = (v: number, kind: SumKind, units: Units) =>
  UNIT[kind] === undefined ? degreeDays(v, units) : `${number(v)} ${UNIT[kind]}`;

function nowWords(s: DrawnSums, units: Units): string {
  if (s.now === null || s.usualNow === null) return "Nothing of this year is on record yet.";
  const ahead = s.now - s.usualNow;
  const size = sumWords(Math.abs(ahead), s.kind, units);
  const against =
    Math.abs(ahead) < 0.05 * Math.max(20, s.usualNow)
      ? "as in the middle year"
      : `${size} ${ahead > 0 ? "more" : "less"} than the middle year`;
  return `${sumWords(s.now, s.kind, units)} so far, ${against}.`;
}

function ChillTable({ chill }: { chill: ChillOfKind[] }) {
  if (chill.length === 0) return <p className="mt-2">No species of the collection asks for winter cold.</p>;
  return (
    <ScrollBox label="Chill the species need">
      <table className="table-sm mt-2 table">
        <thead>
          <tr>
            <th scope="col">Species</th>
            <th scope="col">Needs, portions</th>
            <th scope="col">Met outdoors in</th>
            <th scope="col">In the middle year by</th>
          </tr>
        </thead>
        <tbody>
          {chill.map((c) => (
            <tr key={c.name}>
              <th scope="row" className="font-normal">
                {c.name}
                {c.basis === "guess" && <span className="badge badge-warning badge-sm ml-2">guess</span>}
              </th>
              <td>{number(c.need)}</td>
              <td>{percent(c.share)} of years</td>
              <td>{c.metOn === null ? "not met" : day(c.metOn, c.metOn)}</td>
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
        label={`${word}: ${sums.now === null ? "this year not on record" : `${sumWords(sums.now, sums.kind, units)} this year so far`}; the middle year ends at ${number(sums.p50.at(-1) ?? 0)}, eight years in ten between ${number(sums.p10.at(-1) ?? 0)} and ${number(sums.p90.at(-1) ?? 0)}.`}
        rows={sumRows(sums)}
        x="day"
        axis={dayAxis(toDay(sums.from), sums.days, today)}
        series={[
          { key: "band", name: "eight years in ten", as: "band", tone: "frost" },
          { key: "middle", name: "middle year", as: "dashes", tone: "night" },
          { key: "now", name: "this year", as: "line", tone: "ochre" },
        ]}
        unit={sumWords(0, sums.kind, units).replace(/^0\s*/, "")}
        value={(v, short) => (short ? shortly(v) : sumWords(v, sums.kind, units))}
        heightPx={230}
      />
    </div>
  );
}
