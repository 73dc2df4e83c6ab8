/** The most that is taken in one request, bytes. Larger ones are refused in words, never cut. */
export const MOST_BYTES = {
  /** Commands and calculations. */
  json: 4 * 1_048_576,
  list: 64 * 1_048_576,
  weather: 128 * 1_048_576,
  photo: 24 * 1_048_576,
} as const;

/** Levels and values of a JSON body: no form of ours comes near, and a hostile one must not keep the processor busy. */
export const MOST_JSON_DEPTH = 64;
export const MOST_JSON_VALUES = 250_000;

export function megabytes(bytes: number): string {
  return `${Math.round(bytes / 1_048_576)} MB`;
}

/** Longer absences are entered in parts, days. */
export const MOST_DAYS_AWAY = 400;
