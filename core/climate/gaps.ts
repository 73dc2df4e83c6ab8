/** Gaps of up to this many days are filled in a straight line; longer ones stay open. */
export const LONGEST_FILLED = 3;
