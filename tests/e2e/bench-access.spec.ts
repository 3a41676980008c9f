import type { Page } from "@playwright/test";
import { expectAccess, violationsOf } from "./axe";
import { expect, line, tape, test } from "./bench";

const STEPS = ["take-in", "make-safe", "first-power", "baseline", "find", "fix", "modify", "prove", "hand-back"];
const VIEWS = [
  ...STEPS.map((step) => `/bench/1187?step=${step}`),
  "/bench/1187?step=fix&tab=tubes",
  "/bench/1187?step=fix&tab=part",
  "/bench/1183?step=fix&tab=heaters",
  "/bench/1190?step=fix&tab=heaters",
  "/bench/1191?step=make-safe",
  "/bench/1176?step=first-power",
  "/bench/1176?step=find",
  "/bench/1185?step=find",
  "/bench/1185?step=modify",
  "/bench/1191?step=baseline&tab=tests",
  "/bench/1191?step=prove&tab=tests",
  "/bench/1187?step=prove&tab=soak",
  "/bench/1187?step=hand-back&tab=look",
  "/bench/1187?step=hand-back&tab=price",
];

/** What is pressed at the bench and is hard to hit: lower than 40 px. */
const small = (page: Page) =>
  page
    .locator("main button:visible, main a:visible, main select:visible, main summary:visible")
    .evaluateAll((elements) =>
      elements
        .filter((element) => !element.closest(".repair-tag"))
        .map((element) => ({ height: element.getBoundingClientRect().height, text: element.textContent }))
        .filter(({ height }) => height < 40),
    );

test("no axe violations at the bench, in both themes, and all that is pressed is at least 40 px high", async ({
  page,
}) => {
  for (const view of VIEWS) {
    await page.goto(view);
    await expect(page.locator("main")).toBeVisible();
    expect(await small(page), view).toEqual([]);
    // Tape, tag and run sheet are the same at every step: after the first bench they are looked at no more.
    await expectAccess(page, view, view === VIEWS[0] ? undefined : 'section[aria-label="Work plate"]');
  }
});

test("the draft chip, a question and the amend dialog have no axe violations", async ({ page }) => {
  await page.goto("/bench/1187");
  for (const text of ["C14 leaky -> 0.1/250", "C99 leaky -> 0.1/630", "nonsense"]) {
    await line(page).fill(text);
    await expect(line(page)).toHaveValue(text);
    expect(await violationsOf(page), text).toEqual([]);
  }
  await page.getByRole("button", { name: /^Entry .*VR1/ }).click();
  expect(await violationsOf(page)).toEqual([]);
});

test("what the line asks takes room, and the newest entry stays in sight, but for who reads back", async ({ page }) => {
  await page.goto("/bench/1187");
  const entries = tape(page).getByRole("button", { name: /^Entry \d+: / });
  const [first, last] = [entries.first(), entries.last()];
  await expect(last).toBeInViewport({ ratio: 1 });
  await line(page).fill("ripple on B+ 1.2 Vpp");
  await expect(page.getByRole("button", { name: /sawtooth/ })).toBeVisible();
  await expect(last).toBeInViewport({ ratio: 1 });
  await line(page).fill("");
  await expect(page.getByRole("button", { name: /sawtooth/ })).toHaveCount(0);
  await first.scrollIntoViewIfNeeded();
  await line(page).fill("dial 7.000 reads 7.015");
  await expect(page.getByRole("button", { name: /the frequency is 7.015 MHz/ })).toBeVisible();
  await expect(first).toBeInViewport();
});
