import { readdirSync } from "node:fs";

/** Everything but these holds tests of its own: a new folder is tested without being named here. */
const WITHOUT = [
  "node_modules",
  "dist",
  "docs",
  "e2e",
  "public",
  "bench",
  "test-results",
  "playwright-report",
  "backups",
];
const roots = readdirSync(new URL(".", import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !entry.name.startsWith(".") && !WITHOUT.includes(entry.name))
  .map((entry) => `<rootDir>/${entry.name}`);

const config = {
  testEnvironment: "node",
  // Tests on a database build whole sites and their seasons.
  testTimeout: 60_000,
  // Two at once even on two cores: tests on the database wait for it more than they compute.
  maxWorkers: 2,
  setupFiles: ["<rootDir>/test-support/setup.ts"],
  roots,
  testMatch: ["**/*.test.ts", "**/*.test.tsx"],
  extensionsToTreatAsEsm: [".ts", ".tsx"],
  transform: { "^.+\\.tsx?$": "<rootDir>/test-support/transform.mjs" },
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1", "^server-only$": "<rootDir>/test-support/empty.ts" },
};

export default config;
