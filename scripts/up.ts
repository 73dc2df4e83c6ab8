// Starts everything a profile needs and keeps it running until Ctrl-C: database, migrations, demo, build, web server.
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import { parseArgs } from "node:util";
import { Backoff } from "./lib/backoff";
import { buildIfChanged } from "./lib/build";
import { databaseEnv, startDatabase } from "./lib/mariadb";
import { homeOf } from "./lib/database-user";
import { freePort } from "./lib/ports";
import { portsOf, profileDir } from "./lib/profile";
import { scheduleBackups } from "./backup/schedule";
import { startWeatherService, type WeatherService } from "./lib/weather-service";
import { isOurs, readPid, runToEnd, stopPid } from "./lib/processes";
import { rotate } from "./lib/rotate";
import { startWeb, stopLeftServer, type WebServer } from "./lib/web";

const { values } = parseArgs({
  options: {
    profile: { type: "string", default: "own" },
    demo: { type: "boolean", default: false },
    reset: { type: "boolean", default: false },
  },
});
const wanted = portsOf(values.profile);
const dir = profileDir(values.profile);
const started = Date.now();
let step = 0;
const ROTATE_EVERY_MS = 60_000;
const say = (text: string) => console.log(`    ${text}`);
const heading = (text: string) => console.log(`${++step}. ${text}`);

/** What must not be left running when a start fails half way. */
let tidy: () => Promise<void> = () => Promise.resolve();

async function main(): Promise<void> {
  const upFile = path.join(dir, "up.pid");
  const running = readPid(upFile);
  if (running !== null && running !== process.pid && isOurs(running, "scripts/up.ts")) {
    const at = path.join(dir, "address");
    console.log(
      `Aurelian is running already${existsSync(at) ? ` at ${readFileSync(at, "utf8")}` : ""} (process ${running}). Stop it there with Ctrl-C first.`,
    );
    process.exit(values.reset ? 1 : 0);
  }
  await stopLeftServer(dir);
  if (values.reset) {
    heading("Starting afresh");
    const left = readPid(path.join(dir, "db.pid"));
    if (left !== null) await stopPid(left, path.join(homeOf(dir), "data"));
    for (const folder of new Set([homeOf(dir), dir])) rmSync(folder, { recursive: true, force: true });
  }
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  writeFileSync(upFile, String(process.pid));

  heading("Database");
  let database = await startDatabase(dir, wanted.db, say);
  tidy = () => database.stop();
  say(`ready on 127.0.0.1:${database.address.port}`);
  if (values.demo) {
    heading("Demo collection");
    await runToEnd(process.execPath, ["--conditions=react-server", "--import", "tsx", "scripts/load-demo.ts"], {
      env: { ...process.env, ...databaseEnv(database.address) },
      show: true,
    });
  }
  heading("Application");
  say("building (a minute or so after the program has changed)");
  say((await buildIfChanged()) ? "built" : "unchanged since the last build");
  // Made-up weather is for the demo: on a site of one's own no advice may rest on it.
  const servicePort = await freePort(wanted.weather);
  let service: WeatherService | null = null;
  if (values.demo) {
    heading("Weather service (simulated)");
    service = await startWeatherService(dir, servicePort);
    say(`ready at ${service.url}; its weather is made up`);
  }
  tidy = async () => {
    service?.stop();
    await database.stop();
  };
  const webEnv = () => ({
    ...databaseEnv(database.address),
    AURELIAN_DATA_DIR: dir,
    ...(service ? { AURELIAN_FORECAST_URL: service.url } : {}),
  });
  const webPort = await freePort(Number(process.env.AURELIAN_PORT ?? wanted.web));
  if (webPort !== wanted.web && !process.env.AURELIAN_PORT) say(`port ${wanted.web} is in use: taking ${webPort}`);
  let web: WebServer = await startWeb(dir, webPort, webEnv());
  writeFileSync(path.join(dir, "address"), web.url);
  console.log(
    `\nAurelian is ready at ${web.url}   (${Math.round((Date.now() - started) / 100) / 10} s; Ctrl-C stops it)\n`,
  );

  const unschedule = scheduleBackups(values.profile, () => database.ownerAddress, console.log);

  let stopping = false;
  const stop = async (code: number) => {
    if (stopping) return;
    stopping = true;
    console.log("\nStopping: web server, then database …");
    unschedule();
    await web.stop();
    service?.stop();
    await database.stop();
    for (const file of [upFile, path.join(dir, "web.pid"), path.join(dir, "address")]) rmSync(file, { force: true });
    console.log("Stopped. All data is kept.");
    process.exit(code);
  };
  process.on("SIGINT", () => void stop(0));
  process.on("SIGTERM", () => void stop(0));
  process.on("SIGHUP", () => void stop(0));

  // What dies without being asked is started again on the same port, after a pause that grows with every death of late.
  const backoffs = new Map<string, Backoff>();
  const revive = (what: string, again: () => Promise<void>) => {
    if (stopping) return;
    const backoff = backoffs.get(what) ?? new Backoff();
    backoffs.set(what, backoff);
    const delay = backoff.delayMs(performance.now());
    console.error(`The ${what} ended unexpectedly; starting it again in ${delay / 1000} s (logs in ${dir}).`);
    setTimeout(() => {
      if (stopping) return;
      again().catch((error: unknown) => {
        console.error(error instanceof Error ? error.message : error);
        revive(what, again);
      });
    }, delay);
  };
  const logs = [
    ...["web.log", "weather-service.log"].map((name) => path.join(dir, name)),
    path.join(homeOf(dir), "db.log"),
  ];
  setInterval(() => logs.forEach((file) => rotate(file)), ROTATE_EVERY_MS).unref();
  const watchDatabase = () => {
    database.onDeath(() =>
      revive("database", async () => {
        database = await startDatabase(dir, database.address.port, say);
        watchDatabase();
      }),
    );
  };
  const watchWeb = () => {
    web.child.on("exit", () =>
      revive("web server", async () => {
        web = await startWeb(dir, webPort, webEnv());
        watchWeb();
      }),
    );
  };
  const watchService = () => {
    service?.child.on("exit", () =>
      revive("simulated weather service", async () => {
        service = await startWeatherService(dir, servicePort);
        watchService();
      }),
    );
  };
  watchDatabase();
  watchWeb();
  watchService();
}

main().catch((error: unknown) => {
  console.error(`\nAurelian could not start: ${error instanceof Error ? error.message : String(error)}`);
  void tidy().finally(() => process.exit(1));
});
