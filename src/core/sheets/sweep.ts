import type { Column, TestSheet } from "./schemas/sheet";

/** What a generator does for each row of a sheet, and what is read then. */
export type SweepPlan = {
  /** the column of the row that says what is set */
  by: Column;
  /** what is set on the generator */
  drives: "hertz" | "volts";
  /** the row is off a middle that has to be said: detuning from the frequency on tune */
  offTune: boolean;
  /** the column that is filled */
  fills: Column;
  /** what an instrument reads for it; nothing: somebody types it */
  reads?: "volts-ac" | "volts-dc" | "watts" | "hertz" | "amps-dc";
  /** the level is sought that gives the same output as the first row */
  hunts: boolean;
  /** a receiver is measured: the generator is modulated with AM, and stands where the set is tuned to */
  received: boolean;
  /** a transmitter is keyed for it, by a person and never by the program */
  keyed: boolean;
};

const READS: Partial<Record<Column["quantity"], SweepPlan["reads"]>> = {
  "ac-voltage": "volts-ac",
  voltage: "volts-dc",
  power: "watts",
  frequency: "hertz",
  current: "amps-dc",
};

/**
 * How a sheet is filled by stepping a generator and reading an instrument.
 * @returns undefined where none of what its rows are can be set
 * @example rows by frequency and a column of output volts: the response; rows by level: the AVC
 */
export function sweepOf({
  rowBy,
  columns,
  group,
}: Pick<TestSheet, "rowBy" | "columns" | "group">): SweepPlan | undefined {
  const by = rowBy.find(({ quantity }) => ["frequency", "level", "ac-voltage"].includes(quantity));
  if (!by) return undefined;
  const drives = by.quantity === "frequency" ? "hertz" : "volts";
  const offTune = by.quantity === "frequency" && by.signed === true;
  const hunted = offTune ? columns.find(({ quantity }) => quantity === "level") : undefined;
  const fills = hunted ?? columns.find(({ quantity }) => READS[quantity] !== undefined) ?? columns[0];
  if (!fills) return undefined;
  const reads = hunted ? "volts-ac" : READS[fills.quantity];
  return {
    ...{
      by,
      drives,
      offTune,
      fills,
      hunts: hunted !== undefined,
      received: group === "radio",
      keyed: group === "transmit",
    },
    ...(reads ? { reads } : {}),
  };
}

/** A try of a level, V, with the output that it gave, V. */
export type Tried = { level: number; out: number };

/** The output is the same when it is within so much. Shop rule. */
const SAME = 0.015;
/** A level goes up or down by at most so much at a time. */
const STEP = 30;

/**
 * The next level to try, so that the output becomes what it was on tune. By the slope between the last two tries, in
 * decibels; by the plain ratio where there is one try alone.
 * @returns nothing where the last try is the one
 */
export function nextLevel(tried: readonly Tried[], wanted: number): number | undefined {
  const [before, last] = [tried.at(-2), tried.at(-1)];
  if (!last || Math.abs(last.out / wanted - 1) <= SAME) return undefined;
  if (!(last.out > 0)) return last.level * STEP;
  const rise = before && before.out > 0 ? Math.log(last.level / before.level) : 0;
  const slope = before && rise !== 0 ? Math.log(last.out / before.out) / rise : 1;
  const exponent = slope > 0.05 ? 1 / slope : 1;
  const ratio = (wanted / last.out) ** exponent;
  return last.level * Math.min(STEP, Math.max(1 / STEP, ratio));
}
