import {
  circuitOf,
  modeOf,
  placedParts,
  said,
  stageNamed,
  systemFor,
  type Evidence,
  type Figures,
  type Learnt,
  type Need,
  type PartRecord,
  type Question,
  type System,
} from "../diagnosis";
import {
  asBuilt,
  CHANGES_NOTHING,
  judgeComponentTest,
  judgeReading,
  judgeTubeTest,
  ofKind,
  upTo,
  type ContentOf,
  type Settled,
} from "../history";
import type { Circuit } from "../model";
import { judgeTest, OPEN_OHMS } from "../readings";
import { poweredUp } from "./power-run";
import type { VisitInput } from "./run-sheet";

const YEAR_MS = 365.25 * 86_400_000;

export type SearchInput = VisitInput & {
  figures?: Figures | undefined;
  /** what the shop has found on this model and elsewhere */
  learnt?: Learnt | undefined;
  /** instruments that are not at hand, chosen by the technician */
  lacking?: readonly Need[] | undefined;
};

/** A search of a visit: what is asked of core/diagnosis, and where each piece of it comes from. */
export type Search = {
  circuit: Circuit;
  /** nobody has looked at the circuit yet: it was made from the tubes and the words of the sheet */
  proposed: boolean;
  question: Question;
  system: System;
  /** entries that say something that no test of this circuit asks */
  unread: string[];
  findings: FindingState[];
};

export type FindingState = {
  id: string;
  fault: string;
  cause: string;
  state: "found" | "mended" | "closed" | "reopened";
  /** the payload that stands, with what later entries added */
  latest: ContentOf<"finding">["payload"];
};

type Moment = { evidence: (Evidence & { of?: string })[]; mends: string[] };
/** What one entry says to the search. */
type Says = {
  outcomes: {
    test: string;
    outcome: string;
    weight?: number;
    /** of a fault, as it was before it was mended */ of?: string;
  }[];
  mends: string[];
};
const NOTHING: Says = { outcomes: [], mends: [] };

/** An intermittent fault that did not show itself counts this much. Shop's estimate. */
const DID_NOT_SHOW = 0.3;
/** The same result once more, with nothing changed in between: the same slip would give it again. Shop's estimate. */
const SAME_AGAIN = 0.2;
/** A reading this far below what belongs there is as good as nothing. Shop's estimate. */
const GONE = 0.08;

const ELECTRODE = /^((?:V|Q|TR)\d{1,2})\s+(plate|anode|screen|cathode|grid|bias|g1|g2|emitter|collector|base)/i;
const ELECTRODE_KEYS: Record<string, string> = {
  anode: "plate",
  collector: "plate",
  g2: "screen",
  emitter: "cathode",
  base: "grid",
  g1: "grid",
  bias: "grid",
};

/** The test that a point of the chart is a reading of. */
function testOfPoint(point: string, system: System, circuit: Circuit): string | undefined {
  const found = ELECTRODE.exec(point);
  if (found) {
    const device = (found[1] ?? "").toUpperCase();
    const word = (found[2] ?? "").toLowerCase();
    const stages = circuit.stages.filter(({ tubes }) => tubes.includes(device));
    const ids = stages.map(({ id }) => `volts:${id}:${ELECTRODE_KEYS[word] ?? word}`);
    // A tube that detects and amplifies has its volts where it amplifies.
    return ids.toReversed().find((id) => system.testById.has(id));
  }
  if (/^(line|battery|supply) current|^string current/i.test(point))
    return /^string/i.test(point) ? "rail:heaters" : "line";
  const rails: [RegExp, readonly string[]][] = [
    [/^(b\+|ht\b|reservoir)/i, ["rail:reservoir", "rail:high-voltage"]],
    [/^high voltage/i, ["rail:high-voltage", "rail:reservoir"]],
    [/^(heaters?|filaments?|lt\b|string)/i, ["rail:heaters"]],
    [/^battery/i, ["rail:battery"]],
    [/^regulated/i, ["rail:regulator", "rail:rails"]],
    [/^(avc|agc)/i, ["rail:agc"]],
    [/rail/i, ["rail:rails"]],
    [/^bias/i, ["rail:bias"]],
  ];
  return rails.find(([name]) => name.test(point))?.[1].find((id) => system.testById.has(id));
}

