"use client";

import * as say from "@/words/pages/plan/shelves";
import { number, percent } from "@/words/format";
import { INK, OCHRE } from "@/ui/tones";
import type { PlannedMonth } from "./plan";

const W = 92;
const H = 108;
const BOARD = 74;
const ROOM = 58;
const MOST_SAG = 20;
const FULL = "var(--color-error)";

/** A year's months as shelves: the work lies on them as boxes, and a board sags as it nears what the people can do. */
export function Shelves({
  months,
  names,
  largestHours,
  season,
}: {
  /** Twelve, in order; null where nothing is planned. */
  months: (PlannedMonth | null)[];
  names: readonly string[];
  largestHours: number;
  /** Which season’s they are. */
  season: string;
}) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say.monthsOf(season)}>
      <svg
        viewBox={`0 0 ${12 * W} ${H}`}
        width={12 * W}
        height={H}
        className="max-w-none"
        role="img"
        aria-label={inWords(months, names)}
      >
        {months.map((m, i) => (
          <Shelf key={names[i]} month={m} name={names[i]} x={i * W} largestHours={largestHours} />
        ))}
      </svg>
    </div>
  );
}

function Shelf({
  month: m,
  name,
  x,
  largestHours,
}: {
  month: PlannedMonth | null;
  name: string;
  x: number;
  largestHours: number;
}) {
  const hours = m ? m.minutes / 60 : 0;
  const share = m?.hours ? hours / m.hours : hours / largestHours;
  const over = m !== null && m.hours !== null && hours > m.hours;
  const sag = Math.min(MOST_SAG, MOST_SAG * Math.max(0, share) ** 1.5);
  const [left, right] = [x + 6, x + W - 6];
  const middle = (left + right) / 2;
  const tall = Math.min(ROOM, (ROOM * hours) / Math.max(1, largestHours));
  return (
    <g>
      {m && hours > 0 && (
        <g transform={`translate(0 ${sag * 0.8})`}>
          <rect
            x={left + 10}
            y={BOARD - tall}
            width={right - left - 20}
            height={tall}
            fill={over ? "#d08a6f" : "#c9b98f"}
            stroke={INK}
          />
          {m.tooHeavy > 0 && (
            <path
              d={`M${left + 10} ${BOARD - tall}L${right - 10} ${BOARD}M${right - 10} ${BOARD - tall}L${left + 10} ${BOARD}`}
              stroke={FULL}
              strokeWidth="1.2"
            />
          )}
        </g>
      )}
      <path
        d={`M${left} ${BOARD}Q${middle} ${BOARD + 2 * sag} ${right} ${BOARD}`}
        fill="none"
        stroke={over ? FULL : INK}
        strokeWidth={over ? 4 : 3}
      />
      <path d={`M${left} ${BOARD}v7M${right} ${BOARD}v7`} stroke={OCHRE} strokeWidth="3" />
      <text
        x={middle}
        y={BOARD - tall + sag * 0.8 - 4}
        textAnchor="middle"
        fontSize="11"
        fill={over ? FULL : INK}
        fontWeight={over ? 700 : 400}
      >
        {m && hours > 0 ? `${number(hours, hours < 10 ? 1 : 0)} h` : ""}
      </text>
      <text x={middle} y={H - 2} textAnchor="middle" fontSize="11.5" fill={INK}>
        {name}
      </text>
    </g>
  );
}

function inWords(months: (PlannedMonth | null)[], names: readonly string[]): string {
  const lines = months.flatMap((m, i) =>
    m
      ? [
          say.treesHours(
            names[i],
            number(m.moves),
            number(m.minutes / 60, 1),
            m.hours ? say.ofWhatThereIs(percent(m.minutes / 60 / m.hours)) : "",
          ),
        ]
      : [],
  );
  return lines.length === 0 ? say.nothingToDo : lines.join("; ");
}
