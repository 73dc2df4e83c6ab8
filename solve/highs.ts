import loadHighs from "highs";
import type { LinearModel, LinearSolution, SolveLimits, Solver } from "@/core/linear/index";

let loaded: ReturnType<typeof loadHighs> | null = null;

/** HiGHS, compiled to WebAssembly: synchronous once loaded, so always called off the main thread. */
export const highsSolver: Solver = {
  async solve(model: LinearModel, limits: SolveLimits): Promise<LinearSolution> {
    const highs = await (loaded ??= loadHighs());
    const { columns, rows } = model;
    const bound = (v: number) => (v === Infinity ? highs.infinity : v === -Infinity ? -highs.infinity : v);
    const starts = [0];
    const indices: number[] = [];
    const values: number[] = [];
    for (const row of rows) {
      for (const [column, value] of row.entries) {
        indices.push(column);
        values.push(value);
      }
      starts.push(indices.length);
    }
    const { integer, continuous } = highs.constants.variableType;
    return highs.withModel(
      {
        numCols: columns.length,
        numRows: rows.length,
        colCost: columns.map((c) => c.cost),
        colLower: columns.map((c) => bound(c.lower)),
        colUpper: columns.map((c) => bound(c.upper)),
        rowLower: rows.map((r) => bound(r.lower)),
        rowUpper: rows.map((r) => bound(r.upper)),
        matrix: { format: "csr", numRows: rows.length, numCols: columns.length, starts, indices, values },
        integrality: columns.map((c) => (c.whole ? integer : continuous)),
      },
      (m): LinearSolution => {
        m.options.set({ output_flag: false, time_limit: limits.timeLimitS, mip_rel_gap: limits.gap });
        const { modelStatus } = m.run();
        const { optimal: best, unbounded } = highs.constants.modelStatus;
        const optimal = modelStatus === best;
        // 2: a feasible point is in hand. One on the way to a cost without end is no answer.
        const inHand = modelStatus !== unbounded && Number(m.info.get("primal_solution_status")) === 2;
        if (!optimal && !inHand) return { status: "none", cost: Infinity, gap: Infinity, values: [] };
        const gap = columns.some((c) => c.whole) ? Number(m.info.get("mip_gap")) : 0;
        return {
          status: optimal ? "optimal" : "cut",
          cost: m.getObjectiveValue(),
          gap: Number.isFinite(gap) ? Math.max(0, gap) : 1,
          values: [...m.getSolution().colValue],
        };
      },
    );
  },
};
