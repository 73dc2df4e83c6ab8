/**
 * Habits of growth, from which all kinds are derived. Structure published, parameters our own calibration (L) unless noted.
 * Chill in Dynamic-model portions: middles of published ranges (apple 40–75, maple 45–65, fig 5–15, pomegranate 8–18).
 */
export const HABITS = [
  "apple-like",
  "japanese-maple-like",
  "fig-like",
  "pomegranate-like",
  "citrus-like",
  "olive-bay-like",
  "conifer-like",
  "palm-like",
  "tropical-like",
] as const;
export type Habit = (typeof HABITS)[number];

export interface HabitParameters {
  habit: Habit;
  leaf: "deciduous" | "evergreen";
  chillPortions: number;
  /** Growing-degree hours from the end of rest to bud break, to unfolded leaves and, where the kind's own are known, to full bloom. */
  budGdh: number;
  leafOutGdh: number;
  bloomGdh: number | null;
  /** First and last day of bloom, from bud break. */
  bloomDays: readonly [number, number] | null;
  /** Warmth that its shoots grow by counts above this. */
  growthBaseC: number;
  /** Base of the wood's ripening, heat to half ripe, steepness, share of heat that counts before growth stops. */
  ripeBaseC: number;
  h50: number;
  n: number;
  m0: number;
  /** Growth stops by heat sum, by short days (critical hours) and by cool nights. */
  stopDegreeDays: number;
  stopByHeat: number;
  stopByDay: number;
  criticalHours: number;
  stopByNight: number;
  nightC: number;
  hardiness: HardinessParameters;
  /** Spread of killing temperatures within a crown, K. */
  sigmaC: number;
  /** Frost that kills new growth, °C. */
  flushFrostC: number;
  /** Root warmth: base and need of °C·d for roots to take hold after ordinary work; coolest root zone for spring work. */
  rootBaseC: number;
  rootNeedDegreeDays: number;
  springRootZoneC: number;
  /** Spring work waits for the 10 % date of the last frost at this threshold; null where frost does not matter to it. */
  springFrostC: number | null;
}

/** After Ferguson et al. 2011; arrays are [before, after] the end of deep rest. */
export interface HardinessParameters {
  hMin: number;
  hMax: number;
  thresholds: readonly [number, number];
  edb: number;
  ka: readonly [number, number];
  kd: readonly [number, number];
  theta: readonly [number, number];
}

