"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/time-picture";
import { useEffect, useRef, useState } from "react";
import { toDay, toIso } from "@/core/dates/index";
import { eventIs, type KindThatIs } from "@/core/event/index";
import type { TreePicture } from "@/model/index";
import { day, month } from "@/words/format";
import { INK, OCHRE, PAPER, TWIG, woodTone } from "@/ui/tones";
import { WOOD_WORD } from "@/words/terms";

const LEFT = 60;
const RIGHT = 34;
const TOP = 22;
const CURVES = 190;
const HEDGE_Y = TOP + CURVES + 20;
const HEDGE = 24;
const WOOD_Y = HEDGE_Y + HEDGE + 14;
const WOOD = 20;
const PEGS_Y = WOOD_Y + WOOD + 16;
const HEIGHT = PEGS_Y + 40;

const PEG_WORD: Record<KindThatIs<"pegged">, string> = {
  arrived: "arrived",
  potted: "potted",
  "roots-read": say.rootsSeen,
  noted: "note",
};

/** Room a word under a peg takes. */
const WORD_WIDTH = 64;

/** Words under pegs stand in the upper row, or in the lower where the last one there is too near. */
function rowsOf(xs: readonly (number | null)[]): number[] {
  let upper = -Infinity;
  return xs.map((x) => {
    if (x === null) return 0;
    if (x - upper < WORD_WIDTH) return 1;
    upper = x;
    return 0;
  });
}

/** Fill with its band, turning roots, windows as gaps in a hedge, wood as a tone, events as pegs: one picture of past and future. */
export function TimePicture({ picture, today }: { picture: TreePicture; today: string }) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(820);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.max(320, Math.round(entry.contentRect.width))));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const [from, to] = [toDay(picture.from), toDay(picture.to)];
  const x = (d: number) => LEFT + ((d - from) / (to - from)) * (width - LEFT - RIGHT);
  const at = (iso: string) => x(toDay(iso));
  const y = (fill: number) => TOP + CURVES * (1 - fill);
  const on = picture.state.on;

  const line = (values: (p: TreePicture["points"][number]) => number) =>
    picture.points.map((p, i) => `${i === 0 ? "M" : "L"}${at(p.on).toFixed(1)} ${values(p).toFixed(1)}`).join("");
  const band = `${line((p) => y(p.fill[2]))}${[...picture.points]
    .reverse()
    .map((p) => `L${at(p.on).toFixed(1)} ${y(p.fill[0]).toFixed(1)}`)
    .join("")}Z`;

  const rows = rowsOf(picture.events.map((e) => (eventIs(e.kind, "pegged") ? at(e.on) : null)));

  return (
    <div ref={box}>
      <svg width={width} height={HEIGHT} role="img" aria-label={describe(picture)} className="block max-w-full">
        <rect x={LEFT} y={TOP} width={width - LEFT - RIGHT} height={CURVES} fill={PAPER} stroke="#d9cdb2" />
        <Scales from={from} to={to} width={width} x={x} y={y} />
        <path d={band} fill="#a4502e" opacity="0.2" />
        <path d={line((p) => y(p.fill[1]))} fill="none" stroke="#8c3f20" strokeWidth="2.5" />
        <path
          d={line((p) => y(p.circling[1] / 4))}
          fill="none"
          stroke="var(--tone-rust)"
          strokeWidth="1.4"
          strokeDasharray="2 4"
        />
        <path d={`M${LEFT} ${y(picture.state.dueFill)}H${width - RIGHT}`} stroke={INK} strokeDasharray="7 4" />
        <text
          x={LEFT + 5}
          y={y(picture.state.dueFill) - 4}
          fontSize="11.5"
          fill={INK}
          stroke={PAPER}
          strokeWidth="3"
          paintOrder="stroke"
        >
          {say.due}
        </text>
        <Hedge picture={picture} at={at} left={Math.max(LEFT, at(picture.tracksFrom))} right={width - RIGHT} />
        {picture.wood.map((w) => {
          const bare = w.stage === "dormant" || w.stage === "swelling";
          return (
            <rect
              key={w.from}
              x={at(w.from)}
              y={WOOD_Y}
              width={Math.max(0.5, Math.min(at(w.to), width - RIGHT) - at(w.from) + 0.5)}
              height={WOOD}
              fill={bare ? "#ded5c4" : woodTone(w.ripe)}
              stroke={bare ? TWIG : "none"}
              strokeWidth="0.3"
            >
              <title>{say.from(WOOD_WORD[w.stage], day(w.from))}</title>
            </rect>
          );
        })}
        {[
          ["windows", HEDGE_Y + 16],
          ["wood", WOOD_Y + 14],
          ["done", PEGS_Y + 12],
        ].map(([word, wy]) => (
          <text key={word} x={LEFT - 3} y={wy} textAnchor="end" fontSize="10.5" fill={INK}>
            {word}
          </text>
        ))}
        {picture.events.map((e, i) => (
          <g key={e.id} transform={`translate(${at(e.on).toFixed(1)} 0)`}>
            <path d={`M0 ${PEGS_Y - 8}V${PEGS_Y + 6}`} stroke="#6b4a2f" strokeWidth="4" strokeLinecap="round" />
            <text
              y={PEGS_Y + 20 + rows[i] * 13}
              // Near the edge the word hangs to the right, clear of the row's name.
              textAnchor={at(e.on) < LEFT + 30 ? "start" : "middle"}
              fontSize="11"
              fill={INK}
            >
              {eventIs(e.kind, "pegged") && PEG_WORD[e.kind]}
            </text>
          </g>
        ))}
        <path d={`M${at(today)} ${TOP}V${PEGS_Y + 4}`} stroke={OCHRE} strokeWidth="3" />
        {on !== today && (
          <path d={`M${at(on)} ${TOP}V${PEGS_Y + 4}`} stroke={INK} strokeWidth="1.5" strokeDasharray="4 3" />
        )}
      </svg>
      <p className="text-sm opacity-80">{say.lineAndShadeHowFull}</p>
    </div>
  );
}

