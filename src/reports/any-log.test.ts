import fc from "fast-check";
import { describe, it } from "vitest";
import { comebacks, failures, HELD, isWanted, summaryOf } from "@/core/across";
import { lineContext, lineOf } from "@/core/bench-line";
import { dueDates, FILE_TABLES, fileTable, headOf, seal } from "@/core/exchange";
import { anyLog, atOf, PERSON, SHEET, stockItem, VISIT } from "@/core/fixtures";
import { finalLines, gates, handBackRules, ownersInstructions, priceOf, USUAL_TERMS } from "@/core/handback";
import { asBuilt, closedAt, differences, historyOf, openPoints, originality, seriesOf, timeline } from "@/core/history";
import { csvRowOf, describe as tapeLine, modificationsOf, settle, type Entry } from "@/core/kinds";
import {
  aroundFitting,
  boardState,
  compareVisit,
  foundIn,
  heaterBudget,
  learntFrom,
  passesOf,
  pointRows,
  recapOf,
  safeLines,
  searchOf,
  soakOf,
  substitutePlace,
  testRows,
  tubePlaces,
  tubeRows,
  workSummary,
} from "@/core/visit";
import { reportDocument } from "./document";
import { inputOf } from "./fixtures";
import { REPORT_KINDS } from "./input";

const NOW = atOf(9000);
const STOCK = [stockItem({}), stockItem({ id: "two", kind: "tube", marking: "6V6" })];

/** Everything that a page, an export or a report works out of a log. */
function foldAll(entries: Entry[]): void {
  const { settled } = settle(entries);
  const { model, visits, set, owner } = inputOf("owner", entries);
  const input = { sheet: SHEET, year: 1937, settled, visitId: VISIT, now: NOW, stock: STOCK };
  const file = { id: set.id, serial: set.serial, model, owner: { name: owner }, visits, settled, entries };

  // The tape, the bench line and the corrections.
  const context = lineContext(input);
  for (const { content } of settled)
    if (content) {
      tapeLine(content);
      lineOf(content, context);
      csvRowOf(content);
    }
  // The set's file, and its tables.
  const places = asBuilt(settled, SHEET, NOW);
  differences(settled, SHEET, atOf(0), NOW);
  originality(places);
  openPoints(settled, NOW);
  for (const designator of ["C14", "V3", "constructor"]) historyOf(settled, designator);
  seriesOf(settled);
  timeline(settled, visits);
  closedAt(settled, VISIT);
  const names = new Map([[PERSON, "Wren Okafor"]]);
  for (const table of FILE_TABLES) fileTable(table, { entries, visits, sheet: SHEET, names }, NOW);
  headOf(entries.map((entry) => ({ hash: seal("0".repeat(64), entry) })));
  // The Board and the plates of the bench.
  boardState(input);
  pointRows(SHEET, 1937, settled, VISIT);
  compareVisit(SHEET, 1937, settled, VISIT);
  safeLines(SHEET, 1937, settled, VISIT);
  recapOf(input);
  searchOf({ ...input, learnt: learntFrom(foundIn(file), model.id, VISIT) });
  heaterBudget(tubePlaces(input), SHEET);
  for (const { position } of SHEET.tubes) substitutePlace(input, position);
  testRows(settled, VISIT);
  tubeRows(settled, VISIT);
  passesOf(settled, VISIT);
  soakOf(settled, VISIT, NOW, USUAL_TERMS);
  for (const modification of modificationsOf(settled)) aroundFitting(settled, modification);
  workSummary(settled, VISIT);
  // Hand back.
  finalLines(input);
  gates(input, USUAL_TERMS, "EUR");
  handBackRules(input, USUAL_TERMS, "EUR");
  ownersInstructions(input);
  priceOf(settled, VISIT, USUAL_TERMS, "EUR");
  // Over all sets.
  const { stays, holdings, failed, handedBack } = summaryOf(file);
  comebacks([{ setId: file.id, stays }], 12);
  failures(model.sheet, [failed]);
  for (const kind of HELD) for (const held of holdings) isWanted(held, { kind, text: "constructor" });
  dueDates([{ id: file.id, name: "a set", owner: "somebody", ...(handedBack ? { handedBack } : {}) }], [], {
    from: "1900-01-01",
    to: "2199-12-31",
  });
  for (const kind of REPORT_KINDS) reportDocument(inputOf(kind, entries));
}

/** More of them are tried by `npm run torture`. */
const RUNS = Number(process.env.ANY_LOGS ?? 100);
const SEED = process.env.ANY_SEED ? { seed: Number(process.env.ANY_SEED) } : {};

describe("any log that the schemas let in", () => {
  it("is folded by everything that a page, an export or a report shows", () => {
    fc.assert(
      fc.property(anyLog(14), (entries) => foldAll(entries)),
      { numRuns: RUNS, ...SEED },
    );
  }, 3_600_000);
});
