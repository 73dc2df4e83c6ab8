import { type ChildProcess, spawn } from "node:child_process";
import { openSync, writeFileSync } from "node:fs";
import path from "node:path";
import { isOurs, readPid, sleep, stopPid } from "./processes";

export interface WebServer {
  url: string;
  child: ChildProcess;
  stop: () => Promise<void>;
}

const MARK = "next-server";
const PROGRAM = "scripts/serve.mjs";

/** A server that an earlier start left behind is stopped: it would hold old code and a dead database. */
export async function stopLeftServer(dir: string): Promise<void> {
  const pid = readPid(path.join(dir, "web.pid"));
  if (pid === null) return;
  for (const mark of [MARK, PROGRAM]) await stopPid(pid, mark, 5000);
}

export async function startWeb(dir: string, port: number, env: Record<string, string>): Promise<WebServer> {
  const log = openSync(path.join(dir, "web.log"), "a", 0o600);
  const child = spawn(process.execPath, [PROGRAM, "127.0.0.1", String(port)], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production", ...env },
    detached: true,
    stdio: ["ignore", log, log],
  });
  writeFileSync(path.join(dir, "web.pid"), String(child.pid));
  const url = `http://127.0.0.1:${port}`;
  for (const end = Date.now() + 60_000; ;) {
    if (child.exitCode !== null || Date.now() > end)
      throw new Error(`The web server did not start: see ${path.join(dir, "web.log")}`);
    try {
      const answer = await fetch(`${url}/api/health`);
      if (answer.ok) break;
    } catch {
      // not yet
    }
    await sleep(80);
  }
  return {
    url,
    child,
    stop: async () => {
      const pid = child.pid!;
      for (const mark of [MARK, PROGRAM]) if (isOurs(pid, mark)) await stopPid(pid, mark, 8000);
    },
  };
}
