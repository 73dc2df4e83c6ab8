import { csvRows, QUOTES_FAULT } from "./csv-rows";
import { dayFromParts, type DayNumber, toDay, toIso } from "@/core/dates/index";
import {
  dayProblems,
  assembleDays,
  type DayValues,
  type LineProblem,
  temperatureProblem,
  type WeatherParse,
} from "./weather-days";

/**
 * Daily station records of the Global Historical Climatology Network (GHCN-Daily readme, section III for the fixed-width form; the
 * documentation of the station files for the comma-separated one). Temperatures and rain stand in tenths, −9999 is missing, and a
 * value with a quality flag has failed a check: it is left out and told.
 */
const MISSING = -9999;
const ELEMENTS: Record<string, { field: keyof DayValues; scale: number }> = {
  TMIN: { field: "tmin", scale: 0.1 },
  TMAX: { field: "tmax", scale: 0.1 },
  PRCP: { field: "rain", scale: 0.1 },
  AWND: { field: "wind", scale: 0.1 },
};

class Gatherer {
  readonly days = new Map<DayNumber, { line: number; values: DayValues }>();
  readonly problems: LineProblem[] = [];
  flagged = 0;
  elevationM: number | null = null;

  private readonly wrongDay: (day: DayNumber) => string | null;

  constructor(today: string) {
    this.limit = toDay(today);
    this.wrongDay = dayProblems(today, "");
  }

  private readonly limit: DayNumber;

  fault(line: number, message: string, text: string): void {
    this.problems.push({ line, message, text: text.slice(0, 80) });
  }

  /** One reading; answers whether the day exists. */
  add(line: number, day: DayNumber, element: string, raw: number, quality: string): void {
    const known = ELEMENTS[element];
    if (!known || raw === MISSING || !Number.isFinite(raw)) return;
    if (quality.trim() !== "") {
      this.flagged++;
      return;
    }
    if (day >= this.limit) return;
    const wrong = this.wrongDay(day);
    if (wrong !== null) return this.fault(line, wrong, toIso(day));
    let entry = this.days.get(day);
    if (!entry)
      this.days.set(day, (entry = { line, values: { tmin: NaN, tmax: NaN, rain: NaN, solar: NaN, wind: NaN } }));
    entry.values[known.field] = raw * known.scale;
  }

  finish(format: "ghcn-csv" | "ghcn-fixed", station: string): WeatherParse {
    const good = new Map<DayNumber, { values: DayValues }>();
    for (const [day, entry] of this.days) {
      const { tmin, tmax } = entry.values;
      if (Number.isNaN(tmin) || Number.isNaN(tmax)) continue;
      const impossible = temperatureProblem(tmin, tmax, "°C");
      if (impossible === null) good.set(day, entry);
      else this.fault(entry.line, impossible, `${tmin} to ${tmax} °C`);
    }
    if (good.size === 0)
      return {
        ok: false,
        message: `This is a daily station file${station ? ` of ${station}` : ""}, but no day in it has both a lowest and a highest temperature.`,
      };
    const notes = [`station ${station}`];
    if (this.flagged > 0)
      notes.push(`${this.flagged} readings failed the network’s own quality checks and are left out`);
    return {
      ok: true,
      file: {
        ...assembleDays(good),
        problems: this.problems,
        unit: "C",
        columns: Object.keys(ELEMENTS),
        format,
        notes,
        elevationM: this.elevationM,
      },
    };
  }
}

/** A line of the fixed-width form: station, year, month, element, then 31 values of eight characters. */
const FIXED = /^([A-Z0-9_-]{11})(\d{4})(\d{2})([A-Z0-9]{4})/;

export function looksLikeGhcnFixed(firstLine: string): boolean {
  return FIXED.test(firstLine) && firstLine.length >= 29;
}

