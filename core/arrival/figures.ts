/** Figures of looking over what arrives: growers' practice and our judgement (L). */
export const ARRIVAL_FIGURES = {
  quarantineDays: 28,
  /** A flare deeper than this is usually seen too late. */
  flareLateMm: 60,
  unionClearMm: 50,
  drySnapShare: 1 / 3,
  exposedMinutes: 15,
  bathMinutes: [20, 60],
  soakHours: [1, 4],
  /** Fewer live roots than this: not worth carrying home; below the second it is a rescue. */
  refuseLive: 0.2,
  rescueLive: 0.5,
  layerWeeks: 9,
  offCentreMm: 20,
  /** Minutes of work on a ball of V litres: a, b in a + b·V^.75 (L). */
  upPotMinutes: [8, 1.6],
  pruneMinutes: [15, 3],
  /** Chance of losing it, by verdict; seasons its plan is set back. */
  lossChance: { accept: 0.03, correct: 0.06, quarantine: 0.1, rescue: 0.4, refuse: 0.7 },
  setback: { accept: 0, correct: 0.3, quarantine: 0.3, rescue: 1, refuse: 1.5 },
  /** What a season lost takes off a plant's worth. */
  worthPerSeason: 0.2,
} as const;
