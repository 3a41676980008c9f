import { v7 } from "uuid";
import type { Body, Draft, Entry } from "@/core/history";

export type Problem = { path: string; message: string };
export type Sent = { kind: "saved"; entry: Entry } | { kind: "refused"; problems: Problem[] } | { kind: "unreachable" };

/** Entries that are written but not acknowledged yet; they outlive a reload of the page. */
const key = (setId: string) => `jumelle-outbox-${setId}`;

export function readOutbox(setId: string): Draft[] {
  try {
    return JSON.parse(window.localStorage.getItem(key(setId)) ?? "[]") as Draft[];
  } catch {
    return [];
  }
}

export function writeOutbox(setId: string, drafts: readonly Draft[]): void {
  if (drafts.length === 0) window.localStorage.removeItem(key(setId));
  else window.localStorage.setItem(key(setId), JSON.stringify(drafts));
}

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
