"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/windows";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { PlannedWork } from "@/model/index";
import type { Limit } from "@/core/window/index";
import { day, number, percent } from "@/words/format";
import { Reasoned, SelectField } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { useAddressWith } from "@/features/kernel/day-address";
import { LIMIT_BECAUSE, LIMIT_WORD, OPERATION_WORDS } from "@/words/terms";
import { MonthNames } from "./lane";
import { Skyline } from "./skyline";
import { PAGE_WORDS } from "@/words/rooms";

export interface WorkSummary {
  operation: PlannedWork;
  records: number;
  openNow: number;
  openByWeek: number[];
}

/** Trees of one kind and place that share their days. */
export interface ChanceGroup {
  name: string;
  place: string | null;
  members: { id: string; tag: string; due: boolean }[];
  plants: number;
  open: boolean;
  limiting: Limit;
  from: string | null;
  to: string | null;
  early: string | null;
  closedBy: Limit;
  next: string | null;
  fill: [number, number];
  fillThen: [number, number] | null;
}

/** Lines shown before somebody asks for all of them. */
const FIRST_LINES = 40;
const TAGS_SHOWN = 6;

/** What opens, what closes first and what is lost by waiting, for one work and one place or all of them. */
export function YardWindows({
  asOf,
  work,
  placeId,
  places,
  works,
  groups,
  total,
}: {
  asOf: string;
  work: PlannedWork;
  placeId: string;
  places: { id: string; name: string }[];
  works: WorkSummary[];
  groups: ChanceGroup[];
  total: number;
}) {
  const { settledOn } = useAsOf();
  const router = useRouter();
  const [all, setAll] = useState(false);
  const to = useAddressWith();
  const go = (changes: Record<string, string>) => router.push(to(changes), { scroll: false });
  const open = groups.filter((g) => g.open);
  const opening = groups.filter((g) => !g.open && g.from !== null);
  const never = groups.filter((g) => !g.open && g.from === null);
  const lines = [...open, ...opening, ...never];
  const shown = all ? lines : lines.slice(0, FIRST_LINES);
  return (
    <div>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-2xl">{PAGE_WORDS["trees/windows"]}</h1>
        <div className="no-print flex flex-wrap items-end gap-2">
          <SelectField
            label={common.place}
            value={placeId}
            onChange={(id) => go({ place: id })}
            options={[["", say.allPlaces], ...places.map((p) => [p.id, p.name] as const)]}
          />
          <button type="button" className="btn min-h-11" onClick={() => window.print()}>
            {common.print}
          </button>
        </div>
      </div>
      <p className="mt-1 text-lg" data-testid="windows-sentence">
        {sentence(OPERATION_WORDS[work].name, open, opening, total, asOf)}
      </p>
      {settledOn !== asOf && (
        <p className="no-print text-sm">
          {say.workedOutFor(day(asOf))}
          <button type="button" className="link" onClick={() => go({ on: settledOn })}>
            {say.workItOutFor(day(settledOn))}
          </button>
        </p>
      )}
      <Reasoned className="mt-3" reason={say.aRecordCountsAsOpen}>
        <MonthNames from={asOf} days={364} columns="sm:grid-cols-[10rem_minmax(0,1fr)_11rem]" />
        <div role="group" aria-label={say.work}>
          {works.map((w) => (
            <button
              key={w.operation}
              type="button"
              aria-pressed={w.operation === work}
              onClick={() => go({ work: w.operation })}
              className={`grid w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 rounded px-1 py-1 text-left sm:grid-cols-[10rem_minmax(0,1fr)_11rem] ${w.operation === work ? "bg-base-200 outline-accent outline outline-2" : "hover:bg-base-200"}`}
            >
              <span className="text-sm font-medium">{OPERATION_WORDS[w.operation].name}</span>
              <Skyline openByWeek={w.openByWeek} records={w.records} label={skylineWords(w, asOf)} />
              <span className="text-right text-sm sm:text-left">
                {say.ofCanBeWorkedOn(number(w.openNow), number(w.records))}
              </span>
            </button>
          ))}
        </div>
      </Reasoned>
      <p className="print-only">{say.asOf(day(asOf))}</p>
      <h2 className="mt-5 text-xl">{say.whatClosesFirst(OPERATION_WORDS[work].name)}</h2>
      {lines.length === 0 ? (
        <p>{say.noTreeStandsThere}</p>
      ) : (
        <Reasoned reason={say.openOnesByTheDay}>
          <ol className="divide-base-300 divide-y" data-testid="chances">
            {shown.map((g, i) => (
              <Line key={`${g.name}${g.place}${i}`} group={g} near={asOf} />
            ))}
          </ol>
        </Reasoned>
      )}
      {lines.length > shown.length && (
        <button type="button" className="btn no-print mt-2 min-h-11" onClick={() => setAll(true)}>
          {say.showAllLines(number(lines.length))}
        </button>
      )}
    </div>
  );
}

