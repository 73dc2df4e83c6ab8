import { type DayNumber, dayOfYear } from "../dates/index";
import { daylengthTable } from "./sun";

/** A day of which fewer hours are known than this has no trustworthy extremes; a change of the clock takes one or gives one. */
export const LEAST_HOURS_OF_DAY = 20;
export const MJ_PER_WH = 0.0036;

/**
 * Hourly temperatures from daily extremes (Linvill 1990): a sine from sunrise on, a logarithmic fall through the night
 * towards the next day's minimum. The argument of the logarithm is held at one hour or more.
 */
export function hourlyTemperatures(
  latitudeDeg: number,
  startDay: DayNumber,
  tminC: ArrayLike<number>,
  tmaxC: ArrayLike<number>,
): Float64Array {
  const n = tminC.length;
  const out = new Float64Array(n * 24);
  const daylengths = daylengthTable(latitudeDeg);
  for (let i = 0; i < n; i++) {
    const length = Math.min(23.5, Math.max(0.5, daylengths[dayOfYear(startDay + i)]));
    const sunrise = 12 - length / 2;
    const sunset = 12 + length / 2;
    const before = i === 0 ? 0 : i - 1;
    const after = i === n - 1 ? i : i + 1;
    const atSunset = (day: number) =>
      tminC[day] + (tmaxC[day] - tminC[day]) * Math.sin((Math.PI * length) / (length + 4));
    const nightLog = Math.log(Math.max(1.0001, 24 - length));
    for (let hour = 0; hour < 24; hour++) {
      let value: number;
      if (hour > sunrise && hour <= sunset) {
        value = tminC[i] + (tmaxC[i] - tminC[i]) * Math.sin((Math.PI * (hour - sunrise)) / (length + 4));
      } else {
        const morning = hour <= sunrise;
        const fromC = atSunset(morning ? before : i);
        const toC = tminC[morning ? i : after];
        const since = Math.max(1, morning ? hour + 24 - sunset : hour - sunset);
        value = fromC - ((fromC - toC) / nightLog) * Math.log(since);
      }
      out[i * 24 + hour] = value;
    }
  }
  return out;
}
