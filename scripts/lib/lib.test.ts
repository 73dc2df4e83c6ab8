import { spawn } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import net from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import { freePort, isFree } from "./ports";
import { isOurs, readPid, runToEnd, sleep, stopPid } from "./processes";

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
