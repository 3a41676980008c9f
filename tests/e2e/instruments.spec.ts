import { setWorld } from "../../src/core/instruments";
import { circuitSheet } from "../../src/core/visit";
import { MADE_UP_SETS } from "../../src/core/practice";
import { startStandIn, startStandIns } from "../../scripts/instruments-server";
import type { Page } from "@playwright/test";
import { expectAccess } from "./axe";
import { expect, plate, takeIn, tape, test } from "./bench";

test("a chart is taken by the probe alone: the stand-in is tried, written down, and walked with", async ({ page }) => {
  const world = setWorld(circuitSheet(MADE_UP_SETS.lantern!.sheet))!;
  const { port, close } = await startStandIn(world);
  try {
    await page.goto("/shop");
    await page.getByRole("button", { name: "Add a meter" }).click();
    const form = page.getByRole("form", { name: "A new meter" });
    await form.getByLabel("What it is called here").fill("Socket meter");
    await form.getByLabel("Input").fill("10 MΩ");
    await form.getByLabel("Address, where it speaks SCPI").fill("127.0.0.1:99999");
    await form.getByRole("button", { name: "Try it" }).click();
    await expect(form.getByRole("alert").first()).toContainText("An address is like 192.168.1.40");
    await form.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${port}`);
    await form.getByRole("button", { name: "Try it" }).click();
    await expect(form.getByRole("status")).toContainText("Stand-in meter");
    await form.getByLabel("It is a stand-in").check();
    await form.getByRole("button", { name: "Save the meter" }).click();
    await expect(page.getByRole("listitem").filter({ hasText: "Socket meter" })).toContainText(`127.0.0.1:${port}`);

    await takeIn(page, "Halvane 537", "for the walk");
    const bench = page.url().split("?")[0] ?? "";
    await page.goto(`${bench}?step=baseline`);
    await plate(page)
      .getByRole("button", { name: /^Walk with the probe: \d+ points by Socket meter/ })
      .click();
    const walk = page.getByRole("region", { name: "Probe walk" });
    await expect(walk.getByTestId("reads")).toContainText("V");
    await expectAccess(page, "the probe walk", '[aria-label="Probe walk"]');
    const points = MADE_UP_SETS.lantern!.sheet.points.filter(({ quantity }) => quantity === "voltage");
    // Hands stay at the probe: the first figures are taken while nothing is touched.
    await expect(tape(page).getByText(/^B\+/).last()).toBeVisible({ timeout: 30_000 });
    await expect(walk.getByRole("status").last()).toContainText(/\d V/, { timeout: 30_000 });
    // A slip is undone by one key, and its point comes again.
    const slipped = (await walk.getByRole("status").last().innerText()).split("\n")[0] ?? "";
    await walk.press("Backspace");
    await expect(tape(page)).toContainText("slip of the probe");
    expect(points.some(({ point }) => slipped.startsWith(point))).toBe(true);
    // Points that read nothing are taken by the foot-switch.
    await expect(async () => {
      await walk.press(" ");
      await expect(walk).toContainText("points are through", { timeout: 3000 });
    }).toPass({ timeout: 90_000 });
    await walk.getByRole("button", { name: "End the walk" }).click();
    await expect(walk).toHaveCount(0);
    const table = plate(page).getByRole("table", { name: "Readings" });
    await expect(table.getByRole("row", { name: /^B\+/ }).first()).toContainText(/good|high|low/);
  } finally {
    await close();
  }
});

test("an instrument that is switched off says so on the walk, and the figure is typed instead", async ({ page }) => {
  const world = setWorld(circuitSheet(MADE_UP_SETS.lantern!.sheet))!;
  const { port, close } = await startStandIn(world);
  await page.goto("/shop");
  await page.getByRole("button", { name: "Add a meter" }).click();
  const form = page.getByRole("form", { name: "A new meter" });
  await form.getByLabel("What it is called here").fill("Loose plug");
  await form.getByLabel("Input").fill("10 MΩ");
  await form.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${port}`);
  await form.getByRole("button", { name: "Save the meter" }).click();
  await takeIn(page, "Halvane 537", "for a loose plug");
  const bench = page.url().split("?")[0] ?? "";
  await page.goto(`${bench}?step=baseline`);
  await plate(page).getByLabel("Meter", { exact: true }).fill("Loose plug");
  await plate(page)
    .getByRole("button", { name: /^Walk with the probe: \d+ points by Loose plug/ })
    .click();
  const walk = page.getByRole("region", { name: "Probe walk" });
  await expect(walk.getByTestId("reads")).toContainText("V");
  await close();
  await expect(walk.getByRole("alert")).toContainText(/Loose plug: .*Type the figure instead/, { timeout: 15_000 });
  await walk.press("Escape");
  const row = plate(page).getByRole("table", { name: "Readings" }).getByRole("row", { name: /^B\+/ });
  await row.getByRole("textbox").fill("248");
  // Nobody has made it safe here: the table asks before it judges what was typed under power.
  await expect(row).toContainText("power on?");
});

