import { format } from "../../quantity";
import { asRemark } from "../../shorthand";
import { defineKind, noRow, unjudged, type Says } from "../kind";
import type { OpenPoint } from "../open";
import { printPart } from "../print";
import { mendedBy } from "./evidence";
import { CHANGES_NOTHING, payload, PUTS_IN, type OldPart, type PartWork } from "./payload";

const OLD_CLAUSES: Record<OldPart, string> = {
  bag: "old in bag",
  kept: "old kept",
  discarded: "old discarded",
  "in-shell": "old in shell",
  supplier: "old to supplier",
};

/** The work on a part in one sentence, e.g. `replaced: 50 nF 400 V → 47 nF 630 V (leaky)`. */
export function describeWork(work: PartWork): string {
  const [first] = work.designators;
  const was = work.was ? printPart(work.was, first) : "";
  const several = work.now.length > 1;
  const now = work.now
    .map(
      (part) =>
        `${several ? `${part.designator} ` : ""}${printPart(part.text, part.designator)}${part.source ? " from the owner" : ""}`,
    )
    .join(" + ");
  const parts = PUTS_IN.includes(work.action) ? [was, now].filter(Boolean).join(" → ") : was;
  if (work.action === "substituted")
    return `found substituted: ${now}${was ? ` in place of ${was}` : ""}. To put it back: ${work.why ?? ""}`;
  const measured = work.measured ? `measured ${format(work.measured.value, work.measured.quantity, 4)}` : "";
  const remarks = [work.found, measured].filter(Boolean).join(", ");
  return `${work.action}${parts ? `: ${parts}` : ""}${remarks ? ` (${remarks})` : ""}${work.why ? `: ${work.why}` : ""}`;
}

const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(" ");

function write(work: PartWork): string {
  const [first] = work.designators;
  const own = (designator: string) => work.now.length > 1 || designator !== first;
  const now = work.now
    .map((part) =>
      join(
        own(part.designator) && part.designator,
        part.text,
        part.note && asRemark(part.note),
        part.stock ? `from ${part.stock.code}` : part.source && "from owner",
      ),
    )
    .join(" + ");
  const behind = work.was || work.measured;
  const found = work.found && (behind ? asRemark(work.found) : work.found);
  const line = join(
    work.designators.join("+"),
    work.was,
    !work.measured && found,
    work.measured && `= ${work.measured.text}`,
    work.measured && found,
    work.action !== "replaced" && work.action,
    now && `-> ${now}`,
  );
  return join(line + (work.why ? `: ${work.why}` : ""), work.oldPart && OLD_CLAUSES[work.oldPart]);
}

/** A word in what was found that speaks of a fault. */
const BAD_WORDS = /leak|open|short|dried|dry|drift|dead|weak|burnt|broken|crack|worn|dirty|gassy|low|high|bad|fail/;

/** Work on a part: what it was, what was found, what was done, what is there now, where the old one went. */
export const partWork = defineKind({
  kind: "part-work",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: {
    designators: "part",
    action: "what was done",
    was: "what it was",
    found: "found",
    measured: "measured",
    now: "what went in",
    why: "reason",
    oldPart: "the old part",
  },
  about: ({ designators }) => designators.join("+"),
  tied: [],
  judge: unjudged,
  describe: (work) => ({ subject: work.designators.join(", "), text: describeWork(work) }),
  words: [],
  write,
  examples: [
    { line: "C14 .05/400 leaky -> 0.047/630", says: "a part replaced: what it was, what was found, what went in" },
    { line: "C1 restuffed -> 22µ/450 old in shell", says: "restuffed; also cleaned, reflowed, adjusted, removed" },
    { line: "C1 2x16µ -> C1A 16µ/450 + C1B 16µ/450", says: "one original by several new parts" },
    { line: "R9 left: within twice the tolerance", says: "left, and why" },
    {
      line: "V4 6V6 substituted -> 6F6: put back a 6V6",
      says: "found with another in its place, and how to put it back",
    },
    { line: "C14 found fitted -> 0.05/600", says: "renewed by an earlier hand" },
    {
      line: "C14 -> 0.047/630 from owner old to owner",
      says: "the owner brought it; the old one: bag, kept, discarded, to supplier",
    },
  ],
  designators: ({ designators, now }) => [...designators, ...now.map((part) => part.designator)],
  works: ({ designators }) => designators,
  changes: ({ action, designators }) =>
    CHANGES_NOTHING.includes(action)
      ? undefined
      : `${designators.join(", ")} ${designators.length === 1 ? "was" : "were"} ${action}`,
  handsInside: true,
  afterHandBack: "refused",
  takes: ({ action, now }) => (CHANGES_NOTHING.includes(action) ? [] : now),
  lane: "parts",
  inFile: "shown",
  csv: noRow,
  sections: () => ["parts"],
  // Parts left as they are: no bar to handing back, but the next visit wants to know.
  open: (mine) =>
    mine.flatMap(({ entry, content: { payload: work } }, index): OpenPoint[] => {
      if (work.action !== "left" && work.action !== "substituted") return [];
      const later = new Set(mine.slice(index + 1).flatMap(({ content }) => content.payload.designators));
      return work.designators
        .filter((designator) => !later.has(designator))
        .map((designator) => ({
          id: entry.id,
          visitId: entry.visitId,
          kind: "left",
          designator,
          text:
            work.action === "substituted"
              ? `${designator} is substituted; to put it back: ${work.why ?? ""}`
              : `${designator} left: ${work.why ?? ""}`,
          blocks: false,
        }));
    }),
  evidence: ({ action, designators, found }, set): Says => {
    if (CHANGES_NOTHING.includes(action)) return { outcomes: [], mends: [] };
    const bad = found && BAD_WORDS.test(found.toLowerCase());
    return {
      outcomes: bad
        ? designators
            .map((one) => ({ test: `check:${one}`, outcome: "bad" }))
            .filter(({ test }) => set.system.testById.has(test))
        : [],
      mends: mendedBy(designators, set),
    };
  },
});
