import { STEP_NAMES } from "@/core/model";
import { expect, line, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";

test.describe("the bench line", () => {
  test.beforeEach(async ({ page }) => takeIn(page, "Halvane 537", "for the tests of bad input"));

  test("says what is wrong with a value, and keeps what was typed", async ({ page }) => {
    await madeSafe(page);
    await line(page).fill("C14 470k");
    await expect(page.getByText("“470k” is a resistance (470 kΩ); a capacitance belongs here.")).toBeVisible();
    await line(page).press("Enter");
    await expect(line(page)).toHaveValue("C14 470k");
    await line(page).fill("B+ 1e99");
    await line(page).press("Enter");
    await expect(line(page)).toHaveValue("B+ 1e99");
    await line(page).fill("B+ 99999999999999999999");
    await expect(page.getByText("beyond anything in a set")).toBeVisible();
    await line(page).press("Escape");
    await expect(line(page)).toHaveValue("B+ 99999999999999999999");
    await page.reload();
    await expect(line(page)).toHaveValue("B+ 99999999999999999999");
  });

  test("asks about a designator that is not on the model, and takes the answer", async ({ page }) => {
    await line(page).fill("C77 leaky -> 0.1/630");
    await expect(page.getByText("C77 is not on this model's parts list.")).toBeVisible();
    await line(page).press("Alt+1");
    await expect(line(page)).toHaveValue("C77! leaky -> 0.1/630");
    await line(page).press("Enter");
    await expect(tape(page).getByText("replaced: 100 nF 630 V (leaky)")).toBeVisible();
    // From now on the set has it.
    await line(page).fill("C77 = 98n");
    await expect(page.getByText("is not on this model")).toHaveCount(0);
  });

  test("asks where a value has two readings", async ({ page }) => {
    await line(page).fill("C14 -> 1,000 pF");
    await page
      .getByRole("button", { name: /1000 pF|1 nF/ })
      .first()
      .click();
    await expect(line(page)).toHaveValue(/^C14 -> 1 [np]F$/);
  });

  test("takes no empty and no endless text", async ({ page }) => {
    await line(page).fill("note ");
    await expect(page.getByText("The note is empty: write a word or two.")).toBeVisible();
    await line(page).fill(`note ${"x".repeat(10_000)}`);
    await expect(page.getByText("A line holds 2000 characters; this one has 10005.")).toBeVisible();
    await line(page).press("Enter");
    expect((await line(page).inputValue()).length).toBe(10_005);
  });

  test("shows markup as the text that it is", async ({ page }) => {
    const markup = `<img src=x onerror="document.title='broken'"> <b>bold</b>`;
    await write(page, `note ${markup}`, markup);
    await expect(tape(page).locator("img, b")).toHaveCount(0);
    await expect(page).not.toHaveTitle("broken");
  });

  test("refuses a date in the future when an entry is moved", async ({ page }) => {
    await write(page, "note written late", "written late");
    await tape(page)
      .getByRole("button", { name: /written late/ })
      .click();
    await page.getByLabel("When it happened").fill("2099-01-01T10:00");
    await page.getByRole("textbox", { name: "Why", exact: true }).fill("the wrong day");
    await page.getByRole("button", { name: "Correct it" }).click();
    await expect(page.getByRole("dialog").getByRole("alert")).toContainText("That lies in the future");
    await page.getByLabel("When it happened").fill("2020-05-04T10:00");
    await page.getByRole("button", { name: "Correct it" }).click();
    await expect(tape(page).getByText("4 May 2020")).toBeVisible();
  });

  test("keeps an entry while the server cannot be reached, and sends it again with the same id", async ({
    page,
    expectTrouble,
  }) => {
    expectTrouble.allowed = true;
    const ids: string[] = [];
    await page.route("**/api/entries", (route) => {
      ids.push((route.request().postDataJSON() as { id: string }).id);
      return route.abort("connectionrefused");
    });
    await line(page).fill("note written in the cellar without a network");
    await line(page).press("Enter");
    await expect(tape(page).getByText("not saved yet")).toBeVisible();
    await expect(tape(page).getByRole("status")).toContainText("The server cannot be reached");
    // It outlives a reload of the page.
    await page.reload();
    await expect(tape(page).getByText("written in the cellar")).toBeVisible();
    page.on("request", (request) => {
      if (request.url().endsWith("/api/entries")) ids.push((request.postDataJSON() as { id: string }).id);
    });
    await page.unroute("**/api/entries");
    await expect(tape(page).getByText("not saved yet")).toHaveCount(0, { timeout: 20_000 });
    expect(new Set(ids).size).toBe(1);
    await page.reload();
    await expect(tape(page).getByText("written in the cellar")).toHaveCount(1);
  });

  test("shows what was kept without a network and is not taken afterwards, until it is written anew", async ({
    page,
    expectTrouble,
  }) => {
    expectTrouble.allowed = true;
    let reached = false;
    await page.route("**/api/entries", (route) =>
      reached
        ? route.fulfill({ status: 422, json: { problems: [{ path: "", message: "The visit is closed by now." }] } })
        : route.abort("connectionrefused"),
    );
    await line(page).fill("note kept and then refused");
    await line(page).press("Enter");
    await expect(tape(page).getByRole("status")).toContainText("The server cannot be reached");
    reached = true;
    const list = page.getByRole("list", { name: "Not taken by the server" });
    await expect(list).toContainText("The visit is closed by now.");
    await expect(tape(page).getByText("kept and then refused")).toHaveCount(0);
    await page.unroute("**/api/entries");
    await page.reload();
    await list.getByRole("button", { name: "Write anew: note kept and then refused" }).click();
    await expect(line(page)).toHaveValue("note kept and then refused");
    await line(page).press("Enter");
    await expect(tape(page).getByText("kept and then refused")).toBeVisible();
    await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
    await expect(list).toHaveCount(0);
  });

  test("a form is free for the next part while the server is slow, and gives back what is refused", async ({
    page,
    expectTrouble,
  }) => {
    expectTrouble.allowed = true;
    let refuse = false;
    await page.route("**/api/entries", async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 1500));
      if (refuse)
        await route.fulfill({ status: 422, json: { problems: [{ path: "", message: "Refused for a test." }] } });
      else await route.continue();
    });
    await step(page, "Fix").click();
    await page.getByRole("tab", { name: "Any part" }).click();
    const part = plate(page).getByLabel("Part", { exact: true });
    const write = async (designator: string) => {
      await part.fill(designator);
      await page.getByLabel("New part 1, value and rating").fill("0.022/630");
      await plate(page).getByRole("button", { name: "Write it down" }).click();
    };
    await write("C16");
    await expect(tape(page).getByText("not saved yet")).toBeVisible();
    await part.fill("C19");
    await expect(tape(page).getByText("not saved yet")).toHaveCount(0);
    await expect(part).toHaveValue("C19");
    refuse = true;
    await write("C16");
    await expect(plate(page).getByRole("alert").filter({ hasText: "Refused for a test." })).toBeVisible();
    await expect(part).toHaveValue("C16");
  });

  test("gives back a line that the server refuses", async ({ page, expectTrouble }) => {
    expectTrouble.allowed = true;
    await page.route("**/api/entries", (route) =>
      route.fulfill({ status: 422, json: { problems: [{ path: "", message: "Refused for a test." }] } }),
    );
    await line(page).fill("note to be refused");
    await line(page).press("Enter");
    await expect(page.getByText("Refused for a test.")).toBeVisible();
    await expect(line(page)).toHaveValue("note to be refused");
    await expect(tape(page).getByText("to be refused")).toHaveCount(0);
  });

  test("a reading that makes no sense is explained in its row", async ({ page }) => {
    await step(page, "Baseline").click();
    const cell = page.getByRole("textbox", { name: "B+, measured" });
    await cell.fill("470k");
    await expect(plate(page).getByRole("row", { name: /^B\+/ })).toContainText("is a resistance");
    await cell.press("Enter");
    await page.getByLabel("Supply now, V").fill("9000");
    await expect(plate(page).getByRole("alert")).toContainText("between 0 and 480 V");
    await expect(cell).toHaveValue("470k");
  });
});

