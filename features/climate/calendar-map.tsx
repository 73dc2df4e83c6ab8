"use client";

import * as say from "@/words/pages/climate/calendar-map";
import { number } from "@/words/format";
import { INK, OCHRE, PAPER } from "@/ui/tones";

const LEFT = 40;
const DAY_W = 2.1;
const ROW = 11;
/** Sources by their number: told apart by tone and by the list beneath. */
const SOURCE_TONES = [
  "#5d7c96",
  "#9bb0a0",
  "#b9a37c",
  "#8a7a9c",
  "#7fa3a8",
  "#a58a78",
  "#c1c7a5",
  "#93979c",
  "#d0b7b0",
  "#b6c4d2",
];
const MONTH_STARTS = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334];

interface Stretch {
  from: number;
  days: number;
  state: string;
}

function stretches(days: string): Stretch[] {
  const out: Stretch[] = [];
  for (let d = 0; d < days.length; d++) {
    const last = out.at(-1);
    if (last && last.state === days[d]) last.days++;
    else out.push({ from: d, days: 1, state: days[d] });
  }
  return out.filter((s) => s.state !== "o");
}

/** Every day of the record as a small field, a row a year: from which source it is, filled, or missing. */
export function CalendarMap({ years, names }: { years: { year: number; days: string }[]; names: string[] }) {
  const height = years.length * ROW + 24;
  const width = LEFT + 366 * DAY_W + 8;
  const count = (state: string) => years.reduce((n, y) => n + [...y.days].filter((c) => c === state).length, 0);
  const [missing, filled] = [count("m"), count("f")];
  return (
    <figure>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say.daysOnRecordByYear}>
        <svg
          viewBox={`0 0 ${width} ${height}`}
          style={{ minWidth: 560 }}
          className="h-auto w-full max-w-4xl"
          role="img"
          aria-label={say.yearsDaysMissingFilledIn(number(years.length), number(missing), number(filled))}
        >
          <defs>
            <pattern id="filled-day" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <rect width="4" height="4" fill={PAPER} />
              <rect width="1.6" height="4" fill={OCHRE} />
            </pattern>
          </defs>
          {MONTH_STARTS.map((d, m) => (
            <text key={d} x={LEFT + d * DAY_W + 2} y={12} fontSize="10.5" fill={INK}>
              {"JFMAMJJASOND"[m]}
            </text>
          ))}
          {years.map((y, row) => (
            <g key={y.year} transform={`translate(${LEFT} ${18 + row * ROW})`}>
              {(years.length <= 16 || y.year % 5 === 0) && (
                <text x={-5} y={ROW - 2} fontSize="10" textAnchor="end" fill={INK}>
                  {y.year}
                </text>
              )}
              {stretches(y.days).map((s) => (
                <rect
                  key={s.from}
                  x={s.from * DAY_W}
                  width={s.days * DAY_W}
                  height={ROW - 1.5}
                  fill={
                    s.state === "m"
                      ? "var(--color-error)"
                      : s.state === "f"
                        ? "url(#filled-day)"
                        : SOURCE_TONES[Number(s.state)]
                  }
                />
              ))}
            </g>
          ))}
        </svg>
      </div>
      <figcaption className="flex flex-wrap gap-x-4 text-sm">
        {names.map((name, k) => (
          <span key={name + k} className="inline-flex items-center gap-1">
            <svg width="14" height="14" aria-hidden="true">
              <rect width="14" height="14" fill={SOURCE_TONES[Math.min(9, k)]} />
            </svg>
            <span className="break-all">{name}</span>
          </span>
        ))}
        <span>
          <b style={{ color: "var(--color-error)" }}>{say.darkRed}</b>
          {say.daysMissingLeftOpen(number(missing))}
        </span>
        <span>{say.hatchedDaysInGapsOf(number(filled))}</span>
      </figcaption>
    </figure>
  );
}
