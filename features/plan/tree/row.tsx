"use client";

import * as say from "@/words/pages/plan/tree/row";
import { useRef, useState } from "react";
import type { LadderStep } from "@/core/ladder/index";
import { kilograms, litres, percent, type Units } from "@/words/format";
import { INK, rootTone } from "@/ui/tones";
import { ACTION_WORDS } from "@/words/ladder";

const CELL = 76;
const H = 196;
const GROUND = 96;
/** What the dashed line means stands before the first season. */
const LEFT = 88;
const RIGHT = 8;
/** Masses hang from the ground: at the limit they are this long. */
const LIMIT_LENGTH = 22;
const MOST_LENGTH = 44;
const HEAVY = "var(--color-error)";

export interface StepHandles {
  /** Moves the step of a season earlier or later. */
  onMove: (season: number, by: number) => void;
  onPot: (season: number, direction: 1 | -1) => void;
}

/**
 * A row of pots in section to one scale along the seasons: roots by tone, mass hanging beneath with the limit drawn, the last
 * third pale. A step is dragged to another season, or moved by the arrow keys.
 */
export function LadderDrawing({
  steps,
  shown,
  liftKg,
  largestL,
  label,
  units,
  handles,
}: {
  steps: LadderStep[];
  shown: number;
  liftKg: number;
  /** Largest pot of all rows: they share one scale. */
  largestL: number;
  label: (season: number) => string;
  units: Units;
  handles: StepHandles;
}) {
  const [dragged, setDragged] = useState<{ season: number; dx: number } | null>(null);
  const from = useRef(0);
  const scale = 74 / Math.cbrt(largestL);
  const width = LEFT + RIGHT + CELL * steps.length;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say.theSeasons}>
      <svg
        viewBox={`0 0 ${width} ${H}`}
        width={width}
        height={H}
        className="max-w-none"
        role="group"
        aria-label={inWords(steps.slice(0, shown), label, units)}
      >
        <path d={`M0 ${GROUND}H${width}`} stroke={INK} strokeWidth="1.5" />
        {steps.map((s, i) => {
          const movable = s.action !== "stay" && i < shown;
          const dx = dragged?.season === i ? dragged.dx : 0;
          return (
            <g
              key={s.season}
              opacity={i < shown ? 1 : 0.35}
              transform={dx ? `translate(${dx} 0)` : undefined}
              className={movable ? "cursor-grab outline-offset-2" : undefined}
              style={movable ? { touchAction: "pan-y" } : undefined}
              {...(movable
                ? {
                    role: "button",
                    tabIndex: 0,
                    "aria-label": say.arrowLeftOrRightMoves(label(s.season), shortWords(s, units)),
                    onKeyDown: (e: React.KeyboardEvent) => {
                      if (e.key === "ArrowLeft") handles.onMove(i, -1);
                      else if (e.key === "ArrowRight") handles.onMove(i, 1);
                      else if (e.key === "ArrowUp") handles.onPot(i, 1);
                      else if (e.key === "ArrowDown") handles.onPot(i, -1);
                      else return;
                      e.preventDefault();
                    },
                    onPointerDown: (e: React.PointerEvent<SVGGElement>) => {
                      e.currentTarget.setPointerCapture(e.pointerId);
                      from.current = e.clientX;
                      setDragged({ season: i, dx: 0 });
                    },
                    onPointerMove: (e: React.PointerEvent) => {
                      if (dragged?.season === i) setDragged({ season: i, dx: e.clientX - from.current });
                    },
                    onPointerUp: (e: React.PointerEvent) => {
                      const by = Math.round((e.clientX - from.current) / CELL);
                      setDragged(null);
                      if (by !== 0) handles.onMove(i, by);
                    },
                    onPointerCancel: () => setDragged(null),
                  }
                : {})}
            >
              <Cell step={s} i={i} scale={scale} liftKg={liftKg} label={label(s.season)} units={units} />
            </g>
          );
        })}
        <path
          d={`M0 ${GROUND + LIMIT_LENGTH + 18}H${width}`}
          stroke={HEAVY}
          strokeWidth="1"
          strokeDasharray="5 4"
          aria-hidden="true"
        />
        <text fontSize="11" fill={HEAVY}>
          <tspan x="0" y={GROUND + LIMIT_LENGTH + 12}>
            {kilograms(liftKg, units)}
          </tspan>
          <tspan x="0" y={GROUND + LIMIT_LENGTH + 31}>
            {say.canBeLifted}
          </tspan>
        </text>
      </svg>
    </div>
  );
}

