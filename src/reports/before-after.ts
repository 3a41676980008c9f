import type { Content } from "pdfmake/interfaces";
import { printMeasured } from "@/core/readings";
import { compareVisit, OUTCOME_WORDS, testRows, type TestRow } from "@/core/visit";
import { testBars } from "./charts";
import type { Folded } from "./facts";
import { para, table } from "./pieces";

/** The readings of the baseline and of the proof. @param measured only points that were measured both times */
export function comparisonTable({ settled, visit, input }: Folded, measured = false): Content | undefined {
  const rows = compareVisit(input.model.sheet, input.model.year, settled, visit.id).filter((row) =>
    measured ? row.before && row.after : (row.before ?? row.after),
  );
  const print = (value: number | undefined, row: (typeof rows)[number]) =>
    value === undefined ? "–" : printMeasured(value, row.quantity);
  return table(
    [
      { title: "Point", width: "*" },
      { title: "Expected", width: 62, right: true },
      { title: "Before", width: 62, right: true },
      { title: "After", width: 62, right: true },
      { title: "Outcome", width: 140 },
    ],
    rows.map((row) => [
      row.point,
      print((row.after ?? row.before)?.judgement.corrected ?? row.expected?.value, row),
      print(row.before?.payload.measured.value, row),
      print(row.after?.payload.measured.value, row),
      [row.mark, OUTCOME_WORDS[row.outcome], ...row.setup].filter(Boolean).join("; "),
    ]),
  );
}

/** The tests of the whole set that were made in this visit. */
export const testsOf = ({ settled, visit }: Folded): TestRow[] =>
  testRows(settled, visit.id).filter((row) => row.before ?? row.after);

/** Tests that were made under three conditions or more, in one unit, are drawn. */
function drawn(rows: readonly TestRow[]): TestRow[][] {
  const names = [...new Set(rows.map(({ test }) => test))];
  return names
    .map((test) => rows.filter((row) => row.test === test))
    .filter((group) => group.length >= 3 && new Set(group.map(({ unit }) => unit ?? "")).size === 1);
}

/** Tests as bars, where they can be drawn, and as a table. */
export function testTables(rows: readonly TestRow[]): (Content | undefined)[] {
  const unit = (row: TestRow) => (row.unit ? ` ${row.unit}` : "");
  const bars = drawn(rows).flatMap((group): Content[] => [
    para(`${group[0]?.test ?? ""}, before and after`, "dim"),
    { svg: testBars(group), margin: [0, 0, 0, 6] },
  ]);
  return [
    ...bars,
    table(
      [
        { title: "Test", width: "*" },
        { title: "Limit", width: 62, right: true },
        { title: "Before", width: 62, right: true },
        { title: "After", width: 62, right: true },
        { title: "Outcome", width: 130 },
      ],
      rows.map((row) => [
        `${row.test}${row.condition ? ` at ${row.condition}` : ""}`,
        row.limit ? `${row.limit.sense === "at-most" ? "≤" : "≥"} ${row.limit.text}${unit(row)}` : "–",
        row.before ? `${row.before.payload.measured.text}${unit(row)}` : "–",
        row.after ? `${row.after.payload.measured.text}${unit(row)}` : "–",
        [row.against, row.mark, OUTCOME_WORDS[row.outcome], ...row.setup].filter(Boolean).join("; "),
      ]),
    ),
  ];
}
