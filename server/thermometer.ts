import "server-only";
import type { PlaceKind, WeatherRun } from "@/core/climate/index";
import { toIso } from "@/core/dates/index";
import { config } from "./config";

/** What a thermometer with a memory is asked for: the readings of one place over whole days. */
interface ThermometerQuestion {
  place: { id: string; kind: PlaceKind };
  /** For the simulated one, which has no weather of its own; a real one does not look at it. */
  run: WeatherRun;
  from: number;
  to: number;
}

/** A thermometer with a memory behind its adapter: readings as lines of CSV (`time,temp_c`), null when it does not answer. */
export interface ThermometerSource {
  /** Its readings are made up, and are said to be. */
  isSimulated: boolean;
  name: string;
  read: (question: ThermometerQuestion) => Promise<string | null>;
}

const TIMEOUT_MS = 10_000;
const EVERY_MINUTES = 10;

/** The thermometer this installation asks; null where none is set up. */
export function thermometerSource(): ThermometerSource | null {
  const url = config().AURELIAN_FORECAST_URL;
  if (url === undefined) return null;
  return {
    isSimulated: true,
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
