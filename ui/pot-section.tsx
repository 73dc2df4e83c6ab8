import * as say from "@/words/pages/parts";
import { mulberry32 } from "@/core/random/index";
import type { Ball } from "@/core/setting/index";
import { brimHeightMm, type Vessel, widthAtMm, USUAL_WALL } from "@/core/vessel/index";
import { millimetres, type Units } from "@/words/format";
import { drawnWallMm, innerOutline, pathOf, type Point, wallOutline } from "./geometry";
import { INK, OCHRE, PAPER, rootTone, SOIL, WALL_TONE } from "./tones";
import { GravelPattern } from "./patterns";

/** A measure drawn beside the section. */
export interface SectionDimension {
  fromMm: number;
  toMm: number;
  label: string;
  side: "left" | "right";
}

export interface PotSectionProps {
  vessel: Vessel;
  fillHeightMm: number;
  looseFillHeightMm?: number;
  bottomLayerMm: number;
  /** The ball as set: its base above the floor, how far it is moved off the axis of the pot. */
  ball?: Ball & { standsAtMm: number; shiftMm?: number };
  /** Roots without a ball, drawn down a cone of mix from the collar. */
  bareRoots?: { collarMm: number; moundMm: number; spreadMm: number };
  /** Lean of the stem from upright, degrees. */
  tiltDeg?: number;
  /** A shard, mesh or leaf over the middle hole. */
  cover?: boolean;
  /** Share of the mix (or of the ball) that roots have filled, and how much turns (0–4). */
  fill: number;
  circling: number;
  /** The next pot as an outline round this one. */
  ghost?: { vessel: Vessel; fillHeightMm: number; label: string };
  dimensions?: SectionDimension[];
  /** Nothing in it: only the pot and the line mix would end at. */
  empty?: boolean;
  /** The shape is a guess: drawn with a broken outline. */
  guessed?: boolean;
  /** Height of another vessel to keep the same scale with. */
  scaleToMm?: number;
  widthPx: number;
  heightPx: number;
  title: string;
  description: string;
  units: Units;
  seed?: number;
}

const TOP_ROOM = 46;
const SIDE_ROOM = 92;
const BOTTOM_ROOM = 22;

