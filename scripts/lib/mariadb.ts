import { type ChildProcess, spawn } from "node:child_process";
import { createHash, randomBytes } from "node:crypto";
import { chmodSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir, userInfo } from "node:os";
import { giveTo, placeFor, serverUser } from "./database-user";
import path from "node:path";
import { APP_GRANTS, migrate } from "@/data/migrate";
import { fillTowns } from "@/data/fill-towns";
import { type DbAddress, openPool } from "@/data/db";
import { freePort } from "./ports";
import { isOurs, readPid, runToEnd, sleep, stopPid } from "./processes";

/** Names inside the server; the passwords are made at first start and kept beside the data, readable by the owner only. */
const DATABASE = "aurelian";
const OWNER = "aurelian_owner";
const APP = "aurelian_app";

export interface Database {
  address: DbAddress;
  ownerAddress: DbAddress;
  stop: () => Promise<void>;
  /** Called when the server ends without having been asked to. */
  onDeath: (handler: () => void) => void;
}

interface Secrets {
  owner: string;
  app: string;
}

function secretsIn(dir: string): Secrets {
  const file = path.join(dir, "secrets.json");
  if (!existsSync(file)) {
    const fresh: Secrets = { owner: randomBytes(24).toString("base64url"), app: randomBytes(24).toString("base64url") };
    writeFileSync(file, JSON.stringify(fresh), { mode: 0o600 });
    chmodSync(file, 0o600);
  }
  return JSON.parse(readFileSync(file, "utf8")) as Secrets;
}

/** Paths of Unix sockets may not exceed about a hundred bytes: deep project folders get theirs in the temporary folder. */
function socketIn(dir: string): string {
  const inside = path.join(dir, "tmp", "db.sock");
  if (Buffer.byteLength(inside) < 100) return inside;
  return path.join(tmpdir(), `aurelian-${createHash("sha256").update(dir).digest("hex").slice(0, 12)}.sock`);
}

function addressOf(name: string, password: string, port: number): DbAddress {
  return { host: "127.0.0.1", port, user: name, password, database: DATABASE };
}

/** The owner's way into a database that is running already. */
export function ownerAddressIn(dir: string, port: number): DbAddress {
  return addressOf(OWNER, secretsIn(dir).owner, port);
}

