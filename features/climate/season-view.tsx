"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/season";
import { Chart } from "@/ui/charts/index";
import { Folded } from "@/ui/folded";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { celsius, elevation, monthDay, number, percent, type Units } from "@/words/format";
import { monthDayOfSlot, slotOf, toDay } from "@/core/dates/index";
import { ScrollBox, SelectField, Why } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import type { FrostFreeSeason, FrostTrend } from "@/core/climate/index";
import { FrostCurveChart, type FrostCurves, SeasonWords, Threshold } from "./frost-detail";
import { CropView, type CropOfKind } from "./crops";
import { DaylengthView, type DaylengthFacts } from "./daylength";
import { type ChillOfKind, type DrawnSums, SeasonSumsView } from "./season-sums";
import type { FrostWords } from "@/words/climate";
import { SimulatedMark } from "@/features/kernel/simulated";
import { FIRST_PAGE_WORDS } from "@/words/rooms";

export interface FrostTable {
  which: string;
  years: number;
  withFrost: number;
  /** Counted in generated years, not in a record. */
  generated: boolean;
  rank: (string | null)[];
  normal: (string | null)[];
}

interface Props {
  words: FrostWords;
  thresholdC: number;
  curves: FrostCurves;
  sums: DrawnSums[];
  chill: ChillOfKind[];
  /** The band is made of generated years. */
  generated: boolean;
  season: FrostFreeSeason | null;
  /** Null where the years are generated. */
  trends: { last: FrostTrend | null; first: FrostTrend | null } | null;
  tables: FrostTable[];
  allYear: boolean;
  frostBySlot: number[];
  months: { tminC: number[]; tmaxC: number[] };
  place: { latitudeDeg: number; longitudeDeg: number; elevationM: number };
  filledDays: number;
  /** Places whose nights differ from the site's; the dates are those of the one shown. */
  places: { id: string; name: string }[];
  placeId: string | null;
  crops: CropOfKind[];
  daylength: DaylengthFacts;
  tonight: { minC: number; forecast: boolean; rings: string | null };
}

const RISKS = ["1 in 10", "2 in 10", "half", "8 in 10", "9 in 10"];

/** The site's year: frost from both ends, dates as sentences with their uncertainty, and where the weather comes from. */
export function SeasonView(props: Props) {
  const { words, place } = props;
  const { units, collectionId, settledOn, today } = useAsOf();
  const router = useRouter();
  const never = props.tables.every((t) => t.withFrost === 0);
  const shownPlace = props.places.find((p) => p.id === props.placeId);
  const choosePlace = (id: string) => {
    const query = new URLSearchParams({ frost: String(props.thresholdC) });
    if (id !== "") query.set("place", id);
    if (settledOn !== today) query.set("on", settledOn);
    router.push(pageAt(collectionId, "climate", `?${query.toString()}`), { scroll: false });
  };
  return (
    <div>
      <div className="min-w-0 max-w-5xl space-y-6">
        <div>
          <div className="flex flex-wrap items-center gap-3">
            <h1 className="mr-auto text-2xl">{FIRST_PAGE_WORDS.climate}</h1>
            <Link prefetch={false} className="btn btn-primary min-h-11" href={pageAt(collectionId, "climate/wood")}>
              {say.checkTheWood}
            </Link>
            <Link prefetch={false} className="btn min-h-11" href={pageAt(collectionId, "climate/records")}>
              {say.readInARecord}
            </Link>
          </div>
          <p className="text-sm">
            {number(Math.abs(place.latitudeDeg), 2)}° {place.latitudeDeg >= 0 ? "N" : "S"},{" "}
            {number(Math.abs(place.longitudeDeg), 2)}° {place.longitudeDeg >= 0 ? "E" : "W"},{" "}
            {elevation(place.elevationM, units)}
          </p>
          <p className="mt-1">
            {props.tonight.forecast ? say.nextNightByForecast : say.aUsualNightNow}:{" "}
            {celsius(props.tonight.minC, units)}. {props.tonight.rings && <b>{props.tonight.rings} </b>}
            {props.tonight.forecast && <SimulatedMark />}{" "}
            <Link prefetch={false} className="link" href={pageAt(collectionId, "climate/ahead")}>
              {say.tenDaysAhead}
            </Link>
          </p>
        </div>
        {props.places.length > 0 && (
          <SelectField
            className="max-w-80"
            label={say.frostWhere}
            value={props.placeId ?? ""}
            onChange={choosePlace}
            options={[["", say.inTheOpenAsMeasured], ...props.places.map((p) => [p.id, p.name] as const)]}
          />
        )}
        <section aria-label={say.frost}>
          {never ? (
            <p className="text-xl">
              <b>{neverWords(props.thresholdC, units)}</b>
            </p>
          ) : (
            <>
              <p className="text-xl">
                <b>{say.lastFrostInSpring}</b> {words.last}
              </p>
              <p className="text-xl">
                <b>{say.firstFrostInAutumn()}</b> {words.first}
              </p>
            </>
          )}
          <p className="mt-1">
            {words.guess && <span className="badge badge-warning mr-2">{common.guess}</span>}
            {say.atLevel(
              celsius(props.thresholdC, units),
              shownPlace ? say.at(shownPlace.name) : "",
              words.source,
              words.plusMinus && say.theOneInTenDay(words.plusMinus),
            )}
            {props.allYear && say.frostIsPossibleAllYear}
            {props.filledDays > 0 && say.missingDaysInGapsOf(number(props.filledDays))}
          </p>
          <Threshold thresholdC={props.thresholdC} placeId={props.placeId} />
          {!never && <FrostYears {...props} />}
        </section>
        <SeasonSumsView sums={props.sums} chill={props.chill} generated={props.generated} />
        {props.crops.length > 0 && (
          <Folded id="crops" title={say.willTheCropRipen}>
            <CropView crops={props.crops} generated={props.generated} />
          </Folded>
        )}
        <Folded id="months" title={say.daylengthAndMonths(words.guess ? say.asGuessed : "")}>
          <DaylengthView facts={props.daylength} />
          <section aria-label={common.months} className="mt-4">
            <h3 className="font-semibold">{say.theMonths}</h3>
            <MonthTable months={props.months} units={units} />
          </section>
        </Folded>
      </div>
    </div>
  );
}