const WINDINGS: [RegExp, string][] = [
  [/field coil|choke/i, "reservoir"],
  [/output (primary|secondary)|output transformer/i, "output"],
  [/voice coil/i, "speaker"],
  [/^\S+ primary|mains primary/i, "mains"],
  [/\bht\b/i, "rectifier"],
];

/** A winding that was measured cold: the check of its stage. */
function windingTest(point: string, circuit: Circuit): string | undefined {
  const kind = WINDINGS.find(([words]) => words.test(point))?.[1];
  const stage = kind
    ? circuit.stages.find((one) => one.kind === kind)
    : stageNamed(circuit, point.replace(/^\S+\s/, ""));
  return stage ? `check:${stage.id}:winding` : undefined;
}

function ofReading(payload: ContentOf<"reading">["payload"], system: System, circuit: Circuit): Says {
  const { verdict, ratio } = judgeReading(payload);
  const { quantity, designator, measured, point } = payload;
  const outcome = (test: string | undefined, is: string): Says =>
    test && system.testById.has(test) ? { outcomes: [{ test, outcome: is }], mends: [] } : NOTHING;
  if (quantity === "resistance") {
    if (measured.value >= OPEN_OHMS && !designator) return outcome(windingTest(point, circuit), "bad");
    if (verdict === "none" || verdict === "no-proof") return NOTHING;
    const is = verdict === "good" ? "good" : "bad";
    return outcome(
      designator && system.testById.has(`check:${designator}`) ? `check:${designator}` : windingTest(point, circuit),
      is,
    );
  }
  if (verdict === "none" || verdict === "no-proof") return NOTHING;
  const test = testOfPoint(point, system, circuit);
  const gone = ratio !== undefined && Math.abs(ratio) < GONE && test !== "line";
  return outcome(test, verdict === "good" ? "normal" : gone ? "none" : verdict);
}

const BAD_WORDS = /leak|open|short|dried|dry|drift|dead|weak|burnt|broken|crack|worn|dirty|gassy|low|high|bad|fail/;

/** Faults that work on a part mends: its own, and for a control, a coil or a switch those of that part in its stage. */
function mendedBy(designators: readonly string[], system: System, input: VisitInput, circuit: Circuit): string[] {
  const placed = placedParts(circuit, input.sheet.components);
  return system.faults.flatMap(({ id, designator, stage, mode }) => {
    if (designator) return designators.includes(designator) ? [id] : [];
    const parts = placed.filter((one) => designators.includes(one.designator) && one.stage === stage.id);
    const fits = parts.some(({ designator: part, role }) => {
      if (role === "control") return mode.part === "contact" || mode.part === "res:control";
      const [what, roleOf] = mode.part.split(":");
      return roleOf === role && (what === "cap") === part.includes("C");
    });
    const tube = designators.some((one) => stage.tubes.includes(one)) && mode.part === "tube";
    return fits || tube ? [id] : [];
  });
}

/** A tube on a simple tester, or what the whole set gives against its limit. */
function ofTest(
  { designator, test, measured, nominal, sense }: ContentOf<"test-result">["payload"],
  system: System,
): Says {
  const { verdict } = judgeTest(measured.value, nominal?.value, sense);
  if (verdict !== "good" && verdict !== "bad") return NOTHING;
  const check = `check:${designator ?? ""}`;
  if (designator)
    return system.testById.has(check) ? { outcomes: [{ test: check, outcome: verdict }], mends: [] } : NOTHING;
  const whole = ["play-tx", "play"].find((id) => system.testById.has(id));
  if (!whole || !/output|power|sensitiv/i.test(test)) return NOTHING;
  return { outcomes: [{ test: whole, outcome: verdict === "good" ? "fine" : "weak" }], mends: [] };
}

function ofPowerStep(payload: ContentOf<"power-step">["payload"], system: System): Says {
  const { stage, fraction, bplus, amps, lamp, expected } = payload;
  if (lamp || fraction < 0.75) return NOTHING;
  const outcomes: Says["outcomes"] = [];
  const rail = ["rail:reservoir", "rail:high-voltage"].find((id) => system.testById.has(id));
  if (bplus && rail && stage !== "rectifier-out") {
    const ratio = expected.bplus ? bplus.value / (expected.bplus * fraction) : undefined;
    if (bplus.value < 5) outcomes.push({ test: rail, outcome: "none" });
    else if (ratio !== undefined)
      outcomes.push({ test: rail, outcome: ratio < 0.8 ? "low" : ratio > 1.2 ? "high" : "normal" });
  }
  if (amps && expected.fullAmps && stage !== "rectifier-out" && system.testById.has("line")) {
    const ratio = amps.value / (expected.fullAmps * fraction);
    outcomes.push({ test: "line", outcome: ratio > 1.25 ? "high" : ratio < 0.6 ? "low" : "normal" });
  }
  return { outcomes, mends: [] };
}

