import {
  makeRow,
  placeOf,
  readCells,
  setupFromModel,
  sheetsFor,
  SHIPPED,
  type Cell,
  type Column,
  type TestSheet,
} from "../../sheets";
import {
  clause,
  clauses,
  notUnderstood,
  payloadOf,
  readAs,
  textOf,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import { phaseInView } from "../reading/phase";
import type { MeasuredRow } from "./payload";
import { voidedBy } from "./voided";

const EXAMPLE = "A row of a test sheet reads like: row 80 m, CW drive 6 out 62 ia 180 va 750.";

const columnOf = ({ key, name, quantity, unit, word }: Cell): Column => ({ key, name, quantity, unit, word });
const escape = (text: string) => text.replaceAll(/[.*+?^${}()|[\]\\]/g, "\\$&");

/** Words with choices, and figures, end where the next word begins; other words go on to the end. */
const isWords = ({ quantity, choices }: Column) => quantity === "text" && !choices;

/** Splits `80 m, CW drive 6 out 62` into what the row is and its figures, by the words of the columns. */
function split(text: string, columns: readonly Column[]): { label: string; typed: Record<string, string> } {
  const typed: Record<string, string> = {};
  const words = columns.map(({ word }) => escape(word)).sort((a, b) => b.length - a.length);
  const marks =
    words.length > 0 ? [...text.matchAll(new RegExp(`(?:^|\\s)(${words.join("|")})(?=\\s+\\S)`, "gi"))] : [];
  let end = text.length;
  let cut = marks.length;
  // Words run to the end of the line: what looks like another column in them is none.
  const open = marks.findIndex((mark) =>
    columns.some((one) => one.word.toLowerCase() === mark[1]?.toLowerCase() && isWords(one)),
  );
  if (open >= 0) cut = open + 1;
  for (let n = cut - 1; n >= 0; n -= 1) {
    const mark = marks[n];
    const column = columns.find(({ word }) => word.toLowerCase() === mark?.[1]?.toLowerCase());
    if (!mark || !column) continue;
    typed[column.key] = text.slice(mark.index + mark[0].length, end).trim();
    end = mark.index;
  }
  return { label: text.slice(0, end).trim(), typed };
}

/** What the row is, by its columns: parts between commas; the last takes what is left. */
function labelled(label: string, columns: readonly Column[]): Record<string, string> {
  if (columns.length === 1) return columns[0] ? { [columns[0].key]: label } : {};
  const parts = label.split(",").map((part) => part.trim());
  return Object.fromEntries(
    columns.map(({ key }, n) => [key, n === columns.length - 1 ? parts.slice(n).join(", ") : (parts[n] ?? "")]),
  );
}

const labelText = (at: readonly Cell[]) => at.map(({ text }) => text).join(", ");

type Frame = Pick<MeasuredRow, "preflight"> & {
  sheet: TestSheet;
  given: Cell[];
  run?: string | undefined;
  base?: MeasuredRow | undefined;
};

/** The sheet of a row as far as the row itself tells: where the sheet is gone, or has changed since. */
function sheetOfRow(base: MeasuredRow, known: TestSheet | undefined): TestSheet {
  const keys = new Set(base.cells.map(({ key }) => key));
  const given = new Set(base.given.map(({ key }) => key));
  return {
    ...{ group: "sound", suits: ["any"], says: "", preflight: [], rows: [], sums: [] },
    ...base.sheet,
    rowBy: base.at.map(columnOf),
    columns: [...base.cells.map(columnOf), ...(known?.columns ?? []).filter(({ key }) => !keys.has(key))],
    setup: [...base.given.map(columnOf), ...(known?.setup ?? []).filter(({ key }) => !given.has(key))],
    worked: base.worked,
    limits: [],
  };
}

/** The model's own limits for a sheet. */
const limitsOf = (context: LineContext, sheet: TestSheet) => context.limitsOf?.(sheet.key) ?? [];

function frameOf(context: LineContext, named: TestSheet | undefined): Frame | undefined {
  const base = payloadOf<MeasuredRow>(context.base, "measured-row");
  const sheets = context.sheets ?? SHIPPED;
  if (base) {
    const known = sheets.find(({ key }) => key === base.sheet.key);
    return { sheet: sheetOfRow(base, known), given: base.given, preflight: base.preflight, run: base.run, base };
  }
  const { run } = context;
  if (run && (!named || named.key === run.sheet.key)) return { ...run, run: run.id };
  if (!named) return undefined;
  const given = readCells(named.setup, setupFromModel(named, context.sheet), { ohms: 50, dial: "terminated" }).cells;
  return { sheet: named, given, preflight: [] };
}

/**
 * The set-up that a line says: `set tone 10 nF, load 4 Ω`. What it does not say stays as it was.
 * @returns a sentence where it does not read
 */
function setIn(value: string, sheet: TestSheet, given: readonly Cell[]): Cell[] | string {
  const typed: Record<string, string> = Object.fromEntries(given.map(({ key, text }) => [key, text]));
  for (const part of value.split(",").map((one) => one.trim())) {
    const column = sheet.setup.find(({ word }) => part.toLowerCase().startsWith(`${word.toLowerCase()} `));
    if (!column)
      return `“${part}” is no set-up of ${sheet.name}: it has ${sheet.setup.map(({ word }) => word).join(", ") || "none"}.`;
    typed[column.key] = part.slice(column.word.length).trim();
  }
  const { cells, problems } = readCells(sheet.setup, typed, placeOf(given));
  return Object.values(problems)[0] ?? cells;
}

/** A sheet that is named at the head of the line: `transmitter per band: …`. */
function namedSheet(text: string, context: LineContext): { sheet: TestSheet; length: number } | undefined {
  const found = /^([^:;]{2,60}):\s*/.exec(text);
  const wanted = found?.[1]?.trim().toLowerCase();
  const sheet = (context.sheets ?? SHIPPED).find(({ name, key }) => name.toLowerCase() === wanted || key === wanted);
  if (sheet && found) return { sheet, length: found[0].length };
  // A row whose sheet is gone is corrected under the name that it has.
  const base = payloadOf<MeasuredRow>(context.base, "measured-row");
  return base && found && base.sheet.name.toLowerCase() === wanted
    ? { sheet: sheetOfRow(base, undefined), length: found[0].length }
    : undefined;
}

/** `row 80 m, CW drive 6 out 62 ia 180 va 750; void the wrong socket; remark after the warm-up`. */
export function readRow(rest: Piece, context: LineContext): LineReading {
  const text = textOf(rest);
  if (!text) return notUnderstood(rest.start, EXAMPLE);
  const named = namedSheet(text, context);
  const frame = frameOf(context, named?.sheet);
  if (!frame) return askSheet(rest, context);
  const { first, named: behind } = clauses({ ...rest, start: rest.start + (named?.length ?? 0) });
  const { sheet, preflight, base } = frame;
  const set = behind.find(({ word }) => word === "set");
  const setup = set ? setIn(set.value, sheet, frame.given) : frame.given;
  if (typeof setup === "string") return notUnderstood(set?.at ?? rest.start, setup);
  const given = setup;
  // Another set-up is another run.
  const texts = (cells: readonly Cell[]) => cells.map(({ key, text }) => `${key} ${text}`).join("|");
  const run = set && texts(given) !== texts(frame.given) && !base ? undefined : frame.run;
  const { label, typed } = split(first, sheet.columns);
  const said = { ...labelled(label, sheet.rowBy), ...typed };
  const made = makeRow(sheet, given, said, limitsOf(context, sheet));
  const extra: { void?: string; remark?: string } = {};
  for (const { word, value, at } of behind) {
    if (word === "set") continue;
    if (word !== "void" && word !== "remark")
      return notUnderstood(at, `“${word}” is not known here: set with the set-up, void with its reason, or remark.`);
    if (!value) return notUnderstood(at, `Say why, after “${word}”.`);
    extra[word] = value;
  }
  if (!made.ok) {
    const [problem = EXAMPLE] = Object.values(made.problems);
    return notUnderstood(
      rest.start,
      `${problem} Columns of ${sheet.name}: ${sheet.columns.map(({ word, name }) => `${word} (${name})`).join(", ")}.`,
    );
  }
  const voids = new Set(sheet.preflight.flatMap((one) => (one.voids ? [one.key] : [])));
  const reason = extra.void ?? (base ? undefined : voidedBy(preflight, voids));
  const row = {
    ...made.row,
    ...(base ? { worked: base.worked, limits: base.limits, ...(set ? {} : { given: base.given }) } : {}),
    ...(base && labelText(base.at) === label ? { at: base.at } : {}),
  };
  return readAs(
    {
      v: 1,
      phase: base?.phase ?? phaseInView(context),
      ...(run ? { run } : {}),
      ...row,
      preflight,
      ...(reason ? { void: reason } : {}),
      ...(extra.remark ? { remark: extra.remark } : {}),
    },
    rest.start,
  );
}

function askSheet(rest: Piece, context: LineContext): LineReading {
  const lead = rest.line.slice(0, rest.start);
  const { suit } = sheetsFor(context.sheet, context.sheets ?? SHIPPED);
  return {
    kind: "question",
    question: "No run is open in this step. Which sheet does the row belong to?",
    choices: suit
      .slice(0, 4)
      .map(({ name }) => ({ label: name, text: `${lead}${name.toLowerCase()}: ${textOf(rest)}` })),
  };
}

/** Figures that a line without a word at its head must have to be a row: one could be anything. */
const LEAST_FIGURES = 2;

/** A row of the run in hand, typed without `row` in front: `80 m drive 6 out 62 ia 180 va 750`. */
export function isBareRow(line: string, { run }: LineContext): boolean {
  if (!run) return false;
  const { label, typed } = split(line.trim(), run.sheet.columns);
  const place = placeOf(run.given);
  const figures = readCells(run.sheet.columns, typed, place);
  // What the row is must read as that; words before a single figure could be anything: there `row` is wanted.
  const at = readCells(run.sheet.rowBy, labelled(label, run.sheet.rowBy), place);
  const wordy = run.sheet.rowBy.every(({ quantity, choices }) => quantity === "text" && !choices);
  const enough = wordy ? LEAST_FIGURES : Math.min(LEAST_FIGURES, run.sheet.columns.length);
  const clean = [figures, at].every(({ problems }) => Object.keys(problems).length === 0);
  return at.cells.length > 0 && figures.cells.length >= enough && clean;
}

const figure = ({ word, text }: Cell) => `${word} ${text}`;

export function writeRow({ sheet, at, cells, void: reason, remark }: MeasuredRow): string {
  const words = ({ quantity, value }: Cell) => quantity === "text" && value === undefined;
  const ordered = [...cells.filter((one) => !words(one)), ...cells.filter(words)];
  return (
    `row ${sheet.name.toLowerCase()}: ${[labelText(at), ...ordered.map(figure)].join(" ").replaceAll(";", ";;")}` +
    clause("void", reason) +
    clause("remark", remark)
  );
}

export const line: KindLine<MeasuredRow> = {
  words: [{ begins: /^(row)(?=\s|$)\s*/i, read: readRow }],
  write: writeRow,
  examples: [
    {
      line: "row transmitter per band: 80 m, CW drive 6 out 62 ia 180 va 750",
      says: "a row of a test sheet, by the words of its columns; with a run open, 80 m, CW drive 6 out 62 is enough",
    },
    {
      line: "row audio response: 400 Hz v 0.82; set tone 10 nF, load 4 Ω",
      says: "with its set-up; another set-up begins another run",
    },
    {
      line: "row sensitivity: MW, 1 MHz in 20 on 0.4 off 0.1; void two modulations on",
      says: "a row that counts for nothing",
    },
  ],
};
