/** A young plant is due when its ball just holds. Growers' practice (L). */
export const YOUNG_DUE_FILL = 0.6;
/** Up to so many litres of mix a young plant goes up by stage, and is due by its ball. Growers' practice (L). */
export const YOUNG_MOST_L = 1.2;
/**
 * How many times the pace of a grown tree the roots of a seedling, liner or cutting grow at, by the mix it stands in: a first pot is
 * full in six to twelve warm weeks, and that falls with size. Our judgement (L).
 */
const PACE_AT: readonly (readonly [volumeL: number, times: number])[] = [
  [0.1, 5],
  [1, 3],
  [5, 1],
];

/** @example youngPace(0.1) // 5 */
export function youngPace(volumeL: number): number {
  if (volumeL <= PACE_AT[0][0]) return PACE_AT[0][1];
  for (let i = 1; i < PACE_AT.length; i++) {
    const [[fromL, from], [toL, to]] = [PACE_AT[i - 1], PACE_AT[i]];
    if (volumeL <= toL) return from + ((to - from) * Math.log(volumeL / fromL)) / Math.log(toL / fromL);
  }
  return 1;
}

/** What a young plant in so much mix is due by, and how quick it is. */
export const youngIn = (volumeL: number): { dueFill?: number; pace: number } => ({
  pace: youngPace(volumeL),
  ...(volumeL <= YOUNG_MOST_L ? { dueFill: YOUNG_DUE_FILL } : {}),
});
