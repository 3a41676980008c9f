import { readAnswer, READS, type SocketLink as Link, type Reads } from "@/core/instruments";
import { talk } from "./talk";

/**
 * A reading of an instrument, or a sentence for the bench: the figure is typed instead. Where its range was asked for, it
 * is full scale in the same unit; null where the instrument does not tell.
 */
export type Read =
  { ok: true; value: number; unit: string; range?: number | null } | { ok: false; why: string; message: string };

/** Asks an instrument for the range that it is on. */
async function rangeOf(link: Link, what: Reads): Promise<number | null> {
  const question = link.profile.ranges?.[what];
  const told = question ? await talk(link, question) : undefined;
  const read = told?.ok ? readAnswer(told.text, READS[what].unit) : undefined;
  return read?.ok && read.value > 0 ? read.value : null;
}

/** Asks an instrument for one figure. @param name as the bench calls it @param ranged its range is asked for too */
export async function readFrom(name: string, link: Link, what: Reads, ranged = false): Promise<Read> {
  const question = link.profile.asks[what];
  if (!question) return { ok: false, why: "cannot", message: `${name} cannot read ${READS[what].text}.` };
  const told = await talk(link, question);
  if (!told.ok) return { ok: false, why: "silent", message: `${name}: ${told.message}. Type the figure instead.` };
  const { unit } = READS[what];
  const read = readAnswer(told.text, unit);
  return read.ok
    ? { ...read, unit, ...(ranged ? { range: await rangeOf(link, what) } : {}) }
    : { ok: false, why: read.why, message: `${name}: ${read.message}` };
}
