// npm test: check, unit tests, production build, browser tests on a database and a server of their own. Leaves nothing running.
import { mkdirSync, rmSync } from "node:fs";
import path from "node:path";
import { spawn } from "node:child_process";
import { buildIfChanged, buildThreads } from "./lib/build";
import { databaseEnv, startDatabase, type Database } from "./lib/mariadb";
import { homeOf } from "./lib/database-user";
import { freePort } from "./lib/ports";
import { readPid, stopPid } from "./lib/processes";
import { startWeatherService, type WeatherService } from "./lib/weather-service";
import { startWeb, stopLeftServer, type WebServer } from "./lib/web";

/** Tests see one fixed day, whatever the machine's clock says. */
const TODAY = "2026-05-15";
const dir = path.resolve(".aurelian", "test");
const times: [string, number][] = [];

async function part(name: string, work: () => Promise<void>): Promise<void> {
  const from = Date.now();
  console.log(`\n— ${name}`);
  await work();
  times.push([name, (Date.now() - from) / 1000]);
}

function show(program: string, args: string[], env: Record<string, string> = {}): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn(program, args, { stdio: "inherit", env: { ...process.env, ...env } });
    child.on("error", reject);
    child.on("exit", (code) =>
      code === 0 ? resolve() : reject(new Error(`${program} ${args.join(" ")} ended with ${code}`)),
    );
  });
}

let database: Database | null = null;
let web: WebServer | null = null;
let weather: WeatherService | null = null;

async function tidy(): Promise<void> {
  await web?.stop();
  weather?.stop();
  await database?.stop();
  // A browser test kills the database and starts it again: whoever holds the pid file now is stopped, too.
  const left = readPid(path.join(dir, "db.pid"));
  if (left !== null) await stopPid(left, path.join(homeOf(dir), "data"));
  for (const folder of new Set([homeOf(dir), dir])) rmSync(folder, { recursive: true, force: true });
}

async function main(): Promise<void> {
  await part("check: types, lint, arrows, formatting", () => show("npm", ["run", "-s", "check"]));
  await part("database", async () => {
    await stopLeftServer(dir);
    const left = readPid(path.join(dir, "db.pid"));
    if (left !== null) await stopPid(left, path.join(homeOf(dir), "data"));
    for (const folder of new Set([homeOf(dir), dir])) rmSync(folder, { recursive: true, force: true });
    mkdirSync(dir, { recursive: true });
    database = await startDatabase(dir, 43350, (line) => console.log(`  ${line}`));
  });
  const env = {
    ...databaseEnv(database!.address),
    AURELIAN_TODAY: TODAY,
    AURELIAN_OWNER_USER: database!.ownerAddress.user,
    AURELIAN_OWNER_PASSWORD: database!.ownerAddress.password,
  };
  await part("unit tests", async () => {
    // Jobs are tried in real threads, as the program runs them.
    await buildThreads();
    await show("npm", ["run", "-s", "test:unit"], env);
  });
  await part("production build", async () => {
    console.log((await buildIfChanged()) ? "  built" : "  unchanged since the last build");
  });
  await part("soak, tiny: kills, floods, bodies, dates", () =>
    show(process.execPath, ["--import", "tsx", "scripts/soak.ts", "--tiny"]),
  );
  await part("browser tests", async () => {
    // Down at first: a forecast that comes in while a test looks would move what it looks at.
    weather = await startWeatherService(dir, await freePort(44350), "down");
    web = await startWeb(dir, await freePort(4350), {
      ...env,
      AURELIAN_DATA_DIR: dir,
      AURELIAN_FORECAST_URL: weather.url,
    });
    await show(process.execPath, ["node_modules/@playwright/test/cli.js", "test"], {
      ...env,
      AURELIAN_URL: web.url,
      AURELIAN_WEATHER_URL: weather.url,
      AURELIAN_TEST_DIR: dir,
      NODE_OPTIONS: "--conditions=react-server",
    });
  });
}

for (const signal of ["SIGINT", "SIGTERM"] as const)
  process.on(signal, () => void tidy().finally(() => process.exit(1)));
main()
  .then(tidy)
  .then(() => {
    console.log(
      `\n${times.map(([name, seconds]) => `${name}: ${seconds.toFixed(0)} s`).join("\n")}\nAll passed in ${times.reduce((sum, [, s]) => sum + s, 0).toFixed(0)} s.`,
    );
    process.exit(0);
  })
  .catch(async (error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    await tidy();
    process.exit(1);
  });
