import "server-only";
import { config } from "../config";
import { simulatedSource } from "./simulated";
import type { ForecastSource } from "./source";

/** The service this installation asks; null where none is set up. */
export function forecastSource(): ForecastSource | null {
  const url = config().AURELIAN_FORECAST_URL;
  return url === undefined ? null : simulatedSource(url);
}
