// npm run mutants [-- folder …] [--each N] [--seed N]: breaks lines on purpose, one at a time, and tells which the tests let pass.
import { spawn } from "node:child_process";
import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { execFileSync } from "node:child_process";
import path from "node:path";
import { mulberry32 } from "@/core/random/index";
import { type Mutant, mutantsOf } from "./mutants/candidates";
import { FLOORS, TRIED, type Tried } from "./mutants/folders";
import { databaseEnv, startDatabase } from "./lib/mariadb";

const WORKERS = 2;
/** A break that makes a test run for ever is noticed, too. */
const PATIENCE_MS = 120_000;
const args = process.argv.slice(2);
const option = (name: string, usual: number) => {
  const at = args.indexOf(`--${name}`);
  return at < 0 ? usual : Number(args.splice(at, 2)[1]);
};
const each = option("each", 30);
const seed = option("seed", 1);
const home = path.resolve(".aurelian", "mutants");

interface Trial {
  of: Tried;
  file: string;
  mutant: Mutant;
}

/** So many breaks of each kind in a folder, drawn by the seed. */
function drawn(of: Tried): Trial[] {
  const files = execFileSync("git", ["ls-files", of.folder], { encoding: "utf8" })
    .split("\n")
    .filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$|\/index\.ts$/.test(f) && (of.files?.test(f) ?? true));
  const all = files.flatMap((file) =>
    mutantsOf(file, readFileSync(file, "utf8")).map((mutant): Trial => ({ of, file, mutant })),
  );
  const random = mulberry32(seed);
  return (["logic", "constant"] as const).flatMap((kind) => {
    const left = all.filter((t) => t.mutant.kind === kind);
    return Array.from(
      { length: Math.min(each, left.length) },
      () => left.splice(Math.floor(random() * left.length), 1)[0],
    );
  });
}

/** A copy of the sources to break, with the packages of this one. */
function copyFor(worker: number): string {
  const dir = path.join(home, String(worker));
  rmSync(dir, { recursive: true, force: true });
  mkdirSync(dir, { recursive: true });
  for (const file of execFileSync("git", ["ls-files"], { encoding: "utf8" }).split("\n")) {
    if (file === "" || /^(docs|public|e2e)\//.test(file)) continue;
    mkdirSync(path.dirname(path.join(dir, file)), { recursive: true });
    cpSync(file, path.join(dir, file));
  }
  symlinkSync(path.resolve("node_modules"), path.join(dir, "node_modules"));
  return dir;
}

/** Whether the tests of a folder pass in a copy. */
function passes(dir: string, tests: readonly string[], env: Record<string, string>): Promise<boolean> {
  return new Promise((resolve) => {
    const child = spawn(
      process.execPath,
      [
        "--experimental-vm-modules",
        "node_modules/jest/bin/jest.js",
        "--bail",
        "--forceExit",
        "--silent",
        "--runInBand",
        // Looking through all folders for tests would take longer than the tests.
        ...[
          ...new Set(
            tests.map((t) =>
              t
                .split("/")
                .slice(0, 2)
                .join("/")
                .replace(/\/[^/]*\.test$/, ""),
            ),
          ),
        ].map((root) => `--roots=<rootDir>/${root}`),
        ...tests,
      ],
      { cwd: dir, env: { ...process.env, TZ: "Pacific/Auckland", ...env }, stdio: "ignore" },
    );
    const late = setTimeout(() => child.kill("SIGKILL"), PATIENCE_MS);
    child.on("exit", (code) => {
      clearTimeout(late);
      resolve(code === 0);
    });
  });
}

async function main(): Promise<void> {
  const wanted = TRIED.filter((t) => args.length === 0 || args.some((a) => t.folder.startsWith(a)));
  const needsDatabase = wanted.some((t) => t.database);
  const dbDir = path.join(home, "database");
  rmSync(dbDir, { recursive: true, force: true });
  mkdirSync(dbDir, { recursive: true });
  const database = needsDatabase ? await startDatabase(dbDir, 43390, () => undefined) : null;
  const env: Record<string, string> = database
    ? {
        ...databaseEnv(database.address),
        AURELIAN_TODAY: "2026-05-15",
        AURELIAN_OWNER_USER: database.ownerAddress.user,
        AURELIAN_OWNER_PASSWORD: database.ownerAddress.password,
      }
    : {};
  const trials = wanted.flatMap(drawn);
  const survivors: Trial[] = [];
  const waiting = [...trials];
  await Promise.all(
    Array.from({ length: WORKERS }, async (_, worker) => {
      const dir = copyFor(worker);
      for (let t = waiting.shift(); t; t = waiting.shift()) {
        const at = path.join(dir, t.file);
        const text = readFileSync(at, "utf8");
        writeFileSync(at, text.slice(0, t.mutant.start) + t.mutant.to + text.slice(t.mutant.end));
        if (await passes(dir, t.of.tests, env)) survivors.push(t);
        writeFileSync(at, text);
      }
    }),
  );
  await database?.stop();
  report(wanted, trials, survivors);
  rmSync(home, { recursive: true, force: true });
}

function report(wanted: readonly Tried[], trials: readonly Trial[], survivors: readonly Trial[]): void {
  let below = false;
  for (const of of wanted) {
    const told = (["logic", "constant"] as const).map((kind) => {
      const mine = trials.filter((t) => t.of === of && t.mutant.kind === kind);
      const left = survivors.filter((t) => t.of === of && t.mutant.kind === kind).length;
      const share = mine.length === 0 ? 100 : Math.round((100 * (mine.length - left)) / mine.length);
      if (share < FLOORS[kind]) below = true;
      return `${kind} ${mine.length - left}/${mine.length} (${share} %)${share < FLOORS[kind] ? " below its floor" : ""}`;
    });
    console.log(`${of.folder}: ${told.join(", ")}`);
    for (const { file, mutant } of survivors.filter((t) => t.of === of))
      console.log(
        `  ${file}:${mutant.line}  ${mutant.was.replace(/\s+/g, " ").slice(0, 60)} → ${mutant.to.replace(/\s+/g, " ").slice(0, 60)}`,
      );
  }
  if (below) process.exitCode = 1;
}

await main();
