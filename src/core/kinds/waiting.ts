import { standing, type LogView } from "./kind";
import type { OpenPoint } from "./open";
import type { SettledOf } from "../log";

/** What counts for safety: the two lists, steps of a power-up, and the word that passes one of the two gates before power. */
const forSafety = (kind: string, payload: Record<string, unknown>): boolean =>
  kind === "check" ||
  kind === "power-step" ||
  (kind === "step" && (payload.step === "make-safe" || payload.step === "first-power"));

type Confirmation = { entries: readonly string[] };
type Waiting = SettledOf<{ kind: string; payload: { waits?: true | undefined } }> & {
  content: { payload: { waits?: true | undefined } };
};

/** The confirmation that an entry still waits for; a correction by an apprentice waits anew. */
export function isWaiting(item: Waiting, settled: LogView["settled"]): boolean {
  if (!item.content.payload.waits) return false;
  const said = item.inForce?.entry.recordedAt ?? item.entry.recordedAt;
  return !standing<Confirmation>(settled, "confirmed").some(
    ({ entry, content }) =>
      content.payload.entries.includes(item.entry.id) && Date.parse(entry.recordedAt) >= Date.parse(said),
  );
}

/** An open point for each of them that waits. */
export const waitingPoints = (mine: readonly Waiting[], log: LogView, textOf: (item: Waiting) => string): OpenPoint[] =>
  mine
    .filter((item) => isWaiting(item, log.settled))
    .map((item) => ({
      id: item.entry.id,
      visitId: item.entry.visitId,
      kind: "confirm",
      text: `${textOf(item)}: a lead confirms what an apprentice wrote`,
      blocks: true,
    }));

type Body = { kind: string; payload: Record<string, unknown> };

/** What the log takes: an apprentice's entry that counts for safety is marked, anybody else's is not. */
export function marked<B extends Body>(body: B, apprentice: boolean): B {
  const { kind, payload } = body;
  if (kind === "amendment") {
    const content = payload.content as Body | undefined;
    return content ? { ...body, payload: { ...payload, content: marked(content, apprentice) } } : body;
  }
  if (!forSafety(kind, payload)) return body;
  const { waits: _waits, ...rest } = payload;
  return { ...body, payload: apprentice ? { ...rest, waits: true } : rest };
}
