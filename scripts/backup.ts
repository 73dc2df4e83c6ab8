// npm run backup: a consistent, checked copy of a profile's database, made while the application runs.
import path from "node:path";
import { parseArgs } from "node:util";
import { digestOf, makeBackup, prune } from "./backup/make";
import { backupDir, withDatabase } from "./lib/profile";

const { values } = parseArgs({
  options: {
    profile: { type: "string", default: "own" },
    to: { type: "string" },
    keep: { type: "string", default: "0" },
  },
});
const folder = path.resolve(values.to ?? backupDir(values.profile));
const say = (text: string) => console.log(`  ${text}`);

try {
  const { stem, manifest } = await withDatabase(values.profile, say, (owner) =>
    makeBackup(owner, values.profile, folder, say),
  );
  const rows = Object.values(manifest.tables).reduce((n, t) => n + t.rows, 0);
  console.log(
    `Backup made and checked: ${rows} rows in ${Object.keys(manifest.tables).length} tables, every one compared (${digestOf(manifest.tables)}).\n  ${stem}.sql.gz (${Math.ceil(manifest.dump.bytes / 1024)} kB) and .json\nRestore it with: npm run restore -- ${path.relative(process.cwd(), stem)} --profile ${values.profile}`,
  );
  const gone = prune(folder, Number(values.keep));
  if (gone > 0) say(`${gone} older ${gone === 1 ? "backup" : "backups"} removed, ${values.keep} kept`);
} catch (error) {
  console.error(`No backup was made: ${error instanceof Error ? error.message : String(error)}`);
  process.exitCode = 1;
}
