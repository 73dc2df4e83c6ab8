/** Figures of work on a tree that stays where it stands: growers' practice and our judgement (L). */
export const IN_PLACE_FIGURES = {
  /** Holes are bored to this part of the ball's depth. */
  coreDepthShare: 2 / 3,
  /** Nearest to the trunk: so many times its width, and no nearer than this part of the ball's radius. */
  keepOffTrunks: 2,
  keepOffRadius: 1 / 3,
  /** Holes lie in the outer part of the ball: from this part of its radius on. */
  outerFrom: 0.5,
  /** Free mix between a hole and the wall, mm: at nothing, the cut reaches the roots that turn at the wall. */
  wallMarginMm: 10,
  /** Free mix between two holes, at least so much of a hole's width. */
  gapShare: 0.5,
  coreShare: 0.1,
  coreMostShare: 0.15,
  coreMm: 50,
  /** A slice takes this part of the ball. */
  sliceShare: 0.12,
  /** Roots thicker than this stop the auger, and the saw. */
  coreStopMm: 20,
  sliceStopMm: 25,
  /** Shoots reached this part of last year's: the next side may be done. */
  shootsShare: 0.7,
  /** Loose fill stands higher than it settles to. */
  topLowMm: 40,
  topHighMm: 60,
  noNitrogenWeeks: [4, 6],
} as const;
