import { loggerAsWeather, looksLikeLogger } from "./logger-csv";
import { parseWeatherCsv, type WeatherOptions } from "./weather-csv";
import type { WeatherParse } from "./weather-days";
import { looksLikeEpw, parseEpw } from "./weather-epw";
import { looksLikeGhcnCsv, looksLikeGhcnFixed, parseGhcnCsv, parseGhcnFixed } from "./weather-ghcn";

export interface WeatherFileOptions extends WeatherOptions {
  /** A moment on the site's clock, for readings that name their zone. */
  toLocal?: (utc: Date) => string;
}

/** Reads a weather file of any kind we know, told apart by its first lines. */
export function readWeatherFile(text: string, options: WeatherFileOptions, today: string): WeatherParse {
  const end = text.indexOf("\n");
  const first = (end < 0 ? text : text.slice(0, end)).replace(/^\uFEFF/, "").trim();
  if (looksLikeEpw(first)) return parseEpw(text, today);
  if (looksLikeGhcnFixed(first)) return parseGhcnFixed(text, today);
  if (looksLikeGhcnCsv(first)) return parseGhcnCsv(text, today);
  if (looksLikeLogger(text)) return loggerAsWeather(text, options, today);
  return parseWeatherCsv(text, options, today);
}
