import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  cpSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { createHash } from "node:crypto";
import { userInfo } from "node:os";
import path from "node:path";
import process from "node:process";

/** Who the database server runs as. */
export interface ServerUser {
  name: string;
  uid: number;
  gid: number;
  /** Another account than the one that starts it. */
  lowered: boolean;
}

/** The account that Debian's package makes for the server. */
const PACKAGE_USER = "mysql";
/** Where its files go when the project lies in a folder that account may not enter. */
const REACHABLE = "/var/lib/aurelian";

const MARKER = "database-files-are-at";

/** Where a profile's database files are: beside it, unless an earlier start had to put them elsewhere. */
export function homeOf(dir: string): string {
  const marker = path.join(dir, MARKER);
  return existsSync(marker) ? readFileSync(marker, "utf8").trim() : dir;
}

/** Started by root, the server runs as the package's own account; otherwise as whoever starts it. */
export function serverUser(passwd = "/etc/passwd"): ServerUser {
  const { username, uid, gid } = userInfo();
  const me = { name: username, uid, gid, lowered: false };
  if (process.getuid?.() !== 0) return me;
  const line = readFileSync(passwd, "utf8")
    .split("\n")
    .find((l) => l.startsWith(`${PACKAGE_USER}:`));
  if (!line) return me;
  const [name, , id, group] = line.split(":");
  return { name, uid: Number(id), gid: Number(group), lowered: true };
}

/** First folder on the way to `dir` that others may not pass through, from the root down; null when all let them. */
export function closedFolder(dir: string): string | null {
  const parts = path.resolve(dir).split(path.sep).slice(1);
  let at: string = path.sep;
  for (const part of ["", ...parts]) {
    at = path.join(at, part);
    if (existsSync(at) && (statSync(at).mode & 0o001) === 0) return at;
  }
  return null;
}

/**
 * The folder for the server's files. The profile's own folder may be passed through but not read; where a folder above it is closed to
 * others, the files lie under /var/lib instead, moved there if they were made by an earlier version.
 */
export function placeFor(dir: string, user: ServerUser, say: (text: string) => void): string {
  if (!user.lowered) return dir;
  chmodSync(dir, 0o711);
  // Our own folder above the profile's, too.
  const above = path.dirname(dir);
  if (path.basename(above) === ".aurelian") chmodSync(above, 0o711);
  if (closedFolder(dir) === null) return dir;
  const home = path.join(REACHABLE, createHash("sha256").update(dir).digest("hex").slice(0, 16));
  mkdirSync(home, { recursive: true, mode: 0o711 });
  chmodSync(REACHABLE, 0o711);
  chmodSync(home, 0o711);
  // Found again by whoever looks in the project.
  writeFileSync(path.join(dir, MARKER), `${home}\n`);
  const old = path.join(dir, "data");
  if (existsSync(old) && !existsSync(path.join(home, "data"))) {
    say(`moving the database's files to ${home}, where its own account can reach them`);
    move(old, path.join(home, "data"));
  }
  return home;
}

function move(from: string, to: string): void {
  try {
    renameSync(from, to);
  } catch {
    // Another disk: copied whole under another name first, so that a cut never leaves half a database in place.
    cpSync(from, `${to}.part`, { recursive: true, preserveTimestamps: true });
    renameSync(`${to}.part`, to);
    rmSync(from, { recursive: true, force: true });
  }
}

/** Makes the server's account the owner of its files. */
export function giveTo(user: ServerUser, home: string, entries: readonly string[]): void {
  if (!user.lowered) return;
  for (const entry of entries) {
    if (!existsSync(entry) && entry.endsWith(".log")) writeFileSync(entry, "", { mode: 0o640 });
    if (existsSync(entry)) give(user, entry);
  }
  chmodSync(home, 0o711);
}

function give(user: ServerUser, entry: string): void {
  const found = statSync(entry);
  if (found.uid !== user.uid || found.gid !== user.gid) chownSync(entry, user.uid, user.gid);
  if (found.isDirectory()) for (const name of readdirSync(entry)) give(user, path.join(entry, name));
}
