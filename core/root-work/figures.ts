/** Figures of the advice on a ball: growers' practice and our judgement (L) throughout. */
export const CORRECTING_FIGURES = {
  /** What lifting and handling cost in any case, and what each share of roots lost adds, in one unit of price. */
  handling: 0.15,
  perLoss: 2,
  /** More handling than usual. */
  extraHandling: { "rake-and-thin": 0.12, "prune-and-return": 0.12, "wash-bare": 0.2 },
  /** Turning left in the ball: nothing up to this grade, then by the square. */
  turningFree: 0.5,
  perTurning: 0.8,
  /** Season lost while roots wait to grow again, per °C·d of lag. */
  perLag: 0.0005,
  /** How hard a share lost weighs, by what the kind stands. */
  tolerance: { touchy: 1.6, normal: 1, robust: 0.7 },
  /** Less turning than this needs no cut. */
  needlessBelow: 0.5,
  /** Roots have taken hold after the lag and this many crossings of fresh mix. */
  holdCrossings: 1,
  /** From this share on it is shaded and misted; and for so many days. */
  shadeFromLoss: 0.05,
  shadeDaysLittle: 7,
  shadeDays: 14,
  shadeDaysMuch: 28,
  /** From this share on the shade stands longer. */
  longShadeFromLoss: 0.25,
  /** Share of the roots above a buried flare, for each part of the ball's height: the top is thinly rooted. */
  topDensity: 0.6,
  /** Share that may go with the mix above the flare where root loss is out of season. */
  flareLittle: 0.05,
  /** Girdling roots serving more than this of the girth come out over two seasons. */
  girdlerSoon: 1 / 3,
  /** Severing what holds it in the ground in two halves, weeks apart. */
  severWeeks: 6,
  /** A sour ball goes into at most so many times its live part. */
  potDown: 1.2,
  noFeedWeeks: 5,
  coreWeeks: 6,
} as const;
