import { judgeTube } from "../../tubes";
import { nothing, SAYS_NOTHING, unchanged, type KindOf } from "../kind";
import { testsBad } from "../tests-bad";
import type { TubeTest } from "./payload";

const judge = ({ shorts, gas, strength }: TubeTest) =>
  judgeTube({ shorts, gas, measured: strength?.measured.value, nominal: strength?.nominal.value });

/** A tube on the tester, in the order that spares the tester and the tube. */
export const tubeTest: KindOf<"tube-test", TubeTest, ReturnType<typeof judge>> = {
  kind: "tube-test",
  fields: {
    phase: "phase",
    designator: "tube",
    type: "type",
    shorts: "shorts",
    between: "electrodes",
    gas: "gas",
    strength: "strength",
    tester: "tester",
    remark: "remark",
  },
  about: ({ designator }) => designator,
  tied: [],
  judge,
  describe: ({ designator, type, shorts, between, gas, strength, tester, remark }, { verdict, reasons }) => {
    const figures = [
      type,
      shorts === "none" ? "no shorts" : between ? `shorted ${between.join(", ")}` : "shorted",
      gas && (gas === "none" ? "no gas" : gas === "slight" ? "a trace of gas" : "gassy"),
      strength && `${strength.test} ${strength.measured.text} / ${strength.nominal.text} ${strength.unit}`.trim(),
      tester && `on ${tester}`,
      remark,
    ].filter(Boolean);
    return {
      subject: designator,
      text: [`${figures.join(", ")}.`, ...reasons].join(" "),
      ...(verdict === "none" ? {} : { verdict }),
    };
  },
  designators: ({ designator }) => [designator],
  works: nothing,
  changes: unchanged,
  handsInside: false,
  afterHandBack: "refused",
  takes: nothing,
  lane: "tests",
  inFile: "shown",
  csv: (test, { verdict }) => ({
    table: "tests",
    cells: {
      phase: test.phase,
      designator: test.designator,
      test: test.strength?.test ?? "shorts",
      condition: "",
      measured: test.strength?.measured.text ?? test.shorts,
      unit: test.strength?.unit ?? "",
      limit: test.strength?.nominal.text ?? "",
      sense: "share",
      verdict: verdict === "none" ? "" : verdict,
      "set-up": test.tester ?? "",
    },
  }),
  sections: () => ["tests"],
  open: testsBad,
  evidence: ({ designator }, { system }, { verdict }) => {
    const test = `check:${designator}`;
    if (!system.testById.has(test) || (verdict !== "good" && verdict !== "bad")) return SAYS_NOTHING;
    return { outcomes: [{ test, outcome: verdict }], mends: [] };
  },
};
