import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

type Ask = {
  /** only this part of the page */
  within?: string | undefined;
  rules?: string[] | undefined;
};

/**
 * What breaks the rules of access on a page, each with the first place. The pages have no frames, and only violations
 * are asked for: without that the passes are written out too, which takes thrice the time.
 */
export async function violationsOf(page: Page, { within, rules }: Ask = {}): Promise<string[]> {
  const axe = new AxeBuilder({ page })
    .options({ resultTypes: ["violations"], ...(rules ? { runOnly: rules } : {}) })
    .setLegacyMode(true);
  const { violations } = await (within ? axe.include(within) : axe).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`);
}
