import { defineConfig } from "vitest/config";

/** The tests of the core alone: those that mistakes in the core are run against. */
export default defineConfig({
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  test: { include: ["src/core/**/*.test.ts"] },
});
