import { said, type System } from "../diagnosis";
import type { Circuit } from "../model";
import type { Says } from "./kind";

/** An intermittent fault that did not show itself counts this much. Shop's estimate. */
export const DID_NOT_SHOW = 0.3;

/** What a symptom in words says to the search; one that is gone says that its test is well again. */
export function saysOf(words: string, state: "present" | "changed" | "gone", circuit: Circuit, system: System): Says {
  const { outcomes, intermittent } = said(words, circuit);
  if (state !== "gone") return { outcomes, mends: [] };
  return {
    outcomes: outcomes.map(({ test }) => ({
      test,
      outcome: system.testById.get(test)?.outcomes[0]?.key ?? "",
      ...(intermittent ? { weight: DID_NOT_SHOW } : {}),
    })),
    mends: [],
  };
}
