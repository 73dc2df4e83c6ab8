import type { CrownForm } from "@/core/species/index";
import { brimHeightMm, type Vessel, widthAtMm, USUAL_WALL } from "@/core/vessel/index";
import { crownPaths, type CrownShape, crownShape } from "./crown";
import { drawnWallMm, innerOutline, pathOf, type Point, wallOutline } from "./geometry";
import { rootTone, TWIG, WALL_TONE, woodTone } from "./tones";

export interface YardCrown {
  form: CrownForm;
  /** Its own branching: the tree's id. */
  seed: string;
  heightMm: number;
  guessed: boolean;
}

/** Everything the small pot needs, rounded: hundreds of them travel with a page. */
export interface YardPotProps {
  vessel: Vessel;
  fillHeightMm: number;
  fill: number;
  /** Leaf tone 0 soft … 1 hardened; null for a leafless crown. */
  ripe: number | null;
  /** Pixels to a millimetre of pot, and of crown. */
  scale: number;
  crownScale: number;
  crown: YardCrown;
  count: number;
  guessed: boolean;
}

/** Smaller crowns would be a blot. */
const LEAST_CROWN_PX = 22;

/** Branchings are made once: every step of a drag draws them again. A server that draws for many collections forgets them in time. */
const MOST_SHAPES = 4000;
const shapes = new Map<string, CrownShape>();
function shapeOf({ form, seed }: YardCrown): CrownShape {
  const key = `${form} ${seed}`;
  let shape = shapes.get(key);
  if (!shape) {
    if (shapes.size >= MOST_SHAPES) shapes.clear();
    shapes.set(key, (shape = crownShape(form, seed)));
  }
  return shape;
}

const crownPx = (crown: YardCrown, crownScale: number) => Math.max(LEAST_CROWN_PX, crown.heightMm * crownScale);

/** Width of the drawing, px: what its place on the ground line must offer. */
export function yardPotWidth(vessel: Vessel, crown: YardCrown, scale: number, crownScale: number): number {
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  const width = Math.max(widthAtMm(vessel, brimHeightMm(vessel)), widthAtMm(vessel, 0)) + 2 * wall;
  return Math.round(Math.max(40, width * scale + 10, 2 * shapeOf(crown).half * crownPx(crown, crownScale) + 4));
}

/** A tree in its pot on the ground line: the pot in section to one scale, the crown in its habit to another. */
export function YardPot({ vessel, fillHeightMm, fill, ripe, scale, crownScale, crown, count, guessed }: YardPotProps) {
  const brim = brimHeightMm(vessel);
  const wall = Math.max(drawnWallMm(vessel), 1.6 / scale);
  const w = yardPotWidth(vessel, crown, scale, crownScale);
  const heightPx = crownPx(crown, crownScale);
  const rim = (brim - fillHeightMm) * scale;
  const h = Math.round(brim * scale + wall * scale + Math.max(4, heightPx - rim) + 6);
  const cx = w / 2;
  const floor = h - wall * scale;
  const at = ([x, y]: Point): Point => [cx + x * scale, floor - y * scale];
  // Litres explored: the reach of the roots grows with the cube root.
  const reach = Math.cbrt(Math.min(1, fill));
  const ball = innerOutline(vessel, fillHeightMm * (1 - reach), fillHeightMm).map(([x, y]) => [x * reach, y] as const);
  return (
    <svg viewBox={`0 0 ${w} ${h}`} width={w} height={h} aria-hidden="true">
      <Crown crown={crown} x={cx} y={floor - fillHeightMm * scale} heightPx={heightPx} ripe={ripe} />
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

function Crown({
  crown,
  x,
  y,
  heightPx,
  ripe,
}: {
  crown: YardCrown;
  x: number;
  y: number;
  heightPx: number;
  ripe: number | null;
}) {
  const { thick, thin, green, leaves } = crownPaths(shapeOf(crown), { x, y, heightPx });
  const leaf = woodTone(ripe === null ? 0 : 0.55 * ripe);
  // Nobody measured it: drawn lightly.
  const opacity = crown.guessed ? 0.75 : 1;
  return (
    <g fill="none" strokeLinecap="round" opacity={opacity}>
      <path d={thin} stroke={TWIG} strokeWidth={Math.max(0.8, heightPx / 70)} />
      <path d={thick} stroke="#6b4a2f" strokeWidth={Math.max(1.6, heightPx / 32)} />
      {green !== "" && <path d={green} stroke={leaf} strokeWidth={Math.max(2, heightPx / 22)} />}
      {ripe !== null && leaves !== "" && <path d={leaves} fill={leaf} fillOpacity={0.88} />}
    </g>
  );
}
