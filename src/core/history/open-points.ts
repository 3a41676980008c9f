import { format } from "../quantity";
import { judge, type Judgement } from "../readings";
import type { ContentOf } from "./entries";
import type { Wait } from "./payloads";
import { ofKind, upTo, type Settled } from "./settle";

/** Something a set still asks for. `blocks` tells whether it should be cleared or explained before hand-back. */
export type OpenPoint = {
  /** the entry it comes from */
  id: string;
  visitId: string;
  kind: "note" | "symptom" | "reading" | "left";
  text: string;
  blocks: boolean;
  waits?: Wait;
};

/** The verdict of a reading entry, against the expectation that it carries. */
export function judgeReading(payload: ContentOf<"reading">["payload"]): Judgement {
  const { expected, lineVolts, inCircuit, quantity, measured } = payload;
  return judge({
    quantity,
    measured: measured.value,
    ...(expected ? { expected } : {}),
    ...(lineVolts ? { lineVolts } : {}),
    ...(inCircuit ? { inCircuit } : {}),
  });
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

function openNotes(settled: readonly Settled[]): OpenPoint[] {
  const notes = ofKind(settled, "note");
  const closed = new Set(notes.flatMap(({ content }) => content.payload.closes));
  return notes
    .filter(({ entry, content }) => content.payload.open && !closed.has(entry.id))
    .map(({ entry, content: { payload } }) => ({
      id: entry.id,
      visitId: entry.visitId,
      kind: "note",
      text: payload.text,
      blocks: true,
      ...(payload.waits ? { waits: payload.waits } : {}),
    }));
}

function openSymptoms(settled: readonly Settled[]): OpenPoint[] {
  const symptoms = ofKind(settled, "symptom");
  return symptoms.flatMap((present, index): OpenPoint[] => {
    const { what, state } = present.content.payload;
    const later = symptoms.slice(index + 1).map(({ content }) => content.payload);
    // A later word on the same symptom stands for it.
    const superseded = later.some((word) => (word.about ? word.about === present.entry.id : same(word.what, what)));
    if (state === "gone" || superseded) return [];
    return [{ id: present.entry.id, visitId: present.entry.visitId, kind: "symptom", text: what, blocks: true }];
  });
}

/** The last reading of every point that was judged; open while it is out and nobody has worked on the part since. */
function openReadings(settled: readonly Settled[]): OpenPoint[] {
  const readings = ofKind(settled, "reading");
  const last = new Map(readings.map((item) => [item.content.payload.point, item]));
  return [...last.values()].flatMap((item): OpenPoint[] => {
    const { payload } = item.content;
    const verdict = judgeReading(payload).verdict;
    if (verdict !== "high" && verdict !== "low") return [];
    const worked =
      payload.designator !== undefined &&
      ofKind(settled.slice(settled.indexOf(item) + 1), "part-work").some(({ content }) =>
        content.payload.designators.includes(payload.designator ?? ""),
      );
    if (worked) return [];
    const text = `${payload.point} reads ${format(payload.measured.value, payload.quantity)}, ${verdict}`;
    return [{ id: item.entry.id, visitId: item.entry.visitId, kind: "reading", text, blocks: true }];
  });
}

/** Parts left as they are: no bar to handing back, but the next visit wants to know. */
function leftParts(settled: readonly Settled[]): OpenPoint[] {
  const work = ofKind(settled, "part-work");
  return work.flatMap(({ entry, content: { payload } }, index): OpenPoint[] => {
    if (payload.action !== "left") return [];
    const later = new Set(work.slice(index + 1).flatMap(({ content }) => content.payload.designators));
    return payload.designators
      .filter((designator) => !later.has(designator))
      .map((designator) => ({
        id: entry.id,
        visitId: entry.visitId,
        kind: "left",
        text: `${designator} left: ${payload.why ?? ""}`,
        blocks: false,
      }));
  });
}

/** Everything that a set still asks for at a moment. A closing note settles any of them. */
export function openPoints(settled: readonly Settled[], moment: string): OpenPoint[] {
  const past = upTo(settled, moment);
  const closed = new Set(ofKind(past, "note").flatMap(({ content }) => content.payload.closes));
  const all = [...openNotes(past), ...openSymptoms(past), ...openReadings(past), ...leftParts(past)];
  return all.filter((point) => !closed.has(point.id));
}
