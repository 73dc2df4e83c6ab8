import * as say from "@/words/pages/parts";
import type { MixColumn } from "@/core/mix/index";
import { type Vessel, widthAtMm, USUAL_WALL } from "@/core/vessel/index";
import { litres, millimetres, type Units } from "@/words/format";
import { drawnWallMm, innerOutline, pathOf, type Point, wallOutline } from "./geometry";
import { INK, PAPER, WALL_TONE } from "./tones";
import { GravelPattern } from "./patterns";

/** What a litre at each depth is made of, from the stem outwards, with the pattern that tells them apart without colour. */
const COLUMN_PARTS = [
  { key: "solids", name: say.solidMatter, tone: "#8d7355" },
  { key: "held", name: say.waterHeldTooHard, tone: "#3f566b" },
  { key: "available", name: say.waterForRoots, tone: "#7fa6c4" },
  { key: "air", name: "air", tone: "#f6f1e2" },
] as const;

interface Props {
  vessel: Vessel;
  column: MixColumn;
  fillHeightMm: number;
  bottomLayerMm: number;
  /** Keeps two drawings to one scale. */
  scaleToMm: number;
  widestMm: number;
  widthPx: number;
  heightPx: number;
  title: string;
  units: Units;
  id: string;
}

const ROOM = { side: 14, top: 10, bottom: 8 };

/** A drained pot in section, every level divided by what fills it: the picture of "wet below, airy above". */
export function MixColumnDrawing(props: Props) {
  const { vessel, column, fillHeightMm, bottomLayerMm, widthPx, heightPx, units, id } = props;
  const wall = drawnWallMm(vessel);
  const scale = Math.min(
    (widthPx - 2 * ROOM.side) / (props.widestMm + 2 * wall),
    (heightPx - ROOM.top - ROOM.bottom) / (props.scaleToMm + wall),
  );
  const floorY = heightPx - ROOM.bottom - wall * scale;
  const cx = widthPx / 2;
  const at = ([x, y]: Point): Point => [cx + x * scale, floorY - y * scale];
  const { whole } = column;
  const words = say.ofAirOfWaterOf(
    litres(whole.airL, units),
    litres(whole.waterL, units),
    litres(column.availableL, units),
    column.soddenMm < 1
      ? say.noSoddenZone
      : say.soddenToAbove(millimetres(column.soddenMm, units), bottomLayerMm > 0 ? say.theGravel : say.theFloor),
  );
  return (
    <svg
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="img"
      aria-label={`${props.title}: ${words}`}
      className="mx-auto h-auto w-full"
      style={{ maxWidth: widthPx }}
    >
      <defs>
        <pattern id={`${id}-held`} width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill={COLUMN_PARTS[1].tone} />
          <path d="M0 3h6" stroke="#6d8499" strokeWidth="1" />
        </pattern>
        <pattern id={`${id}-available`} width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill={COLUMN_PARTS[2].tone} />
          <circle cx="4" cy="4" r="1.1" fill="#e6f0f6" />
        </pattern>
        <GravelPattern id={`${id}-gravel`} />
      </defs>
      <path d={`M0 ${floorY + wall * scale}H${widthPx}`} stroke={INK} strokeWidth="1.2" />
      <path d={pathOf(innerOutline(vessel, bottomLayerMm, fillHeightMm), at)} fill={COLUMN_PARTS[3].tone} />
      {COLUMN_PARTS.slice(0, 3).map(({ key, tone }, i) => (
        <path key={key} d={bandPath(vessel, column, i, at)} fill={i === 0 ? tone : `url(#${id}-${key})`} />
      ))}
      {bottomLayerMm > 0 && <path d={pathOf(innerOutline(vessel, 0, bottomLayerMm), at)} fill={`url(#${id}-gravel)`} />}
      <path
        d={pathOf(wallOutline(vessel, wall), at)}
        fill={WALL_TONE[vessel.wall ?? USUAL_WALL]}
        stroke={INK}
        strokeWidth="0.8"
      />
      {column.soddenMm > 1 && (
        <g stroke="var(--color-error)" fill="var(--color-error)">
          <path
            d={`M${at([-widthAtMm(vessel, 0) / 2, bottomLayerMm + column.soddenMm])[0]} ${at([0, bottomLayerMm + column.soddenMm])[1]}H${at([widthAtMm(vessel, 0) / 2, 0])[0]}`}
            strokeWidth="1.6"
            strokeDasharray="5 4"
          />
          <text
            x={cx}
            y={at([0, bottomLayerMm + column.soddenMm])[1] - 4}
            textAnchor="middle"
            className="max-md:hidden"
            fontSize="12"
            fontWeight="600"
            stroke={PAPER}
            strokeWidth="3"
            paintOrder="stroke"
          >
            {say.soddenBelow}
          </text>
        </g>
      )}
    </svg>
  );
}

/** Outline of one part: it lies outside the parts before it, on both sides of the axis. */
function bandPath(vessel: Vessel, column: MixColumn, part: number, at: (p: Point) => Point): string {
  const inner: Point[] = [];
  const outer: Point[] = [];
  const add = (layer: MixColumn["layers"][number], y: number) => {
    const half = widthAtMm(vessel, y) / 2;
    const before = part === 0 ? 0 : part === 1 ? layer.solids : layer.solids + layer.held;
    const own = part === 0 ? layer.solids : part === 1 ? layer.held : layer.available;
    inner.push([half * before, y]);
    outer.push([half * (before + own), y]);
  };
  const { layers } = column;
  // The outermost layers are drawn to their edges, so that they reach floor and line.
  if (layers.length > 0) add(layers[0], layers[0].heightMm - layers[0].thicknessMm / 2);
  for (const layer of layers) add(layer, layer.heightMm);
  const last = layers.at(-1);
  if (last) add(last, last.heightMm + last.thicknessMm / 2);
  const right = [...inner, ...outer.reverse()];
  const left = right.map(([x, y]) => [-x, y] as const);
  return pathOf(right, at) + pathOf(left, at);
}

export function ColumnLegend() {
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-sm" aria-label={say.whatTheColumnsShowFrom}>
      {COLUMN_PARTS.map((p) => (
        <li key={p.key} className="flex items-center gap-2">
          <span
            aria-hidden
            className="inline-block h-4 w-4 border border-base-content"
            style={{ backgroundColor: p.tone }}
          />
          {p.name}
        </li>
      ))}
    </ul>
  );
}