/** Starts the profile's own MariaDB on loopback, making its data directory and users when they are not there yet. */
export async function startDatabase(dir: string, wantedPort: number, say: (text: string) => void): Promise<Database> {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const runAs = serverUser();
  // Where the server's own files are: beside the profile's, or where its user can reach them.
  const home = placeFor(dir, runAs, say);
  mkdirSync(path.join(home, "tmp"), { recursive: true, mode: 0o700 });
  const data = path.join(home, "data");
  const pidFile = path.join(dir, "db.pid");
  const socket = socketIn(home);
  // Who asks: the server knows its administrator by the account that connects through the socket.
  const user = userInfo().username;
  const secrets = secretsIn(dir);

  const left = readPid(pidFile);
  if (left !== null && isOurs(left, data)) {
    say("a database server was left running by an earlier start: stopping it first");
    await stopPid(left, data);
  }
  if (!existsSync(path.join(data, "mysql"))) {
    say("making the database's data directory");
    // A first start that was cut off leaves half a directory: begin again.
    rmSync(data, { recursive: true, force: true });
    await runToEnd("mariadb-install-db", [
      "--no-defaults",
      `--user=${runAs.name}`,
      `--datadir=${data}`,
      "--auth-root-authentication-method=socket",
      `--auth-root-socket-user=${user}`,
      "--skip-test-db",
      "--skip-name-resolve",
    ]);
  }
  const port = await freePort(wantedPort);
  if (port !== wantedPort) say(`port ${wantedPort} is in use: the database takes ${port}`);
  const log = path.join(home, "db.log");
  giveTo(runAs, home, [data, path.join(home, "tmp"), log]);
  const child = launch({ data, home, socket, log, port, runAs: runAs.name });
  writeFileSync(pidFile, String(child.pid));
  await untilReady(socket, user, child, log);

  writeFileSync(path.join(dir, "db.port"), String(port));
  const ownerAddress = addressOf(OWNER, secrets.owner, port);
  const admin = (sql: string) =>
    runToEnd("mariadb", ["--no-defaults", `--user=${user}`, `--socket=${socket}`], { input: sql });
  await admin(`
    CREATE DATABASE IF NOT EXISTS ${DATABASE} CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci;
    CREATE USER IF NOT EXISTS '${OWNER}'@'127.0.0.1' IDENTIFIED BY '${secrets.owner}';
    CREATE USER IF NOT EXISTS '${APP}'@'127.0.0.1' IDENTIFIED BY '${secrets.app}';
    GRANT ALL PRIVILEGES ON ${DATABASE}.* TO '${OWNER}'@'127.0.0.1';
    -- A backup is checked, and a restore prepared, in a database of its own; the lock is held for a moment at its start.
    GRANT ALL PRIVILEGES ON \`${DATABASE}\\_scratch\\_%\`.* TO '${OWNER}'@'127.0.0.1';
    GRANT RELOAD ON *.* TO '${OWNER}'@'127.0.0.1';`);
  const owner = openPool(ownerAddress, { connectionLimit: 1 });
  try {
    const connection = await owner.getConnection();
    const count = await migrate(connection, say);
    if (count > 0) say(`${count} migrations applied`);
    const towns = await fillTowns(connection);
    if (towns > 0) say(`${towns} towns ready to be found`);
    connection.release();
  } finally {
    await owner.end();
  }
  await admin(
    Object.entries(APP_GRANTS)
      .map(([table, rights]) => `GRANT ${rights} ON ${DATABASE}.${table} TO '${APP}'@'127.0.0.1';`)
      .join("\n"),
  );

  let wanted = true;
  let onDeath: () => void = () => undefined;
  child.on("exit", () => {
    if (wanted) onDeath();
  });
  return {
    address: addressOf(APP, secrets.app, port),
    ownerAddress,
    onDeath: (handler) => (onDeath = handler),
    stop: async () => {
      wanted = false;
      await stopPid(child.pid!, data);
    },
  };
}

function launch(at: {
  data: string;
  home: string;
  socket: string;
  log: string;
  port: number;
  runAs: string;
}): ChildProcess {
  const { data, home, socket, log, port, runAs } = at;
  return spawn(
    existsSync("/usr/sbin/mariadbd") ? "/usr/sbin/mariadbd" : "mariadbd",
    [
      "--no-defaults",
      `--user=${runAs}`,
      "--basedir=/usr",
      `--datadir=${data}`,
      `--tmpdir=${path.join(home, "tmp")}`,
      `--socket=${socket}`,
      `--pid-file=${path.join(home, "tmp", "mariadbd.pid")}`,
      "--bind-address=127.0.0.1",
      `--port=${port}`,
      "--skip-name-resolve",
      `--log-error=${log}`,
      "--character-set-server=utf8mb4",
      "--collation-server=utf8mb4_uca1400_ai_ci",
      "--default-time-zone=+00:00",
      "--sql-mode=STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ZERO_IN_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION,ONLY_FULL_GROUP_BY",
      "--innodb-buffer-pool-size=256M",
      "--max-allowed-packet=64M",
      "--transaction-isolation=READ-COMMITTED",
    ],
    // Its own process group: Ctrl-C in the terminal must not reach it before the application has stopped.
    { detached: true, stdio: "ignore" },
  );
}

async function untilReady(socket: string, user: string, child: ChildProcess, log: string): Promise<void> {
  for (const end = Date.now() + 60_000; Date.now() < end;) {
    if (child.exitCode !== null) break;
    try {
      await runToEnd("mariadb-admin", ["--no-defaults", `--user=${user}`, `--socket=${socket}`, "ping"]);
      return;
    } catch {
      await sleep(80);
    }
  }
  throw new Error(`The database server did not start. Its last words are in ${log}`);
}

/** Settings that the application reads. */
export function databaseEnv(address: DbAddress): Record<string, string> {
  return {
    AURELIAN_DB_HOST: address.host,
    AURELIAN_DB_PORT: String(address.port),
    AURELIAN_DB_USER: address.user,
    AURELIAN_DB_PASSWORD: address.password,
    AURELIAN_DB_NAME: address.database,
  };
}
