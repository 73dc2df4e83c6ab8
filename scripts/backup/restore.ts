import type { Pool } from "mysql2/promise";
import { type DbAddress, many, openPool, run } from "@/data/db";
import { DERIVED_TABLES } from "@/data/derived";
import { KEY_TABLES } from "@/data/feed-tokens";
import { migrate, migrationNames } from "@/data/migrate";
import { differences } from "./checks";
import { checksOf, loadDump, withScratch } from "./make";
import { filesOf, type Manifest, readManifest, refuseUnusable } from "./manifest";

/**
 * Puts a backup in the place of what is there, while the application runs. Everything that can go wrong is found before the first row
 * is touched: damage, a newer schema, a row that differs. The change itself is one transaction, so a page sees either the old or the new.
 */
export async function restoreBackup(
  owner: DbAddress,
  file: string,
  say: (text: string) => void,
  beforeTakingOver: () => Promise<unknown>,
): Promise<Manifest> {
  const files = filesOf(file);
  const manifest = readManifest(files.manifest);
  await refuseUnusable(manifest, files.dump, await migrationNames());
  await withScratch(owner, async (scratch, name) => {
    say("reading the backup into a scratch database");
    await loadDump(owner, files.dump, name);
    const wrong = differences(manifest.tables, await checksOf(scratch, name));
    if (wrong.length > 0) throw new Error(`The backup does not hold what it says it holds: ${wrong.join("; ")}`);
    const connection = await scratch.getConnection();
    try {
      const count = await migrate(connection, say);
      if (count > 0) say(`brought up to this program's schema by ${count} migrations`);
    } finally {
      connection.release();
    }
    await holdingWrites(owner, async () => {
      say("backing up what is there now; writes wait until the exchange is done");
      await beforeTakingOver();
      say("taking it over");
      await takeOver(scratch, owner, name);
    });
  });
  return manifest;
}

/**
 * Takes the row that every write shares, from before the safety copy until after the exchange: what has been acknowledged by then is in
 * the copy, and nothing is acknowledged in between.
 */
async function holdingWrites(owner: DbAddress, work: () => Promise<void>): Promise<void> {
  const pool = openPool(owner, { connectionLimit: 1 });
  const connection = await pool.getConnection();
  try {
    await run(connection, "SET SESSION innodb_lock_wait_timeout = 120");
    await connection.beginTransaction();
    await many(connection, "SELECT id FROM write_hold WHERE id = 1 FOR UPDATE");
    await work();
  } finally {
    await connection.rollback().catch(() => undefined);
    connection.release();
    await pool.end();
  }
}

/** Rows that stay as they are: which migrations the real database has had, the keys given out here, and the hold this very restore keeps. */
const KEPT = new Set<string>(["migration", ...DERIVED_TABLES, ...KEY_TABLES, "town", "write_hold"]);

async function takeOver(scratch: Pool, owner: DbAddress, from: string): Promise<void> {
  const tables = (
    await many<{ name: string }>(
      scratch,
      "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ? AND table_type = 'BASE TABLE'",
      [from],
    )
  )
    .map((t) => t.name)
    .filter((name) => !KEPT.has(name));
  const pool = openPool(owner, { connectionLimit: 1 });
  const connection = await pool.getConnection();
  try {
    await run(connection, "SET SESSION innodb_lock_wait_timeout = 60");
    await run(connection, "SET SESSION foreign_key_checks = 0");
    await connection.beginTransaction();
    for (const table of DERIVED_TABLES) await run(connection, `DELETE FROM \`${owner.database}\`.${table}`);
    for (const table of tables) {
      const columns = (
        await many<{ name: string }>(
          connection,
          "SELECT column_name AS name FROM information_schema.columns WHERE table_schema = ? AND table_name = ? ORDER BY ordinal_position",
          [owner.database, table],
        )
      ).map((c) => `\`${c.name}\``);
      const list = columns.join(", ");
      await run(connection, `DELETE FROM \`${owner.database}\`.\`${table}\``);
      await run(
        connection,
        `INSERT INTO \`${owner.database}\`.\`${table}\` (${list}) SELECT ${list} FROM \`${from}\`.\`${table}\``,
      );
    }
    // Revisions are counted anew from here: nothing remembered from before may be taken for now.
    await run(connection, `UPDATE \`${owner.database}\`.collection SET epoch = ?`, [Date.now()]);
    await connection.commit();
  } catch (error) {
    await connection.rollback();
    throw error;
  } finally {
    connection.release();
    await pool.end();
  }
}
