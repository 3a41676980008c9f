import type { Page } from "@playwright/test";
import { expectAccess } from "./axe";
import { expect, test } from "./bench";

const aside = (page: Page) => page.getByRole("region", { name: "What was done" });
const be = async (page: Page, name: string) => {
  await page.getByLabel("Who is at the bench").selectOption(name);
  await expect(page.getByLabel("Who is at the bench").locator("option:checked")).toHaveText(name);
};

test("a teacher hides a fault for a class; a technician finds it by the meter, and the result is read", async ({
  page,
}) => {
  await page.goto("/practice");
  await expectAccess(page, "practice");
  await page.getByText("Hide a fault for a class").click();
  const form = page.getByRole("form", { name: "Hide a fault for a class" });
  await form.getByLabel("Set").selectOption({ label: "Norrvik U48 “Fjord”" });
  await form.getByLabel("Kind of fault").selectOption("capacitor");
  await form.getByLabel("Fault to hide").selectOption({ label: "Coupling capacitor leaks (C7), Output stage" });
  await form.getByLabel("What the owner says").fill("It plays as through a blanket, and voices are distorted.");
  await form.getByLabel("Your note, shown at the end").fill("The grid tells it before anything is changed.");
  await form.getByRole("button", { name: "Hide it, and make the link" }).click();
  await expect(page.getByText("Nobody has begun yet.")).toBeVisible();
  await expectAccess(page, "a class");
  const sheet = page.url();
  const link = (await page.locator("code").innerText()).trim();

  await be(page, "Tomasz Bielak");
  await page.goto(link);
  await expect(page.getByText("It plays as through a blanket")).toBeVisible();
  await expectAccess(page, "an exercise");
  await page.getByRole("button", { name: "Begin" }).click();
  const bench = page.getByRole("region", { name: "Practice bench" });
  await expect(bench).toBeVisible();
  expect(await page.content()).not.toContain("leaky");
  // There is nothing to read while it is off, and that is said.
  await bench.getByRole("button", { name: /^V4 grid/ }).click();
  await expect(bench.getByRole("alert")).toContainText("Switch it on first");
  await bench.getByRole("button", { name: "On, from the wall" }).click();
  await bench.getByRole("button", { name: /^V4 cathode/ }).click();
  await expect(aside(page).getByRole("alert")).toContainText("without an isolating transformer");
  await bench.getByRole("button", { name: "Off and unplugged" }).click();
  await bench.getByRole("button", { name: "On, isolated" }).click();
  await bench.getByRole("button", { name: /^V4 grid/ }).click();
  await expect(bench.getByTestId("meter")).toContainText(/\d V/);
  await expect(aside(page)).toContainText(/V4 grid, volts: .* high/);
  await expectAccess(page, "the practice bench");
  // A reload goes on where it was.
  await page.reload();
  await expect(aside(page)).toContainText("V4 grid, volts");
  await bench.getByRole("button", { name: "Off and unplugged" }).click();
  await bench.getByRole("button", { name: "Discharge and measure" }).click();
  await bench.getByRole("tab", { name: "Check and put right" }).click();
  await bench.getByLabel("Find a part").fill("C7");
  await bench.getByRole("button", { name: "Check C7 of Output stage" }).click();
  await expect(aside(page)).toContainText("Check C7 of Output stage: bad");
  await bench.getByRole("button", { name: "Put right: C7 of Output stage" }).click();
  await expect(bench.getByRole("status")).toContainText("Found. It was: Coupling capacitor leaks (C7)");
  await expect(bench.getByText("The grid tells it before anything is changed.")).toBeVisible();
  await expect(bench.getByLabel("What cost points")).toContainText("isolating transformer. −10 points");
  await expect(bench.getByRole("table", { name: "The way of the advice" })).toContainText("Put right: Coupling");
  await expectAccess(page, "the end of a practice");
  const points = (await bench.getByTestId("points").innerText()).replace(/\D/g, "");

  await be(page, "Wren Okafor");
  await page.goto(sheet);
  const row = page.getByRole("table", { name: "Results of the class" }).getByRole("row", { name: /Tomasz/ });
  await expect(row).toContainText("found");
  await expect(row).toContainText(points);
  await page.getByRole("button", { name: "Close it" }).click();
  await expect(page.getByText("Closed", { exact: true })).toBeVisible();
  // Whoever sees it as somebody else's has no business there.
  await be(page, "Tomasz Bielak");
  await page.goto(sheet);
  await expect(page.getByRole("heading", { name: "This page is not for your role" })).toBeVisible();
  await be(page, "Wren Okafor");
});