function Cell({
  step: s,
  i,
  scale,
  liftKg,
  label,
  units,
}: {
  step: LadderStep;
  i: number;
  scale: number;
  liftKg: number;
  label: string;
  units: Units;
}) {
  const cx = LEFT + CELL * (i + 0.5);
  const out = s.massKg === 0;
  const size = Math.cbrt(s.volumeL) * scale;
  const [top, base] = [size / 2, (0.78 * size) / 2];
  const heavy = s.massKg > liftKg;
  const length = Math.min(MOST_LENGTH, (LIMIT_LENGTH * s.massKg) / liftKg);
  const acts = s.action !== "stay";
  return (
    <>
      <rect x={cx - CELL / 2} y="0" width={CELL} height={H} fill="transparent" />
      {out ? (
        // In the ground: a hole and no pot.
        <path d={`M${cx - top} ${GROUND}q${top} 26 ${2 * top} 0`} fill={rootTone(s.fill)} stroke={INK} />
      ) : (
        <path
          d={`M${cx - top} ${GROUND - size}L${cx - base} ${GROUND}H${cx + base}L${cx + top} ${GROUND - size}`}
          fill={rootTone(s.fill)}
          stroke={INK}
          strokeWidth={acts ? 2.6 : 1.2}
        />
      )}
      {!out &&
        s.circling >= 1 &&
        Array.from({ length: Math.round(s.circling) }, (_, j) => (
          <path
            key={j}
            d={`M${cx - base * 0.9} ${GROUND - 4 - j * 5}q${base * 0.9} 5 ${base * 1.8} 0`}
            fill="none"
            stroke="#5e2f16"
            strokeWidth="1.4"
          />
        ))}
      <text
        x={cx}
        y={out ? GROUND - 6 : GROUND - size - 5}
        textAnchor="middle"
        fontSize="11.5"
        fill={INK}
        fontWeight={acts ? 700 : 400}
      >
        {shortWords(s, units)}
      </text>
      <text x={cx} y={GROUND + 14} textAnchor="middle" fontSize="12" fill={INK}>
        {label}
      </text>
      {!out && (
        <>
          <rect x={cx - 13} y={GROUND + 18} width="26" height={length} fill={heavy ? HEAVY : "#b9ad93"} />
          <text
            x={cx}
            y={GROUND + 18 + MOST_LENGTH + 14}
            textAnchor="middle"
            fontSize="11.5"
            fill={heavy ? HEAVY : INK}
            fontWeight={heavy ? 700 : 400}
          >
            {kilograms(s.massKg, units)}
            {heavy ? " !" : ""}
          </text>
          <text x={cx} y={GROUND + 18 + MOST_LENGTH + 30} textAnchor="middle" fontSize="11.5" fill={INK}>
            {say.full(percent(s.fill))}
          </text>
        </>
      )}
    </>
  );
}

function shortWords(s: LadderStep, units: Units): string {
  if (s.action === "up-pot") return litres(s.volumeL, units);
  if (s.massKg === 0 && s.action === "stay") return "";
  return ACTION_WORDS[s.action].short;
}

function inWords(steps: LadderStep[], label: (season: number) => string, units: Units): string {
  return steps
    .filter((s) => s.action !== "stay")
    .map((s) => `${label(s.season)}: ${s.action === "up-pot" ? litres(s.volumeL, units) : ACTION_WORDS[s.action].long}`)
    .join("; ");
}
