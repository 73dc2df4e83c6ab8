const config = {
  testEnvironment: "node",
  // Tests on a database build whole sites and their seasons.
  testTimeout: 60_000,
  setupFiles: ["<rootDir>/test-support/setup.ts"],
  roots: [
    "<rootDir>/core",
    "<rootDir>/calc",
    "<rootDir>/data",
    "<rootDir>/demo",
    "<rootDir>/features",
    "<rootDir>/formats",
    "<rootDir>/scripts",
    "<rootDir>/server",
    "<rootDir>/solve",
    "<rootDir>/standins",
    "<rootDir>/ui",
    "<rootDir>/workers",
  ],
  testMatch: ["**/*.test.ts", "**/*.test.tsx"],
  extensionsToTreatAsEsm: [".ts", ".tsx"],
  transform: { "^.+\\.tsx?$": "<rootDir>/test-support/transform.mjs" },
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1", "^server-only$": "<rootDir>/test-support/empty.ts" },
};

export default config;
