import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import ts from "typescript";
import { CAPACITOR_RULES, KIND_WORDS } from "@/core/components";

/**
 * The list of every figure that the trade's arithmetic goes by, made from the docstrings of src/core: what it says, its
 * value, its source, where it stands, and a worked example. `npm run figures` writes docs/figures.md; a test holds the
 * page to the code.
 */

const ROOT = path.join(import.meta.dirname, "..");
const CORE = path.join(ROOT, "src/core");

export type Figure = {
  area: string;
  name: string;
  file: string;
  says: string;
  value: string;
  source: string;
  /** an example of the docstring, or the title of the test that works it out */
  example: string;
};

/** Words of a docstring that say where a figure comes from. */
const SOURCE =
  /(?:Shop(?:'s)? (?:rules?|estimate)|Trade (?:rules?|use)|IEC [\d-]+|IEC \d+|Data sheets?(?:[’'] tolerance)?|data sheets?|Follows from|MIL-STD-\d+|JAN-C-\d+|RMA|RETMA|SI brochure|Sine|Measured curves|Gaussian units)/;

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? files(path.join(folder, entry.name))
      : entry.name.endsWith(".ts")
        ? [path.join(folder, entry.name)]
        : [],
  );

const parse = (file: string) =>
  ts.createSourceFile(file, readFileSync(file, "utf8"), ts.ScriptTarget.Latest, true, ts.ScriptKind.TS);

/** The words of a docstring on one line, without its tags. */
function docOf(node: ts.Node): { text: string; examples: string[] } | undefined {
  const [doc] = ts.getJSDocCommentsAndTags(node).filter(ts.isJSDoc);
  if (!doc) return undefined;
  const one = (comment: string | ts.NodeArray<ts.JSDocComment> | undefined) =>
    (ts.getTextOfJSDocComment(comment) ?? "").replace(/\s+/g, " ").trim();
  const examples = (doc.tags ?? []).filter(({ tagName }) => tagName.text === "example").map((tag) => one(tag.comment));
  return { text: one(doc.comment), examples };
}

/** Numbers, and plain lists, records and sums of numbers. */
function isFigure(node: ts.Expression): boolean {
  if (ts.isNumericLiteral(node) || (ts.isIdentifier(node) && node.text === "Infinity")) return true;
  if (ts.isAsExpression(node) || ts.isParenthesizedExpression(node) || ts.isSatisfiesExpression(node))
    return isFigure(node.expression);
  if (ts.isPrefixUnaryExpression(node)) return isFigure(node.operand);
  if (ts.isBinaryExpression(node)) return [node.left, node.right].every((side) => isFigure(side) || isName(side));
  if (ts.isArrayLiteralExpression(node)) return node.elements.length > 0 && node.elements.every(isFigure);
  if (ts.isObjectLiteralExpression(node))
    return (
      node.properties.length > 0 &&
      node.properties.every((one) => ts.isPropertyAssignment(one) && isFigure(one.initializer))
    );
  return false;
}
const isName = (node: ts.Expression) => ts.isIdentifier(node) || ts.isPropertyAccessExpression(node);

const names = (node: ts.Node): Set<string> => {
  const found = new Set<string>();
  const visit = (child: ts.Node): void => {
    if (ts.isIdentifier(child)) found.add(child.text);
    ts.forEachChild(child, visit);
  };
  visit(node);
  return found;
};

type Declared = { name: string; node: ts.Node; uses: Set<string>; exported: boolean; examples: string[] };

/** Everything that a file declares at its top, with the names that each of it uses. */
function declaredIn(source: ts.SourceFile): Declared[] {
  return source.statements.flatMap((statement): Declared[] => {
    const exported =
      (ts.getCombinedModifierFlags(statement as unknown as ts.Declaration) & ts.ModifierFlags.Export) !== 0;
    const modifiers = ts.canHaveModifiers(statement) ? (ts.getModifiers(statement) ?? []) : [];
    const out = exported || modifiers.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
    const examples = docOf(statement)?.examples ?? [];
    if (ts.isFunctionDeclaration(statement) && statement.name)
      return [{ name: statement.name.text, node: statement, uses: names(statement), exported: out, examples }];
    if (!ts.isVariableStatement(statement)) return [];
    return statement.declarationList.declarations.flatMap((declaration) =>
      ts.isIdentifier(declaration.name)
        ? [{ name: declaration.name.text, node: statement, uses: names(declaration), exported: out, examples }]
        : [],
    );
  });
}

type Test = { title: string; file: string; uses: Set<string>; stems: Set<string>; text: string };

/** Words by their beginnings, so that “discharged” and “discharge” are one. */
const stemsOf = (text: string): Set<string> =>
  new Set((text.toLowerCase().match(/[a-zµδ]{4,}/g) ?? []).map((word) => word.slice(0, 5)));

