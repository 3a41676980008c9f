import { judgeTest, type Sense } from "../readings";
import { draftOf } from "./check";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { textOf, type Piece } from "./values";

const NUMBER = "[-−]?\\d+(?:[.,]\\d+)?|[.,]\\d+";
const number = (text: string) => Number(text.replace("−", "-").replace(",", "."));

function draft(
  fields: {
    designator?: string;
    test: string;
    condition?: string | undefined;
    measured: string;
    unit?: string | undefined;
    nominal?: string | undefined;
    sense: Sense;
    setup?: string | undefined;
  },
  at: number,
  context: LineContext,
): LineResult {
  const { designator, test, condition, measured, unit, nominal, sense, setup } = fields;
  const payload = {
    v: 1,
    phase: context.base?.kind === "test-result" ? context.base.payload.phase : context.phase,
    ...(designator ? { designator } : {}),
    test,
    measured: { text: measured, value: number(measured) },
    ...(unit ? { unit } : {}),
    ...(nominal ? { nominal: { text: nominal, value: number(nominal) } } : {}),
    sense,
    ...(condition ? { condition } : {}),
    ...(setup ? { setup } : {}),
  };
  const hints = judgeTest(number(measured), nominal ? number(nominal) : undefined, sense).reasons;
  return draftOf({ kind: "test-result", payload }, at, hints);
}

/** `V3 gm 1450/1600`: a tube or part against its nominal. Undefined when the text is no such thing. */
export function testOfPart(where: Piece, designator: string, context: LineContext): LineResult | undefined {
  const found = new RegExp(
    `^([a-z][a-z ]*?)\\s+(${NUMBER})\\s*(?:/|of)\\s*(${NUMBER})\\s*([a-zµ%]{0,4})(?:\\s+on\\s+(.+))?$`,
    "i",
  ).exec(textOf(where));
  if (!found) return undefined;
  const [, test = "", measured = "", nominal, unit, setup] = found;
  return draft({ designator, test, measured, nominal, unit, sense: "share", setup }, where.start, context);
}

/** `test output 2.1 W min 3`, `test output at 80 m 62 W min 50`, `test hum 4 mV max 10 on dummy load`: a test of the whole set. */
export function parseTestLine(where: Piece, context: LineContext): LineResult {
  const found = new RegExp(
    `^(.*?\\S)(?:\\s+at\\s+(\\S.*?))?\\s+(${NUMBER})\\s*([a-zµ%Ω]{0,5}?)(?:\\s*(min|max)\\s+(${NUMBER})\\s*[a-zµ%Ω]{0,5})?(?:\\s+on\\s+(.+))?$`,
    "i",
  ).exec(textOf(where));
  if (!found) return notUnderstood(where.start, "A test reads like: test output 2.1 W min 3 on dummy load.");
  const [, test = "", condition, measured = "", unit, limit, nominal, setup] = found;
  return draft(
    { test, condition, measured, unit, nominal, sense: limit?.toLowerCase() === "max" ? "at-most" : "at-least", setup },
    where.start,
    context,
  );
}
