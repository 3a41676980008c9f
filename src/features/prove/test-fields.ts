import type { ContentOf } from "@/core/kinds";
import { readNumber, unitName } from "@/core/quantity";
import type { Phase } from "@/core/readings";

/** A test record as it is typed. */
export type TestFields = {
  test: string;
  condition: string;
  measured: string;
  unit: string;
  sense: "at-least" | "at-most";
  limit: string;
  setup: string;
};

export const NO_TEST: TestFields = {
  test: "",
  condition: "",
  measured: "",
  unit: "",
  sense: "at-least",
  limit: "",
  setup: "",
};

export type ReadTest =
  { ok: true; payload: ContentOf<"test-result">["payload"] } | { ok: false; field: keyof TestFields; message: string };

/** Reads a test record; a sentence says what is missing. */
export function readTest(fields: TestFields, phase: Phase): ReadTest {
  const [test, condition, unit, setup] = [fields.test, fields.condition, fields.unit, fields.setup].map((text) =>
    text.trim(),
  );
  if (!test) return { ok: false, field: "test", message: "Say what is tested: output, sensitivity, dial error." };
  const measured = readNumber(fields.measured);
  if (measured === undefined)
    return {
      ok: false,
      field: "measured",
      message: `“${fields.measured.trim() || "nothing"}” is not a number: the unit has a field of its own.`,
    };
  const limit = fields.limit.trim() ? readNumber(fields.limit) : undefined;
  if (fields.limit.trim() && limit === undefined)
    return { ok: false, field: "limit", message: `The limit “${fields.limit.trim()}” is not a number.` };
  return {
    ok: true,
    payload: {
      v: 1,
      phase,
      test,
      measured: { text: fields.measured.trim(), value: measured },
      ...(condition ? { condition } : {}),
      ...(unit ? { unit: unitName(unit) } : {}),
      ...(limit === undefined ? {} : { nominal: { text: fields.limit.trim(), value: limit } }),
      sense: fields.sense,
      ...(setup ? { setup } : {}),
    },
  };
}
