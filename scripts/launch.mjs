// The first step on any machine: plain Node, nothing installed yet. Installs what is missing, then hands over to TypeScript.
import { spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import process from "node:process";

const root = path.resolve(import.meta.dirname, "..");
process.chdir(root);
const [task, ...rest] = process.argv.slice(2);

const [major, minor] = process.versions.node.split(".").map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Aurelian needs Node 20.19 or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

const say = (text) => console.log(`· ${text}`);
const has = (program) =>
  ["/usr/sbin", "/usr/bin", "/usr/local/bin", "/usr/local/sbin"].some((dir) => existsSync(path.join(dir, program)));

const needed = [["mariadbd", "mariadb-server"]];
if (["test", "bench", "audit"].includes(task)) needed.push(["chromium", "chromium"]);
const missing = needed.filter(([program]) => !has(program)).map(([, name]) => name);
if (missing.length > 0) {
  const install = `apt-get install -y --no-install-recommends ${missing.join(" ")}`;
  if (process.getuid?.() === 0 && has("apt-get")) {
    say(`installing from Debian: ${missing.join(", ")}`);
    const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
    const quiet = ["ignore", "ignore", "inherit"];
    spawnSync("apt-get", ["update", "-qq"], { env, stdio: quiet });
    const done = spawnSync("apt-get", ["install", "-y", "-qq", "--no-install-recommends", ...missing], {
      env,
      stdio: quiet,
    });
    if (done.status !== 0) {
      console.error(`That did not work. Run it yourself and start again:\n  ${install}`);
      process.exit(1);
    }
  } else {
    console.error(`Missing: ${missing.join(", ")}. Install with\n  sudo ${install}\nand start again.`);
    process.exit(1);
  }
}

const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");
const stamp = path.join("node_modules", ".aurelian-lock");
if (!existsSync(stamp) || readFileSync(stamp, "utf8") !== lock) {
  say("installing npm packages (a minute or so the first time)");
  const done = spawnSync("npm", ["ci", "--no-fund", "--no-audit", "--loglevel=error"], {
    stdio: ["ignore", "ignore", "inherit"],
  });
  if (done.status !== 0) {
    console.error("npm ci failed: see the lines above. Start again once the npm registry can be reached.");
    process.exit(1);
  }
  mkdirSync("node_modules", { recursive: true });
  writeFileSync(stamp, lock);
}

const child = spawn(process.execPath, ["--import", "tsx", path.join("scripts", `${task}.ts`), ...rest], {
  stdio: "inherit",
});
// Ctrl-C reaches the child as well: this process only waits for it to finish tidying up.
process.on("SIGINT", () => undefined);
process.on("SIGTERM", () => child.kill("SIGTERM"));
child.on("exit", (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