/** Pot to true scale in section, as on a builder's drawing: wall, mix, ball, roots, fill line, measures. */
export function PotSection(props: PotSectionProps) {
  const { vessel, ghost, widthPx } = props;
  const brim = brimHeightMm(vessel);
  const wall = drawnWallMm(vessel);
  const widest = Math.max(
    ...[vessel, ...(ghost ? [ghost.vessel] : [])].map(
      (v) => Math.max(widthAtMm(v, 0), widthAtMm(v, brimHeightMm(v))) + 2 * drawnWallMm(v),
    ),
  );
  const tallest = Math.max(brim, ghost ? brimHeightMm(ghost.vessel) : 0, props.scaleToMm ?? 0) + wall;
  const scale = Math.min((widthPx - 2 * SIDE_ROOM) / widest, (props.heightPx - TOP_ROOM - BOTTOM_ROOM) / tallest);
  // Where the width decides, the drawing is only as high as it needs to be.
  const heightPx = Math.round(tallest * scale + TOP_ROOM + BOTTOM_ROOM);
  const cx = widthPx / 2;
  const floorY = heightPx - BOTTOM_ROOM - wall * scale;
  const at = ([x, y]: Point): Point => [cx + x * scale, floorY - y * scale];
  const line = (y: number) => floorY - y * scale;
  const half = (y: number) => (widthAtMm(vessel, y) / 2) * scale;
  const broken = props.guessed ? "7 4" : undefined;
  const ids = `s${props.seed ?? 0}`;
  const flareMm = props.ball
    ? props.ball.standsAtMm + props.ball.heightMm
    : (props.bareRoots?.collarMm ?? props.fillHeightMm);
  const leaning = props.tiltDeg ? `rotate(${props.tiltDeg} ${cx} ${line(flareMm)})` : undefined;

  return (
    <svg
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="img"
      aria-label={`${props.title}. ${props.description}`}
      className="h-auto w-full max-w-full"
    >
      <defs>
        <GravelPattern id={`${ids}-gravel`} />
        <pattern id={`${ids}-mix`} width="7" height="7" patternUnits="userSpaceOnUse">
          <rect width="7" height="7" fill="#cdb794" />
          <path d="M1 5l2 1M4.5 1.5l1.5 1" stroke={SOIL} strokeWidth=".9" />
        </pattern>
      </defs>
      <path d={`M0 ${line(-wall)}H${widthPx}`} stroke={INK} strokeWidth="1.5" />
      {ghost && <Ghost {...ghost} cx={cx} at={at} line={line} />}
      <path
        d={pathOf(innerOutline(vessel, props.bottomLayerMm, props.empty ? brim : props.fillHeightMm), at)}
        fill={props.empty ? "#f3ecda" : `url(#${ids}-mix)`}
      />
      {props.bottomLayerMm > 0 && (
        <path d={pathOf(innerOutline(vessel, 0, props.bottomLayerMm), at)} fill={`url(#${ids}-gravel)`} />
      )}
      {props.empty ? null : props.ball ? (
        <g transform={leaning}>
          <BallWithRoots {...props} at={at} ball={props.ball} />
        </g>
      ) : props.bareRoots ? (
        <SpreadRoots {...props.bareRoots} at={at} seed={props.seed} />
      ) : (
        <Roots {...props} at={at} />
      )}
      <path
        d={pathOf(wallOutline(vessel, wall), at)}
        fill={WALL_TONE[vessel.wall ?? USUAL_WALL]}
        stroke={INK}
        strokeWidth="1"
        strokeDasharray={broken}
      />
      <DrainHoles cx={cx} y={line(-wall / 2)} half={half(0)} />
      {props.cover && <HoleCover cx={cx} y={line(0)} />}
      <path
        d={`M${cx - half(props.fillHeightMm)} ${line(props.fillHeightMm)}H${cx + half(props.fillHeightMm)}`}
        stroke={INK}
        strokeWidth="1.4"
      />
      {props.looseFillHeightMm !== undefined && props.looseFillHeightMm - props.fillHeightMm > 1 && (
        <g>
          <path
            d={`M${cx - half(props.looseFillHeightMm)} ${line(props.looseFillHeightMm)}H${cx + half(props.looseFillHeightMm)}`}
            stroke={INK}
            strokeWidth="1"
            strokeDasharray="3 3"
          />
          <text
            x={cx + half(props.looseFillHeightMm) - 4}
            y={line(props.looseFillHeightMm) - 3}
            textAnchor="end"
            fontSize="11"
            fill={INK}
          >
            {say.today}
          </text>
        </g>
      )}
      {!props.empty && (
        <g transform={leaning}>
          <Stem cx={cx} y={line(Math.max(props.fillHeightMm, flareMm))} />
        </g>
      )}
      {(props.dimensions ?? []).map((d, i) => (
        <Dimension
          key={i}
          {...d}
          x={d.side === "left" ? cx - (widest / 2) * scale - 18 : cx + (widest / 2) * scale + 18}
          line={line}
        />
      ))}
      <text x={cx} y={heightPx - 5} textAnchor="middle" fontSize="12" fill={INK}>
        {say.wideDeepInside(
          millimetres(widthAtMm(vessel, brim), props.units),
          millimetres(brim, props.units),
          props.guessed ? say.shapeGuessed : "",
        )}
      </text>
    </svg>
  );
}