/** Closed days are a hedge; one walks through its gaps. */
function Hedge({
  picture,
  at,
  left,
  right,
}: {
  picture: TreePicture;
  at: (iso: string) => number;
  left: number;
  right: number;
}) {
  const gaps = picture.open.map(
    (p) => [Math.max(left, at(p.from)), Math.min(right, at(toIso(toDay(p.to) + 1)))] as const,
  );
  const pieces: [number, number][] = [];
  let cursor = left;
  for (const [a, b] of gaps) {
    if (a > cursor) pieces.push([cursor, a]);
    cursor = Math.max(cursor, b);
  }
  if (cursor < right) pieces.push([cursor, right]);
  return (
    <g>
      {pieces.map(([a, b]) => (
        <g key={a}>
          <rect x={a} y={HEDGE_Y} width={b - a} height={HEDGE} rx="3" fill="#55683f" />
          <path
            d={Array.from(
              { length: Math.max(0, Math.floor((b - a) / 9)) },
              (_, i) => `M${a + 4 + i * 9} ${HEDGE_Y + 5 + ((i * 5) % 12)}q2 -3 4 0`,
            ).join("")}
            stroke="#7f9466"
            strokeWidth="1.3"
            fill="none"
          />
        </g>
      ))}
      {gaps.map(
        ([a, b]) =>
          b - a > 30 && (
            <text key={a} x={(a + b) / 2} y={HEDGE_Y + 16} textAnchor="middle" fontSize="11" fill={INK}>
              {say.open}
            </text>
          ),
      )}
    </g>
  );
}

/** Quarters; July is named where a year is wide enough for two words. */
function ticks(from: number, to: number, wide: boolean): { d: number; year: boolean; label: string }[] {
  const out: { d: number; year: boolean; label: string }[] = [];
  for (let d = from; d <= to; d++) {
    const iso = toIso(d);
    if (!iso.endsWith("-01")) continue;
    const m = Number(iso.slice(5, 7));
    if (m % 3 !== 1) continue;
    out.push({ d, year: m === 1, label: m === 1 ? iso.slice(0, 4) : m === 7 && wide ? month(iso) : "" });
  }
  return out;
}

function describe(picture: TreePicture): string {
  const { state } = picture;
  const due =
    "none" in state.due ? say.noDueDate : state.due.p50 ? say.dueAbout(day(state.due.p50)) : say.notDueWithinYears;
  const open = picture.open
    .filter((p) => p.to >= state.on)
    .slice(0, 3)
    .map((p) => common.to(day(p.from), day(p.to)))
    .join(", ");
  return say.timePictureFromToPer(
    day(picture.from),
    day(picture.to),
    Math.round(state.fill.p50 * 100),
    day(state.on),
    due,
    open || say.notWithinThePicture,
  );
}

/** Months and years across, fullness on the left, grades of circling roots on the right. */
function Scales({
  from,
  to,
  width,
  x,
  y,
}: {
  from: number;
  to: number;
  width: number;
  x: (day: number) => number;
  y: (fill: number) => number;
}) {
  return (
    <>
      {ticks(from, to, ((width - LEFT - RIGHT) / (to - from)) * 365 > 90).map((t) => (
        <g key={t.d} transform={`translate(${x(t.d).toFixed(1)} 0)`}>
          <path d={`M0 ${TOP}V${PEGS_Y + 4}`} stroke={INK} opacity={t.year ? 0.35 : 0.1} />
          {t.label && (
            <text y={14} x={3} fontSize="11.5" fontWeight={t.year ? 700 : 500} fill={INK}>
              {t.label}
            </text>
          )}
        </g>
      ))}
      {[0, 0.25, 0.5, 0.75, 1].map((f) => (
        <text key={f} x={LEFT - 6} y={y(f) + 4} textAnchor="end" fontSize="11" fill={INK}>
          {f * 100}%
        </text>
      ))}
      {[0, 1, 2, 3, 4].map((c) => (
        <text key={c} x={width - RIGHT + 6} y={y(c / 4) + 4} fontSize="11" fill="var(--tone-rust)">
          {c}
        </text>
      ))}
    </>
  );
}
