import { describe, type Amendment } from "../history";
import { describeItem, freeOf, readScan } from "../stock";
import { headOf } from "./designators";
import { parsePartLine } from "./part-line";
import { parseReadingLine, pointOf } from "./reading-line";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { parseWordLine } from "./word-line";

/** Longest line that is read. Longer stories are notes of their own. */
export const LONGEST_LINE = 2000;

const AMEND = /^\s*(amend|withdraw)(?=\s|$)\s*(?:#(\d+))?\s*/i;

/** `amend #12 R7 470k = 621k because misread`, `withdraw #12 because double`. */
function parseAmendLine(line: string, context: LineContext): LineResult | undefined {
  const head = AMEND.exec(line);
  if (!head) return undefined;
  const [whole, word = "", n] = head;
  const target = context.tape.find((item) => item.n === Number(n));
  if (!n || !target) return notUnderstood(whole.length, "Name the entry by its number on the tape, like #12.");
  if (!target.content) return notUnderstood(whole.length, `#${n} is withdrawn already: undo that on the tape.`);
  const because = line.lastIndexOf(" because");
  const reason = because < 0 ? "" : line.slice(because + " because".length).trim();
  if (!reason) return notUnderstood(line.length, "Say why, behind the word because.");
  const withdraws = word.toLowerCase() === "withdraw";
  if (withdraws)
    return amendment(target.id, { v: 1, action: "withdraw", reason }, `#${n} ${describe(target.content).subject}`);
  const offset = whole.length;
  const inner = parseLine(line.slice(offset, because), { ...context, base: target.content });
  if (inner.kind === "question")
    return {
      ...inner,
      choices: inner.choices.map((choice) => ({
        ...choice,
        text: line.slice(0, offset) + choice.text + line.slice(because),
      })),
    };
  if (inner.kind === "not-understood") return { ...inner, at: inner.at + offset };
  if (inner.kind === "empty" || inner.draft.type !== "content")
    return notUnderstood(offset, "Write what the entry should say, as it would be typed anew.");
  const made = amendment(target.id, { v: 1, action: "correct", reason, content: inner.draft.content }, inner.line.text);
  return { ...made, line: inner.line, hints: [`Corrects #${n}: ${reason}`, ...inner.hints] };
}

const amendment = (amends: string, payload: Amendment, text: string): LineResult & { kind: "draft" } => ({
  kind: "draft",
  draft: { type: "amendment", amends, amendment: payload },
  line: { subject: payload.action === "withdraw" ? "Withdraws" : "Corrects", text },
  hints: [],
});

/** A label that was scanned into the line: what it is, and how it is used here. */
function labelLine(line: string, context: LineContext): LineResult | undefined {
  if (!/^\s*J[PT][0-9A-Z]+\s*$/i.test(line)) return undefined;
  const scan = readScan(line);
  if (scan.kind === "job") return notUnderstood(0, `That is the tag of job ${scan.job}, and no part.`);
  if (scan.kind !== "part") return notUnderstood(0, scan.message);
  const item = context.stock?.find(({ code }) => code === scan.code);
  return notUnderstood(
    line.length,
    item
      ? `${describeItem(item)}${item.bin ? ` from bin ${item.bin}` : ""}, ${freeOf(item)} free. Say where it goes: C14 -> ${item.marking} from ${item.code}`
      : `${scan.code} is a label of ours, but its line is not in the stock list.`,
  );
}

/**
 * Reads the bench line: shorthand into a typed entry. Total: any text gives a draft, a question with choices, or a
 * plain "not understood" with the place.
 *
 * @param line as typed; the grammar is in the help sheet and in `write.ts`, which writes what this reads
 * @param context the set, its points and designators, and what is on the tape
 * @example parseLine("C14 .05/400 leaky -> 0.047/630", context) // a draft of part work
 */
export function parseLine(line: string, context: LineContext): LineResult {
  if (line.trim() === "") return { kind: "empty" };
  if (line.length > LONGEST_LINE)
    return notUnderstood(
      LONGEST_LINE,
      `A line holds ${LONGEST_LINE} characters; this one has ${line.length}. Split it into several notes.`,
    );
  const label = labelLine(line, context);
  if (label) return label;
  const amend = parseAmendLine(line, context);
  if (amend) return amend;
  const worded = parseWordLine(line, context);
  if (worded) return worded;
  const known = pointOf(line, context, false);
  if (known) return parseReadingLine(line, known, context);
  const head = headOf(line);
  if (head) return parsePartLine(line, head, context);
  const named = pointOf(line, context, true);
  if (named) return parseReadingLine(line, named, context);
  return notUnderstood(
    0,
    "Begin with a designator (C14 …), a point (B+ 248), ? for a symptom, or a word like note, todo, test, done.",
  );
}
