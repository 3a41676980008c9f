/**
 * How well the tests of the core hold: `npm run mutants [-- --area power]`. Stryker puts small mistakes into an area,
 * one at a time; a mistake that no test notices has survived. The scores go into docs/mutants.md. What was tried before
 * is kept in .data, so that a second run tries only what has changed since.
 */
import { spawn } from "node:child_process";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { parseArgs } from "node:util";
import { ROOT } from "./server";

const AREAS = ["power", "readings", "components", "visit", "handback"];
const AIM = 85;

type Mutant = { status: string; mutatorName: string; replacement?: string; location: { start: { line: number } } };
type Report = { files: Record<string, { mutants: Mutant[] }> };

const { values } = parseArgs({ options: { area: { type: "string" } } });
const reportOf = (area: string) => path.join(ROOT, `.data/mutants-${area}.json`);

function run(area: string): Promise<void> {
  const stryker = path.join(ROOT, "node_modules/@stryker-mutator/core/bin/stryker.js");
  const child = spawn(process.execPath, [stryker, "run"], {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, AREA: area },
  });
  return new Promise((resolve, reject) => {
    child.once("exit", (code) => (code === 0 ? resolve() : reject(new Error(`${area}: the run ended with ${code}`))));
  });
}

/** Those noticed and those that lived, by file. */
function scoreOf(area: string) {
  const { files } = JSON.parse(readFileSync(reportOf(area), "utf8")) as Report;
  const rows = Object.entries(files).map(([file, { mutants }]) => {
    const noticed = mutants.filter(({ status }) => status === "Killed" || status === "Timeout").length;
    const lived = mutants.filter(({ status }) => status === "Survived" || status === "NoCoverage");
    return { file, noticed, lived };
  });
  const noticed = rows.reduce((sum, row) => sum + row.noticed, 0);
  const lived = rows.reduce((sum, row) => sum + row.lived.length, 0);
  return { area, noticed, lived, score: (100 * noticed) / (noticed + lived), rows };
}

const chosen = AREAS.filter((area) => !values.area || values.area === area);
for (const area of chosen) await run(area);

const scores = AREAS.filter((area) => existsSync(reportOf(area))).map(scoreOf);
const percent = (score: number) => `${score.toFixed(1)} %`;
const noticed = scores.reduce((sum, one) => sum + one.noticed, 0);
const tried = scores.reduce((sum, one) => sum + one.noticed + one.lived, 0);
writeFileSync(
  path.join(ROOT, "docs/mutants.md"),
  [
    "# How well the tests hold",
    "",
    "`npm run mutants` puts small mistakes into the core, one at a time, and runs the tests of the core against each. The",
    `score is the share of mistakes that a test notices. The aim is ${AIM} %. Changes of texts and patterns are not counted.`,
    "",
    `Last run: ${new Date().toISOString().slice(0, 10)}.`,
    "",
    "| Area | Noticed | Mistakes | Not noticed |",
    "| --- | ---: | ---: | ---: |",
    ...scores.map((one) => `| ${one.area} | ${percent(one.score)} | ${one.noticed + one.lived} | ${one.lived} |`),
    `| together | ${percent((100 * noticed) / tried)} | ${tried} | ${tried - noticed} |`,
    "",
    "Files below the aim:",
    "",
    ...scores.flatMap(({ rows }) =>
      rows
        .filter((row) => row.lived.length > 0 && (100 * row.noticed) / (row.noticed + row.lived.length) < AIM)
        .map((row) => `- \`${row.file}\`: ${row.lived.length} of ${row.noticed + row.lived.length} not noticed`),
    ),
    "",
  ].join("\n"),
);
for (const one of scores) console.log(`${one.area.padEnd(12)} ${percent(one.score)}`);
if (scores.some(({ score }) => score < AIM)) console.log(`The aim is ${AIM} %.`);
