// npm run restore -- FILE: puts a backup in the place of what is there. What was there is backed up first.
import { parseArgs } from "node:util";
import { makeBackup } from "./backup/make";
import { listBackups } from "./backup/manifest";
import { restoreBackup } from "./backup/restore";
import { backupDir, withDatabase } from "./lib/profile";

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: { profile: { type: "string", default: "own" } },
});
const say = (text: string) => console.log(`  ${text}`);
const [file] = positionals;

if (!file) {
  const known = listBackups(backupDir(values.profile));
  console.error(
    `Which backup? npm run restore -- FILE --profile ${values.profile}\n${known.map((b) => `  ${b.stem}`).join("\n") || "  There is none yet: npm run backup makes one."}`,
  );
  process.exitCode = 1;
} else {
  try {
    const { profile } = values;
    const manifest = await withDatabase(profile, say, (owner) =>
      restoreBackup(owner, file, say, () =>
        makeBackup(owner, `${profile}-before-restore`, backupDir(profile), () => undefined),
      ),
    );
    console.log(
      `Restored: the state of ${manifest.createdAt}. Pages that are open show it once they are loaded again.`,
    );
  } catch (error) {
    console.error(`Not restored: ${error instanceof Error ? error.message : String(error)}`);
    process.exitCode = 1;
  }
}
