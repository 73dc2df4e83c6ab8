"use client";

import { Z90 } from "@/core/math/index";
import { celsius, day } from "@/words/format";
import { ScrollBox } from "@/ui/fields";
import { FROST, INK, OCHRE, woodTone } from "@/ui/tones";
import { useAsOf } from "@/features/kernel/as-of";
import type { AtRisk } from "./ahead";
import type { DrawnNight } from "./nights";

const W = 820;
const H = 270;
const LEFT = 56;
const RIGHT = 12;
const TOP = 16;
const BOTTOM = 34;

/** Each night as a drop with its band hanging from the day's highest, and the hardiness of one kind's wood running beneath. */
export function NightsChart({ nights, group }: { nights: DrawnNight[]; group: AtRisk | null }) {
  const { units, today } = useAsOf();
  const lows = nights.map((n, k) => group?.minC[k] ?? n.minC);
  const least = Math.min(
    0,
    ...lows.map((v, k) => v - Z90 * nights[k].minErrorC),
    // Very hardy wood lies far below: it is told in words, not by squeezing the nights flat.
    ...(group?.lt50.tender ?? []).filter((v) => v > Math.min(...lows) - 12),
  );
  const most = Math.max(10, ...nights.map((n) => n.maxC));
  const y = (c: number) => TOP + ((most + 1 - c) / (most - least + 3)) * (H - TOP - BOTTOM);
  const step = (W - LEFT - RIGHT) / nights.length;
  const x = (k: number) => LEFT + (k + 0.5) * step;
  const line = (values: number[]) => values.map((v, k) => `${k === 0 ? "M" : "L"}${x(k)} ${y(v)}`).join("");
  const inside = group !== null && Math.max(...group.lt50.tender) > least - 1;
  const ticks = Array.from({ length: Math.floor((most - least) / 5) + 1 }, (_, k) => Math.ceil(least / 5) * 5 + 5 * k);
  return (
    <figure>
      <ScrollBox label="The nights ahead">
        <svg
          viewBox={`0 0 ${W} ${H}`}
          className="mt-2 h-auto w-full max-w-4xl min-w-160"
          role="img"
          aria-label={nights.map((n, k) => `${day(n.on, today)}: ${celsius(lows[k], units)}`).join("; ")}
        >
          <defs>
            <clipPath id="nights-frame">
              <rect x={LEFT} y={TOP} width={W - LEFT - RIGHT} height={H - TOP - BOTTOM} />
            </clipPath>
          </defs>
          {ticks.map((c) => (
            <g key={c}>
              <path d={`M${LEFT} ${y(c)}H${W - RIGHT}`} stroke={INK} opacity={c === 0 ? 0.8 : 0.15} />
              <text x={LEFT - 6} y={y(c) + 4} fontSize="11.5" textAnchor="end" fill={INK}>
                {celsius(c, units)}
              </text>
            </g>
          ))}
          {nights.map((n, k) => {
            const forecast = n.basis === "forecast";
            return (
              <g key={n.on}>
                <path d={`M${x(k)} ${y(n.maxC)}V${y(lows[k])}`} stroke={OCHRE} strokeWidth="2" opacity="0.55" />
                <circle cx={x(k)} cy={y(n.maxC)} r="3.5" fill={OCHRE} />
                <rect
                  x={x(k) - 9}
                  width="18"
                  y={y(lows[k] + Z90 * n.minErrorC)}
                  height={y(lows[k] - Z90 * n.minErrorC) - y(lows[k] + Z90 * n.minErrorC)}
                  rx="9"
                  fill={FROST}
                  opacity={forecast ? 0.45 : 0.2}
                  stroke={FROST}
                  strokeDasharray={forecast ? undefined : "3 3"}
                />
                <path d={`M${x(k) - 12} ${y(lows[k])}h24`} stroke="var(--color-info)" strokeWidth="2.5" />
                <text x={x(k)} y={H - 16} fontSize="11.5" textAnchor="middle" fill={INK}>
                  {day(n.on, today)}
                </text>
                <text x={x(k)} y={H - 3} fontSize="10.5" textAnchor="middle" fill={INK}>
                  {celsius(lows[k], units)}
                </text>
              </g>
            );
          })}
          {group && inside && (
            <g clipPath="url(#nights-frame)">
              <path
                d={`${line(group.lt50.tender)}L${x(nights.length - 1)} ${H}L${x(0)} ${H}Z`}
                fill={woodTone(0.9)}
                opacity="0.18"
              />
              <path d={line(group.lt50.middle)} fill="none" stroke={woodTone(1)} strokeWidth="2.5" />
              <path
                d={line(group.lt50.tender)}
                fill="none"
                stroke={woodTone(1)}
                strokeWidth="1.2"
                strokeDasharray="5 4"
              />
            </g>
          )}
        </svg>
      </ScrollBox>
      <figcaption className="max-w-4xl text-sm">
        Slate: the night{group?.place ? ` at ${group.place}` : ""}, band for eight of ten; ochre: the day’s highest.
        Dashed bands are what is usual where no forecast reaches.{" "}
        {group &&
          (inside
            ? "Brown: where half of the wood dies, dashed for the tender ones; a band that reaches it is a risk."
            : `Half of its wood dies at ${celsius(group.lt50.middle[0], units)} now, far below these nights.`)}
      </figcaption>
    </figure>
  );
}
