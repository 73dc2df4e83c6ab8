/** Pace of root growth, k per °C·d of root-zone warmth, by vigour class. Calibrated to experience (L), not to trials. */
export const VIGOUR_PER_DEGREE_DAY = {
  "very-slow": 0.00022,
  slow: 0.0004,
  moderate: 0.00075,
  vigorous: 0.0014,
  "very-vigorous": 0.0031,
} as const;
export type Vigour = keyof typeof VIGOUR_PER_DEGREE_DAY;
export const VIGOUR_NAMES = Object.keys(VIGOUR_PER_DEGREE_DAY) as [Vigour, ...Vigour[]];
