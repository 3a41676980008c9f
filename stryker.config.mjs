/**
 * Small mistakes put into the core, one at a time, and the tests that run against each (see scripts/mutants.mts). Texts
 * and patterns are left alone: what a sentence says is for readers, not for tests.
 */
const area = process.env.AREA ?? "power";

const config = {
  testRunner: "vitest",
  plugins: ["@stryker-mutator/vitest-runner"],
  vitest: { configFile: "vitest.mutants.ts" },
  mutate: [`src/core/${area}/**/*.ts`, "!src/core/**/*.test.ts", "!src/core/**/*.bench.ts", "!src/core/**/index.ts"],
  mutator: { excludedMutations: ["StringLiteral", "ObjectLiteral", "Regex"] },
  coverageAnalysis: "perTest",
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 10_000,
  dryRunTimeoutMinutes: 30,
  reporters: ["clear-text", "json"],
  jsonReporter: { fileName: `.data/mutants-${area}.json` },
  incremental: true,
  incrementalFile: `.data/mutants-${area}-${process.env.TESTS ?? "core"}.json`,
  tempDirName: ".data/mutants",
};

export default config;
