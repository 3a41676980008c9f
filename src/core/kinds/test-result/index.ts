import { judgeTest } from "../../readings";
import { nothing, SAYS_NOTHING, unchanged, type KindOf } from "../kind";
import type { TestResult } from "./payload";

const judge = ({ measured, nominal, sense, unit }: TestResult) =>
  judgeTest(measured.value, nominal?.value, sense, unit);

/** A test against its nominal or limit: of the whole set, or of one tube on a simple tester. */
export const testResult: KindOf<"test-result", TestResult, ReturnType<typeof judge>> = {
  kind: "test-result",
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
  judge,
  describe: ({ designator: part, test, measured, unit, nominal, condition }, { verdict, reasons }) => {
    const of = unit ? ` ${unit}` : "";
    const limit = nominal ? ` / ${nominal.text}${of}` : "";
    const text = `${test}${condition ? ` at ${condition}` : ""} ${measured.text}${of}${limit}. ${reasons.join(" ")}`;
    return { subject: part ?? "Test", text, ...(verdict === "none" ? {} : { verdict }) };
  },
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
};