/** How a figure can stand in a test: as it is, or in percent. */
function spellings(value: string): string[] {
  const numbers = value.match(/-?\d[\d.]*(?:e-?\d+)?/g) ?? [];
  return numbers.flatMap((one) => {
    const number = Number(one);
    return [one, String(number), ...(Math.abs(number) < 10 ? [`${Number((number * 100).toPrecision(6))} %`] : [])];
  });
}

/** From this fit on a test is an example of a figure; below it the docstring has to give one. */
const SPEAKS_OF_IT = 5;

/** How much a test speaks of a figure: words of its title first, then the figure itself. */
function fit(test: Test, doc: string, value: string): number {
  const shared = [...stemsOf(doc)].filter((stem) => test.stems.has(stem)).length;
  const said = spellings(value).some((one) => test.title.includes(one));
  const worked = spellings(value).some((one) => test.text.includes(one));
  return 2 * shared + (said ? 3 : 0) + (worked ? 1 : 0);
}

/** Titles of the tests, each with the names that it uses. */
function testsIn(file: string): Test[] {
  const found: Test[] = [];
  const source = parse(file);
  const made = (title: string, node: ts.Node): Test => {
    const text = node.getText(source);
    return { title, file, uses: names(node), stems: stemsOf(title), text };
  };
  const visit = (node: ts.Node, above: string): void => {
    if (ts.isCallExpression(node)) {
      const callee = node.expression.getText(source);
      const [title] = node.arguments;
      if (/^(?:describe|it)\b/.test(callee) && title && ts.isStringLiteralLike(title)) {
        const whole = `${above}${above ? ": " : ""}${title.text}`;
        if (callee.startsWith("it")) found.push(made(whole, node));
        else node.arguments.forEach((argument) => ts.forEachChild(argument, (child) => visit(child, title.text)));
        return;
      }
      // `it.each([…])("title", …)`
      if (/^it\.each/.test(callee) && title && ts.isStringLiteralLike(title))
        return void found.push(made(`${above}: ${title.text.replace(/: %.*$|%[sdj] ?/g, "").trim()}`, node));
    }
    ts.forEachChild(node, (child) => visit(child, above));
  };
  visit(source, "");
  return found;
}

/** Names that lead from a figure to what is tested: every declaration that uses it, and what uses those. */
function reached(name: string, all: readonly Declared[]): Set<string> {
  const found = new Set([name]);
  for (let size = 0; size < found.size;) {
    size = found.size;
    for (const one of all) if ([...one.uses].some((used) => found.has(used))) found.add(one.name);
  }
  return found;
}

const clean = (text: string) => text.replace(/\|/g, "\\|").replace(/\s+/g, " ").trim();

/** Every figure of core with its source, in the order of the files. */
export function figuresOfCore(): Figure[] {
  const all = files(CORE).sort();
  const tests = all.filter((file) => file.endsWith(".test.ts")).flatMap(testsIn);
  const sources = all
    .filter((file) => !/\.(?:test|bench)\.ts$|\/fixtures\/|\/data\/|fixture\.ts$/.test(file))
    .map(parse);
  const declared = sources.map((source) => ({ source, all: declaredIn(source) }));
  const everything = declared.flatMap((one) => one.all);
  return declared.flatMap(({ source, all: here }) => {
    const file = path.relative(ROOT, source.fileName);
    const area = path.relative(CORE, source.fileName).split("/")[0] ?? "";
    return source.statements.filter(ts.isVariableStatement).flatMap((statement): Figure[] => {
      const doc = docOf(statement);
      const [declaration] = statement.declarationList.declarations;
      if (!doc || !declaration?.initializer || !ts.isIdentifier(declaration.name)) return [];
      if (!isFigure(declaration.initializer) || !SOURCE.test(doc.text)) return [];
      const name = declaration.name.text;
      const near = reached(name, here);
      const own = here.filter((one) => near.has(one.name)).flatMap(({ examples }) => examples);
      const [example] = [...doc.examples, ...own];
      const exported = here.filter((one) => one.exported && near.has(one.name)).map((one) => one.name);
      const far = new Set(exported.flatMap((one) => [...reached(one, everything)]));
      const beside = (test: Test) => path.dirname(test.file) === path.dirname(source.fileName);
      const using = (reach: ReadonlySet<string>) => (test: Test) => [...reach].some((one) => test.uses.has(one));
      const value = declaration.initializer.getText(source);
      const best = (some: readonly Test[]) => {
        const most = some.reduce<Test | undefined>(
          (found, one) => (!found || fit(one, doc.text, value) > fit(found, doc.text, value) ? one : found),
          undefined,
        );
        return most && fit(most, doc.text, value) >= SPEAKS_OF_IT ? most : undefined;
      };
      const test =
        best(tests.filter((one) => beside(one) && using(new Set(exported))(one))) ??
        best(tests.filter((one) => beside(one) && using(far)(one))) ??
        best(tests.filter(using(far)));
      const at = SOURCE.exec(doc.text)?.index ?? 0;
      const sentence = doc.text.slice(doc.text.lastIndexOf(". ", at) + 1).trim();
      return [
        {
          area,
          name,
          file,
          says: clean(doc.text.replace(sentence, "").trim() || doc.text),
          value: clean(value.replace(/ as const$/, "")),
          source: clean(sentence),
          example: clean(example ?? (test ? `${test.title} (${path.basename(test.file)})` : "")),
        },
      ];
    });
  });
}

