import { createHash } from "node:crypto";
import { createReadStream, existsSync, readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { z } from "zod";

/** What stands beside a dump: when and of what it was made, and how to tell that it is whole. */
const manifestSchema = z.object({
  format: z.literal(1),
  createdAt: z.iso.datetime(),
  profile: z.string(),
  server: z.string(),
  migrations: z.array(z.string()).min(1),
  dump: z.object({ file: z.string(), bytes: z.number().int(), sha256: z.string().length(64) }),
  tables: z.record(z.string(), z.object({ rows: z.number().int(), sha256: z.string() })),
});
export type Manifest = z.infer<typeof manifestSchema>;

const DUMP_END = ".sql.gz";
const MANIFEST_END = ".json";

/** Both files of a backup, from the name of either. */
export function filesOf(file: string): { dump: string; manifest: string } {
  const stem = file.endsWith(DUMP_END)
    ? file.slice(0, -DUMP_END.length)
    : file.endsWith(MANIFEST_END)
      ? file.slice(0, -MANIFEST_END.length)
      : file;
  return { dump: `${stem}${DUMP_END}`, manifest: `${stem}${MANIFEST_END}` };
}

class Unusable extends Error {}

export function readManifest(file: string): Manifest {
  if (!existsSync(file))
    throw new Unusable(`There is no ${file}. A backup is two files: …${DUMP_END} and …${MANIFEST_END}.`);
  try {
    return manifestSchema.parse(JSON.parse(readFileSync(file, "utf8")));
  } catch {
    throw new Unusable(`${file} is not the description of a backup, or it is damaged.`);
  }
}

export async function sha256Of(file: string): Promise<string> {
  const hash = createHash("sha256");
  for await (const chunk of createReadStream(file)) hash.update(chunk as Buffer);
  return hash.digest("hex");
}

/** A dump that is there, whole, and of a schema this program knows; otherwise why not. */
export async function refuseUnusable(
  manifest: Manifest,
  dump: string,
  knownMigrations: readonly string[],
): Promise<void> {
  const newer = manifest.migrations.filter((name) => !knownMigrations.includes(name));
  if (newer.length > 0)
    throw new Unusable(
      `This backup was made by a newer program: its database knows ${newer.join(", ")}, which this one does not. Update the program, then restore. Nothing was changed.`,
    );
  if (!existsSync(dump)) throw new Unusable(`${dump} is missing. A backup is two files, kept together.`);
  if ((await sha256Of(dump)) !== manifest.dump.sha256)
    throw new Unusable(`${dump} is damaged: it is not what was written on ${manifest.createdAt}. Nothing was changed.`);
}

/** Backups of a folder, oldest first. */
export function listBackups(folder: string): { stem: string; at: Date }[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => name.endsWith(MANIFEST_END))
    .flatMap((name) => {
      try {
        const manifest = readManifest(path.join(folder, name));
        return [{ stem: path.join(folder, name.slice(0, -MANIFEST_END.length)), at: new Date(manifest.createdAt) }];
      } catch {
        return [];
      }
    })
    .sort((a, b) => a.at.getTime() - b.at.getTime());
}

/** Whether the next backup of a schedule is due. */
export function isDue(newest: Date | null, now: Date, everyHours: number): boolean {
  return everyHours > 0 && (newest === null || now.getTime() - newest.getTime() >= everyHours * 3_600_000);
}