test("a new job says what is missing and loses nothing", async ({ page }) => {
  await page.goto("/sets/new");
  await page.getByLabel("Maker and model").fill("Tidewell Nine");
  await page.getByLabel("Serial number").fill("X".repeat(70));
  await page.getByLabel("Year, if known").fill("1066");
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText("The complaint is missing.")).toBeVisible();
  await expect(page.getByText("A serial number is shorter than 60 characters.")).toBeVisible();
  await expect(page.getByText(/The year lies between 1890/)).toBeVisible();
  await page.getByLabel("Complaint, in the owner's words").fill("silent");
  await page.getByLabel("Serial number").fill("9");
  await page.getByLabel("Year, if known").fill("1951");
  await page.getByLabel("What it is").fill("table set");
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByText("The owner is missing.")).toBeVisible();
  await expect(page.getByLabel("Maker and model")).toHaveValue("Tidewell Nine");
});

test("a stale edit of an owner and of a model is refused, with what was typed kept", async ({ page, context }) => {
  const other = await context.newPage();
  const open = async (tab: typeof page) => {
    await tab.goto("/sets?q=CR-1174");
    await tab.getByRole("link", { name: /CR-21/ }).click();
    await tab.getByRole("button", { name: "Change", exact: true }).click();
  };
  await open(page);
  await open(other);
  await other.getByLabel("Remarks").fill("rings the bell twice");
  await other.getByRole("button", { name: "Save" }).click();
  await expect(other.getByText("rings the bell twice")).toBeVisible();
  await page.getByLabel("Remarks").fill("prefers a letter");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Somebody else changed this" })).toBeVisible();
  await expect(page.getByLabel("Remarks")).toHaveValue("prefers a letter");

  for (const tab of [page, other]) {
    await tab.goto("/reference");
    await tab.getByRole("link", { name: /CR-21/ }).click();
    await expect(tab.getByLabel("Nameplate, W")).toBeVisible();
  }
  await other.getByLabel("Nameplate, W").fill("96");
  await other.getByRole("button", { name: "Save" }).click();
  await expect(other.getByText("Saved: every set of this model follows.")).toBeVisible();
  await page.getByLabel("Nameplate, W").fill("97");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Somebody else changed this" })).toBeVisible();
  await expect(page.getByLabel("Nameplate, W")).toHaveValue("97");
  await page.getByLabel("Nameplate, W").fill("a lot");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Watts are a number above zero" }).first()).toBeVisible();
});

