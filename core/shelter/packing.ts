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

/** Circles on a floor, found again by where they lie: hundreds must not each be held against all. */
class Laid {
  private readonly cells = new Map<number, Placed[]>();
  readonly all: Placed[] = [];
  private widest = 0;
  private readonly closed = new Map<Placed, number>();

  constructor(private readonly cellM: number) {}

  private key = (i: number, j: number) => i * 100_003 + j;

  add(p: Placed): void {
    this.all.push(p);
    this.widest = Math.max(this.widest, p.widthM);
    const key = this.key(Math.floor(p.xM / this.cellM), Math.floor(p.yM / this.cellM));
    const cell = this.cells.get(key);
    if (cell) cell.push(p);
    else this.cells.set(key, [p]);
  }

  /** All whose middle lies within `reach` of a point, and some that lie a little farther. */
  near(xM: number, yM: number, reach: number): Placed[] {
    const out: Placed[] = [];
    const [i0, i1] = [Math.floor((xM - reach) / this.cellM), Math.floor((xM + reach) / this.cellM)];
    const [j0, j1] = [Math.floor((yM - reach) / this.cellM), Math.floor((yM + reach) / this.cellM)];
    for (let i = i0; i <= i1; i++)
      for (let j = j0; j <= j1; j++) {
        const cell = this.cells.get(this.key(i, j));
        if (cell) for (const p of cell) out.push(p);
      }
    return out;
  }

  /** Whether a circle fits there: the innermost loop of all, so it makes nothing. */
  free(xM: number, yM: number, widthM: number): boolean {
    const reach = (widthM + this.widest) / 2;
    const i1 = Math.floor((xM + reach) / this.cellM);
    const j1 = Math.floor((yM + reach) / this.cellM);
    for (let i = Math.floor((xM - reach) / this.cellM); i <= i1; i++)
      for (let j = Math.floor((yM - reach) / this.cellM); j <= j1; j++) {
        const cell = this.cells.get(this.key(i, j));
        if (!cell) continue;
        for (const p of cell) {
          const dx = p.xM - xM;
          const dy = p.yM - yM;
          const least = (p.widthM + widthM) / 2 - EPSILON;
          if (dx * dx + dy * dy < least * least) return false;
        }
      }
    return true;
  }

  /** Narrowest circle that has found no spot at this one; infinity: none was tried. */
  closedFrom = (p: Placed) => this.closed.get(p) ?? Infinity;
  close(p: Placed, widthM: number): void {
    this.closed.set(p, widthM);
  }

  /** Two circles farther apart than this leave no spot that touches both. */
  reach(a: Placed, widthM: number): number {
    return a.widthM / 2 + widthM + this.widest / 2;
  }
}

/** Once no circle of some width found a spot at a laid one, none of this share of it is tried there: a little room for much time. */
const CLOSED_SHARE = 0.9;

/**
 * Where a circle could go, farthest from the door: the tight spots, where it touches two walls, a wall and a laid circle, or two of
 * them. Null where there is no room.
 */
function spotOn(floor: Floor, circle: Circle, laid: Laid): Placed | null {
  const { widthM } = circle;
  const r = widthM / 2;
  const right = floor.lengthM - r;
  const near = floor.widthM - r;
  let bestX = Infinity;
  let bestY = Infinity;
  /** Looks at a spot; whether it is free, as far as it had to be looked at. */
  const open = (xM: number, yM: number): boolean => {
    if (xM < r - EPSILON || yM < r - EPSILON || xM > right + EPSILON || yM > near + EPSILON) return false;
    if (yM > bestY + EPSILON || (yM > bestY - EPSILON && xM >= bestX)) return true;
    if (!onFloor(floor, { widthM, xM, yM }) || !laid.free(xM, yM, widthM)) return false;
    [bestX, bestY] = [xM, yM];
    return true;
  };
  open(r, r);
  open(right, r);
  open(r, near);
  open(right, near);
  for (const a of laid.all) {
    if (widthM > CLOSED_SHARE * laid.closedFrom(a)) continue;
    let free = false;
    const ra = a.widthM / 2 + r;
    for (const x of [r, right]) {
      const h = ra ** 2 - (x - a.xM) ** 2;
      if (h < 0) continue;
      if (open(x, a.yM + Math.sqrt(h))) free = true;
      if (open(x, a.yM - Math.sqrt(h))) free = true;
    }
    for (const y of [r, near]) {
      const h = ra ** 2 - (y - a.yM) ** 2;
      if (h < 0) continue;
      if (open(a.xM + Math.sqrt(h), y)) free = true;
      if (open(a.xM - Math.sqrt(h), y)) free = true;
    }
    for (const b of laid.near(a.xM, a.yM, laid.reach(a, widthM))) {
      const rb = b.widthM / 2 + r;
      const dx = b.xM - a.xM;
      const dy = b.yM - a.yM;
      const d = Math.sqrt(dx * dx + dy * dy);
      if (d > ra + rb || d < EPSILON) continue;
      const along = (d ** 2 + ra ** 2 - rb ** 2) / (2 * d);
      const h = ra ** 2 - along ** 2;
      if (h < 0) continue;
      const mx = a.xM + (along * dx) / d;
      const my = a.yM + (along * dy) / d;
      const off = Math.sqrt(h) / d;
      if (open(mx - dy * off, my + dx * off)) free = true;
      if (open(mx + dy * off, my - dx * off)) free = true;
    }
    if (!free) laid.close(a, widthM);
  }
  return bestY === Infinity ? null : { ...circle, xM: bestX, yM: bestY };
}

/** Cells as wide as the middling circle. */
function laidOf(placed: readonly Placed[], circles: readonly Circle[]): Laid {
  const widths = [...placed, ...circles].map((c) => c.widthM);
  const laid = new Laid(Math.max(0.05, widths.reduce((a, b) => a + b, 0) / Math.max(1, widths.length)));
  for (const p of placed) laid.add(p);
  return laid;
}

/** Where one circle could go, farthest from the door; null where there is no room. */
export const spotFor = (floor: Floor, circle: Circle, placed: readonly Placed[]): Placed | null =>
  spotOn(floor, circle, laidOf(placed, [circle]));

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
  const laid = laidOf([], circles);
  const left: Circle[] = [];
  for (const k of kept) if (onFloor(floor, k) && laid.free(k.xM, k.yM, k.widthM)) laid.add(k);
  const there = new Set(laid.all.map((p) => p.id));
  let tooWide = Infinity;
  for (const circle of [...circles].filter((c) => !there.has(c.id)).sort((a, b) => b.widthM - a.widthM)) {
    // Where one as wide has found no room, there is none for this one.
    const at = circle.widthM >= tooWide ? null : spotOn(floor, circle, laid);
    if (at) laid.add(at);
    else {
      tooWide = Math.min(tooWide, circle.widthM);
      left.push(circle);
    }
  }
  return { placed: laid.all, left };
}

export const circleM2 = (widthM: number) => (Math.PI / 4) * widthM ** 2;
/** Share of a floor that circles of mixed sizes fill at best, by trial (L). */
export const USUAL_FILL = 0.8;
