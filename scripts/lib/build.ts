import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { build } from "esbuild";
import { runToEnd } from "./processes";

const SOURCES = [
  "app",
  "calc",
  "core",
  "data",
  "features",
  "formats",
  "instrumentation.ts",
  "model",
  "contract",
  "server",
  "solve",
  "ui",
  "words",
  "workers",
  "public",
  "next.config.ts",
  "postcss.config.mjs",
  "proxy.ts",
  "package-lock.json",
  "tsconfig.json",
];
const STAMP = path.join(".next", "aurelian-sources");

function hashInto(hash: ReturnType<typeof createHash>, entry: string): void {
  if (!existsSync(entry)) return;
  if (/\.(test|spec)\.tsx?$/.test(entry)) return;
  const listing = (() => {
    try {
      return readdirSync(entry).sort();
    } catch {
      return null;
    }
  })();
  if (listing) {
    for (const name of listing) hashInto(hash, path.join(entry, name));
  } else {
    hash.update(entry).update(readFileSync(entry));
  }
}

/** What the server's threads run: bundled, since they are started outside the application's own build. */
export async function buildThreads(): Promise<void> {
  await build({
    entryPoints: ["workers/plan.server.ts"],
    outdir: "dist/workers",
    outExtension: { ".js": ".mjs" },
    bundle: true,
    platform: "node",
    target: "node20",
    format: "esm",
    packages: "external",
    tsconfig: "tsconfig.json",
    logLevel: "error",
  });
}

/** Builds the application unless the sources are those of the last build. Answers whether it built. */
export async function buildIfChanged(): Promise<boolean> {
  const hash = createHash("sha256");
  for (const source of SOURCES) hashInto(hash, source);
  const sources = hash.digest("hex");
  await buildThreads();
  if (existsSync(STAMP) && readFileSync(STAMP, "utf8") === sources) return false;
  await runToEnd(process.execPath, ["node_modules/next/dist/bin/next", "build"], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production" },
  });
  writeFileSync(STAMP, sources);
  return true;
}
