import { spawn } from "node:child_process";
import { createHash, randomBytes } from "node:crypto";
import { createReadStream, createWriteStream, mkdirSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { Readable, Transform } from "node:stream";
import { pipeline } from "node:stream/promises";
import { createGunzip, createGzip } from "node:zlib";
import type { Pool } from "mysql2/promise";
import { type DbAddress, many, one, openPool, run } from "@/data/db";
import { DERIVED_TABLES } from "@/data/derived";
import { KEY_TABLES } from "@/data/feed-tokens";
import { checkTables, differences, type TableChecks } from "./checks";
import { listBackups, type Manifest, sha256Of } from "./manifest";

/** Arguments that reach the server as its owner; the password goes through the environment, where `ps` does not show it. */
function clientArgs(owner: DbAddress): { args: string[]; env: NodeJS.ProcessEnv } {
  return {
    args: [
      "--no-defaults",
      `--host=${owner.host}`,
      `--port=${owner.port}`,
      `--user=${owner.user}`,
      "--default-character-set=utf8mb4",
    ],
    env: { ...process.env, MYSQL_PWD: owner.password },
  };
}

/** A database beside the real one, made for a check or a restore and dropped afterwards. */
export async function withScratch<T>(owner: DbAddress, work: (pool: Pool, name: string) => Promise<T>): Promise<T> {
  const name = `${owner.database}_scratch_${randomBytes(5).toString("hex")}`;
  const admin = openPool(owner, { connectionLimit: 1 });
  try {
    await run(admin, `CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci`);
    const scratch = openPool({ ...owner, database: name }, { connectionLimit: 2 });
    try {
      return await work(scratch, name);
    } finally {
      await scratch.end();
      await run(admin, `DROP DATABASE IF EXISTS ${name}`);
    }
  } finally {
    await admin.end();
  }
}

/** Reads a compressed dump into a database. */
export async function loadDump(owner: DbAddress, dump: string, database: string): Promise<void> {
  const { args, env } = clientArgs(owner);
  const child = spawn("mariadb", [...args, database], { env, stdio: ["pipe", "ignore", "pipe"] });
  let words = "";
  child.stderr.on("data", (chunk: Buffer) => (words += chunk.toString()));
  const ended = new Promise<number | null>((resolve, reject) => {
    child.on("error", reject);
    child.on("exit", resolve);
  });
  await pipeline(createReadStream(dump), createGunzip(), child.stdin);
  const code = await ended;
  if (code !== 0) throw new Error(`the dump could not be read into ${database}: ${words.slice(-1000)}`);
}

/** What every table holds, seen in one snapshot. */
export async function checksOf(pool: Pool, database: string): Promise<TableChecks> {
  const connection = await pool.getConnection();
  try {
    return await checkTables(connection, database);
  } finally {
    connection.release();
  }
}

export interface Made {
  stem: string;
  manifest: Manifest;
}

/**
 * A consistent dump of the running database, checked by restoring it into a scratch database and comparing every row.
 * Writes wait only for the moment in which the dump's snapshot and the check's snapshot are opened together.
 */
export async function makeBackup(
  owner: DbAddress,
  profile: string,
  folder: string,
  say: (text: string) => void,
): Promise<Made> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const createdAt = new Date();
  const stem = path.join(folder, `aurelian-${profile}-${createdAt.toISOString().replace(/[:.]/g, "-")}`);
  const part = `${stem}.part`;
  const pool = openPool(owner, { connectionLimit: 3 });
  try {
    const { checks, server, migrations } = await dumpAndCheck(pool, owner, part);
    const manifest: Manifest = {
      format: 1,
      createdAt: createdAt.toISOString(),
      profile,
      server,
      migrations,
      dump: { file: `${path.basename(stem)}.sql.gz`, bytes: statSync(part).size, sha256: await sha256Of(part) },
      tables: checks,
    };
    say("checking it: restoring into a scratch database");
    await withScratch(owner, async (scratch, name) => {
      await loadDump(owner, part, name);
      const wrong = differences(checks, await checksOf(scratch, name));
      if (wrong.length > 0) throw new Error(`The backup does not hold what the database holds: ${wrong.join("; ")}`);
    });
    renameSync(part, `${stem}.sql.gz`);
    // Last: a dump without its description is no backup, and is never taken for one.
    writeFileSync(`${stem}.json`, `${JSON.stringify(manifest, null, 2)}\n`, { mode: 0o600 });
    return { stem, manifest };
  } finally {
    rmSync(part, { force: true });
    await pool.end();
  }
}

