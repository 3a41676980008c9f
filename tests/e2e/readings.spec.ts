import { writeFileSync } from "node:fs";
import { expect, line, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";
import type { Page } from "@playwright/test";

const reading = (page: Page, point: string) => page.getByRole("textbox", { name: `${point}, measured` });
const row = (page: Page, point: string) =>
  plate(page)
    .getByRole("table", { name: "Readings", exact: true })
    .getByRole("row", { name: new RegExp(`^${point.replace("+", "\\+")}`) });

test.beforeEach(async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the tests of readings");
  await madeSafe(page);
  await step(page, "Baseline").click();
});

test("a zero asks about the set-up before it blames the set", async ({ page }) => {
  await page.getByRole("button", { name: "Set-up" }).click();
  await page.getByLabel("The meter is on, on direct volts, its range above what is expected").check();
  await reading(page, "V4 plate").fill("0");
  await reading(page, "V4 plate").press("Enter");
  // Nothing is written yet: the list says what was not looked at.
  const about = page.getByRole("region", { name: "About V4 plate" });
  await expect(about).toContainText("Before the set is blamed: is the set-up right?");
  await expect(about).toContainText("Loudspeaker or its load is connected");
  await expect(about).not.toContainText("The meter is on, on direct volts");
  await expect(tape(page).getByText("V4 plate")).toHaveCount(0);
  await page.getByRole("button", { name: /The set-up is right/ }).click();
  await expect(tape(page).getByText(/0 V, expected 245 V .*set-up looked at/)).toBeVisible();
  // Enter once more is the same answer.
  await reading(page, "V1 plate").fill("2");
  await reading(page, "V1 plate").press("Enter");
  await expect(reading(page, "V1 plate")).toBeFocused();
  await reading(page, "V1 plate").press("Enter");
  await expect(tape(page).getByText(/V1 plate/)).toBeVisible();
});

test("the meter is chosen once, changes what is expected, and is named when its calibration has run out", async ({
  page,
}) => {
  await expect(row(page, "V3 plate")).toContainText("41 V");
  await page.getByLabel("Meter", { exact: true }).fill("Bench digital");
  await expect(row(page, "V3 plate")).toContainText("66.3 V");
  await expect(row(page, "V3 plate")).toContainText("chart 41 V");
  await page.getByLabel("Meter", { exact: true }).fill("Old panel meter");
  await expect(row(page, "V3 plate")).toContainText("41 V");
  await expect(page.getByText("Old panel meter: never calibrated.")).toBeVisible();
  await page.getByLabel("Meter", { exact: true }).fill("Grey analogue");
  await expect(page.getByText(/Grey analogue: calibration overdue since/)).toBeVisible();
  await reading(page, "V3 plate").fill("64");
  await reading(page, "V3 plate").press("Enter");
  await expect(row(page, "V3 plate")).toContainText("good");
  // It goes along with the bench line too, and with a reload.
  await page.getByRole("textbox", { name: "Bench line" }).fill("V1 plate 250");
  await page.getByRole("textbox", { name: "Bench line" }).press("Enter");
  // A page is left when what was written stands on the tape.
  await expect(tape(page).getByText("Set-up “As found”")).toHaveCount(1);
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel("Meter", { exact: true })).toHaveValue("Grey analogue");
  await expect(tape(page).getByText("Set-up “As found”")).toHaveCount(1);
});

test("a pointer meter is another load on each range, and shows no more than its range", async ({ page }) => {
  await page.getByLabel("Meter", { exact: true }).fill("Grey analogue");
  await page.getByRole("button", { name: "Set-up", exact: true }).click();
  const range = page.getByLabel("Range of that meter");
  await range.selectOption("50");
  await reading(page, "V3 plate").fill("64");
  await reading(page, "V3 plate").press("Enter");
  await expect(page.getByText(/^64 is more than a range of 50 V shows/).first()).toBeVisible();
  await expect(reading(page, "V3 plate")).toHaveValue("64");
  await range.selectOption("250");
  await reading(page, "V3 plate").press("Enter");
  await expect(tape(page).getByText(/64 V.*, range 250 V/)).toBeVisible();
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
  await page.reload();
  await page.getByRole("button", { name: "Set-up", exact: true }).click();
  await expect(range).toHaveValue("250");
  // A digital meter is the same to the circuit on all of them.
  await page.getByLabel("Meter", { exact: true }).fill("Bench digital");
  await expect(range).toHaveCount(0);
  await page.getByLabel("Meter", { exact: true }).fill("Grey analogue");
  await expect(range).toHaveValue("");
});

