import { eq } from "drizzle-orm";
import { database } from "@/db/client";
import { entriesOfSet } from "@/db/entries";
import { setSummary } from "@/db/summary-schema";

/** Texts of logs that are kept, characters in all: those that were read last. */
const MOST = 8_000_000;

type Kept = { rev: number; text: string };
// The development server loads modules again on every change.
const global = globalThis as typeof globalThis & { jumelleLogs?: Map<string, Kept> };

/** A log of more characters comes behind the page, and is folded on the reader's device alone. */
const LONG = 250_000;

/** A set's entries as JSON where they are few enough to come with the page. */
export async function logWithPage(setId: string): Promise<string | undefined> {
  const text = await logText(setId);
  return text.length > LONG ? undefined : text;
}

/**
 * A set's entries as JSON, as a page gets them. A long log takes its time to be read and checked entry by entry: as long
 * as nothing was written to it (the count of its changes in its summary says so), its text is given out again.
 */
export async function logText(setId: string): Promise<string> {
  const logs = (global.jumelleLogs ??= new Map());
  const db = database();
  // Read before the log: what is written between the two is read once more the next time.
  const [row] = await db.select({ rev: setSummary.rev }).from(setSummary).where(eq(setSummary.setId, setId));
  const rev = row?.rev ?? -1;
  const known = logs.get(setId);
  logs.delete(setId);
  const kept = known?.rev === rev ? known : { rev, text: JSON.stringify(await entriesOfSet(db, setId)) };
  logs.set(setId, kept);
  let all = 0;
  for (const [id, { text }] of [...logs].reverse()) {
    all += text.length;
    if (all > MOST && id !== setId) logs.delete(id);
  }
  return kept.text;
}
