/** Largest weather file taken: a century of days is well below. The server in front cuts bodies off at ten megabytes. */
export const MOST_WEATHER_BYTES = 8 * 1024 * 1024;
