/** What may be planned of containers nobody buys ready. */
export const BIG_WORDS = {
  box: "Timber box",
  sunk: "Pot in the ground",
  drain: "Drain holes",
  lining: "Lining",
} as const;
