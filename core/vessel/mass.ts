import type { Vessel } from "./schema";
import { brimHeightMm, widthAtMm } from "./vessel";
import { type Material, USUAL_WALL, WALL } from "./walls";

/**
 * Densities of container materials, kg/L. Plastics and concrete: standard densities (H); the rest typical ranges (M).
 * Terracotta is dry: 1.7–2.0, and 10–15 % more when wet.
 */
export const DENSITY_KG_PER_L: Record<Material, number> = {
  polypropylene: 0.905,
  hdpe: 0.95,
  ldpe: 0.92,
  terracotta: 1.9,
  stoneware: 2.25,
  concrete: 2.3,
  "fibre-cement": 1.6,
  resin: 1.7,
  oak: 0.7,
  larch: 0.58,
  cedar: 0.38,
  rubber: 1.15,
  steel: 7.85,
  aluminium: 2.7,
};

const MM3_PER_L = 1e6;

/** Frustum of a square-ish or round section given the linear sizes below and above. */
function frustum(area: (size: number) => number, low: number, high: number, height: number): number {
  return (height / 6) * (area(low) + 4 * area((low + high) / 2) + area(high));
}

/**
 * Mass of the empty pot: density × (outer − inner volume). The wall is measured square to itself, so the outer half-width
 * is the inner plus t·√(1 + s²), s the slope of the wall; the outer wall keeps its taper down through the floor.
 * Thin film (a bag): density · t · (perimeter · height + floor area).
 */
export function potMassKg(vessel: Vessel, wallMm: number, floorMm: number, material: Material): number {
  const density = DENSITY_KG_PER_L[material];
  const height = brimHeightMm(vessel);
  if (vessel.shape === "bag") {
    const perimeter = 2 * (vessel.flatWidthMm + vessel.gussetMm);
    return (density * wallMm * (perimeter * height + vessel.flatWidthMm * vessel.gussetMm)) / MM3_PER_L;
  }
  const shell = (top: number, base: number, other?: { top: number; base: number }) => {
    const slope = (top - base) / 2 / height;
    const thick = wallMm * Math.sqrt(1 + slope ** 2);
    const outerTop = top + 2 * thick;
    const outerFloor = base + 2 * thick - 2 * slope * floorMm;
    if (!other) return { outerTop, outerFloor, otherTop: outerTop, otherFloor: outerFloor };
    const otherSlope = (other.top - other.base) / 2 / height;
    const otherThick = wallMm * Math.sqrt(1 + otherSlope ** 2);
    return {
      outerTop,
      outerFloor,
      otherTop: other.top + 2 * otherThick,
      otherFloor: other.base + 2 * otherThick - 2 * otherSlope * floorMm,
    };
  };
  const round = vessel.shape === "round" || vessel.shape === "cylinder" || vessel.shape === "fabric";
  const [top, base] = [widthAtMm(vessel, height), widthAtMm(vessel, 0)];
  const second = vessel.shape === "rectangle" ? { top: vessel.topLengthMm, base: vessel.baseLengthMm } : undefined;
  const o = shell(top, base, second);
  const product = (t: number) =>
    (o.outerFloor + (o.outerTop - o.outerFloor) * t) * (o.otherFloor + (o.otherTop - o.otherFloor) * t);
  const factor = round ? Math.PI / 4 : 1;
  const outer = factor * frustum(product, 0, 1, height + floorMm);
  const innerProduct = (t: number) =>
    (base + (top - base) * t) * (second ? second.base + (second.top - second.base) * t : base + (top - base) * t);
  const inner = factor * frustum(innerProduct, 0, 1, height);
  return (density * (outer - inner)) / MM3_PER_L;
}

/** Mass of the empty pot from what is known of it; walls nobody measured get the usual thickness of their kind. */
export function likelyPotMassKg(vessel: Vessel): { massKg: number; basis: "derived" | "guess" } {
  const typical = WALL[vessel.wall ?? USUAL_WALL];
  const known = vessel.wallMm !== undefined && vessel.material !== undefined;
  const wallMm =
    vessel.wallMm ?? Math.max(typical.leastMm, typical.shareOfWidth * widthAtMm(vessel, brimHeightMm(vessel)));
  const massKg = potMassKg(vessel, wallMm, vessel.floorMm ?? wallMm * 1.2, vessel.material ?? typical.material);
  return { massKg, basis: known ? "derived" : "guess" };
}
