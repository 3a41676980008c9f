import { format, parseQuantity } from "../../quantity";
import { parseMeterLoad, PHASES, printMeterLoad } from "../../readings";
import {
  clause,
  clauses,
  escaped,
  list,
  notUnderstood,
  onTape,
  piece,
  readAs,
  refer,
  textOf,
  type LineContext,
  type LineReading,
  type NumberOf,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { SetUp } from "./payload";

const PLAIN = ["load", "signal", "controls"] as const;
const NUMBERS = { line: ["lineVolts", "voltage"], tap: ["tapVolts", "voltage"], hz: ["lineHz", "frequency"] } as const;

/** `setup baseline: as found; meter grey analogue; input 20 kΩ/V; line 231 V; signal none; checked meter-on, load`. */
export function readSetup(rest: Piece, context: LineContext): LineReading {
  const head = /^(\w+)\s*:?\s*/.exec(textOf(rest));
  const phase = PHASES.find((one) => one === head?.[1]?.toLowerCase());
  if (!phase)
    return notUnderstood(rest.start, `Say for which readings: setup ${PHASES.join(", setup ")}, and its name.`);
  const { first, named } = clauses(piece(rest.line, rest.start + (head?.[0].length ?? 0), rest.end));
  const payload: Record<string, unknown> = { v: 1, phase, name: first };
  let instrument: Record<string, unknown> | undefined;
  for (const { word, value, at } of named) {
    const number = NUMBERS[word as keyof typeof NUMBERS];
    if (word === "meter") instrument = { ...instrument, name: value };
    else if (word === "input") {
      const input = parseMeterLoad(value);
      if (!input) return notUnderstood(at, "A meter's input is ohms per volt or ohms: input 20 kΩ/V, input 10 MΩ.");
      instrument = { ...instrument, ...input };
    } else if (number) {
      const [key, quantity] = number;
      const read = parseQuantity(/^[\d.,]+$/.test(value) && word === "hz" ? `${value} Hz` : value, quantity);
      if (!read.ok) return notUnderstood(at, read.kind === "ambiguous" ? read.question : read.message);
      payload[key] = read.value;
    } else if ((PLAIN as readonly string[]).includes(word)) payload[word] = value;
    else if (word === "checked") payload.checked = list(value);
    else if (word === "like") {
      const target = onTape(value.replace("#", ""), context);
      if (target?.content?.kind !== "setup") return notUnderstood(at, `${value} is not a set-up on the tape.`);
      payload.like = target.id;
    } else
      return notUnderstood(
        at,
        `“${word}” is not known here: meter, input, line, hz, tap, load, signal, controls, checked or like.`,
      );
  }
  return readAs({ ...payload, ...(instrument ? { instrument } : {}) }, rest.start);
}

export function writeSetup(payload: SetUp, numberOf: NumberOf): string {
  const { phase, name, instrument, lineVolts, lineHz, tapVolts, checked, like } = payload;
  return (
    `setup ${phase}: ${escaped(name)}` +
    clause("meter", instrument?.name) +
    clause("input", printMeterLoad(instrument)) +
    clause("line", lineVolts ? format(lineVolts, "voltage", 6) : "") +
    clause("hz", lineHz ? String(lineHz) : "") +
    clause("tap", tapVolts ? format(tapVolts, "voltage", 6) : "") +
    clause("load", payload.load) +
    clause("signal", payload.signal) +
    clause("controls", payload.controls) +
    clause("checked", checked.join(", ")) +
    clause("like", refer(like, numberOf))
  );
}

export const line: KindLine<SetUp> = {
  words: [{ begins: /^(setup|set-up)(?=\s|$)\s*/i, read: readSetup }],
  write: writeSetup,
  examples: [
    {
      line: "setup baseline: as found; meter Bench digital; line 231 V",
      says: "the set-up that readings carry along; also input, hz, tap, load, signal, controls, checked, like",
    },
  ],
};
