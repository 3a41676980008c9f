/**
 * How well the tests of the core hold: `npm run mutants [-- --area power] [-- --tests own]`. Stryker puts small mistakes
 * into an area, one at a time; a mistake that no test notices has survived. With `own` only the tests that stand beside
 * the code are run, which is quicker and can only give less. The scores are kept in docs/mutants.json, and told in
 * docs/mutants.md. What was tried before is kept in .data, so that a second run tries only what has changed since.
 */
import { spawn } from "node:child_process";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { parseArgs } from "node:util";
import { ROOT } from "./server";
import { told, type Score } from "./mutants-told";

const AREAS = ["power", "readings", "components", "visit", "handback"];
const KEPT = path.join(ROOT, "docs/mutants.json");

type Mutant = { status: string };
type Report = { files: Record<string, { mutants: Mutant[] }> };

const { values } = parseArgs({ options: { area: { type: "string" }, tests: { type: "string", default: "core" } } });
if (values.tests !== "core" && values.tests !== "own") throw new Error("--tests is core or own");
const tests = values.tests;

function run(area: string): Promise<void> {
  const stryker = path.join(ROOT, "node_modules/@stryker-mutator/core/bin/stryker.js");
  const child = spawn(process.execPath, [stryker, "run"], {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, AREA: area, TESTS: tests },
  });
  return new Promise((resolve, reject) => {
    child.once("exit", (code) => (code === 0 ? resolve() : reject(new Error(`${area}: the run ended with ${code}`))));
  });
}

/** Mistakes tried in each file, and those that lived. */
function scoreOf(area: string): Score {
  const { files } = JSON.parse(readFileSync(path.join(ROOT, `.data/mutants-${area}.json`), "utf8")) as Report;
  const counted = Object.entries(files).map(([file, { mutants }]) => {
    const noticed = mutants.filter(({ status }) => status === "Killed" || status === "Timeout").length;
    const lived = mutants.filter(({ status }) => status === "Survived" || status === "NoCoverage").length;
    return { file, tried: noticed + lived, lived };
  });
  return { on: new Date().toISOString().slice(0, 10), tests, files: counted.filter(({ tried }) => tried > 0) };
}

const kept = existsSync(KEPT) ? (JSON.parse(readFileSync(KEPT, "utf8")) as Record<string, Score>) : {};
for (const area of AREAS.filter((one) => !values.area || values.area === one)) {
  await run(area);
  kept[area] = scoreOf(area);
  writeFileSync(KEPT, `${JSON.stringify(kept, null, 2)}\n`);
  writeFileSync(path.join(ROOT, "docs/mutants.md"), told(kept));
}
