import { CHANGES_NOTHING } from "./payloads";
import { loansOut, modificationsOf, pendingLines, type PendingLine } from "./modifications";
import { judgeComponentTest, judgeTubeTest } from "./judged";
import { judgeStep, STAGE_NAMES, type StepVerdict } from "../power";
import { format } from "../quantity";
import { judge, printMeasured, type Judgement } from "../readings";
import type { ContentOf } from "./entries";
import type { Wait } from "./payloads";
import { ofKind, upTo, type Settled } from "./settle";

/** Something a set still asks for. `blocks` tells whether it should be cleared or explained before hand-back. */
export type OpenPoint = {
  /** the entry it comes from */
  id: string;
  visitId: string;
  kind: "note" | "symptom" | "reading" | "left" | "check" | "stop" | "loan" | "modification" | "found" | "soak";
  text: string;
  blocks: boolean;
  waits?: Wait;
  /** a line that a modification made necessary: it is ticked or waived, each by itself */
  line?: PendingLine;
};

/** The verdict of a reading entry, against the expectation that it carries. */
export function judgeReading(payload: ContentOf<"reading">["payload"]): Judgement {
  const { expected, lineVolts, tapVolts, meterOhms, inCircuit, quantity, measured } = payload;
  return judge({ quantity, measured: measured.value, expected, lineVolts, tapVolts, meterOhms, inCircuit });
}

/** The verdict of a step of a power-up, against the expectation that it carries. */
export function judgePowerStep(payload: ContentOf<"power-step">["payload"]): StepVerdict {
  const { stage, fraction, lineVolts, amps, endAmps, bplus, heaters, lamp, seen, expected } = payload;
  return judgeStep({
    stage,
    fraction,
    amps: amps?.value,
    endAmps: endAmps?.value,
    bplus: bplus?.value,
    heaters: heaters?.value,
    lineVolts: lineVolts?.value,
    lamp: lamp !== undefined,
    seen: lamp === "bright" && !seen.includes("lamp-bright") ? [...seen, "lamp-bright"] : seen,
    expected,
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
    const text = `${payload.point} reads ${printMeasured(payload.measured.value, payload.quantity, 3)}, ${verdict}`;
    return [{ id: item.entry.id, visitId: item.entry.visitId, kind: "reading", text, blocks: true }];
  });
}

/** The last test of a component or tube that was bad; open while nobody has worked on its place since. */
function openTests(settled: readonly Settled[]): OpenPoint[] {
  const tests = [...ofKind(settled, "component-test"), ...ofKind(settled, "tube-test")].sort(
    (a, b) => Date.parse(a.at) - Date.parse(b.at),
  );
  const last = new Map(tests.map((item) => [item.content.payload.designator, item]));
  return [...last.values()].flatMap(({ entry, at, content }): OpenPoint[] => {
    const { designator } = content.payload;
    const { verdict, reasons } =
      content.kind === "tube-test" ? judgeTubeTest(content.payload) : judgeComponentTest(content.payload);
    const worked = ofKind(settled, "part-work").some(
      (work) => Date.parse(work.at) >= Date.parse(at) && work.content.payload.designators.includes(designator),
    );
    if (verdict !== "bad" || worked) return [];
    const text = `${designator} tests bad: ${reasons[0] ?? ""}`;
    return [{ id: entry.id, visitId: entry.visitId, kind: "reading", text, blocks: true }];
  });
}

/** Parts left as they are: no bar to handing back, but the next visit wants to know. */
function leftParts(settled: readonly Settled[]): OpenPoint[] {
  const work = ofKind(settled, "part-work");
  return work.flatMap(({ entry, content: { payload } }, index): OpenPoint[] => {
    if (!CHANGES_NOTHING.includes(payload.action)) return [];
    const later = new Set(work.slice(index + 1).flatMap(({ content }) => content.payload.designators));
    return payload.designators
      .filter((designator) => !later.has(designator))
      .map((designator) => ({
        id: entry.id,
        visitId: entry.visitId,
        kind: "left",
        text:
          payload.action === "substituted"
            ? `${designator} is substituted; to put it back: ${payload.why ?? ""}`
            : `${designator} left: ${payload.why ?? ""}`,
        blocks: false,
      }));
  });
}

