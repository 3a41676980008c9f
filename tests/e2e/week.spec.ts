import type { Page } from "@playwright/test";
import { expectAccess, lookAt } from "./axe";
import { expect, lastLook, plate, step, takeIn, tape, test, write } from "./bench";

const jobOf = (page: Page): string => /\/bench\/(\d+)/.exec(page.url())?.[1] ?? "";

/** A day so many days from today, as a date field has it: in the zone of the browser. */
const inDays = (days: number): string => {
  const at = new Date(Date.now() + days * 86_400_000);
  return `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, "0")}-${String(at.getDate()).padStart(2, "0")}`;
};

test.describe("in a shop with the demo's sets alone", () => {
  test.use({ fresh: true });
  test("a parcel is late: the week says whose promise is in danger, and what saves it", async ({ page }) => {
    await page.goto("/week");
    const dangers = page.getByRole("region", { name: "Promises in danger" });
    const kestrel = dangers.getByRole("listitem").filter({ hasText: "1186" });
    await expect(kestrel).toContainText("promised for");
    await kestrel.getByRole("button", { name: "What would save it?" }).click();
    await expect(kestrel).toContainText(/Saves it: have the parcel by .*another parcel service/, { timeout: 30_000 });
    // The supplier sends it by the other service: the day is put right, and the promise is safe.
    await kestrel.getByRole("button", { name: /1186/ }).click();
    const dialog = page.getByRole("dialog", { name: "Job 1186" });
    await dialog.getByRole("button", { name: /^waits: matched 811A/ }).click();
    await dialog.getByLabel("Expected on").fill(inDays(2));
    await dialog.getByRole("button", { name: "Expect it then" }).click();
    await expect(dialog).toHaveCount(0);
    await expect(dangers.getByRole("listitem").filter({ hasText: "1186" })).toHaveCount(0);
    // And back: it is late after all.
    await page.getByRole("tab", { name: "By set" }).click();
    await page.getByRole("button", { name: /^1186 / }).click();
    await dialog.getByRole("button", { name: /^waits: matched 811A/ }).click();
    await dialog.getByLabel("Expected on").fill(inDays(12));
    await dialog.getByRole("button", { name: "Expect it then" }).click();
    await expect(dangers.getByRole("listitem").filter({ hasText: "1186" })).toBeVisible();
  });
});

test("work is put on another day by form and by keyboard, and stays there", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the plan");
  const job = jobOf(page);
  await page.goto("/week?view=sets");
  const dialog = page.getByRole("dialog", { name: `Job ${job}` });
  const open = async () => {
    await page.getByRole("button", { name: new RegExp(`^${job} `) }).click();
    await dialog.getByRole("button", { name: /^Make safe/ }).click();
  };
  await open();
  await dialog.getByLabel("Not before").fill(inDays(-1));
  await dialog.getByRole("button", { name: "Put it there" }).click();
  await expect(dialog.getByText("That day is over.")).toBeVisible();
  await dialog.getByLabel("Not before").fill(inDays(8));
  await dialog.getByLabel("Who").selectOption({ label: "Tomasz Bielak" });
  await dialog.getByRole("button", { name: "Put it there" }).click();
  await expect(dialog).toHaveCount(0);
  await open();
  await expect(dialog.getByRole("button", { name: /^Make safe/ })).toContainText("Tomasz Bielak");
  await dialog.getByRole("button", { name: "Let the plan decide" }).click();
  await expect(dialog).toHaveCount(0);
  // A promise that lies behind is refused where it is typed.
  await open();
  await dialog.getByLabel("Promise it for").fill(inDays(-3));
  await dialog.getByRole("button", { name: "Promise" }).click();
  await expect(dialog.getByText("That day is over: promise a later one.")).toBeVisible();
  await dialog.getByLabel("Promise it for").fill(inDays(60));
  await dialog.getByLabel("To", { exact: true }).fill("Marguerite Osei");
  await dialog.getByRole("button", { name: "Promise" }).click();
  await expect(dialog).toHaveCount(0);
  await page.goto(`/bench/${job}`);
  await expect(tape(page).getByText(`for ${inDays(60)} to Marguerite Osei, phone`)).toBeVisible();
});

