import { mulberry32, type Random } from "@/core/random/index";
import type { CrownForm } from "@/core/species/index";

/**
 * A crown as drawn: in its own unit, height 1 above the mix, x to both sides of the stem. Every tree its own: the branching is seeded
 * by its id and never changes.
 */
export interface CrownShape {
  /** Branches as curves: from, control, to. */
  wood: readonly Curve[];
  /** Share of the height from which branches count as thick, first in `wood`. */
  thick: number;
  leaves: readonly { x: number; y: number; r: number }[];
  /** Fronds and canes that are green themselves: their curves are leaf, not wood. */
  green: readonly Curve[];
  /** Half its width. */
  half: number;
}

type Point = readonly [x: number, y: number];
type Curve = readonly [Point, Point, Point];

interface Habit {
  /** Height of the lowest branch. */
  from: number;
  /** Half the crown's width at a share of the way from its lowest branch to its top. */
  half: (t: number) => number;
  /** How far a branch's end lies above its beginning, and its bend above both. */
  rise: number;
  arch: number;
  branches: number;
  leaf: number;
}

/** Habits with one stem to the top, in shares of the height. Drawn by eye (L). */
const STEMMED = {
  weeping: { from: 0.55, half: (t) => 0.3 + 0.16 * (1 - t), rise: -0.42, arch: 0.2, branches: 14, leaf: 0.05 },
  columnar: {
    from: 0.12,
    half: (t) => 0.15 * Math.sqrt(Math.max(0.05, 1 - t ** 3)),
    rise: 0.5,
    arch: 0,
    branches: 16,
    leaf: 0.055,
  },
  conifer: { from: 0.1, half: (t) => 0.36 * (1 - t) + 0.02, rise: -0.06, arch: 0.03, branches: 20, leaf: 0.045 },
} as const satisfies Partial<Record<CrownForm, Habit>>;

interface Forks {
  /** Height of the clear stem. */
  stem: number;
  /** Limbs above it, and how far they lean to both sides, degrees. */
  limbs: number;
  leanDeg: number;
  /** How far the branches of a fork part, degrees. */
  forkDeg: number;
  leaf: number;
}

/** Habits whose stem forks into limbs, and these again. Drawn by eye (L). */
const FORKED = {
  upright: { stem: 0.24, limbs: 3, leanDeg: 24, forkDeg: 20, leaf: 0.07 },
  spreading: { stem: 0.26, limbs: 4, leanDeg: 50, forkDeg: 27, leaf: 0.08 },
  standard: { stem: 0.5, limbs: 4, leanDeg: 46, forkDeg: 32, leaf: 0.07 },
} as const satisfies Partial<Record<CrownForm, Forks>>;

const between = (random: Random, low: number, high: number) => low + (high - low) * random();

/** @param seed any text; the tree's id */
export function crownShape(form: CrownForm, seed: string): CrownShape {
  let hash = 2166136261;
  for (const letter of seed) hash = Math.imul(hash ^ letter.codePointAt(0)!, 16777619);
  const random = mulberry32(hash >>> 0);
  switch (form) {
    case "many-stemmed":
      return stems(random, { count: 4, spread: 0.36, dome: 0.25, twigs: 3, leaf: 0.07 });
    case "shrub":
      return stems(random, { count: 8, spread: 0.5, dome: 0.7, twigs: 2, leaf: 0.1 });
    case "palm":
      return palm(random);
    case "climber":
      return climber(random);
    case "trained":
      return trained(random);
    case "miniature":
      return miniature(random);
    case "upright":
    case "spreading":
    case "standard":
      return forked(random, FORKED[form]);
    default:
      return stemmed(random, STEMMED[form]);
  }
}