function ofContent(item: Settled, system: System, input: VisitInput, circuit: Circuit): Says {
  const { content } = item;
  if (!content) return NOTHING;
  const known = (test: string) => system.testById.has(test);
  switch (content.kind) {
    case "take-in":
    case "symptom": {
      const state = content.kind === "symptom" ? content.payload.state : "present";
      const words = content.kind === "symptom" ? content.payload.what : content.payload.complaint;
      const { outcomes, intermittent } = said(words, circuit);
      if (state !== "gone") return { outcomes, mends: [] };
      return {
        outcomes: outcomes.map(({ test }) => ({
          test,
          outcome: system.testById.get(test)?.outcomes[0]?.key ?? "",
          ...(intermittent ? { weight: DID_NOT_SHOW } : {}),
        })),
        mends: [],
      };
    }
    case "reading":
      return ofReading(content.payload, system, circuit);
    case "power-step":
      return ofPowerStep(content.payload, system);
    case "component-test": {
      const { verdict } = judgeComponentTest(content.payload);
      const test = `check:${content.payload.designator}`;
      if (!known(test) || (verdict !== "good" && verdict !== "bad")) return NOTHING;
      return { outcomes: [{ test, outcome: verdict }], mends: [] };
    }
    case "tube-test": {
      const { verdict } = judgeTubeTest(content.payload);
      const test = `check:${content.payload.designator}`;
      if (!known(test) || (verdict !== "good" && verdict !== "bad")) return NOTHING;
      return { outcomes: [{ test, outcome: verdict }], mends: [] };
    }
    case "test-result":
      return ofTest(content.payload, system);
    case "fault-test": {
      const { test, outcome, doubtful } = content.payload;
      return { outcomes: [{ test, outcome, ...(doubtful ? { weight: DID_NOT_SHOW } : {}) }], mends: [] };
    }
    case "part-work": {
      const { action, designators, found } = content.payload;
      if (CHANGES_NOTHING.includes(action)) return NOTHING;
      const bad = found && BAD_WORDS.test(found.toLowerCase());
      return {
        outcomes: bad
          ? designators.map((one) => ({ test: `check:${one}`, outcome: "bad" })).filter(({ test }) => known(test))
          : [],
        mends: mendedBy(designators, system, input, circuit),
      };
    }
    case "finding": {
      const { fault, state, mended, work } = content.payload;
      const index = system.faultIndex.get(fault);
      const one = index === undefined ? undefined : system.faults[index];
      if (!one) return NOTHING;
      const check = system.tests.find((test) => test.act === "check" && test.response[index ?? 0] !== 0);
      // What was found is as sure as its own check. Reopened, it is not: but what was mended stays mended.
      const outcomes =
        state === "found" && check && !content.payload.about ? [{ test: check.id, outcome: "bad", of: fault }] : [];
      return { outcomes, mends: mended || work.length > 0 ? [fault] : [] };
    }
    default:
      return NOTHING;
  }
}

/** Where each finding stands: the last word on it counts. */
export function searchedFindings(settled: readonly Settled[], visitId: string): FindingState[] {
  const mine = ofKind(settled, "finding").filter(({ entry }) => entry.visitId === visitId);
  return mine
    .filter(({ content }) => !content.payload.about)
    .map(({ entry, content }): FindingState => {
      const later = mine.filter((one) => one.content.payload.about === entry.id).map((one) => one.content.payload);
      const latest = later.at(-1) ?? content.payload;
      const { fault, cause } = content.payload;
      const reopened = latest.state === "reopened";
      const mended = Boolean(latest.mended) || latest.work.length > 0;
      return {
        id: entry.id,
        fault,
        cause,
        state: reopened ? "reopened" : latest.gone.length > 0 ? "closed" : mended ? "mended" : "found",
        latest,
      };
    });
}

