/** Figures of the judgement: growers' practice (L). Masses and volumes of an ordinary pot with its tree. */
export const JUDGEMENT_FIGURES = {
  bathMinutes: 60,
  shadeBelowC: 28,
  hotC: 30,
  hotWarmKindC: 35,
  /** Root loss that soft shoots, heat or weakness allow. */
  littleLoss: 0.05,
  leafShare: 0.5,
  evergreenLoosen: 0.15,
  combLow: 0.3,
  combHigh: 0.4,
  slipLow: 1.4,
  slipHigh: 1.6,
  afterShaveHigh: 1.3,
  /** Old ball watered by hand after a move: weeks, and after a long jump. */
  coreWeeks: 6,
  jumpWeeks: 4,
  topMm: 20,
  bigTopLowMm: 40,
  bigTopHighMm: 60,
  feedLow: 0.25,
  feedHigh: 0.5,
  brokenLow: 1.1,
  brokenHigh: 1.2,
  brokenAboveBaseC: 3,
  sliceShare: 0.12,
  stopRootMm: 25,
  shadeWeeks: 3,
  noNitrogenLow: 4,
  noNitrogenHigh: 6,
  shootsShare: 0.7,
  beforeFlushLow: 2,
  beforeFlushHigh: 4,
  noWorkWeeksBeforeFrost: 8,
  lateRatioLow: 2,
  lateRatioHigh: 3,
  /** A pot of so many litres of wet mix with its tree weighs, kg per L: low and high for mix alone, and all told. */
  wetLow: 0.73,
  wetHigh: 0.84,
  allKgPerL: 1.2,
  /** Cold nights tender kinds come in before lie so far above what hurts their leaves, K. */
  inAboveLeafC: 6.5,
  girdlerSoon: 1 / 3,
  /** Grades of turning from which a ball is teased, and shaved; below the first of these it is left whole. */
  leaveWholeBelowCircling: 0.7,
  teaseFromCircling: 0.5,
  shaveFromCircling: 3,
  topRenewedFromFill: 0.5,
  /** A step suits from and to so much of the largest ordinary one; where the kind stands small ones only it begins lower. */
  stepLow: 0.85,
  stepHigh: 1.1,
  lowOfLargest: 1.2,
  /** More than so many times the mix is a long jump. */
  longJump: 3,
  /** Evergreens whose leaves stand more than this are not carried in, °C. */
  staysOutBelowC: -12,
} as const;
