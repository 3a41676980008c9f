import { z } from "zod";
import { signed } from "../../quantity";
import { FUNCTION_NAMES } from "../functions";
import { COLUMN_QUANTITIES } from "../quantities";
import { GROUPS, MOST_COLUMNS, MOST_SHEET_ROWS, NATURES, SHEET_SENSES } from "../sheet";
import { SUM_NAMES } from "../sums";

const key = z.string().regex(/^[a-z][a-z0-9-]{0,30}$/, "A key is small letters, digits and hyphens.");
const name = z.string().trim().min(1, "A column needs a name.").max(60, "A name is shorter than 60 characters.");

export const columnSchema = z.object({
  key,
  name,
  quantity: z.enum(COLUMN_QUANTITIES),
  /** what a bare number is in: `mA` */
  unit: z.string().trim().max(12).default(""),
  /** its word on the bench line: `ia` */
  word: z
    .string()
    .trim()
    .regex(/^[a-z][a-z0-9+-]{0,15}$/i, "A word on the line begins with a letter and has no spaces."),
  /** may be below zero: a detuning, a voltage of either sign */
  signed: z.boolean().optional(),
  /** answers that are offered */
  choices: z.array(z.string().max(40)).max(20).optional(),
});
export type Column = z.infer<typeof columnSchema>;

/**
 * Where a function takes a figure from: `volts` of its own row, `@volts` of the reference row, `^volts` of the first row,
 * `=ohms` of the set-up.
 */
const reference = z.string().regex(/^[@^=]?[a-z][a-z0-9-]{0,30}$/);

export const workedSchema = z.object({
  key,
  name,
  by: z.enum(FUNCTION_NAMES),
  from: z.record(z.string().max(20), reference),
});
export type Worked = z.infer<typeof workedSchema>;

export const limitSchema = z.object({
  column: key,
  sense: z.enum(SHEET_SENSES),
  text: z.string().trim().min(1).max(40),
  value: signed(),
  /** rows that it holds for, by their label; all of them where it names none */
  row: z.string().trim().max(80).optional(),
});
export type Limit = z.infer<typeof limitSchema>;

export const preflightSchema = z.object({
  key,
  text: z.string().trim().min(1).max(200),
  /** a row counts for nothing where this is not so */
  voids: z.boolean().optional(),
});
export type Preflight = z.infer<typeof preflightSchema>;

export const curveSchema = z.object({
  x: key,
  y: key,
  log: z.boolean(),
  /** x of the row that others are held against; the nearest that was measured stands for it */
  reference: signed().optional(),
});

/** A test sheet as data: the shipped ones and a shop's own have this form. */
export const testSheetSchema = z
  .object({
    key,
    version: z.number().int().min(1).max(1e6),
    /** it is written on the bench line before a colon */
    name: name.regex(/^[^:;]*$/, "The name of a sheet has no colon and no semicolon."),
    group: z.enum(GROUPS),
    suits: z.array(z.enum(NATURES)).min(1).max(NATURES.length),
    /** what it is for, in one sentence */
    says: z.string().trim().max(240),
    preflight: z.array(preflightSchema).max(12),
    /** of the whole run: load, number of tubes, generator */
    setup: z.array(columnSchema).max(10),
    /** columns that say what a row is: band, frequency, minutes */
    rowBy: z.array(columnSchema).min(1).max(3),
    /** rows that are proposed, each with the texts of `rowBy` */
    rows: z.array(z.array(z.string().max(40)).max(3)).max(MOST_SHEET_ROWS),
    /** in the order in which one measures */
    columns: z.array(columnSchema).min(1, "A sheet has one measured column at least.").max(MOST_COLUMNS),
    worked: z.array(workedSchema).max(MOST_COLUMNS),
    limits: z.array(limitSchema).max(60),
    curve: curveSchema.optional(),
    /** the figure that tells most: it is followed over the years. The first measured one where it is not said */
    main: key.optional(),
    sums: z.array(z.enum(SUM_NAMES)).max(8),
  })
  .superRefine((sheet, context) => {
    const all = [...sheet.setup, ...sheet.rowBy, ...sheet.columns, ...sheet.worked];
    const keys = all.map((one) => one.key);
    const twice = keys.find((one, index) => keys.indexOf(one) !== index);
    if (twice) context.addIssue({ code: "custom", message: `Two columns have the key “${twice}”.` });
    const words = [...sheet.rowBy, ...sheet.columns].map(({ word }) => word.toLowerCase());
    const same = words.find((one, index) => words.indexOf(one) !== index);
    if (same) context.addIssue({ code: "custom", message: `Two columns have the word “${same}” on the line.` });
    const of = { "=": new Set(sheet.setup.map((one) => one.key)), "": new Set(keys) };
    for (const { name: what, from } of sheet.worked)
      for (const ref of Object.values(from)) {
        const place = ref.startsWith("=") ? of["="] : of[""];
        if (!place.has(ref.replace(/^[@^=]/, "")))
          context.addIssue({
            code: "custom",
            message: `${what} is worked out from “${ref}”, which the sheet does not have.`,
          });
      }
    for (const { column } of sheet.limits)
      if (!keys.includes(column))
        context.addIssue({
          code: "custom",
          message: `There is a limit for “${column}”, which the sheet does not have.`,
        });
    if (sheet.curve && !(keys.includes(sheet.curve.x) && keys.includes(sheet.curve.y)))
      context.addIssue({ code: "custom", message: "The curve is drawn from columns that the sheet does not have." });
  });
export type TestSheet = z.infer<typeof testSheetSchema>;
