import { defineConfig } from "vitest/config";

/** The tests that mistakes in the core are run against: those of the core, or of one area of it. */
const within = process.env.TESTS === "own" ? `src/core/${process.env.AREA}` : "src/core";

export default defineConfig({
  resolve: { alias: { "@": new URL("./src", import.meta.url).pathname } },
  test: { include: [`${within}/**/*.test.ts`] },
});