/** A stem that forks and forks again; drawn at first at any size, then fitted to its height. */
function forked(random: Random, { stem, limbs, leanDeg, forkDeg, leaf }: Forks): CrownShape {
  const levels: Curve[][] = [[], [], []];
  const tips: Point[] = [];
  const branch = (from: Point, leanedDeg: number, long: number, level: number): void => {
    const lean = (leanedDeg * Math.PI) / 180;
    const to: Point = [from[0] + long * Math.sin(lean), from[1] + long * Math.cos(lean)];
    // A branch begins flatter than it ends: it turns up to the light.
    const bend: Point = [from[0] + long * 0.5 * Math.sin(lean * 1.25), from[1] + long * 0.5 * Math.cos(lean * 1.25)];
    levels[level].push([from, bend, to]);
    tips.push(to);
    if (level === 2) return;
    for (const side of [-1, 1])
      branch(
        to,
        Math.max(-78, Math.min(78, leanedDeg * 0.8 + side * between(random, 0.7, 1.2) * forkDeg)),
        long * between(random, 0.6, 0.78),
        level + 1,
      );
  };
  const foot = stem * between(random, 0.92, 1.08);
  for (let i = 0; i < limbs; i++) {
    const across = (2 * i) / (limbs - 1) - 1;
    branch(
      [0, foot - 0.04 * Math.abs(across)],
      leanDeg * (across + between(random, -0.12, 0.12)),
      0.34 * (1 - stem / 2),
      0,
    );
  }
  const top = Math.max(...tips.map(([, y]) => y)) + leaf * 0.5;
  const stretch = (1 - stem) / (top - stem);
  const fit = ([x, y]: Point): Point => [x * stretch, y <= stem ? y : stem + (y - stem) * stretch];
  const fitted = (curves: readonly Curve[]) => curves.map(([a, b, c]): Curve => [fit(a), fit(b), fit(c)]);
  const thick: Curve[] = [[[0, 0], [0, foot / 2], fit([0, foot])], ...fitted(levels[0])];
  const ends = tips.map(fit);
  const leaves = ends.map(([x, y]) => ({ x, y: Math.min(1, y), r: leaf * between(random, 0.85, 1.2) }));
  return {
    wood: [...thick, ...fitted(levels[1]), ...fitted(levels[2])],
    thick: thick.length,
    leaves,
    green: [],
    half: Math.max(...ends.map(([x]) => Math.abs(x))) + leaf,
  };
}

function stemmed(random: Random, { from, half, rise, arch, branches, leaf }: Habit): CrownShape {
  const lean = between(random, -0.03, 0.03);
  const top: Point = [lean, 1];
  const wood: Curve[] = [
    [
      [0, 0],
      [lean * 0.2, 0.5],
      [lean, 0.96],
    ],
  ];
  const leaves: { x: number; y: number; r: number }[] = [{ x: top[0], y: 0.95, r: leaf * 0.9 }];
  let widest = 0;
  for (let i = 0; i < branches; i++) {
    const t = (i + between(random, 0.1, 0.9)) / branches;
    const side = i % 2 === 0 ? 1 : -1;
    const y = from + t * (0.94 - from);
    const reach = half(t) * between(random, 0.78, 1);
    const end: Point = [
      lean * y + side * reach,
      Math.min(0.99, Math.max(0.03, y + rise * reach * 2 + between(random, -0.02, 0.02))),
    ];
    const bend: Point = [lean * y + side * reach * 0.45, Math.min(1, y + (rise > 0 ? rise * reach * 0.4 : 0) + arch)];
    wood.push([[lean * y, y - 0.04], bend, end]);
    for (const s of [0.55, 0.8, 1]) {
      const [px, py] = along([[lean * y, y - 0.04], bend, end], s);
      leaves.push({ x: px, y: py, r: leaf * between(random, 0.8, 1.15) });
    }
    widest = Math.max(widest, Math.abs(end[0]));
  }
  return { wood, thick: 1, leaves, green: [], half: widest + leaf };
}

function stems(
  random: Random,
  of: { count: number; spread: number; dome: number; twigs: number; leaf: number },
): CrownShape {
  const wood: Curve[] = [];
  const leaves: { x: number; y: number; r: number }[] = [];
  const thin: Curve[] = [];
  let widest = 0;
  for (let i = 0; i < of.count; i++) {
    const across = of.count === 1 ? 0 : (2 * i) / (of.count - 1) - 1;
    const x = of.spread * (across + between(random, -0.1, 0.1));
    const y = 0.95 - of.dome * across ** 2 * 0.55 - between(random, 0, 0.08);
    const stem: Curve = [
      [x * 0.08, 0],
      [x * 0.25, y * 0.6],
      [x, y],
    ];
    wood.push(stem);
    leaves.push({ x, y, r: of.leaf });
    for (let k = 0; k < of.twigs; k++) {
      const s = between(random, 0.45, 0.9);
      const foot = along(stem, s);
      const side = k % 2 === 0 ? 1 : -1;
      const tip: Point = [
        foot[0] + side * between(random, 0.08, 0.16),
        Math.min(0.99, foot[1] + between(random, 0.06, 0.16)),
      ];
      thin.push([foot, [(foot[0] + tip[0]) / 2, foot[1] + 0.02], tip]);
      leaves.push({ x: tip[0], y: tip[1], r: of.leaf * between(random, 0.8, 1.1) });
      widest = Math.max(widest, Math.abs(tip[0]));
    }
    widest = Math.max(widest, Math.abs(x));
  }
  return { wood: [...wood, ...thin], thick: wood.length, leaves, green: [], half: widest + of.leaf };
}

function palm(random: Random): CrownShape {
  const top: Point = [between(random, -0.04, 0.04), 0.6];
  const green = Array.from({ length: 11 }, (_, i): Curve => {
    const angle = Math.PI * (0.02 + (0.96 * i) / 10) + between(random, -0.06, 0.06);
    const reach = between(random, 0.36, 0.44);
    const end: Point = [
      top[0] + Math.cos(angle) * reach,
      Math.min(0.99, top[1] + Math.sin(angle) * reach * 0.9 - 0.06),
    ];
    return [top, [top[0] + Math.cos(angle) * reach * 0.55, Math.min(1, end[1] + 0.16)], end];
  });
  return { wood: [[[0, 0], [top[0] * 0.3, 0.3], top]], thick: 1, leaves: [], green, half: 0.5 };
}