/** What the set's record said of its parts when the visit began. */
function recordsOf(input: VisitInput): Record<string, PartRecord> {
  const mine = input.settled.filter(({ entry }) => entry.visitId === input.visitId);
  const began = mine[0]?.at ?? input.now;
  const before = upTo(input.settled, began).filter(({ entry }) => entry.visitId !== input.visitId);
  return Object.fromEntries(
    asBuilt(before, input.sheet, began)
      .filter(({ lastWorkAt }) => lastWorkAt)
      .map(({ designator, state, lastWorkAt }): [string, PartRecord] => [
        designator,
        state === "left"
          ? { left: true }
          : { changedYears: (Date.parse(began) - Date.parse(lastWorkAt ?? began)) / YEAR_MS },
      ]),
  );
}

const WHOLE_SET = new Set(["play", "hum", "noise", "steady", "dial", "bands", "warm"]);

/**
 * The search of a visit, from its log: everything that was written down already is evidence, nothing is typed twice.
 * A repair is an event: what was seen before it speaks of the set as it was, what was seen after it of the set as it is.
 */
export function searchOf(input: SearchInput): Search {
  const { circuit, proposed } = circuitOf(input.sheet);
  const years = input.year ? new Date(input.now).getFullYear() - input.year : undefined;
  const facts = {
    circuit,
    parts: placedParts(circuit, input.sheet.components),
    ...(years === undefined ? {} : { years }),
    highestVolts: input.sheet.highestVolts,
    record: recordsOf(input),
    figures: input.figures?.often,
    ...(input.learnt && input.figures?.learns !== false ? { learnt: input.learnt } : {}),
  };
  const system = systemFor(facts);
  const moments = input.settled
    .filter(({ entry }) => entry.visitId === input.visitId)
    .map((item): Moment => {
      const { outcomes, mends } = ofContent(item, system, input, circuit);
      return { mends, evidence: outcomes.map((one) => ({ id: item.entry.id, ...one })) };
    });
  const mended: string[] = [];
  const evidence: Evidence[] = [];
  const seen = new Set<string>();
  let done = new Set<string>();
  for (const moment of moments) {
    for (const { of, ...one } of moment.evidence) {
      const before = mended.filter((id) => id !== of);
      const key = `${one.test}=${one.outcome}/${before.length}`;
      // What somebody has confirmed counts in full, whatever was read before.
      const weight = (one.weight ?? 1) * (seen.has(key) && !of ? SAME_AGAIN : 1);
      seen.add(key);
      evidence.push({ ...one, ...(weight < 1 ? { weight } : {}), ...(before.length > 0 ? { mended: before } : {}) });
      done.add(one.test);
    }
    const fresh = moment.mends.filter((id) => !mended.includes(id));
    mended.push(...fresh);
    // After a repair one listens again; what was found sound stays sound.
    if (fresh.length > 0) done = new Set([...done].filter((id) => !WHOLE_SET.has(id.replace(/-tx$/, ""))));
  }
  const opened = input.settled.some(
    ({ entry, content }) =>
      entry.visitId === input.visitId &&
      content &&
      ["check", "component-test", "part-work", "reading", "fault-test"].includes(content.kind),
  );
  const met: Need[] = [
    ...(opened ? (["open"] as const) : []),
    ...(poweredUp(input.settled, input.visitId) ? (["power"] as const) : []),
  ];
  const findings = searchedFindings(input.settled, input.visitId);
  const confirmed = findings.filter(({ state }) => state === "found").map(({ fault }) => fault);
  return {
    circuit,
    proposed,
    system,
    question: { facts, evidence, done: [...done], mended, confirmed, lacking: input.lacking ?? [], met },
    unread: moments.flatMap(({ evidence: list }) =>
      list.filter(({ test }) => !system.testById.has(test)).map(({ id }) => id),
    ),
    findings,
  };
}

/** Words for a fault that a search named, also where its circuit has changed since. */
export function faultWords(fault: string, circuit: Circuit): string {
  const [, stage = "", key = "", , designator] = /^([^.]+)\.([^@]+)(@(.+))?$/.exec(fault) ?? [];
  const name = modeOf(key)?.name ?? key;
  const where = circuit.stages.find(({ id }) => id === stage)?.name ?? stage;
  return `${name}${designator ? ` (${designator})` : ""}, ${where}`;
}
