const FIRST_MS = 500;
const MOST_MS = 60_000;
/** Deaths longer ago than this count no more: a program that dies once a month is started again at once each time. */
const FORGOTTEN_AFTER_MS = 10 * 60_000;

/** How long to wait before something that died is started again: longer the more often it died of late, never for ever. */
export class Backoff {
  private deaths: number[] = [];

  /**
   * @param nowMs a clock that only goes forward
   * @example new Backoff().delayMs(0) // 500
   */
  delayMs(nowMs: number): number {
    this.deaths = [...this.deaths.filter((at) => nowMs - at < FORGOTTEN_AFTER_MS), nowMs];
    return Math.min(MOST_MS, FIRST_MS * 2 ** (this.deaths.length - 1));
  }
}
