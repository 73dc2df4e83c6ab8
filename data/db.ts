import mysql from "mysql2/promise";
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from "mysql2/promise";

/** What a query runs on: the pool, or one connection inside a transaction. */
export type Db = Pick<Pool, "query"> | Pick<PoolConnection, "query">;

/** Every data function is confined to one collection. */
export interface Scope {
  collectionId: string;
}

export interface DbAddress {
  host: string;
  port: number;
  user: string;
  password: string;
  database: string;
}

export function openPool(address: DbAddress, connectionLimit = 8): Pool {
  return mysql.createPool({
    ...address,
    connectionLimit,
    dateStrings: true,
    decimalNumbers: true,
    supportBigNumbers: true,
    timezone: "Z",
    charset: "utf8mb4",
    connectTimeout: 4000,
    enableKeepAlive: true,
  });
}

export async function many<Row>(db: Db, sql: string, params: unknown[] = []): Promise<Row[]> {
  const [rows] = await db.query<RowDataPacket[]>(sql, params);
  return rows as Row[];
}

export async function maybeOne<Row>(db: Db, sql: string, params: unknown[] = []): Promise<Row | null> {
  const rows = await many<Row>(db, sql, params);
  if (rows.length > 1) throw new Error(`maybeOne: ${rows.length} rows`);
  return rows[0] ?? null;
}

export async function one<Row>(db: Db, sql: string, params: unknown[] = []): Promise<Row> {
  const row = await maybeOne<Row>(db, sql, params);
  if (row === null) throw new Error("one: no row");
  return row;
}

export async function run(db: Db, sql: string, params: unknown[] = []): Promise<ResultSetHeader> {
  const [result] = await db.query<ResultSetHeader>(sql, params);
  return result;
}

/** Inserts rows in batches, so that long imports stay below the packet size. */
export async function insertMany(
  db: Db,
  table: "event" | "place_hour" | "pot_lot" | "tree" | "weather_day",
  columns: readonly string[],
  rows: readonly unknown[][],
  batch = 1000,
  onBatch: (done: number) => void = () => undefined,
): Promise<void> {
  for (let i = 0; i < rows.length; i += batch) {
    await run(db, `INSERT INTO ${table} (${columns.join(", ")}) VALUES ?`, [rows.slice(i, i + batch)]);
    onBatch(Math.min(i + batch, rows.length));
  }
}

const DEADLOCK = 1213;
const LOCK_WAIT = 1205;
const TRIES = 5;

function errnoOf(error: unknown): number | null {
  return typeof error === "object" && error !== null && "errno" in error && typeof error.errno === "number"
    ? error.errno
    : null;
}

/** One transaction; deadlocks and lock waits are tried again with jitter, so `work` may run more than once. */
export async function tx<T>(pool: Pool, work: (db: PoolConnection) => Promise<T>): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    const connection = await pool.getConnection();
    try {
      await connection.beginTransaction();
      const result = await work(connection);
      await connection.commit();
      return result;
    } catch (error) {
      await connection.rollback().catch(() => undefined);
      const errno = errnoOf(error);
      if (attempt < TRIES && (errno === DEADLOCK || errno === LOCK_WAIT)) {
        await new Promise((resolve) => setTimeout(resolve, Math.random() * 40 * attempt));
        continue;
      }
      throw error;
    } finally {
      connection.release();
    }
  }
}

const GONE = new Set([
  "ECONNREFUSED",
  "ECONNRESET",
  "EPIPE",
  "ETIMEDOUT",
  "PROTOCOL_CONNECTION_LOST",
  "ER_SERVER_SHUTDOWN",
  "ER_CON_COUNT_ERROR",
]);

/** Whether the database is away for the moment, as against a fault of ours. */
export function isDatabaseGone(error: unknown): boolean {
  if (typeof error !== "object" || error === null) return false;
  const code = "code" in error ? String(error.code) : "";
  return GONE.has(code) || ("fatal" in error && error.fatal === true);
}

const DUPLICATE_KEY = 1062;
export function isDuplicateKey(error: unknown): boolean {
  return errnoOf(error) === DUPLICATE_KEY;
}
