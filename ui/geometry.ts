import { brimHeightMm, type Vessel, widthAtMm } from "@/core/vessel/index";

/** Section of a vessel in millimetres, the axis at x = 0, the inner floor at y = 0, upwards positive. */
export type Point = readonly [x: number, y: number];

/** Right-hand inner outline from one height to another: straight walls need two points, a filled bag a few. */
function rightSide(vessel: Vessel, from: number, to: number): Point[] {
  const steps = vessel.shape === "bag" || vessel.shape === "fabric" ? 6 : 1;
  return Array.from({ length: steps + 1 }, (_, i) => {
    const y = from + ((to - from) * i) / steps;
    // A fabric pot bellies a little: its hoop stretch grows from floor and rim towards the middle.
    const belly = vessel.shape === "fabric" ? 1 - 0.03 * (1 - Math.sin((Math.PI * y) / brimHeightMm(vessel))) : 1;
    return [(widthAtMm(vessel, y) / 2) * belly, y] as const;
  });
}

/** Closed outline of the inside between two heights. */
export function innerOutline(vessel: Vessel, from: number, to: number): Point[] {
  const right = rightSide(vessel, from, to);
  return [...right, ...right.map(([x, y]) => [-x, y] as const).reverse()];
}

/** Closed outline of wall and floor, for a wall of this thickness. */
export function wallOutline(vessel: Vessel, wallMm: number): Point[] {
  const brim = brimHeightMm(vessel);
  const inner = rightSide(vessel, 0, brim);
  const outer = inner.map(([x, y]) => [x + wallMm, y] as const);
  const floor: Point[] = [[outer[0][0], -wallMm]];
  const right: Point[] = [...floor, ...outer, ...[...inner].reverse()];
  return [...right, ...right.map(([x, y]) => [-x, y] as const).reverse()];
}

/** SVG path of points; `at` turns millimetres into drawing units. */
export function pathOf(points: readonly Point[], at: (p: Point) => Point, close = true): string {
  const r = (v: number) => Math.round(v * 10) / 10;
  let path = "";
  for (const point of points) {
    const [x, y] = at(point);
    path += `${path === "" ? "M" : "L"}${r(x)} ${r(y)}`;
  }
  return close ? `${path}Z` : path;
}

/** Thickness to draw a wall with: true where known, else what looks like its species. */
export function drawnWallMm(vessel: Vessel): number {
  if (vessel.wallMm !== undefined) return Math.min(vessel.wallMm, 60);
  const width = widthAtMm(vessel, brimHeightMm(vessel));
  const share: Record<string, number> = {
    terracotta: 0.035,
    glazed: 0.04,
    concrete: 0.07,
    "timber-lined": 0.05,
    rubber: 0.045,
  };
  return Math.max(3, width * (share[vessel.wall ?? ""] ?? 0.014));
}
