/** Figures of rescues: growers' practice and our judgement (L). Warmth in °C·d of the root zone for a tree of moderate pace. */
export const RESCUE_FIGURES = {
  /** Minutes under water: usual, and the most in leaf and bare in winter. */
  soakUsual: [20, 60],
  soakMostLeaf: 180,
  soakMostBare: 720,
  /** School "a whole day". */
  soakSchool: 1440,
  weightDays: { "dried-out": 5, drowned: 10, starved: 6, frozen: 8, "broken-ball": 5 },
  rotDays: 14,
  budsWarmth: 250,
  shootsWarmth: 450,
  /** Days either way of a checkpoint by warmth stand for a season warmer or colder. */
  spread: 0.25,
  retryDays: { alive: 7, roots: 3, weight: 7, "no-rot": 7, buds: 21, shoots: 14, "new-roots": 21, hardened: 14 },
  leastDaysToRipen: 60,
  /** Work asks for so much of the kind's take-hold warmth. */
  workFactor: 1.3,
  /** The crown is cut to what so many live roots serve; never by more than this at once. */
  crownMost: 0.6,
  potDown: 1.2,
  warmC: [15, 22],
} as const;
