import "server-only";
import type { PlaceKind, WeatherRun } from "@/core/climate/index";
import { toIso } from "@/core/dates/index";
import { config } from "./config";

/** What a logger is asked for: the readings of one place over whole days. */
export interface LoggerQuestion {
  place: { id: string; kind: PlaceKind };
  /** For the simulated one, which has no weather of its own; a real logger does not look at it. */
  run: WeatherRun;
  from: number;
  to: number;
}

/** A thermometer with a memory behind its adapter: readings as lines of CSV (`time,temp_c`), null when it does not answer. */
export interface LoggerSource {
  name: string;
  read: (question: LoggerQuestion) => Promise<string | null>;
}

const TIMEOUT_MS = 10_000;
const EVERY_MINUTES = 10;

/** The logger this installation asks; null where none is set up. */
export function loggerSource(): LoggerSource | null {
  const url = config().AURELIAN_FORECAST_URL;
  if (url === undefined) return null;
  return {
    name: "simulated logger",
    read: async ({ place, run, from, to }) => {
      const days = Array.from({ length: to - from + 1 }, (_, k) => {
        const i = from + k - run.startDay;
        return { date: toIso(from + k), tminC: run.tminC[i], tmaxC: run.tmaxC[i] };
      });
      try {
        const answer = await fetch(`${url}/v1/readings`, {
          method: "POST",
          headers: { "content-type": "application/json" },
          body: JSON.stringify({ placeId: place.id, placeKind: place.kind, everyMinutes: EVERY_MINUTES, days }),
          signal: AbortSignal.timeout(TIMEOUT_MS),
          cache: "no-store",
        });
        return answer.ok ? await answer.text() : null;
      } catch {
        return null;
      }
    },
  };
}
