import { SETTLE_FRACTION } from "../mix/index";
import { SHELL_DENSITY } from "../roots/index";
import { IN_PLACE_FIGURES as F } from "./figures";

/** The ball from above, inner dimensions, mm: a round one, or a rectangle. */
export type Plan = { shape: "round"; diameterMm: number } | { shape: "rectangle"; lengthMm: number; widthMm: number };

export interface InPlaceInput {
  plan: Plan;
  /** Height of the ball, mm. */
  heightMm: number;
  trunkMm: number | null;
  /** Volume of the ball, L: of its true section, which narrows downwards in a tapered pot. */
  volumeL: number;
  /** Width of the ball where the holes end, as a share of its width above; 1 where not said. */
  widthShareAtDepth?: number;
}

export const areaMm2 = (plan: Plan) =>
  plan.shape === "round" ? (Math.PI / 4) * plan.diameterMm ** 2 : plan.lengthMm * plan.widthMm;

/** Half the width of the ball on its narrow side. */
const halfMm = (plan: Plan) => (plan.shape === "round" ? plan.diameterMm : Math.min(plan.lengthMm, plan.widthMm)) / 2;

/** Nothing is cut nearer to the middle than this, mm. */
export function keepOffMm({ plan, trunkMm }: Pick<InPlaceInput, "plan" | "trunkMm">): number {
  return Math.max(F.keepOffTrunks * (trunkMm ?? 0), F.keepOffRadius * halfMm(plan));
}

/** Whether a hole may lie here: clear of trunk and wall, in the outer half. Coordinates from the trunk, mm. */
function allowed(input: InPlaceInput, x: number, y: number, radiusMm: number): boolean {
  const { plan, trunkMm } = input;
  // A hole that is clear of the wall above may come out of it below, where the pot is narrower.
  const below = input.widthShareAtDepth ?? 1;
  const r = Math.hypot(x, y);
  const keep = keepOffMm({ plan, trunkMm });
  const wall = radiusMm + F.wallMarginMm;
  if (plan.shape === "round")
    return (
      r <= (below * plan.diameterMm) / 2 - wall && r - radiusMm >= Math.max(keep, (F.outerFrom * plan.diameterMm) / 2)
    );
  const [a, b] = [plan.lengthMm / 2, plan.widthMm / 2];
  if (Math.abs(x) > below * a - wall || Math.abs(y) > below * b - wall || r - radiusMm < keep) return false;
  // The outer half of a box lies outside the box of half its sides.
  return Math.abs(x) >= F.outerFrom * a || Math.abs(y) >= F.outerFrom * b;
}

export interface Cores {
  coreMm: number;
  depthMm: number;
  /** Middles of the holes, from the trunk, mm; of this year's sector. */
  holes: { x: number; y: number }[];
  /** Between the middles of neighbours, mm. */
  spacingMm: number;
  /** Holes the whole outer half would take. */
  most: number;
  /** Asked for, and too many for this year: what the outer half holds is less. */
  short: boolean;
  share: number;
  retainedShare: number;
  litres: number;
  looseL: number;
}

/** Sectors that take turns, year by year: opposite quarters. */
export const SECTORS = ["all", "north-south", "east-west"] as const;
export type Sector = (typeof SECTORS)[number];

const inSector = (sector: Sector, x: number, y: number) =>
  sector === "all" || (sector === "north-south") === Math.abs(y) >= Math.abs(x);

/**
 * Share of the ball that so many holes take: their volume by the ball's own, so that a tapered ball loses more than its upper face shows.
 * @example shareOfCores({ plan: { shape: "round", diameterMm: 654.6 }, heightMm: 538, trunkMm: null, volumeL: 128 }, 50, 18) // 0.099
 */
export function shareOfCores(input: InPlaceInput, coreMm: number, count: number): number {
  return (count * (Math.PI / 4) * coreMm ** 2 * F.coreDepthShare * input.heightMm) / (input.volumeL * 1e6);
}

/**
 * Holes bored into the outer half of a ball and refilled: how many, how far apart, how deep, where. Places lie on a triangular grid,
 * as wide as the number asked for allows.
 * @example coresPlan({plan: {shape: "rectangle", lengthMm: 750, widthMm: 750}, heightMm: 600, trunkMm: 110, volumeL: 337.5}, {coreMm: 50, share: .1}).holes.length // 43
 */
