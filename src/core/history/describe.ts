import { format, formatDeviation, formatMoney, formatPart, parsePart, quantityOfDesignator } from "../quantity";
import { judgeTest, printMeasured, printMeterLoad } from "../readings";
import { METHOD_NAMES, STAGE_NAMES } from "../power";
import { partRules, STEP_NAMES, type Sheet } from "../model";
import { PLAN_ACTION_WORDS } from "../components";
import type { Content, ContentOf } from "./entries";
import { judgeComponentTest, judgeTubeTest } from "./judged";
import { judgePowerStep, judgeReading } from "./open-points";
import { PUTS_IN, WAIT_NAMES } from "./payloads";
import { CHASSIS_WORDS, MOD_STATE_WORDS } from "./payloads-job";

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
  const measured = printMeasured(payload.measured.value, payload.quantity);
  const line = payload.lineVolts ? ` at ${format(payload.lineVolts, "voltage")} line` : "";
  const rule = payload.expected?.rule;
  const band = rule === undefined || rule === "winding";
  const against =
    rule === "at-least" && payload.expected
      ? `, at least ${format(payload.expected.value, payload.quantity)}`
      : rule === "cold-heater" && payload.expected
        ? `, cold (${format(payload.expected.value, payload.quantity)} hot)`
        : corrected !== undefined
          ? `, expected ${format(corrected, payload.quantity)}`
          : "";
  const off = ratio !== undefined && band ? ` (${formatDeviation(ratio - 1)})` : "";
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
  if (work.action === "substituted")
    return `found substituted: ${now}${was ? ` in place of ${was}` : ""}. To put it back: ${work.why ?? ""}`;
  const measured = work.measured ? `measured ${format(work.measured.value, work.measured.quantity, 4)}` : "";
  const remarks = [work.found, measured].filter(Boolean).join(", ");
  return `${work.action}${parts ? `: ${parts}` : ""}${remarks ? ` (${remarks})` : ""}${work.why ? `: ${work.why}` : ""}`;
}

function describeTest(payload: ContentOf<"test-result">["payload"]): Line {
  const { verdict, reasons } = judgeTest(payload.measured.value, payload.nominal?.value, payload.sense);
  const unit = payload.unit ? ` ${payload.unit}` : "";
  const nominal = payload.nominal ? ` / ${payload.nominal.text}${unit}` : "";
  const condition = payload.condition ? ` at ${payload.condition}` : "";
  const text = `${payload.test}${condition} ${payload.measured.text}${unit}${nominal}. ${reasons.join(" ")}`;
  return { subject: payload.designator ?? "Test", text, ...(verdict === "none" ? {} : { verdict }) };
}

function describeComponentTest(payload: ContentOf<"component-test">["payload"]): Line {
  const { designator, quantity, value, esr, tan, leakage, atVolts, where, remark } = payload;
  const { verdict, reasons } = judgeComponentTest(payload);
  const figures = [
    value && format(value.value, quantity, 4),
    esr && `ESR ${format(esr.value, "resistance")}`,
    tan !== undefined && `tan δ ${tan}`,
    leakage && `leaks ${format(leakage.value, "current")}${atVolts ? ` at ${format(atVolts.value, "voltage")}` : ""}`,
    where === "in-circuit" ? "in circuit" : where,
    remark,
  ].filter(Boolean);
  const text = [`${figures.join(", ")}.`, ...reasons].join(" ");
  return { subject: designator, text, ...(verdict === "none" ? {} : { verdict }) };
}

function describeTubeTest(payload: ContentOf<"tube-test">["payload"]): Line {
  const { designator, type, shorts, gas, strength, tester, remark } = payload;
  const { verdict, reasons } = judgeTubeTest(payload);
  const figures = [
    type,
    shorts === "none" ? "no shorts" : "shorted",
    gas && (gas === "none" ? "no gas" : gas === "slight" ? "a trace of gas" : "gassy"),
    strength && `${strength.test} ${strength.measured.text} / ${strength.nominal.text} ${strength.unit}`.trim(),
    tester && `on ${tester}`,
    remark,
  ].filter(Boolean);
  return {
    subject: designator,
    text: [`${figures.join(", ")}.`, ...reasons].join(" "),
    ...(verdict === "none" ? {} : { verdict }),
  };
}