export const HABIT_PARAMETERS: Record<Habit, HabitParameters> = {
  "apple-like": {
    habit: "apple-like",
    leaf: "deciduous",
    chillPortions: 55,
    budGdh: 2700,
    leafOutGdh: 4200,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 4,
    ripeBaseC: 5,
    h50: 750,
    n: 2.5,
    m0: 0.35,
    // Apple stops by cool nights, not by daylength (Heide & Prestrud 2005).
    stopDegreeDays: 1150,
    stopByHeat: 0.04,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.05,
    nightC: 8,
    hardiness: {
      hMin: -2.5,
      hMax: -34,
      thresholds: [13, 5],
      edb: -700,
      ka: [0.14, 0.1],
      kd: [0.08, 0.13],
      theta: [1, 5],
    },
    sigmaC: 1.8,
    flushFrostC: -3,
    rootBaseC: 6,
    rootNeedDegreeDays: 300,
    springRootZoneC: 5,
    springFrostC: null,
  },
  "japanese-maple-like": {
    habit: "japanese-maple-like",
    leaf: "deciduous",
    chillPortions: 55,
    budGdh: 3000,
    leafOutGdh: 4500,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 4,
    ripeBaseC: 5,
    h50: 680,
    n: 2.5,
    m0: 0.35,
    stopDegreeDays: 950,
    stopByHeat: 0.04,
    stopByDay: 0.03,
    criticalHours: 14,
    stopByNight: 0.05,
    nightC: 8,
    hardiness: {
      hMin: -2.5,
      hMax: -25,
      thresholds: [13, 5],
      edb: -600,
      ka: [0.11, 0.08],
      kd: [0.08, 0.13],
      theta: [1, 5],
    },
    sigmaC: 1.8,
    flushFrostC: -2.5,
    rootBaseC: 6,
    rootNeedDegreeDays: 300,
    springRootZoneC: 5,
    springFrostC: null,
  },
  "fig-like": {
    habit: "fig-like",
    leaf: "deciduous",
    chillPortions: 10,
    budGdh: 5800,
    leafOutGdh: 7300,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 7,
    ripeBaseC: 8,
    h50: 480,
    n: 2.5,
    m0: 0.35,
    stopDegreeDays: 1400,
    stopByHeat: 0.03,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.07,
    nightC: 9,
    hardiness: {
      hMin: -2,
      hMax: -12,
      thresholds: [12, 7],
      edb: -150,
      ka: [0.1, 0.08],
      kd: [0.08, 0.12],
      theta: [1, 3],
    },
    sigmaC: 1.5,
    flushFrostC: -2,
    rootBaseC: 8,
    rootNeedDegreeDays: 280,
    springRootZoneC: 8,
    springFrostC: null,
  },
  "pomegranate-like": {
    habit: "pomegranate-like",
    leaf: "deciduous",
    chillPortions: 13,
    budGdh: 5500,
    leafOutGdh: 7000,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 8,
    ripeBaseC: 9,
    h50: 460,
    n: 2.5,
    m0: 0.35,
    stopDegreeDays: 1300,
    stopByHeat: 0.03,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.07,
    nightC: 9,
    hardiness: {
      hMin: -2,
      hMax: -14,
      thresholds: [12, 7],
      edb: -250,
      ka: [0.1, 0.08],
      kd: [0.08, 0.12],
      theta: [1, 3],
    },
    sigmaC: 1.5,
    flushFrostC: -2,
    rootBaseC: 9,
    rootNeedDegreeDays: 280,
    springRootZoneC: 9,
    springFrostC: null,
  },
  "citrus-like": {
    habit: "citrus-like",
    leaf: "evergreen",
    chillPortions: 0,
    budGdh: 7000,
    leafOutGdh: 8500,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 12.5,
    ripeBaseC: 12.5,
    h50: 200,
    n: 2,
    m0: 0.5,
    stopDegreeDays: 0,
    stopByHeat: 0,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.08,
    nightC: 9,
    hardiness: {
      hMin: -2,
      hMax: -6.5,
      thresholds: [12.5, 12.5],
      edb: 0,
      ka: [0.022, 0.022],
      kd: [0.06, 0.06],
      theta: [1, 1],
    },
    sigmaC: 1,
    flushFrostC: -1,
    rootBaseC: 13,
    rootNeedDegreeDays: 180,
    springRootZoneC: 13,
    springFrostC: 0,
  },
  "olive-bay-like": {
    habit: "olive-bay-like",
    leaf: "evergreen",
    chillPortions: 0,
    budGdh: 8000,
    leafOutGdh: 9500,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 9,
    ripeBaseC: 9,
    h50: 330,
    n: 2,
    m0: 0.45,
    stopDegreeDays: 0,
    stopByHeat: 0,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.07,
    nightC: 9,
    hardiness: {
      hMin: -3.5,
      hMax: -13,
      thresholds: [11, 11],
      edb: 0,
      ka: [0.05, 0.05],
      kd: [0.05, 0.05],
      theta: [1, 1],
    },
    sigmaC: 1.3,
    flushFrostC: -3,
    rootBaseC: 10,
    rootNeedDegreeDays: 260,
    springRootZoneC: 10,
    springFrostC: -3,
  },
  "conifer-like": {
    habit: "conifer-like",
    leaf: "evergreen",
    chillPortions: 0,
    budGdh: 6000,
    leafOutGdh: 7500,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 5,
    ripeBaseC: 5,
    h50: 620,
    n: 2.2,
    m0: 0.4,
    // One flush set in the bud: it stops by heat, then by short days.
    stopDegreeDays: 800,
    stopByHeat: 0.04,
    stopByDay: 0.03,
    criticalHours: 14,
    stopByNight: 0.05,
    nightC: 8,
    hardiness: {
      hMin: -4,
      hMax: -31,
      thresholds: [12, 5],
      edb: -500,
      ka: [0.12, 0.08],
      kd: [0.06, 0.1],
      theta: [1, 4],
    },
    sigmaC: 1.8,
    flushFrostC: -4,
    rootBaseC: 6,
    rootNeedDegreeDays: 300,
    springRootZoneC: 6,
    springFrostC: null,
  },
  // Leaf after leaf from one bud, whenever it is warm: no flush to wait for, no wood that ripens for the winter.
  "palm-like": {
    habit: "palm-like",
    leaf: "evergreen",
    chillPortions: 0,
    budGdh: 9000,
    leafOutGdh: 10500,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 12,
    ripeBaseC: 12,
    h50: 240,
    n: 2,
    m0: 0.5,
    stopDegreeDays: 0,
    stopByHeat: 0,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.08,
    nightC: 10,
    hardiness: {
      hMin: -2,
      hMax: -6,
      thresholds: [13, 13],
      edb: 0,
      ka: [0.04, 0.04],
      kd: [0.06, 0.06],
      theta: [1, 1],
    },
    sigmaC: 1,
    flushFrostC: -2,
    rootBaseC: 14,
    rootNeedDegreeDays: 220,
    springRootZoneC: 18,
    springFrostC: -1,
  },
  "tropical-like": {
    habit: "tropical-like",
    leaf: "evergreen",
    chillPortions: 0,
    budGdh: 9000,
    leafOutGdh: 10500,
    bloomGdh: null,
    bloomDays: null,
    growthBaseC: 13,
    ripeBaseC: 13,
    h50: 220,
    n: 2,
    m0: 0.5,
    stopDegreeDays: 0,
    stopByHeat: 0,
    stopByDay: 0,
    criticalHours: 14,
    stopByNight: 0.08,
    nightC: 11,
    hardiness: {
      hMin: -0.5,
      hMax: -2.2,
      thresholds: [14, 14],
      edb: 0,
      ka: [0.02, 0.02],
      kd: [0.06, 0.06],
      theta: [1, 1],
    },
    sigmaC: 0.8,
    flushFrostC: 0,
    rootBaseC: 15,
    rootNeedDegreeDays: 180,
    springRootZoneC: 16,
    springFrostC: 1,
  },
};
