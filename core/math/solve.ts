/**
 * Gaussian elimination with partial pivoting.
 * @example solve([[2, 0], [0, 4]], [2, 2]) // [1, 0.5]
 */
export function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, i) => [...row, right[i]]);
  const n = rows.length;
  for (let at = 0; at < n; at++) {
    let pivot = at;
    for (let i = at + 1; i < n; i++) if (Math.abs(rows[i][at]) > Math.abs(rows[pivot][at])) pivot = i;
    [rows[at], rows[pivot]] = [rows[pivot], rows[at]];
    for (let i = at + 1; i < n; i++) {
      const share = rows[i][at] / rows[at][at];
      if (share !== 0) for (let j = at; j <= n; j++) rows[i][j] -= share * rows[at][j];
    }
  }
  const out = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = rows[i][n];
    for (let j = i + 1; j < n; j++) sum -= rows[i][j] * out[j];
    out[i] = sum / rows[i][i];
  }
  return out;
}