function describePowerStep(payload: ContentOf<"power-step">["payload"]): Line {
  const { amps, endAmps, bplus, heaters, lineVolts, held, lamp, remark } = payload;
  const { verdict, reasons } = judgePowerStep(payload);
  const pieces = [
    lineVolts && format(lineVolts.value, "voltage"),
    amps && format(amps.value, "current"),
    endAmps && `then ${format(endAmps.value, "current")}`,
    bplus && `B+ ${format(bplus.value, "voltage")}`,
    heaters && `heaters ${format(heaters.value, "voltage")}`,
    lamp && `lamp ${lamp}`,
    held !== undefined && `held ${format(held, "time")}`,
    remark,
  ].filter(Boolean);
  const said = reasons.map((reason) => reason.text).join(" ");
  const text = `${pieces.join(", ")}${said ? `. ${verdict === "stop" ? "Stop: " : ""}${said}` : ""}`;
  const mark = verdict === "stop" ? "bad" : verdict === "watch" ? "watch" : "good";
  return {
    subject: `${lamp ? METHOD_NAMES.lamp : STAGE_NAMES[payload.stage]}, ${format(payload.fraction, "percent")}`,
    text,
    ...(verdict === "none" ? {} : { verdict: mark }),
  };
}

/** A set-up in one line, e.g. `grey analogue meter, line 231 V 50 Hz, no signal`. */
export function describeSetup(payload: ContentOf<"setup">["payload"]): string {
  const { instrument, lineVolts, lineHz, tapVolts, signal, controls, checked } = payload;
  const load = printMeterLoad(instrument);
  const line = [
    lineVolts ? format(lineVolts, "voltage", 4) : "",
    lineHz ? format(lineHz, "frequency") : "",
    tapVolts ? `tap ${format(tapVolts, "voltage")}` : "",
  ]
    .filter(Boolean)
    .join(" ");
  return [
    instrument ? `${instrument.name}${load ? ` (${load})` : ""}` : "meter not noted",
    line && `line ${line}`,
    payload.load && `load ${payload.load}`,
    signal && `signal ${signal}`,
    controls && `controls ${controls}`,
    checked.length > 0 && `${checked.length} looked at`,
  ]
    .filter(Boolean)
    .join(", ");
}

const TICK_SUBJECTS = {
  prerequisite: "Prerequisite",
  read: "Read through",
  step: "Step",
  verify: "Verified",
  recalibrate: "Recalibrated",
} as const;
const TICK_WORDS = { done: "", na: "does not apply", unmet: "not met", skipped: "skipped" } as const;

function describeTick(payload: ContentOf<"tick">["payload"]): Line {
  const { list, text, state, saw, why, out, back } = payload;
  const screws = [out !== undefined && `${out} out`, back !== undefined && `${back} back in`]
    .filter(Boolean)
    .join(", ");
  const said = [TICK_WORDS[state], saw, why, screws].filter(Boolean).join("; ");
  return {
    subject: TICK_SUBJECTS[list],
    text: said ? `${text}: ${said}` : text,
    ...(state === "unmet" ? { verdict: "bad" as const } : {}),
  };
}

function describeModification(payload: ContentOf<"modification">["payload"]): Line {
  const { name, state, what, parts, chassis, reversible, remark } = payload;
  const pieces = [
    what,
    parts.map((part) => `${part.designator} ${printPart(part.text, part.designator)}`).join(" + "),
    CHASSIS_WORDS[chassis],
    reversible ? "reversible" : "not reversible",
    remark,
  ].filter(Boolean);
  return { subject: `Modification ${MOD_STATE_WORDS[state]}`, text: `${name}: ${pieces.join("; ")}` };
}

