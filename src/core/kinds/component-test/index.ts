import { judgeCapacitor, judgeResistor, type PartJudgement } from "../../components";
import { format } from "../../quantity";
import { UNMARKED_PART_TOLERANCE } from "../../readings";
import { nothing, SAYS_NOTHING, unchanged, type KindOf } from "../kind";
import { testsBad } from "../tests-bad";
import type { ComponentTest } from "./payload";

/** Judges a measured component by what is kept with the entry; `none` where nothing was known of its place. */
function judgeComponent(test: ComponentTest): PartJudgement {
  const { against, value, esr, tan, hertz, leakage, atVolts, where, quantity } = test;
  if (!against) return { verdict: "none", reasons: ["Nothing is known of its place: kept as it is."] };
  if (quantity === "resistance") {
    if (!value || !against.nominal) return { verdict: "none", reasons: ["No drawn value to compare with."] };
    const tolerance = against.high > 0 ? against.high : UNMARKED_PART_TOLERANCE;
    return judgeResistor({ ohms: value.value, where }, against.nominal, tolerance, against.school ?? "twice");
  }
  // In circuit other paths lie beside a capacitor: its value and its leakage prove nothing there.
  if (where === "in-circuit")
    return { verdict: "none", reasons: ["In circuit other paths count too: lift one end and measure again."] };
  return judgeCapacitor(
    {
      farads: value?.value,
      esr: esr?.value,
      tan,
      hertz,
      leakAmps: leakage?.value,
      atVolts: atVolts?.value,
    },
    against,
  );
}

const figuresOf = ({ quantity, value, esr, tan, leakage, atVolts }: ComponentTest): string[] =>
  [
    value && format(value.value, quantity, 4),
    esr && `ESR ${format(esr.value, "resistance")}`,
    tan !== undefined && `tan δ ${tan}`,
    leakage && `leaks ${format(leakage.value, "current")}${atVolts ? ` at ${format(atVolts.value, "voltage")}` : ""}`,
  ].filter((text): text is string => Boolean(text));

/** A capacitor or resistor that was measured by itself: value, loss, leakage. */
export const componentTest: KindOf<"component-test", ComponentTest, ReturnType<typeof judgeComponent>> = {
  kind: "component-test",
  fields: {
    designator: "part",
    where: "measured",
    quantity: "quantity",
    value: "value",
    esr: "ESR",
    tan: "tan δ",
    hertz: "frequency",
    leakage: "leakage",
    atVolts: "at",
    against: "judged against",
    remark: "remark",
  },
  about: ({ designator }) => designator,
  tied: ["against", "quantity"],
  judge: judgeComponent,
  describe: (test, { verdict, reasons }) => {
    const { designator, where, remark } = test;
    const figures = [...figuresOf(test), where === "in-circuit" ? "in circuit" : where, remark].filter(Boolean);
    return {
      subject: designator,
      text: [`${figures.join(", ")}.`, ...reasons].join(" "),
      ...(verdict === "none" ? {} : { verdict }),
    };
  },
  designators: ({ designator }) => [designator],
  works: nothing,
  changes: unchanged,
  handsInside: true,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "shown",
  csv: (test, { verdict }) => ({
    table: "tests",
    cells: {
      phase: "",
      designator: test.designator,
      test: "component",
      condition: test.where === "in-circuit" ? "in circuit" : test.where,
      measured: figuresOf(test).join("; "),
      unit: "",
      limit: test.against?.nominal === undefined ? "" : format(test.against.nominal, test.quantity),
      sense: "",
      verdict: verdict === "none" ? "" : verdict,
      "set-up": test.remark ?? "",
    },
  }),
  sections: () => ["tests", "search"],
  open: testsBad,
  evidence: ({ designator }, { system }, { verdict }) => {
    const test = `check:${designator}`;
    if (!system.testById.has(test) || (verdict !== "good" && verdict !== "bad")) return SAYS_NOTHING;
    return { outcomes: [{ test, outcome: verdict }], mends: [] };
  },
};
