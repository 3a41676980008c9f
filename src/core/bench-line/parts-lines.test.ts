import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Content, writeLine } from "../kinds";
import { format } from "../quantity";
import { CONTEXT } from "../fixtures";
import { parseLine } from ".";
import type { LineContext } from "../shorthand";

const context: LineContext = { ...CONTEXT, known: new Set() };

/** What a content comes back as, through its own line. */
function through(content: Content): Content {
  const line = writeLine(content);
  const read = parseLine(line, context);
  if (read.kind !== "draft" || read.draft.type !== "content") throw new Error(`${line}: ${JSON.stringify(read)}`);
  return read.draft.content;
}

const words = fc
  .array(fc.constantFrom("loose", "wax", "runs", "at 250 V", "old; brown", "new: 2019", "−12.5 V", "µS"), {
    minLength: 1,
    maxLength: 4,
  })
  .map((list) => list.join(" "));
const typedOf = (quantity: "capacitance" | "resistance" | "current" | "voltage", from: number, to: number) =>
  fc.double({ min: from, max: to, noNaN: true }).map((value) => {
    const text = format(value, quantity);
    return { text, value: value === 0 ? 0 : Number(value.toPrecision(3)) };
  });
const close = (a: number, b: number) => Math.abs(a - b) <= 1e-6 * Math.max(Math.abs(a), Math.abs(b));

describe("a measurement as a line", () => {
  it("comes back as it was written, whatever was measured", () => {
    const arbitrary = fc.record({
      value: fc.option(typedOf("capacitance", 1e-11, 1e-3), { nil: undefined }),
      esr: fc.option(typedOf("resistance", 0.01, 1e4), { nil: undefined }),
      leakage: typedOf("current", 1e-9, 0.1),
      atVolts: typedOf("voltage", 1, 900),
      where: fc.constantFrom("in-circuit", "lifted", "out"),
    });
    fc.assert(
      fc.property(arbitrary, ({ value, esr, leakage, atVolts, where }) => {
        const content: Content = {
          kind: "component-test",
          payload: {
            v: 1,
            designator: "C91",
            quantity: "capacitance",
            where: where as "out",
            ...(value ? { value } : {}),
            ...(esr ? { esr } : {}),
            leakage,
            atVolts,
          },
        };
        const back = through(content);
        if (back.kind !== "component-test") throw new Error("another kind");
        expect(back.payload.where).toBe(where);
        expect(back.payload.leakage?.text).toBe(leakage.text);
        expect(close(back.payload.leakage?.value ?? 0, leakage.value)).toBe(true);
        expect(close(back.payload.atVolts?.value ?? 0, atVolts.value)).toBe(true);
        expect(back.payload.value?.text).toBe(value?.text);
        expect(back.payload.esr?.text).toBe(esr?.text);
      }),
    );
  });
});

describe("a tube's test as a line", () => {
  it("comes back as it was written, with semicolons in its remarks", () => {
    const figure = fc.integer({ min: 1, max: 99_999 });
    const arbitrary = fc.record({
      gas: fc.option(fc.constantFrom("none", "slight", "gassy"), { nil: undefined }),
      strength: fc.option(
        fc.record({ measured: figure, nominal: figure, unit: fc.constantFrom("µS", "%", "mA", "") }),
        {
          nil: undefined,
        },
      ),
      tester: fc.option(words, { nil: undefined }),
      remark: fc.option(words, { nil: undefined }),
    });
    fc.assert(
      fc.property(arbitrary, ({ gas, strength, tester, remark }) => {
        const content: Content = {
          kind: "tube-test",
          payload: {
            v: 1,
            phase: "baseline",
            designator: "V4",
            shorts: "none",
            ...(gas ? { gas: gas as "none" } : {}),
            ...(strength
              ? {
                  strength: {
                    test: "gm",
                    measured: { text: String(strength.measured), value: strength.measured },
                    nominal: { text: String(strength.nominal), value: strength.nominal },
                    unit: strength.unit,
                  },
                }
              : {}),
            ...(tester ? { tester } : {}),
            ...(remark ? { remark } : {}),
          },
        };
        expect(through(content)).toEqual(content);
      }),
    );
  });
});

describe("a decision as a line", () => {
  it("comes back as it was written", () => {
    fc.assert(
      fc.property(fc.constantFrom("keep", "test", "replace", "restuff"), words, (action, why) => {
        const content: Content = {
          kind: "plan-line",
          payload: { v: 1, designator: "C14", action: action as "keep", why },
        };
        expect(through(content)).toEqual(content);
      }),
    );
  });
});

describe("any text behind these words", () => {
  it("is a draft, a question or a sentence: never an error", () => {
    const line = fc.tuple(
      fc.constantFrom("measure", "tube", "plan", "JP", "C14 substituted ->"),
      fc.string({ maxLength: 60 }),
    );
    fc.assert(
      fc.property(line, ([word, rest]) => {
        const { kind } = parseLine(`${word} ${rest}`, CONTEXT);
        expect(["draft", "question", "not-understood"]).toContain(kind);
      }),
      { numRuns: 400 },
    );
  });
});
