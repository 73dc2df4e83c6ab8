"use client";

import * as say from "@/words/pages/shell";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useEffect, useId, useMemo, useRef, useState } from "react";
import { slotOf, toDay, toIso } from "@/core/dates/index";
import { isPageKey } from "@/ui/keys";
import { day as dayWord, month, percent } from "@/words/format";
import { Icon } from "@/ui/icon";
import { FROST, INK, OCHRE, PAPER, TWIG, woodTone } from "@/ui/tones";
import { useAsOf } from "@/features/kernel/as-of";
import { useOneDay } from "@/features/kernel/rough-date";
import { type StripWood, WEEK, woodWeeks } from "@/features/kernel/strip-wood";
import type { StripData } from "./strip-data";
import { SimulatedMark } from "@/features/kernel/simulated";

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
  const { collectionId, on, today, setOn, subject, setSubject } = useAsOf();
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
            {say.showing}
            <b className="whitespace-nowrap">{say.today(dayWord(today))}</b>
          </span>
        ) : (
          <>
            <span className="text-accent shrink-0 font-semibold">{say.showing2(dayWord(on))}</span>
            <button type="button" className="btn btn-xs btn-accent" onClick={() => setOn(today, true)}>
              {say.backToToday2}
            </button>
          </>
        )}
        {data.alarm && (
          <Link
            href={pageAt(collectionId, "climate/ahead")}
            prefetch={false}
            className="badge badge-error badge-sm h-auto min-h-6 min-w-0 shrink overflow-hidden py-0.5"
            data-testid="alarm"
          >
            <span className={full ? "" : "min-w-0 max-sm:truncate"}>
              {data.alarm.name}: {dayWord(data.alarm.on, today)}, {percent(data.alarm.chance)}
            </span>{" "}
            <span className={full ? "" : "max-sm:sr-only"}>
              <SimulatedMark />
            </span>
          </Link>
        )}
        {data.generatedFrom && (
          <Link href={pageAt(collectionId, "climate")} prefetch={false} className="badge badge-warning badge-sm">
            {GENERATED_WORDS[data.generatedFrom]}
          </Link>
        )}
        {folds && (
          <button
            type="button"
            className="btn btn-ghost btn-xs ml-auto min-h-11 shrink-0"
            aria-expanded={opened}
            onClick={() => setOpened(!opened)}
          >
            <Icon name="calendar" size={16} />
            {opened ? say.foldTheYear : <span className="max-sm:sr-only">{say.changeTheDay}</span>}
          </button>
        )}
        {full && woods.length > 1 && (
          <label className="hidden items-center gap-2 sm:flex">
            <span className="hidden md:inline">{say.woodOf}</span>
            <select
              className="select select-xs w-32"
              aria-label={say.whoseWoodTheStripShows}
              value={shown ?? ""}
              onChange={(e) => setSubject({ key: e.target.value, own: subject?.own ?? null })}
            >
              <option value="">{say.allTrees}</option>
              {[...woods]
                .sort((a, b) => a.name.localeCompare(b.name))
                .map((w) => (
                  <option key={w.key} value={w.key}>
                    {w.name}
                  </option>
                ))}
            </select>
          </label>
        )}
        {full && <DaysFromToday centre={centre} now={now} onMove={(day) => setOn(toIso(clampDay(day)), true)} />}
        {full && <GoTo key={on} on={on} onGo={(iso) => setOn(toIso(clampDay(toDay(iso))), true)} />}
        {full && (
          <span className="hidden text-xs lg:inline">
            {say.dragOr}
            <kbd className="kbd kbd-xs">[</kbd> <kbd className="kbd kbd-xs">]</kbd>
            {say.aWeek}
            <kbd className="kbd kbd-xs">t</kbd>
            {say.today2}
          </span>
        )}
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
      <span>{say.daysFromToday2}</span>
    </label>
  );
}

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

function StripDrawing({ data, woods, shown, centre, now, width, height, reach }: DrawingProps) {
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
      {months.map((m) => (
        <g key={m.d} transform={`translate(${x(m.d).toFixed(1)} 0)`}>
          <path d={`M0 0V${woodY}`} stroke={INK} opacity={m.year ? 0.5 : 0.15} />
          <text x="4" y="11" fontSize="11" fontWeight={m.year ? 700 : 500} fill={INK}>
            {m.word}
            {m.year ? ` ${m.year}` : ""}
          </text>
        </g>
      ))}
      {data.closing
        .filter((c) => Math.abs(toDay(c.on) - centre) < reach)
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
        .filter((m) => Math.abs(toDay(m.on) - centre) < reach)
        .map((m) => (
          // A small pot on the wood: filled where trees were potted on, empty where they fall due.
          <path
            key={`${m.on}${m.done}`}
            d={`M${(x(toDay(m.on)) - 4).toFixed(1)} ${height - 13}h8l-1.6 9h-4.8Z`}
            fill={m.done ? INK : PAPER}
            stroke={m.done ? PAPER : INK}
            strokeWidth="1.1"
          >
            <title>{m.done ? say.pottedOnInThisWeek(m.count) : say.fallDueInThisWeek(m.count)}</title>
          </path>
        ))}
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
