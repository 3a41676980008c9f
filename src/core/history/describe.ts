import { format, formatDeviation, formatPart, parsePart, quantityOfDesignator } from "../quantity";
import { judgeTest } from "../readings";
import { partRules, STEP_NAMES, type Sheet } from "../model";
import type { Content, ContentOf } from "./entries";
import { judgeReading } from "./open-points";
import { PUTS_IN, WAIT_NAMES } from "./payloads";

/** One line for the tape: what it is about, and what it says. */
export type Line = { subject: string; text: string; verdict?: "good" | "watch" | "bad" };

/** A marking in print, where it reads in one way (by the model's rules, where its sheet is given); else as it was typed. */
export function printPart(text: string, designator?: string, sheet?: Pick<Sheet, "dialect" | "components">): string {
  const quantity = designator ? quantityOfDesignator(designator) : undefined;
  const rules = designator && sheet ? partRules(sheet, designator) : quantity ? { quantity } : {};
  const parsed = parsePart(text, rules);
  return parsed.ok ? formatPart(parsed.value) : text;
}

function describeReading(payload: ContentOf<"reading">["payload"]): Line {
  const { verdict, ratio, corrected } = judgeReading(payload);
  const measured = format(payload.measured.value, payload.quantity, 4);
  const line = payload.lineVolts ? ` at ${format(payload.lineVolts, "voltage")} line` : "";
  const against = corrected !== undefined ? `, expected ${format(corrected, payload.quantity)}` : "";
  const off = ratio !== undefined ? ` (${formatDeviation(ratio - 1)})` : "";
  const text = `${measured}${line}${against}${off}${payload.inCircuit ? ", in circuit" : ""}${payload.remark ? `, ${payload.remark}` : ""}`;
  if (verdict === "none") return { subject: payload.point, text };
  return {
    subject: payload.point,
    text,
    verdict: verdict === "good" ? "good" : verdict === "no-proof" ? "watch" : "bad",
  };
}

/** The work on a part in one sentence, e.g. `replaced: 50 nF 400 V → 47 nF 630 V (leaky)`. */
export function describeWork(work: ContentOf<"part-work">["payload"]): string {
  const [first] = work.designators;
  const was = work.was ? printPart(work.was, first) : "";
  const several = work.now.length > 1;
  const now = work.now
    .map((part) => `${several ? `${part.designator} ` : ""}${printPart(part.text, part.designator)}`)
    .join(" + ");
  const parts = PUTS_IN.includes(work.action) ? [was, now].filter(Boolean).join(" → ") : was;
  const measured = work.measured ? `measured ${format(work.measured.value, work.measured.quantity, 4)}` : "";
  const remarks = [work.found, measured].filter(Boolean).join(", ");
  return `${work.action}${parts ? `: ${parts}` : ""}${remarks ? ` (${remarks})` : ""}${work.why ? `: ${work.why}` : ""}`;
}

function describeTest(payload: ContentOf<"test-result">["payload"]): Line {
  const { verdict, reasons } = judgeTest(payload.measured.value, payload.nominal?.value, payload.sense);
  const unit = payload.unit ? ` ${payload.unit}` : "";
  const nominal = payload.nominal ? ` / ${payload.nominal.text}${unit}` : "";
  const text = `${payload.test} ${payload.measured.text}${unit}${nominal}. ${reasons.join(" ")}`;
  return { subject: payload.designator ?? "Test", text, ...(verdict === "none" ? {} : { verdict }) };
}

/** One line of any entry. */
export function describe(content: Content): Line {
  const { kind, payload } = content;
  switch (kind) {
    case "take-in":
      return { subject: "Take in", text: payload.complaint };
    case "symptom":
      return { subject: payload.state === "present" ? "Symptom" : `Symptom ${payload.state}`, text: payload.what };
    case "reading":
      return describeReading(payload);
    case "part-work":
      return { subject: payload.designators.join(", "), text: describeWork(payload) };
    case "test-result":
      return describeTest(payload);
    case "note": {
      const waits = payload.waits ? `Waits for ${WAIT_NAMES[payload.waits]}` : undefined;
      return {
        subject: waits ?? (payload.open ? "Open point" : payload.closes.length > 0 ? "Settled" : "Note"),
        text: payload.text,
      };
    }
    case "step": {
      const word = payload.state === "passed" ? "done" : "passed without";
      return { subject: STEP_NAMES[payload.step], text: payload.reason ? `${word}: ${payload.reason}` : word };
    }
    case "hand-back":
      return { subject: "Hand back", text: payload.summary };
  }
}
