import type { ScpiError } from "./errors";

/** A parameter of a command (IEEE 488.2, 7.7): a number with its suffix, a word, a text in quotes, or a block of bytes. */
export type Parameter =
  | { kind: "number"; value: number; suffix: string }
  | { kind: "word"; text: string }
  | { kind: "string"; text: string }
  | { kind: "block"; text: string };

/** A command or a query as it stands in a message. `path` are the words of its header, as they were written. */
export type Unit = { path: string[]; common: boolean; query: boolean; parameters: Parameter[] };

export type Parsed = { units: Unit[]; error?: ScpiError };

/** The longest message that is read, characters. */
export const LONGEST_MESSAGE = 64 * 1024;

const WORD = /^[A-Za-z][A-Za-z0-9_]*$/;
const HEADER = /^(\*[A-Za-z]{1,12}|:?[A-Za-z][A-Za-z0-9_]*(?::[A-Za-z][A-Za-z0-9_]*)*)(\?)?/;
/** A decimal number, and behind it a suffix: 1.5, -3E-2, .5 kHz, 10MOHM. */
const NUMBER = /^([+-]?(?:\d+\.?\d*|\.\d+)(?:\s*[eE]\s*[+-]?\d+)?)\s*([A-Za-z/%][A-Za-z0-9/%.-]*)?$/;
const RADIX = /^#([HhQqBb])([0-9A-Fa-f]+)$/;
const BASES: Record<string, number> = { H: 16, Q: 8, B: 2 };

type Failure = { error: ScpiError };
const failure = (number: ScpiError["number"], about: string): Failure => ({
  error: { number, about: about.slice(0, 40) },
});

/** A definite block: `#3` and three digits that say how many characters follow. @returns where it ends */
function blockEnd(text: string, at: number): number | undefined {
  const digits = Number(text[at + 1]);
  if (!(digits >= 1)) return undefined;
  const count = text.slice(at + 2, at + 2 + digits);
  if (!/^\d+$/.test(count) || count.length !== digits) return undefined;
  const end = at + 2 + digits + Number(count);
  return end <= text.length ? end : undefined;
}

/** The pieces of a text between separators that stand neither in quotes nor in a block. */
function pieces(text: string, separator: string): { list: string[] } | Failure {
  const list: string[] = [];
  let from = 0;
  for (let at = 0; at < text.length; at += 1) {
    const sign = text[at];
    if (sign === '"' || sign === "'") {
      // A quote in a text is written twice.
      let end = text.indexOf(sign, at + 1);
      while (end >= 0 && text[end + 1] === sign) end = text.indexOf(sign, end + 2);
      if (end < 0) return failure(-151, text.slice(at));
      at = end;
    } else if (sign === "#" && /\d/.test(text[at + 1] ?? "")) {
      const end = blockEnd(text, at);
      if (end === undefined) return failure(-161, text.slice(at));
      at = end - 1;
    } else if (sign === separator) {
      list.push(text.slice(from, at));
      from = at + 1;
    }
  }
  return { list: [...list, text.slice(from)] };
}

function parameterOf(text: string): { parameter: Parameter } | Failure {
  const said = text.trim();
  const [quote] = said;
  if ((quote === '"' || quote === "'") && said.length > 1 && said.endsWith(quote))
    return { parameter: { kind: "string", text: said.slice(1, -1).replaceAll(quote + quote, quote) } };
  const based = RADIX.exec(said);
  if (based) {
    const value = Number.parseInt(based[2] ?? "", BASES[(based[1] ?? "").toUpperCase()]);
    return Number.isNaN(value) ? failure(-120, said) : { parameter: { kind: "number", value, suffix: "" } };
  }
  if (quote === "#") {
    const digits = Number(said[1]);
    return { parameter: { kind: "block", text: said.slice(2 + digits) } };
  }
  const number = NUMBER.exec(said);
  if (number) {
    const value = Number((number[1] ?? "").replaceAll(/\s/g, ""));
    return { parameter: { kind: "number", value, suffix: (number[2] ?? "").toUpperCase() } };
  }
  if (WORD.test(said)) return { parameter: { kind: "word", text: said.toUpperCase() } };
  return said === "" ? failure(-109, "") : failure(/^[+\-.\d]/.test(said) ? -120 : -101, said);
}

/**
 * Reads a message as IEEE 488.2 and SCPI have it: units between semicolons; a header without a colon before it goes on
 * from the path of the unit before; a common command (`*CLS`) leaves that path as it is.
 * @returns the units up to the first that does not read, and what is wrong with that
 */
export function readMessage(line: string): Parsed {
  const units: Unit[] = [];
  if (line.length > LONGEST_MESSAGE) return { units, error: { number: -223 } };
  const split = pieces(line, ";");
  if ("error" in split) return { units, error: split.error };
  let path: string[] = [];
  for (const piece of split.list) {
    const text = piece.trim();
    if (text === "") continue;
    const header = HEADER.exec(text);
    const rest = text.slice(header?.[0].length ?? 0);
    if (!header || (rest !== "" && !/^\s/.test(rest))) return { units, ...failure(-102, text) };
    const [, name = "", asks] = header;
    const common = name.startsWith("*");
    const words = name.replace(/^:/, "").split(":");
    const whole = common ? [name.toUpperCase()] : name.startsWith(":") ? words : [...path, ...words];
    if (!common) path = whole.slice(0, -1);
    const listed = rest.trim() === "" ? { list: [] } : pieces(rest, ",");
    if ("error" in listed) return { units, error: listed.error };
    const parameters: Parameter[] = [];
    for (const one of listed.list) {
      const read = parameterOf(one);
      if ("error" in read) return { units, error: read.error };
      parameters.push(read.parameter);
    }
    units.push({ path: whole, common, query: asks !== undefined, parameters });
  }
  return { units };
}
