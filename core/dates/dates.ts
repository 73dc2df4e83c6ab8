/**
 * Calendar dates. Outside they are strings `YYYY-MM-DD`; inside, integer days since 1970-01-01 (`DayNumber`).
 * They are days on a wall calendar, never instants: no time zone can move them.
 */
export type IsoDate = string;
export type DayNumber = number;

/** Length of the year every statistic by slot uses: 29 February shares the slot of the 28th. */
export const SLOTS_PER_YEAR = 365;
/** Mean length of a calendar year, for spans that are counted in years. */
export const DAYS_PER_YEAR = 365.25;

const CUMULATIVE_DAYS = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334];

const DASH = 45;
const ZERO = 48;

/**
 * `null` when the text is no real calendar day (`2025-02-29`). Read by character: every event of every replay passes here.
 * @example parseIso("2025-02-29") // null
 */
export function parseIso(text: string): DayNumber | null {
  if (text.length !== 10 || text.charCodeAt(4) !== DASH || text.charCodeAt(7) !== DASH) return null;
  let [year, month, day] = [0, 0, 0];
  for (let i = 0; i < 10; i++) {
    if (i === 4 || i === 7) continue;
    const digit = text.charCodeAt(i) - ZERO;
    if (!(digit >= 0 && digit <= 9)) return null;
    if (i < 4) year = year * 10 + digit;
    else if (i < 7) month = month * 10 + digit;
    else day = day * 10 + digit;
  }
  return dayFromParts(year, month, day);
}

