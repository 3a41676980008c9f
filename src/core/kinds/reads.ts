import { z } from "zod";

/** How words are to be read, as somebody put it right: tests and their outcomes. */
export const readsSchema = z
  .array(
    z.object({
      test: z.string().regex(/^[a-z-]+(:[A-Za-z0-9:-]{1,60})?$/, "A test is named by its short word."),
      outcome: z.string().regex(/^[a-z]{1,20}(\|[a-z]{1,20})*$/, "An outcome is one word."),
    }),
  )
  .max(20, "A symptom says at most twenty things.");
export type Reads = z.infer<typeof readsSchema>;

/** As it stands on the line: `hum double, works:agc fails`; `nothing` where the words say nothing to the search. */
export const writeReads = (reads: Reads): string =>
  reads.length === 0 ? "nothing" : reads.map(({ test, outcome }) => `${test} ${outcome}`).join(", ");

/** The same, read back. @returns undefined where it does not read */
export function readReads(text: string): Reads | undefined {
  if (text.trim().toLowerCase() === "nothing") return [];
  const reads = text.split(",").map((piece) => {
    const [, test = "", outcome = ""] = /^(\S+)\s+(\S+)$/.exec(piece.trim()) ?? [];
    return { test, outcome };
  });
  const read = readsSchema.safeParse(reads);
  return read.success ? read.data : undefined;
}
