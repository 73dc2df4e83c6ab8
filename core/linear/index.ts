/**
 * A linear model as plain numbers, for whatever solver is handed in: minimise Σ cost·x with bounds on columns and rows, some columns
 * whole numbers.
 */
export interface LinearModel {
  columns: { cost: number; lower: number; upper: number; whole: boolean }[];
  rows: { lower: number; upper: number; entries: readonly (readonly [column: number, value: number])[] }[];
}

export interface LinearSolution {
  /** `cut` was stopped by its time limit with something in hand; `none` has nothing. */
  status: "optimal" | "cut" | "none";
  cost: number;
  /** Proven distance from the best possible, as a share; 0 for an optimum. */
  gap: number;
  values: number[];
}

export interface SolveLimits {
  timeLimitS: number;
  /** Share from the proven best at which it may stop. */
  gap: number;
}

export interface Solver {
  solve: (model: LinearModel, limits: SolveLimits) => Promise<LinearSolution>;
}

/** Collects columns and rows one by one. */
export class ModelBuilder {
  readonly model: LinearModel = { columns: [], rows: [] };

  column(cost: number, { lower = 0, upper = Infinity, whole = false } = {}): number {
    this.model.columns.push({ cost, lower, upper, whole });
    return this.model.columns.length - 1;
  }

  row(entries: readonly (readonly [number, number])[], { lower = -Infinity, upper = Infinity }): void {
    this.model.rows.push({ lower, upper, entries });
  }
}
