import { expect, plate, tape, takeIn, test } from "./bench";

const here = (url: string) => /bench\/(\d+)/.exec(url)?.[1] ?? "";

test("a substitute for an output tube is found, compared, rewired for and fitted from stock", async ({ page }) => {
  await takeIn(page, "Halvane 537", "weak");
  await page.goto(`/bench/${here(page.url())}?step=fix&tab=tubes`);
  await plate(page).getByRole("button", { name: /^V4/ }).click();
  const v4 = page.getByRole("region", { name: "V4", exact: true });
  await v4.getByRole("tab", { name: "Substitutes" }).click();
  await expect(v4.getByRole("button", { name: /^6V6GTA drop-in/ })).toBeVisible();

  // One that is not in the table: the nearest names are offered.
  await v4.getByLabel("What about").fill("6F7X");
  await v4.getByRole("button", { name: "6F6", exact: true }).click();
  await expect(v4.getByText(/Cathode resistor/)).toContainText("407 Ω");
  await expect(v4.getByText(/250 mA more/)).toBeVisible();
  await v4.getByLabel("What about").fill("6AQ5");
  await expect(v4.getByText("plate: from pin 3 to pin 5")).toBeVisible();
  await v4.getByLabel("What about").fill("50L6");
  await expect(v4.getByText("The winding gives 6.3 V.").first()).toBeVisible();

  await v4.getByLabel("What about").fill("6F6");
  await v4.getByRole("button", { name: /^Fit JP/ }).click();
  await expect(tape(page).getByText(/6V6 → 6F6|replaced: 6F6/)).toBeVisible();
  await expect(plate(page).getByRole("button", { name: /^V4 6F6/ })).toBeVisible();
});

test("a tube's test asks for shorts first, then gas, then strength, and is drawn over the years", async ({ page }) => {
  await takeIn(page, "Halvane 537", "weak");
  const job = here(page.url());
  await page.goto(`/bench/${job}?step=fix&tab=tubes`);
  await plate(page).getByRole("button", { name: /^V4/ }).click();
  const form = page.getByRole("form", { name: "Test V4" });
  await expect(form.getByText(/Shorts first/)).toBeVisible();
  await expect(form.getByLabel("Measured", { exact: true })).toBeDisabled();
  await form.getByRole("group", { name: "1. Shorts" }).getByRole("button", { name: "none" }).click();
  await form.getByRole("group", { name: "2. Gas, leakage" }).getByRole("button", { name: "a trace" }).click();
  await expect(form.getByLabel("Nominal")).toHaveValue("4100");
  await form.getByLabel("Measured", { exact: true }).fill("2300");
  await form.getByLabel("Tester and its settings").fill("bench tester, bias −12.5 V");
  await expect(form.getByText(/56 % of nominal: replace/).first()).toBeVisible();
  await form.getByRole("button", { name: "Write the test" }).click();
  await expect(tape(page).getByText(/a trace of gas, gm 2300 \/ 4100 µS/)).toBeVisible();
  await expect(plate(page).getByRole("img", { name: /Tests of V4 over the years.*56 %/ })).toBeVisible();
  // A shorted one goes no further.
  await form.getByRole("group", { name: "1. Shorts" }).getByRole("button", { name: "shorted" }).click();
  await expect(
    form.getByRole("group", { name: "2. Gas, leakage" }).getByRole("button", { name: "none" }),
  ).toBeDisabled();
  await form.getByRole("button", { name: "Write the test" }).click();
  await expect(tape(page).getByText(/never put back into a set/)).toBeVisible();
  // The bias panel takes what the cathode measures.
  await plate(page).getByRole("tab", { name: "Bias" }).click();
  await page.getByLabel("Cathode measures").fill("15 V");
  await expect(page.getByRole("region", { name: "Bias" })).toContainText("60 mA");
});

test("the same position over the years: an earlier tube is told apart from the one that sits there", async ({
  page,
}) => {
  await page.goto("/bench/1183?step=fix&tab=tubes");
  await plate(page).getByRole("button", { name: /^V9/ }).click();
  await expect(page.getByRole("img", { name: /Tests of V9 over the years/ })).toBeVisible();
  await expect(plate(page).getByText("(the tube before this one)")).toHaveCount(1);
});

test("a string with a wrong tube is settled, and an open heater found", async ({ page }) => {
  await page.goto("/bench/1190?step=fix&tab=heaters");
  await expect(plate(page)).toContainText("V2, 26A6, is a 70 mA heater in a string of another current");
  await expect(plate(page).getByRole("row", { name: /V2/ })).toContainText("152 %");
  // A cold resistance is refused, with the reason.
  await page.getByLabel("Tube at V2").fill("24 Ω");
  await expect(plate(page).getByText(/A heater's resistance is not taken: cold it is a fifth/)).toBeVisible();
  await page.getByLabel("Tube at V2").fill("UF43");
  await expect(plate(page).getByText(/Near it:.*UF41/)).toBeVisible();
  await page.getByLabel("Tube at V2").fill("UF41");
  await expect(plate(page).getByRole("row", { name: /V2/ })).toContainText("100 %");
  await expect(plate(page).getByText(/in a string of another current/)).toHaveCount(0);
  await expect(plate(page)).toContainText("the dropper is 1.034 kΩ");
  // What is no line is said beside it.
  await page.getByLabel("Line", { exact: true }).fill("-5");
  await expect(plate(page).getByText("Volts above zero.")).toBeVisible();
  await page.getByLabel("Line", { exact: true }).fill("220");
  // Dark: the line sits where there is no path.
  await page.getByLabel("Measured across V3").fill("218");
  await page.getByLabel("Measured across V1").fill("0");
  await expect(plate(page).getByRole("status")).toContainText("V3: its heater is open");
});

test("heaters on a winding are summed, the tapped one where it belongs", async ({ page }) => {
  await page.goto("/bench/1183?step=fix&tab=heaters");
  await expect(plate(page).getByRole("region", { name: "Heaters at 6.3 V" })).toContainText("3.3 A of 5 A");
  await page.getByLabel("Dial lamps on it").fill("2");
  await expect(plate(page).getByText("too much")).toBeVisible();
  await page.getByLabel("Dial lamps on it").fill("x");
  await expect(plate(page).getByText("A current, like 0.3 A.")).toBeVisible();
});

test("the tube table answers to any name, and offers the nearest", async ({ page }) => {
  await page.goto("/reference/tubes");
  await page.getByLabel("Find a tube").fill("ecc83");
  await expect(page.getByRole("article", { name: "12AX7" })).toContainText("noval");
  await page.getByLabel("Find a tube").fill("UCH99");
  await page.getByRole("button", { name: "UCH42" }).click();
  await expect(page.getByRole("article", { name: "UCH42" })).toContainText("14 V 100 mA");
});
