import type { Draft } from "@/core/kinds";
import type { Problem } from "../outbox";
import { grammar } from "./grammar";

/**
 * What the log would refuse of a draft, in sentences. Where what checks it cannot come, the server says it later, and the
 * entry stands among those that it did not take.
 */
export async function problemsOf(draft: Draft): Promise<Problem[]> {
  const core = await grammar().catch(() => undefined);
  const checked = core?.draftSchema.safeParse(draft);
  return !core || !checked || checked.success ? [] : core.sentences(checked.error);
}
