import * as say from "@/words/pages/climate/weather";
import "server-only";
import type { PastDays } from "@/contract/queries";
import { type DayNumber, toDay, toIso } from "@/core/dates/index";
import { writeWeatherCsv } from "@/formats/weather-csv";
import { collectionView } from "@/features/kernel/views";
import { askPast } from "@/server/forecast/ask";
import { forecastSource } from "@/server/forecast/configured";
import { MOST_PAST_DAYS, type ServiceDay } from "@/server/forecast/source";
import { pool } from "@/server/pool";
import { loadMerged } from "@/features/kernel/collection/load";

/** Days before today that the record does not have, the earliest first. */
export function missingDays(
  record: { startDay: DayNumber; tminC: Float32Array; tmaxC: Float32Array } | null,
  today: DayNumber,
): DayNumber[] {
  return Array.from({ length: MOST_PAST_DAYS }, (_, k) => today - MOST_PAST_DAYS + k).filter((day) => {
    const i = record === null ? -1 : day - record.startDay;
    return i < 0 || i >= record!.tminC.length || Number.isNaN(record!.tminC[i]) || Number.isNaN(record!.tmaxC[i]);
  });
}

/** Days as a file that is read in like any other; days between that nobody asked for stay empty. */
export function fileOfDays(days: readonly ServiceDay[]): string {
  const startDay = toDay(days[0].date);
  const length = toDay(days.at(-1)!.date) - startDay + 1;
  const column = (value: (d: ServiceDay) => number | null) => {
    const out = new Float32Array(length).fill(NaN);
    for (const d of days) out[toDay(d.date) - startDay] = value(d) ?? NaN;
    return out;
  };
  const csv = writeWeatherCsv({
    startDay,
    tminC: column((d) => d.tminC),
    tmaxC: column((d) => d.tmaxC),
    rainMm: column((d) => d.rainMm),
    windMs: column((d) => d.windMs),
    solarMJ: column((d) => d.solarMJ ?? null),
  });
  return csv.replaceAll(/^[\d-]+,+\n/gm, "");
}

/** What the configured service says of the days that are missing from the record; null where there is no such collection. */
export async function pastDays(collectionId: string): Promise<PastDays | null> {
  const view = await collectionView(collectionId);
  if (!view) return null;
  const source = forecastSource();
  if (!source?.past) return { outcome: "off", detail: "", file: null };
  const { collection, loaded, today } = view;
  const merged = await loadMerged(pool(), collection, loaded);
  const missing = new Set(missingDays(merged?.record ?? null, toDay(today)).map(toIso));
  if (missing.size === 0) return { outcome: "complete", detail: "", file: null };
  const { latitudeDeg, longitudeDeg, elevationM } = collection;
  const asked = await askPast({ past: source.past }, { latitudeDeg, longitudeDeg, elevationM, today }, MOST_PAST_DAYS);
  if (asked.outcome !== "ok") return { outcome: asked.outcome, detail: asked.detail, file: null };
  const days = asked.answer.filter(({ date }) => missing.has(date));
  if (days.length === 0) return { outcome: "complete", detail: "", file: null };
  // The service speaks for the height it was told.
  return {
    outcome: "ok",
    detail: "",
    file: { name: say.asked(source.name, today), csv: fileOfDays(days), elevationM: Math.round(elevationM) },
  };
}
