import { ofKind, type ContentOf, type Settled } from "../kinds";
import type { Judgement, Phase } from "../readings";

export type ReadingPayload = ContentOf<"reading">["payload"];

export type Taken = { id: string; at: string; payload: ReadingPayload; judgement: Judgement };

/** The last reading of each point in one phase of a visit; of one pass of it, where its set-up is named. */
export function takenIn(
  settled: readonly Settled[],
  visitId: string,
  phase: Phase,
  setupId?: string,
): Map<string, Taken> {
  const taken = new Map<string, Taken>();
  for (const { entry, at, content, judged } of ofKind(settled, "reading"))
    if (
      entry.visitId === visitId &&
      content.payload.phase === phase &&
      (setupId === undefined || content.payload.setup === setupId)
    )
      taken.set(content.payload.point, {
        id: entry.id,
        at,
        payload: content.payload,
        judgement: judged,
      });
  return taken;
}
