import type { ChildProcess } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import path from "node:path";
import { closeShops, openShops } from "./browser-tests";
import { Trouble } from "./cluster";
import { build, end, ended, ROOT, start } from "./server";
import { checkLicences } from "./licences";
import { checkSizes } from "./sizes";

const REPORTS = path.join(ROOT, ".data/reports");
const report = (name: string) => path.join(REPORTS, `${name}.json`);
const tool = (name: string) => path.join(ROOT, "node_modules", name);

const running = new Set<ChildProcess>();

async function command(args: string[], env: Record<string, string> = {}): Promise<void> {
  const child = start(args, env);
  running.add(child);
  if ((await ended(child)) !== 0)
    throw new Trouble(`failed: ${path.relative(ROOT, args[0] ?? "")} ${args.slice(1).join(" ")}`);
}

const vitest = (project: string) => () =>
  command([
    tool("vitest/vitest.mjs"),
    "run",
    "--project",
    project,
    "--reporter=default",
    "--reporter=json",
    `--outputFile.json=${report(project)}`,
  ]);

/** The browser tests, against the production build. */
async function browserTests(): Promise<void> {
  const shops = await openShops();
  await command([tool("@playwright/test/cli.js"), "test"], {
    SHOPS: shops.lanes.join(" "),
    SHOP_OPENER: shops.opener,
    E2E_REPORT: report("e2e"),
  });
}

type Stage = { name: string; run: () => Promise<void> };

const lint: Stage = { name: "lint", run: () => command([tool("eslint/bin/eslint.js"), ".", "--max-warnings=0"]) };
const layout: Stage = {
  name: "layout of the code",
  run: () => command([tool("prettier/bin/prettier.cjs"), "--check", "--log-level=warn", "."]),
};
const routes: Stage = { name: "route types", run: () => command([tool("next/dist/bin/next"), "typegen"]) };
const types: Stage = { name: "types", run: () => command([tool("typescript/bin/tsc"), "--noEmit"]) };
const rule: Stage = {
  name: "dependency rule",
  run: () =>
    command([tool("dependency-cruiser/bin/dependency-cruise.mjs"), "--config", ".dependency-cruiser.cjs", "src"]),
};
const unit: Stage = { name: "unit tests", run: vitest("unit") };
const integration: Stage = { name: "integration tests", run: vitest("integration") };
/** The circuit solver against ngspice. */
const oracle: Stage = { name: "oracle tests", run: vitest("oracle") };
const production: Stage = {
  name: "production build",
  run: () =>
    build(
      (child) => running.add(child),
      () => {},
    ),
};
/** No page may load much more than it did: the figures are kept in docs/sizes.json. */
const sizes: Stage = {
  name: "first loads",
  run: async () => {
    const trouble = checkSizes();
    if (trouble.length > 0) throw new Trouble(trouble.join("\n"));
  },
};
/** Every package that ships has a licence that was looked at. */
const allowed: Stage = { name: "licences", run: checkLicences };
/** A short part of the torture: kills, odd requests, odd logs, turned bits. */
const torture: Stage = {
  name: "torture, a short part",
  run: () => command(["--import", "tsx", path.join(ROOT, "scripts/torture.ts"), "--quick"]),
};
const e2e: Stage = { name: "browser tests", run: browserTests };

/** Stages of a lane follow one another; the lanes of a round run at the same time, one for each core. */
const PLANS: Record<string, Stage[][][]> = {
  all: [
    [
      [layout, lint, routes, types, rule, allowed, production, sizes, torture],
      [unit, oracle, integration],
    ],
    [[e2e]],
  ],
  unit: [[[unit]]],
  integration: [[[integration]]],
  oracle: [[[oracle]]],
  e2e: [[[production, e2e]]],
};

async function runLane(stages: readonly Stage[]): Promise<void> {
  for (const stage of stages) {
    const from = Date.now();
    console.log(`── ${stage.name}`);
    await stage.run();
    console.log(`   ${stage.name} passed in ${Math.round((Date.now() - from) / 1000)} s`);
  }
}

type VitestReport = { numPassedTests: number; numFailedTests: number };
type PlaywrightReport = { stats: { expected: number; unexpected: number; flaky: number } };

/** Adds up what the runners reported, and nothing else. */
function tally(): string {
  let passed = 0;
  let failed = 0;
  let flaky = 0;
  for (const name of ["unit", "oracle", "integration", "e2e"]) {
    if (!existsSync(report(name))) continue;
    const json = JSON.parse(readFileSync(report(name), "utf8")) as VitestReport | PlaywrightReport;
    flaky += "stats" in json ? json.stats.flaky : 0;
    passed += "stats" in json ? json.stats.expected + json.stats.flaky : json.numPassedTests;
    failed += "stats" in json ? json.stats.unexpected : json.numFailedTests;
  }
  if (flaky > 0) console.log(`${flaky} of them passed only the second time: see “flaky” above.`);
  return `${passed} passed, ${failed} failed`;
}

async function cleanUp(): Promise<void> {
  await Promise.all([...running].map(end));
  await closeShops();
}

for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"] as const)
  process.on(signal, () => void cleanUp().then(() => process.exit(130)));

rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS, { recursive: true });
let code = 0;
try {
  for (const round of PLANS[process.argv[2] ?? "all"] ?? []) await Promise.all(round.map(runLane));
} catch (error) {
  code = 1;
  console.error(error instanceof Trouble ? error.message : error);
}
await cleanUp();
console.log(tally());
process.exit(code);
