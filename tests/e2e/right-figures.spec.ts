import { expect, line, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";

const jobOf = (url: string) => /bench\/(\d+)/.exec(url)?.[1] ?? "";

test("between mains and chassis only a part that may sit there counts as done, and says what it lets through", async ({
  page,
}) => {
  await takeIn(page, "Norrvik U48", "hums");
  const job = jobOf(page.url());
  // Discharged by what this set holds, at the peak of its line.
  await step(page, "Make safe").click();
  await expect(plate(page).getByText(/Discharged from .* through .* held on for 10 s/)).toBeVisible();
  await line(page).fill("C4 5000p -> 4.7 nF 275 V X2");
  await expect(page.getByText(/class X2 between the mains and the chassis; only Y1 or Y2 goes in here/)).toBeVisible();
  await line(page).press("Enter");
  await expect(tape(page).getByText("C4", { exact: true }).last()).toBeVisible();
  await page.goto(`/bench/${job}?step=fix&tab=plan`);
  await plate(page)
    .getByRole("button", { name: /^C4 .*replace/ })
    .click();
  await expect(plate(page).getByText(/may not be in a mains role: do not power it/)).toBeVisible();
  await write(page, "C4 4.7 nF 275 V X2 -> 4.7 nF 300 V Y2", /4.7 nF 300 V Y2/);
  await expect(plate(page).getByRole("button", { name: /^C4 .*done/ })).toBeVisible();
  await expect(
    plate(page)
      .getByText(/lets 340 µA through a person at 220 V 50 Hz/)
      .or(plate(page).getByText(/through a person at/))
      .first(),
  ).toBeVisible();
});

test("a rise stops at a line that is too high, and each heater winding has a verdict of its own", async ({ page }) => {
  await takeIn(page, "Ironbridge T-60", "chirps");
  await madeSafe(page);
  await step(page, "First power").click();
  const form = plate(page).locator("form");
  await expect(form.getByLabel("rectifiers, V, no load")).toBeVisible();
  await form.getByLabel("Line, V").fill("57.5");
  await form.getByLabel("Settled, A").fill("0.1");
  await form.getByLabel("tubes, V").fill("1.6");
  // 5 V at a quarter of the line, and a tenth more without a load: 1.4 V
  await form.getByLabel("rectifiers, V, no load").fill("1.1");
  await expect(form.getByText(/Winding “rectifiers” at 1.1 V: −20 %.*since it has no load/)).toBeVisible();
  await form.getByLabel("rectifiers, V, no load").fill("2.8");
  await expect(form.getByRole("alert")).toContainText("Winding “rectifiers” at 2.8 V");
  await form.getByLabel("rectifiers, V, no load").fill("1.4");
  await expect(form.getByRole("alert")).toHaveCount(0);
  await form.getByLabel("Line, V").fill("230");
  await expect(form.getByRole("alert")).toContainText("the rise went ahead of its steps");
  await form.getByLabel("Line, V").fill("57.5");
  await form.getByRole("button", { name: "Write, go on" }).click();
  await expect(tape(page).getByText(/tubes 1.6 V, rectifiers 1.4 V/)).toBeVisible();
});

test("a stocked tube is tested in the order that spares the tester; a shorted one is not offered", async ({ page }) => {
  await page.goto("/parts");
  await page.getByPlaceholder("47 nF, B-14, 6V6").fill("DK96");
  await page.getByRole("row", { name: /DK96/ }).getByRole("link").first().click();
  const form = page.getByRole("form", { name: "Test this tube" });
  await form.getByRole("button", { name: "Write the test" }).click();
  await expect(form.getByText("Shorts come first: none, or shorted.")).toBeVisible();
  await form.getByLabel("1. Shorts").selectOption("none");
  await expect(form.getByLabel(/^3\./)).toHaveCount(0);
  await form.getByLabel("1. Shorts").selectOption("found");
  await form.getByLabel("Between").fill("here and there");
  await form.getByRole("button", { name: "Write the test" }).click();
  await expect(form.getByText(/Name pairs of electrodes/)).toBeVisible();
  await form.getByLabel("Between").fill("filament to g1");
  await form.getByRole("button", { name: "Write the test" }).click();
  await expect(page.getByRole("region", { name: "Tests" }).getByText("shorted h-g1").first()).toBeVisible();
  await expect(page.getByText(/never put back into a set/).first()).toBeVisible();
});
