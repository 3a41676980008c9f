import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { expect } from "./bench";

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
  // The title of a page that was stepped to comes a moment after what the page shows.
  await expect(page).toHaveTitle(/./);
  const axe = new AxeBuilder({ page })
    .options({ resultTypes: ["violations"], ...(rules ? { runOnly: rules } : {}) })
    .setLegacyMode(true);
  const { violations } = await (within ? axe.include(within) : axe).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`);
}

/** Looks at a page in both themes: between them nothing differs but colour, so in the second one only that is asked for. */
export async function expectAccess(page: Page, view: string, within?: string): Promise<void> {
  expect(await violationsOf(page, { within }), view).toEqual([]);
  await page.evaluate(async () => {
    document.documentElement.dataset.theme = "cellar";
    // Colours go over into one another: they are looked at when they have arrived.
    await new Promise(requestAnimationFrame);
    // What is in a closed menu is not drawn, and never comes to its end.
    const drawn = (effect: AnimationEffect | null) =>
      effect instanceof KeyframeEffect && effect.target?.checkVisibility({ contentVisibilityAuto: true });
    const ending = document
      .getAnimations()
      .filter(({ effect }) => effect?.getComputedTiming().iterations !== Infinity && drawn(effect));
    await Promise.allSettled(ending.map(({ finished }) => finished));
  });
  expect(await violationsOf(page, { within, rules: ["color-contrast"] }), `${view} in the cellar`).toEqual([]);
}

/** Opens views one after the other and looks at each. */
export async function lookAt(page: Page, views: readonly string[]): Promise<void> {
  for (const view of views) {
    await page.goto(view);
    await expect(page.locator("main")).toBeVisible();
    await expectAccess(page, view);
  }
}
