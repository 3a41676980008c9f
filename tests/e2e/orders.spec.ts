import type { Locator, Page } from "@playwright/test";
import { lookAt } from "./axe";
import { expect, tape, test } from "./bench";

const toOrder = (page: Page): Locator => page.getByRole("region", { name: "To order" });
const onOrder = (page: Page): Locator => page.getByRole("region", { name: "On order" });
const orderOf = (page: Page, supplier: string): Locator =>
  onOrder(page)
    .getByRole("listitem", { name: /^Order \d+$/ })
    .filter({ hasText: supplier });

async function bookIn(order: Locator, bin: string): Promise<void> {
  await order.getByRole("button", { name: "It has come" }).click();
  await order.getByLabel("Bin").fill(bin);
  await order.getByRole("button", { name: "Book it in" }).click();
  await expect(order.getByRole("button", { name: "Book it in" })).toHaveCount(0);
}

async function testTube(page: Page, percentOfNew: number): Promise<void> {
  const form = page.getByRole("region", { name: "Tubes to test" }).getByRole("form", { name: "Test this tube" });
  await form.getByLabel("1. Shorts").selectOption("none");
  await form.getByLabel("2. Gas, leakage").selectOption("none");
  const nominal = Number(await form.getByLabel("of", { exact: true }).inputValue());
  await form.getByLabel(/^3\. /).fill(String(Math.round((nominal * percentOfNew) / 100)));
  await form.getByLabel("Tester and its settings").fill("Bench tube tester");
  await form.getByRole("button", { name: "Write the test" }).click();
}

test("a tube comes: tested bad it goes back, tested good its set goes on by itself", async ({ page }) => {
  await page.goto("/parts/orders");
  const order = orderOf(page, "UF41");
  await expect(order).toContainText("V2 of 1190");
  // More than is to come is said at once, and nothing is lost.
  await order.getByRole("button", { name: "It has come" }).click();
  await order.getByLabel("Right, pc").fill("3");
  await order.getByLabel("Note").fill("from the morning post");
  await order.getByRole("button", { name: "Book it in" }).click();
  await expect(order.getByText("Only 1 are still to come.")).toBeVisible();
  await expect(order.getByLabel("Note")).toHaveValue("from the morning post");
  await order.getByRole("button", { name: "Cancel" }).click();

  await bookIn(order, "T-95");
  await testTube(page, 25);
  const tubes = page.getByRole("region", { name: "Tubes to test" });
  await tubes.getByRole("button", { name: "It goes back" }).click();
  await expect(onOrder(page).getByRole("status")).toContainText("goes back; another one is still to come");
  await expect(tubes).toHaveCount(0);
  await expect(order).toContainText("0 pc here, 1 pc to come");
  await page.goto("/bench/1190");
  await expect(tape(page)).not.toContainText("is here: V2");

  await page.goto("/parts/orders");
  await bookIn(order, "T-95");
  await testTube(page, 92);
  await expect(onOrder(page).getByRole("status")).toContainText("Job 1190 has all its parts and goes on.");
  await expect(order).toHaveCount(0);
  await page.goto("/bench/1190");
  await expect(tape(page)).toContainText(/order \d+ is here: V2/);
});

