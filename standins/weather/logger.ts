import { parseIso, toIso } from "@/core/dates/index";
import { normalSource, subStream } from "@/core/random/index";

/** A thermometer with a memory, standing in a made-up place: nights there are `offsetC + (1 − damping) · night outside`. */
export interface MadeUpPlace {
  offsetC: number;
  damping: number;
}

/** What the made-up places are like, by what stands for them in the yard. Nobody but the simulated logger knows. */
export const MADE_UP_PLACES: Record<string, MadeUpPlace> = {
  open: { offsetC: -0.6, damping: 0 },
  sheltered: { offsetC: 1.4, damping: 0.1 },
  unheated: { offsetC: 2.8, damping: 0.35 },
  "frost-free": { offsetC: 5, damping: 0.7 },
  heated: { offsetC: 16, damping: 0.95 },
};

export interface OutsideDay {
  date: string;
  tminC: number;
  tmaxC: number;
}

/** Scatter of a reading and of whole nights, K. */
const READING_SD = 0.15;
const NIGHT_SD = 0.6;

/** Readings of whole days, a line each: the coldest moment at six in the morning, the warmest at three in the afternoon. */
export function* readings(place: MadeUpPlace, name: string, days: readonly OutsideDay[], everyMinutes: number) {
  const seed = Math.floor(subStream(7, name)() * 2 ** 31);
  const reading = normalSource(subStream(seed, "reading"));
  const inside = (c: number) => place.offsetC + (1 - place.damping) * c;
  // A night's own scatter hangs on its day alone, so that asking again gives the same night.
  const lows = days.map(
    (d) => inside(d.tminC) + NIGHT_SD * normalSource(subStream(seed + parseIso(d.date)!, "night"))(),
  );
  const highs = days.map((d, k) => Math.max(inside(d.tmaxC), lows[k] + 1));
  const perDay = Math.round(1440 / everyMinutes);
  for (let k = 0; k < days.length; k++) {
    for (let step = 0; step < perDay; step++) {
      const hour = (step * everyMinutes) / 60;
      // Half waves between last afternoon's high, this morning's low, this afternoon's high and tomorrow's low.
      const [a, b, start, length] =
        hour < 6
          ? [highs[Math.max(0, k - 1)], lows[k], -9, 15]
          : hour < 15
            ? [lows[k], highs[k], 6, 9]
            : [highs[k], lows[Math.min(days.length - 1, k + 1)], 15, 15];
      const along = (1 - Math.cos((Math.PI * (hour - start)) / length)) / 2;
      const value = a + (b - a) * along + READING_SD * reading();
      const clock = `${String(Math.floor(hour)).padStart(2, "0")}:${String(Math.round((hour % 1) * 60)).padStart(2, "0")}`;
      yield { time: `${toIso(parseIso(days[k].date)!)} ${clock}`, tempC: Math.round(value * 10) / 10 };
    }
  }
}
