import { type DailyRecord, generateWeather, type Normals } from "@/core/climate/index";
import { dayFromParts, toDay, yearOf } from "@/core/dates/index";

/** A continental town of the demo: cold still nights, late frosts. Made-up normals of a plausible place at 48° N, 540 m. */
export const TRAMHALLE_NORMALS: Normals = {
  tminC: [-4.6, -4.1, -0.9, 2.9, 7.3, 10.6, 12.3, 11.9, 8.4, 4.3, 0, -3.2],
  tmaxC: [2.1, 4.1, 8.8, 13.7, 18.5, 21.8, 24, 23.6, 18.9, 13.3, 6.9, 3],
  tminSdC: [5, 4.8, 3.7, 3.3, 3.1, 2.8, 2.5, 2.5, 3, 3.6, 4, 4.7],
  tmaxSdC: [4.5, 4.8, 5, 4.8, 4.6, 4.3, 4.1, 4, 4.2, 4.1, 4.3, 4.4],
  wetShare: [0.42, 0.4, 0.42, 0.4, 0.43, 0.46, 0.44, 0.42, 0.38, 0.38, 0.42, 0.45],
  rainMm: [48, 44, 55, 58, 92, 112, 115, 108, 78, 62, 58, 56],
  windMs: [2.6, 2.6, 2.7, 2.6, 2.3, 2.2, 2.1, 2, 2.1, 2.2, 2.5, 2.6],
};

/** A mild, windy yard in the south with dry summers. Made-up normals of a plausible place at 38.6° S, 120 m; January first. */
export const PEDREGAL_NORMALS: Normals = {
  tminC: [14.8, 14.3, 12.4, 9, 6.2, 3.6, 3, 3.9, 5.6, 8.4, 11, 13.4],
  tmaxC: [29.8, 28.7, 25.6, 21.2, 16.8, 13.4, 12.9, 15, 17.5, 20.8, 24.8, 28.3],
  tminSdC: [3.1, 3.1, 3.4, 3.7, 3.7, 3.6, 3.6, 3.4, 3.3, 3.2, 3.2, 3.1],
  tmaxSdC: [4.3, 4.2, 4, 3.9, 3.6, 3.3, 3.2, 3.7, 3.9, 4.1, 4.3, 4.4],
  wetShare: [0.18, 0.19, 0.21, 0.22, 0.22, 0.22, 0.22, 0.22, 0.23, 0.27, 0.25, 0.22],
  rainMm: [52, 56, 70, 58, 44, 28, 30, 31, 46, 66, 58, 60],
  windMs: [4.8, 4.4, 4, 3.8, 3.7, 3.9, 4.1, 4.3, 4.6, 4.8, 5, 5],
};

/** Generated days dated as so many years up to yesterday. */
export function generatedRecord(
  latitudeDeg: number,
  normals: Normals,
  today: string,
  years: number,
  seed: number,
): DailyRecord {
  const generated = generateWeather(latitudeDeg, normals, years + 2, seed);
  const startDay = dayFromParts(yearOf(toDay(today)) - years, 1, 1)!;
  const days = toDay(today) - startDay;
  const cut = (values: Float32Array) => values.slice(0, days);
  return {
    startDay,
    tminC: cut(generated.tminC),
    tmaxC: cut(generated.tmaxC),
    solarMJ: cut(generated.solarMJ),
    rainMm: cut(generated.rainMm),
    windMs: cut(generated.windMs),
  };
}