const DAYS_IN_MONTH = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** @example isLeap(1900) // false */
export function isLeap(year: number): boolean {
  return (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
}

/**
 * `null` when there is no such day in the calendar.
 * @example dayFromParts(1970, 1, 2) // 1
 */
export function dayFromParts(year: number, month: number, day: number): DayNumber | null {
  if (!(
    month >= 1 &&
    month <= 12 &&
    day >= 1 &&
    day <= DAYS_IN_MONTH[month - 1] + (month === 2 && isLeap(year) ? 1 : 0)
  ))
    return null;
  // The inverse of `partsOf`, by the same source.
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const ofYear = Math.floor((153 * (month > 2 ? month - 3 : month + 9) + 2) / 5) + day - 1;
  return era * 146_097 + yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + ofYear - 719_468;
}

/**
 * @example toDay("1970-01-02") // 1
 * @throws RangeError when the text is no calendar day: a caller's mistake, the doors validate first
 */
export function toDay(text: IsoDate): DayNumber {
  const day = parseIso(text);
  if (day === null) throw new RangeError(`toDay: "${text}" is no calendar day`);
  return day;
}

/** @example toIso(0) // "1970-01-01" */
export function toIso(day: DayNumber): IsoDate {
  const { year, month, day: date } = partsOf(day);
  return `${String(year).padStart(4, "0")}-${month < 10 ? "0" : ""}${month}-${date < 10 ? "0" : ""}${date}`;
}

/**
 * Calendar date of a day, in integers: the models ask this hundreds of thousands of times, too often for `Date`.
 * Years are counted from 1 March, so that the leap day comes last (Howard Hinnant, "chrono-compatible low-level date algorithms").
 * @example partsOf(0) // { year: 1970, month: 1, day: 1 }
 */
export function partsOf(day: DayNumber): { year: number; month: number; day: number } {
  const z = Math.round(day) + 719_468;
  const era = Math.floor(z / 146_097);
  const ofEra = z - era * 146_097;
  const yearOfEra = Math.floor(
    (ofEra - Math.floor(ofEra / 1460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  );
  const ofYear = ofEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const shifted = Math.floor((5 * ofYear + 2) / 153);
  const month = shifted < 10 ? shifted + 3 : shifted - 9;
  return {
    year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0),
    month,
    day: ofYear - Math.floor((153 * shifted + 2) / 5) + 1,
  };
}

/** @example yearOf(366) // 1971 */
export function yearOf(day: DayNumber): number {
  return partsOf(day).year;
}

/**
 * Slot of the year, 0 = 1 January … 364 = 31 December; 29 February shares slot 58 with the 28th.
 * @example slotOf(58) // 58
 */
export function slotOf(day: DayNumber): number {
  const { month, day: date } = partsOf(day);
  return CUMULATIVE_DAYS[month - 1] + (month === 2 && date === 29 ? 28 : date) - 1;
}

/**
 * `MM-DD` of a slot, for printing statistics by calendar day.
 * @example monthDayOfSlot(59) // "03-01"
 */
export function monthDayOfSlot(slot: number): string {
  const wrapped = ((Math.round(slot) % SLOTS_PER_YEAR) + SLOTS_PER_YEAR) % SLOTS_PER_YEAR;
  return toIso(dayOfSlot(2001, wrapped)).slice(5);
}

/**
 * The day that has this slot in this year (never 29 February).
 * @example dayOfSlot(1970, 59) // 59
 */
export function dayOfSlot(year: number, slot: number): DayNumber {
  let month = 11;
  while (CUMULATIVE_DAYS[month] > slot) month--;
  return dayFromParts(year, month + 1, slot - CUMULATIVE_DAYS[month] + 1)!;
}

/** Day of the year 1…366 as the astronomical formulas count it (leap days included). */
/**
 * The same day of the calendar so many years on; 29 February becomes the 28th.
 * @example addYears("2028-02-29", 1) // "2029-02-28"
 */
export function addYears(iso: IsoDate, years: number): IsoDate {
  const day = toDay(iso);
  return toIso(dayOfSlot(yearOf(day) + years, slotOf(day)));
}

/**
 * The same day of the month so many months on; where that month is shorter, its last.
 * @example addMonths("2026-01-31", 1) // "2026-02-28"
 */
export function addMonths(iso: IsoDate, months: number): IsoDate {
  const { year, month, day } = partsOf(toDay(iso));
  const at = year * 12 + month - 1 + months;
  const [toYear, toMonth] = [Math.floor(at / 12), (at % 12) + 1];
  for (let d = day; ; d--) {
    const found = dayFromParts(toYear, toMonth, d);
    if (found !== null) return toIso(found);
  }
}

/** @example dayOfYear(59) // 60 */
export function dayOfYear(day: DayNumber): number {
  return day - dayFromParts(yearOf(day), 1, 1)! + 1;
}

/** @example isNorth(-1) // false */
export function isNorth(latitudeDeg: number): boolean {
  return latitudeDeg >= 0;
}

/**
 * Calendar slot of the first day of the frost year: 1 July in the north, 1 January in the south.
 * @example frostYearStartSlot(50) // 181
 */
export function frostYearStartSlot(latitudeDeg: number): number {
  return isNorth(latitudeDeg) ? CUMULATIVE_DAYS[6] : 0;
}

/**
 * Days since the start of the frost year, 0…364, by slot.
 * @example frostSlotOf(0, 50) // 184
 */
export function frostSlotOf(day: DayNumber, latitudeDeg: number): number {
  return (slotOf(day) - frostYearStartSlot(latitudeDeg) + SLOTS_PER_YEAR) % SLOTS_PER_YEAR;
}

/**
 * A frost year is named by the calendar year of its first day.
 * @example frostYearOf(0, 50) // 1969
 */
export function frostYearOf(day: DayNumber, latitudeDeg: number): number {
  const { year, month } = partsOf(day);
  return isNorth(latitudeDeg) && month < 7 ? year - 1 : year;
}

/**
 * The growing year: from 1 January (north and equator) or 1 July (south), named by the year of its first day.
 * @example seasonOf(0, -38) // 1969
 */
export function seasonOf(day: DayNumber, latitudeDeg: number): number {
  const { year, month } = partsOf(day);
  return !isNorth(latitudeDeg) && month < 7 ? year - 1 : year;
}

/** @example seasonStart(1970, 50) // 0 */
export function seasonStart(season: number, latitudeDeg: number): DayNumber {
  return dayFromParts(season, isNorth(latitudeDeg) ? 1 : 7, 1)!;
}

/**
 * `2026` in the north, `2026/27` in the south.
 * @example seasonLabel(2026, -38) // "2026/27"
 */
export function seasonLabel(season: number, latitudeDeg: number): string {
  return isNorth(latitudeDeg) ? String(season) : `${season}/${String((season + 1) % 100).padStart(2, "0")}`;
}

/**
 * Midwinter (the solstice, near enough) at or before the middle of this season's opening winter.
 * @example toIso(midwinterOf(2026, 48)) // "2025-12-21"
 */
export function midwinterOf(season: number, latitudeDeg: number): DayNumber {
  return isNorth(latitudeDeg) ? dayFromParts(season - 1, 12, 21)! : dayFromParts(season, 6, 21)!;
}

/**
 * The midsummer of a growing season: half a year after the midwinter it begins with.
 * @example toIso(midsummerOf(2026, 48)) // "2026-06-21"
 */
export function midsummerOf(season: number, latitudeDeg: number): DayNumber {
  return midwinterOf(season, latitudeDeg) + 182;
}

/**
 * The season whose wood and windows a day belongs to: it begins at midwinter, days before the season's own first day.
 * @example growingSeason(-11, 48) // 1970
 */
export function growingSeason(day: DayNumber, latitudeDeg: number): number {
  const season = seasonOf(day, latitudeDeg);
  return midwinterOf(season + 1, latitudeDeg) <= day ? season + 1 : season;
}
