// Finds a profile's database and runs the rebuild on it with the application's own rights.
import { parseArgs } from "node:util";
import { databaseEnv } from "./lib/mariadb";
import { withDatabase } from "./lib/profile";
import { runToEnd } from "./lib/processes";

const { values } = parseArgs({ options: { profile: { type: "string", default: "own" } } });
try {
  await withDatabase(values.profile, console.log, (owner) =>
    runToEnd(process.execPath, ["--conditions=react-server", "--import", "tsx", "scripts/rebuild.ts"], {
      env: { ...process.env, ...databaseEnv(owner) },
      show: true,
    }),
  );
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
