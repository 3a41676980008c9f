import { expect, freshSerial, line, plate, step, tape, test } from "./bench";

/** A whole job with the keyboard alone: no click, no tap. */
test("a set is taken in, repaired, proved, handed back, printed and found again by keyboard", async ({ page }) => {
  const { keyboard } = page;
  const serial = freshSerial();
  const tabTo = async (name: string | RegExp, role?: "button" | "link") => {
    const wanted = role ? page.getByRole(role, { name }).first() : page.getByLabel(name).first();
    await expect(wanted).toBeVisible();
    for (let n = 0; n < 120; n += 1) {
      if (await wanted.evaluate((element) => element === document.activeElement)) return;
      await keyboard.press("Tab");
    }
    throw new Error(`Tab never reached ${name}`);
  };
  const typeLine = async (text: string, shows: string | RegExp) => {
    await expect(line(page)).toBeFocused();
    await keyboard.type(text);
    await keyboard.press("Enter");
    await expect(tape(page).getByText(shows).last()).toBeVisible();
  };
  const leaveField = () => keyboard.press("Escape");

  await page.goto("/");
  await expect(page.getByRole("heading", { name: /Can move now/ })).toBeVisible();
  // The keys work once the page is alive.
  await expect(async () => {
    await keyboard.press("g");
    await keyboard.press("n");
    await expect(page.getByLabel("Owner", { exact: true })).toBeFocused({ timeout: 2000 });
  }).toPass();
  await keyboard.type("Eastholm Harbour Museum");
  await tabTo("Maker and model");
  await keyboard.type("Castellane Test 12");
  await tabTo("Serial number");
  await keyboard.type(serial);
  await tabTo("What it is");
  await keyboard.type("AC table superhet");
  await tabTo("Complaint, in the owner's words");
  await keyboard.type("crackles and goes quiet");
  await tabTo("Take it in", "button");
  await keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: /^Bench, job \d+$/ })).toBeAttached();
  const job = /\d+/.exec(page.url().split("/bench/")[1] ?? "")?.[0] ?? "";

  // The steps before the baseline, on the bench line.
  await expect(step(page, "Make safe")).toHaveAttribute("aria-current", "step");
  await keyboard.press("/");
  await typeLine("done make safe: 0.2 V left by the meter", /0\.2 V left/);
  await typeLine("done first power: variac in steps, 0.3 A", /variac in steps/);

  // Three readings in the table: a new point by the form, the others by the line; Enter and arrows walk the rows.
  await leaveField();
  await keyboard.press("]");
  await keyboard.press("]");
  await expect(step(page, "Baseline")).toHaveAttribute("aria-current", "step");
  await tabTo("Another point");
  await keyboard.type("B+");
  await tabTo("Expected, if known");
  await keyboard.type("250");
  await keyboard.press("Enter");
  const measured = page.getByRole("textbox", { name: "B+, measured" });
  await expect(measured).toBeVisible();
  for (let n = 0; n < 40 && !(await measured.evaluate((element) => element === document.activeElement)); n += 1)
    await keyboard.press("Shift+Tab");
  await keyboard.type("320");
  await expect(plate(page).getByRole("row", { name: /B\+/ })).toContainText("high");
  await keyboard.press("Enter");
  await expect(tape(page).getByText(/320 V, expected 250 V \(\+28 %\)/)).toBeVisible();
  await leaveField();
  await keyboard.press("Tab");
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await keyboard.press("/");
  await typeLine("V4 plate 240 for 245", /240 V, expected 245 V/);
  await typeLine("V4 cathode 19 for 12.5", /19 V, expected 12\.5 V/);

  // Two capacitors replaced, one resistor left with a reason; a mistake among them.
  await typeLine("C14 .05/400 leaky -> 0.047/630", /50 nF 400 V → 47 nF 630 V/);
  await typeLine("C2 8µ/450 dry -> 10µ/450", /8 µF 450 V → 10 µF 450 V/);
  await typeLine("R9 25k = 26k left: within tolerance", /left: 25 kΩ/);

  // The arrow brings the last line back; the mistake is corrected by its number.
  await keyboard.press("ArrowUp");
  await expect(line(page)).toHaveValue("R9 25k = 26k left: within tolerance");
  await keyboard.press("ArrowDown");
  const number =
    /#(\d+)/.exec(
      (await tape(page)
        .getByRole("button", { name: /Entry \d+: C2/ })
        .innerText()) ?? "",
    )?.[1] ?? "";
  await typeLine(`amend #${number} C2 8µ/450 dry -> 22µ/450 because took the other one`, /22 µF 450 V/);
  await expect(tape(page).getByText("corrected: took the other one")).toBeVisible();

  // Prove: the same points again, then hand back.
  await typeLine("B+ 252 for 250 prove", /252 V, expected 250 V/);
  await typeLine("V4 plate 243 for 245 prove", /243 V/);
  await typeLine("V4 cathode 12.4 for 12.5 prove", /12\.4 V/);
  await expect(step(page, "Prove")).toContainText("done");
  await typeLine("final lead ok", /Mains lead, plug/);
  await typeLine("final fuse ok: T 0.5 A", /T 0.5 A/);
  await typeLine("final isolation ok: above 50 MΩ at 500 V", /above 50 MΩ/);
  await typeLine("final screws ok", /All screws back/);
  await typeLine("final accessories ok", /goes back with it/);
  await typeLine(
    "hand back: capacitors renewed, plays on all bands; left R9 within tolerance; old parts returned",
    /plays on all bands/,
  );
  await expect(step(page, "Hand back")).toContainText("done");

  // The record on paper.
  await leaveField();
  await page.keyboard.press("]");
  await tabTo("Service record", "link");
  await keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: `Service record, job ${job}` })).toBeVisible();
  await expect(page.getByRole("row", { name: /B\+/ })).toContainText("mended");
  await expect(page.getByRole("row", { name: /^C2/ })).toContainText("8 µF 450 V → 22 µF 450 V (dry)");
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("link", { name: "Board" })).toBeHidden();
  await page.emulateMedia({ media: "screen" });

  // Found again by a designator and the serial, and seen as it was before the repair.
  await keyboard.press("g");
  await keyboard.press("s");
  await expect(page.getByRole("searchbox", { name: "Search the sets" })).toBeFocused();
  await keyboard.type(`${serial} c14`);
  await expect(page.getByText("1 set for")).toBeVisible();
  await expect(page.getByRole("row", { name: /Castellane Test 12/ })).toContainText("replaced");
  await tabTo(/Castellane Test 12/, "link");
  await keyboard.press("Enter");
  const parts = page.getByRole("region", { name: "Parts record" });
  await expect(parts.getByRole("row", { name: /C14/ })).toContainText("47 nF 630 V");
  await tabTo(`Before job ${job}`, "button");
  await keyboard.press("Enter");
  await expect(parts.getByText("No part").or(parts.getByText("No parts are known yet"))).toBeVisible();
});