/** A generator, a meter and an oscilloscope of the bench, listed in the shop. */
async function list(page: Page, ports: { meter: number; generator: number; oscilloscope: number }, name: string) {
  await page.goto("/shop");
  await page.getByRole("button", { name: "Add a meter" }).click();
  const meter = page.getByRole("form", { name: "A new meter" });
  await meter.getByLabel("What it is called here").fill(`${name} meter`);
  await meter.getByLabel("Input").fill("10 MΩ");
  await meter.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${ports.meter}`);
  // A profile of one's own, tried before it is kept.
  await meter.getByLabel("How it is asked").selectOption("own");
  await meter.getByLabel("Name of the profile").fill(`${name} profile`);
  await meter.getByLabel("Asks for volts, DC").fill("CONF:VOLT:DC;:READ?");
  await meter.getByRole("button", { name: "Try it" }).click();
  await expect(meter.getByRole("status")).toContainText(/volts, DC: .*V; volts, AC: .*V; .*frequency: 0 Hz/);
  await meter.getByLabel("It is a stand-in").check();
  await meter.getByRole("button", { name: "Save the meter" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: `${name} meter` })).toContainText("stand-in");
  for (const kind of ["generator", "oscilloscope"] as const) {
    await page.getByRole("button", { name: "Add an instrument" }).click();
    const form = page.getByRole("form", { name: "A new instrument" });
    await form.getByLabel("What it is called here").fill(`${name} ${kind}`);
    await form.getByLabel("What it is", { exact: true }).selectOption(kind);
    await form.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${ports[kind]}`);
    await form.getByRole("button", { name: "Try it" }).click();
    await expect(form.getByRole("status")).toContainText("Stand-in");
    await form.getByRole("button", { name: "Save the instrument" }).click();
    await expect(page.getByRole("listitem").filter({ hasText: `${name} ${kind}` })).toContainText("127.0.0.1");
  }
}

