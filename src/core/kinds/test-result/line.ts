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
import { phaseInView } from "../reading/phase";

const NUMBER = "[-−]?\\d+(?:[.,]\\d+)*|[.,]\\d+";
const UNIT = "[a-zµΩ%°/]{0,12}?";
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

/** `test output 2.1 W min 3`, `test output at 80 m 62 W min 50`, `test hum 4 mV max 10 on dummy load`: a test of the whole set. */
export function readTest(where: Piece, context: LineContext): LineReading {
  const found = new RegExp(
    `^(.*?\\S)(?:\\s+at\\s+(\\S.*?))?\\s+(${NUMBER})\\s*(${UNIT})(?:\\s*\\b(min|max)\\s+(${NUMBER})\\s*(${UNIT}))?(?:\\s+on\\s+(.+))?$`,
    "i",
  ).exec(textOf(where));
  if (!found) return notUnderstood(where.start, EXAMPLE);
  const [, test = "", condition, measured = "", unitText, word, limit, limitText, setup] = found;
  const unit = unitOf(unitText);
  if (looksLikeMore(test)) return askLimit(where, test, measured, unitText ?? "");
  const level = levelOf(setup);
  const nominal = limit ? inUnit(limit, unitOf(limitText), unit) : undefined;
  if (limit && nominal === undefined)
    return notUnderstood(
      where.end,
      `The limit is in ${limitText ?? ""} and the figure in ${unit ?? "no unit"}: write both in one unit.`,
    );
  return made(
    {
      test,
      condition: [condition, level?.words].filter(Boolean).join(", ") || undefined,
      measured,
      unit,
      nominal,
      sense: word?.toLowerCase() === "max" ? "at-most" : "at-least",
      setup: level ? level.rest || undefined : setup,
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
    choices: ["min", "max"].map((limit) => ({
      label: `${limit === "min" ? "At least" : "At most"} ${tail}`,
      text: `${lead}${test} ${limit} ${tail}`,
    })),
  };
}
