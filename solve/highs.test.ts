import fc from "fast-check";
import { type LinearModel, ModelBuilder } from "@/core/linear/index";
import { highsSolver } from "./highs";

const EXACT = { timeLimitS: 10, gap: 0 };

/** The cheapest 0/1 choice that breaks no row, by trying all of them; null where every one breaks some. */
function byTrying({ columns, rows }: LinearModel): number | null {
  let best: number | null = null;
  for (let pick = 0; pick < 1 << columns.length; pick++) {
    const x = columns.map((_, j) => (pick >> j) & 1);
    const holds = rows.every((row) => {
      const sum = row.entries.reduce((s, [j, v]) => s + v * x[j], 0);
      return sum >= row.lower - 1e-9 && sum <= row.upper + 1e-9;
    });
    const cost = columns.reduce((s, c, j) => s + c.cost * x[j], 0);
    if (holds && (best === null || cost < best)) best = cost;
  }
  return best;
}

test("a choice of whole things costs what the best of all choices costs, and breaks no row", async () => {
  const anyModel = fc
    .record({
      costs: fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 2, maxLength: 7 }),
      rows: fc.array(
        fc.record({
          weights: fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 7, maxLength: 7 }),
          most: fc.integer({ min: 0, max: 12 }),
        }),
        { minLength: 1, maxLength: 3 },
      ),
      least: fc.integer({ min: 0, max: 3 }),
    })
    .map(({ costs, rows, least }) => {
      const b = new ModelBuilder();
      const columns = costs.map((cost) => b.column(cost, { upper: 1, whole: true }));
      for (const { weights, most } of rows)
        b.row(
          columns.map((c, j) => [c, weights[j]] as const),
          { upper: most },
        );
      b.row(
        columns.map((c) => [c, 1] as const),
        { lower: least },
      );
      return b.model;
    });
  await fc.assert(
    fc.asyncProperty(anyModel, async (model) => {
      const best = byTrying(model);
      const found = await highsSolver.solve(model, EXACT);
      if (best === null) {
        expect(found).toMatchObject({ status: "none", values: [] });
        return;
      }
      expect(found.status).toBe("optimal");
      expect(found.cost).toBeCloseTo(best, 6);
      for (const row of model.rows) {
        const sum = row.entries.reduce((s, [j, v]) => s + v * found.values[j], 0);
        expect(sum).toBeLessThanOrEqual(row.upper + 1e-6);
        expect(sum).toBeGreaterThanOrEqual(row.lower - 1e-6);
      }
    }),
    { numRuns: 40 },
  );
});

test("what may be shared out in parts is, without a gap", async () => {
  const b = new ModelBuilder();
  const [x, y] = [b.column(-3), b.column(-2)];
  b.row(
    [
      [x, 1],
      [y, 1],
    ],
    { upper: 4 },
  );
  b.row(
    [
      [x, 1],
      [y, 3],
    ],
    { upper: 6 },
  );
  b.row([[x, 1]], { upper: 2.5 });
  const { values, cost, gap } = await highsSolver.solve(b.model, EXACT);
  expect(values[x]).toBeCloseTo(2.5, 9);
  expect(values[y]).toBeCloseTo(7 / 6, 9);
  expect(cost).toBeCloseTo(-7.5 - 7 / 3, 9);
  expect(gap).toBe(0);
});

test("without end in sight there is no answer; asked again it answers the same", async () => {
  const endless = new ModelBuilder();
  endless.column(-1);
  expect((await highsSolver.solve(endless.model, EXACT)).status).toBe("none");
  const b = new ModelBuilder();
  const columns = [4, 3, 5].map((cost) => b.column(cost, { upper: 1, whole: true }));
  b.row(
    columns.map((c) => [c, 1] as const),
    { lower: 2 },
  );
  const [first, second] = [await highsSolver.solve(b.model, EXACT), await highsSolver.solve(b.model, EXACT)];
  expect(first.cost).toBe(7);
  expect(second).toEqual(first);
});
