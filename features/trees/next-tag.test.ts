import { nextTag } from "./next-tag";

test.each([
  [null, [], "T-1"],
  ["T-1", ["T-1"], "T-2"],
  ["T-9", ["T-9", "t-10", "T-11"], "T-12"],
  ["KQ-007", [], "KQ-008"],
  ["Old fig", ["Old fig"], "Old fig-2"],
  ["17", ["17"], "18"],
] as const)("after %s with %j taken: %s", (last, taken, expected) => {
  expect(nextTag(last, [...taken])).toBe(expected);
});
