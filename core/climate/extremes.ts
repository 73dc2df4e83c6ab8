/** Lowest and highest of each day from its hours. */
export function extremesOfHours(airC: ArrayLike<number>): { tminC: Float32Array; tmaxC: Float32Array } {
  const days = Math.floor(airC.length / 24);
  const tminC = new Float32Array(days).fill(Infinity);
  const tmaxC = new Float32Array(days).fill(-Infinity);
  for (let d = 0; d < days; d++)
    for (let i = 24 * d; i < 24 * d + 24; i++) {
      if (airC[i] < tminC[d]) tminC[d] = airC[i];
      if (airC[i] > tmaxC[d]) tmaxC[d] = airC[i];
    }
  return { tminC, tmaxC };
}
