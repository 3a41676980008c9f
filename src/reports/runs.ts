import type { Content } from "pdfmake/interfaces";
import {
  cellText,
  changeText,
  compareRuns,
  figureText,
  givesOf,
  printFigure,
  runTable,
  setupDifferences,
  SHIPPED,
  type Pair,
  type RunTable,
} from "@/core/sheets";
import { drawnBy, runPair, sheetOf, sheetRuns, type Run } from "@/core/visit";
import { runCurve } from "./charts";
import type { Folded } from "./facts";
import { para, table } from "./pieces";

/** Columns that fit beside one another on a page. */
const MOST_ACROSS = 6;

const figure = ({ before, after, quantity, unit, change }: Pair): string => {
  const print = (value: number | undefined) => (value === undefined ? undefined : printFigure(value, quantity, unit));
  const [from, to] = [print(before), print(after)];
  const whole = (one: typeof from) => (one ? `${one.number}${one.unit ? ` ${one.unit}` : ""}` : "–");
  if (!from || !to) return whole(to ?? from);
  const moved = change ? `\n${changeText(change)}` : "";
  return `${from.unit === to.unit ? from.number : whole(from)} → ${whole(to)}${moved}`;
};

/** A single run: its figures as they stand, struck rows with their reason. */
function runRows({ columns, rows }: RunTable): { names: string[]; lines: string[][] } {
  return {
    names: columns.map(({ name }) => name),
    lines: rows.map(({ label, shown, void: reason }) => [
      reason === undefined ? label : `${label}\nvoid: ${reason}`,
      ...columns.map(({ key }) => {
        const cell = shown.find((one) => one.key === key);
        if (!cell) return "–";
        const text =
          cell.value === undefined || cell.quantity === "text"
            ? (cell.text ?? "")
            : figureText(cell.value, cell.quantity, cell.unit);
        const limit =
          cell.verdict === "bad" && cell.limit
            ? `\n${cell.limit.sense === "at-most" ? "over" : "under"} ${cell.limit.text}`
            : "";
        return `${text}${limit}`;
      }),
    ]),
  };
}

function tables(names: readonly string[], lines: readonly (readonly string[])[]): (Content | undefined)[] {
  const parts = Math.ceil(names.length / MOST_ACROSS);
  return Array.from({ length: parts }, (_, part) => {
    const [from, to] = [part * MOST_ACROSS, (part + 1) * MOST_ACROSS];
    return table(
      [
        { title: "Row", width: 88 },
        ...names.slice(from, to).map((title) => ({ title, width: "*" as const, right: true })),
      ],
      lines.map(([label = "", ...cells]) => [label, ...cells.slice(from, to)]),
    );
  });
}

const setupOf = ({ given }: Run) => given.map((cell) => `${cell.name} ${cellText(cell)}`).join(", ");

/** The runs of test sheets of this visit: before and after over each other, else the one that there is; its curve as vectors. */
export function runSections({ settled, visit, input }: Folded): (Content | undefined)[] {
  const sheets = input.sheets ?? SHIPPED;
  const runs = sheetRuns(settled);
  const keys = [...new Set(runs.filter((run) => run.visitId === visit.id).map(({ sheet }) => sheet.key))];
  return keys.flatMap((key): (Content | undefined)[] => {
    const { before, after } = runPair(runs, visit.id, key);
    const last = after ?? before;
    if (!last) return [];
    const of = (run: Run) => ({ rows: run.rows, table: runTable(drawnBy(run, sheets), run.rows) });
    const [a, b] = [before && of(before), after && of(after)];
    const shown = (b ?? a) as ReturnType<typeof of>;
    const setup = setupOf(last);
    const differs = before && after ? setupDifferences(before.given, after.given) : [];
    const compared = a && b ? compareRuns(a, b) : undefined;
    const columns = shown.table.columns;
    const { names, lines } = compared
      ? {
          names: columns.map(({ name }) => name),
          lines: compared.map(({ label, pairs }) => [
            label,
            ...columns.map((column) => {
              const pair = pairs.find((one) => one.key === column.key);
              return pair ? figure(pair) : "–";
            }),
          ]),
        }
      : runRows(shown.table);
    const sheet = sheetOf(last, sheets);
    const axis = (of_: string) => {
      const column = sheet && [...sheet.rowBy, ...sheet.columns].find((one) => one.key === of_);
      const worked = sheet?.worked.find((one) => one.key === of_);
      return {
        name: column?.name ?? worked?.name ?? of_,
        quantity: column?.quantity ?? (worked ? givesOf(worked.by) : ("number" as const)),
      };
    };
    const { curve } = shown.table;
    const drawn = curve
      ? runCurve(
          [
            ...(a?.table.curve ? [{ name: b ? "before" : "measured", points: a.table.curve.drawn }] : []),
            ...(b?.table.curve ? [{ name: a ? "after" : "measured", points: b.table.curve.drawn }] : []),
          ],
          { x: axis(curve.x), y: axis(curve.y), log: curve.log },
        )
      : undefined;
    const sums = shown.table.sums.map(({ name, value, quantity, text }) =>
      value === undefined ? `${name}: ${text ?? ""}` : `${name}: ${figureText(value, quantity ?? "number")}`,
    );
    return [
      para(`${last.sheet.name}${compared ? ", before and after" : ""}${setup ? `. ${setup}.` : ""}`, "strong"),
      ...(differs.length > 0 ? [para(`The set-up differs: ${differs.join("; ")}.`)] : []),
      ...(drawn ? [{ svg: drawn, margin: [0, 0, 0, 6] as [number, number, number, number] }] : []),
      ...tables(names, lines),
      ...(sums.length > 0 ? [para(`${sums.join(". ").replace(/\.$/, "")}.`)] : []),
    ];
  });
}
