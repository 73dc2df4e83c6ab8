import type { SiteAnswers } from "@/core/climate/index";
import { type Db, Held, isLockWait, many, maybeOne, one, run, type Scope } from "./db";

interface CollectionRow {
  id: string;
  name: string;
  latitude_deg: number;
  longitude_deg: number;
  elevation_m: number;
  zone: string;
  currency: string;
  units: "metric" | "us";
  risk: number;
  answers: SiteAnswers;
  seed: number;
  revision: number;
  weather_revision: number;
  epoch: number;
}

export interface Collection {
  id: string;
  name: string;
  latitudeDeg: number;
  longitudeDeg: number;
  elevationM: number;
  zone: string;
  currency: string;
  units: "metric" | "us";
  risk: number;
  answers: SiteAnswers;
  seed: number;
  revision: number;
  weatherRevision: number;
  /** Changes with every restore, so that nothing remembered from before can be taken for now. */
  epoch: number;
}

/** A collection before anything has happened to it. */
export type NewCollection = Omit<Collection, "revision" | "weatherRevision" | "epoch">;

const COLUMNS =
  "id, name, latitude_deg, longitude_deg, elevation_m, zone, currency, units, risk, answers, seed, revision, weather_revision, epoch";

function fromRow(row: CollectionRow): Collection {
  return {
    id: row.id,
    name: row.name,
    latitudeDeg: row.latitude_deg,
    longitudeDeg: row.longitude_deg,
    elevationM: row.elevation_m,
    zone: row.zone,
    currency: row.currency,
    units: row.units,
    risk: row.risk,
    answers: typeof row.answers === "string" ? (JSON.parse(row.answers) as SiteAnswers) : row.answers,
    seed: row.seed,
    revision: Number(row.revision),
    weatherRevision: Number(row.weather_revision),
    epoch: Number(row.epoch),
  };
}

export async function listCollections(db: Db): Promise<Collection[]> {
  return (await many<CollectionRow>(db, `SELECT ${COLUMNS} FROM collection ORDER BY created_at, name`)).map(fromRow);
}

export async function findCollection(db: Db, id: string): Promise<Collection | null> {
  const row = await maybeOne<CollectionRow>(db, `SELECT ${COLUMNS} FROM collection WHERE id = ?`, [id]);
  return row ? fromRow(row) : null;
}

/**
 * Every write passes here first: it shares the one row of `write_hold`, which a restore takes for itself from its safety copy to the
 * exchange. So nothing is acknowledged that the restore then loses.
 * @throws Held when a restore keeps it
 */
export async function waitForHold(db: Db): Promise<void> {
  try {
    await many(db, `SELECT id FROM write_hold WHERE id = 1 LOCK IN SHARE MODE WAIT ${HOLD_PATIENCE_S}`);
  } catch (error) {
    throw isLockWait(error) ? new Held() : error;
  }
}

/** Seconds a write waits for the end of a restore before it is told to come back. */
const HOLD_PATIENCE_S = 3;

/** Locks the collection's row: writes of one collection come one after another. */
export async function lockCollection(db: Db, scope: Scope): Promise<Collection | null> {
  const row = await maybeOne<CollectionRow>(db, `SELECT ${COLUMNS} FROM collection WHERE id = ? FOR UPDATE`, [
    scope.collectionId,
  ]);
  return row ? fromRow(row) : null;
}

export async function insertCollection(db: Db, c: NewCollection): Promise<void> {
  await run(
    db,
    `INSERT INTO collection (id, name, latitude_deg, longitude_deg, elevation_m, zone, currency, units, risk, answers, seed)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      c.id,
      c.name,
      c.latitudeDeg,
      c.longitudeDeg,
      c.elevationM,
      c.zone,
      c.currency,
      c.units,
      c.risk,
      JSON.stringify(c.answers),
      c.seed,
    ],
  );
}

export async function bumpRevision(db: Db, scope: Scope, weatherChanged: boolean): Promise<number> {
  await run(db, "UPDATE collection SET revision = revision + 1, weather_revision = weather_revision + ? WHERE id = ?", [
    weatherChanged ? 1 : 0,
    scope.collectionId,
  ]);
  const row = await one<{ revision: number }>(db, "SELECT revision FROM collection WHERE id = ?", [scope.collectionId]);
  return Number(row.revision);
}

export async function setCurrency(db: Db, scope: Scope, currency: string): Promise<void> {
  await run(db, "UPDATE collection SET currency = ? WHERE id = ?", [currency, scope.collectionId]);
}

export async function describeCollection(db: Db, scope: Scope, is: { name: string; risk: number }): Promise<void> {
  await run(db, "UPDATE collection SET name = ?, risk = ? WHERE id = ?", [is.name, is.risk, scope.collectionId]);
}

export async function setUnits(db: Db, scope: Scope, units: "metric" | "us"): Promise<void> {
  await run(db, "UPDATE collection SET units = ? WHERE id = ?", [units, scope.collectionId]);
}
