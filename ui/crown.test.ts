import { CROWN_FORMS } from "@/core/species/index";
import { crownPaths, crownShape } from "./crown";

test.each(CROWN_FORMS)("%s: within its height and width, the same for the same tree, another for another", (form) => {
  const shape = crownShape(form, "tree-1");
  const points = [...shape.wood, ...shape.green].flat();
  expect(points.length).toBeGreaterThan(6);
  for (const [x, y] of points) {
    expect(Math.abs(x)).toBeLessThanOrEqual(shape.half + 0.1);
    expect(y).toBeGreaterThanOrEqual(-0.05);
    expect(y).toBeLessThanOrEqual(1.05);
  }
  for (const { x, y, r } of shape.leaves) {
    expect(Math.abs(x)).toBeLessThanOrEqual(shape.half + 0.05);
    expect(r).toBeGreaterThan(0.02);
    expect(y).toBeLessThanOrEqual(1.02);
  }
  expect(shape.leaves.length + shape.green.length).toBeGreaterThan(8);
  expect(crownShape(form, "tree-1")).toEqual(shape);
  expect(crownShape(form, "tree-2")).not.toEqual(shape);
  // It stands on its foot.
  expect(points.some(([x, y]) => Math.abs(x) < 0.06 && y === 0)).toBe(true);
});

test("paths stand where they are put, to the height asked for", () => {
  const shape = {
    wood: [
      [
        [0, 0],
        [0, 0.5],
        [0.1, 1],
      ],
    ],
    thick: 1,
    leaves: [{ x: 0.1, y: 1, r: 0.05 }],
    green: [],
    half: 0.2,
  } as const;
  expect(crownPaths(shape, { x: 50, y: 200, heightPx: 100 })).toEqual({
    thick: "M50 200Q50 150 60 100",
    thin: "",
    green: "",
    leaves: "M55 100a5 5 0 1 0 10 0a5 5 0 1 0 -10 0",
  });
});