export function parseGhcnFixed(text: string, today: string): WeatherParse {
  const gather = new Gatherer(today);
  let station = "";
  text.split(/\r?\n/).forEach((line, i) => {
    if (line.trim() === "") return;
    const head = FIXED.exec(line);
    if (!head) {
      gather.fault(i + 1, "not a line of a fixed-width station file", line);
      return;
    }
    const [, id, year, month, element] = head;
    if (station !== "" && id !== station) {
      gather.fault(i + 1, `another station (${id}): a file holds one`, line);
      return;
    }
    station = id;
    if (!(element in ELEMENTS)) return;
    for (let d = 0; d < 31; d++) {
      const cell = line.slice(21 + 8 * d, 29 + 8 * d);
      if (cell.trim() === "") break;
      const day = dayFromParts(Number(year), Number(month), d + 1);
      // Days a month does not have are filled with the missing code.
      if (day === null) continue;
      const value = Number(cell.slice(0, 5));
      if (!Number.isFinite(value)) gather.fault(i + 1, `day ${d + 1} is not a number`, cell);
      else gather.add(i + 1, day, element, value, cell[6] ?? "");
    }
  });
  return gather.finish("ghcn-fixed", station);
}

/** Cells of a first line; none where it is no line of a table. */
function cellsOf(line: string): string[] {
  return csvRows(line, ",")?.[0]?.record ?? [];
}

export function looksLikeGhcnCsv(firstLine: string): boolean {
  const cells = cellsOf(firstLine.toUpperCase());
  const wide = cells.includes("STATION") && cells.includes("DATE") && cells.includes("TMIN");
  return wide || isLong(cells) || isLongHeader(cells);
}

/** A line per reading without header: station, day, element, value, flags. */
function isLong(cells: readonly string[]): boolean {
  return (
    cells.length >= 4 && /^[A-Z0-9_-]{11}$/.test(cells[0]) && /^\d{8}$/.test(cells[1]) && /^[A-Z]{4}$/.test(cells[2])
  );
}
function isLongHeader(cells: readonly string[]): boolean {
  return cells.includes("ELEMENT") && cells.some((c) => c === "DATA_VALUE" || c === "VALUE") && cells.includes("DATE");
}

function dayOf(text: string): DayNumber | null {
  const m = /^(\d{4})-?(\d{2})-?(\d{2})$/.exec(text);
  return m && dayFromParts(Number(m[1]), Number(m[2]), Number(m[3]));
}

export function parseGhcnCsv(text: string, today: string): WeatherParse {
  const gather = new Gatherer(today);
  const rows = csvRows(text, ",");
  if (rows === null) return { ok: false, message: QUOTES_FAULT };
  const head = rows[0].record.map((cell) => cell.toUpperCase());
  let station = "";
  const sameStation = (id: string, line: number, whole: string): boolean => {
    if (station === "" || id === station) {
      station = id;
      return true;
    }
    gather.fault(line, `another station (${id}): a file holds one`, whole);
    return false;
  };
  const long = isLong(head) || isLongHeader(head);
  const at = (name: string, or: number) => (head.includes(name) ? head.indexOf(name) : or);
  for (const { record: cells, info } of isLong(head) ? rows : rows.slice(1)) {
    const line = info.lines;
    const whole = cells.join(",");
    const day = dayOf(cells[at("DATE", 1)] ?? "");
    if (day === null) {
      gather.fault(line, "the date cannot be read or does not exist", whole);
      continue;
    }
    const height = head.includes("ELEVATION") ? Number(cells[head.indexOf("ELEVATION")] || NaN) : NaN;
    // 9999 and below −900 stand for "not known".
    if (gather.elevationM === null && height > -900 && height < 9000) gather.elevationM = height;
    if (!sameStation(cells[at("STATION", at("ID", 0))] ?? "", line, whole)) continue;
    if (long) {
      const value = Number(cells[at("DATA_VALUE", at("VALUE", 3))]);
      gather.add(line, day, cells[at("ELEMENT", 2)] ?? "", value, cells[at("Q_FLAG", 5)] ?? "");
      continue;
    }
    for (const element of Object.keys(ELEMENTS)) {
      const column = head.indexOf(element);
      const cell = column < 0 ? "" : (cells[column] ?? "");
      if (cell === "") continue;
      // Attributes are measurement, quality and source flag, in this order.
      const attributes = head.indexOf(`${element}_ATTRIBUTES`);
      const quality = attributes < 0 ? "" : ((cells[attributes] ?? "").split(",")[1] ?? "");
      gather.add(line, day, element, Number(cell), quality);
    }
  }
  return gather.finish("ghcn-csv", station);
}