test("passes stand side by side, and what lies behind a reading is said", async ({ page }) => {
  await reading(page, "V4 plate").fill("180");
  await reading(page, "V4 plate").press("Enter");
  await reading(page, "V4 cathode").fill("19");
  await reading(page, "V4 cathode").press("ArrowUp");
  await expect(reading(page, "V4 plate")).toBeFocused();
  await expect(page.getByRole("region", { name: "About V4 plate" })).toContainText("leaky coupling capacitor");
  await page.getByRole("button", { name: "New pass" }).click();
  await page.getByRole("button", { name: "Set-up", exact: true }).click();
  await page.getByLabel("Name of this pass").fill("C14 lifted");
  await page.getByRole("button", { name: "Write the set-up down" }).click();
  await expect(tape(page).getByText("Set-up “C14 lifted”")).toBeVisible();
  await reading(page, "V4 plate").fill("240");
  await reading(page, "V4 plate").press("Enter");
  await expect(row(page, "V4 plate")).toContainText("180 V");
  await expect(row(page, "V4 plate")).toContainText("good");
  await page.getByRole("button", { name: "Baseline", exact: true }).click();
  await expect(page.getByRole("columnheader", { name: "C14 lifted" })).toBeVisible();
  await expect(row(page, "V4 plate")).toContainText("240 V");
});

test("a second tap and frequency: the chart follows the selector, and the bench's line is remarked on", async ({
  page,
}) => {
  await page.getByRole("button", { name: "Set-up", exact: true }).click();
  await page.getByLabel("Voltage selector at").selectOption("110");
  await page.getByLabel("Supply now, V").fill("112");
  // 112 V on the 110 V tap is 234 V on the chart's 230 V: 260 becomes 265.
  await expect(row(page, "B+")).toContainText("265 V");
  await page.getByLabel("Supply now, V").fill("230");
  await expect(page.getByText(/The bench has 230 V, the set is at 110 V: bring it down/)).toBeVisible();
});

test("files: a photo is shown on the tape, a program and 30 MB are refused", async ({ page }) => {
  await page.getByRole("textbox", { name: "Bench line" }).fill("note R7 is burnt");
  await page.getByRole("textbox", { name: "Bench line" }).press("Enter");
  await tape(page)
    .getByRole("button", { name: /R7 is burnt/ })
    .click();
  const dialog = page.getByRole("dialog");
  const choose = dialog.getByLabel("Photo or file");
  const [photo, huge] = [test.info().outputPath("R7.png"), test.info().outputPath("huge.jpg")];
  const png = Buffer.from(
    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
    "base64",
  );
  writeFileSync(photo, png);
  writeFileSync(huge, Buffer.alloc(30 * 1024 * 1024));
  await choose.setInputFiles([photo, huge]);
  await expect(dialog.getByRole("alert")).toContainText("“huge.jpg” is 30 MB; at most 12 MB are taken.");
  await expect(dialog.getByRole("link", { name: "R7.png" })).toBeVisible();
  await dialog.getByRole("button", { name: "Take R7.png away" }).click();
  await dialog.getByRole("button", { name: "Bring it back" }).click();
  await expect(dialog.getByRole("link", { name: "R7.png" })).toBeVisible();
  await dialog.getByRole("button", { name: "Leave it" }).click();
  await expect(tape(page).getByRole("link", { name: "R7.png" })).toBeVisible();
  await page.reload();
  await expect(tape(page).getByRole("link", { name: "R7.png" })).toBeVisible();
});

