import { defineConfig } from "vitest/config";

/** Work in processes of its own, bundled anew for each run by the global setup. */
export const CHILDREN = new URL("./.data/test-children", import.meta.url).pathname;

const alias = { "@": new URL("./src", import.meta.url).pathname };

export default defineConfig({
  resolve: { alias },
  test: {
    benchmark: { include: ["src/**/*.bench.ts"] },
    projects: [
      {
        resolve: { alias },
        test: {
          name: "unit",
          include: ["src/**/*.test.ts", "scripts/**/*.test.ts", "tests/stories/**/*.test.ts"],
          benchmark: { include: ["src/**/*.bench.ts"] },
          // Core is pure: files share a thread's modules, which takes a third of the time.
          pool: "threads",
          isolate: false,
          // A slow machine is no failure: this only ends what hangs.
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: "oracle",
          include: ["tests/oracle/**/*.test.ts"],
          benchmark: { include: [] },
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: "integration",
          include: ["tests/integration/**/*.test.ts"],
          env: {
            JUMELLE_SECRET: "a secret of the integration tests, and of them alone",
            JUMELLE_CHILDREN: CHILDREN,
          },
          benchmark: { include: [] },
          globalSetup: ["tests/integration/global-setup.ts"],
          fileParallelism: false,
          testTimeout: 60_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
