import { type ChildProcess, spawn } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";

/** Whether a process lives whose command line holds this text: a pid alone may belong to somebody else by now. */
export function isOurs(pid: number, mark: string): boolean {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").replaceAll("\0", " ").includes(mark);
  } catch {
    return false;
  }
}

export function readPid(file: string): number | null {
  if (!existsSync(file)) return null;
  const pid = Number(readFileSync(file, "utf8").trim());
  return Number.isInteger(pid) && pid > 1 ? pid : null;
}

export const sleep = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** SIGTERM, patience, SIGKILL. */
export async function stopPid(pid: number, mark: string, patienceMs = 20_000): Promise<void> {
  if (!isOurs(pid, mark)) return;
  process.kill(pid, "SIGTERM");
  for (const end = Date.now() + patienceMs; Date.now() < end;) {
    if (!isOurs(pid, mark)) return;
    await sleep(50);
  }
  if (isOurs(pid, mark)) process.kill(pid, "SIGKILL");
}

/** Runs to the end; rejects with what it printed when it fails. */
export function runToEnd(
  program: string,
  args: string[],
  options: { env?: NodeJS.ProcessEnv; input?: string; show?: boolean } = {},
): Promise<void> {
  return new Promise((resolve, reject) => {
    const child: ChildProcess = spawn(program, args, {
      env: options.env ?? process.env,
      stdio: [
        options.input === undefined ? "ignore" : "pipe",
        options.show ? "inherit" : "pipe",
        options.show ? "inherit" : "pipe",
      ],
    });
    let text = "";
    child.stdout?.on("data", (chunk: Buffer) => (text += chunk.toString()));
    child.stderr?.on("data", (chunk: Buffer) => (text += chunk.toString()));
    if (options.input !== undefined) child.stdin?.end(options.input);
    child.on("error", reject);
    child.on("exit", (code) =>
      code === 0
        ? resolve()
        : reject(new Error(`${program} ${args.slice(0, 3).join(" ")} ended with ${code}\n${text.slice(-4000)}`)),
    );
  });
}
