import type { ContentOf } from "../history";
import {
  circuitOf,
  faultName,
  placedParts,
  stageNamed,
  systemOf,
  type System,
  type Test,
  type TestAct,
} from "../diagnosis";
import type { Circuit, Sheet } from "../model";
import { draftOf } from "./check";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { piece, textOf, type Piece } from "./values";

const kept = new WeakMap<Sheet, { circuit: Circuit; system: System }>();

/** Stages, faults and tests of a sheet; worked out when a line first asks for them. */
function searched(sheet: Sheet): { circuit: Circuit; system: System } {
  const known = kept.get(sheet);
  if (known) return known;
  const { circuit } = circuitOf(sheet);
  const system = systemOf({ circuit, parts: placedParts(circuit, sheet.components), highestVolts: sheet.highestVolts });
  const made = { circuit, system };
  kept.set(sheet, made);
  return made;
}

/** Tests of the whole set; on a set with two paths `tx` behind the word means transmit. */
const WHOLE: Partial<Record<string, TestAct>> = {
  play: "play",
  listen: "play",
  output: "play",
  hum: "hum",
  noise: "noise",
  steady: "steady",
  dial: "dial",
  bands: "bands",
  warm: "warm",
};
/** Tests of one stage, by the word that begins the line. */
export const STAGE_ACTS = ["inject", "trace", "look", "tap", "swap", "check", "works"] as const;
type StageAct = (typeof STAGE_ACTS)[number];

const EXAMPLE =
  "A test reads like: inject AF vol = loud, trace detector = nothing, tap V3 = crackles, check C14 = bad.";

function testsNamed(act: StageAct, place: string, { circuit, system }: { circuit: Circuit; system: System }): Test[] {
  const transmit = /\btx\b|transmit/i.test(place);
  const words =
    place.replace(/\b(tx|rx|transmit|receive|vol(ume)?|grid|plate|input|of|the|at|behind)\b/gi, " ").trim() || place;
  const designator = words.toUpperCase();
  const byPart = system.tests.filter((test) => test.act === act && test.parts?.includes(designator));
  if (byPart.length > 0) return byPart;
  const stage =
    circuit.stages.find(({ tubes }) => tubes.includes(designator)) ??
    stageNamed(circuit, words) ??
    stageNamed(circuit, place);
  if (!stage) return [];
  const own = system.tests.filter((test) => test.act === act && test.stage?.id === stage.id);
  // On two paths, transmit is meant only when it is said, or when there is no other.
  const chosen = own.filter((test) => test.id.startsWith(`${act}-tx:`) === transmit);
  const list = chosen.length > 0 ? chosen : own;
  return act === "check" ? list.filter((test) => !test.parts) : list;
}

/** `inject AF vol = loud`: a test that was made to find the fault, and what came of it. */
export function readSearch(rest: Piece, context: LineContext, word: string): LineResult {
  const text = textOf(rest);
  const at = text.indexOf("=");
  const [place, after] = at < 0 ? [text.trim(), ""] : [text.slice(0, at).trim(), text.slice(at + 1).trim()];
  const [answer = "", remark] = after.split(/:\s*(.*)/s).map((one) => one.trim());
  const set = searched(context.sheet);
  const act = word.toLowerCase();
  const whole = WHOLE[act];
  const stageAct = STAGE_ACTS.find((one) => one === act);
  const path = /^tx\b|transmit/i.test(place) || !set.circuit.paths.some(({ key }) => key === "receive") ? "-tx" : "";
  const tests = whole
    ? set.system.tests
        .filter(({ id }) => id === `${whole}${path}` || (/down/.test(place) && id === `${whole}-down`))
        .slice(-1)
    : stageAct && place
      ? testsNamed(stageAct, place, set)
      : [];
  if (tests.length === 0) {
    const known = set.circuit.stages.map(({ name }) => name).join(", ");
    return notUnderstood(
      rest.start,
      place && stageAct ? `This set has nothing called “${place}” to ${act}. Its stages: ${known}.` : EXAMPLE,
    );
  }
  if (tests.length > 1)
    return {
      kind: "question",
      question: `Which of them was it?`,
      choices: tests.slice(0, 4).map((test) => ({
        label: test.name,
        text: `${act} ${test.id.split(":").slice(1).join(":")}${after ? ` = ${after}` : ""}`,
      })),
    };
  const [test] = tests;
  const outcome = test?.outcomes.find(
    ({ key, words }) => key === answer.toLowerCase() || words.test(answer.toLowerCase()),
  );
  if (!test || !answer || !outcome)
    return notUnderstood(
      rest.end,
      `Say what came of it, behind =: ${(test?.outcomes ?? []).map(({ key, says }) => `${key} (${says})`).join(", ")}.`,
    );
  const doubtful = remark && /^(intermittent|doubtful|not sure)/i.test(remark) ? { doubtful: true } : {};
  const payload = {
    v: 1,
    test: test.id,
    outcome: outcome.key,
    what: test.name,
    says: outcome.says,
    ...doubtful,
    ...(remark ? { remark } : {}),
  };
  return draftOf({ kind: "fault-test", payload }, rest.end, [`${test.name}: ${outcome.says}.`]);
}

