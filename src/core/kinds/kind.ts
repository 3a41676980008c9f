import type { z } from "zod";
import type { KnownSet } from "../diagnosis";
import type { AnyContent, Fitted, SettledOf } from "../log";
import type { ReadContext, LineReading, NumberOf, Piece, TapeLine } from "../shorthand";
import type { OpenPoint } from "./open";

/** A payload carries the version that it was written in. */
export type Versioned = { v: number };

/** For a version, the function that lifts a payload of it by one. */
export type Upgrades = Record<number, (payload: Record<string, unknown>) => Record<string, unknown>>;

export type Reader = (rest: Piece, context: ReadContext, word: string) => LineReading;

/** A word that begins a line of this kind: the pattern takes the word (group 1) and what belongs to it. */
export type LineWord = { begins: RegExp; read: Reader };

/** A line that may be typed as it stands, and what it does: for the help sheet. */
export type LineExample = { line: string; says: string };

/** The lanes of a set's life, from what was seen to what was done. */
export const LANES = ["symptoms", "findings", "parts", "modifications", "tests", "notes"] as const;
export type Lane = (typeof LANES)[number];

/** Sections of the service record and of the report for the bench that list entries line by line. */
export type Section = "parts" | "first-power" | "tests" | "search" | "labour" | "notes";

/** Columns of the tables of a set's file that the kinds give rows to. */
export const CSV_COLUMNS = {
  readings: ["phase", "point", "measured", "SI value", "quantity", "expected", "verdict", "line V", "meter", "range"],
  tests: ["phase", "designator", "test", "condition", "measured", "unit", "limit", "sense", "verdict", "set-up"],
  measured: ["phase", "sheet", "version", "row", "figures", "worked out", "set-up", "verdict", "void"],
} as const;
type CsvTable = keyof typeof CSV_COLUMNS;

/** A row of one of them: every column has its cell. */
export type CsvRow = {
  [T in CsvTable]: { table: T; cells: Record<(typeof CSV_COLUMNS)[T][number], string> };
}[CsvTable];

/** A part or material that an entry puts in. */
export type TakenPart = Pick<Fitted, "text" | "stock" | "source"> & { designator?: string | undefined };

/** What one entry says to the search for a fault. */
export type Says = {
  outcomes: {
    test: string;
    outcome: string;
    weight?: number;
    /** of a fault, as it was before it was mended */
    of?: string;
  }[];
  /** faults that it mended */
  mends: string[];
};
export const SAYS_NOTHING: Says = { outcomes: [], mends: [] };

/** The set as the search knows it. */
export type Searched = KnownSet;

/** An entry of one kind that stands, as it reads now. */
export type StandingOf<K extends string, P extends object, J> = SettledOf<{ kind: K; payload: P }, J> & {
  content: { kind: K; payload: P };
};

/** What an entry's open points may ask of the rest of the log. */
export type LogView = {
  settled: readonly SettledOf[];
  /** was the place worked on after this entry? */
  workedSince: (designator: string, item: SettledOf) => boolean;
};

/** How a kind is stored. It is apart from the rest, so that a page can show entries without what checks them. */
export type StoredForm<P extends Versioned> = {
  /** the version that its payloads are written in today */
  version: number;
  schema: z.ZodType<P>;
  /** readers of older versions; none while the version is 1 */
  upgrades: Upgrades;
};

/** How a kind is typed and written on the bench line. It is apart from the rest: a page is alive before it can read a line. */
export type KindLine<P extends Versioned> = {
  /** words that begin its line; none where it begins with a part or a point, or is never typed */
  words: readonly LineWord[];
  /** the line that makes it again */
  write: (payload: P, numberOf: NumberOf) => string;
  examples: readonly LineExample[];
};

/**
 * What is particular to one kind of entry, with its stored form and its line. Everything else (history, bench line, tape,
 * life chart, exports, stock, search, reports) folds over the records of these three, so nothing may be left out: what a
 * kind does not have, it says.
 */
export type KindOf<K extends string, P extends Versioned, J> = {
  kind: K;
  /** its fields in words, for a correction that leaves some of them untouched */
  fields: { [F in Exclude<keyof P, "v">]-?: string };
  /** what the entry is about: the point, the part, the line of a list */
  about: (payload: P) => string;
  /** fields that hold only as long as it is about the same */
  tied: readonly (keyof P)[];
  /** a field that holds only as long as another one is as it was: how a figure came in, while it is that figure */
  onlyWhile?: Partial<Record<keyof P, keyof P>>;
  judge: (payload: P) => J;
  /** its line on the tape */
  describe: (payload: P, judged: J) => TapeLine;
  /** parts that it speaks of */
  designators: (payload: P) => readonly string[];
  /** parts that it worked on, in place or by another one */
  works: (payload: P) => readonly string[];
  /** what it changed in the set, in words (`K1 was cleaned`): what was measured before it may hold no longer */
  changes: (payload: P) => string | undefined;
  /** is it only written with the set open? */
  handsInside: boolean;
  /** may it be written about the time after the set was handed back, in the same visit? */
  afterHandBack: "taken" | "refused";
  /** parts that it puts in, with the stock that they came from */
  takes: (payload: P) => readonly TakenPart[];
  /** its lane on the chart of a set's life */
  lane: Lane | "none";
  /** in the history of a set's file: shown, folded with its neighbours, or left out as scaffolding */
  inFile: "shown" | "folded" | "left-out";
  csv: (payload: P, judged: J) => CsvRow | "none";
  /** sections of the service record and the bench report that it stands in */
  sections: (payload: P) => readonly Section[];
  /** what the entries of this kind still ask for */
  open: (mine: readonly StandingOf<K, P, J>[], log: LogView) => OpenPoint[];
  evidence: (payload: P, set: Searched, judged: J) => Says;
};

/** For the parts of a kind that say: nothing of this. */
export const nothing = (): [] => [];
export const unchanged = (): undefined => undefined;
export const unjudged = (): undefined => undefined;
export const noRow = (): "none" => "none";
export const silent = (): Says => SAYS_NOTHING;

/** The entries of a kind that stand. */
export const standing = <P extends object>(settled: readonly SettledOf[], kind: string) =>
  settled.filter(({ content }) => content?.kind === kind) as (SettledOf<{ kind: string; payload: P }> & {
    content: { kind: string; payload: P };
  })[];

export type { AnyContent };
