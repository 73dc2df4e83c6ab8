import { createHash } from "node:crypto";
import { readdir, readFile } from "node:fs/promises";
import path from "node:path";
import { type Db, many, one, run } from "./db";

const FOLDER = path.join(import.meta.dirname, "migrations");

/** Every migration this program knows, in order. */
export async function migrationNames(): Promise<string[]> {
  return (await readdir(FOLDER)).filter((name) => /^\d{3}_.+\.sql$/.test(name)).sort();
}

interface Applied {
  name: string;
  checksum: string;
  state: "started" | "done";
}

/**
 * Applies the numbered SQL files in order, as the owner, under a lock. Each holds one re-runnable DDL statement: DDL commits
 * by itself, so a crash between "started" and "done" is healed by running the same file again.
 */
export async function migrate(db: Db, report: (line: string) => void = () => undefined): Promise<number> {
  const got = await one<{ got: number }>(db, "SELECT GET_LOCK('aurelian_migrate', 30) AS got");
  if (got.got !== 1) throw new Error("Another start is migrating this database. Try again in half a minute.");
  try {
    await run(
      db,
      `CREATE TABLE IF NOT EXISTS migration (
        name VARCHAR(100) NOT NULL PRIMARY KEY, checksum CHAR(64) NOT NULL, state VARCHAR(10) NOT NULL,
        started_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3), done_at DATETIME(3) NULL)`,
    );
    const applied = new Map(
      (await many<Applied>(db, "SELECT name, checksum, state FROM migration")).map((m) => [m.name, m]),
    );
    const files = await migrationNames();
    const unknown = [...applied.keys()].filter((name) => !files.includes(name));
    if (unknown.length > 0)
      throw new Error(
        `This database is newer than the program: it knows ${unknown.join(", ")}. Update the program first.`,
      );
    let count = 0;
    for (const name of files) {
      const sql = await readFile(path.join(FOLDER, name), "utf8");
      const checksum = createHash("sha256").update(sql).digest("hex");
      const before = applied.get(name);
      if (before?.state === "done") {
        if (before.checksum !== checksum)
          throw new Error(`Migration ${name} has changed since it was applied. Migrations are never edited.`);
        continue;
      }
      report(`migration ${name}`);
      await run(db, "REPLACE INTO migration (name, checksum, state) VALUES (?, ?, 'started')", [name, checksum]);
      await run(db, sql);
      await run(db, "UPDATE migration SET state = 'done', done_at = CURRENT_TIMESTAMP(3) WHERE name = ?", [name]);
      count++;
    }
    return count;
  } finally {
    await run(db, "DO RELEASE_LOCK('aurelian_migrate')");
  }
}

/** Rights of the application's user, table by table: the log can be added to, never changed. */
export const APP_GRANTS: Record<string, string> = {
  collection: "SELECT, INSERT, UPDATE",
  entry: "SELECT, INSERT",
  event: "SELECT, INSERT",
  tree: "SELECT, INSERT",
  pot_lot: "SELECT, INSERT",
  place: "SELECT, INSERT",
  photo: "SELECT, INSERT",
  look: "SELECT, INSERT, UPDATE",
  feed_token: "SELECT, INSERT, UPDATE",
  derived_tracks: "SELECT, INSERT, DELETE",
  derived_plan: "SELECT, INSERT, DELETE",
  weather_source: "SELECT, INSERT",
  weather_day: "SELECT, INSERT",
  place_hour: "SELECT, INSERT",
  forecast_run: "SELECT, INSERT, DELETE",
  job: "SELECT, INSERT, UPDATE, DELETE",
  migration: "SELECT",
  town: "SELECT",
  // A shared lock on its one row needs a right to change; nothing is ever written there.
  write_hold: "SELECT, UPDATE",
};
