import { number } from "./format";

const cells = (n: number) => (n === 1 ? "1 cell" : `${number(n)} cells`);

/** Words of the cells of a list that cannot be read. */
export const FAULTY_CELL_WORDS = {
  title: (n: number) => (n === 0 ? "No fault is left" : n === 1 ? "1 fault" : `${number(n)} faults`),
  mended: (n: number) => `${cells(n)} put right by hand.`,
  apply: (n: number) => `Check ${cells(n)} again`,
  fatal: "The line is left out.",
  gap: "The rest of the line comes in.",
} as const;
