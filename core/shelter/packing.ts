/** A circle to be placed, and where it went, metres from the far left corner; y grows towards the door. */
export interface Circle {
  id: string;
  widthM: number;
}
export interface Placed extends Circle {
  xM: number;
  yM: number;
}

export interface Floor {
  lengthM: number;
  widthM: number;
  /** The door stands in the near wall; in front of it a square of its width stays free. */
  doorM: number | null;
  /** Middle of the door from the left, m; in the middle where not said. */
  doorAtM: number | null;
}

const EPSILON = 1e-7;

/** Whether a circle lies inside the floor, clear of the door. */
export function onFloor(floor: Floor, { widthM, xM, yM }: Omit<Placed, "id">): boolean {
  const r = widthM / 2;
  if (xM < r - EPSILON || yM < r - EPSILON || xM > floor.lengthM - r + EPSILON || yM > floor.widthM - r + EPSILON)
    return false;
  if (floor.doorM === null) return true;
  const at = floor.doorAtM ?? floor.lengthM / 2;
  const dx = Math.max(0, Math.abs(xM - at) - floor.doorM / 2);
  const dy = Math.max(0, floor.widthM - floor.doorM - yM);
  return Math.hypot(dx, dy) > r - EPSILON;
}

export const apart = (a: Omit<Placed, "id">, b: Omit<Placed, "id">) =>
  Math.hypot(a.xM - b.xM, a.yM - b.yM) >= (a.widthM + b.widthM) / 2 - EPSILON;

/** Spots where a circle touches two others, or one and a wall, or two walls: the tight ones. */
function spots(floor: Floor, r: number, placed: readonly Placed[]): [number, number][] {
  const right = floor.lengthM - r;
  const near = floor.widthM - r;
  const out: [number, number][] = [
    [r, r],
    [right, r],
    [r, near],
    [right, near],
  ];
  placed.forEach((a, i) => {
    const ra = a.widthM / 2 + r;
    for (const x of [r, right]) {
      const h = ra ** 2 - (x - a.xM) ** 2;
      if (h >= 0) out.push([x, a.yM + Math.sqrt(h)], [x, a.yM - Math.sqrt(h)]);
    }
    for (const y of [r, near]) {
      const h = ra ** 2 - (y - a.yM) ** 2;
      if (h >= 0) out.push([a.xM + Math.sqrt(h), y], [a.xM - Math.sqrt(h), y]);
    }
    for (let j = i + 1; j < placed.length; j++) {
      const b = placed[j];
      const rb = b.widthM / 2 + r;
      const [dx, dy] = [b.xM - a.xM, b.yM - a.yM];
      const d = Math.hypot(dx, dy);
      if (d > ra + rb || d < EPSILON) continue;
      const along = (d ** 2 + ra ** 2 - rb ** 2) / (2 * d);
      const h = ra ** 2 - along ** 2;
      if (h < 0) continue;
      const [mx, my] = [a.xM + (along * dx) / d, a.yM + (along * dy) / d];
      const off = Math.sqrt(h) / d;
      out.push([mx - dy * off, my + dx * off], [mx + dy * off, my - dx * off]);
    }
  });
  return out;
}

/** Where one circle could go, farthest from the door; null where there is no room. */
export function spotFor(floor: Floor, circle: Circle, placed: readonly Placed[]): Placed | null {
  let best: Placed | null = null;
  for (const [xM, yM] of spots(floor, circle.widthM / 2, placed)) {
    if (best && (yM > best.yM + EPSILON || (yM > best.yM - EPSILON && xM >= best.xM))) continue;
    const at = { ...circle, xM, yM };
    if (onFloor(floor, at) && placed.every((p) => apart(p, at))) best = at;
  }
  return best;
}

/**
 * Circles on a floor without overlaps: the widest first, each where it touches what stands already, from the far wall to the door.
 * Circles that are wanted where they are (`kept`) stay there.
 * @returns those that found room, and those that did not
 */
export function packCircles(
  floor: Floor,
  circles: readonly Circle[],
  kept: readonly Placed[] = [],
): { placed: Placed[]; left: Circle[] } {
  const placed: Placed[] = [];
  const left: Circle[] = [];
  for (const k of kept) if (onFloor(floor, k) && placed.every((p) => apart(p, k))) placed.push(k);
  const there = new Set(placed.map((p) => p.id));
  for (const circle of [...circles].filter((c) => !there.has(c.id)).sort((a, b) => b.widthM - a.widthM)) {
    const at = spotFor(floor, circle, placed);
    if (at) placed.push(at);
    else left.push(circle);
  }
  return { placed, left };
}

export const circleM2 = (widthM: number) => (Math.PI / 4) * widthM ** 2;
/** Share of a floor that circles of mixed sizes fill at best, by trial (C). */
export const USUAL_FILL = 0.8;
