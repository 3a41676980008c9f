import { format } from "../../quantity";
import { noRow, unjudged, type KindOf, type Says } from "../kind";
import type { OpenPoint } from "../open";
import { printPart } from "../print";
import { mendedBy } from "./evidence";
import type { PartWork } from "./payload";
import { CHANGES_NOTHING, PUTS_IN } from "./values";

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

/** A word in what was found that speaks of a fault. */
const BAD_WORDS = /leak|open|short|dried|dry|drift|dead|weak|burnt|broken|crack|worn|dirty|gassy|low|high|bad|fail/;

/** Work on a part: what it was, what was found, what was done, what is there now, where the old one went. */
export const partWork: KindOf<"part-work", PartWork, undefined> = {
  kind: "part-work",
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
};
