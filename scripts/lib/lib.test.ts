import { spawn } from "node:child_process";
import {
  appendFileSync,
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import net from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import { Backoff } from "./backoff";
import { closedFolder, giveTo, homeOf, placeFor, serverUser } from "./database-user";
import { freePort, isFree } from "./ports";
import { isOurs, readPid, runToEnd, sleep, stopPid } from "./processes";
import { KEPT_LOGS, MOST_LOG_BYTES, rotate } from "./rotate";

test("a port in use is passed over", async () => {
  const server = net.createServer();
  await new Promise<void>((resolve) => server.listen({ port: 0, host: "127.0.0.1" }, resolve));
  const { port } = server.address() as net.AddressInfo;
  expect(await isFree(port)).toBe(false);
  expect(await freePort(port)).toBeGreaterThan(port);
  await new Promise((resolve) => server.close(resolve));
  expect(await isFree(port)).toBe(true);
});

test("a pid counts as ours only with our mark on its command line", async () => {
  const child = spawn(process.execPath, ["-e", "setInterval(() => {}, 1000) // aurelian-mark"], { stdio: "ignore" });
  await sleep(200);
  expect(isOurs(child.pid!, "aurelian-mark")).toBe(true);
  expect(isOurs(child.pid!, "somebody-else")).toBe(false);
  // What is not ours is left alone.
  await stopPid(child.pid!, "somebody-else", 500);
  expect(isOurs(child.pid!, "aurelian-mark")).toBe(true);
  await stopPid(child.pid!, "aurelian-mark", 5000);
  await sleep(100);
  expect(isOurs(child.pid!, "aurelian-mark")).toBe(false);
});

test("pid files are read with care", () => {
  const dir = mkdtempSync(path.join(tmpdir(), "aurelian-"));
  const file = path.join(dir, "pid");
  expect(readPid(file)).toBeNull();
  for (const [text, pid] of [
    ["123\n", 123],
    ["", null],
    ["1", null],
    ["x", null],
  ] as const) {
    writeFileSync(file, text);
    expect(readPid(file)).toBe(pid);
  }
  rmSync(dir, { recursive: true });
});

test("a program that fails is told with its last words", async () => {
  await expect(runToEnd(process.execPath, ["-e", "console.error('no good'); process.exit(3)"])).rejects.toThrow(
    /ended with 3\s+no good/,
  );
  await expect(runToEnd(process.execPath, ["-e", ""])).resolves.toBeUndefined();
});

test("what keeps dying waits longer each time, at most a minute; deaths of long ago are forgotten; nobody gives up", () => {
  const backoff = new Backoff();
  expect(Array.from({ length: 9 }, (_, i) => backoff.delayMs(i))).toEqual([
    500, 1000, 2000, 4000, 8000, 16_000, 32_000, 60_000, 60_000,
  ]);
  // Eleven minutes later it is as if nothing had been.
  expect(backoff.delayMs(11 * 60_000)).toBe(500);
  expect(backoff.delayMs(12 * 60_000)).toBe(1000);
});

test("a log that has grown too large is copied away and emptied under its writer; the oldest goes", () => {
  const dir = mkdtempSync(path.join(tmpdir(), "aurelian-log-"));
  const file = path.join(dir, "web.log");
  expect([MOST_LOG_BYTES, KEPT_LOGS]).toEqual([10_485_760, 5]);
  expect(rotate(file, 10)).toBe(false);
  for (let n = 1; n <= 7; n++) {
    appendFileSync(file, `log number ${n}`);
    expect(rotate(file, 5)).toBe(true);
    expect(statSync(file).size).toBe(0);
  }
  expect(rotate(file, 5)).toBe(false);
  const kept = [1, 2, 3, 4, 5].map((n) => readFileSync(`${file}.${n}`, "utf8"));
  expect(kept).toEqual([7, 6, 5, 4, 3].map((n) => `log number ${n}`));
  expect(existsSync(`${file}.6`)).toBe(false);
  rmSync(dir, { recursive: true });
});

test("the database runs as its own account, and its files lie where that account can reach them", () => {
  const user = serverUser();
  const root = process.getuid?.() === 0;
  const dir = mkdtempSync(path.join(tmpdir(), "aurelian-reach-"));
  const profile = path.join(dir, ".aurelian", "own");
  mkdirSync(profile, { recursive: true });
  chmodSync(dir, 0o755);
  const lowered = { ...user, lowered: true };
  expect(user.lowered).toBe(root);
  if (root) expect(user.name).toBe("mysql");
  // Our own folders are opened to pass through, not to read.
  chmodSync(path.join(dir, ".aurelian"), 0o700);
  expect(placeFor(profile, lowered, () => undefined)).toBe(profile);
  expect(statSync(profile).mode & 0o777).toBe(0o711);
  expect(homeOf(profile)).toBe(profile);
  chmodSync(dir, 0o700);
  expect(closedFolder(profile)).toBe(dir);
  // An account that starts it as itself needs nothing of this.
  expect(placeFor(profile, { ...user, lowered: false }, () => undefined)).toBe(profile);
  if (root) {
    mkdirSync(path.join(profile, "data"));
    writeFileSync(path.join(profile, "data", "ibdata"), "rows");
    const said: string[] = [];
    const home = placeFor(profile, user, (text) => said.push(text));
    expect(home).toMatch(/^\/var\/lib\/aurelian\/[0-9a-f]{16}$/);
    expect(homeOf(profile)).toBe(home);
    expect(readFileSync(path.join(home, "data", "ibdata"), "utf8")).toBe("rows");
    expect(said).toHaveLength(1);
    giveTo(user, home, [path.join(home, "data"), path.join(home, "db.log")]);
    for (const entry of ["data", path.join("data", "ibdata"), "db.log"])
      expect(statSync(path.join(home, entry)).uid).toBe(user.uid);
    rmSync(home, { recursive: true });
  }
  rmSync(dir, { recursive: true });
});
