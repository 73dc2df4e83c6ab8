import { woodWeeks } from "./strip-wood";

const wood = (key: string, count: number, weeks: string) => ({ key, name: key, count, weeks });

test("all trees together: ripeness of what has leaves, share of what has none, by number of trees", () => {
  const weeks = woodWeeks([wood("apple", 3, "Zaz"), wood("lemon", 1, "zzz"), wood("tree:x", 0, "aaa")], null);
  expect(weeks[0]).toEqual({ ripe: 1, leafless: 0.75 });
  expect(weeks[1]).toEqual({ ripe: 0.25, leafless: 0 });
  expect(weeks[2]).toEqual({ ripe: 1, leafless: 0 });
});

test("one kind or one tree by itself; a key nobody knows shows all", () => {
  const woods = [wood("apple", 3, "Zm"), wood("tree:x", 0, "ag")];
  expect(woodWeeks(woods, "apple")).toEqual([
    { ripe: 1, leafless: 1 },
    { ripe: 12 / 25, leafless: 0 },
  ]);
  expect(woodWeeks(woods, "tree:x")[0]).toEqual({ ripe: 0, leafless: 0 });
  expect(woodWeeks(woods, "fig")).toEqual(woodWeeks(woods, null));
  expect(woodWeeks([], null)).toEqual([]);
});