/** `check:C14` as it is typed: `check C14`. */
export function writeSearch({ test, outcome, remark }: ContentOf<"fault-test">["payload"]): string {
  const [act = "", ...place] = test.split(":");
  const [word, path] = [act.replace(/-(tx|down)$/, ""), /-(tx|down)$/.exec(act)?.[1]];
  return [word, path, place.join(":"), "=", outcome].filter(Boolean).join(" ") + (remark ? `: ${remark}` : "");
}

/** `found output.coupling-leaky: words; mended: …`, `found C14: …` where only one fault of that part comes into question. */
export function readFinding(rest: Piece, context: LineContext, word: string): LineResult {
  const text = textOf(rest);
  const about = /^#(\d+)[:\s]*/.exec(text);
  if (word === "reopen" || about) return laterFinding(rest, context, word, about);
  const found = /^([A-Za-z0-9.@-]+)\s*:?\s*(.*)$/s.exec(text);
  const { system } = searched(context.sheet);
  const [, name = "", cause = ""] = found ?? [];
  const exact = system.faults.find(({ id }) => id.toLowerCase() === name.toLowerCase());
  const alike = exact ? [exact] : system.faults.filter(({ designator }) => designator === name.toUpperCase());
  if (alike.length === 0)
    return notUnderstood(
      rest.start,
      "Name the part or the fault that was found: found C14: leaks, the grid falls to zero with it lifted.",
    );
  const [one] = alike;
  if (alike.length > 1 || !one)
    return {
      kind: "question",
      question: `What is wrong with ${name.toUpperCase()}?`,
      choices: alike
        .slice(0, 4)
        .map((fault) => ({ label: faultName(fault), text: `found ${fault.id}: ${cause || fault.mode.name}` })),
    };
  const [what = "", mended] = cause.split(/;\s*mended:?\s*/i);
  const payload = {
    v: 1,
    fault: one.id,
    cause: what.trim() || faultName(one),
    state: "found",
    ...(mended?.trim() ? { mended: mended.trim() } : {}),
  };
  return draftOf({ kind: "finding", payload }, rest.end, [faultName(one)]);
}

/** `found #12 mended: C14 replaced; gone #18`, `reopen #12 hum is still there`: a later word on a finding. */
function laterFinding(rest: Piece, context: LineContext, word: string, about: RegExpExecArray | null): LineResult {
  const target = context.tape.find(({ n }) => n === Number(about?.[1]));
  if (!about || target?.content?.kind !== "finding")
    return notUnderstood(rest.start, "Say which finding, by its number on the tape: reopen #12 hum is still there.");
  const root = target.content.payload.about ?? target.id;
  // The last word on the finding is what this one adds to.
  const before = context.tape.reduce(
    (last, { id, content }) =>
      content?.kind === "finding" && (id === root || content.payload.about === root) ? content.payload : last,
    target.content.payload,
  );
  const said = textOf(piece(rest.line, rest.start + about[0].length, rest.end)).trim();
  const base = { ...before, about: root };
  if (word === "reopen")
    return draftOf(
      { kind: "finding", payload: { ...base, state: "reopened", gone: [], why: said || undefined } },
      rest.end,
    );
  const gone = /(?:^|;\s*)gone #(\d+)/i.exec(said);
  const shown = gone ? context.tape.find(({ n }) => n === Number(gone[1])) : undefined;
  if (gone && !shown) return notUnderstood(rest.end, `#${gone[1]} is not on the tape.`);
  const mended = said
    .replace(/(?:^|;\s*)gone #\d+/i, "")
    .replace(/^mended:?\s*/i, "")
    .trim();
  return draftOf(
    {
      kind: "finding",
      payload: { ...base, state: "found", ...(mended ? { mended } : {}), ...(shown ? { gone: [shown.id] } : {}) },
    },
    rest.end,
  );
}

export function writeFinding(
  { fault, cause, state, mended, gone, about, why }: ContentOf<"finding">["payload"],
  numberOf: (id: string) => number | undefined,
): string {
  const n = about ? numberOf(about) : undefined;
  if (state === "reopened") return `reopen #${n ?? "?"} ${why ?? ""}`.trim();
  const shown = gone[0] ? numberOf(gone[0]) : undefined;
  if (n !== undefined)
    return `found #${n}${mended ? ` mended: ${mended}` : ""}${shown !== undefined ? `${mended ? ";" : ""} gone #${shown}` : ""}`;
  return `found ${fault}: ${cause}${mended ? `; mended: ${mended}` : ""}`;
}