/** A year by its slots, each month by its first letter. */
const MONTH_STARTS = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334];
const slotWords = (slot: number) => monthDay(monthDayOfSlot(Math.round(slot)));
const SLOT_AXIS = {
  from: 0,
  to: 364,
  ticks: MONTH_STARTS,
  word: (slot: number) => "JFMAMJJASOND"[MONTH_STARTS.indexOf(slot)] ?? "",
  tip: slotWords,
};

/** The chance of a frost in the days around each day of the year. */
function FrostProfile({ bySlot }: { bySlot: number[] }) {
  const { on } = useAsOf();
  return (
    <div className="mt-2 max-w-3xl">
      <Chart
        label={say.chanceOfFrostThroughThe}
        rows={bySlot.map((chance, slot) => ({ slot, chance }))}
        x="slot"
        axis={SLOT_AXIS}
        series={[{ key: "chance", name: say.chanceOfFrost, as: "filled", tone: "night" }]}
        marks={[{ at: slotOf(toDay(on)), name: "" }]}
        range={[0, 100]}
        ticks={[0, 50, 100]}
        unit={say.chanceOfFrost}
        value={(v) => percent(v / 100)}
        heightPx={160}
      />
    </div>
  );
}

function MonthTable({ months, units }: { months: Props["months"]; units: "metric" | "us" }) {
  return (
    <ScrollBox label={say.monthlyMeans}>
      <table className="table-sm table">
        <thead>
          <tr>
            <th scope="col">{say.mean}</th>
            {[
              "Jan",
              say.feb,
              say.mar,
              say.apr,
              say.may,
              say.jun,
              say.jul,
              say.aug,
              say.sep,
              say.oct,
              say.nov,
              say.dec,
            ].map((m) => (
              <th key={m} scope="col">
                {m}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {(
            [
              ["highest", months.tmaxC],
              ["lowest", months.tminC],
            ] as const
          ).map(([word, values]) => (
            <tr key={word}>
              <th scope="row">{word}</th>
              {values.map((v, i) => (
                <td key={i}>{celsius(Math.round(v), units)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </ScrollBox>
  );
}

/** The year's frost drawn, its spread and its trend, and both methods of counting. */
function FrostYears(props: Pick<Props, "frostBySlot" | "curves" | "season" | "trends" | "tables">) {
  return (
    <>
      <FrostProfile bySlot={props.frostBySlot} />
      <FrostCurveChart curves={props.curves} />
      <SeasonWords season={props.season} trends={props.trends} />
      <Folded className="mt-2" title={say.datesByShareOfYears}>
        <Why className="mt-2" reason={say.aFrostYearRunsFrom}>
          {say.howTheyCount}
        </Why>
        <ScrollBox label={say.frostDaysByRiskAnd}>
          <table className="table-sm mt-2 table">
            <caption className="sr-only">{say.frostDaysByRiskAnd}</caption>
            <thead>
              <tr>
                <th scope="col">{say.shareOfYears}</th>
                {RISKS.map((r) => (
                  <th key={r} scope="col">
                    {r}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {props.tables.flatMap((t) =>
                (["rank", "normal"] as const).map((method) => (
                  <tr key={t.which + method}>
                    <th scope="row">
                      {say.ofLabel(
                        t.which,
                        method === "rank" ? say.ranks : say.normal,
                        t.withFrost,
                        t.years,
                        t.generated ? say.generatedYears : say.years,
                      )}
                    </th>
                    {t[method].map((d, i) => (
                      <td key={i}>{d ?? say.none}</td>
                    ))}
                  </tr>
                )),
              )}
            </tbody>
          </table>
        </ScrollBox>
      </Folded>
    </>
  );
}

/** @example neverWords(0, "metric") // "It never freezes here: no year had a night at or below 0 °C." */
const neverWords = (thresholdC: number, units: Units) =>
  thresholdC === 0 ? say.itNeverFreezesHereNo(celsius(0, units)) : say.noYearHadANight(celsius(thresholdC, units));
