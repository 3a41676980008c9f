import { NEEDS_REASON, type Action, type Fitted, type OldPart } from "../history";
import { formatPart, type PartSpec } from "../quantity";
import { MAINS_ROLES } from "../components";
import { sectionTrouble, type Component } from "../model";
import { compareParts } from "../readings";
import { draftOf } from "./check";
import { unknownDesignator, type Head } from "./designators";
import { drawnAt, readBefore, readNow } from "./part-pieces";
import { readingDraft } from "./part-reading";
import { testOfPart } from "./test-line";
import { got, notUnderstood, type LineContext, type LineResult } from "./types";
import { piece } from "./values";

const ACTION_WORDS: [RegExp, Action][] = [
  [/\brestuff(?:ed)?\b/i, "restuffed"],
  [/\breplaced?\b/i, "replaced"],
  [/\breflow(?:ed)?\b/i, "reflowed"],
  [/\bclean(?:ed)?\b/i, "cleaned"],
  [/\blub(?:e|ed|ricated?)\b/i, "lubricated"],
  [/\badjust(?:ed)?\b/i, "adjusted"],
  [/\brepair(?:ed)?\b/i, "repaired"],
  [/\b(?:left|leave)\b/i, "left"],
  [/\bremoved?\b/i, "removed"],
  [/\bdisconnect(?:ed)?\b/i, "disconnected"],
  [/\bsubstituted?\b/i, "substituted"],
];

const OLD_WORDS: Record<string, OldPart> = {
  "in bag": "bag",
  bag: "bag",
  kept: "kept",
  discarded: "discarded",
  "in shell": "in-shell",
};
const OLD_CLAUSE = /\s+old (in bag|bag|kept|discarded|in shell)\s*$/i;

const EXAMPLES = "add -> and the new value, = and a measured value, or what was done (cleaned, left: why)";

/** What must not go into a role: an ordinary capacitor at the mains, an electrolytic that couples. */
function roleTrouble({ designator, role }: Component, fitted: readonly PartSpec[]): string[] {
  const capacitors = fitted.filter(({ quantity }) => quantity === "capacitance");
  if (MAINS_ROLES.includes(role) && capacitors.some(({ safety }) => !safety))
    return [
      `${designator} sits in a mains role: only ${role === "mains" ? "X or Y" : "Y"} class goes in there. An ordinary one fails short, onto the line or the chassis.`,
    ];
  if (role === "mains-to-chassis" && capacitors.some(({ safety }) => !safety?.startsWith("Y")))
    return [`${designator} goes from the mains to chassis: Y class, not X.`];
  if (role === "coupling" && capacitors.some(({ construction }) => /electrolytic|tantalum/.test(construction ?? "")))
    return [`${designator} couples: an electrolytic leaks by its nature and lifts the next grid. Film goes in there.`];
  return [];
}

/** A line that begins with a designator: work on a part, a reading of it, or a test of a tube. */
export function parsePartLine(line: string, head: Head, context: LineContext): LineResult {
  const [designator = ""] = head.designators;
  const stranger = unknownDesignator(line, head, context);
  const old = OLD_CLAUSE.exec(line);
  const end = old ? old.index : line.length;
  const colon = /:(?=\s|$)/.exec(line.slice(0, end))?.index;
  const bodyEnd = colon ?? end;
  const why = colon === undefined ? "" : line.slice(colon + 1, end).trim();
  const body = line.slice(0, bodyEnd);
  const arrow = /->|→/.exec(body);
  const action = ACTION_WORDS.map(([pattern, name]) => {
    const match = pattern.exec(body.slice(head.end, arrow?.index));
    return match ? { name, at: head.end + match.index, length: match[0].length } : undefined;
  }).find((match) => match !== undefined);

  const test = testOfPart(piece(line, head.end, line.length), designator, context);
  if (test && !arrow && !action) return stranger ?? test;
  if (!arrow && !action) {
    if (why)
      return notUnderstood(colon ?? 0, `What was done to ${designator} is missing before the colon: ${EXAMPLES}.`);
    const before = readBefore(piece(line, head.end, bodyEnd), designator, context);
    if (!before.ok) return before.result;
    if (before.value.measured) return stranger ?? readingDraft(designator, before.value, context, head.end);
    return notUnderstood(line.length, `${head.designators.join("+")}: ${EXAMPLES}.`);
  }

  const beforePiece = piece(line, head.end, Math.min(arrow?.index ?? bodyEnd, action?.at ?? bodyEnd));
  const before = readBefore(beforePiece, designator, context);
  if (!before.ok) return before.result;
  const between = action
    ? body
        .slice(action.at + action.length, arrow?.index ?? bodyEnd)
        .replace(/^[:\s]+/, "")
        .trim()
    : "";
  const name: Action = action?.name ?? "replaced";
  const now = arrow
    ? readNow(piece(line, arrow.index + arrow[0].length, bodyEnd), designator, context)
    : got({ fitted: [] as Fitted[], specs: [] as PartSpec[] });
  if (!now.ok) return now.result;
  const { was, spec, found, measured } = before.value;
  // `R9 left within tolerance` gives its reason without a colon; elsewhere such words say what was found.
  const reason = why || (NEEDS_REASON.includes(name) ? between : "");
  const remark = [found, NEEDS_REASON.includes(name) ? "" : between].filter(Boolean).join(" ");
  const content = {
    kind: "part-work",
    payload: {
      v: 1,
      designators: head.designators,
      action: name,
      ...(was ? { was } : {}),
      ...(remark ? { found: remark } : {}),
      ...(measured ? { measured } : {}),
      now: now.value.fitted,
      ...(reason ? { why: reason } : {}),
      ...(old ? { oldPart: OLD_WORDS[(old[1] ?? "").toLowerCase()] } : {}),
    },
  };
  const drawn = drawnAt(designator, context)?.spec;
  const compared = spec ?? drawn;
  const hints = compared && now.value.specs.length > 0 ? compareParts(compared, now.value.specs) : [];
  if (spec && drawn && spec.sections.join() !== drawn.sections.join())
    hints.push(
      `The drawing has ${formatPart({ quantity: drawn.quantity, sections: drawn.sections })} at ${designator}.`,
    );
  const part = context.sheet.components.find((one) => one.designator === designator);
  const sections = part ? sectionTrouble(part) : undefined;
  if (sections) hints.unshift(sections.text);
  hints.unshift(...(part ? roleTrouble(part, now.value.specs) : []));
  if (context.warning && name !== "left") hints.push(context.warning);
  const checked = draftOf(content, name === "replaced" && !arrow ? line.length : head.end, hints);
  return checked.kind === "draft" && stranger ? stranger : checked;
}
