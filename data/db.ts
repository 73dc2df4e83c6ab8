import { AsyncLocalStorage } from "node:async_hooks";
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

/** How long a connection of a pool may wait or work: nothing may hold a page or a write for minutes. */
export interface PoolLimits {
  connectionLimit: number;
  /** Longest a single statement may run, seconds; none for the owner's long copies. */
  statementS?: number;
  /** Longest a statement waits for a row another one holds, seconds; `tx` tries again a few times. */
  lockWaitS?: number;
}

export const READING: PoolLimits = { connectionLimit: 8, statementS: 20, lockWaitS: 5 };
/** A long list is written in batches; each of them is one statement. */
export const WRITING: PoolLimits = { connectionLimit: 4, statementS: 30, lockWaitS: 5 };
/** Requests that may wait for a connection; one more is told that the database does not answer. */
const MOST_WAITING = 400;

/** Whether the caller is inside `tx`: such work has its connection, and asking for another one can wait for itself for ever. */
const inTransaction = new AsyncLocalStorage<true>();

function refuseInTransaction(): void {
  if (inTransaction.getStore())
    throw new Error("a transaction asked for a second connection: hand its own `db` on instead of the pool");
}

export function openPool(address: DbAddress, limits: PoolLimits = READING): Pool {
  const pool = mysql.createPool({
    ...address,
    connectionLimit: limits.connectionLimit,
    queueLimit: MOST_WAITING,
    dateStrings: true,
    decimalNumbers: true,
    supportBigNumbers: true,
    timezone: "Z",
    charset: "utf8mb4",
    connectTimeout: 4000,
    enableKeepAlive: true,
  });
  // The promise wrapper hands the plain connection on: its query takes its place at the head of the connection's queue.
  const { statementS, lockWaitS } = limits;
  if (statementS !== undefined && lockWaitS !== undefined)
    pool.on("connection", (connection) => {
      const plain = connection as unknown as { query: (sql: string, done: (error: unknown) => void) => void };
      plain.query(
        `SET SESSION max_statement_time = ${statementS}, innodb_lock_wait_timeout = ${lockWaitS}, lock_wait_timeout = ${lockWaitS}`,
        // A connection that breaks here breaks for whoever asked for it, too.
        () => undefined,
      );
    });
  return guarded(pool);
}

/** The pool, refusing to be asked from inside a transaction. */
function guarded(pool: Pool): Pool {
  return new Proxy(pool, {
    get(target, name) {
      const value: unknown = Reflect.get(target, name);
      if (typeof value !== "function") return value;
      if (name === "query" || name === "execute" || name === "getConnection")
        return (...args: unknown[]) => {
          refuseInTransaction();
          return (value as (...a: unknown[]) => unknown).apply(target, args);
        };
      return (value as (...a: unknown[]) => unknown).bind(target);
    },
  });
}

/** The driver's errors quote the statement with everything in it: people's words stay out of logs and traces. */
async function discreetly<T>(work: Promise<T>): Promise<T> {
  try {
    return await work;
  } catch (error) {
    if (typeof error === "object" && error !== null && "sqlState" in error) {
      const { code, errno, sqlState, fatal } = error as Record<string, unknown>;
      const plain = new Error(`database error ${String(code)} (${String(errno)})`);
      throw Object.assign(plain, { code, errno, sqlState, fatal });
    }
    throw error;
  }
}

export async function many<Row>(db: Db, sql: string, params: unknown[] = []): Promise<Row[]> {
  const [rows] = await discreetly(db.query<RowDataPacket[]>(sql, params));
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
  const [result] = await discreetly(db.query<ResultSetHeader>(sql, params));
  return result;
}

/** Inserts rows in batches, so that long imports stay below the packet size. */
export async function insertMany(
  db: Db,
  table: "derived_plan" | "event" | "place_hour" | "pot_lot" | "town" | "tree" | "weather_day",
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
      const result = await inTransaction.run(true, () => work(connection));
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

export function isLockWait(error: unknown): boolean {
  return errnoOf(error) === LOCK_WAIT;
}

/** Writes are held: a restore is under way. */
export class Held extends Error {
  constructor() {
    super("writes are held by a restore");
  }
}
export const isHeld = (error: unknown): boolean => error instanceof Held;

/** Statement killed by its time limit. */
const TOO_LONG = 1969;

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
  return GONE.has(code) || ("fatal" in error && error.fatal === true) || isQueueFull(error) || isBusy(error);
}

/** Waited too long for a row, or worked too long: the database is there, but has too much to do. */
function isBusy(error: unknown): boolean {
  const errno = errnoOf(error);
  return errno === LOCK_WAIT || errno === TOO_LONG;
}

/** The driver says this in words only. */
function isQueueFull(error: unknown): boolean {
  return error instanceof Error && error.message === "Queue limit reached.";
}

const DUPLICATE_KEY = 1062;
export function isDuplicateKey(error: unknown): boolean {
  return errnoOf(error) === DUPLICATE_KEY;
}