function Line({ group: g, near }: { group: ChanceGroup; near: string }) {
  const { collectionId } = useAsOf();
  const [whole, setWhole] = useState(false);
  const tags = whole ? g.members : g.members.slice(0, TAGS_SHOWN);
  const due = g.members.filter((m) => m.due).length;
  const full =
    g.fill[0] === g.fill[1] || percent(g.fill[0]) === percent(g.fill[1])
      ? percent(g.fill[0])
      : `${percent(g.fill[0])}–${percent(g.fill[1])}`;
  return (
    <li className="print-sheet grid gap-x-4 py-2 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1fr)]">
      <p>
        <b>{g.name}</b>
        {g.place ? ` · ${g.place}` : ""}
        {g.plants > g.members.length ? say.plants(number(g.plants)) : ""}
        <br />
        <span className="text-sm">
          {tags.map((m, i) => (
            <span key={m.id}>
              {i > 0 && ", "}
              <Link className="link" prefetch={false} href={treeAt(collectionId, m.id)}>
                {m.tag}
              </Link>
            </span>
          ))}
          {g.members.length > tags.length && (
            <button type="button" className="link ml-1" onClick={() => setWhole(true)}>
              {common.andMore(number(g.members.length - tags.length))}
            </button>
          )}
        </span>
      </p>
      <p>
        {g.open ? (
          <>
            <b>{say.open(g.to ? common.until(day(g.to, near)) : "")}</b>
            {g.early && g.to && g.early < g.to ? say.inOneYearOfTen(day(g.early, near)) : ""}
            {g.closedBy === "none" ? "" : say.then(LIMIT_BECAUSE[g.closedBy])}
          </>
        ) : g.from ? (
          <>
            <b>{say.opens(day(g.from, near))}</b>
            {say.now(g.to ? say.until(day(g.to, near)) : "", LIMIT_WORD[g.limiting])}
          </>
        ) : (
          <>
            <b>{say.noWindow}</b>: {LIMIT_BECAUSE[g.limiting]}
          </>
        )}
      </p>
      <p className="text-sm">
        {say.fullAndWhy(
          full,
          due > 0 ? `, ${due === g.members.length ? "due" : say.due(number(due))}` : "",
          g.next
            ? say.nextChance(day(g.next, near), g.fillThen ? say.fullByThen(percent(g.fillThen[1])) : "")
            : g.from
              ? say.noLaterChanceWithinThe
              : "",
        )}
      </p>
    </li>
  );
}

function sentence(work: string, open: ChanceGroup[], opening: ChanceGroup[], total: number, near: string): string {
  const records = (gs: ChanceGroup[]) => gs.reduce((n, g) => n + g.members.length, 0);
  const name = work.toLowerCase();
  if (total === 0) return say.noTreeStandsThere;
  if (open.length > 0) {
    const first = open[0];
    return say.ofRecordsAreOpenFor(
      number(records(open)),
      number(total),
      name,
      first.members[0].tag,
      first.members.length > 1 ? common.andMoreBehind(number(first.members.length - 1)) : "",
      first.to ? `, ${day(first.to, near)}` : "",
    );
  }
  if (opening.length > 0)
    return say.nothingIsOpenForThe(
      name,
      opening[0].members[0].tag,
      opening[0].members.length > 1 ? common.andMoreBehind(number(opening[0].members.length - 1)) : "",
      day(opening[0].from!, near),
    );
  return say.nothingOpensForWithinTwo(name);
}

function skylineWords(w: WorkSummary, asOf: string): string {
  const most = Math.max(...w.openByWeek);
  const week = w.openByWeek.indexOf(most);
  return most === 0 ? say.closedForAllAllYear : say.mostOpenInWeekFrom(week + 1, day(asOf), most, w.records);
}