/** The pot beside it, dashed: the one it stands in, or the next. */
function Ghost({
  vessel,
  label,
  cx,
  at,
  line,
}: NonNullable<PotSectionProps["ghost"]> & { cx: number; at: (p: Point) => Point; line: (y: number) => number }) {
  return (
    <g>
      <path d={pathOf(wallOutline(vessel, 2), at)} fill="none" stroke={OCHRE} strokeWidth="1.6" strokeDasharray="8 5" />
      <text
        x={cx}
        y={line(brimHeightMm(vessel)) - 8}
        textAnchor="middle"
        fontSize="12"
        fill="#7a4d06"
        stroke={PAPER}
        strokeWidth="4"
        paintOrder="stroke"
      >
        {label}
      </text>
    </g>
  );
}

function Stem({ cx, y }: { cx: number; y: number }) {
  return (
    <g stroke="#6b4a2f" strokeLinecap="round">
      <path d={`M${cx} ${y + 3}V${Math.max(4, y - 34)}`} strokeWidth="7" />
      <path d={`M${cx - 5} ${y + 2}L${cx - 10} ${y + 8}M${cx + 5} ${y + 2}L${cx + 10} ${y + 8}`} strokeWidth="4" />
    </g>
  );
}

/** A curved shard over the middle hole. */
function HoleCover({ cx, y }: { cx: number; y: number }) {
  return <path d={`M${cx - 13} ${y}q13 -11 26 0`} fill="none" stroke="#8c4a2c" strokeWidth="3.5" />;
}

/** Roots drawn outward over a cone of mix. */
function SpreadRoots({
  collarMm,
  moundMm,
  spreadMm,
  at,
  seed,
}: NonNullable<PotSectionProps["bareRoots"]> & { at: (p: Point) => Point; seed?: number }) {
  const random = mulberry32(300 + (seed ?? 0));
  const foot = collarMm - moundMm;
  const cone: Point[] = [
    [-spreadMm / 2, foot],
    [0, collarMm - 12],
    [spreadMm / 2, foot],
  ];
  return (
    <g fill="none" strokeLinecap="round">
      <path d={pathOf(cone, at)} fill="#b99f78" stroke={SOIL} strokeDasharray="3 3" />
      {Array.from({ length: 13 }, (_, i) => {
        const reach = -1 + (2 * i) / 12;
        const drop = moundMm * (0.75 + 0.25 * random());
        const [[ax, ay], [bx, by], [ex, ey]] = [
          at([0, collarMm - 4]),
          at([(spreadMm / 4) * reach, collarMm - drop * 0.35]),
          at([(spreadMm / 2) * reach, collarMm - drop * (0.35 + 0.65 * Math.abs(reach) ** 0.6)]),
        ];
        return (
          <path
            key={i}
            d={`M${ax.toFixed(1)} ${ay.toFixed(1)}Q${bx.toFixed(1)} ${by.toFixed(1)} ${ex.toFixed(1)} ${ey.toFixed(1)}`}
            stroke="#93663c"
            strokeWidth={1 + 1.6 * random()}
          />
        );
      })}
    </g>
  );
}

function DrainHoles({ cx, y, half }: { cx: number; y: number; half: number }) {
  return (
    <g fill={PAPER}>
      {[-0.55, 0, 0.55].map((share) => (
        <rect key={share} x={cx + half * share - 4} y={y - 3} width="8" height="6" rx="1.5" />
      ))}
    </g>
  );
}

function Dimension({
  fromMm,
  toMm,
  label,
  side,
  x,
  line,
}: SectionDimension & { x: number; line: (mm: number) => number }) {
  const [a, b] = [line(fromMm), line(toMm)];
  const left = side === "left";
  return (
    <g stroke={INK} strokeWidth="1" fill={INK}>
      <path d={`M${x} ${a}V${b}M${x - 5} ${a}h10M${x - 5} ${b}h10`} fill="none" />
      <text
        x={left ? x - 8 : x + 8}
        y={(a + b) / 2 + 4}
        textAnchor={left ? "end" : "start"}
        fontSize="12.5"
        stroke="none"
      >
        {label}
      </text>
    </g>
  );
}

type Drawn = PotSectionProps & { at: (p: Point) => Point };

