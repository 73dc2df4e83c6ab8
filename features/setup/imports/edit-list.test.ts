import type { Doubt } from "./doubts";
import { editOf, fits, proposedEdit, withEdit } from "./edit-list";

const doubt = (over: Partial<Doubt> = {}): Doubt => ({
  ...{ column: "potted", value: "never", message: "", fatal: false, lines: [3], count: 1, propose: [] },
  ...over,
});

test("a cell of one line is named by its line, a word in many lines by itself", () => {
  expect(editOf(doubt(), "2021")).toEqual({ line: 3, column: "potted", from: "", value: "2021" });
  expect(editOf(doubt({ lines: [3, 8], count: 2 }), "2021")).toEqual({
    ...{ line: null, column: "potted", from: "never", value: "2021" },
  });
});

test("an end empties the cell and says how it left; other proposals are written as they stand", () => {
  expect(proposedEdit(doubt(), { code: "ended", how: "sold" })).toEqual({
    ...{ line: 3, column: "potted", from: "", value: "", ended: "sold" },
  });
  // A cell that says more, such as the day it left, keeps what it says.
  expect(proposedEdit(doubt({ value: "May 2024" }), { code: "ended", how: "died", keep: true })).toMatchObject({
    ...{ value: "May 2024", ended: "died" },
  });
  expect(proposedEdit(doubt(), { code: "arrival", value: "2019" })).toMatchObject({ value: "2019" });
});

test("what is changed twice has its last word, and words changed for many are followed to the file's own", () => {
  const once = withEdit([], { line: null, column: "pot", from: "large", value: "30" });
  const twice = withEdit(once, { line: null, column: "pot", from: "30", value: "30 cm" });
  expect(twice).toEqual([
    { line: null, column: "pot", from: "large", value: "30 cm" },
    { line: null, column: "pot", from: "30", value: "30 cm" },
  ]);
  const line = withEdit([], { line: 4, column: "tag", from: "", value: "A" });
  expect(withEdit(line, { line: 4, column: "tag", from: "", value: "B" })).toEqual([
    { line: 4, column: "tag", from: "", value: "B" },
  ]);
});

test("so many fit as a header holds: sixty short ones, fewer long ones", () => {
  const edits = (n: number, value: string) =>
    Array.from({ length: n }, (_, i) => ({ line: i + 1, column: "tag", from: "", value }));
  expect(fits(edits(60, "A"))).toBe(true);
  expect(fits(edits(61, "A"))).toBe(false);
  expect(fits(edits(60, "ö".repeat(100)))).toBe(false);
});