async function dumpAndCheck(pool: Pool, owner: DbAddress, part: string) {
  const [guard, seen] = [await pool.getConnection(), await pool.getConnection()];
  try {
    await run(guard, "FLUSH TABLES WITH READ LOCK");
    await run(seen, "SET TRANSACTION ISOLATION LEVEL REPEATABLE READ");
    await run(seen, "START TRANSACTION WITH CONSISTENT SNAPSHOT");
    const { args, env } = clientArgs(owner);
    const child = spawn(
      "mariadb-dump",
      [
        ...args,
        "--single-transaction",
        "--quick",
        "--hex-blob",
        "--skip-comments",
        "--no-tablespaces",
        ...[...DERIVED_TABLES, ...KEY_TABLES, "town"].map((table) => `--ignore-table-data=${owner.database}.${table}`),
        owner.database,
      ],
      { env, stdio: ["ignore", "pipe", "pipe"] },
    );
    let words = "";
    child.stderr.on("data", (chunk: Buffer) => (words += chunk.toString()));
    const ended = new Promise<number | null>((resolve, reject) => {
      child.on("error", reject);
      child.on("exit", resolve);
    });
    // The first table's text means that the dump's own snapshot is open: from here on both see the same moment.
    const opened = waitFor(child.stdout, "CREATE TABLE");
    const written = pipeline(opened.stream, createGzip({ level: 6 }), createWriteStream(part, { mode: 0o600 }));
    await Promise.race([opened.found, ended]);
    await run(guard, "UNLOCK TABLES");
    const checks = await checkTables(seen, owner.database);
    const { server } = await one<{ server: string }>(seen, "SELECT VERSION() AS server");
    const migrations = (await many<{ name: string }>(seen, "SELECT name FROM migration ORDER BY name")).map(
      (m) => m.name,
    );
    await written;
    const code = await ended;
    if (code !== 0) throw new Error(`mariadb-dump ended with ${code}: ${words.slice(-1000)}`);
    return { checks, server, migrations };
  } finally {
    await run(guard, "UNLOCK TABLES").catch(() => undefined);
    await run(seen, "ROLLBACK").catch(() => undefined);
    guard.release();
    seen.release();
  }
}

/** Passes a stream on and tells when a text first goes by. */
function waitFor(source: Readable, text: string): { stream: Readable; found: Promise<void> } {
  let tell: () => void = () => undefined;
  const found = new Promise<void>((resolve) => (tell = resolve));
  let tail = "";
  const watch = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      if (tail !== "seen") {
        const window = tail + chunk.toString("latin1");
        if (window.includes(text)) {
          tail = "seen";
          tell();
        } else tail = window.slice(-text.length);
      }
      done(null, chunk);
    },
  });
  return { stream: source.pipe(watch), found };
}

/** Removes the oldest backups of a folder beyond so many. */
export function prune(folder: string, keep: number): number {
  const old = listBackups(folder).slice(0, -keep || undefined);
  const gone = keep > 0 ? old : [];
  for (const { stem } of gone) for (const end of [".json", ".sql.gz"]) rmSync(`${stem}${end}`, { force: true });
  return gone.length;
}

/** A digest of a whole check, for saying in one word that two databases are the same. */
export function digestOf(checks: TableChecks): string {
  return createHash("sha256").update(JSON.stringify(checks)).digest("hex").slice(0, 12);
}
