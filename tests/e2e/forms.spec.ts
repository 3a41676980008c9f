import type { Page } from "@playwright/test";
import { expectAccess } from "./axe";
import { expect, line, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";

/** A line of the stock that is on hand, and how many pieces of it there are. */
async function stocked(page: Page): Promise<{ code: string; onHand: () => Promise<number> }> {
  await page.goto("/parts");
  const href = await page.locator('a[href^="/parts/JP"]').first().getAttribute("href");
  const code = /JP[0-9A-Z]{7}/.exec(href ?? "")?.[0] ?? "";
  const onHand = async () => {
    await page.goto(`/parts/${code}`);
    return Number.parseInt(await page.locator("dt:text-is('on hand') + dd").innerText(), 10);
  };
  return { code, onHand };
}

test("a modification of our own is described, kept while one looks elsewhere, fitted from stock, and charged", async ({
  page,
}) => {
  const { code, onHand } = await stocked(page);
  const before = await onHand();
  await takeIn(page, "Halvane 537", "for a modification without a recipe");
  const bench = page.url().split("?")[0] ?? "";
  await madeSafe(page);
  await step(page, "Modify").click();
  await plate(page).getByRole("button", { name: "Describe one without a recipe" }).click();
  const form = plate(page).getByRole("form", { name: "Describe a modification" });
  await form.getByLabel("How it stands").selectOption({ label: "fitted: it is in the set now" });
  await form.getByRole("button", { name: "It is fitted" }).click();
  // The first field that is wrong says so and has the focus.
  await expect(form.getByText("Give it a name")).toBeVisible();
  await expect(form.getByLabel("What it is", { exact: true })).toBeFocused();
  await form.getByLabel("What it is", { exact: true }).fill("Speaker switch");
  await form.getByLabel("Its parts, one a line").fill(`S901 toggle switch from ${code}`);
  await form.getByLabel("To verify after it, one a line").fill("no click in the loudspeaker");
  await form.getByLabel("What it takes to put it back").fill("take the switch out");
  await form.getByLabel("Time it took, min").fill("40");
  // Nothing is lost on the way to another step and back, nor by a reload.
  await step(page, "Fix").click();
  await page.reload();
  await step(page, "Modify").click();
  await plate(page).getByRole("button", { name: "Describe one without a recipe" }).click();
  await expect(form.getByLabel("What it is", { exact: true })).toHaveValue("Speaker switch");
  await expectAccess(page, "the form of a modification", 'section[aria-label="Work plate"]');
  await form.getByRole("button", { name: "It is fitted" }).click();
  await expect(tape(page).getByText("Speaker switch").first()).toBeVisible();
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
  // What it made necessary is open, under the number that the line uses.
  await plate(page)
    .getByRole("tab", { name: /^After/ })
    .click();
  await expect(plate(page).getByRole("listitem").filter({ hasText: "No click in the loudspeaker" })).toContainText("1");
  const n = /Entry (\d+)/.exec(
    (await tape(page)
      .getByRole("button", { name: /Modification fitted.*Speaker switch|Speaker switch/ })
      .first()
      .getAttribute("aria-label")) ?? "",
  )?.[1];
  await write(page, `tick #${n ?? "0"} verify 1 done: silent`, "silent");
  await page.goto(`${bench}?step=hand-back&tab=price`);
  await expect(plate(page).getByText(/Modify: 40 min/)).toBeVisible();
  expect(await onHand()).toBe(before - 1);
});

test("a part that is not needed goes back, and leaves the stock once", async ({ page }) => {
  const { code, onHand } = await stocked(page);
  const before = await onHand();
  await takeIn(page, "Halvane 537", "for a part that goes back");
  await madeSafe(page);
  await step(page, "Fix").click();
  await page.getByRole("tab", { name: "Sent back" }).click();
  const form = plate(page).getByRole("form", { name: "A part goes back" });
  await form.getByLabel("What goes back").fill("phono socket");
  await form.getByLabel("From stock, its label").fill("JP0000000");
  await form.getByRole("button", { name: "It goes back" }).click();
  await expect(form.getByText(/not a label of the stock/)).toBeVisible();
  await form.getByLabel("From stock, its label").fill(code.toLowerCase());
  await form.getByLabel("Why", { exact: true }).fill("one was fitted already");
  await form.getByRole("button", { name: "It goes back" }).click();
  await expect(plate(page).getByRole("region", { name: "Sent back in this visit" })).toContainText(
    "one was fitted already",
  );
  await expect(form.getByLabel("What goes back")).toHaveValue("");
  await expectAccess(page, "Sent back", 'section[aria-label="Work plate"]');
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
  expect(await onHand()).toBe(before - 1);
});

test("work on a place without a designator says at each field what is missing", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the tuning drive");
  await madeSafe(page);
  await step(page, "Fix").click();
  await page.getByRole("tab", { name: "Other places" }).click();
  const form = plate(page).getByRole("form", { name: "Work at another place" });
  await form.getByRole("button", { name: "Write it down" }).click();
  await expect(form.getByText("Say which place")).toBeVisible();
  await form.getByLabel("Place without a designator").fill("tuning drive");
  await form.getByRole("button", { name: "Write it down" }).click();
  await expect(form.getByText("Say what was done")).toBeVisible();
  await form.getByLabel("left", { exact: true }).check();
  await form.getByRole("button", { name: "Write it down" }).click();
  await expect(form.getByText("Say why it is left")).toBeVisible();
  await form.getByLabel("Why (needed)").fill("it runs free");
  await expectAccess(page, "Other places", 'section[aria-label="Work plate"]');
  await form.getByLabel("Why (needed)").press("Enter");
  await expect(plate(page).getByRole("region", { name: "Done at such places in this visit" })).toContainText(
    "it runs free",
  );
});

