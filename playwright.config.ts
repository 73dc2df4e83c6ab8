import { defineConfig } from "@playwright/test";

/** Started by `npm test`, which runs the server and says where in AURELIAN_URL. */
const shared = {
  baseURL: process.env.AURELIAN_URL,
  // The sentences of the tests are British; pages in American English have a test of their own.
  locale: "en-GB",
  viewport: { width: 1280, height: 800 },
  launchOptions: {
    executablePath: "/usr/bin/chromium",
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
    ],
  },
};

export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results",
  // A guard against hanging, not a measure of speed: a busy machine takes several times as long as a quiet one.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  workers: 2,
  // What passes only the second time has failed.
  retries: 0,
  fullyParallel: false,
  reporter: [["list"]],
  forbidOnly: true,
  use: shared,
  projects: [
    { name: "screens", testIgnore: /outage|restore/ },
    // Takes the database away: alone, after all others.
    { name: "outage", testMatch: /outage/, dependencies: ["screens"] },
    // Puts an older state in the place of everything: alone, last of all.
    { name: "restore", testMatch: /restore/, dependencies: ["outage"] },
  ],
});
