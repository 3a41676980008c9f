import { readFileSync } from "node:fs";
import { get } from "node:http";
import { violationsOf } from "./axe";
import { expect, line, step, takeIn, tape, test, write } from "./bench";

test("the board tells which set can move and what the others wait for", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByText("Parts: matched 811A")).toBeVisible();
  await expect(page.getByText("Owner: may the battery plug be a reproduction?")).toBeVisible();
  await page.locator('a[href="/bench/1186"]').click();
  await expect(page.getByRole("list", { name: "Hazards of this set" })).toContainText("1.5 kV and RF");
});

test("the whole bench is in sight at 1280×800 and on a tablet", async ({ page }) => {
  for (const size of [
    { width: 1280, height: 800 },
    { width: 820, height: 1180 },
  ]) {
    await page.setViewportSize(size);
    await page.goto("/bench/1187");
    await expect(line(page)).toBeInViewport();
    await expect(step(page, "Hand back")).toBeInViewport();
    await expect(page.getByRole("list", { name: "Hazards of this set" })).toBeInViewport();
    const [height, width] = await page.evaluate(() => [
      document.documentElement.scrollHeight,
      document.documentElement.scrollWidth,
    ]);
    expect(height).toBeLessThanOrEqual(size.height);
    expect(width).toBeLessThanOrEqual(size.width);
  }
});

test("charts that fill a page keep the size of their words on a tablet", async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  /** The smallest words of a chart as they are drawn, px. */
  const smallest = (name: string) =>
    page.getByRole("group", { name }).evaluate((chart) => {
      const drawn = chart.getBoundingClientRect().width / (chart as SVGSVGElement).viewBox.baseVal.width;
      return Math.min(
        ...[...chart.querySelectorAll("text")].map((one) => parseFloat(getComputedStyle(one).fontSize) * drawn),
      );
    });
  await page.goto("/sets?q=H-20417");
  const file = (await page.getByRole("link", { name: /Lantern/ }).getAttribute("href")) ?? "";
  await page.goto(`${file}?tab=years`);
  await expect.poll(() => smallest("over the years")).toBeGreaterThan(11);
  await page.goto(`${file}?tab=life`);
  await expect.poll(() => smallest("Timeline")).toBeGreaterThan(11);
  await page.goto("/week");
  await page.getByText("By set", { exact: true }).click();
  await expect.poll(() => smallest("Three weeks, set by set")).toBeGreaterThan(11);
});

test("the set's file shows the parts record as it stood on a chosen day", async ({ page }) => {
  await page.goto("/sets?q=H-20417");
  await page.getByRole("link", { name: /Lantern/ }).click();
  const parts = page.getByRole("region", { name: "Parts record" });
  const c14 = parts.getByRole("row", { name: /^C14/ });
  await expect(c14).toContainText("restuffed");
  await parts.getByRole("button", { name: "Before job 1187" }).click();
  await expect(c14).toContainText("left");
  await expect(parts.getByRole("row", { name: /^C1 / })).toContainText("22 µF");
  await parts.getByRole("button", { name: /Changed between/ }).click();
  await expect(parts.getByRole("row", { name: /^R7/ })).toBeVisible();
  await expect(parts.getByRole("row", { name: /^C1 / })).toHaveCount(0);
  await parts.getByRole("button", { name: /^All/ }).click();
  await parts.getByRole("button", { name: "Before job 214" }).click();
  await expect(c14).toContainText("original");
  await parts.getByRole("slider", { name: "Day in the set's history" }).press("End");
  await expect(c14).toContainText("restuffed");
  await parts.getByLabel("As it stood at the end of").fill("2021-01-01");
  await expect(c14).toContainText("left");
});

test("a withdrawal is undone, and every word stays on record", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the amendments");
  await write(page, "? whistles on the medium wave", "whistles on the medium wave");
  await expect(step(page, "Find")).toContainText("1 symptom to explain");
  await tape(page)
    .getByRole("button", { name: /whistles/ })
    .click();
  await page.getByRole("textbox", { name: "Why", exact: true }).fill("that was the other set");
  await page.getByRole("dialog").getByRole("button", { name: "Withdraw it" }).click();
  await expect(tape(page).getByText("withdrawn: that was the other set")).toBeVisible();
  await expect(step(page, "Find")).not.toContainText("symptom");
  await tape(page)
    .getByRole("button", { name: /whistles/ })
    .click();
  await page.getByRole("button", { name: "Undo this withdrawal" }).click();
  await expect(step(page, "Find")).toContainText("1 symptom to explain");
  await tape(page)
    .getByRole("button", { name: /whistles/ })
    .click();
  await expect(page.getByRole("dialog")).toContainText("withdrawn: that was the other set");
});

test("entries carry the person who is chosen in the header, who is remembered", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the authors");
  await page.getByLabel("Who is at the bench").selectOption("Tomasz Bielak");
  const chosen = page.getByLabel("Who is at the bench").locator("option:checked");
  await expect(chosen).toHaveText("Tomasz Bielak");
  await page.reload();
  await expect(chosen).toHaveText("Tomasz Bielak");
  await write(page, "note by Tomasz", "by Tomasz");
  await expect(
    tape(page).getByRole("listitem").filter({ hasText: "by Tomasz" }).getByTitle("Tomasz Bielak"),
  ).toBeVisible();
});

