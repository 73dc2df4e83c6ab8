"use client";

import { FoldButton, AnotherDay, StripAlarm, StripKeys, WoodChoice } from "./strip-controls";
import * as say from "@/words/pages/shell";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useEffect, useId, useMemo, useRef, useState } from "react";
import { toDay, toIso } from "@/core/dates/index";
import { isPageKey } from "@/ui/keys";
import { day as dayWord } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { useOneDay } from "@/features/kernel/rough-date";
import { WEEK } from "@/features/kernel/strip-wood";
import type { StripData } from "./strip-data";
import { StripDrawing } from "./strip-drawing";

const HEIGHT = 74;
const PHONE_HEIGHT = 56;
const REACH = 183;
const PHONE_REACH = 60;
/** How far from today the strip may be dragged, days. */
const FURTHEST = 900;

/** Every page says what stands in for a record. */
const GENERATED_WORDS: Record<NonNullable<StripData["generatedFrom"]>, string> = {
  answers: say.estimatedClimate,
  table: say.climateFromMonthlyValues,
  "short-record": say.shortWeatherRecord,
};

/**
 * The site's year flowing past today: frost from above, the collection's wood beneath, closing windows as notches. Drag it, or use the keys.
 * Where the page is not about the year it is folded to the line that says which day is shown.
 */
export function SeasonStrip({ data, folds }: { data: StripData; folds: boolean }) {
  const [opened, setOpened] = useState(false);
  const full = opened || !folds;
  const { collectionId, on, today, setOn, subject } = useAsOf();
  const woods = useMemo(() => (subject?.own ? [...data.woods, subject.own] : data.woods), [data.woods, subject]);
  const shown = subject?.key || null;
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1200);
  const drag = useRef<{ x: number; day: number; id: number } | null>(null);
  const label = useId();

  useEffect(() => {
    const element = box.current;
    if (!element || !full) return;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.max(280, Math.round(entry.contentRect.width))));
    observer.observe(element);
    return () => observer.disconnect();
  }, [full]);

  const phone = width < 640;
  const [height, reach] = phone ? [PHONE_HEIGHT, PHONE_REACH] : [HEIGHT, REACH];
  const centre = toDay(on);
  const now = toDay(today);
  const perDay = width / (2 * reach);
  const clampDay = (d: number) => Math.min(now + FURTHEST, Math.max(now - FURTHEST, d));
  const move = (days: number) => setOn(toIso(clampDay(centre + days)), true);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!isPageKey(event)) return;
      if (event.key === "[") setOn(toIso(Math.max(now - FURTHEST, toDay(on) - WEEK)), true);
      else if (event.key === "]") setOn(toIso(Math.min(now + FURTHEST, toDay(on) + WEEK)), true);
      else if (event.key === "t") setOn(today, true);
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [on, today, now, setOn]);

  return (
    <section aria-label={say.seasonStrip} className="no-print border-base-300 bg-base-100 border-b">
      {full && (
        <div
          ref={box}
          role="slider"
          tabIndex={0}
          aria-labelledby={label}
          aria-valuemin={now - FURTHEST}
          aria-valuemax={now + FURTHEST}
          aria-valuenow={centre}
          aria-valuetext={dayWord(on)}
          className="relative cursor-grab touch-pan-y overflow-hidden select-none active:cursor-grabbing"
          style={{ height }}
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            drag.current = { x: e.clientX, day: centre, id: e.pointerId };
          }}
          onPointerMove={(e) => {
            if (!drag.current) return;
            const next = clampDay(Math.round(drag.current.day - (e.clientX - drag.current.x) / perDay));
            if (next !== centre) setOn(toIso(next), false);
          }}
          onPointerUp={() => {
            if (drag.current) setOn(on, true);
            drag.current = null;
          }}
          onPointerCancel={() => (drag.current = null)}
          onKeyDown={(e) => {
            const steps: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -30, PageUp: 30 };
            if (steps[e.key] !== undefined) move(steps[e.key]);
            else if (e.key === "Home") setOn(today, true);
            else return;
            e.preventDefault();
          }}
        >
          <StripDrawing
            data={data}
            woods={woods}
            shown={shown}
            centre={centre}
            now={now}
            width={width}
            height={height}
            reach={reach}
          />
        </div>
      )}
      <div className={`flex min-h-10 items-center gap-x-3 gap-y-1 px-3 text-sm ${full ? "flex-wrap py-1" : ""}`}>
        <span id={label} className="sr-only">
          {say.asOfDayOfEverything}
        </span>
        {on === today ? (
          <span className="shrink-0">
            {say.showingLead}
            <b className="whitespace-nowrap">{say.todayIs(dayWord(today))}</b>
          </span>
        ) : (
          <AnotherDay setOn={setOn} />
        )}
        {data.alarm && <StripAlarm full={full} alarm={data.alarm} />}
        {data.generatedFrom && (
          <Link href={pageAt(collectionId, "climate")} prefetch={false} className="badge badge-warning badge-sm">
            {GENERATED_WORDS[data.generatedFrom]}
          </Link>
        )}
        {folds && <FoldButton opened={opened} setOpened={setOpened} />}
        {full && woods.length > 1 && <WoodChoice woods={woods} />}
        {full && <DaysFromToday centre={centre} now={now} onMove={(day) => setOn(toIso(clampDay(day)), true)} />}
        {full && <GoTo key={on} on={on} onGo={(iso) => setOn(toIso(clampDay(toDay(iso))), true)} />}
        {full && <StripKeys />}
      </div>
    </section>
  );
}

/** Any day by its name: "1 March", "in two weeks". */
function GoTo({ on, onGo }: { on: string; onGo: (iso: string) => void }) {
  const read = useOneDay();
  const [typed, setTyped] = useState<string | null>(null);
  const go = () => {
    const iso = typed === null ? undefined : read(typed).range?.best;
    if (iso !== undefined && iso !== on) onGo(iso);
    setTyped(null);
  };
  return (
    <label className="flex items-center gap-2 max-sm:ml-auto">
      <span className="hidden sm:inline">{say.goTo}</span>
      <input
        aria-label={say.dayShown}
        className="input input-xs w-36"
        value={typed ?? dayWord(on)}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={go}
        onKeyDown={(e) => {
          if (e.key === "Enter") go();
          if (e.key === "Escape") setTyped(null);
        }}
      />
    </label>
  );
}

/** The strip in numbers: so many days before or after today. */
function DaysFromToday({ centre, now, onMove }: { centre: number; now: number; onMove: (day: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const move = () => {
    const days = typed === null || typed.trim() === "" ? NaN : Number(typed.replace("−", "-"));
    if (Number.isFinite(days)) onMove(now + Math.round(days));
    setTyped(null);
  };
  return (
    <label className="hidden items-center gap-1 sm:flex">
      <input
        className="input input-xs w-14 text-right"
        aria-label={say.daysFromToday}
        value={typed ?? String(centre - now)}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={move}
        onKeyDown={(e) => {
          if (e.key === "Enter") move();
        }}
      />
      <span>{say.daysFromTodayUnit}</span>
    </label>
  );
}
