import type { Step } from "../../model";
import type { Quantity } from "../../quantity";
import type { Phase } from "../../readings";

/** Quantities that are read with the power off. */
const POWER_OFF: readonly Quantity[] = ["resistance", "capacitance", "inductance"];

/** A reading under power: voltage, current or power in the circuit. */
export const underPower = (quantity: Quantity): boolean =>
  ["voltage", "ac-voltage", "current", "power"].includes(quantity);

/** Kept with a reading that was taken under power before make safe was done. */
export const POWERED = "powered before make safe was done";

/** What the plate in sight is for. Between baseline and proof, and before the baseline, a reading is one in between. */
const OF_STEP: Partial<Record<Step, Phase>> = { baseline: "baseline", prove: "prove" };

type Where = {
  /** what the line says itself */
  said?: Phase | undefined;
  /** of the row: a cold check is read in that phase alone */
  row?: Phase | undefined;
  quantity: Quantity;
  /** the point stands on the model's chart: it is measured before and after, also where it is a resistance */
  onChart: boolean;
  /** the step in view */
  step?: Step | undefined;
  /** where no step is in view: what the log says */
  otherwise: Phase;
};

/**
 * Which phase a reading belongs to. What is said comes first; a resistance that is no point of the chart is a cold
 * check; else the step in view decides.
 */
export function phaseOf({ said, row, quantity, onChart, step, otherwise }: Where): Phase {
  if (said) return said;
  if (row) return row;
  if (POWER_OFF.includes(quantity) && !onChart) return "cold";
  if (!step) return otherwise;
  return OF_STEP[step] ?? "check";
}

/** The phase of what is tested with the set as it is: by the step in view, else by what the log says. */
export const phaseInView = ({ step, phase }: { step?: Step | undefined; phase: Phase }): Phase =>
  step ? (OF_STEP[step] ?? "check") : phase;
