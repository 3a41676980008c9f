import {
  circuitOf,
  isHeard,
  knownSet,
  modeOf,
  natureFor,
  NET_TEST,
  netOutcome,
  pathId,
  placedParts,
  systemFor,
  type Evidence,
  type Figures,
  type Learnt,
  type NetEvidence,
  type PartRecord,
  type Physics,
  type Question,
  type System,
  type TestNeed,
} from "../diagnosis";
import { asBuilt } from "../history";
import { evidenceOf, kindOf, ofKind, SAYS_NOTHING, type Content, type ContentOf, type Settled } from "../kinds";
import { upTo } from "../log";
import type { Circuit } from "../model";
import { poweredUp } from "./power-run";
import type { VisitInput } from "./run-sheet";

const YEAR_MS = 365.25 * 86_400_000;

export type SearchInput = VisitInput & {
  figures?: Figures | undefined;
  /** what the shop has found on this model and elsewhere */
  learnt?: Learnt | undefined;
  /** instruments that are not at hand, chosen by the technician */
  lacking?: readonly TestNeed[] | undefined;
  /** what faults do to volts by the set's own circuit, where the model has a net */
  physics?: Physics | undefined;
  /** volts that the circuit has weighed at once: the entries that they are from, and how telling they are */
  weighed?: { entries: readonly string[]; times: NetEvidence["times"] } | undefined;
};

/** Tests whose readings the circuit weighs as a whole: each reading counts once. */
const BY_VOLTS = /^(volts|rail):/;

/** A search of a visit: what is asked of core/diagnosis, and where each piece of it comes from. */
export type Search = {
  circuit: Circuit;
  /** nobody has looked at the circuit yet: it was made from the tubes and the words of the sheet */
  proposed: boolean;
  question: Question;
  /** all that was seen, each reading by itself, also where the circuit weighs them at once */
  seen: readonly Evidence[];
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
/** The same result once more, with nothing changed in between: the same slip would give it again. Shop's estimate. */
const SAME_AGAIN = 0.2;
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
    nature: natureFor(input.sheet, circuit, input.year ?? undefined),
    record: recordsOf(input),
    figures: input.figures?.often,
    ...(input.learnt && input.figures?.learns !== false ? { learnt: input.learnt } : {}),
    ...(input.physics ? { physics: input.physics } : {}),
    ...(input.weighed ? { netEvidence: { readings: input.weighed.entries.length, times: input.weighed.times } } : {}),
  };
  const system = systemFor(facts);
  const set = knownSet(input.sheet, circuit, system);
  const moments = input.settled
    .filter(({ entry }) => entry.visitId === input.visitId)
    .map((item): Moment => {
      const { outcomes, mends } = item.content ? evidenceOf(item.content, set) : SAYS_NOTHING;
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
    if (fresh.length > 0) done = new Set([...done].filter((id) => !isHeard(id)));
  }
  // To listen, nothing is opened: of the tests, only those that need it open the set.
  const opensIt = (content: Content): boolean =>
    content.kind === "fault-test"
      ? (system.testById.get(content.payload.test)?.needs.includes("open") ?? false)
      : kindOf(content).handsInside;
  const opened = input.settled.some(
    ({ entry, content }) => entry.visitId === input.visitId && content !== null && opensIt(content),
  );
  const met: TestNeed[] = [
    ...(opened ? (["open"] as const) : []),
    ...(poweredUp(input.settled, input.visitId) ? (["power"] as const) : []),
  ];
  const weighed = weighedAtOnce(evidence, input.weighed);
  const findings = searchedFindings(input.settled, input.visitId);
  const confirmed = findings.filter(({ state }) => state === "found").map(({ fault }) => fault);
  return {
    circuit,
    proposed,
    system,
    seen: evidence,
    question: { facts, evidence: weighed, done: [...done], mended, confirmed, lacking: input.lacking ?? [], met },
    unread: moments.flatMap(({ evidence: list }) =>
      list.filter(({ test }) => !system.testById.has(test)).map(({ id }) => id),
    ),
    findings,
  };
}

/** The evidence with the readings that the circuit has weighed as one piece of it. */
function weighedAtOnce(evidence: readonly Evidence[], weighed: SearchInput["weighed"]): Evidence[] {
  if (!weighed || weighed.times.length === 0) return [...evidence];
  const entries = new Set(weighed.entries);
  const [own, rest] = [true, false].map((mine) =>
    evidence.filter(({ id, test }) => (entries.has(id) && BY_VOLTS.test(test)) === mine),
  );
  const last = weighed.entries.at(-1);
  if (last === undefined) return [...evidence];
  const before = own?.at(-1)?.mended;
  return [
    ...(rest ?? []),
    {
      id: last,
      test: NET_TEST,
      outcome: netOutcome({ readings: weighed.entries.length, times: weighed.times }),
      ...(before ? { mended: before } : {}),
    },
  ];
}

/** A test that tells whether a mended fault is gone: its sound outcome, and what it showed before. */
export type HeardAgain = {
  id: string;
  name: string;
  good: { key: string; says: string };
  bad: { key: string; says: string };
};

/**
 * What to listen to again after a fault was mended: the tests of the whole set that were bad before, and that the fault
 * shows in. Where none was, what its way of the signal is heard by.
 */
export function heardAgain({ system, question, circuit }: Search, fault: string): HeardAgain[] {
  const index = system.faultIndex.get(fault) ?? -1;
  const heard = (id: string, outcome?: string): HeardAgain[] => {
    const test = system.testById.get(id);
    const [good, ...bad] = test?.outcomes ?? [];
    const was = bad.find(({ key }) => key === outcome) ?? bad.at(-1);
    if (!test || !good || !was) return [];
    const name =
      test.name.startsWith("Listen") && !test.name.startsWith("Listen for")
        ? test.name.replace("Listen", "Listened again")
        : test.name.endsWith("?")
          ? `Again: ${test.name}`
          : `${test.name}, again`;
    return [{ id, name, good: { key: good.key, says: good.says }, bad: { key: was.key, says: was.says } }];
  };
  const complained = new Map<string, string>();
  for (const { test, outcome } of question.evidence) {
    const known = system.testById.get(test);
    const first = outcome.split("|")[0] ?? outcome;
    if (known && isHeard(test) && known.outcomes[0]?.key !== first && known.response[index])
      complained.set(test, first);
  }
  const again = [...complained].flatMap(([id, outcome]) => heard(id, outcome));
  if (again.length > 0) return again;
  const path =
    circuit.paths.find(({ key }) => system.testById.get(pathId("play", key))?.response[index]) ?? circuit.paths[0];
  return path ? heard(pathId("play", path.key)) : [];
}

/** Words for a fault that a search named, also where its circuit has changed since. */
export function faultWords(fault: string, circuit: Circuit): string {
  const [, stage = "", key = "", , designator] = /^([^.]+)\.([^@]+)(@(.+))?$/.exec(fault) ?? [];
  const name = modeOf(key)?.name ?? key;
  const where = circuit.stages.find(({ id }) => id === stage)?.name ?? stage;
  return `${name}${designator ? ` (${designator})` : ""}, ${where}`;
}
