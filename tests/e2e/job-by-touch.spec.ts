import { expect, freshSerial, lastLook, plate, step, tape, test } from "./bench";

test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

/** A whole job on a tablet, with the forms and by touch. */
test("a set goes through the shop by touch", async ({ page }) => {
  const serial = freshSerial();
  await page.goto("/");
  await page.getByRole("link", { name: "New job" }).tap();
  await page.getByLabel("Owner", { exact: true }).fill("Noor Haddad");
  await page.getByLabel("Maker and model").fill("Halvane 537");
  await page.getByLabel("Serial number").fill(serial);
  await page.getByLabel("Complaint, in the owner's words").fill("hums");
  await page.getByText("Museum", { exact: true }).tap();
  await page.getByRole("button", { name: "Take it in" }).tap();
  await expect(plate(page)).toContainText("stays after unplugging");

  // What is left on the reservoir is measured, never assumed.
  const left = page.getByLabel("Left on the reservoir, by the meter, V");
  await page.getByRole("button", { name: "Measured" }).tap();
  await expect(plate(page).getByRole("alert")).toContainText("Measure what is left");
  await left.fill("85");
  await page.getByRole("button", { name: "Measured" }).tap();
  await expect(plate(page).getByRole("alert")).toContainText("85 V is still there");
  await left.fill("0.4");
  await page.getByRole("button", { name: "Measured" }).tap();
  await expect(tape(page).getByText(/400 mV by the meter/)).toBeVisible();
  await page.getByRole("button", { name: /^Wrong: Mains lead/ }).tap();
  await page.getByLabel("What is wrong").fill("cracked at the plug");
  await page.getByRole("button", { name: "Write it", exact: true }).tap();
  const inOrder = page.getByRole("button", { name: /^In order/ });
  for (let open = await inOrder.count(); open > 0; open -= 1) {
    await inOrder.first().tap();
    await expect(inOrder).toHaveCount(open - 1);
  }
  await expect(step(page, "Make safe")).toContainText("done");

  // A museum's rise is slow; here it is written in words.
  await step(page, "First power").tap();
  await expect(plate(page)).toContainText("stop above 54 mA");
  await page.getByRole("button", { name: "Pass with a reason" }).tap();
  await page.getByLabel("Why First power is passed over").fill("was on for a week in the gallery");
  await page.getByRole("button", { name: "Pass it" }).tap();

  // The chart's points are judged while they are typed.
  await step(page, "Baseline").tap();
  await page.getByLabel("Supply now, V").fill("230");
  for (const [point, value, verdict] of [
    ["B+", "198", "low"],
    ["V4 cathode", "12", "good"],
    ["V2 screen", "98", "good"],
  ] as const) {
    await page.getByRole("textbox", { name: `${point}, measured` }).fill(value);
    const readings = plate(page).getByRole("table", { name: "Readings", exact: true });
    await expect(readings.getByRole("row", { name: new RegExp(`^${point.replace("+", "\\+")}`) })).toContainText(
      verdict,
    );
    await page.getByRole("textbox", { name: `${point}, measured` }).blur();
  }
  await expect(tape(page).getByText(/V2 screen 98 V at 230 V line/)).toBeVisible();

  // The gate: the baseline is not complete, and is passed with a reason.
  await step(page, "Fix").tap();
  await page.getByRole("tab", { name: "Any part" }).tap();
  await page.getByRole("region", { name: "Gate: Baseline" }).getByRole("button", { name: "Pass with a reason" }).tap();
  await page.getByRole("button", { name: "Pass it" }).tap();
  await expect(page.getByRole("alert").filter({ hasText: "needs a reason" })).toBeVisible();
  await page.getByLabel("Why Baseline is passed over").fill("reservoir gets warm");
  await page.getByRole("button", { name: "Pass it" }).tap();
  await expect(page.getByRole("region", { name: "Gate: Baseline" })).toHaveCount(0);

  // One can by two new parts, one resistor left with its reason.
  await plate(page).getByRole("button", { name: /^C1 / }).tap();
  await page.getByRole("button", { name: "One more" }).tap();
  for (const [index, name] of ["C1A", "C1B"].entries()) {
    await page.getByLabel(`New part ${index + 1}, designator`).fill(name);
    await page.getByLabel(`New part ${index + 1}, value and rating`).fill("10µ/450");
  }
  await page.getByLabel("The old part is").selectOption("in the owner's bag");
  await page.getByRole("button", { name: "Write it down" }).tap();
  await expect(tape(page).getByText(/C1A 10 µF 450 V \+ C1B 10 µF 450 V/)).toBeVisible();
  await plate(page).getByRole("button", { name: /^R9 / }).tap();
  await page.getByRole("combobox", { name: "was" }).selectOption("left");
  await expect(page.getByRole("button", { name: "Write it down" })).toBeDisabled();
  await page.getByLabel("Why (needed)").fill("within tolerance");
  await page.getByRole("button", { name: "Write it down" }).tap();
  await expect(plate(page).getByRole("button", { name: /^R9 / })).toContainText("within tolerance");

  // A mistake is corrected on the tape, and the original stays in reach.
  await tape(page)
    .getByRole("button", { name: /R9, left/ })
    .tap();
  await page.getByLabel("What it should say").fill("R9 25k left: 27k, within twice the tolerance");
  await page.getByRole("button", { name: "Correct it" }).tap();
  await expect(page.getByRole("dialog").getByRole("alert")).toContainText("Say why");
  await page.getByRole("textbox", { name: "Why", exact: true }).fill("forgot the value");
  await page.getByRole("button", { name: "Correct it" }).tap();
  await expect(tape(page).getByText("corrected: forgot the value")).toBeVisible();
  await tape(page)
    .getByRole("button", { name: /R9, left/ })
    .tap();
  await expect(page.getByRole("dialog").getByText("first written")).toBeVisible();
  await page.getByRole("button", { name: "Leave it" }).tap();

  // Before and after, side by side, with a set-up that differs.
  await step(page, "Prove").tap();
  await page.getByLabel("Supply now, V").fill("238");
  await page.getByRole("textbox", { name: "B+, measured" }).fill("266");
  await page.getByRole("textbox", { name: "B+, measured" }).blur();
  const row = plate(page).getByRole("row", { name: /^B\+/ });
  await expect(row).toContainText("mended");
  await expect(row).toContainText("line 230 V before, 238 V now");

  await step(page, "Hand back").tap();
  await page.getByRole("button", { name: "Hand it back" }).tap();
  await expect(plate(page).getByRole("alert")).toContainText("Prove is not done");
  await page.getByRole("region", { name: "Gate: Prove" }).getByRole("button", { name: "Pass with a reason" }).tap();
  await page.getByLabel("Why Prove is passed over").fill("the rest reads as the chart says by ear");
  await page.getByRole("button", { name: "Pass it" }).tap();
  await expect(page.getByLabel("What was done")).toHaveValue(/C1 replaced/);
  await page.getByRole("button", { name: "Hand it back" }).tap();
  await expect(plate(page).getByRole("alert")).toContainText("the last look is not through");
  await lastLook(page);
  await page.getByRole("button", { name: "Hand it back" }).tap();
  await expect(plate(page).getByText(/^Handed back/)).toBeVisible();
  await plate(page).getByRole("link", { name: "Service record" }).tap();
  await expect(page.getByText("Noor Haddad")).toBeVisible();
});