test("a program renamed .png is refused by its content", async ({ page, expectTrouble }) => {
  // The refusal is an answer of the server, which the console reports.
  expectTrouble.allowed = true;
  await step(page, "Take in").click();
  await page.getByLabel("Photo or file").setInputFiles({
    name: "photo.png",
    mimeType: "image/png",
    buffer: Buffer.concat([Buffer.from([0x7f, 0x45, 0x4c, 0x46, 2, 1, 1]), Buffer.alloc(200)]),
  });
  await expect(plate(page).getByRole("alert")).toContainText("whatever its name says");
});

test("the shop says its line and its meters", async ({ page }) => {
  await page.goto("/shop");
  await page.getByRole("button", { name: "Add a meter" }).click();
  await page.getByRole("button", { name: "Save the meter" }).click();
  await expect(page.getByText("It needs a name, as it is called at the bench.")).toBeVisible();
  const name = `Borrowed ${Date.now().toString(36)}`;
  await page.getByLabel("What it is called here").fill(name);
  await page.getByLabel("Input", { exact: true }).fill("20k/V");
  await page.getByLabel("Calibrated on").fill("2020-01-01");
  await page.getByRole("button", { name: "Save the meter" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: name })).toContainText("overdue");
  await page.getByRole("button", { name: `Change ${name}` }).click();
  await page.getByLabel("No longer in use").check();
  await page.getByRole("button", { name: "Save the meter" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: name })).toContainText("no longer in use");
  await page.getByLabel("Line at the bench, V").fill("12");
  await expect(page.getByText("The line at the bench lies between 90 and 480 V.")).toBeVisible();
});

test("the bench line reads a technician's own words, and asks what is not clear", async ({ page }) => {
  await write(page, "HT 255", /255 V, expected/);
  await write(page, "cleaned the volume control", "Volume control");
  await line(page).fill("V4 gm 2900");
  await expect(page.getByRole("button", { name: "2900 of 4100 µS (6V6)" })).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole("button", { name: "A note" })).toBeInViewport({ ratio: 1 });
  await line(page).press("Alt+1");
  await expect(line(page)).toHaveValue("V4 gm 2900/4100 µS");
  await line(page).press("Enter");
  await expect(tape(page).getByText("gm 2900 µS / 4100 µS")).toBeVisible();
  await line(page).fill("dial cord replaced, too loose before");
  await page.getByRole("button", { name: "Found: too loose before" }).click();
  await expect(line(page)).toHaveValue("dial cord too loose before, replaced");
});

test("several figures in one line are written one after the other, and none is lost on the way", async ({ page }) => {
  await line(page).fill("V4 plate 232, screen 240, cathode 12.4");
  await page.getByRole("button", { name: "One after the other: V4 plate 232; V4 screen 240; V4 cathode 12.4" }).click();
  await expect(line(page)).toHaveValue("V4 plate 232");
  await expect(line(page)).toBeFocused();
  await line(page).press("Enter");
  await expect(tape(page).getByText(/232 V/)).toBeVisible();
  await expect(line(page)).toHaveValue("V4 screen 240");
  // What is still to come outlives a reload.
  await page.reload();
  await expect(line(page)).toHaveValue("V4 screen 240");
  await expect(page.getByRole("status").filter({ hasText: "V4 cathode 12.4" })).toBeVisible();
  await line(page).press("Enter");
  await expect(line(page)).toHaveValue("V4 cathode 12.4");
  await expect(page.getByRole("button", { name: "Leave it out" })).toHaveCount(0);
  await line(page).press("Enter");
  await expect(tape(page).getByText(/12\.4 V/)).toBeVisible();
  await expect(line(page)).toHaveValue("");
  // The rest can be left out.
  await line(page).fill("V1 95 %, V2 88 %");
  await line(page).press("Alt+1");
  await page.getByRole("button", { name: "Leave it out" }).click();
  await line(page).press("Enter");
  await expect(tape(page).getByText("emission 95 %")).toBeVisible();
  await expect(line(page)).toHaveValue("");
  // What no entry can be made of may be kept as words.
  await line(page).fill("mod bias set to 24 mA");
  await expect(page.getByText("A modification reads like")).toBeVisible();
  await page.getByRole("button", { name: "A note" }).click();
  await line(page).press("Enter");
  await expect(tape(page).getByText("mod bias set to 24 mA")).toBeVisible();
});