test("what a set waits for is found in the price lists, ordered with the drawers, put off and cancelled", async ({
  page,
}) => {
  await page.goto("/parts/orders");
  const awaited = toOrder(page).getByRole("region", { name: "Waited for, in no order" });
  await awaited.getByRole("button", { name: /^Find it 560 pF/ }).click();
  // What the set waits for is typed in already; a first look narrows it.
  await expect(awaited.getByLabel("Find in the price lists")).toHaveValue("560 pF silver mica");
  await awaited.getByLabel("What it is for").fill("padder");
  await awaited.getByRole("button", { name: /^Add 560 pF 500 V.*from Harbour/ }).click();
  const basket = toOrder(page).getByRole("region", { name: "To Harbour Components" });
  await expect(basket).toContainText("padder of 1183");
  const sum = basket.getByText(/^Goods/);
  const before = await sum.innerText();
  await basket
    .getByRole("button", { name: /^Not now bin/ })
    .first()
    .click();
  await expect(sum).not.toHaveText(before);
  await expect(toOrder(page).getByRole("region", { name: "Not now" })).toContainText("bin");
  // A day that is past is refused where it stands.
  await basket.getByLabel("Expected on").fill("2020-01-06");
  await basket.getByRole("button", { name: "It is ordered" }).click();
  await expect(basket.getByText("It cannot arrive on 2020-01-06: that day is past.")).toBeVisible();
  await basket.getByLabel("Expected on").fill("2099-01-05");
  const list = page.waitForEvent("download");
  await basket.getByRole("button", { name: "List (CSV)" }).click();
  expect((await list).suggestedFilename()).toBe("order-harbour-components.csv");
  await basket.getByRole("button", { name: "It is ordered" }).click();
  await expect(toOrder(page).getByRole("status")).toContainText("to Harbour Components is written down");
  const order = orderOf(page, "padder of 1183");
  await expect(order).toContainText("expected Mon 5 Jan");
  await expect(awaited).not.toContainText("560 pF");

  await order.getByRole("button", { name: "Another day" }).click();
  await order.getByLabel("Expected on").fill("2099-01-09");
  await order.getByRole("button", { name: "Keep the day" }).click();
  await expect(order).toContainText("expected Fri 9 Jan");
  await order.getByRole("button", { name: "Cancelled" }).click();
  await order.getByRole("button", { name: /^End order/ }).click();
  await expect(order).toHaveCount(0);
  // The set still waits, and can be ordered for anew.
  await expect(awaited).toContainText("560 pF silver mica for the padder");
});

test("a supplier's least order and packs count in the order", async ({ page }) => {
  await page.goto("/parts/prices");
  await page.getByText(/^Salt Lane Tubes/).click();
  const form = page.getByRole("form", { name: "What Salt Lane Tubes asks" });
  await form.getByLabel("Least order, EUR").fill("a lot");
  await form.getByRole("button", { name: "Keep it" }).click();
  await expect(form.getByText("“a lot” is not a sum in EUR: write it like 5.90.")).toBeVisible();
  await form.getByLabel("Least order, EUR").fill("60");
  await form.getByRole("button", { name: "Keep it" }).click();
  await expect(form.getByText("Kept: the next order is divided by it.")).toBeVisible();
  await page.goto("/parts/orders");
  await toOrder(page).getByRole("button", { name: "Add an article" }).click();
  await page.getByLabel("Find in the price lists").fill("100 ohm 1 W");
  await page.getByLabel("Pieces").fill("3");
  await page.getByRole("button", { name: /^Add 100 Ω 1 W/ }).click();
  const resistors = toOrder(page).getByRole("region", { name: "To Harbour Components" });
  await expect(resistors).toContainText("In packs of 10 pc: 7 pc more than wanted go into the drawer.");
  const tubes = toOrder(page).getByRole("region", { name: "To Salt Lane Tubes" });
  await expect(tubes).toContainText("below their least order");
  await lookAt(page, ["/parts/orders", "/parts/prices"]);
});

test("the bench says what of a plan is on its way, and leads to the orders of this job", async ({ page }) => {
  await page.goto("/bench/1176?step=fix&tab=plan");
  await page.getByRole("button", { name: /^Order list/ }).click();
  const panel = page.getByRole("region", { name: "Order list" });
  await expect(panel).toContainText(/C5.*not ordered/);
  await panel.getByRole("link", { name: /^Order \d+ for this job/ }).click();
  await expect(page.getByText("What job 1176 lacks.")).toBeVisible();
  await expect(toOrder(page).getByRole("region", { name: "In no price list" })).toContainText("C5 of 1176");
});
