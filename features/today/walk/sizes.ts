/** Usual sizes at a tap: centimetres, or inches in whole ones. */
export const SIZES = {
  metric: {
    width: [14, 17, 20, 22, 25, 28, 30, 34, 38, 42, 50, 60],
    height: [12, 15, 18, 20, 22, 25, 28, 30, 34, 38, 42, 50],
    mm: 10,
    unit: "cm",
  },
  us: {
    width: [5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 20, 24],
    height: [5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 18, 20],
    mm: 25.4,
    unit: "in",
  },
} as const;