test("a response is swept, paused and gone on with; selectivity is hunted; a trace is captured, measured and kept", async ({
  page,
}) => {
  const { sheet } = MADE_UP_SETS.lantern!;
  const bench = await startStandIns(setWorld(circuitSheet(sheet))!, sheet);
  try {
    await list(page, bench, "Sweep");
    await expectAccess(page, "the shop's instruments");
    await takeIn(page, "Halvane 537", "for a sweep");
    const job = page.url().split("?")[0] ?? "";
    await page.goto(`${job}?step=baseline`);
    await plate(page).getByRole("tab", { name: "Test sheets" }).click();
    await plate(page).getByLabel("Test sheet", { exact: true }).selectOption({ label: "Audio response" });
    const steps = plate(page).locator("details").filter({ hasText: "Step the generator and read by itself" });
    await steps.locator("summary").click();
    await steps.getByLabel("Generator", { exact: true }).selectOption({ label: "Sweep generator" });
    await steps.getByLabel("Reads output volts").selectOption({ label: "Sweep meter" });
    await steps.getByRole("button", { name: "Step through 12 rows" }).click();
    await expect(steps.getByRole("status")).toContainText(/[1-9]\d* of 12 rows read/);
    await steps.getByRole("button", { name: "Pause" }).click();
    await steps.getByRole("button", { name: /^Go on with row/ }).click();
    await expect(steps.getByRole("status")).toContainText("12 of 12 rows read", { timeout: 30_000 });
    await plate(page).getByRole("button", { name: "All of it is so" }).click();
    await plate(page).getByRole("button", { name: "Write all 12 rows" }).click();
    await expect(plate(page)).toContainText("12 rows measured in this run", { timeout: 30_000 });
    await expect(tape(page)).toContainText("Audio response");

    // Off tune the level is brought to the same output.
    await plate(page).getByLabel("Test sheet", { exact: true }).selectOption({ label: "Selectivity" });
    await steps.locator("summary").click();
    await steps.getByLabel("Generator", { exact: true }).selectOption({ label: "Sweep generator" });
    await steps.getByLabel("Reads the output").selectOption({ label: "Sweep meter" });
    await steps.getByLabel("Frequency on tune").fill("a lot");
    await expect(steps.getByText("A frequency is like 1 MHz")).toBeVisible();
    await steps.getByLabel("Frequency on tune").fill("1 MHz");
    await steps.getByRole("button", { name: /^Step through \d+ rows/ }).click();
    await expect(steps.getByRole("status")).toContainText(/(\d+) of \1 rows read/, { timeout: 60_000 });
    await plate(page).getByRole("button", { name: "All of it is so" }).click();
    await plate(page)
      .getByRole("button", { name: /^Write all \d+ rows/ })
      .click();
    await expect(plate(page)).toContainText(/rows measured in this run/, { timeout: 30_000 });
    // Two circuits on either side: half at 4 kHz off tune is 6 dB.
    await expect(
      plate(page)
        .getByRole("row", { name: /^4 kHz/ })
        .first(),
    ).toContainText("6.0");

    const scope = plate(page).locator("details").filter({ hasText: "Oscilloscope: a trace" });
    await scope.locator("summary").click();
    await scope.getByRole("button", { name: "Capture from Sweep oscilloscope" }).click();
    await expect(scope.getByLabel("What the trace measures")).toContainText("Peak to peak");
    const first = scope.getByRole("slider", { name: "First cursor" });
    await first.focus();
    await first.press("PageUp");
    await expect(first).toHaveAttribute("aria-valuenow", "20");
    await expectAccess(page, "the oscilloscope");
    await scope.getByRole("button", { name: "Keep it with an entry" }).click();
    await expect(scope.getByRole("alert")).toContainText("Say where it was taken");
    await scope.getByLabel("Taken at").fill("voice coil");
    await scope.getByRole("button", { name: "Keep it with an entry" }).click();
    await expect(scope.getByRole("status")).toContainText("Kept");
    await expect(tape(page)).toContainText("Trace at voice coil");
    await scope.getByRole("button", { name: "Trace at voice coil" }).click();
    await expect(scope.getByLabel("What the trace measures")).toContainText("Peak to peak");
    // What is at hand is set from the bench, and what is no figure is said to be none.
    const hand = plate(page).locator("details").filter({ hasText: "Instruments at hand" });
    await hand.locator("summary").press("Enter");
    const generator = hand.getByRole("region", { name: "Sweep generator" });
    await generator.getByLabel("frequency", { exact: true }).fill("loud");
    await generator.getByRole("button", { name: "Set" }).first().click();
    await expect(generator.getByRole("alert")).toContainText("write it like 1 MHz");
    await generator.getByLabel("frequency", { exact: true }).fill("455 kHz");
    await generator.getByRole("button", { name: "Set" }).first().click();
    await expect(generator.getByRole("status")).toContainText("frequency 455 kHz is set");
    await generator.getByLabel("FM deviation").fill("3 kHz");
    await generator.getByLabel("FM deviation").press("Enter");
    // AM is on from the sweep: the generator warns.
    await expect(generator.getByRole("alert")).toContainText("Settings conflict");
    await generator.getByRole("button", { name: "Output off" }).click();
    await expect(generator.getByRole("status")).toContainText("Its output is off");
    // A list that is none says so; one of another program is read.
    await scope
      .locator("input[type=file]")
      .setInputFiles({ name: "a.csv", mimeType: "text/csv", buffer: Buffer.from("1,2\n") });
    await expect(scope.getByRole("alert")).toContainText("No two columns of numbers");
    const list100 = Array.from(
      { length: 400 },
      (_, at) => `${(at * 1e-4).toFixed(4)},${(250 + 2 * Math.sin(2 * Math.PI * 100 * at * 1e-4)).toFixed(4)}`,
    );
    await scope
      .locator("input[type=file]")
      .setInputFiles({ name: "b.csv", mimeType: "text/csv", buffer: Buffer.from(list100.join("\n")) });
    await expect(scope.getByLabel("What the trace measures")).toContainText("1.60 %");
  } finally {
    await bench.close();
  }
});

