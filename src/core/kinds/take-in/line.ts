import { GRADES, POLICIES, SWITCH_NAMES, SWITCHES, type SwitchName } from "../../policy";
import { formatMoney, parseMoney } from "../../quantity";
import {
  clause,
  clauses,
  escaped,
  list,
  notUnderstood,
  readAs,
  type Clause,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import { readReads, writeReads } from "../reads";
import type { TakeIn } from "./payload";

/** Clauses whose text is taken as it stands. */
const WORDS = {
  since: "since",
  wants: "wants",
  earlier: "earlierWork",
  loose: "loose",
  looks: "cosmetic",
  dates: "dateCodes",
  provenance: "provenance",
} as const;

/** `cabinet good, dial worn` */
function gradesOf(value: string): { grades: { part: string; grade: string }[] } | { problem: string } {
  const grades = list(value).map((item) => {
    const [, part = "", grade = ""] = /^(.*\S)\s+(\S+)$/.exec(item) ?? [];
    return { part, grade: grade.toLowerCase() };
  });
  return grades.every(({ part, grade }) => part && (GRADES as readonly string[]).includes(grade))
    ? { grades }
    : { problem: `A grade is a part and ${GRADES.join(", ")}: grades cabinet good, dial worn.` };
}

/** `power lamp, resistors twice` */
function switchesOf(value: string): { switches: Record<string, string> } | { problem: string } {
  const switches: Record<string, string> = {};
  for (const item of list(value)) {
    const [name = "", answer = ""] = item.toLowerCase().split(/\s+/);
    const known = SWITCH_NAMES.find((one) => one === name);
    if (!known) return { problem: `“${name}” is not a choice of a visit: ${SWITCH_NAMES.join(", ")}.` };
    const answers = Object.keys(SWITCHES[known].answers);
    if (!answers.includes(answer)) return { problem: `${SWITCHES[known].question}: ${answers.join(", ")}.` };
    switches[known] = answer;
  }
  return { switches };
}

function valueOf({ word, value }: Clause, currency: string): Record<string, unknown> | string {
  switch (word) {
    case "policy": {
      const policy = POLICIES.find((name) => value.toLowerCase().startsWith(name));
      return policy ? { policy } : `A policy is ${POLICIES.join(", ")}.`;
    }
    case "with":
      return { received: list(value) };
    case "missing":
      return { missing: list(value) };
    case "grades": {
      const read = gradesOf(value);
      return "problem" in read ? read.problem : read;
    }
    case "read": {
      const reads = readReads(value);
      return reads ? { reads } : "How the complaint is read: read hum double, warm changes; or read nothing.";
    }
    case "choose": {
      const read = switchesOf(value);
      return "problem" in read ? read.problem : read;
    }
    case "limit": {
      const costLimit = parseMoney(value, currency);
      return costLimit ? { costLimit } : `“${value}” is not an amount: limit 250 EUR.`;
    }
    default: {
      const field = WORDS[word as keyof typeof WORDS];
      return field
        ? { [field]: value }
        : `“${word}” is not known here: policy, with, missing, limit, grades, choose, read, ${Object.keys(WORDS).join(", ")}.`;
    }
  }
}

/** `take in: hum; policy original; with lead, knobs; limit 250 EUR`. */
export function readTakeIn(rest: Piece, { currency }: LineContext): LineReading {
  const { first, named } = clauses(rest);
  let payload: Record<string, unknown> = { v: 1, complaint: first, policy: "original", received: [], missing: [] };
  for (const one of named) {
    const read = valueOf(one, currency);
    if (typeof read === "string") return notUnderstood(one.at, read);
    payload = { ...payload, ...read };
  }
  return readAs(payload, rest.start);
}

export function writeTakeIn(payload: TakeIn): string {
  const { grades = [], switches = {}, costLimit } = payload;
  const chosen = (Object.keys(SWITCHES) as SwitchName[]).flatMap((name) =>
    switches[name] ? [`${name} ${switches[name]}`] : [],
  );
  return (
    `take in: ${escaped(payload.complaint)}; policy ${payload.policy}` +
    clause("since", payload.since) +
    clause("wants", payload.wants) +
    clause("with", payload.received.join(", ")) +
    clause("missing", payload.missing.join(", ")) +
    clause("earlier", payload.earlierWork) +
    clause("loose", payload.loose) +
    clause("looks", payload.cosmetic) +
    clause("grades", grades.map(({ part, grade }) => `${part} ${grade}`).join(", ")) +
    clause("dates", payload.dateCodes) +
    clause("provenance", payload.provenance) +
    clause("limit", costLimit ? formatMoney(costLimit) : "") +
    clause("choose", chosen.join(", ")) +
    clause("read", payload.reads ? writeReads(payload.reads) : "")
  );
}

export const line: KindLine<TakeIn> = {
  words: [{ begins: /^(take[ -]in)(?=\s|:|$)[:\s]*/i, read: readTakeIn }],
  write: writeTakeIn,
  examples: [
    {
      line: "take in: hums and fades; policy original; with lead, knobs; missing back cover; limit 250 EUR",
      says: "a set comes in; also since, wants, loose, looks, grades, dates, provenance, choose",
    },
  ],
};
