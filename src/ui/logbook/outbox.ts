import { v7 } from "uuid";
import type { Body, Draft, Entry } from "@/core/kinds";

export type Problem = { path: string; message: string };
export type Sent = { kind: "saved"; entry: Entry } | { kind: "refused"; problems: Problem[] } | { kind: "unreachable" };

/** An entry that was kept for a retry, and that the server then would not take: it waits for its writer's word. */
export type Refused = { draft: Draft; problems: Problem[] };

/** A list that outlives a reload of the page; one that does not read is empty rather than broken. */
const kept = <T>(name: string) => ({
  read(setId: string): T[] {
    try {
      return JSON.parse(window.localStorage.getItem(`jumelle-${name}-${setId}`) ?? "[]") as T[];
    } catch {
      return [];
    }
  },
  write(setId: string, items: readonly T[]): void {
    const key = `jumelle-${name}-${setId}`;
    if (items.length === 0) window.localStorage.removeItem(key);
    else window.localStorage.setItem(key, JSON.stringify(items));
  },
});

/** Entries that are written but not acknowledged yet. */
export const outbox = kept<Draft>("outbox");
/** Entries that came back refused. */
export const refusals = kept<Refused>("refused");

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

/** Sends a draft. A server that cannot be reached, or that stumbles, is no refusal: the draft stays and is sent again. */
export async function send(draft: Draft): Promise<Sent> {
  try {
    const answer = await fetch("/api/entries", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(draft),
    });
    if (answer.status >= 500) return { kind: "unreachable" };
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
