"use client";

import { toDay, toIso } from "@/core/dates/index";
import { celsius, month } from "@/words/format";
import { ScrollBox } from "@/ui/fields";
import { FROST, INK, OCHRE, woodTone } from "@/ui/tones";
import { useAsOf } from "@/features/kernel/as-of";
import type { WoodPicture } from "./picture";

const W = 820;
const LEFT = 56;
const RIGHT = 12;
const RIPE_TOP = 24;
const RIPE_H = 150;
const COLD_TOP = RIPE_TOP + RIPE_H + 30;
const COLD_H = 190;
const SAFE_TOP = COLD_TOP + COLD_H + 30;
const SAFE_H = 60;
const H = SAFE_TOP + SAFE_H + 26;
/** Warmer nights say nothing of hardiness. */
const WARMEST_C = 12;

type Values = readonly (number | null)[];

/** Ripeness above, hardiness against the nights in the middle, safe days for potting on beneath: one axis of time for all. */
export function WoodChart({ picture: p }: { picture: WoodPicture }) {
  const { on, today, units } = useAsOf();
  const start = toDay(p.from);
  const x = (d: number) => LEFT + (d / (p.days - 1)) * (W - LEFT - RIGHT);
  const lowest = Math.floor((Math.min(...p.hardy.hardy, ...p.coldNight) - 1) / 5) * 5;
  const yRipe = (v: number) => RIPE_TOP + (1 - v / 100) * RIPE_H;
  const yCold = (c: number) => COLD_TOP + ((WARMEST_C - Math.min(c, WARMEST_C)) / (WARMEST_C - lowest)) * COLD_H;
  const ySafe = (v: number) => SAFE_TOP + (1 - v / 100) * SAFE_H;
  const line = (values: Values, y: (v: number) => number) => {
    let pen = false;
    return values
      .map((v, k) => {
        if (v === null) {
          pen = false;
          return "";
        }
        const step = `${pen ? "L" : "M"}${x(k * p.stepDays).toFixed(1)} ${y(v).toFixed(1)}`;
        pen = true;
        return step;
      })
      .join("");
  };
  const band = (upper: number[], lower: number[], y: (v: number) => number) =>
    `${line(upper, y)}${lower
      .map((v, k) => `L${x(k * p.stepDays).toFixed(1)} ${y(v).toFixed(1)}`)
      .reverse()
      .join("")}Z`;
  const months = Array.from({ length: p.days }, (_, d) => d).filter((d) => toIso(start + d).endsWith("-01"));
  const [here, now] = [toDay(on) - start, toDay(today) - start];
  const inside = (d: number) => d >= 0 && d < p.days;
  const safe = p.safe.map((v) => v ?? 0);
  const degrees = Array.from({ length: Math.floor((WARMEST_C - lowest) / 10) + 1 }, (_, k) => 10 - 10 * k).filter(
    (c) => c >= lowest,
  );
  return (
    <figure>
      <ScrollBox label="Course of the season">
        <svg viewBox={`0 0 ${W} ${H}`} className="h-auto w-full max-w-4xl min-w-160" role="img" aria-label={spoken(p)}>
          <defs>
            <linearGradient id="ripening" x1="0" x2="0" y1="1" y2="0">
              <stop offset="0" stopColor={woodTone(0)} />
              <stop offset="1" stopColor={woodTone(1)} />
            </linearGradient>
          </defs>
          {[
            ["ripeness of the season’s wood, to the tips", RIPE_TOP],
            ["cold that kills half of it, against the nights", COLD_TOP],
            ["potting up that day ends well", SAFE_TOP],
          ].map(([words, top]) => (
            <text key={words} x={LEFT} y={Number(top) - 7} fontSize="12.5" fontWeight="600" fill={INK}>
              {words}
            </text>
          ))}
          {months.map((d) => (
            <g key={d}>
              <path d={`M${x(d)} ${RIPE_TOP}V${SAFE_TOP + SAFE_H}`} stroke={INK} opacity={0.1} />
              <text x={x(d) + 2} y={H - 8} fontSize="11.5" fill={INK}>
                {toIso(start + d).slice(5, 7) === "01" ? toIso(start + d).slice(0, 4) : month(toIso(start + d))}
              </text>
            </g>
          ))}
          {[0, 50, 70, 100].map((v) => (
            <g key={v}>
              <path
                d={`M${LEFT} ${yRipe(v)}H${W - RIGHT}`}
                stroke={INK}
                opacity={v === 70 ? 0.8 : 0.18}
                strokeDasharray={v === 70 ? "6 4" : undefined}
              />
              <text x={LEFT - 6} y={yRipe(v) + 4} fontSize="11" textAnchor="end" fill={INK}>
                {v === 70 ? "ripe" : `${v} %`}
              </text>
            </g>
          ))}
          <path d={band(p.ripe.p90, p.ripe.p10, yRipe)} fill="url(#ripening)" opacity="0.45" />
          <path d={line(p.ripe.p50, yRipe)} fill="none" stroke="var(--tone-wood)" strokeWidth="2.5" />
          {p.shoots && (
            <path
              d={line(p.shoots, yRipe)}
              fill="none"
              stroke="var(--tone-wood)"
              strokeWidth="1.5"
              strokeDasharray="3 4"
            />
          )}
          {degrees.map((c) => (
            <g key={c}>
              <path d={`M${LEFT} ${yCold(c)}H${W - RIGHT}`} stroke={INK} opacity={c === 0 ? 0.7 : 0.18} />
              <text x={LEFT - 6} y={yCold(c) + 4} fontSize="11" textAnchor="end" fill={INK}>
                {celsius(c, units)}
              </text>
            </g>
          ))}
          <path d={band(p.hardy.tender, p.hardy.hardy, yCold)} fill={woodTone(0.8)} opacity="0.28" />
          <path d={line(p.hardy.middle, yCold)} fill="none" stroke="var(--tone-wood)" strokeWidth="2.5" />
          <path d={line(p.coldNight, yCold)} fill="none" stroke={FROST} strokeWidth="1.6" strokeDasharray="6 4" />
          <path d={line(p.recorded, yCold)} fill="none" stroke="var(--color-info)" strokeWidth="1.1" />
          <path
            d={`${line(safe, ySafe)}L${x((safe.length - 1) * p.stepDays)} ${ySafe(0)}L${x(0)} ${ySafe(0)}Z`}
            fill="#6b8f4e"
            opacity="0.3"
          />
          <path d={line(p.safe, ySafe)} fill="none" stroke="var(--color-success)" strokeWidth="1.8" />
          {[0, 90].map((v) => (
            <g key={v}>
              <path
                d={`M${LEFT} ${ySafe(v)}H${W - RIGHT}`}
                stroke={INK}
                opacity={v === 0 ? 0.7 : 0.3}
                strokeDasharray={v === 90 ? "6 4" : undefined}
              />
              <text x={LEFT - 6} y={ySafe(v) + 4} fontSize="11" textAnchor="end" fill={INK}>
                {v} %
              </text>
            </g>
          ))}
          {p.periods.map((w) => {
            const from = Math.max(0, toDay(w.from) - start);
            const to = Math.min(p.days - 1, toDay(w.to) - start);
            return (
              <path
                key={w.from}
                d={`M${x(from)} ${SAFE_TOP + SAFE_H + 4}H${x(to)}`}
                stroke="var(--color-success)"
                strokeWidth="4"
              />
            );
          })}
          {inside(now) && <path d={`M${x(now)} ${RIPE_TOP}V${SAFE_TOP + SAFE_H}`} stroke={OCHRE} strokeWidth="3" />}
          {here !== now && inside(here) && (
            <path
              d={`M${x(here)} ${RIPE_TOP}V${SAFE_TOP + SAFE_H}`}
              stroke={INK}
              strokeWidth="1.5"
              strokeDasharray="4 3"
            />
          )}
        </svg>
      </ScrollBox>
      <figcaption className="text-sm">
        Bands: eight of ten courses the season may take. Brown:{" "}
        {p.shoots ? "the tips; dotted: the shoots without the late ones" : "the wood"}. In the middle panel slate is the
        air: recorded nights solid, the night that is colder once in ten years dashed. Thick green at the foot: open
        windows; a safe day outside them is held back by cold mix, soft shoots or bloom.
      </figcaption>
    </figure>
  );
}

function spoken(p: WoodPicture): string {
  const coldest = Math.min(...p.hardy.middle);
  return `Ripeness, hardiness and safe days of ${p.label} through the season ${p.season}. At its hardiest it stands ${coldest} °C. The sentences above have the days.`;
}
