import { type ChildProcess, spawn } from "node:child_process";
import { openSync, writeFileSync } from "node:fs";
import path from "node:path";
import { isOurs, readPid, sleep, stopPid } from "./processes";

export interface WebServer {
  url: string;
  child: ChildProcess;
  stop: () => Promise<void>;
}

/**
 * Longer than a browser keeps an idle connection: when the server closes one just as a page uses it again, the router takes the failed
 * request for a page that must be loaded anew, and what was typed on it is gone.
 */
const KEEP_ALIVE_MS = 610_000;
const MARK = "next-server";
const PROGRAM = "next/dist/bin/next";

/** A server that an earlier start left behind is stopped: it would hold old code and a dead database. */
export async function stopLeftServer(dir: string): Promise<void> {
  const pid = readPid(path.join(dir, "web.pid"));
  if (pid === null) return;
  for (const mark of [MARK, PROGRAM]) await stopPid(pid, mark, 5000);
}

export async function startWeb(dir: string, port: number, env: Record<string, string>): Promise<WebServer> {
  const log = openSync(path.join(dir, "web.log"), "a", 0o600);
  const child = spawn(
    process.execPath,
    [
      "node_modules/next/dist/bin/next",
      "start",
      "-H",
      "127.0.0.1",
      "-p",
      String(port),
      "--keepAliveTimeout",
      String(KEEP_ALIVE_MS),
    ],
    {
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", NODE_ENV: "production", ...env },
      detached: true,
      stdio: ["ignore", log, log],
    },
  );
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
