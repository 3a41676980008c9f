import { said, type System } from "../diagnosis";
import type { Circuit } from "../model";
import type { Says } from "./kind";
import type { Reads } from "./reads";

/** An intermittent fault that did not show itself counts this much. Shop's estimate. */
export const DID_NOT_SHOW = 0.3;

/** What a symptom in words says to the search; one that is gone says that its test is well again. */
export function saysOf(
  words: string,
  state: "present" | "changed" | "gone",
  { circuit, system }: { circuit: Circuit; system: System },
  reads?: Reads,
): Says {
  const { outcomes: read, intermittent } = said(words, circuit);
  // What somebody has put right stands for what the words were read as.
  const outcomes = reads ?? read;
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