test("cold checks are walked with the probe: off and discharged come first, and no path is open", async ({ page }) => {
  const { sheet } = MADE_UP_SETS.lantern!;
  const bench = await startStandIns(setWorld(circuitSheet(sheet))!, sheet);
  try {
    await page.goto("/shop");
    await page.getByRole("button", { name: "Add a meter" }).click();
    const form = page.getByRole("form", { name: "A new meter" });
    await form.getByLabel("What it is called here").fill("AAA ohmmeter");
    await form.getByLabel("Input").fill("10 MΩ");
    await form.getByLabel("Address, where it speaks SCPI").fill(`127.0.0.1:${bench.meter}`);
    await form.getByLabel("It is a stand-in").check();
    await form.getByRole("button", { name: "Save the meter" }).click();
    await expect(form).toHaveCount(0);
    await takeIn(page, "Halvane 537", "for cold checks");
    const job = page.url().split("?")[0] ?? "";
    await page.goto(`${job}?step=make-safe`);
    const cold = page.getByRole("region", { name: "Cold checks" });
    await cold.getByRole("button", { name: /^Walk with the probe: \d+ points? by AAA ohmmeter/ }).click();
    const walk = page.getByRole("region", { name: "Probe walk" });
    await expect(walk).toContainText("Switch the set off and pull the plug.");
    await walk.press(" ");
    await expect(walk).toContainText("Discharge the reservoir");
    await walk.press(" ");
    await expect(
      walk
        .getByRole("alert")
        .or(walk.getByTestId("reads").filter({ hasText: /Ω/ }))
        .first(),
    ).toBeVisible();
    // A point without a path is taken by the foot-switch, as open.
    await expect(async () => {
      await walk.press(" ");
      await expect(walk.getByRole("status").last()).toContainText(/open|Ω/, { timeout: 2000 });
    }).toPass({ timeout: 30_000 });
    await walk.press("Escape");
    await expect(walk).toHaveCount(0);
  } finally {
    await bench.close();
  }
});

test("a meter at a serial port is opened by the browser, read, refused, and unplugged", async ({ page }) => {
  // A browser's serial port, as far as it is used: it answers every question with 248.1 V, until it is pulled.
  await page.addInitScript(() => {
    const port = () => {
      let out: ReadableStreamDefaultController<Uint8Array> | undefined;
      const readable = new ReadableStream<Uint8Array>({ start: (controller) => void (out = controller) });
      const writable = new WritableStream<Uint8Array>({
        write: () => {
          if ((window as unknown as { pulled?: boolean }).pulled) return out?.error(new Error("gone"));
          return out?.enqueue(new TextEncoder().encode("+2.481000E+02\r\n"));
        },
      });
      return { open: async () => undefined, close: async () => undefined, readable, writable };
    };
    let asked = 0;
    Object.defineProperty(navigator, "serial", {
      value: {
        requestPort: async () => {
          asked += 1;
          if (asked === 1) throw new DOMException("No port selected", "NotFoundError");
          return port();
        },
      },
    });
  });
  await page.goto("/shop");
  await page.getByRole("button", { name: "Add a meter" }).click();
  const form = page.getByRole("form", { name: "A new meter" });
  await form.getByLabel("What it is called here").fill("Serial meter");
  await form.getByLabel("Input").fill("10 MΩ");
  await form.getByLabel("Address, where it speaks SCPI").fill("serial 19200");
  await form.getByRole("button", { name: "Save the meter" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "Serial meter" })).toContainText("serial 19200");
  await takeIn(page, "Halvane 537", "for a serial meter");
  const job = page.url().split("?")[0] ?? "";
  await page.goto(`${job}?step=baseline`);
  await plate(page).getByLabel("Meter", { exact: true }).fill("Serial meter");
  await plate(page)
    .getByRole("button", { name: /^Walk with the probe: \d+ points by Serial meter/ })
    .click();
  const walk = page.getByRole("region", { name: "Probe walk" });
  await expect(walk.getByRole("alert").first()).toContainText("its serial port is not open");
  await walk.getByRole("button", { name: "Open the serial port" }).click();
  await expect(walk.getByText("No port was chosen, or it was refused")).toBeVisible();
  await walk.getByRole("button", { name: "Open the serial port" }).click();
  await expect(walk.getByTestId("reads")).toContainText("248.1 V");
  await expect(tape(page).getByText(/^B\+/).last()).toBeVisible({ timeout: 15_000 });
  await page.evaluate(() => void ((window as unknown as { pulled: boolean }).pulled = true));
  await expect(walk.getByRole("alert").first()).toContainText(/unplugged|not open/, { timeout: 15_000 });
});