test("where the search cannot be weighed it says so, the line goes on, and it can be tried again", async ({
  page,
  expectTrouble,
}) => {
  expectTrouble.allowed = true;
  await page.addInitScript(() => {
    const Whole = window.Worker;
    (window as unknown as { mend: () => void }).mend = () => (window.Worker = Whole);
    window.Worker = class extends Whole {
      constructor() {
        super(URL.createObjectURL(new Blob(["throw new Error('no room')"])));
      }
    };
  });
  await page.goto("/bench/1192?step=find");
  await expect(plate(page).getByText(/could not be weighed on this device/)).toBeVisible();
  await expect(plate(page).getByText("Weighing", { exact: false })).toHaveCount(0);
  await line(page).fill("? crackles");
  await expect(line(page)).toHaveValue("? crackles");
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend());
  await plate(page)
    .getByRole("button", { name: /try again|Try it again/i })
    .click();
  await expect(plate(page).getByText(/could not be weighed/)).toHaveCount(0);
});

test.describe("on the other side of the world", () => {
  test.use({ timezoneId: "Pacific/Auckland" });
  test("times are the reader's own, and the page comes to life without an error", async ({ page }) => {
    for (const view of ["/", "/bench/1187", "/sets", "/shop"]) await page.goto(view);
    await page.goto("/bench/1187");
    const [wrong] = await tape(page)
      .locator("time")
      .evaluateAll((times) =>
        times.flatMap((time) => {
          const at = new Date(time.getAttribute("datetime") ?? "");
          const clock = `${String(at.getHours()).padStart(2, "0")}:${String(at.getMinutes()).padStart(2, "0")}`;
          const shown = /\d\d:\d\d/.exec(time.textContent ?? "")?.[0];
          return shown && shown !== clock ? [`${at.toISOString()} is shown as ${shown}`] : [];
        }),
      );
    expect(wrong).toBeUndefined();
    expect(await tape(page).locator("time").count()).toBeGreaterThan(0);
  });
});
