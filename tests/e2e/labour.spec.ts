import { expect, plate, step, takeIn, tape, test } from "./bench";

const MINUTE = 60_000;

test("the labour clock goes on over a reload, and what it counted is on the bill", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for an hour of labour");
  await step(page, "Fix").click();
  // It was started 72 minutes ago.
  await page.clock.setSystemTime(Date.now() - 72 * MINUTE);
  await page.getByRole("button", { name: "Start the labour clock: Fix" }).click();
  await page.clock.setSystemTime(Date.now());
  await page.reload();
  await step(page, "Hand back").click();
  const stop = page.getByRole("button", { name: "Stop the labour clock: Fix" });
  await expect(stop).toContainText("1 h 12 min");
  await stop.click();
  await expect(tape(page).getByText("Fix: 1 h 12 min")).toBeVisible();
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
  await plate(page).getByRole("tab", { name: "Price" }).click();
  // 72 min at 45 EUR an hour, and what was typed beside it.
  await expect(plate(page).getByRole("row", { name: /^Fix: 1 h 12 min/ })).toContainText("54 EUR");
  const add = plate(page).getByRole("form", { name: "Add labour" });
  await add.getByLabel("Time").fill("half a morning");
  await add.getByRole("button", { name: "Add labour" }).click();
  await expect(add.getByRole("alert")).toContainText("Say how long");
  await add.getByLabel("Time").fill("30 min");
  await add.getByRole("button", { name: "Add labour" }).click();
  await expect(plate(page).getByRole("row", { name: /^Labour, 1 h 42 min/ })).toContainText("76.50 EUR");
});

test("a labour clock that nobody stopped is no labour, and says so", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for a clock that ran on");
  await page.clock.setSystemTime(Date.now() - 26 * 60 * MINUTE);
  await page.getByRole("button", { name: /^Start the labour clock/ }).click();
  await page.clock.setSystemTime(Date.now());
  await page.getByRole("button", { name: /^Stop the labour clock/ }).click();
  await expect(page.getByText(/^It ran 26 h: type what it was/)).toBeVisible();
  await expect(tape(page).getByText("Labour", { exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: /^Start the labour clock/ }).click();
  await page.getByRole("button", { name: /^Stop the labour clock/ }).click();
  await expect(page.getByText("Under a minute: not written down.")).toBeVisible();
});
