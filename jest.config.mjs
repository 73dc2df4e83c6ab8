const config = {
  testEnvironment: "node",
  // Models run about ten times slower inside the test runner's sandbox than outside it.
  testTimeout: 120_000,
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
    "<rootDir>/ui",
  ],
  testMatch: ["**/*.test.ts", "**/*.test.tsx"],
  extensionsToTreatAsEsm: [".ts", ".tsx"],
  transform: {
    "^.+\\.tsx?$": [
      "@swc/jest",
      {
        jsc: {
          target: "es2022",
          parser: { syntax: "typescript", tsx: true },
          transform: { react: { runtime: "automatic" } },
        },
        module: { type: "es6" },
      },
    ],
  },
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/$1", "^server-only$": "<rootDir>/test-support/empty.ts" },
};

export default config;
