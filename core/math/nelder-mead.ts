/** Steps of the simplex: reflect, expand, contract, shrink (Nelder & Mead 1965). */
const EXPAND = 2;
const CONTRACT = 0.5;
const SHRINK = 0.5;
const MOST_STEPS = 250;
const CLOSE = 1e-3;

/**
 * Minimum of a function of a few variables by a simplex that crawls downhill; it needs no slopes and stands small steps in the cost.
 * Begun a second time from where the first ended, so that a flat simplex gets its width back.
 * @param widths first steps along each axis
 * @example nelderMead(([x, y]) => (x - 1) ** 2 + (y + 2) ** 2, [0, 0], [1, 1]).map((v) => Math.round(10 * v) / 10) // [1, -2]
 */
export function nelderMead(
  cost: (point: readonly number[]) => number,
  start: readonly number[],
  widths: readonly number[],
): number[] {
  return crawl(
    cost,
    crawl(cost, start, widths),
    widths.map((w) => w / 2),
  );
}

interface Corner {
  at: number[];
  value: number;
}

function crawl(
  cost: (point: readonly number[]) => number,
  start: readonly number[],
  widths: readonly number[],
): number[] {
  const corner = (at: number[]): Corner => ({ at, value: cost(at) });
  const corners = [
    corner([...start]),
    ...widths.map((w, axis) => corner(start.map((v, i) => (i === axis ? v + w : v)))),
  ];
  const size = start.length;
  for (let step = 0; step < MOST_STEPS; step++) {
    corners.sort((a, b) => a.value - b.value);
    const worst = corners[size];
    if (worst.value - corners[0].value < CLOSE) break;
    const middle = start.map((_, i) => corners.slice(0, size).reduce((sum, c) => sum + c.at[i], 0) / size);
    const along = (share: number) => corner(middle.map((m, i) => m + share * (m - worst.at[i])));
    const reflected = along(1);
    if (reflected.value < corners[0].value) {
      const expanded = along(EXPAND);
      corners[size] = expanded.value < reflected.value ? expanded : reflected;
    } else if (reflected.value < corners[size - 1].value) corners[size] = reflected;
    else {
      const contracted = along(reflected.value < worst.value ? CONTRACT : -CONTRACT);
      if (contracted.value < Math.min(worst.value, reflected.value)) corners[size] = contracted;
      else
        for (let c = 1; c <= size; c++)
          corners[c] = corner(corners[c].at.map((v, i) => corners[0].at[i] + SHRINK * (v - corners[0].at[i])));
    }
  }
  corners.sort((a, b) => a.value - b.value);
  return corners[0].at;
}
