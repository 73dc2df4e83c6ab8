import { createHash } from "node:crypto";
import type { Connection as CoreConnection } from "mysql2";
import type { PoolConnection } from "mysql2/promise";
import { many } from "@/data/db";
import { DERIVED_TABLES } from "@/data/derived";
import { KEY_TABLES } from "@/data/feed-tokens";

/** What a table holds, to be compared row for row: how many, and a digest over all of them in the order of their key. */
interface TableCheck {
  rows: number;
  sha256: string;
}
export type TableChecks = Record<string, TableCheck>;

/** Kept results and the packaged gazetteer are not worth comparing: they are made again; keys stay where they are. `collection.epoch` changes with every restore by design. */
const LEFT_OUT = new Set<string>([...DERIVED_TABLES, ...KEY_TABLES, "town", "write_hold"]);
const LEFT_OUT_COLUMNS: Record<string, string[]> = { collection: ["epoch"] };

/** Digests every table of the connection's database, as its transaction sees it. Rows stream: photographs need not fit into memory. */
export async function checkTables(connection: PoolConnection, database: string): Promise<TableChecks> {
  const tables = await many<{ name: string }>(
    connection,
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ? AND table_type = 'BASE TABLE' ORDER BY table_name",
    [database],
  );
  const checks: TableChecks = {};
  for (const { name } of tables) if (!LEFT_OUT.has(name)) checks[name] = await checkTable(connection, database, name);
  return checks;
}

async function checkTable(connection: PoolConnection, database: string, table: string): Promise<TableCheck> {
  const columns = await many<{ name: string; keyed: number }>(
    connection,
    `SELECT column_name AS name, column_key = 'PRI' AS keyed FROM information_schema.columns
     WHERE table_schema = ? AND table_name = ? ORDER BY ordinal_position`,
    [database, table],
  );
  const left = LEFT_OUT_COLUMNS[table] ?? [];
  const names = columns.map((c) => c.name).filter((name) => !left.includes(name));
  const keys = columns.filter((c) => c.keyed).map((c) => `\`${c.name}\``);
  const sql = `SELECT ${names.map((n) => `\`${n}\``).join(", ")} FROM \`${database}\`.\`${table}\`${keys.length > 0 ? ` ORDER BY ${keys.join(", ")}` : ""}`;
  const hash = createHash("sha256");
  let rows = 0;
  // The promise wrapper has no streams; the connection beneath it has.
  const core = (connection as unknown as { connection: CoreConnection }).connection;
  for await (const row of core.query({ sql, rowsAsArray: true }).stream() as AsyncIterable<unknown[]>) {
    rows++;
    for (const value of row) hash.update(textOf(value)).update("\u001f");
    hash.update("\u001e");
  }
  return { rows, sha256: hash.digest("hex") };
}

function textOf(value: unknown): string | Buffer {
  if (value === null || value === undefined) return "\u0000";
  if (Buffer.isBuffer(value)) return value;
  return typeof value === "string" ? value : JSON.stringify(value);
}

/** Tables that differ, in words; empty when every row is the same. */
export function differences(expected: TableChecks, found: TableChecks): string[] {
  const names = [...new Set([...Object.keys(expected), ...Object.keys(found)])].sort();
  return names.flatMap((name) => {
    const [a, b] = [expected[name], found[name]];
    if (!a || !b) return [`${name}: ${a ? "missing" : "not expected"}`];
    if (a.rows !== b.rows) return [`${name}: ${a.rows} rows expected, ${b.rows} found`];
    return a.sha256 === b.sha256 ? [] : [`${name}: the same number of rows, but not the same content`];
  });
}
