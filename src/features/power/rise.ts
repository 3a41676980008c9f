import type { CircuitFacts, Rise } from "@/core/circuit";
import { BPLUS_FROM, type PlanStep } from "@/core/power";
import { format } from "@/core/quantity";

/** The net's figure for a step: there is B+ only with the rectifier in its place, and hot. */
export function riseAt(facts: CircuitFacts | undefined, step: PlanStep | undefined): Rise | undefined {
  if (!step || (step.stage !== "rectifier-in" && step.stage !== "all-in") || step.measures.includes("lamp"))
    return undefined;
  if (step.expected.warm && step.fraction <= BPLUS_FROM) return undefined;
  return facts?.rise.find(({ fraction }) => Math.abs(fraction - step.fraction) < 1e-6);
}

/** B+ at a part of the line, in words. */
export const riseText = ({ loaded, cold, amps }: Rise): string =>
  `By the net B+ ${format(cold, "voltage", 3)} while the tubes are cold, then ${format(loaded, "voltage", 3)} at ${format(amps, "current", 2)}.`;
