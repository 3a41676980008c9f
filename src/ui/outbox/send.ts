import { v7 } from "uuid";
import type { Body, Draft, Entry } from "@/core/kinds";
import type { Signed } from "./sign";

export type Problem = { path: string; message: string };

/** What came of sending a draft. A server that stumbles over one entry may still take another; an unreachable one takes none. */
export type Sent =
  | { kind: "saved"; entry: Entry }
  | { kind: "refused"; problems: Problem[] }
  | { kind: "stumbled" }
  | { kind: "unreachable" };

/** After so long without an answer the server counts as unreachable, ms. Sending again is harmless. */
const PATIENCE_MS = 20_000;

/** A draft with an id of its own: sending it again with the same id never doubles it. */
export function makeDraft(
  setId: string,
  visitId: string,
  body: Body,
  extra: { at?: string; amends?: string } = {},
): Draft {
  const at = extra.at ?? new Date().toISOString();
  return { id: v7(), setId, visitId, at, amends: extra.amends ?? null, ...body };
}

/** Sends a draft once. */
export async function send(draft: Draft, signed?: Signed): Promise<Sent> {
  try {
    const answer = await fetch("/api/entries", {
      method: "POST",
      headers: {
        "content-type": "application/json",
        ...(signed ? { "x-turn": signed.turn, "x-proof": signed.proof } : {}),
      },
      body: JSON.stringify(draft),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    // A screen that is locked, or a session that has run out, keeps the entry until somebody is here.
    if (answer.status >= 500 || answer.status === 401) return { kind: "stumbled" };
    const body = (await answer.json()) as { entry?: Entry; problems?: Problem[] };
    if (answer.ok && body.entry) return { kind: "saved", entry: body.entry };
    return {
      kind: "refused",
      problems: body.problems ?? [{ path: "", message: "The server did not take this entry." }],
    };
  } catch {
    return { kind: "unreachable" };
  }
}
