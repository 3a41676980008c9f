import { readOutput, readTurns, turnsText, type Output } from "../../alignment";
import { AIM_WORDS, AIMS, partOf, type AlignmentRow } from "../../model";
import { format, parseQuantity } from "../../quantity";
import {
  clause,
  clauses,
  notUnderstood,
  payloadOf,
  readAs,
  type Clause,
  type LineContext,
  type LineProblem,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { Aligned } from "./payload";
import { unitText } from "./unit-text";
import { CABINETS } from "./values";

const EXAMPLE = "A step of an alignment reads like: align T3 top 0.8 V -> 1.2 V, 3/8 in; or: align T3 top right.";

/** `T3 top`, `C12`, `l4 bottom core`: the part, and words up to a figure or an outcome. */
const HEAD =
  /^([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)((?:\s+(?!right\b|left\b|skipped\b|moved\b|in\b|out\b|s\d)[a-z][a-z-]*)*)(?=\s|,|$)/i;

const adjusterOf = (found: RegExpExecArray) =>
  [(found[1] ?? "").toUpperCase(), (found[2] ?? "").trim().toLowerCase().replace(/\s+/g, " ")]
    .filter(Boolean)
    .join(" ");

const places = ({ group, hertz, end }: AlignmentRow) =>
  [group, hertz === undefined ? end : format(hertz, "frequency", 6)].filter(Boolean).join(", ");

/** Steps of the table that a line may mean: by its adjuster, then by `of` and `at`. */
function stepsFor(context: LineContext, adjust: string, group?: string, hertz?: number): AlignmentRow[] {
  const rows = (context.sheet.alignment ?? []).filter((row) => row.adjust.toLowerCase() === adjust.toLowerCase());
  return rows.filter(
    (row) =>
      (group === undefined || row.group.toLowerCase() === group.toLowerCase()) &&
      (hertz === undefined || row.hertz === undefined || Math.abs(row.hertz - hertz) <= 0.01 * hertz),
  );
}

const hertzIn = ({ value, at }: Clause): number | LineProblem => {
  const read = parseQuantity(value, "frequency");
  return read.ok ? read.value : notUnderstood(at, `“${value}” is no frequency: 465 kHz.`);
};

type Done = Pick<Aligned, "outcome"> & Partial<Pick<Aligned, "before" | "after" | "eighths" | "reason">>;

const readBoth = (text: string): { before?: Output; after?: Output } | undefined => {
  const [first = "", second] = text.split(/\s*(?:->|→)\s*/);
  const known = [first, second].flatMap((one) => (one ? (readOutput(one)?.scale ?? []) : []));
  const like = known.find((scale) => scale !== "number");
  const before = first ? readOutput(first, like) : undefined;
  const after = second ? readOutput(second, like ?? before?.scale) : undefined;
  if ((first && !before) || (second && !after)) return undefined;
  return { ...(before ? { before } : {}), ...(after ? { after } : {}) };
};

/** What stands behind the adjuster: `right`, `skipped: why`, or `0.8 V -> 1.2 V, 3/8 in`. */
function readDone(text: string, at: number): Done | LineProblem {
  const skipped = /^skipped\s*[:,]?\s*(.*)$/i.exec(text);
  if (skipped)
    return skipped[1]
      ? { outcome: "skipped", reason: skipped[1] }
      : notUnderstood(at, "Say why it is skipped: align T3 top skipped: core is stuck.");
  const right = /^(?:was )?(?:right|left)(?:\s*[:,]\s*left)?\s*,?\s*(.*)$/i.exec(text);
  const rest = right ? (right[1] ?? "") : text;
  const [outputs = "", turned] = rest.includes(",")
    ? rest.split(/,\s*(?=[^,]*$)/)
    : /->|→/.test(rest) || readTurns(rest) === undefined
      ? [rest]
      : ["", rest];
  const both = outputs.trim() === "" ? {} : readBoth(outputs.trim());
  if (!both) return notUnderstood(at, `“${outputs.trim()}” is no output: 0.8 V -> 1.2 V, in V, W, dB, S units or Hz.`);
  if (right)
    return turned ? notUnderstood(at, "What was right was left: it is not turned.") : { outcome: "right", ...both };
  const eighths = turned === undefined ? undefined : readTurns(turned);
  if (turned !== undefined && eighths === undefined)
    return notUnderstood(at, `“${turned}” is no turn in eighths: 3/8 in, 1/4 out, 1 1/8 in.`);
  if (eighths === undefined && both.after === undefined) return notUnderstood(at, `Say what came of it. ${EXAMPLE}`);
  return { outcome: "moved", ...both, ...(eighths === undefined ? {} : { eighths }) };
}

/** `align T3 top 0.8 V -> 1.2 V, 3/8 in; of IF; at 465 kHz; loudest 466 kHz; end; cabinet out; remark …` */
export function readAligned(rest: Piece, context: LineContext): LineReading {
  const { first, named } = clauses(rest);
  const head = HEAD.exec(first);
  if (!head) return notUnderstood(rest.start, EXAMPLE);
  const base = payloadOf<Aligned>(context.base, "aligned");
  const known = (context.sheet.alignment ?? []).map(({ adjust }) => adjust);
  // The longest adjuster of the table that the line begins with, else the part with its words.
  const table = known
    .filter((one) => first.toLowerCase().startsWith(one.toLowerCase()) && !/^[a-z0-9]/i.test(first.slice(one.length)))
    .sort((a, b) => b.length - a.length)[0];
  const adjust = table ?? adjusterOf(head);
  const body = first.slice(table?.length ?? head[0].length).trim();
  const done = readDone(body, rest.start + first.length - body.length);
  if ("message" in done) return done;
  const extra: Partial<Aligned> = {};
  let group: string | undefined;
  let hertz: number | undefined;
  let aim: Aligned["aim"] | undefined;
  for (const one of named) {
    const { word, value, at } = one;
    if (word === "of") group = value;
    else if (word === "for") {
      aim = AIMS.find((known) => known === value.toLowerCase() || AIM_WORDS[known] === value.toLowerCase());
      if (!aim) return notUnderstood(at, `It goes for: ${AIMS.map((known) => AIM_WORDS[known]).join(", ")}.`);
    } else if (word === "at" || word === "loudest") {
      const read = hertzIn(one);
      if (typeof read !== "number") return read;
      if (word === "at") hertz = read;
      else extra.loudest = read;
    } else if (word === "end") extra.end = true;
    else if (word === "cabinet") {
      const cabinet = CABINETS.find((known) => known === value.toLowerCase());
      if (!cabinet) return notUnderstood(at, "The chassis is in the cabinet or out of it: cabinet in.");
      extra.cabinet = cabinet;
    } else if (word === "remark") {
      if (!value) return notUnderstood(at, "Say what, after “remark”.");
      extra.remark = value;
    } else return notUnderstood(at, `“${word}” is not known here: of, for, at, loudest, end, cabinet or remark.`);
  }
  const kept = base && base.adjust === adjust ? base : undefined;
  const steps = stepsFor(context, adjust, group, hertz);
  if (!kept && steps.length > 1)
    return {
      kind: "question",
      question: `${adjust} comes at ${steps.length} steps. Which one is it?`,
      choices: steps.slice(0, 6).map((step) => ({
        label: places(step),
        text: `${rest.line.trimEnd()}${clause("of", step.group)}${clause("at", step.hertz === undefined ? undefined : format(step.hertz, "frequency", 9))}`,
      })),
    };
  const [step] = steps;
  const strange =
    step || kept || context.known.size === 0 || context.known.has(partOf(adjust))
      ? []
      : [`${partOf(adjust)} is not among the parts of this set.`];
  const place: Pick<Aligned, "group" | "aim"> & Partial<Pick<Aligned, "hertz" | "ends">> = {
    group: group ?? kept?.group ?? step?.group ?? "alignment",
    aim: aim ?? kept?.aim ?? step?.aim ?? "maximum",
    ...pick("hertz", hertz ?? kept?.hertz ?? step?.hertz),
    ...pick("ends", kept?.ends ?? step?.end),
  };
  return readAs({ v: 1, ...place, adjust, ...done, ...extra, preflight: base?.preflight ?? [] }, rest.start, strange);
}

const pick = <K extends string, V>(key: K, value: V | undefined) =>
  (value === undefined ? {} : { [key]: value }) as Partial<Record<K, V>>;

const outputs = ({ before, after }: Pick<Aligned, "before" | "after">) =>
  after ? `${before ? `${unitText(before)} ` : ""}-> ${unitText(after)}` : before ? unitText(before) : "";

export function writeAligned(said: Aligned): string {
  const { adjust, outcome, eighths, reason, group, hertz, aim, loudest, end, cabinet, remark } = said;
  const turned = eighths === undefined ? "" : eighths === 0 ? "0" : turnsText(eighths);
  const moved = [outputs(said), turned].filter(Boolean).join(", ");
  const done =
    outcome === "skipped"
      ? `skipped: ${(reason ?? "").replaceAll(";", ";;")}`
      : outcome === "right"
        ? ["right", outputs(said)].filter(Boolean).join(", ")
        : moved;
  return (
    `align ${adjust} ${done}` +
    clause("of", group) +
    clause("for", AIM_WORDS[aim]) +
    clause("at", hertz === undefined ? undefined : `${Number((hertz / 1e3).toFixed(6))} kHz`) +
    clause("loudest", loudest === undefined ? undefined : `${Number((loudest / 1e3).toFixed(6))} kHz`) +
    (end ? "; end" : "") +
    clause("cabinet", cabinet) +
    clause("remark", remark)
  );
}

export const line: KindLine<Aligned> = {
  words: [{ begins: /^(align)(?=\s|$)\s*/i, read: readAligned }],
  write: writeAligned,
  examples: [
    {
      line: "align T3 top 0.8 V -> 1.2 V, 3/8 in",
      says: "a step of the alignment: output before and after, how far it was turned",
    },
    { line: "align T3 top right", says: "it was right, and was left" },
    { line: "align C41 skipped: the wax is not to be broken", says: "a step left out, with its reason" },
  ],
};
