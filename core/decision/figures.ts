import { YOUNG_MOST_L } from "../roots/index";

/** Figures of decisions: growers' practice and our judgement (L) throughout, unless a line says otherwise. */
export const DECISION_FIGURES = {
  /** Nobody lifts a ball heavier than this out of its pot without a hoist: four people at the solo limit, kg. */
  liftOutMostKg: 100,
  /** A band of fill wider than this: nobody knows, look at the roots. */
  tooWide: 0.55,
  /** A band of fill narrower than this needs no question. */
  asksFromBand: 0.25,
  /** A slip-up that cannot wait is done within so many days. */
  withinDays: 7,
  /** Roots wrapped and cool keep so long while they sleep, in leaf a day. */
  bareKeepsDays: 4,
  bareKeepsInLeafDays: 1,
  /** A first pot is between so many times the spread of bare roots wide, and about so deep for its width. */
  bareWidthLow: 1.1,
  bareWidthHigh: 1.5,
  bareDepthOfWidth: 0.9,
  /** Spread of roots nobody measured, mm. */
  bareSpreadMm: 200,
  lookAgainDays: 14,
  /** Kinds that stand less are not root-pruned in their last pot: their top is renewed. */
  pruneFromShare: 0.15,
  /** A full correction that opens this soon is worth waiting for, even by a bound tree. */
  soonDays: 45,
  /** A step is taken to within this factor of the litres its plan names. */
  plannedNear: 1.1,
  /** A step may be taken in a season that ends so long before the tree is due. */
  earlyDays: 90,
  /** So many days without hands do not end a chance. */
  awayDays: 16,
  /** Of many alike each takes so much on top of filling, minutes; tools and bench are fetched once. */
  batchEachMinutes: 0.5,
  batchSetUpMinutes: 8,
  /** The top is renewed no sooner than this after a potting, years. */
  topAfterYears: 1,
  /** A pot within so much of its goal is the goal. */
  goalReached: 0.85,
  /** Headspace is looked at when the mix has settled. */
  headspaceDays: 21,
  oppositeSideDays: 365,
  /** First and second sizes of young plants, litres by what they stand in: up to, from, to. */
  youngSteps: [
    [0.3, 0.5, 1.5],
    [YOUNG_MOST_L, 2, 4],
  ],
  /** One-year plants of very vigorous kinds: from up to so many litres straight into a large pot, where the season is long. */
  yearlingMostL: 3.5,
  yearlingPace: 0.0021,
  yearlingGrowth: 1200,
  yearlingLongL: [20, 30],
  yearlingShortL: [10, 15],
} as const;
