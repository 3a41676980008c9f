import { sheetSchema, type Sheet } from "./schemas/sheet";

/** What is left of a sheet of which nothing can be read: everything in the set is taken for dangerous. */
const NOTHING_KNOWN = {
  kind: "unknown",
  supply: "transformer",
  lineVolts: 230,
  highestVolts: 20_000,
  tubes: [],
  components: [],
  points: [],
  cautions: [],
};

const caution = (text: string) => ({ step: "take-in", text });

type Stored = Record<string, unknown>;

/** Leaves out what an issue points at: a row of a table, else a field. */
function without(stored: Stored, paths: readonly (readonly PropertyKey[])[]): Stored {
  const left: Stored = { ...stored };
  const rows = new Map<string, Set<number>>();
  for (const [field, index] of paths) {
    const key = String(field);
    if (Array.isArray(left[key]) && typeof index === "number") {
      const gone = rows.get(key) ?? new Set<number>();
      rows.set(key, gone.add(index));
    } else delete left[key];
  }
  for (const [key, gone] of rows) left[key] = (left[key] as unknown[]).filter((_, index) => !gone.has(index));
  return left;
}

/**
 * Reads a stored sheet whatever is in it: a row or a figure that cannot be read is left out, and a caution says so at
 * the first step of every set of the model. It never throws: one figure must not cost the pages of all these sets.
 */
export function readSheet(stored: unknown): Sheet {
  const whole = sheetSchema.safeParse(stored);
  if (whole.success) return whole.data;
  const given = typeof stored === "object" && stored !== null ? (stored as Stored) : {};
  const paths = whole.error.issues.map(({ path }) => path);
  const cautions = Array.isArray(given.cautions) ? (given.cautions as unknown[]) : [];
  const said = `${paths.length === 1 ? "A row or figure" : `${paths.length} rows or figures`} of this model's sheet cannot be read and are left out: look at the sheet in Reference.`;
  const rest = sheetSchema.safeParse(without({ ...given, cautions: [...cautions, caution(said)] }, paths));
  if (rest.success) return rest.data;
  return sheetSchema.parse({
    ...NOTHING_KNOWN,
    cautions: [
      caution("The sheet of this model cannot be read: take every voltage in it for deadly, and enter it anew."),
    ],
  });
}
