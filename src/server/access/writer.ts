import { createHmac, timingSafeEqual } from "node:crypto";
import { database } from "@/db/client";
import { personById, type Person } from "@/db/people";
import { turnById } from "@/db/turns";
import { isId } from "../ids";
import type { Here } from "./standing";

/** What was written in a turn is taken so long after its end: a tablet may have been out of reach, days. */
const TAKEN_DAYS = 30;

type Writer = { ok: true; person: Person } | { ok: false; status: 403; message: string };

/** The proof that a page gives with an entry: its text, signed with the key of the turn in which it was written. */
export const proofOf = (key: string, body: Uint8Array): string => createHmac("sha256", key).update(body).digest("hex");

/**
 * Who wrote an entry. Mostly whoever is at the device now; an entry that waited on the device while the person changed
 * carries the turn that it was written in, and the proof.
 */
export async function writerOf(request: Request, body: Uint8Array, here: Here): Promise<Writer> {
  const turnId = request.headers.get("x-turn") ?? "";
  if (turnId === "" || turnId === here.turnId) return { ok: true, person: here.person };
  const no = (message: string): Writer => ({ ok: false, status: 403, message });
  const turn = isId(turnId) ? await turnById(database(), turnId) : undefined;
  const proof = Buffer.from(request.headers.get("x-proof") ?? "", "hex");
  const right = turn && Buffer.from(proofOf(turn.key, body), "hex");
  if (!turn || !right || proof.length !== right.length || !timingSafeEqual(proof, right))
    return no("It is not sure who wrote this entry. Its writer signs in on this device and writes it again.");
  if (turn.endedAt && Date.now() - Date.parse(turn.endedAt) > TAKEN_DAYS * 24 * 3600 * 1000)
    return no(`This entry has waited on the device for more than ${TAKEN_DAYS} days: its writer writes it again.`);
  const person = await personById(database(), turn.personId);
  return person ? { ok: true, person } : no("The writer of this entry is not in the list any more.");
}
