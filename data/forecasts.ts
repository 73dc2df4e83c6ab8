import { z } from "zod";
import { type Db, maybeOne, run, type Scope } from "./db";

/** How asking a weather service ended. */
export type ForecastOutcome = "ok" | "timeout" | "unreachable" | "refused" | "nonsense" | "stale";

const storedDays = z.array(
  z.object({
    date: z.string(),
    tminC: z.number(),
    tmaxC: z.number(),
    rainMm: z.number().nullable(),
    windMs: z.number().nullable(),
  }),
);
type StoredForecastDays = z.infer<typeof storedDays>;

/** One asking of a weather service. `days` only where it answered something that can be used. */
export interface ForecastRun {
  id: string;
  /** UTC, as the database writes it. */
  askedAt: string;
  source: string;
  /** Made up by the stand-in: never counted where that stand-in is not set up. */
  simulated: boolean;
  outcome: ForecastOutcome;
  detail: string;
  issuedAt: string | null;
  /** The site's calendar day of issue. */
  issuedOn: string | null;
  days: StoredForecastDays | null;
}

type Row = Omit<ForecastRun, "days" | "simulated"> & { days: unknown; simulated: number };

const COLUMNS =
  "id, asked_at AS askedAt, source, simulated, outcome, detail, issued_at AS issuedAt, issued_on AS issuedOn, days";

function runOf(row: Row | null): ForecastRun | null {
  if (!row) return null;
  const raw: unknown = typeof row.days === "string" ? JSON.parse(row.days) : row.days;
  const days = storedDays.safeParse(raw);
  return { ...row, simulated: row.simulated === 1, days: days.success ? days.data : null };
}

/** The newest asking, however it ended, and the newest that brought a forecast. */
export async function newestForecasts(db: Db, scope: Scope) {
  const newest = (usable: boolean) =>
    maybeOne<Row>(
      db,
      `SELECT ${COLUMNS} FROM forecast_run WHERE collection_id = ? ${usable ? "AND days IS NOT NULL" : ""} ORDER BY asked_at DESC LIMIT 1`,
      [scope.collectionId],
    );
  const [asked, usable] = [await newest(false), await newest(true)];
  return { asked: runOf(asked), usable: runOf(usable) };
}

/** Keeps a run; of older ones the last hundred stay. */
export async function keepForecast(db: Db, scope: Scope, forecast: ForecastRun): Promise<void> {
  await run(
    db,
    `INSERT INTO forecast_run (collection_id, id, asked_at, source, simulated, outcome, detail, issued_at, issued_on, days)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      scope.collectionId,
      forecast.id,
      forecast.askedAt,
      forecast.source,
      forecast.simulated,
      forecast.outcome,
      forecast.detail,
      forecast.issuedAt,
      forecast.issuedOn,
      forecast.days === null ? null : JSON.stringify(forecast.days),
    ],
  );
  await run(db, "DELETE FROM forecast_run WHERE collection_id = ? AND asked_at < DATE_SUB(?, INTERVAL 30 DAY)", [
    scope.collectionId,
    forecast.askedAt,
  ]);
}
