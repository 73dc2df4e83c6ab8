export default {
  testEnvironment: "node",
  roots: [
    "<rootDir>/core",
    "<rootDir>/calc",
    "<rootDir>/data",
    "<rootDir>/demo",
    "<rootDir>/features",
    "<rootDir>/formats",
    "<rootDir>/server",
    "<rootDir>/ui",
  ],
  testMatch: ["**/*.test.ts"],
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
