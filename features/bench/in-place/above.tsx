import * as say from "@/words/pages/bench/in-place";
import { type Cores, type InPlaceInput, keepOffMm, type Slice } from "@/core/inplace/index";
import { millimetres, number, type Units } from "@/words/format";
import { INK, OCHRE, SOIL } from "@/ui/tones";

const W = 400;
const PAD = 34;

/** The ball from above, to scale: trunk, what is left alone, holes or the slice. North is up. */
export function AboveDrawing({
  ball,
  cores,
  slice,
  units,
}: {
  ball: InPlaceInput;
  cores: Cores | null;
  slice: Slice | null;
  units: Units;
}) {
  const { plan } = ball;
  const round = plan.shape === "round";
  const [length, width] = round ? [plan.diameterMm, plan.diameterMm] : [plan.lengthMm, plan.widthMm];
  const scale = (W - 2 * PAD) / length;
  const height = width * scale + 2 * PAD;
  const [cx, cy] = [W / 2, height / 2];
  const [hx, hy] = [(length / 2) * scale, (width / 2) * scale];
  const trunk = Math.max(4, ((ball.trunkMm ?? 20) / 2) * scale);
  return (
    <svg
      viewBox={`0 0 ${W} ${height}`}
      className="h-auto w-full"
      role="img"
      aria-label={
        cores
          ? say.theBallFromAboveBy(
              millimetres(length, units),
              millimetres(width, units),
              number(cores.holes.length),
              millimetres(cores.coreMm, units),
              millimetres(keepOffMm(ball), units),
            )
          : say.theBallFromAboveByIts(
              millimetres(length, units),
              millimetres(width, units),
              slice?.side ?? "",
              millimetres(slice?.depthMm ?? 0, units),
            )
      }
    >
      <defs>
        <pattern id="cut" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="7" height="7" fill="#e9d9b4" />
          <path d="M0 0V7" stroke={SOIL} strokeWidth="2" />
        </pattern>
        <clipPath id="ball-plan">
          {round ? <circle cx={cx} cy={cy} r={hx} /> : <rect x={cx - hx} y={cy - hy} width={2 * hx} height={2 * hy} />}
        </clipPath>
      </defs>
      {round ? (
        <circle cx={cx} cy={cy} r={hx} fill="#b6956a" stroke={INK} strokeWidth="3" />
      ) : (
        <rect x={cx - hx} y={cy - hy} width={2 * hx} height={2 * hy} fill="#b6956a" stroke={INK} strokeWidth="3" />
      )}
      <g clipPath="url(#ball-plan)">
        {slice && <rect {...sliceBox(slice, cx, cy, hx, hy, scale)} fill="url(#cut)" stroke={INK} />}
      </g>
      <circle
        cx={cx}
        cy={cy}
        r={keepOffMm(ball) * scale}
        fill="none"
        stroke={OCHRE}
        strokeWidth="1.6"
        strokeDasharray="6 5"
      />
      {cores?.holes.map((h) => (
        <circle
          key={`${h.x}:${h.y}`}
          cx={cx + h.x * scale}
          cy={cy - h.y * scale}
          r={(cores.coreMm / 2) * scale}
          fill="url(#cut)"
          stroke={INK}
          strokeWidth="1"
        />
      ))}
      <circle cx={cx} cy={cy} r={trunk} fill="#5e4126" stroke={INK} />
      <g fontSize="13" fill={INK} textAnchor="middle">
        <text x={cx} y={16}>
          {say.north}
        </text>
        <text x={cx} y={height - 8}>
          {millimetres(length, units)}
          {round ? say.across : ` × ${millimetres(width, units)}`}
        </text>
      </g>
    </svg>
  );
}

function sliceBox({ side, depthMm }: Slice, cx: number, cy: number, hx: number, hy: number, scale: number) {
  const d = depthMm * scale;
  if (side === "south") return { x: cx - hx, y: cy + hy - d, width: 2 * hx, height: d };
  if (side === "north") return { x: cx - hx, y: cy - hy, width: 2 * hx, height: d };
  if (side === "east") return { x: cx + hx - d, y: cy - hy, width: d, height: 2 * hy };
  return { x: cx - hx, y: cy - hy, width: d, height: 2 * hy };
}
