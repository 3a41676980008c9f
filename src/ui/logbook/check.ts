import type { Draft } from "@/core/kinds";
import type { Problem } from "../outbox";

/**
 * What the log would refuse of a draft, in sentences. What checks it comes when it is first needed; where it cannot come,
 * the server says it later, and the entry stands among those that it did not take.
 */
export async function problemsOf(draft: Draft): Promise<Problem[]> {
  const core = await import("@/core/kinds").catch(() => undefined);
  const checked = core?.draftSchema.safeParse(draft);
  return !core || !checked || checked.success ? [] : core.sentences(checked.error);
}
