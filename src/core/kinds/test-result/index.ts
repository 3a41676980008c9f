import { z } from "zod";
import { designator, short, typed, v1 } from "../../log";
import { judgeTest, PHASES, SENSES } from "../../readings";
import { defineKind, unchanged, nothing, SAYS_NOTHING, type Reader } from "../kind";
import { readTest, saysInto } from "./line";

const payload = z.object({
  v: v1,
  phase: z.enum(PHASES),
  /** the tube or part that was tested; without it the test is of the whole set */
  designator: designator.optional(),
  test: short("The test"),
  measured: typed,
  unit: z.string().trim().max(20).optional(),
  nominal: typed.optional(),
  sense: z.enum(SENSES),
  /** band, frequency, level or mode that the figure belongs to: the same test under another one is another line */
  condition: short("The condition").optional(),
  setup: short("The set-up").optional(),
});
export type TestResult = z.infer<typeof payload>;

const read: Reader = (rest, context) => readTest(rest, context);
const join = (...parts: (string | false | undefined)[]): string => parts.filter(Boolean).join(" ");

function write({ designator: part, test, measured, unit, nominal, sense, condition, setup }: TestResult): string {
  const at = condition && `at ${condition}`;
  const on = setup && (saysInto(setup) ? setup : `on ${setup}`);
  if (part) return join(part, test, `${measured.text}/${nominal?.text ?? ""}`, unit, at, on);
  const limit = nominal && `${sense === "at-most" ? "max" : "min"} ${nominal.text}`;
  return join("test", test, at, measured.text, unit, limit, on);
}

/** A test against its nominal or limit: of the whole set, or of one tube on a simple tester. */
export const testResult = defineKind({
  kind: "test-result",
  version: 1,
  schema: payload,
  upgrades: {},
  fields: {
    phase: "phase",
    designator: "part",
    test: "test",
    measured: "measured",
    unit: "unit",
    nominal: "limit",
    sense: "kind of limit",
    condition: "condition",
    setup: "set-up",
  },
  about: ({ designator: part, test, condition }) => [part, test, condition].filter(Boolean).join(" "),
  tied: [],
  judge: ({ measured, nominal, sense, unit }) => judgeTest(measured.value, nominal?.value, sense, unit),
  describe: ({ designator: part, test, measured, unit, nominal, condition }, { verdict, reasons }) => {
    const of = unit ? ` ${unit}` : "";
    const limit = nominal ? ` / ${nominal.text}${of}` : "";
    const text = `${test}${condition ? ` at ${condition}` : ""} ${measured.text}${of}${limit}. ${reasons.join(" ")}`;
    return { subject: part ?? "Test", text, ...(verdict === "none" ? {} : { verdict }) };
  },
  words: [{ begins: /^(test)(?=\s|$)\s*/i, read }],
  write,
  examples: [
    { line: "test output 2.1 W min 3 on dummy load", says: "a test of the set against a limit (min or max)" },
    { line: "test output at 80 m 62 W min 50", says: "a test under a condition: band, level, mode" },
    { line: "V4 gm 3700/4100", says: "a tube against its nominal" },
  ],
  designators: ({ designator: part }) => (part ? [part] : []),
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "shown",
  csv: (one, { verdict }) => ({
    table: "tests",
    cells: {
      phase: one.phase,
      designator: one.designator ?? "",
      test: one.test,
      condition: one.condition ?? "",
      measured: one.measured.text,
      unit: one.unit ?? "",
      limit: one.nominal?.text ?? "",
      sense: one.sense,
      verdict: verdict === "none" ? "" : verdict,
      "set-up": one.setup ?? "",
    },
  }),
  sections: () => ["tests"],
  open: nothing,
  evidence: ({ designator: part, test }, { system }, { verdict }) => {
    if (verdict !== "good" && verdict !== "bad") return SAYS_NOTHING;
    const check = `check:${part ?? ""}`;
    if (part)
      return system.testById.has(check) ? { outcomes: [{ test: check, outcome: verdict }], mends: [] } : SAYS_NOTHING;
    const whole = ["play-tx", "play"].find((id) => system.testById.has(id));
    if (!whole || !/output|power|sensitiv/i.test(test)) return SAYS_NOTHING;
    return { outcomes: [{ test: whole, outcome: verdict === "good" ? "fine" : "weak" }], mends: [] };
  },
});
