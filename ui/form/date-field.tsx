"use client";

import * as say from "@/words/pages/parts";
import { lazy, Suspense, useId, useRef, useState } from "react";
import { type DayRange, earliestDay } from "@/core/dates/index";
import { day } from "@/words/format";
import { Field } from "../fields";
import { Icon } from "../icon";

const Calendar = lazy(() => import("./calendar"));

/** What a person typed as a day, and what is made of it: a range, unknown (null), or a fault in words. */
export type ReadDate = { range: DayRange | null; fault?: undefined } | { range?: undefined; fault: string };

/**
 * One field for every day: typed as people remember it ("spring 2022", "2021-05-03") or chosen from a calendar. What was understood
 * stands beneath while typing.
 */
export function DateField({
  label,
  value,
  onChange,
  read,
  today,
  exact = false,
  needed = false,
  ahead = null,
  from,
  first,
  fault,
  className,
}: {
  label: string;
  /** As typed. */
  value: string;
  onChange: (text: string) => void;
  read: (text: string) => ReadDate;
  /** The last day that may be chosen. */
  today: string;
  /** The day whose month is shown while none is chosen, and the first that may be chosen; today, and as far back as a tree may be old. */
  from?: string;
  first?: string;
  /** Only a day will do, no season or year. */
  exact?: boolean;
  /** "unknown" is no answer here. */
  needed?: boolean;
  /** Of a day that lies ahead: the last that may be chosen. */
  ahead?: string | null;
  fault?: string;
  className?: string;
}) {
  const id = useId().replaceAll(":", "");
  const popover = useRef<HTMLDivElement>(null);
  const [opened, setOpened] = useState(false);
  const { range } = read(value);
  return (
    <Field label={label} fault={fault} hint={understood(range, exact, needed, ahead !== null)} className={className}>
      {(aria) => (
        <span className="flex items-center gap-1">
          <input
            {...aria}
            className={`input w-full ${fault ? "input-error" : ""}`}
            value={value}
            placeholder={
              ahead !== null ? say.suchAs1MarchOr : exact ? say.suchAs20260503 : needed ? say.suchAs20210503 : "unknown"
            }
            onChange={(e) => onChange(e.target.value)}
          />
          <button
            type="button"
            className="btn btn-ghost btn-square min-h-11 min-w-11"
            aria-label={say.calendar}
            aria-describedby={aria.id}
            popoverTarget={`day-${id}`}
            style={{ anchorName: `--day-${id}` }}
            onClick={() => setOpened(true)}
          >
            <Icon name="calendar" size={20} />
          </button>
          <div
            ref={popover}
            id={`day-${id}`}
            popover="auto"
            className="dropdown border-base-300 rounded-box border shadow-lg"
            style={{ positionAnchor: `--day-${id}` }}
          >
            {opened && (
              <Suspense fallback={<p className="p-4">…</p>}>
                <Calendar
                  value={range?.best ?? null}
                  first={first ?? (ahead === null ? earliestDay(today, "tree") : today)}
                  last={ahead ?? today}
                  from={from ?? today}
                  onChoose={(iso) => {
                    onChange(iso);
                    popover.current?.hidePopover();
                  }}
                />
              </Suspense>
            )}
          </div>
        </span>
      )}
    </Field>
  );
}

function understood(range: DayRange | null | undefined, exact: boolean, needed: boolean, ahead: boolean): string {
  if (ahead) return range ? day(range.best) : say.n202703011March;
  if (range === undefined) return exact ? say.aDaySuchAs2026 : say.n20210503May2021;
  if (range === null) return exact ? say.aDayPlease : needed ? say.aYearOrASeason : say.nobodyKnows;
  return range.from === range.to ? day(range.best) : say.betweenAnd(day(range.from), day(range.to));
}
