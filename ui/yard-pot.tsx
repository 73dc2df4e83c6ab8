import { brimHeightMm, type Vessel, widthAtMm, USUAL_WALL } from "@/core/vessel/index";
import { drawnWallMm, innerOutline, pathOf, type Point, wallOutline } from "./geometry";
import { rootTone, TWIG, WALL_TONE, woodTone } from "./tones";

/** Everything the small pot needs, rounded: hundreds of them travel with a page. */
export interface YardPotProps {
  vessel: Vessel;
  fillHeightMm: number;
  fill: number;
  /** Leaf tone 0 soft … 1 ripe; null for a leafless crown. */
  ripe: number | null;
  scale: number;
  count: number;
  guessed: boolean;
}

const CROWN_PX = 34;

/** Width of the drawing, px: what its place on the ground line must offer. */
export function yardPotWidth(vessel: Vessel, scale: number): number {
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  const width = Math.max(widthAtMm(vessel, brimHeightMm(vessel)), widthAtMm(vessel, 0)) + 2 * wall;
  return Math.round(Math.max(40, width * scale + 10));
}

/** A pot on the ground line, to the yard's scale, in section. The crown is a sign of its wood, not to scale. */
export function YardPot({ vessel, fillHeightMm, fill, ripe, scale, count, guessed }: YardPotProps) {
  const brim = brimHeightMm(vessel);
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  const w = yardPotWidth(vessel, scale);
  const h = Math.round(brim * scale + wall * scale + CROWN_PX + 4);
  const cx = w / 2;
  const floor = h - wall * scale;
  const at = ([x, y]: Point): Point => [cx + x * scale, floor - y * scale];
  // Litres explored: the reach of the roots grows with the cube root.
  const reach = Math.cbrt(Math.min(1, fill));
  const ball = innerOutline(vessel, fillHeightMm * (1 - reach), fillHeightMm).map(([x, y]) => [x * reach, y] as const);
  const soilTop = floor - fillHeightMm * scale;
  return (
    <svg viewBox={`0 0 ${w} ${h}`} width={w} height={h} aria-hidden="true">
      <path d={`M${cx} ${soilTop}V${soilTop - 14}`} stroke="#6b4a2f" strokeWidth="2.5" />
      {ripe === null ? (
        <path
          d={`M${cx} ${soilTop - 10}l-9 -14M${cx} ${soilTop - 12}l8 -16M${cx} ${soilTop - 13}v-17M${cx - 5} ${soilTop - 18}l-8 -3M${cx + 5} ${soilTop - 21}l8 -2`}
          stroke={TWIG}
          strokeWidth="1.4"
          fill="none"
        />
      ) : (
        <ellipse cx={cx} cy={soilTop - 21} rx={15} ry={11} fill={woodTone(ripe)} />
      )}
      <path d={pathOf(innerOutline(vessel, 0, fillHeightMm), at)} fill="#d8c6a5" />
      <path d={pathOf(ball, at)} fill={rootTone(fill)} />
      <path
        d={pathOf(wallOutline(vessel, wall), at)}
        fill={WALL_TONE[vessel.wall ?? USUAL_WALL]}
        strokeDasharray={guessed ? "3 2" : undefined}
      />
      {count > 1 && (
        <text
          x={cx}
          y={floor - 4}
          textAnchor="middle"
          fontSize="11"
          fontWeight="700"
          fill="#fffaf0"
          stroke="#3a2b1d"
          strokeWidth="2.5"
          paintOrder="stroke"
        >
          ×{count}
        </text>
      )}
    </svg>
  );
}
