import type { Draft } from "@/core/kinds";
import type { Problem } from "../outbox";
import { grammarHere } from "./grammar";

/**
 * What the log would refuse of a draft, in sentences. Nothing waits for what checks it: where that has not come yet, the
 * entry is kept at once, and the server says what it does not take.
 */
export function problemsOf(draft: Draft): Problem[] {
  const here = grammarHere();
  const checked = here?.draftSchema.safeParse(draft);
  return here && checked?.error ? here.sentences(checked.error) : [];
}
