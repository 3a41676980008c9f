import type { Says, Searched } from "./kind";
import type { Reads } from "./reads";

/** An intermittent fault that did not show itself counts this much. Shop's estimate. */
export const DID_NOT_SHOW = 0.3;

/** What a symptom in words says to the search; one that is gone says that its test is well again. */
export function saysOf(
  words: string,
  state: "present" | "changed" | "gone",
  { said, system }: Searched,
  reads?: Reads,
): Says {
  const { outcomes: read, intermittent } = said(words);
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
