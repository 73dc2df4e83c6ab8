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
  /** A place that must be empty is named so long before, days. */
  clearAheadDays: 60,
  /** In leaf the crown is cut back with the roots where more of these go than this. */
  balanceFromLoss: 0.3,
  /** More root loss than this is insult enough for a season. */
  insultLoss: 0.15,
  /** Root work so near is what the crown's leaves are spoken of for; of what lies further ahead nobody asks today. */
  crownNearDays: 60,
  /** A crown is kept to its size so often, days, and by so much: what such kinds add in a year that a pot need not feed. */
  crownEveryDays: 300,
  sizeShare: { "very-slow": 0.05, slow: 0.1, moderate: 0.15, vigorous: 0.2, "very-vigorous": 0.25 },
  /** Of a sick crown at most so much goes at once. */
  sickMostShare: 0.2,
  /** Cutting takes so long, and so much more by the root of the litres it stands in. */
  crownSetUpMinutes: 4,
  crownMinutesPerRootL: 2,
  /** A thinner crown drinks less for so long, until it has grown again; its shoots are judged a little later. */
  waterLessDays: 42,
  shootsDays: 60,
  /** A wood check is worth making when the work it holds up is no further than this, days. */
  woodCheckDays: 75,
  woodCheckedDays: 14,
  /** What such a check is worth asking among other questions. */
  woodWorth: 0.3,
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