test("a fault is found by the circuit and the line, without the lists", async ({ page }) => {
  await page.goto("/practice");
  const course = page
    .getByRole("region", { name: "Courses" })
    .getByRole("listitem")
    .filter({ has: page.getByRole("heading", { name: "The power supply" }) });
  await course.getByRole("button", { name: "Begin case 1" }).click();
  const bench = page.getByRole("region", { name: "Practice bench" });
  await expect(bench).toBeVisible();
  await page.keyboard.press("/");
  const line = page.getByLabel("Practice line");
  await expect(line).toBeFocused();
  const say = async (text: string) => {
    await line.fill(text);
    await line.press("Enter");
    await expect(bench).toHaveAttribute("aria-busy", "false");
  };
  // What it will do stands there before Enter; what is not understood stays in the line.
  await line.fill("on");
  await expect(page.getByText("Enter: on, from the wall")).toBeVisible();
  await say("on");
  await expect(bench.getByRole("status")).toContainText("on, from the wall");
  await say("flux capacitor");
  await expect(page.getByText("Nothing at this set is called “flux capacitor”.")).toBeVisible();
  await expect(line).toHaveValue("flux capacitor");
  await say("V4 cathode");
  await expect(aside(page)).toContainText("V4 cathode, volts");

  await bench.getByRole("button", { name: "Circuit" }).click();
  const drawing = bench.getByRole("region", { name: "Circuit" });
  await drawing.getByRole("button", { name: "V4", exact: true }).click();
  await drawing.getByRole("button", { name: /^V4 plate/ }).click();
  await expect(bench.getByTestId("meter")).toContainText(/V$/);
  await expect(drawing.getByRole("button", { name: /^V4 plate, by the net .*, read .*, out$/ })).toBeVisible();
  await drawing.getByRole("button", { name: /^C14/ }).click();
  await expect(bench.getByRole("list", { name: "What can be done with C14" })).toBeVisible();
  await expectAccess(page, "the circuit of a practice");
  await say("off");
  await say("discharge");
  await say("V5 -> new");
  await expect(bench.getByRole("status")).toContainText("Found. It was:");
});

for (const course of ["The leaky coupling capacitor", "The oscillator", "A transmitter with low output"]) {
  test(`${course}: its first case is found by whoever follows the advice`, async ({ page }) => {
    await page.goto("/practice");
    const card = page
      .getByRole("region", { name: "Courses" })
      .getByRole("listitem")
      .filter({ has: page.getByRole("heading", { name: course }) });
    await card.getByRole("button", { name: "Begin case 1" }).click();
    const bench = page.getByRole("region", { name: "Practice bench" });
    const advice = page.getByRole("region", { name: "Advice" });
    const steps = page.getByRole("list", { name: "Steps" }).getByRole("listitem");
    const end = bench.getByTestId("points");
    const press = async (name: string) => {
      await bench.getByRole("button", { name }).click();
      await expect(bench).toHaveAttribute("aria-busy", "false");
    };
    await expect(bench).toBeVisible();
    for (let step = 0; step < 40 && !(await end.isVisible()); step += 1) {
      const first = advice.getByRole("button", { name: /^Do as advised/ }).first();
      if (!(await first.isVisible())) await advice.getByRole("button", { name: "Ask, 3 points" }).click();
      await expect(first).toBeVisible();
      const count = await steps.count();
      await first.click();
      await expect(bench).toHaveAttribute("aria-busy", "false");
      if (await end.isVisible()) break;
      if ((await steps.count()) === count) await press("On, from the wall");
      else if ((await steps.last().innerText()).includes("not done")) {
        // Hands do not go into a set that is on: off, discharged, and again.
        await press("Off and unplugged");
        await press("Discharge and measure");
      }
    }
    await expect(bench.getByRole("status")).toContainText("Found. It was:");
    await expect(bench.getByLabel("What cost points")).toContainText("Advice asked for");
    await bench.getByRole("link", { name: "Another one" }).click();
    await expect(card).toContainText(/1\. \S+ \d+ points/);
  });
}

test("a fault is drawn by kind and difficulty, and counts where its kind is counted", async ({ page }) => {
  await page.goto("/practice");
  const form = page.getByRole("form", { name: "Begin a practice" });
  await form.getByLabel("Set").selectOption({ label: "Halvane 31 “Regent”" });
  await form.getByLabel("Kind of fault").selectOption("tube");
  await form.getByLabel("Difficulty").selectOption("easy");
  await form.getByLabel("Advice").selectOption("off");
  await form.getByRole("button", { name: "Begin" }).click();
  const bench = page.getByRole("region", { name: "Practice bench" });
  await expect(bench).toBeVisible();
  await expect(page.getByRole("region", { name: "Advice" })).toHaveCount(0);
  page.on("dialog", (dialog) => void dialog.accept());
  await bench.getByRole("button", { name: "Give up" }).click();
  await expect(bench.getByRole("status")).toContainText("Not found. It was:");
  await bench.getByRole("link", { name: "Another one" }).click();
  const kinds = page.getByRole("table", { name: "By kind of fault" });
  await expect(kinds.getByRole("row", { name: /Tubes and transistors/ })).toContainText(/\d+ of \d+/);
});

test("a course is begun, given up, and its case says what it was; a wrong part is said to be as it was", async ({
  page,
}) => {
  await page.goto("/practice");
  const course = page
    .getByRole("region", { name: "Courses" })
    .getByRole("listitem")
    .filter({ hasText: "The AVC line" })
    .first();
  await course.getByRole("button", { name: "Begin case 1" }).click();
  const bench = page.getByRole("region", { name: "Practice bench" });
  await bench.getByRole("tab", { name: "Check and put right" }).click();
  await bench.getByLabel("Find a part").fill("C14");
  await bench.getByRole("button", { name: "Put right: C14 of Output stage" }).click();
  await expect(aside(page)).toContainText("It is as it was.");
  page.on("dialog", (dialog) => void dialog.accept());
  await bench.getByRole("button", { name: "Give up" }).click();
  await expect(bench.getByRole("status")).toContainText("Not found. It was:");
  await expect(bench.getByText("The AVC line does not go negative")).toBeVisible();
  await page.goto("/practice");
  await expect(course).toContainText("not found, 0 points");
  await expect(course.getByRole("button", { name: "Begin case 2" })).toBeVisible();
  // The place is one key away.
  await page.goto("/tools");
  await page.keyboard.press("g");
  await page.keyboard.press("y");
  await expect(page.getByRole("heading", { name: "Practice", exact: true })).toBeVisible();
});