test("two tablets write to one set, and each sees the other's entry", async ({ page, context }) => {
  await takeIn(page, "Halvane 537", "for two tablets");
  const other = await context.newPage();
  await other.goto(page.url());
  await write(other, "note from the other tablet", "from the other tablet");
  await write(page, "note from this one", "from this one");
  await page.evaluate(() => window.dispatchEvent(new Event("focus")));
  await expect(tape(page).getByText("from the other tablet")).toBeVisible();
});

test("keys lead through the places and open the help sheet", async ({ page }) => {
  await page.goto("/");
  for (const [letter, address] of [
    ["s", "/sets"],
    ["r", "/reference"],
    ["t", "/tools"],
    ["b", "/"],
  ] as const) {
    // The keys work once the page is alive.
    await expect(async () => {
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
      await page.keyboard.press("g");
      await page.keyboard.press(letter);
      await expect(page).toHaveURL(new RegExp(`${address.replace("/", "\\/")}$`), { timeout: 2000 });
    }).toPass();
  }
  await expect(page.getByText("Can move now")).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toContainText("The bench line");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("the tools read markings and colour bands", async ({ page }) => {
  await page.goto("/tools");
  const reader = page.getByRole("region", { name: "Value reader" });
  await reader.getByLabel("As written").fill("8");
  await reader.getByRole("button", { name: "8 µF" }).click();
  await expect(reader.getByText("8 µF", { exact: true })).toBeVisible();
  await expect(reader.getByRole("row", { name: /E12/ })).toContainText("8.2 µF");
  const bands = page.getByRole("region", { name: "Colour bands" });
  await bands.getByLabel("Band 1").selectOption("brown");
  await bands.getByLabel("Band 2").selectOption("black");
  await expect(bands.getByText("100 kΩ ±5 %")).toBeVisible();
  await bands.getByLabel("Bands of").fill("4k75");
  await expect(bands.getByText("yellow, violet, green, brown, gold")).toBeVisible();
  await expect(page.getByRole("region", { name: "Body, end and dot" }).getByText("470 kΩ ±20 %")).toBeVisible();
  const dots = page.getByRole("region", { name: "Dots of a moulded capacitor" });
  await expect(dots.getByText("250 pF ±5 % 500 V")).toBeVisible();
  await dots.getByLabel("Top left").selectOption("black");
  await expect(dots.getByText("by the EIA or JAN code")).toBeVisible();
});

test("the Shop page says how the seals stand, and gives their list out to be kept elsewhere", async ({ page }) => {
  await page.goto("/shop");
  await expect(page.getByRole("heading", { name: "Seals of the logbooks" })).toBeVisible();
  await expect(page.getByText(/all hold|sets hold/)).toBeVisible();
  expect(await violationsOf(page)).toEqual([]);
  const [list] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "List of seals as a file" }).click(),
  ]);
  type Heads = { name: string; entries: number; head: string };
  const said = JSON.parse(readFileSync(await list.path(), "utf8")) as { heads: Heads[] };
  expect(said.heads.length).toBeGreaterThan(5);
  expect(said.heads.every(({ head }) => /^[0-9a-f]{64}$/.test(head))).toBe(true);

  // The same on paper, and the paper held against the logbook.
  await page.getByRole("link", { name: "Print the seals, or compare a printed sheet" }).click();
  await expect(page.getByRole("heading", { name: "Seals of the logbooks" })).toBeVisible();
  expect(await violationsOf(page)).toEqual([]);
  const [first] = said.heads as [Heads];
  await page.getByLabel("Set").selectOption(first.name);
  await page.getByLabel("How many").fill(String(first.entries));
  await page.getByRole("textbox", { name: "Seal" }).fill(`${first.head.slice(0, 8)} ${first.head.slice(8, 16)}`);
  await page.keyboard.press("Enter");
  await expect(page.getByText(/entries are those of the sheet/)).toBeVisible();
  await page.getByRole("textbox", { name: "Seal" }).fill("0000 0000 0000 0000");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/If the sheet is typed rightly, something was changed/)).toBeVisible();
});

test("what is not there says so with its status, and a stranger's name for this machine is not answered", async ({
  page,
  baseURL,
}) => {
  for (const path of ["/bench/999999", "/sets/nobody", "/parts/JP0000000", "/nowhere"])
    expect([path, (await page.request.get(path)).status()]).toEqual([path, 404]);
  const status = (headers: Record<string, string>) =>
    new Promise<number | undefined>((resolve, reject) => {
      get(`${baseURL}/api/archive`, { headers }, (answer) => {
        answer.resume();
        resolve(answer.statusCode);
      }).on("error", reject);
    });
  expect(await status({ host: "rebound.example", origin: "http://rebound.example" })).toBe(421);
});