test("days are written at the bench as they are said, and the week goes by them", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for days in words");
  const job = jobOf(page);
  await write(page, "wait parts 0.047/630 on order, in two weeks", inDays(14));
  await write(page, "promised in three weeks to Marguerite Osei by phone", `for ${inDays(21)} to Marguerite Osei`);
  await page.goto("/week?view=sets");
  await page.getByRole("button", { name: new RegExp(`^${job} `) }).click();
  const dialog = page.getByRole("dialog", { name: `Job ${job}` });
  await dialog.getByRole("button", { name: /^waits: 0\.047/ }).click();
  await expect(dialog.getByLabel("Expected on")).toHaveValue(inDays(14));
});

test("a piece of work is moved by the keyboard alone", async ({ page }) => {
  await page.goto("/week");
  const handle = page.getByRole("button", { name: /^Move / }).first();
  const name = (await handle.getAttribute("aria-label")) ?? "";
  await handle.focus();
  // A hand waits until it sees the piece lifted, and then where it is; so does the test.
  const told = page.getByRole("status").filter({ hasText: /draggable item/i });
  await page.keyboard.press("Space");
  await expect(told).toContainText("moved over");
  const there = await told.innerText();
  await page.keyboard.press("ArrowRight");
  await expect(told).not.toHaveText(there);
  await page.keyboard.press("Space");
  // Where it was put by hand it has its pin; by its form it is let go again.
  const piece = page.getByRole("listitem").filter({ has: page.getByRole("button", { name }) });
  await expect(piece.first().getByLabel("put here by hand")).toBeVisible();
  await piece.first().getByRole("button").first().click();
  await page.getByRole("dialog").getByRole("button", { name: "Let the plan decide" }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
});

test("somebody is away, and the week follows", async ({ page }) => {
  await page.goto("/week/people");
  const form = page.getByRole("form", { name: "Days away" });
  await form.getByLabel("Who").selectOption({ label: "Wren Okafor" });
  await form.getByLabel("From").fill(inDays(0));
  await form.getByLabel("To, the day included").fill(inDays(-2));
  await form.getByRole("button", { name: "Note" }).click();
  await expect(form.getByText("The last day lies before the first.")).toBeVisible();
  await form.getByLabel("To, the day included").fill(inDays(6));
  await form.getByLabel("Why").fill("ill");
  await form.getByRole("button", { name: "Note" }).click();
  const away = page.getByRole("listitem").filter({ hasText: "Wren Okafor" }).filter({ hasText: "ill" });
  await expect(away).toBeVisible();
  await page.goto("/week?view=day");
  await expect(page.getByRole("region", { name: "Wren Okafor" })).toHaveCount(0);
  await page.goto("/week/people");
  await away.getByRole("button", { name: "Strike out" }).click();
  await expect(away).toHaveCount(0);
  // Hours that nobody can mean are said beside their day.
  const week = page.getByRole("form", { name: "The week of Tomasz Bielak" });
  await week.getByLabel("Monday").fill("nine to five");
  await expect(week.getByText(/Hours are like 9:00–17:00/)).toBeVisible();
});

test("from the telephone to the bench: an enquiry becomes a job", async ({ page }) => {
  await page.goto("/desk");
  const form = page.getByRole("form", { name: "New enquiry" });
  await form.getByRole("button", { name: "Note the enquiry" }).click();
  await expect(form.getByText("Who is calling?")).toBeVisible();
  await form.getByLabel("Who is calling").fill("Bram de Vos");
  await form.getByLabel("Telephone or address").fill("0417 / 22 33-44");
  await form.getByLabel("Which set").fill("Halvane 537");
  await form.getByLabel("What it does, in their words").fill("hums and fades after ten minutes");
  await expect(form.getByRole("status")).not.toContainText("Looking");
  await form.getByLabel("What was said").fill("a look first");
  await form.getByRole("button", { name: "Note the enquiry" }).click();
  await expect(form.getByText("Noted.")).toBeVisible();
  // Found by the number, however it is written.
  await page
    .getByRole("search")
    .getByLabel(/Find by number/)
    .fill("0417223344");
  await page.getByRole("search").getByRole("button", { name: "Find" }).click();
  const row = page.getByRole("listitem").filter({ hasText: "Bram de Vos" });
  await row.getByRole("link", { name: "It is here: make the job" }).click();
  await expect(page.getByLabel("Owner", { exact: true })).toHaveValue("Bram de Vos");
  await expect(page.getByLabel("Complaint, in the owner's words")).toHaveValue(/hums and fades/);
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page).toHaveURL(/\/bench\/\d+/);
  const job = jobOf(page);
  await page.goto("/desk?q=0417223344");
  await expect(page.getByRole("listitem").filter({ hasText: "Bram de Vos" })).toContainText(`job ${job}`);
});

