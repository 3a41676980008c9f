import { inDecibels, LEVEL_OHMS, levelIn } from "../../levels";
import { parseQuantity, QUANTITIES, unitName, type Quantity } from "../../quantity";
import { judgeTest, type Sense } from "../../readings";
import {
  figuresOfTest,
  looksLikeMore,
  notUnderstood,
  textOf,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import { phaseInView } from "../reading/phase";
import type { TestResult } from "./payload";

const NUMBER = "[-−]?\\d+(?:[.,]\\d+)*|[.,]\\d+";
const UNIT = "[a-zµΩ%°/]{0,12}?";
/** Words that say what the figure behind them is. */
const TAILS =
  "min|max|at|for|with|(?:in|after|over|within|during)(?=\\s+(?:the\\s+)?(?:(?:first|last|half|an?|one|two)\\s|\\d))|into|across|on";
const unitOf = (text: string | undefined): string | undefined => (text ? unitName(text) : undefined);

type Fields = {
  designator?: string;
  test: string;
  condition?: string | undefined;
  measured: string;
  unit?: string | undefined;
  nominal?: string | undefined;
  sense: Sense;
  setup?: string | undefined;
};

function made(fields: Fields, where: Piece, context: LineContext): LineReading {
  const { designator, test, condition, measured, unit, nominal, sense, setup } = fields;
  const figures = figuresOfTest(where, [measured, nominal]);
  if (!figures.ok) return figures.result;
  const [value = 0, limit] = figures.value;
  const payload = {
    v: 1,
    phase: phaseInView(context),
    ...(designator ? { designator } : {}),
    test,
    measured: { text: measured, value },
    ...(unit ? { unit } : {}),
    ...(nominal ? { nominal: { text: nominal, value: limit ?? 0 } } : {}),
    sense,
    ...(condition ? { condition } : {}),
    ...(setup ? { setup } : {}),
  };
  const hints = judgeTest(value, limit, sense, unit).reasons;
  return { kind: "payload", of: "test-result", payload, at: where.start, hints };
}

/** `V3 gm 1450/1600`: a tube or part against its nominal. Undefined when the text is no such thing. */
export function readPartTest(where: Piece, designator: string, context: LineContext): LineReading | undefined {
  const found = new RegExp(
    `^([a-z][a-z ]*?)\\s+(${NUMBER})\\s*(?:/|of)\\s*(${NUMBER})\\s*(${UNIT})(?:\\s+at\\s+(\\S.*?))?(?:\\s+on\\s+(.+))?$`,
    "i",
  ).exec(textOf(where));
  if (!found) return undefined;
  const [, test = "", measured = "", nominal, unit, condition, setup] = found;
  return made(
    { designator, test, condition, measured, nominal, unit: unitOf(unit), sense: "share", setup },
    where,
    context,
  );
}

/** A limit in the unit of what was measured; undefined where the two units do not go together. */
function inUnit(limit: string, limitUnit: string | undefined, unit: string | undefined): string | undefined {
  if (!limitUnit || limitUnit === unit) return limit;
  const fits = (quantity: Quantity) => {
    const [one, of] = [parseQuantity(`1 ${unit ?? ""}`, quantity), parseQuantity(`${limit} ${limitUnit}`, quantity)];
    return one.ok && of.ok && one.value > 0 ? of.value / one.value : undefined;
  };
  const value =
    QUANTITIES.map(fits).find((one) => one !== undefined) ??
    // A level in decibels, its limit in volts, or the other way round: −107 dBm against 2 µV.
    (unit && (inDecibels(unit) || inDecibels(limitUnit))
      ? levelIn(limit, limitUnit, unit, { ohms: LEVEL_OHMS, dial: "terminated" })
      : undefined);
  return value === undefined ? undefined : String(Number(value.toPrecision(12)));
}

/** A power level is what the figure belongs to, and no word on the set-up: high and low are two tests of one band. */
const LEVEL =
  /^((?:(?:full|high|half|medium|low|reduced|maximum|minimum|least|most)\s+(?:power|level)|(?:power|level)\s+(?:high|low|\d+)))\b[\s,;]*(?:(?:into|on)\s+)?(.*)$/i;
function levelOf(setup: string | undefined): { words: string; rest: string } | undefined {
  const found = setup ? LEVEL.exec(setup.trim()) : null;
  return found ? { words: (found[1] ?? "").toLowerCase(), rest: (found[2] ?? "").trim() } : undefined;
}

const EXAMPLE = "A test reads like: test output 2.1 W min 3 on dummy load.";

/** What a line that begins with it is a test of, without the word `test` too. */
const TESTS =
  /^(?:(?:audio|power|af|rf|line|speaker)\s+)?(?:output(?:\s+power)?|hum(?:\s+and\s+noise|\s+level)?|noise(?:\s+floor)?|sensitivity|selectivity|bandwidth|distortion|thd|s\/n|snr|signal[- ]to[- ]noise|(?:s\+n\)?\/n)|sinad|image\s+rejection|if\s+rejection|dial\s+error|frequency\s+error|(?:keyed\s+|warm-?up\s+)?drifts?|chirp|(?:bfo\s+)?pitch(?:\s+range)?|carrier(?:\s+power)?|modulation(?:\s+depth)?|deviation|stereo\s+separation|channel\s+separation|frequency\s+response|gain|efficiency|swr)(?=\s+(?:[-−]?[\d.,]|at\s|for\s|into\s|on\s))/i;
const FIGURE_WITH_LIMIT = new RegExp(`^[a-z].*\\s(?:${NUMBER})\\s*(?:${UNIT})\\s*\\b(?:min|max)\\s+(?:${NUMBER})`, "i");

