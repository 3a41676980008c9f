/**
 * How well the tests hold: `npm run mutants [-- --sample 120] [--seed 1] [--area power]`. Small mistakes are put into a
 * copy of the core, one at a time; the tests that import the file run against each. A mistake that no test notices has
 * survived. The score goes into docs/mutants.md.
 */
import { spawn } from "node:child_process";
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from "node:fs";
import { availableParallelism } from "node:os";
import path from "node:path";
import { parseArgs } from "node:util";
import ts from "typescript";
import { ROOT } from "./server";

const AREAS = ["power", "readings", "components", "visit", "handback"];
/** So long may the tests of one mistake take, ms: one that loops is noticed. */
const PATIENCE = 90_000;

const { values } = parseArgs({
  options: {
    sample: { type: "string", default: "120" },
    seed: { type: "string", default: "1" },
    area: { type: "string" },
  },
});

type Mutant = { area: string; file: string; line: number; at: number; end: number; was: string; now: string };

const SWAPS: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: "<=",
  [ts.SyntaxKind.LessThanEqualsToken]: "<",
  [ts.SyntaxKind.GreaterThanToken]: ">=",
  [ts.SyntaxKind.GreaterThanEqualsToken]: ">",
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: "!==",
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: "===",
  [ts.SyntaxKind.AmpersandAmpersandToken]: "||",
  [ts.SyntaxKind.BarBarToken]: "&&",
  [ts.SyntaxKind.PlusToken]: "-",
  [ts.SyntaxKind.MinusToken]: "+",
  [ts.SyntaxKind.AsteriskToken]: "/",
  [ts.SyntaxKind.SlashToken]: "*",
};

/** Every small mistake that may be made in a file. */
function mutantsOf(area: string, file: string): Mutant[] {
  const text = readFileSync(path.join(ROOT, file), "utf8");
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const add = (node: ts.Node, now: string) => {
    const at = node.getStart(source);
    const line = source.getLineAndCharacterOfPosition(at).line + 1;
    found.push({ area, file, line, at, end: node.getEnd(), was: node.getText(source), now });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const swap = SWAPS[node.operatorToken.kind];
      // Texts are joined, not reckoned.
      const joins = [node.left, node.right].some(
        (side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side),
      );
      if (swap && !joins) add(node.operatorToken, swap);
    }
    if (ts.isNumericLiteral(node)) add(node, node.text === "0" ? "1" : `(${node.text} * 1.5)`);
    if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, "false");
    if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, "true");
    if (ts.isConditionalExpression(node)) add(node.condition, `!(${node.condition.getText(source)})`);
    if (ts.isIfStatement(node)) add(node.expression, `!(${node.expression.getText(source)})`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** The same numbers for the same seed. */
function shuffled<T>(items: readonly T[], seed: number): T[] {
  let state = seed;
  const random = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  return items
    .map((item) => ({ item, order: random() }))
    .sort((a, b) => a.order - b.order)
    .map(({ item }) => item);
}

const WORK = path.join(ROOT, ".data/mutants");

/** A copy of the sources for one worker. */
function copy(n: number): string {
  const folder = path.join(WORK, String(n));
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  for (const entry of ["src", "scripts", "package.json", "tsconfig.json", "vitest.config.ts"])
    cpSync(path.join(ROOT, entry), path.join(folder, entry), { recursive: true });
  mkdirSync(path.join(folder, "tests"));
  cpSync(path.join(ROOT, "tests/fixtures"), path.join(folder, "tests/fixtures"), { recursive: true });
  symlinkSync(path.join(ROOT, "node_modules"), path.join(folder, "node_modules"));
  return folder;
}

/** Do the tests that lead to the file notice? */
function noticed(folder: string, file: string): Promise<boolean> {
  const vitest = path.join(folder, "node_modules/vitest/vitest.mjs");
  const args = [vitest, "related", file, "--run", "--project", "unit", "--bail", "1", "--reporter", "dot"];
  const child = spawn(process.execPath, args, { cwd: folder, stdio: "ignore" });
  return new Promise((resolve) => {
    const patience = setTimeout(() => child.kill("SIGKILL"), PATIENCE);
    child.once("exit", (code) => {
      clearTimeout(patience);
      resolve(code !== 0);
    });
  });
}

const sources = AREAS.filter((area) => !values.area || values.area === area).flatMap((area) =>
  readdirSync(path.join(ROOT, "src/core", area), { recursive: true, encoding: "utf8" })
    .filter((name) => name.endsWith(".ts") && !/\.(test|bench)\.ts$|index\.ts$/.test(name))
    .map((name) => ({ area, file: path.join("src/core", area, name) })),
);
const all = sources.flatMap(({ area, file }) => mutantsOf(area, file));
const chosen = shuffled(all, Number(values.seed)).slice(0, Number(values.sample));
const queue = [...chosen];
const survived: Mutant[] = [];

async function worker(n: number): Promise<void> {
  const folder = copy(n);
  for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
    const place = path.join(folder, mutant.file);
    const text = readFileSync(place, "utf8");
    writeFileSync(place, text.slice(0, mutant.at) + mutant.now + text.slice(mutant.end));
    if (!(await noticed(folder, mutant.file))) {
      survived.push(mutant);
      console.log(`survived: ${mutant.file}:${mutant.line}  ${mutant.was} → ${mutant.now}`);
    }
    writeFileSync(place, text);
  }
}

await Promise.all(Array.from({ length: Math.min(4, availableParallelism()) }, (_, n) => worker(n)));
rmSync(WORK, { recursive: true, force: true });

const rows = AREAS.map((area) => {
  const tried = chosen.filter((mutant) => mutant.area === area).length;
  const lived = survived.filter((mutant) => mutant.area === area).length;
  return { area, tried, lived, possible: all.filter((mutant) => mutant.area === area).length };
}).filter(({ tried }) => tried > 0);
const percent = (tried: number, lived: number) => `${Math.round((100 * (tried - lived)) / tried)} %`;
for (const { area, tried, lived } of rows) console.log(`${area.padEnd(12)} ${percent(tried, lived)} of ${tried}`);
console.log(`together     ${percent(chosen.length, survived.length)} of ${chosen.length}`);
if (!values.area)
  writeFileSync(
    path.join(ROOT, "docs/mutants.md"),
    [
      "# How well the tests hold",
      "",
      "`npm run mutants` puts small mistakes into a copy of the core, one at a time, and runs the tests that import the",
      "file. The score is the share of mistakes that a test notices. The aim is 85 %.",
      "",
      `A sample of ${chosen.length} of ${all.length} possible mistakes, seed ${values.seed}:`,
      "",
      "| Area | Noticed | Tried | Possible |",
      "| --- | --- | --- | --- |",
      ...rows.map(
        ({ area, tried, lived, possible }) => `| ${area} | ${percent(tried, lived)} | ${tried} | ${possible} |`,
      ),
      `| together | ${percent(chosen.length, survived.length)} | ${chosen.length} | ${all.length} |`,
      "",
      ...(survived.length > 0
        ? [
            "Not noticed:",
            "",
            ...survived.map(({ file, line, was, now }) => `- \`${file}:${line}\`: \`${was}\` → \`${now}\``),
            "",
          ]
        : []),
    ].join("\n"),
  );