test("an address that leads nowhere says so", async ({ page, expectTrouble }) => {
  expectTrouble.allowed = true;
  for (const address of [
    "/bench/999999",
    "/bench/abc",
    "/sets/nothing",
    "/reference/00000000-0000-0000-0000-000000000000",
    "/nowhere",
  ]) {
    await page.goto(address);
    await expect(page.getByText("There is nothing at this address.")).toBeVisible();
  }
});

/** What nobody means and somebody types: a word, something below zero, too much, half of it. */
const ODD = ["much", "-5", "1e999", "("];

test("no field of a bench breaks its page, whatever is typed into it", async ({ page }) => {
  let typed = 0;
  /** Types all of it into each field in sight, one after the other, and leaves the field as it was. */
  const typeOdd = async () => {
    typed += await plate(page).evaluate(async (element, odd) => {
      const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
      const fields = [...element.querySelectorAll("input")].filter(({ type }) => type === "text" || type === "search");
      for (const field of fields)
        for (const text of [...odd, field.value]) {
          put?.call(field, text);
          field.dispatchEvent(new Event("input", { bubbles: true }));
          await new Promise(requestAnimationFrame);
        }
      return fields.length;
    }, ODD);
  };
  for (const job of ["1190", "1183"]) {
    await page.goto(`/bench/${job}`);
    for (const name of Object.values(STEP_NAMES)) {
      await step(page, name).click();
      await expect(step(page, name)).toHaveAttribute("aria-current", "step");
      await typeOdd();
      for (const tab of await plate(page).getByRole("tab", { selected: false }).all()) {
        await tab.click();
        await typeOdd();
      }
    }
  }
  expect(typed).toBeGreaterThan(100);
  await expect(plate(page)).toBeVisible();
});