/** A level in decibels is measured of no point. */
const LEVEL_FIGURE = new RegExp(`^[a-z].*\\s(?:${NUMBER})\\s*dB[a-zµ]{0,2}(?=\\s|$)`, "i");

/** Is a line a test of the set, though it does not begin with `test`: `hum 3 mV`, `AM 1.4 µV max 2`? */
export const isNamedTest = (line: string): boolean =>
  (TESTS.test(line.trim()) && /\d/.test(line)) || FIGURE_WITH_LIMIT.test(line.trim()) || LEVEL_FIGURE.test(line.trim());

/** A set-up that is written without `on`: `into 50 Ω`. */
export const saysInto = (setup: string): boolean =>
  /^(?:into|across)\s/i.test(setup) && !new RegExp(`\\s(?:${TAILS})\\s`, "i").test(setup);

type Tail = { limit?: { sense: Sense; figure: string; unit: string }; conditions: string[]; setup?: string };

/** What stands behind the figure: a limit, what it was measured at or for, what it was measured on or into. */
function tailOf(text: string): Tail | undefined {
  const tail: Tail = { conditions: [] };
  let rest = text.trim();
  while (rest !== "") {
    const limit = new RegExp(`^(min|max)\\s+(${NUMBER})\\s*((?!(?:${TAILS})\\b)${UNIT})(?=\\s|$)`, "i").exec(rest);
    const on = /^on\s+(.+)$/i.exec(rest);
    const into = new RegExp(`^((?:into|across)\\s+.+?)(?=\\s+(?:${TAILS})\\s|$)`, "i").exec(rest);
    const at = new RegExp(
      `^(?:at|for|with|in|after|over|within|during)\\s+(?:the\\s+)?(.+?)(?=\\s+(?:${TAILS})\\s|$)`,
      "i",
    ).exec(rest);
    const found = limit ?? on ?? into ?? at;
    if (!found || (limit && tail.limit)) return undefined;
    if (limit)
      tail.limit = {
        sense: limit[1]?.toLowerCase() === "max" ? "at-most" : "at-least",
        figure: limit[2] ?? "",
        unit: limit[3] ?? "",
      };
    else if (on || into) tail.setup = [tail.setup, (on ?? into)?.[1]].filter(Boolean).join(", ");
    else tail.conditions.push(at?.[1] ?? "");
    rest = rest.slice(found[0].length).trim();
  }
  return tail;
}

/** `test output 2.1 W min 3`, `test output at 80 m 62 W min 50`, `test hum 4 mV max 10 on dummy load`: a test of the whole set. */
export function readTest(where: Piece, context: LineContext): LineReading {
  const found = new RegExp(
    `^(.*?\\S)(?:\\s+at\\s+(\\S.*?))?\\s+(${NUMBER})\\s*(${UNIT})(?:\\s+r\\.?m\\.?s\\.?)?(\\s+(?:${TAILS})\\s+.*)?$`,
    "i",
  ).exec(textOf(where));
  const tail = found ? tailOf(found[5] ?? "") : undefined;
  if (!found || !tail) return notUnderstood(where.start, EXAMPLE);
  const [, test = "", condition, measured = "", unitText] = found;
  const unit = unitOf(unitText);
  if (looksLikeMore(test)) return askLimit(where, test, measured, unitText ?? "");
  const level = levelOf(tail.setup);
  const { limit } = tail;
  const nominal = limit ? inUnit(limit.figure, unitOf(limit.unit), unit) : undefined;
  if (limit && nominal === undefined)
    return notUnderstood(
      where.end,
      `The limit is in ${limit.unit} and the figure in ${unit ?? "no unit"}: write both in one unit.`,
    );
  return made(
    {
      test,
      condition: [condition, ...tail.conditions, level?.words].filter(Boolean).join(", ") || undefined,
      measured,
      unit,
      nominal,
      sense: limit?.sense ?? "at-least",
      setup: level ? level.rest || undefined : tail.setup,
    },
    where,
    context,
  );
}

/** Two figures and no word between them: is the second one a limit? */
function askLimit(where: Piece, test: string, last: string, unit: string): LineReading {
  const lead = where.line.slice(0, where.start);
  const tail = textOf(where).slice(test.length).trim();
  return {
    kind: "question",
    question: `There are two figures: is ${last}${unit ? ` ${unit}` : ""} a limit?`,
    choices: [
      ...["min", "max"].map((limit) => ({
        label: `${limit === "min" ? "At least" : "At most"} ${tail}`,
        text: `${lead}${test} ${limit} ${tail}`,
      })),
      { label: "A note", text: `note ${textOf(where)}` },
    ],
  };
}

const read: Reader = (rest, context) => readTest(rest, context);
const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(" ");

function write({ designator: part, test, measured, unit, nominal, sense, condition, setup }: TestResult): string {
  const at = condition && `at ${condition}`;
  const on = setup && (saysInto(setup) ? setup : `on ${setup}`);
  if (part) return join(part, test, `${measured.text}/${nominal?.text ?? ""}`, unit, at, on);
  const limit = nominal && `${sense === "at-most" ? "max" : "min"} ${nominal.text}`;
  return join("test", test, at, measured.text, unit, limit, on);
}

export const line: KindLine<TestResult> = {
  words: [{ begins: /^(test)(?=\s|$)\s*/i, read }],
  write,
  examples: [
    { line: "test output 2.1 W min 3 on dummy load", says: "a test of the set against a limit (min or max)" },
    { line: "test output at 80 m 62 W min 50", says: "a test under a condition: band, level, mode" },
    { line: "V4 gm 3700/4100", says: "a tube against its nominal" },
  ],
};
