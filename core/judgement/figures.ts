/** Figures of the judgement: growers' practice (L). Masses and volumes of an ordinary pot with its tree. */
export const JUDGEMENT_FIGURES = {
  bathMinutes: 60,
  shadeBelowC: 28,
  hotC: 30,
  hotWarmKindC: 35,
  /** Root loss that soft shoots, heat or weakness allow. */
  littleLoss: 0.05,
  leafShare: 0.5,
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
  noNitrogenHigh: 6,
  shootsShare: 0.7,
  lateRatioLow: 2,
  lateRatioHigh: 3,
  /** A pot of so many litres of wet mix with its tree weighs, kg per L: low and high for mix alone, and all told. */
  wetLow: 0.73,
  wetHigh: 0.84,
  allKgPerL: 1.2,
  /** Cold nights tender kinds come in before lie so far above what hurts their leaves, K. */
  inAboveLeafC: 6.5,
  girdlerSoon: 1 / 3,
  /** Grade of turning from which a slumped ball is cut on one side. */
  teaseFromCircling: 0.5,
  topRenewedFromFill: 0.5,
  /** More than so many times the mix is a long jump. */
  longJump: 3,
  /** Evergreens whose leaves stand more than this are not carried in, °C. */
  staysOutBelowC: -12,
} as const;
