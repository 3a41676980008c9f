"use client";

import { useSearchParams } from "next/navigation";
import { useCallback, useState } from "react";
import { STEPS, type Step } from "@/core/model";

/**
 * The step whose plate is in sight. It is the address that says so: Back goes to the step before, a reload stays.
 * @param first where the address names none
 */
export function useStepInView(first: () => Step): [Step, (step: Step) => void] {
  const asked = useSearchParams().get("step");
  const [otherwise] = useState(first);
  const step = STEPS.find((one) => one === asked) ?? otherwise;
  const look = useCallback((next: Step) => window.history.pushState(null, "", `?step=${next}`), []);
  return [step, look];
}