/** Lines of the make-safe list that were found wrong and not put right since. */
function openChecks(settled: readonly Settled[]): OpenPoint[] {
  const checks = ofKind(settled, "check");
  const last = new Map(
    checks.map((item) => [`${item.entry.visitId} ${item.content.payload.list} ${item.content.payload.key}`, item]),
  );
  return [...last.values()].flatMap(({ entry, content: { payload } }): OpenPoint[] =>
    payload.state === "trouble"
      ? [{ id: entry.id, visitId: entry.visitId, kind: "check", text: payload.remark ?? payload.text, blocks: true }]
      : [],
  );
}

/** A power-up that was stopped stays open until a later step of it went well. */
function openStops(settled: readonly Settled[]): OpenPoint[] {
  const last = new Map(ofKind(settled, "power-step").map((item) => [item.entry.visitId, item]));
  return [...last.values()].flatMap(({ entry, content: { payload } }): OpenPoint[] => {
    const { verdict, reasons } = judgePowerStep(payload);
    if (verdict !== "stop") return [];
    const where = `${STAGE_NAMES[payload.stage]}, ${format(payload.fraction, "percent")}`;
    const text = `Power-up stopped (${where}): ${reasons.map((reason) => reason.text).join(" ")}`;
    return [{ id: entry.id, visitId: entry.visitId, kind: "stop", text, blocks: true }];
  });
}

function openLoans(settled: readonly Settled[]): OpenPoint[] {
  return loansOut(settled).map(({ id, visitId, what, place }) => ({
    id,
    visitId,
    kind: "loan",
    text: `On loan${place ? ` at ${place}` : ""}: ${what}. Take it out again, or record it as fitted`,
    blocks: true,
  }));
}

/** What modifications still ask for: one begun and not finished, what a fitted one made necessary, a found one undecided. */
function openModifications(settled: readonly Settled[]): OpenPoint[] {
  return modificationsOf(settled).flatMap((one): OpenPoint[] => {
    const { id, visitId, payload } = one;
    if (one.state === "planned")
      return [
        { id, visitId, kind: "modification", text: `${payload.name} is begun: fit it, or say why not`, blocks: true },
      ];
    if (one.state === "found")
      return [{ id, visitId, kind: "found", text: `${payload.name} was found: keep it or put it back`, blocks: false }];
    return pendingLines(one).map((line) => ({
      id,
      visitId,
      kind: "modification",
      text: `${payload.name}: ${line.text}`,
      blocks: true,
      line,
    }));
  });
}

/** A soak that nobody ended. */
function openSoaks(settled: readonly Settled[]): OpenPoint[] {
  // In the order of writing: a clock that was set back must not put the end before the start.
  const written = ofKind(settled, "soak").sort((a, b) => (a.entry.id < b.entry.id ? -1 : 1));
  const last = new Map(written.map((item) => [item.entry.visitId, item]));
  return [...last.values()].flatMap(({ entry, content }): OpenPoint[] =>
    content.payload.state === "end"
      ? []
      : [{ id: entry.id, visitId: entry.visitId, kind: "soak", text: "The soak is not ended", blocks: true }],
  );
}

/** Everything that a set still asks for at a moment. A closing note settles any of them. */
export function openPoints(settled: readonly Settled[], moment: string): OpenPoint[] {
  const past = upTo(settled, moment);
  const closed = new Set(ofKind(past, "note").flatMap(({ content }) => content.payload.closes));
  const all = [
    ...openNotes(past),
    ...openChecks(past),
    ...openStops(past),
    ...openSymptoms(past),
    ...openReadings(past),
    ...openTests(past),
    ...openLoans(past),
    ...openModifications(past),
    ...openSoaks(past),
    ...leftParts(past),
  ];
  return all.filter((point) => point.line !== undefined || !closed.has(point.id));
}
