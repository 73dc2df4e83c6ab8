import type { DayNumber } from "@/core/dates/index";
import { toIso } from "@/core/dates/index";
import { normalSource, subStream } from "@/core/random/index";
import type { World } from "./world";

/** A thermometer with a memory, standing in a made-up place: nights there are `offsetC + (1 − damping) · night outside`. */
export interface SimulatedLogger {
  offsetC: number;
  damping: number;
  everyMinutes: number;
}

/** Scatter of a reading and of whole nights, K. */
const READING_SD = 0.15;
const NIGHT_SD = 0.6;

/** Readings of whole days, a line each: the coldest moment at six in the morning, the warmest at three in the afternoon. */
export function* readings(world: World, logger: SimulatedLogger, from: DayNumber, to: DayNumber, seed: number) {
  const reading = normalSource(subStream(seed, "reading"));
  const inside = (c: number) => logger.offsetC + (1 - logger.damping) * c;
  const night = (day: DayNumber) => NIGHT_SD * normalSource(subStream(seed + day, "night"))();
  const perDay = Math.round(1440 / logger.everyMinutes);
  for (let day = from; day <= to; day++) {
    const [before, here, after] = [world.truth(day - 1), world.truth(day), world.truth(day + 1)];
    const [low, lowNext] = [inside(here.tminC) + night(day), inside(after.tminC) + night(day + 1)];
    const [highBefore, high] = [before, here].map((t) => inside(t.tmaxC));
    for (let k = 0; k < perDay; k++) {
      const hour = (k * logger.everyMinutes) / 60;
      // Half waves between last afternoon's high, this morning's low, this afternoon's high and tomorrow's low.
      const [a, b, start, length] =
        hour < 6 ? [highBefore, low, -9, 15] : hour < 15 ? [low, high, 6, 9] : [high, lowNext, 15, 15];
      const along = (1 - Math.cos((Math.PI * (hour - start)) / length)) / 2;
      const value = a + (b - a) * along + READING_SD * reading();
      const clock = `${String(Math.floor(hour)).padStart(2, "0")}:${String(Math.round((hour % 1) * 60)).padStart(2, "0")}`;
      yield { time: `${toIso(day)} ${clock}`, tempC: Math.round(value * 10) / 10 };
    }
  }
}
