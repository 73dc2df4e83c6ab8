import "server-only";
import { config } from "../config";
import { publicJsonSource } from "./public-json";
import { simulatedSource } from "./simulated";
import type { ForecastSource } from "./source";

/** The service this installation asks: in the demo and in tests the simulated one, else the public one its operator has set up; null without. */
export function forecastSource(): ForecastSource | null {
  const { AURELIAN_WEATHER_SERVICE: approved, AURELIAN_FORECAST_URL: simulated } = config();
  if (simulated !== undefined) return simulatedSource(simulated);
  return approved === undefined ? null : publicJsonSource(approved);
}
