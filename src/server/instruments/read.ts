import { readAnswer, READS, type SocketLink as Link, type Reads } from "@/core/instruments";
import { talk } from "./talk";

/** A reading of an instrument, or a sentence for the bench: the figure is typed instead. */
export type Read = { ok: true; value: number; unit: string } | { ok: false; why: string; message: string };

/** Asks an instrument for one figure. @param name as the bench calls it */
export async function readFrom(name: string, link: Link, what: Reads): Promise<Read> {
  const question = link.profile.asks[what];
  if (!question) return { ok: false, why: "cannot", message: `${name} cannot read ${READS[what].text}.` };
  const told = await talk(link, question);
  if (!told.ok) return { ok: false, why: "silent", message: `${name}: ${told.message}. Type the figure instead.` };
  const { unit } = READS[what];
  const read = readAnswer(told.text, unit);
  return read.ok ? { ...read, unit } : { ok: false, why: read.why, message: `${name}: ${read.message}` };
}
