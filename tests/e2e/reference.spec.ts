import { readFile } from "node:fs/promises";
import { expect, test } from "./bench";
import type { Page } from "@playwright/test";

async function openTable(page: Page, model: RegExp, table: RegExp): Promise<void> {
  await page.goto("/reference");
  await page.getByRole("link", { name: model }).click();
  await page.getByRole("tab", { name: table }).click();
}
const text = (page: Page) => page.getByLabel("The table as text");
const preview = (page: Page) => page.getByRole("table", { name: "What the file was understood as" });

test("a table goes out as CSV and comes back as it was", async ({ page }) => {
  await openTable(page, /Lantern/, /^Chart/);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export CSV" }).click();
  const file = await (await download).path();
  const csv = await readFile(file, "utf8");
  expect(csv.startsWith("\ufeff")).toBe(true);
  expect(csv).toContain("V3 plate,41 V,,yes,250 V,160 kΩ,");
  await page.getByRole("button", { name: "Paste or drop a CSV" }).click();
  await page.getByLabel("Choose a file").setInputFiles(file);
  await expect(preview(page).getByRole("row")).toHaveCount(10);
  await expect(preview(page).getByText("as it is")).toHaveCount(9);
  await page.getByLabel(/It is the whole table/).check();
  await expect(page.getByText(/rows of the sheet go/)).toHaveCount(0);
});

test("a CSV of any kind is shown row by row before anything is saved", async ({ page }) => {
  await openTable(page, /CR-21/, /^Parts/);
  await page.getByRole("button", { name: "Paste or drop a CSV" }).click();
  // No headings, then headings that say too little: a person says which is which.
  await text(page).fill("C1;16");
  await expect(page.getByRole("main").getByRole("alert")).toContainText("The first row names the columns");
  await text(page).fill("designator;Aufdruck;Farbe\nC90;0,05/400;blau");
  await expect(page.getByRole("main").getByRole("alert")).toContainText("Missing: value");
  await page.getByLabel("“Aufdruck” is").selectOption("value");
  await expect(preview(page).getByRole("row").nth(1)).toContainText("50 nF 400 V");
  // Twice the same, a formula, a question.
  await text(page).fill('\ufeffdesignator,value,note\nC91,16/450,=1+1\nC91,8/450,\nR91,50M,\nC92,1 pF,"two\nlines"');
  await expect(preview(page).getByText("The same part stands in line 2 already.")).toBeVisible();
  await expect(page.getByText("3 rows understood, 1 not")).toBeVisible();
  await expect(page.getByRole("button", { name: "Save 3 parts" })).toBeDisabled();
  await page.getByLabel("Leave out what is not understood").check();
  await page.getByRole("button", { name: "Save 3 parts" }).click();
  await expect(page.getByRole("tab", { name: "Parts 11" })).toBeVisible();
  const csv = await page.request.get((await page.getByRole("link", { name: "Export CSV" }).getAttribute("href")) ?? "");
  expect(await csv.text()).toContain("C91,other,16/450,,,'=1+1,");
  // Versions: what it said before comes back.
  await page.getByRole("tab", { name: /^Versions/ }).click();
  await page
    .getByRole("button", { name: /^Bring version \d+ back/ })
    .first()
    .click();
  await expect(page.getByRole("tab", { name: "Parts 8" })).toBeVisible();
});

test("20,000 rows are counted and refused, and typing goes on meanwhile", async ({ page }) => {
  await openTable(page, /CR-21/, /^Parts/);
  await page.getByRole("button", { name: "Paste or drop a CSV" }).click();
  const letters = "ABCDEFGHIJKLMNOPQRSTU";
  const rows = Array.from({ length: 20_000 }, (_, n) => `C${(n % 999) + 1}${letters[Math.floor(n / 999)]},16/450`);
  await page.getByLabel("Choose a file").setInputFiles({
    name: "all.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(["designator,value", ...rows].join("\n")),
  });
  // The page answers while the worker reads.
  await page.getByRole("tab", { name: /^Parts/ }).focus();
  await expect(page.getByText("Reading…")).toBeVisible();
  await expect(page.getByRole("main").getByRole("alert")).toContainText(
    "A sheet holds 2000 rows of a table; this file has 20000.",
    { timeout: 20_000 },
  );
  await expect(page.getByRole("button", { name: /^Save 20000/ })).toBeDisabled();
});

test("the grid is worked by keyboard, says what is wrong in its row, and refuses a stale save", async ({
  page,
  context,
}) => {
  await openTable(page, /Duplex/, /^Parts/);
  const other = await context.newPage();
  await openTable(other, /Duplex/, /^Parts/);
  const cell = (tab: Page, name: string) => tab.getByRole("gridcell").getByLabel(name, { exact: true });
  await cell(page, "designator, row 1").click();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await expect(cell(page, "designator, row 3")).toBeFocused();
  await page.keyboard.type("C5");
  await expect(page.getByText("The value is missing; a dash stands for one that is not known.")).toBeVisible();
  await cell(page, "value, row 3").fill("22µ/25");
  await expect(page.getByText("The same part stands in row 1 already.")).toBeVisible();
  await page.getByRole("button", { name: "Save parts" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Row 3:" })).toBeVisible();
  await cell(page, "designator, row 3").fill("C6");
  await expect(page.getByText("22 µF 25 V")).toBeVisible();
  // What is not saved stays while another table is looked at.
  await page.getByRole("tab", { name: /^Tubes/ }).click();
  await page.getByRole("tab", { name: /^Parts/ }).click();
  await expect(cell(page, "designator, row 3")).toHaveValue("C6");
  await page.getByRole("button", { name: "Save parts" }).click();
  await expect(page.getByRole("tab", { name: "Parts 3" })).toBeVisible();

  await cell(other, "note, row 1").fill("from the other tablet");
  await other.getByRole("button", { name: "Save parts" }).click();
  await expect(other.getByRole("alert").filter({ hasText: "Somebody else changed this" })).toBeVisible();
  await expect(cell(other, "note, row 1")).toHaveValue("from the other tablet");

  // A row is taken away by keyboard, and that is undone.
  await cell(page, "designator, row 3").click();
  await page.keyboard.press("Control+Delete");
  await expect(cell(page, "designator, row 3")).toHaveValue("");
  await page.getByRole("button", { name: "Undo what is not saved" }).click();
  await expect(cell(page, "designator, row 3")).toHaveValue("C6");
});

test("a block from a spreadsheet is pasted into the grid as one", async ({ page }) => {
  await openTable(page, /Kestrel/, /^Cautions/);
  const first = page.getByLabel("step, row 1", { exact: true });
  await first.click();
  await first.evaluate((field) => {
    const data = new DataTransfer();
    data.setData("text/plain", "first-power\tthe fan first\nfix\tno fingers on the glass\n");
    field.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }));
  });
  await expect(page.getByLabel("text, row 2", { exact: true })).toHaveValue("no fingers on the glass");
  await page.getByRole("button", { name: "Save cautions and lessons" }).click();
  await expect(page.getByRole("tab", { name: "Cautions and lessons 2" })).toBeVisible();
});
