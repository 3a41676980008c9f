import { setWorld } from "../../src/core/instruments";
import { circuitSheet } from "../../src/core/visit";
import { MADE_UP_SETS } from "../../src/core/practice";
import { startStandIn } from "../../scripts/instruments-server";
import { expectAccess } from "./axe";
import { expect, plate, takeIn, tape, test } from "./bench";

test("a chart is taken by the probe alone: the stand-in is tried, written down, and walked with", async ({ page }) => {
  const world = setWorld(circuitSheet(MADE_UP_SETS.lantern!.sheet))!;
  const { port, close } = await startStandIn(world);
  try {
    await page.goto("/shop");
    await page.getByRole("button", { name: "Add a meter" }).click();
    const form = page.getByRole("form", { name: "A new meter" });
    await form.getByLabel("What it is called here").fill("Socket meter");
    await form.getByLabel("Input").fill("10 MΩ");
    await form.getByLabel("Address, where it speaks SCPI").fill("127.0.0.1:99999");
    await form.getByRole("button", { name: "Try it" }).click();
    await expect(form.getByRole("alert").first()).toContainText("An address is like 192.168.1.40");
    await form.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${port}`);
    await form.getByRole("button", { name: "Try it" }).click();
    await expect(form.getByRole("status")).toContainText("Stand-in meter");
    await form.getByLabel("It is a stand-in").check();
    await form.getByRole("button", { name: "Save the meter" }).click();
    await expect(page.getByRole("listitem").filter({ hasText: "Socket meter" })).toContainText(`127.0.0.1:${port}`);

    await takeIn(page, "Halvane 537", "for the walk");
    const bench = page.url().split("?")[0] ?? "";
    await page.goto(`${bench}?step=baseline`);
    await plate(page)
      .getByRole("button", { name: /^Walk with the probe: \d+ points by Socket meter/ })
      .click();
    const walk = page.getByRole("region", { name: "Probe walk" });
    await expect(walk.getByTestId("reads")).toContainText("V");
    await expectAccess(page, "the probe walk", '[aria-label="Probe walk"]');
    const points = MADE_UP_SETS.lantern!.sheet.points.filter(({ quantity }) => quantity === "voltage");
    // Hands stay at the probe: the first figures are taken while nothing is touched.
    await expect(tape(page).getByText(/^B\+/).last()).toBeVisible({ timeout: 30_000 });
    await expect(walk.getByRole("status").last()).toContainText(/\d V/, { timeout: 30_000 });
    // A slip is undone by one key, and its point comes again.
    const slipped = (await walk.getByRole("status").last().innerText()).split("\n")[0] ?? "";
    await walk.press("Backspace");
    await expect(tape(page)).toContainText("slip of the probe");
    expect(points.some(({ point }) => slipped.startsWith(point))).toBe(true);
    // Points that read nothing are taken by the foot-switch.
    await expect(async () => {
      await walk.press(" ");
      await expect(walk).toContainText("points are through", { timeout: 3000 });
    }).toPass({ timeout: 90_000 });
    await walk.getByRole("button", { name: "End the walk" }).click();
    await expect(walk).toHaveCount(0);
    const table = plate(page).getByRole("table", { name: "Readings" });
    await expect(table.getByRole("row", { name: /^B\+/ }).first()).toContainText(/good|high|low/);
  } finally {
    await close();
  }
});

test("an instrument that is switched off says so on the walk, and the figure is typed instead", async ({ page }) => {
  const world = setWorld(circuitSheet(MADE_UP_SETS.lantern!.sheet))!;
  const { port, close } = await startStandIn(world);
  await page.goto("/shop");
  await page.getByRole("button", { name: "Add a meter" }).click();
  const form = page.getByRole("form", { name: "A new meter" });
  await form.getByLabel("What it is called here").fill("Loose plug");
  await form.getByLabel("Input").fill("10 MΩ");
  await form.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${port}`);
  await form.getByRole("button", { name: "Save the meter" }).click();
  await takeIn(page, "Halvane 537", "for a loose plug");
  const bench = page.url().split("?")[0] ?? "";
  await page.goto(`${bench}?step=baseline`);
  await plate(page).getByLabel("Meter", { exact: true }).fill("Loose plug");
  await plate(page)
    .getByRole("button", { name: /^Walk with the probe: \d+ points by Loose plug/ })
    .click();
  const walk = page.getByRole("region", { name: "Probe walk" });
  await expect(walk.getByTestId("reads")).toContainText("V");
  await close();
  await expect(walk.getByRole("alert")).toContainText(/Loose plug: .*Type the figure instead/, { timeout: 15_000 });
  await walk.press("Escape");
  const row = plate(page).getByRole("table", { name: "Readings" }).getByRole("row", { name: /^B\+/ });
  await row.getByRole("textbox").fill("248");
  // Nobody has made it safe here: the table asks before it judges what was typed under power.
  await expect(row).toContainText("power on?");
});
