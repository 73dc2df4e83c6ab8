import type { DbAddress } from "@/data/db";
import { backupDir } from "../lib/profile";
import { makeBackup, prune } from "./make";
import { isDue, listBackups } from "./manifest";

/** A grower's own data is backed up once a day while the program runs; the demo is not. AURELIAN_BACKUP_HOURS sets another rhythm, 0 none. */
const EVERY_HOURS: Record<string, number> = { own: 24 };
const KEEP = 14;
const LOOK_EVERY_MS = 10 * 60_000;
const FIRST_LOOK_MS = 60_000;

/** Looks now and then whether a backup is due and makes it; answers how to stop. A failure is said and tried again. */
export function scheduleBackups(profile: string, owner: () => DbAddress, say: (text: string) => void): () => void {
  const hours = Number(process.env.AURELIAN_BACKUP_HOURS ?? EVERY_HOURS[profile] ?? 0);
  if (!(hours > 0)) return () => undefined;
  const folder = backupDir(profile);
  let busy = false;
  const look = async () => {
    if (busy || !isDue(listBackups(folder).at(-1)?.at ?? null, new Date(), hours)) return;
    busy = true;
    try {
      const { stem } = await makeBackup(owner(), profile, folder, () => undefined);
      prune(folder, KEEP);
      say(`Backed up and checked: ${stem}.sql.gz (the newest ${KEEP} are kept)`);
    } catch (error) {
      say(`The backup that was due could not be made: ${error instanceof Error ? error.message : String(error)}`);
    } finally {
      busy = false;
    }
  };
  const first = setTimeout(() => void look(), FIRST_LOOK_MS);
  const timer = setInterval(() => void look(), LOOK_EVERY_MS);
  return () => {
    clearTimeout(first);
    clearInterval(timer);
  };
}