test("one of two people takes a set; the other is told", async ({ page, browser, baseURL }) => {
  await takeIn(page, "Halvane 537", "for two people");
  const job = jobOf(page);
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${baseURL ?? ""}/api/demo?as=technician&to=/week?view=sets`);
  const open = async (on: typeof page) => {
    await on.getByRole("button", { name: new RegExp(`^${job} `) }).click();
    return on.getByRole("dialog", { name: `Job ${job}` });
  };
  await page.goto("/week?view=sets");
  const [mine, theirs] = [await open(page), await open(other)];
  await mine.getByRole("button", { name: "Take it on my bench" }).click();
  await expect(mine).toHaveCount(0);
  await theirs.getByRole("button", { name: "Take it on my bench" }).click();
  await expect(theirs.getByRole("alert")).toContainText("has taken it meanwhile");
  await page.goto("/");
  await page.getByLabel("Sets of").selectOption({ label: "Wren Okafor" });
  await expect(
    page
      .getByRole("listitem")
      .filter({ hasText: String(job) })
      .first(),
  ).toContainText("with Wren Okafor");
  await other.context().close();
});

test("the week, the desk and money keep the rules of access", async ({ page }) => {
  await page.goto("/week");
  await expect(page.getByRole("tab", { name: "By person" })).toBeVisible();
  await expectAccess(page, "/week");
  for (const view of ["sets", "day"]) {
    await page.goto(`/week?view=${view}`);
    await expect(page.getByRole("tab", { name: "By person" })).toBeVisible();
    await expectAccess(page, view);
  }
  await lookAt(page, ["/week/people", "/desk", "/desk/money"]);
});

test("an estimate before work, and what it came to beside it", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for an estimate");
  await step(page, "Take in").click();
  await plate(page).getByRole("tab", { name: "Estimate" }).click();
  const form = plate(page).getByRole("form", { name: "Estimate before work" });
  await expect(form.getByLabel("Time for Find")).toHaveCount(0);
  await form.getByLabel("Time for Make safe").fill("soon");
  await expect(form.getByText("A time is like 45 min or 1 h 20 min.")).toBeVisible();
  await form.getByLabel("Time for Make safe").fill("30 min");
  // Sums are reckoned in one currency: no rate is guessed.
  await form.getByLabel("Travel").fill("$20");
  await expect(form.getByText("A sum above cannot be read.")).toBeVisible();
  await form.getByRole("button", { name: "Tell the owner this estimate" }).click();
  await expect(form.getByText("A sum is like 20 or 20.50 EUR.")).toBeVisible();
  await form.getByLabel("Travel").fill("");
  await form.getByLabel("Deposit").fill("50");
  await form.getByRole("button", { name: "Tell the owner this estimate" }).click();
  await expect(tape(page).getByText(/of labour, parts .*deposit 50 EUR/)).toBeVisible();
  await write(page, "labour make safe 20 min", "Make safe: 20 min");
  const beside = plate(page).getByRole("region", { name: "Estimate and work" });
  await expect(beside.getByRole("row", { name: /^Make safe/ })).toContainText(/30 min.*20 min/);
  // What was agreed in another currency cannot be held against the price.
  await write(page, "approved 90 USD; by Marguerite Osei; how phone", "90 USD");
  await step(page, "Hand back").click();
  await plate(page).getByRole("tab", { name: "Hand back" }).click();
  await expect(plate(page).getByText(/what was agreed is in another currency \(90 USD\)/)).toBeVisible();
});

test("from the hand-back to the signature: letter, told, collected, invoice, credit note", async ({ page }) => {
  await takeIn(page, "Halvane 537", "for the whole way out");
  const job = jobOf(page);
  await write(page, "labour fix 1 h: for the invoice", "Fix: 1 h");
  for (const one of ["make safe", "first power", "baseline", "fix", "prove"])
    await write(page, `pass ${one}: done before this test`, /done before this test/);
  await step(page, "Hand back").click();
  await lastLook(page);
  await write(page, "hand back: plays as it should; warranty 6", "plays as it should");
  await plate(page).getByRole("tab", { name: "Told and collected" }).click();
  const letter = plate(page).getByRole("region", { name: "Letter" });
  await letter.getByLabel("Language").selectOption("de");
  await expect(letter.getByLabel("Subject")).toHaveValue(/ist fertig/);
  await expect(letter.getByLabel("Text")).toHaveValue(/Ausgeführt: plays as it should/);
  const [sheet] = await Promise.all([
    page.waitForResponse((answer) => answer.url().endsWith("/api/letters")),
    letter.getByRole("button", { name: "Letter as PDF" }).click(),
  ]);
  expect(sheet.status()).toBe(200);
  await plate(page)
    .getByRole("form", { name: "The owner was told" })
    .getByRole("button", { name: "They were told" })
    .click();
  await expect(tape(page).getByText("Marguerite Osei that it is ready, phone")).toBeVisible();
  await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
  await page.goto("/desk/owners");
  await expect(page.getByRole("listitem").filter({ hasText: job })).toContainText("Told");
  await page.goto(`/bench/${job}?step=hand-back&tab=ready`);
  const canvas = plate(page).locator("canvas");
  await canvas.scrollIntoViewIfNeeded();
  const box = await canvas.boundingBox();
  if (!box) throw new Error("there is nothing to sign on");
  await page.mouse.move(box.x + 30, box.y + 60);
  await page.mouse.down();
  await page.mouse.move(box.x + 120, box.y + 30, { steps: 6 });
  await page.mouse.move(box.x + 200, box.y + 90, { steps: 6 });
  await page.mouse.up();
  await plate(page).getByRole("button", { name: "Collected and signed" }).click();
  // Once the signature is kept, it stands there.
  await expect(plate(page).getByRole("region", { name: "Collected" }).getByRole("link")).toBeVisible();
  await expect(tape(page).getByText("by Marguerite Osei").last()).toBeVisible();
  await page.goto("/desk/owners");
  await expect(page.getByRole("listitem").filter({ hasText: job })).toHaveCount(0);
  // The invoice: an hour at 45 EUR and 21 % tax.
  await page.goto(`/bench/${job}?step=hand-back&tab=price`);
  await plate(page)
    .getByRole("button", { name: `Write the invoice of job ${job}` })
    .click();
  await expect(page).toHaveURL(/\/desk\/money\/\d+$/);
  await expect(page.getByRole("row", { name: /^Total/ })).toContainText("54.45 EUR");
  const number = page.url().split("/").at(-1) ?? "";
  const xml = await page.request.get(`/api/invoices/${number}/xml`);
  expect(await xml.text()).toContain('<cbc:PayableAmount currencyID="EUR">54.45</cbc:PayableAmount>');
  const pdf = await page.request.get(`/api/invoices/${number}/pdf`);
  expect(pdf.headers()["content-type"]).toBe("application/pdf");
  const pay = page.getByRole("form", { name: "A payment" });
  await pay.getByLabel("Sum").fill("20");
  await pay.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByText("34.45 EUR").first()).toBeVisible();
  const back = page.getByRole("form", { name: "Credit note" });
  await back.getByRole("textbox").first().fill("99");
  await back.getByLabel("Why").fill("too long on it");
  await back.getByRole("button", { name: "Write the credit note" }).click();
  await expect(back.getByText("Only 54.45 EUR are left to take back.")).toBeVisible();
  await back.getByRole("textbox").first().fill("10");
  await back.getByRole("button", { name: "Write the credit note" }).click();
  await expect(page.getByRole("heading", { name: /^Credit note/ })).toBeVisible();
  await expect(page.getByText(`Takes back invoice ${number}`)).toBeVisible();
});

test("pictures over all sets and the figures of the work say how many cases they stand on", async ({ page }) => {
  await page.goto("/sets/across");
  await page.getByRole("link", { name: "Pictures" }).click();
  const ages = page.getByRole("region", { name: "Parts that failed, by make and age" });
  // Nine paper capacitors are no rule yet: they are counted, and no share is said of them.
  await expect(ages.getByRole("row", { name: /^paper/ })).toContainText(/\d+ of \d+/);
  await expect(page.getByRole("region", { name: "Comebacks by cause" })).toContainText(
    /\d+ of \d+ hand-backs came back/,
  );
  await expect(page.getByRole("region", { name: "Originality over the years" }).getByRole("img")).toHaveAttribute(
    "aria-label",
    /2015: 1 set, \d+ %/,
  );
  await page.goto("/desk/money");
  await page.getByRole("link", { name: /^Figures/ }).click();
  const against = page.getByRole("region", { name: "Hours against estimate" });
  // Job 1102 was estimated at 2 h 30 and took 2 h 25.
  await expect(against.getByRole("row", { name: /^transmitter or amplifier/ })).toContainText("2 h 30");
  await expect(against.getByRole("row", { name: /^Fix/ })).toContainText("45 min");
  const age = page.getByRole("region", { name: "Age of the work in the shop" });
  await expect(age.getByRole("row", { name: /^2 to 6 weeks/ })).toContainText("1176 Regent");
  await lookAt(page, ["/sets/across/pictures", "/desk/money/figures"]);
});

test("parts are sold with what the shop puts on them", async ({ page }) => {
  const form = page.getByRole("form", { name: "What the shop works by" });
  const markUp = async (percent: string) => {
    await page.goto("/shop");
    await form.getByLabel("On the price of a part, %").fill(percent);
    await form.getByRole("button", { name: "Save these rules" }).click();
  };
  const partsSum = async (): Promise<number> => {
    await page.goto("/bench/1187?step=hand-back&tab=price");
    const row = plate(page).getByRole("row", { name: /^Parts/ });
    await expect(row).toContainText("EUR");
    return Number(/([\d.]+) EUR/.exec(await row.innerText())?.[1]);
  };
  await markUp("-5");
  await expect(form.getByText("A part is not sold for less than it cost.")).toBeVisible();
  const before = await partsSum();
  expect(before).toBeGreaterThan(0);
  await markUp("100");
  await expect(form.getByText("Saved.")).toBeVisible();
  expect(await partsSum()).toBeCloseTo(2 * before, 2);
  await markUp("0");
  await expect(form.getByText("Saved.")).toBeVisible();
  expect(await partsSum()).toBeCloseTo(before, 2);
});
