import type { Page } from "@playwright/test";
import { expect, line, madeSafe, plate, readsLines, step, takeIn, tape, test, write } from "./bench";

const texts = (page: Page) => tape(page).getByRole("button", { name: /^Entry \d+: / });

/** Types a line while nothing can be reached; it waits on the device. */
async function unsent(page: Page, text: string): Promise<void> {
  await line(page).fill(text);
  await line(page).press("Enter");
  await expect(line(page)).toHaveValue("");
}

test("two tabs and a tablet work for an hour without a network; all arrives once, in order", async ({
  page,
  browser,
  baseURL,
  expectTrouble,
}) => {
  expectTrouble.allowed = true;
  await takeIn(page, "Halvane 537", "for an hour without a network");
  await madeSafe(page);
  const bench = page.url();
  const context = page.context();
  const second = await context.newPage();
  const tablet = await browser.newContext({ viewport: { width: 820, height: 1180 }, baseURL: baseURL ?? "" });
  const third = await tablet.newPage();
  for (const other of [second, third]) {
    await other.goto(bench);
    await other.locator("html[data-alive]").waitFor({ state: "attached" });
    await expect(texts(other).first()).toBeVisible();
    await readsLines(other);
  }
  const before = await texts(page).count();
  await context.setOffline(true);
  await tablet.setOffline(true);
  for (let n = 1; n <= 5; n += 1) {
    await unsent(page, `note first ${n}`);
    await unsent(second, `note second ${n}`);
    await unsent(third, `note tablet ${n}`);
  }
  await expect(texts(third).last()).toContainText("tablet 5");
  // An entry, its correction and the correction of that, none of them sent yet.
  const number = Number(/^Entry (\d+):/.exec((await texts(third).last().getAttribute("aria-label")) ?? "")?.[1]);
  await unsent(third, `amend #${number} note tablet five because misspelt`);
  await unsent(third, `amend #${number} note tablet FIVE because said louder`);
  await expect(texts(third).last()).toContainText("tablet FIVE");
  await expect(
    tape(third)
      .getByText(/not saved/)
      .first(),
  ).toBeVisible();
  await page.close();
  await second.close();
  await third.close();
  await context.setOffline(false);
  await tablet.setOffline(false);

  const again = await context.newPage();
  await again.goto(bench);
  await expect(texts(again)).toHaveCount(before + 10);
  const here = await tablet.newPage();
  await here.goto(bench);
  // Another device's entries are looked for every quarter of a minute.
  await expect(texts(here)).toHaveCount(before + 15, { timeout: 40_000 });
  await expect(tape(here).getByText("not saved yet")).toHaveCount(0);
  await again.reload();
  await expect(texts(again)).toHaveCount(before + 15);
  const all = await texts(again).allInnerTexts();
  const of = (who: string) => all.flatMap((text) => new RegExp(`${who} (\\w+)`).exec(text)?.[1] ?? []);
  expect(of("first")).toEqual(["1", "2", "3", "4", "5"]);
  expect(of("second")).toEqual(["1", "2", "3", "4", "5"]);
  expect(of("tablet")).toEqual(["1", "2", "3", "4", "FIVE"]);
  await expect(texts(again).filter({ hasText: "said louder" })).toHaveCount(1);
  await tablet.close();
});

test("what is typed outlives another tab, another step, a reload and Back; Esc leaves the field", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for fields that keep what is typed");
  await step(page, "Fix").click();
  await page.getByRole("tab", { name: "Any part" }).click();
  await page.getByLabel("Found").fill("leaky and warm");
  await page.getByRole("tab", { name: "Other places" }).click();
  await page.getByLabel("Place without a designator").fill("tuning drive");
  await page.getByRole("checkbox", { name: "lubricated" }).check();
  await step(page, "Prove").click();
  await expect(page).toHaveURL(/step=prove/);
  await page.goBack();
  await expect(page).toHaveURL(/step=fix/);
  await page.getByRole("tab", { name: "Other places" }).click();
  await expect(page.getByLabel("Place without a designator")).toHaveValue("tuning drive");
  await page.reload();
  await page.getByRole("tab", { name: "Other places" }).click();
  await expect(page.getByRole("checkbox", { name: "lubricated" })).toBeChecked();
  await page.getByRole("tab", { name: "Any part" }).click();
  await expect(page.getByLabel("Found")).toHaveValue("leaky and warm");
  await page.getByLabel("Found").press("Escape");
  await expect(page.getByLabel("Found")).not.toBeFocused();
  await expect(page.getByLabel("Found")).toHaveValue("leaky and warm");
});

test("work on a place is written by its form, stands in the record, and its note is put there by a button", async ({
  page,
}) => {
  await takeIn(page, "Halvane 537", "for a drive that slips");
  await step(page, "Fix").click();
  await page.getByRole("tab", { name: "Other places" }).click();
  await page.getByRole("button", { name: "Write it down" }).click();
  await expect(plate(page).getByRole("alert")).toContainText("Say which place");
  await page.getByLabel("Place without a designator").fill("tuning drive");
  await page.getByLabel("Found").fill("gummed");
  await page.getByRole("checkbox", { name: "cleaned" }).check();
  await page.getByLabel("Before").selectOption("poor");
  await page.getByLabel("After").selectOption("good");
  await page.getByLabel("Material or new part").fill("damping grease");
  await page.getByRole("button", { name: "Write it down" }).click();
  await expect(tape(page).getByText(/cleaned \(gummed; poor → good; with damping grease\)/)).toBeVisible();
  await write(page, "note washer found inside", "washer found inside");
  await tape(page)
    .getByRole("button", { name: /washer found inside/ })
    .click();
  await page.getByRole("button", { name: "Put it into the owner’s record" }).click();
  await expect(tape(page).getByText("Note for the record")).toBeVisible();
  await page.getByRole("link", { name: "Service record" }).click();
  await expect(page.getByRole("row", { name: /Tuning drive.*gummed/ })).toBeVisible();
  await expect(page.getByRole("row", { name: /washer found inside/ })).toBeVisible();
});

test("one-key shortcuts lead through the steps, the focus goes with them, and they can be switched off", async ({
  page,
}) => {
  await takeIn(page, "Halvane 537", "for the keys");
  await page.keyboard.press("]");
  await expect(plate(page)).toBeFocused();
  await expect(page).toHaveURL(/step=/);
  const here = page.url();
  await page.keyboard.press("?");
  const keys = page.getByRole("dialog").getByRole("checkbox");
  await keys.uncheck();
  await page.keyboard.press("Escape");
  await page.keyboard.press("Escape");
  await page.keyboard.press("]");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  expect(page.url()).toBe(here);
});