/** Areas whose functions are the trade’s arithmetic. */
const SUMS_IN = ["components", "diagnosis", "power", "quantity", "readings", "tubes"];

export type Sum = { area: string; name: string; file: string; says: string; example: string };

/** Every function of core that has a worked example in its docstring. */
export function sumsOfCore(): Sum[] {
  const sources = SUMS_IN.flatMap((area) => files(path.join(CORE, area)))
    .sort()
    .filter((file) => !/\.(?:test|bench)\.ts$/.test(file))
    .map(parse);
  return sources.flatMap((source) =>
    source.statements.flatMap((statement): Sum[] => {
      const doc = docOf(statement);
      const name = ts.isFunctionDeclaration(statement)
        ? statement.name?.text
        : ts.isVariableStatement(statement)
          ? statement.declarationList.declarations
              .find(({ initializer }) => initializer && ts.isArrowFunction(initializer))
              ?.name.getText(source)
          : undefined;
      const [example] = doc?.examples ?? [];
      return doc && name && example
        ? [
            {
              area: path.relative(CORE, source.fileName).split("/")[0] ?? "",
              name,
              file: path.relative(ROOT, source.fileName),
              says: clean(doc.text),
              example: clean(example),
            },
          ]
        : [];
    }),
  );
}

/** What may take a capacitor's place, by its role, as a table. */
function rolesTable(): string[] {
  const percent = (fraction: number) => `${fraction < 0 ? "−" : "+"}${Math.abs(Math.round(fraction * 100))} %`;
  return [
    "## Replacement by role",
    "",
    "The trade’s usual rules; a shop may change all but those of the mains roles, whose classes are IEC 60384-14’s.",
    "`CAPACITOR_RULES` in [rules.ts](../src/core/components/rules.ts). Worked through for every role and policy in",
    "limits.test.ts and fits.test.ts.",
    "",
    "| Role | Value | Rating | Kind |",
    "| --- | --- | --- | --- |",
    ...CAPACITOR_RULES.map(
      ({ role, low, high, factor, least, ratedFrom, kind }) =>
        `| ${role} | ${percent(low)} to ${percent(high)} | ${factor} × ${ratedFrom}${least > 0 ? `, at least ${least} V` : ""} | ${KIND_WORDS[kind]} |`,
    ),
    "",
  ];
}

/** The page. */
export function figuresPage(figures: readonly Figure[] = figuresOfCore(), sums: readonly Sum[] = sumsOfCore()): string {
  const areas = [...new Set(figures.map(({ area }) => area))];
  const row = ({ name, file, says, value, source, example }: Figure) =>
    `| ${says} | \`${value}\` | ${source} | \`${name}\` in [${path.basename(file)}](../${file}) | ${example} |`;
  return [
    "# The figures",
    "",
    "Every figure that the arithmetic goes by, with its source, its place in the code, and an example that is worked out:",
    "the one of the docstring, or the test that works with the figure. Made from the docstrings by",
    "`npm run figures`, and held to them by a test. “Shop rule” is the usual figure of the trade where no standard has",
    "one. What a shop may change is on its Rules page, and takes the place of the figure wherever that is used.",
    "",
    "Tables of facts (tube data, base diagrams, colour codes, preferred values, fault rates) are data files beside the",
    "code, each with its source in its head.",
    "",
    ...areas.flatMap((area) => [
      `## ${area}`,
      "",
      "| What it says | Figure | Source | Where | Worked example |",
      "| --- | --- | --- | --- | --- |",
      ...figures.filter((one) => one.area === area).map(row),
      "",
    ]),
    ...rolesTable(),
    "## Sums",
    "",
    "| What it reckons | Where | Worked example |",
    "| --- | --- | --- |",
    ...sums.map(
      ({ name, file, says, example }) =>
        `| ${says} | \`${name}\` in [${path.basename(file)}](../${file}) | \`${example.replaceAll("`", "")}\` |`,
    ),
    "",
  ].join("\n");
}
