/** Test sheets: what is measured, in which rows, what follows from it, and what a run of it comes to. */
export { figureText, levelText, printFigure, readCell, type CellRead } from "./cell";
export { changeOf, changeText, compareRuns, setupDifferences, type Pair, type PairRow } from "./compare";
export { mapColumns, MOST_READ, runLines, thinRows, typedRows, type Mapped } from "./csv";
export { doubts } from "./doubt";
export { FUNCTION_NAMES, FUNCTIONS, givesOf, workOut, type FunctionName } from "./functions";
export { makeRow, placeOf, readCells, type RowRead, type TypedRow } from "./make";
export { readSheet, readSheetCsv, sheetCsv, textsOf, type SheetTexts } from "./lines";
export { limitsOfModel, rowsFor } from "./of-model";
export { COLUMN_QUANTITIES, type ColumnQuantity } from "./quantities";
export { cellSchema, rowSchema, seenSchema, type Cell, type Row } from "./schemas/row";
export { cellText, figuresOf, labelOf, rowVerdict, showRow, type CellVerdict, type Shown } from "./row";
export { aroundOf, responseRun, runTable, type RunRow, type RunTable, type TableRow } from "./run";
export { GROUP_WORDS, GROUPS, NATURES, SHEET_SENSES, type Group, type Nature } from "./sheet";
export { testSheetSchema, type Column, type Limit, type Preflight, type TestSheet, type Worked } from "./schemas/sheet";
export { SHIPPED } from "./shipped";
export { nextLevel, sweepOf, type SweepPlan, type Tried } from "./sweep";
export { naturesOf, setupFromModel, sheetsFor } from "./suits";
export { SUM_NAMES, type Sum, type SumName } from "./sums";
