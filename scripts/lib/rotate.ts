import { copyFileSync, existsSync, renameSync, rmSync, statSync, truncateSync } from "node:fs";

export const MOST_LOG_BYTES = 10 * 1_048_576;
export const KEPT_LOGS = 5;

/**
 * Moves a log that has grown too large to `.1`, the older ones up by one, the oldest away. The file is copied and emptied, not renamed:
 * whoever writes to it has it open for appending and goes on in the empty one.
 */
export function rotate(file: string, mostBytes = MOST_LOG_BYTES): boolean {
  if (!existsSync(file) || statSync(file).size <= mostBytes) return false;
  rmSync(`${file}.${KEPT_LOGS}`, { force: true });
  for (let n = KEPT_LOGS - 1; n >= 1; n--)
    if (existsSync(`${file}.${n}`)) renameSync(`${file}.${n}`, `${file}.${n + 1}`);
  copyFileSync(file, `${file}.1`);
  truncateSync(file);
  return true;
}
