import { defineConfig, devices } from "@playwright/test";
import { CHROMIUM } from "./scripts/chromium";

/**
 * Started by bin/test, which brings the servers and their addresses: a lane of tests for each. By hand, `SHOPS` names
 * the address of a demo that is running. Debian's Chromium is used, and none is downloaded.
 */
const shops = (process.env.SHOPS ?? "http://127.0.0.1:3000").split(" ");

export default defineConfig({
  testDir: "tests/e2e",
  fullyParallel: false,
  workers: shops.length,
  // A test that passes the second time is named as flaky in the report, and by bin/test.
  retries: 1,
  // A slow machine is no failure: these only end what hangs.
  timeout: 480_000,
  expect: { timeout: 20_000 },
  reporter: [["list"], ["json", { outputFile: process.env.E2E_REPORT ?? "test-results/report.json" }]],
  use: {
    actionTimeout: 40_000,
    ...devices["Desktop Chrome"],
    viewport: { width: 1280, height: 800 },
    trace: "off",
    // Nothing moves, as for people who ask for that: no press waits for the end of a movement.
    contextOptions: { reducedMotion: "reduce" },
    launchOptions: CHROMIUM,
  },
});
