import { judgeCapacitor, judgeResistor, type PartJudgement } from "../components";
import { UNMARKED_PART_TOLERANCE } from "../readings";
import { judgeTube } from "../tubes";
import type { ContentOf } from "./entries";

/** Judges a measured component by what is kept with the entry; `none` where nothing was known of its place. */
export function judgeComponentTest(test: ContentOf<"component-test">["payload"]): PartJudgement {
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

/** Judges a tube by its test. */
export const judgeTubeTest = ({ shorts, gas, strength }: ContentOf<"tube-test">["payload"]) =>
  judgeTube({ shorts, gas, measured: strength?.measured.value, nominal: strength?.nominal.value });
