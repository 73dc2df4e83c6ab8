import { SETTLE_FRACTION } from "../mix/index";
import { FIGURE_GROUPS, FIGURES } from "./index";

test.each(FIGURE_GROUPS)("%s: every figure is named once, is a number, and has a source and a confidence", (group) => {
  const figures = FIGURES[group];
  expect(figures.length).toBeGreaterThan(2);
  expect(new Set(figures.map((f) => f.what)).size).toBe(figures.length);
  for (const f of figures) {
    expect(f.values.length).toBeGreaterThan(0);
    for (const value of f.values) expect(Number.isFinite(value)).toBe(true);
    expect(f.source.length).toBeGreaterThan(5);
    expect(["H", "M", "L"]).toContain(f.confidence);
  }
});

test("the figures are the ones the calculations use", () => {
  expect(FIGURES.mixing.find((f) => f.what === "fresh fill settles by")?.values).toEqual([SETTLE_FRACTION]);
});
