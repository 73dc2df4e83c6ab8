"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today";
import Link from "next/link";
import type { TodayGroup } from "@/core/today/index";
import { useAsOf } from "@/features/kernel/as-of";
import { pageAt } from "@/features/kernel/addresses";
import { FirstSteps } from "@/features/kernel/first-steps";
import { celsius, day, number } from "@/words/format";
import { countWords, durationWords, GROUP_TITLES, todayTitle } from "@/words/today";
import type { TodayFacts, TodayLine } from "./queries";
import { TodayRowItem } from "./row";
import { BringBack } from "./answer";
import { CalendarPart } from "./calendar";
import type { MissingLine } from "./missing";
import { MissingPart } from "./missing-part";
import { Tasks } from "./tasks";

interface Tonight {
  words: string;
  pots: number;
  nights: { day: string; minC: number; forecast: boolean }[];
}

/** What there is to do: now first, place by place, then what comes. */
export function TodayView({
  facts,
  places,
  fed,
  tonight,
  missing,
}: {
  facts: TodayFacts;
  /** Some calendar reads it by an address. */
  fed: boolean;
  places: { id: string; name: string }[];
  /** null on another day than today, and where there is no tree. */
  tonight: Tonight | null;
  missing: readonly MissingLine[];
}) {
  const { collectionId, today } = useAsOf();
  const { on, groups, next, putOff, trees, tasks } = facts;
  const now = groups.now.flatMap((round) => round.rows);
  return (
    <div className="mx-auto max-w-4xl">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1 className="text-2xl">{on === today ? say.today : day(on, today)}</h1>
        <p className="text-lg">{now.length === 0 ? say.nothingToDo : summary(now)}</p>
        <span className="no-print ml-auto flex gap-2">
          <button type="button" className="btn btn-sm min-h-11" onClick={() => window.print()}>
            {common.print}
          </button>
        </span>
      </div>
      {tonight && <TonightLine tonight={tonight} />}
      {trees === 0 && tasks.length === 0 ? (
        <FirstSteps />
      ) : (
        <>
          {now.length === 0 && (
            <p className="my-4 text-lg" data-testid="nothing">
              {next === null ? say.nothingLiesAheadEither : say.theNextWorkIsOn(day(next, on))}
            </p>
          )}
          <Group group="now" facts={facts} />
          <Group group="week" facts={facts} />
          <Group group="month" facts={facts} />
          <Group group="lasting" facts={facts} folded />
          <Group group="later" facts={facts} folded />
          {putOff.length > 0 && (
            <details className="border-base-300 mt-6 border-t pt-2">
              <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">
                {say.putOffOrRefused(number(putOff.length))}
              </summary>
              <ul className="space-y-1">
                {putOff.map(({ tree, what, until, reason }) => (
                  <li key={tree.item} className="flex flex-wrap items-center gap-2">
                    <span className="flex-1">
                      {tree.tag && <b>{tree.tag} </b>}
                      {todayTitle(what)}: {until === null ? say.notToBeDone : say.notBeforeDay(day(until, on))}
                      {reason && ` (${reason})`}
                    </span>
                    <BringBack item={tree} />
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
      <MissingPart lines={missing} />
      <Tasks tasks={tasks} places={places} />
      <CalendarPart fed={fed} />
      {trees > 0 && (
        <p className="no-print mt-6 text-sm">
          {say.eachLineComesFromWhat}
          <Link className="link" href={pageAt(collectionId, "trees/windows")}>
            {say.workingWindows}
          </Link>
          .
        </p>
      )}
    </div>
  );
}

function summary(rows: readonly TodayLine[]): string {
  const minutes = rows.flatMap((row) => row.minutes ?? []);
  const all = minutes.reduce((a, b) => a + b, 0);
  return [countWords(rows.length), all > 0 ? say.about(durationWords(all)) : ""].filter(Boolean).join(" · ");
}

function TonightLine({ tonight }: { tonight: Tonight }) {
  const { collectionId, units, today } = useAsOf();
  return (
    <div
      className={`rounded-box mt-3 px-3 py-2 ${tonight.pots > 0 ? "bg-warning text-warning-content" : "bg-base-200"}`}
    >
      <p data-testid="tonight">
        {tonight.words}{" "}
        {tonight.pots > 0 && (
          <Link className="link font-semibold" href={pageAt(collectionId, "winter/watch")}>
            {say.whatKeepsThem}
          </Link>
        )}
      </p>
      <ul className="mt-1 flex flex-wrap gap-x-5 text-sm">
        {tonight.nights.map((n) => (
          <li key={n.day}>
            {n.day === today ? say.tonight : day(n.day, today)} {celsius(Math.round(n.minC), units)}
            {n.forecast ? "" : say.usual}
          </li>
        ))}
      </ul>
    </div>
  );
}

function Group({ group, facts, folded = false }: { group: TodayGroup; facts: TodayFacts; folded?: boolean }) {
  const rounds = facts.groups[group];
  const rows = rounds.flatMap((round) => round.rows);
  if (rows.length === 0) return null;
  const body = rounds.map(({ placeId, place, rows: lines }) => (
    <div key={placeId ?? "none"} className="mt-2">
      {(rounds.length > 1 || place !== null) && (
        <h3 className="mt-3 text-sm font-semibold tracking-wide uppercase opacity-80">
          {place ?? say.noPlaceRecorded}
        </h3>
      )}
      <ul className="divide-base-300 divide-y">
        {lines.map((row) => (
          <TodayRowItem key={row.id} row={row} on={facts.on} />
        ))}
      </ul>
    </div>
  ));
  const title = GROUP_TITLES[group];
  if (folded)
    return (
      <details className="border-base-300 mt-6 border-t pt-2" data-testid={`group-${group}`}>
        <summary className="min-h-11 cursor-pointer content-center text-xl font-medium">
          {title} <span className="text-base font-normal">· {summary(rows)}</span>
        </summary>
        {body}
      </details>
    );
  return (
    <section className="mt-5" aria-labelledby={`group-${group}`} data-testid={`group-${group}`}>
      <h2 id={`group-${group}`} className="text-xl">
        {title} {group !== "now" && <span className="text-base font-normal">· {summary(rows)}</span>}
      </h2>
      {body}
    </section>
  );
}