function climber(random: Random): CrownShape {
  const wood: Curve[] = [];
  const leaves: { x: number; y: number; r: number }[] = [];
  // Round its pole, up and over.
  const turns = 6;
  for (let i = 0; i < turns; i++) {
    const side = i % 2 === 0 ? 1 : -1;
    const [y0, y1] = [(0.92 * i) / turns, (0.92 * (i + 1)) / turns];
    wood.push([
      [0, y0],
      [side * 0.13, (y0 + y1) / 2],
      [0, y1],
    ]);
    for (const s of [0.3, 0.55, 0.8]) {
      const [x, y] = along(
        [
          [0, y0],
          [side * 0.13, (y0 + y1) / 2],
          [0, y1],
        ],
        s,
      );
      leaves.push({ x: x + side * between(random, 0.02, 0.08), y, r: between(random, 0.05, 0.08) });
    }
  }
  wood.push([
    [0, 0],
    [0, 0.5],
    [0, 1],
  ]);
  return { wood, thick: turns, leaves, green: [], half: 0.24 };
}

function trained(random: Random): CrownShape {
  const wood: Curve[] = [
    [
      [0, 0],
      [0, 0.5],
      [0, 0.95],
    ],
  ];
  const leaves: { x: number; y: number; r: number }[] = [];
  for (const y of [0.32, 0.62, 0.92])
    for (const side of [-1, 1]) {
      const reach = between(random, 0.4, 0.48);
      wood.push([
        [0, y - 0.03],
        [side * 0.1, y],
        [side * reach, y + 0.01],
      ]);
      for (let s = 0.2; s <= 1; s += 0.2)
        leaves.push({ x: side * reach * s, y: y + between(random, 0, 0.05), r: 0.055 });
    }
  return { wood, thick: wood.length, leaves, green: [], half: 0.54 };
}

function miniature(random: Random): CrownShape {
  const way = random() < 0.5 ? 1 : -1;
  const wood: Curve[] = [
    [
      [0, 0],
      [way * 0.3, 0.22],
      [way * 0.04, 0.48],
    ],
    [
      [way * 0.04, 0.48],
      [way * -0.14, 0.68],
      [way * 0.02, 0.88],
    ],
  ];
  const leaves: { x: number; y: number; r: number }[] = [];
  for (const [x, y, w] of [
    [0.34, 0.46, 0.16],
    [-0.32, 0.6, 0.15],
    [0.22, 0.76, 0.12],
    [0.02, 0.92, 0.15],
  ] as const) {
    const at: Point = [way * x, y + between(random, -0.02, 0.02)];
    wood.push([
      [way * 0.02, at[1] - 0.05],
      [at[0] * 0.5, at[1] - 0.06],
      [at[0], at[1] - 0.03],
    ]);
    for (const s of [-1, 0, 1]) leaves.push({ x: at[0] + s * w * 0.6, y: at[1] + (s === 0 ? 0.025 : 0), r: w * 0.55 });
  }
  return { wood, thick: 2, leaves, green: [], half: 0.52 };
}

/** A point of a curve, 0 at its beginning, 1 at its end. */
function along([a, b, c]: Curve, s: number): Point {
  const at = (i: 0 | 1) => (1 - s) ** 2 * a[i] + 2 * s * (1 - s) * b[i] + s ** 2 * c[i];
  return [at(0), at(1)];
}

/** Curves and leaves as paths, the foot of the stem at a point of the drawing. */
export function crownPaths(shape: CrownShape, { x, y, heightPx }: { x: number; y: number; heightPx: number }) {
  const n = (v: number) => String(Math.round(v * 10) / 10);
  const at = ([px, py]: Point) => `${n(x + px * heightPx)} ${n(y - py * heightPx)}`;
  const curves = (of: readonly Curve[]) => of.map(([a, b, c]) => `M${at(a)}Q${at(b)} ${at(c)}`).join("");
  return {
    thick: curves(shape.wood.slice(0, shape.thick)),
    thin: curves(shape.wood.slice(shape.thick)),
    green: curves(shape.green),
    leaves: shape.leaves
      .map(({ x: lx, y: ly, r }) => {
        const p = n(Math.max(1.5, r * heightPx));
        return `M${n(x + lx * heightPx - Number(p))} ${n(y - ly * heightPx)}a${p} ${p} 0 1 0 ${n(2 * Number(p))} 0a${p} ${p} 0 1 0 ${n(-2 * Number(p))} 0`;
      })
      .join(""),
  };
}