export function coresPlan(
  input: InPlaceInput,
  asked: { coreMm?: number; share?: number; sector?: Sector } = {},
): Cores {
  const coreMm = asked.coreMm ?? F.coreMm;
  const share = Math.min(asked.share ?? F.coreShare, F.coreMostShare);
  const wanted = Math.round(share / shareOfCores(input, coreMm, 1));
  const sector = asked.sector ?? "all";
  const closest = coreMm * (1 + F.gapShare);
  let spacing = closest;
  let holes = grid(input, coreMm, spacing, sector);
  const most = holes.length;
  if (most > wanted) {
    // Wider and wider until no more than wanted fit; then the last that still held enough, thinned evenly.
    let [low, high] = [closest, 6 * closest];
    for (let i = 0; i < 30; i++) {
      const middle = (low + high) / 2;
      if (grid(input, coreMm, middle, sector).length >= wanted) low = middle;
      else high = middle;
    }
    spacing = low;
    holes = thinned(grid(input, coreMm, spacing, sector), wanted);
  }
  const depthMm = F.coreDepthShare * input.heightMm;
  const litres = (holes.length * (Math.PI / 4) * coreMm ** 2 * depthMm) / 1e6;
  const got = shareOfCores(input, coreMm, holes.length);
  return {
    coreMm,
    depthMm,
    holes,
    spacingMm: spacing,
    most,
    short: most < wanted,
    share: got,
    retainedShare: 1 - got,
    litres,
    looseL: litres / (1 - SETTLE_FRACTION),
  };
}

function grid(input: InPlaceInput, coreMm: number, spacing: number, sector: Sector): { x: number; y: number }[] {
  const { plan } = input;
  const [a, b] =
    plan.shape === "round" ? [plan.diameterMm / 2, plan.diameterMm / 2] : [plan.lengthMm / 2, plan.widthMm / 2];
  const rowStep = spacing * Math.sqrt(0.75);
  const holes: { x: number; y: number }[] = [];
  const rows = Math.floor(b / rowStep);
  for (let j = -rows; j <= rows; j++) {
    const shift = j % 2 === 0 ? 0 : spacing / 2;
    const columns = Math.ceil(a / spacing) + 1;
    for (let i = -columns; i <= columns; i++) {
      const [x, y] = [i * spacing + shift, j * rowStep];
      if (allowed(input, x, y, coreMm / 2) && inSector(sector, x, y)) holes.push({ x, y });
    }
  }
  return holes;
}

/** So many of them, spread evenly round the trunk. */
function thinned(holes: { x: number; y: number }[], wanted: number): { x: number; y: number }[] {
  const byAngle = [...holes].sort((p, q) => Math.atan2(p.y, p.x) - Math.atan2(q.y, q.x));
  return Array.from({ length: wanted }, (_, i) => byAngle[Math.floor((i * byAngle.length) / wanted)]);
}

export const SIDES = ["south", "north", "east", "west"] as const;
export type Side = (typeof SIDES)[number];

export interface Slice {
  side: Side;
  /** How far in from the wall, mm, over the whole depth. */
  depthMm: number;
  share: number;
  retainedShare: number;
  litres: number;
  looseL: number;
  /** The cut would come nearer to the trunk than it may. */
  tooNear: boolean;
}

/** One side of the ball sliced off at full depth: how deep in for the share asked. */
export function slicePlan(input: InPlaceInput, side: Side, share: number = F.sliceShare): Slice {
  const { plan } = input;
  const across =
    plan.shape === "round" ? plan.diameterMm : side === "north" || side === "south" ? plan.widthMm : plan.lengthMm;
  const depthMm = plan.shape === "round" ? segmentDepthMm(plan.diameterMm, share) : share * across;
  const litres = share * input.volumeL;
  return {
    side,
    depthMm,
    share,
    // The shell is denser rooted than the core.
    retainedShare: 1 - SHELL_DENSITY * share,
    litres,
    looseL: litres / (1 - SETTLE_FRACTION),
    tooNear: across / 2 - depthMm < keepOffMm(input),
  };
}

/** Height of a circle's segment that holds this share of its area. */
function segmentDepthMm(diameterMm: number, share: number): number {
  let [low, high] = [0, diameterMm];
  for (let i = 0; i < 50; i++) {
    const h = (low + high) / 2;
    const t = 2 * Math.acos(1 - (2 * h) / diameterMm);
    if ((t - Math.sin(t)) / (2 * Math.PI) < share) low = h;
    else high = h;
  }
  return (low + high) / 2;
}

/** A year's turn of a sequence over years. */
export interface Turn {
  year: number;
  part: Sector | Side;
  /** Done already, as recorded. */
  done: boolean;
}

/**
 * Which part comes when: what was done stays, then the opposite one, one a year.
 * @param done parts with their growing year, as recorded
 */
export function sequence(
  kind: "cores" | "slices",
  done: readonly { year: number; part: string }[],
  thisYear: number,
): Turn[] {
  const order: readonly (Sector | Side)[] = kind === "cores" ? ["north-south", "east-west"] : SIDES;
  const past = done
    .filter((d) => (order as readonly string[]).includes(d.part))
    .map((d): Turn => ({ year: d.year, part: d.part as Sector | Side, done: true }))
    .sort((a, b) => a.year - b.year);
  const last = past.at(-1);
  const turns: Turn[] = past.slice(-order.length);
  let at = last ? order.indexOf(last.part) + 1 : 0;
  let year = Math.max(thisYear, last ? last.year + 1 : thisYear);
  for (let i = 0; i < order.length; i++, at++, year++)
    turns.push({ year, part: order[at % order.length], done: false });
  return turns;
}
