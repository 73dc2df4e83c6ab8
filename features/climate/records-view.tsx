"use client";

import * as say from "@/words/pages/climate/records";
import { fileAt } from "@/features/kernel/addresses";
import { useState } from "react";
import type { FrostFit, ReadingsFit, SiteAnswers, SourceAdjustment } from "@/core/climate/index";
import type { ClimateSaid } from "@/core/records/index";
import { day, degreesApart, number } from "@/words/format";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { MovedList } from "./weather/moved-list";
import type { MovedDate } from "@/contract/climate";
import { WeatherImport } from "./weather/weather-import";
import { CalendarMap } from "./calendar-map";
import { ClimateForm } from "./climate-form";
import { PAGE_WORDS } from "@/words/rooms";

export interface RankedSource {
  id: string;
  name: string;
  goodDays: number;
  badLines: number;
  firstDay: string;
  lastDay: string;
  elevationM: number | null;
  leftOut: boolean;
  /** Days of the record that are from it. */
  usedDays: number;
  adjustment: SourceAdjustment | null;
  /** Its number in the calendar map; −1 where it is set aside. */
  number: number;
}

interface Props {
  sources: RankedSource[];
  calendar: { year: number; days: string }[];
  source: string;
  said: ClimateSaid;
  frostFit: FrostFit | null;
  readings: ReadingsFit | null;
  siteElevationM: number;
  answers: SiteAnswers;
  moves: MovedDate[];
  /** The service that missing days can be asked of; null without one that gives past days. */
  service: string | null;
}

export function RecordsView(props: Props) {
  const { collectionId } = useAsOf();
  return (
    <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_26rem]">
      <div className="min-w-0 space-y-7">
        <div>
          <h1 className="text-2xl">{PAGE_WORDS["climate/records"]}</h1>
          <p>{say.frostDatesAreCounted(props.source)}</p>
        </div>
        {props.sources.length > 0 ? (
          <>
            <Sources sources={props.sources} />
            <section aria-label={say.daysOnRecord}>
              <h2 className="text-lg">{say.daysOnRecord}</h2>
              <CalendarMap
                years={props.calendar}
                names={props.sources.filter((s) => s.number >= 0).map((s) => s.name)}
              />
              <p className="mt-2">
                <a className="btn btn-sm min-h-11" href={fileAt(collectionId, "weather.csv")}>
                  {say.saveTheRecordAsCsv}
                </a>
              </p>
            </section>
          </>
        ) : (
          <p>{say.noRecordHasBeenRead}</p>
        )}
        <ClimateForm
          said={props.said}
          frostFit={props.frostFit}
          readings={props.readings}
          siteElevationM={props.siteElevationM}
          answers={props.answers}
          recorded={props.sources.some((s) => !s.leftOut)}
        />
      </div>
      <div className="space-y-6">
        <WeatherImport service={props.service} />
        <MovedList moves={props.moves} />
      </div>
    </div>
  );
}

function adjustedWords(a: SourceAdjustment | null, units: "metric" | "us"): string {
  if (!a || a.by === "nothing") return say.asRead;
  const sign = (v: number) => `${v < 0 ? "−" : "+"}${degreesApart(Math.abs(v), units)}`;
  return a.by === "height"
    ? say.forItsHeight(sign(a.minC))
    : say.nightsDaysByDaysIt(sign(a.minC), sign(a.maxC), number(a.commonDays));
}

const rankKey = (list: readonly RankedSource[]) => list.map((s) => `${s.id}:${s.leftOut}`).join();

/** Records in the order of trust: of two that have a day, the higher one speaks. */
function Sources({ sources }: { sources: RankedSource[] }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("rank-weather");
  // What was asked shows at once. An answer to an earlier press comes while a later one is on its way: the later one stands.
  const [asked, setAsked] = useState<RankedSource[][]>([]);
  const [answered, setAnswered] = useState(sources);
  if (answered !== sources) {
    setAnswered(sources);
    const which = asked.findIndex((a) => rankKey(a) === rankKey(sources));
    setAsked(which < 0 ? [] : asked.slice(which + 1));
  }
  const list = asked.at(-1) ?? sources;
  const rank = async (next: RankedSource[], words: string) => {
    setAsked((before) => [...before, next]);
    const done = await send({
      collectionId,
      order: next.map((s) => s.id),
      leftOut: next.filter((s) => s.leftOut).map((s) => s.id),
    });
    if (done) tell({ text: words, entryId: done.entryId });
    else setAsked([]);
  };
  const lift = (i: number) => {
    const next = [...list];
    [next[i - 1], next[i]] = [next[i], next[i - 1]];
    void rank(next, say.isTrustedMoreNow(list[i].name));
  };
  return (
    <section aria-label={say.weatherRecords}>
      <h2 className="text-lg">{say.readInSoFar(sources.length > 1 ? say.theMostTrustedFirst : "")}</h2>
      <ol className="mt-1 space-y-2">
        {list.map((s, i) => (
          <li key={s.id} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span className={`min-w-0 flex-1 basis-80 ${s.leftOut ? "opacity-75" : ""}`}>
              <b className="break-all">{s.name}</b>
              {say.daysTo(
                s.leftOut ? say.setAsideBehind : "",
                number(s.goodDays),
                day(s.firstDay),
                day(s.lastDay),
                s.elevationM === null ? "" : `, ${number(s.elevationM)} m`,
                s.badLines > 0 ? say.badLinesLeftOut(number(s.badLines)) : "",
              )}
              {!s.leftOut && (
                <span className="block text-sm">
                  {say.daysOfTheRecordAre(number(s.usedDays), adjustedWords(s.adjustment, units))}
                </span>
              )}
            </span>
            {i > 0 && (
              <button type="button" className="btn btn-sm min-h-11" disabled={busy} onClick={() => lift(i)}>
                {say.trustMore}
                <span className="sr-only"> {s.name}</span>
              </button>
            )}
            {(list.length > 1 || s.leftOut) && (
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11"
                disabled={busy}
                onClick={() =>
                  void rank(
                    list.map((o) => (o.id === s.id ? { ...o, leftOut: !o.leftOut } : o)),
                    s.leftOut ? say.countsAgain(s.name) : say.isSetAside(s.name),
                  )
                }
              >
                {s.leftOut ? say.letItCount : say.setAside}
                <span className="sr-only"> {s.name}</span>
              </button>
            )}
          </li>
        ))}
      </ol>
      <FormFaults faults={failure?.faults ?? []} />
    </section>
  );
}
