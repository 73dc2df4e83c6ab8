import { homeOf } from "./database-user";
import { existsSync, readFileSync } from "node:fs";
import path from "node:path";
import type { DbAddress } from "@/data/db";
import { ownerAddressIn, startDatabase } from "./mariadb";
import { isOurs, readPid } from "./processes";

/** Ports of each profile; others share a third pair. */
const PORTS: Record<string, { web: number; db: number; weather: number }> = {
  demo: { web: 4310, db: 43310, weather: 44310 },
  own: { web: 4320, db: 43320, weather: 44320 },
};
export const portsOf = (profile: string) => PORTS[profile] ?? { web: 4330, db: 43330, weather: 44330 };

export const profileDir = (profile: string) => path.resolve(".aurelian", profile);
export const backupDir = (profile: string) => path.resolve("backups", profile);

/** Works on a profile's database as its owner: the running one, or one started for the purpose and stopped again. */
export async function withDatabase<T>(
  profile: string,
  say: (text: string) => void,
  work: (owner: DbAddress) => Promise<T>,
): Promise<T> {
  const dir = profileDir(profile);
  if (!existsSync(path.join(homeOf(dir), "data")))
    throw new Error(`There is no database of the profile "${profile}" yet: start it once first.`);
  const pid = readPid(path.join(dir, "db.pid"));
  const portFile = path.join(dir, "db.port");
  if (pid !== null && isOurs(pid, path.join(homeOf(dir), "data")) && existsSync(portFile))
    return work(ownerAddressIn(dir, Number(readFileSync(portFile, "utf8"))));
  say("the application is not running: starting its database for this");
  const database = await startDatabase(dir, portsOf(profile).db, say);
  try {
    return await work(database.ownerAddress);
  } finally {
    await database.stop();
  }
}