const SOAK_WORDS = { start: "started", pause: "paused", resume: "goes on", end: "ended" } as const;

function describeSoak({ state, hours, lineVolts, remark }: ContentOf<"soak">["payload"]): Line {
  const pieces = [
    hours !== undefined && `for ${hours} h`,
    lineVolts !== undefined && `at ${format(lineVolts, "voltage")}`,
    remark,
  ].filter(Boolean);
  return { subject: "Soak", text: [SOAK_WORDS[state], ...pieces].join(", ") };
}

/** Minutes as a technician says them, e.g. `1 h 20 min`. */
export function printMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return [hours > 0 && `${hours} h`, (rest > 0 || hours === 0) && `${rest} min`].filter(Boolean).join(" ");
}

const CHECK_WORDS = { done: "done", na: "does not apply", trouble: "wrong" } as const;

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
    case "component-test":
      return describeComponentTest(payload);
    case "tube-test":
      return describeTubeTest(payload);
    case "plan-line":
      return { subject: `Plan, ${payload.designator}`, text: `${PLAN_ACTION_WORDS[payload.action]}: ${payload.why}` };
    case "fault-test":
      return {
        subject: "Search",
        text: `${payload.what}: ${payload.says}${payload.doubtful ? ", not to be relied on" : ""}${payload.remark ? ` (${payload.remark})` : ""}`,
      };
    case "finding":
      return {
        subject: payload.state === "found" ? "Found" : "Reopened",
        text: [
          payload.cause,
          payload.mended && `mended: ${payload.mended}`,
          payload.gone.length > 0 && "shown gone",
          payload.why,
        ]
          .filter(Boolean)
          .join("; "),
      };
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
    case "setup":
      return { subject: `Set-up “${payload.name}”`, text: describeSetup(payload) };
    case "power-step":
      return describePowerStep(payload);
    case "check": {
      const measured = payload.measured ? `: ${format(payload.measured.value, "voltage")} by the meter` : "";
      const text = `${payload.text}${measured}${payload.state === "done" ? "" : `: ${CHECK_WORDS[payload.state]}`}${payload.remark ? ` (${payload.remark})` : ""}`;
      const subject = payload.list === "make-safe" ? "Make safe" : "Before it goes out";
      return { subject, text, verdict: payload.state === "trouble" ? "bad" : "good" };
    }
    case "hand-back":
      return { subject: "Hand back", text: payload.summary };
    case "modification":
      return describeModification(payload);
    case "tick":
      return describeTick(payload);
    case "loan": {
      const where = [payload.place && `at ${payload.place}`, payload.from && `from ${payload.from}`].filter(Boolean);
      const text = [payload.what, ...where].join(", ");
      return { subject: payload.state === "in" ? "On loan" : "Taken out again", text };
    }
    case "soak":
      return describeSoak(payload);
    case "labour": {
      const what = payload.what ? `, ${payload.what}` : "";
      return { subject: "Labour", text: `${STEP_NAMES[payload.step]}: ${printMinutes(payload.minutes)}${what}` };
    }
    case "estimate": {
      const remark = payload.remark ? `, ${payload.remark}` : "";
      const text = `${formatMoney(payload.total)}: ${printMinutes(payload.labourMinutes)} of labour, parts ${formatMoney(payload.parts)}${remark}`;
      return { subject: "Estimate", text };
    }
    case "approval": {
      const remark = payload.remark ? `, ${payload.remark}` : "";
      return {
        subject: "Approved",
        text: `up to ${formatMoney(payload.limit)} by ${payload.who}, ${payload.how}${remark}`,
      };
    }
    case "unknown":
      return {
        subject: `“${payload.kind}”`,
        text: "An entry of a newer version of this program: it is kept as it came, and what it says is not understood here.",
      };
  }
}
