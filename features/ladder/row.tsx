import type { LadderStep } from "@/core/ladder/index";
import { kilograms, litres, percent, type Units } from "@/ui/format";
import { INK, rootTone } from "@/ui/tones";
import { ACTION_WORDS } from "./words";

const CELL = 84;
const H = 150;
const GROUND = 96;
const LEFT = 8;

/** A row of pots in section to one scale along the seasons: roots by tone, mass beneath, the last third pale. */
export function LadderRow({
  steps,
  shown,
  liftKg,
  firstLabel,
  units,
}: {
  steps: LadderStep[];
  shown: number;
  liftKg: number;
  firstLabel: (season: number) => string;
  units: Units;
}) {
  const largest = Math.max(...steps.map((s) => s.volumeL));
  const scale = 74 / Math.cbrt(largest);
  const width = LEFT * 2 + CELL * steps.length;
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The seasons">
      <svg
        viewBox={`0 0 ${width} ${H}`}
        width={width}
        height={H}
        className="max-w-none"
        role="img"
        aria-label={describe(steps.slice(0, shown), firstLabel, units)}
      >
        <path d={`M0 ${GROUND}H${width}`} stroke={INK} strokeWidth="1.5" />
        {steps.map((s, i) => {
          const size = Math.cbrt(s.volumeL) * scale;
          const cx = LEFT + CELL * (i + 0.5);
          const [top, base] = [size / 2, (0.78 * size) / 2];
          const heavy = s.massKg > liftKg;
          return (
            <g key={s.season} opacity={i < shown ? 1 : 0.35}>
              <path
                d={`M${cx - top} ${GROUND - size}L${cx - base} ${GROUND}H${cx + base}L${cx + top} ${GROUND - size}`}
                fill={rootTone(s.fill)}
                stroke={INK}
                strokeWidth={s.action === "up-pot" ? 2.6 : 1.2}
              />
              {s.circling >= 1 &&
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
                y={GROUND - size - 5}
                textAnchor="middle"
                fontSize="11.5"
                fill={INK}
                fontWeight={s.action === "up-pot" ? 700 : 400}
              >
                {s.action === "up-pot" ? litres(s.volumeL, units) : ACTION_WORDS[s.action].short}
              </text>
              <text x={cx} y={GROUND + 15} textAnchor="middle" fontSize="12" fill={INK}>
                {firstLabel(s.season)}
              </text>
              <text
                x={cx}
                y={GROUND + 31}
                textAnchor="middle"
                fontSize="11.5"
                fill={heavy ? "#9b2f1f" : INK}
                fontWeight={heavy ? 700 : 400}
              >
                {kilograms(s.massKg, units)}
                {heavy ? " !" : ""}
              </text>
              <text x={cx} y={GROUND + 46} textAnchor="middle" fontSize="11.5" fill={INK}>
                {percent(s.fill)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}

function describe(steps: LadderStep[], label: (season: number) => string, units: Units): string {
  return steps
    .filter((s) => s.action !== "stay")
    .map((s) => `${label(s.season)}: ${s.action === "up-pot" ? litres(s.volumeL, units) : ACTION_WORDS[s.action].long}`)
    .join("; ");
}