/** Roots from the flare towards wall and floor; they thicken and turn at the wall as circling grows. */
function Roots({ vessel, fillHeightMm, bottomLayerMm, fill, circling, at, seed }: Drawn) {
  const random = mulberry32(1000 + (seed ?? 0));
  const tone = rootTone(fill);
  const reach = 0.3 + 0.7 * Math.min(1, fill);
  const count = Math.round(8 + 46 * fill);
  const top: Point = [0, fillHeightMm];
  const paths: { d: string; w: number }[] = [];
  for (let i = 0; i < count; i++) {
    const side = random() < 0.5 ? -1 : 1;
    const depth = bottomLayerMm + (fillHeightMm - bottomLayerMm) * random() ** 0.8 * 0.97;
    const wallX = (widthAtMm(vessel, depth) / 2) * 0.97;
    const share = reach * (0.55 + 0.45 * random());
    const end: Point = [side * wallX * share, fillHeightMm - (fillHeightMm - depth) * share];
    const bend: Point = [
      end[0] * (0.35 + 0.3 * random()),
      fillHeightMm - (fillHeightMm - end[1]) * (0.25 + 0.3 * random()),
    ];
    const [[ax, ay], [bx, by], [ex, ey]] = [at(top), at(bend), at(end)];
    paths.push({
      d: `M${ax.toFixed(1)} ${ay.toFixed(1)}Q${bx.toFixed(1)} ${by.toFixed(1)} ${ex.toFixed(1)} ${ey.toFixed(1)}`,
      w: 0.7 + 1.3 * random() * fill,
    });
  }
  const turns = Math.round(circling * 3);
  for (let i = 0; i < turns; i++) {
    const y = bottomLayerMm + (fillHeightMm - bottomLayerMm) * (0.03 + 0.3 * random());
    const x = (widthAtMm(vessel, y) / 2) * (0.97 - 0.03 * random());
    const [[lx, ly], [rx, ry]] = [at([-x, y + 14]), at([x, y + 14])];
    const [, my] = at([0, Math.max(bottomLayerMm + 2, y - 12)]);
    paths.push({
      d: `M${lx.toFixed(1)} ${ly.toFixed(1)}Q${lx.toFixed(1)} ${my.toFixed(1)} ${((lx + rx) / 2).toFixed(1)} ${my.toFixed(1)}T${rx.toFixed(1)} ${ry.toFixed(1)}`,
      w: 1.2 + circling * 0.5,
    });
  }
  return (
    <g fill="none" strokeLinecap="round">
      <path
        d={pathOf(innerOutline(vessel, bottomLayerMm, fillHeightMm), at)}
        fill={tone}
        opacity={0.15 + 0.45 * fill}
        stroke="none"
      />
      {paths.map((p, i) => (
        <path key={i} d={p.d} stroke={fill > 0.5 ? "#7d3519" : "#93663c"} strokeWidth={p.w} opacity="0.75" />
      ))}
    </g>
  );
}

/** A ball being set: its own outline in the new mix, with the roots it brings. */
function BallWithRoots({
  ball,
  fill,
  circling,
  at,
  seed,
  ...rest
}: Drawn & { ball: NonNullable<PotSectionProps["ball"]> }) {
  const inBall: Vessel = {
    shape: "round",
    topWidthMm: ball.topWidthMm,
    baseWidthMm: ball.baseWidthMm,
    heightMm: ball.heightMm,
  };
  const lifted = ([x, y]: Point): Point => at([x + (ball.shiftMm ?? 0), y + ball.standsAtMm]);
  return (
    <g>
      <path
        d={pathOf(innerOutline(inBall, 0, ball.heightMm), lifted)}
        fill="#e7d8b8"
        stroke="#7d3519"
        strokeWidth="1.2"
      />
      <Roots
        {...rest}
        vessel={inBall}
        fillHeightMm={ball.heightMm}
        bottomLayerMm={0}
        fill={fill}
        circling={circling}
        at={lifted}
        seed={seed}
      />
    </g>
  );
}
