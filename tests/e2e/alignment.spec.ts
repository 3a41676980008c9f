import type { Page } from "@playwright/test";
import sharp from "sharp";
import { drawnCircuit, gangAt, oscillatorFor, signalFor, tunes } from "@/core/tracking";
import { expectAccess } from "./axe";
import { expect, freshSerial, line, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";

const PF = 1e-12;
/** The band of the set that these tests make up, as its CSV has it. */
const BAND = {
  name: "MW",
  from: 550e3,
  to: 1600e3,
  side: "above",
  mid: 465e3,
  gangMin: 12 * PF,
  gangMax: 360 * PF,
} as const;
const BANDS = `Band,From,To,Oscillator,IF,Gang least,Gang most,Coil,Trimmer,Padder
MW,550 kHz,1600 kHz,above,465 kHz,12 pF,360 pF,L8,C21,C22`;
const PARTS = `Designator,Role,Value,Rating,Stage
C21,tuned,3-30p,,oscillator
C22,tuned,430p mica,,oscillator`;
const STEPS = `Part of,Generator to,Through,Frequency,Dial at,Adjust,For,Measured at,Level not above,End of band
IF,grid of V1,0.1 µF,465 kHz,gang open,T2 bottom,max,V across the speaker,0.5 V,
IF,grid of V1,0.1 µF,465 kHz,gang open,t2 TOP,peak,V across the speaker,0.5 V,
MW oscillator,aerial,dummy,1500 kHz,1500 kHz,C21,max,V across the speaker,0.5 V,high
MW oscillator,aerial,dummy,600 kHz,600 kHz,L8 core,max,V across the speaker,0.5 V,low`;

/** What is received where the dial shows a frequency, with the padder so many times its value; kHz. */
function received(kilohertz: number, padder: number): string {
  const made = drawnCircuit(BAND, 430 * PF);
  if (!made.ok) throw new Error(made.trouble);
  const { tuned, band } = made.drawn;
  const gang = gangAt(tuned, oscillatorFor(kilohertz * 1e3, band)) ?? 0;
  return (signalFor(tunes({ ...tuned, padder: 430 * PF * padder }, gang), band) / 1e3).toFixed(1);
}

async function paste(page: Page, tab: RegExp, csv: string, save: string): Promise<void> {
  await page.getByRole("tab", { name: tab }).click();
  await page.getByRole("button", { name: "Paste or drop a CSV" }).click();
  await page.getByLabel("The table as text").fill(csv);
  await page.getByRole("button", { name: save }).click();
  await expect(page.getByRole("grid")).toBeVisible();
}

/** A set of a model that is new to the shop, with its bands, parts and alignment typed in from CSV. */
async function aligned(page: Page): Promise<{ bench: string; name: string }> {
  const name = freshSerial();
  await page.goto("/sets/new");
  await page.getByLabel("Owner", { exact: true }).fill("Callum Rafferty");
  await page.getByLabel("Maker and model").fill(`Pemberlake ${name}`);
  await page.getByLabel("Serial number").fill(name);
  await page.getByLabel("What it is").fill("AC table superhet");
  await page.getByLabel("Complaint, in the owner's words").fill("stations in the wrong place");
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByRole("heading", { name: /^Bench, job \d+$/ })).toBeAttached();
  const bench = page.url().split("?")[0] ?? "";
  await page.goto("/reference");
  await page.getByRole("link", { name: new RegExp(name) }).click();
  await paste(page, /^Parts/, PARTS, "Save 2 parts");
  await paste(page, /^Bands/, BANDS, "Save 1 band");
  await expect(page.getByRole("tab", { name: "Bands 1" })).toBeVisible();
  await paste(page, /^Alignment/, STEPS, "Save 4 steps");
  await expect(page.getByRole("tab", { name: "Alignment 4" })).toBeVisible();
  return { bench, name };
}

const tab = (page: Page, name: string) => plate(page).getByRole("tab", { name });
const card = (page: Page) => plate(page).locator("section[aria-label^='Step:']");
const allIsSo = (page: Page) => plate(page).getByRole("button", { name: "All of it is so" }).click();

test("a wrong padder is named by the dial, put right, two rounds, checked in the cabinet, in the report", async ({
  page,
}) => {
  const { bench } = await aligned(page);
  await page.goto(`${bench}?step=align&tab=dial`);
  await madeSafe(page);

  // Two points leave it open; five name the padder.
  const type = async (places: readonly number[], padder: number) => {
    for (const [n, kilohertz] of places.entries()) {
      if (n > 2) await plate(page).getByRole("button", { name: "Another point" }).click();
      await plate(page)
        .getByLabel(`Dial shows, point ${n + 1}, kHz`)
        .fill(String(kilohertz));
      await page.keyboard.press("Enter");
      await page.keyboard.press("ControlOrMeta+A");
      await page.keyboard.type(received(kilohertz, padder));
    }
  };
  await type([600, 1500], 0.8);
  await expect(plate(page).getByText(/2 points leave open whether it is the padder alone/)).toBeVisible();
  await plate(page).getByLabel("Dial shows, point 3, kHz").fill("1");
  await plate(page).getByLabel("Received there, point 3, kHz").fill("1000");
  await expect(plate(page).getByText("off by a thousand: kHz and MHz?")).toBeVisible();
  await type([600, 800, 1000, 1300, 1550], 0.8);
  await expect(plate(page).getByText(/padder C22: 34\d pF where it should be 430 pF \(−20 %/)).toBeVisible();
  await expect(plate(page).getByText("The error grows to the low end: the padder.")).toBeVisible();
  await expect(plate(page).getByText(/Even so \d\.\d % will remain/)).toBeVisible();
  await expectAccess(page, "what the dial says", 'section[aria-label="Work plate"]');
  await plate(page).getByRole("button", { name: "Write the points down" }).click();
  await expect(tape(page).getByText(/Dial 1550 kHz/)).toBeVisible();
  await plate(page).getByRole("button", { name: "Tell the search, and plan C22 with 430 pF" }).click();
  await expect(plate(page).getByText("Written down, and in the recap plan.")).toBeVisible();
  await expect(tape(page).getByText(/dial is off on MW, most at the low end: C22/)).toBeVisible();
  await write(page, "C22 430p mica wrong value -> 430 pF silver mica old in bag", "430 pF silver mica");
  await write(page, "gone dial is off", /gone/i);

  // Two rounds, by the keys of a foot-switch and digits alone.
  await tab(page, "Step by step").click();
  await allIsSo(page);
  await expect(card(page)).toContainText("T2 bottom");
  await card(page).getByLabel("Output before").focus();
  const round = async (...steps: [string, string, string][]) => {
    for (const [adjust, output, turned] of steps) {
      await expect(plate(page).getByRole("region", { name: `Step: ${adjust}` })).toBeVisible();
      const [before = "", after = ""] = output.split(" -> ");
      if (turned === "") {
        await page.keyboard.press("PageUp");
        continue;
      }
      await page.keyboard.type(before);
      await page.keyboard.press("PageDown");
      await page.keyboard.type(after);
      await page.keyboard.press("PageDown");
      await page.keyboard.type(turned);
      await page.keyboard.press("PageDown");
    }
  };
  await round(["T2 bottom", "0.30 V -> 0.42 V", "1/4 in"]);
  await expect(tape(page).getByText(/IF: 1\/4 in, 0\.30 V → 0\.42 V, \+2\.9 dB/)).toBeVisible();
  await round(["T2 top", "0.42 V -> 0.45 V", "1/8 out"]);
  await expect(plate(page).getByText("another round is worth it").first()).toBeVisible();
  await expect(step(page, "Align")).toContainText("IF: another round is worth it");
  await round(["T2 bottom", "", ""], ["T2 top", "", ""]);
  await expect(plate(page).getByText("done: another round would change nothing")).toBeVisible();
  await round(["C21", "0.20 V -> 0.35 V", "3/8 out"], ["L8 core", "0.30 V -> 0.40 V", "1/8 in"]);
  await expect(plate(page).getByText("round 1 moved the dial: another round is worth it").last()).toBeVisible();
  await round(["C21", "", ""], ["L8 core", "", ""]);
  await expect(plate(page).getByText("No other round is worth it.")).toBeVisible();
  await expect(step(page, "Align")).toContainText("done");

  // Prove asks for the dial in the cabinet, until it was read at three points.
  await expect(step(page, "Prove")).toContainText(/Nothing measured again|check the dial/);
  await tab(page, "Dial").click();
  await plate(page).getByLabel("What was measured").selectOption("typed");
  await plate(page).getByLabel("Chassis").selectOption("in the cabinet");
  await type([600, 1000, 1500], 1.005);
  await expect(plate(page).getByText("The dial is right to within the reading at all 3 points.")).toBeVisible();
  await plate(page).getByRole("button", { name: "Write the points down" }).click();
  await expect(tape(page).getByText(/Dial 1500 kHz/)).toBeVisible();
  await expect(step(page, "Prove")).not.toContainText("check the dial");

  // Before and after, and what was turned, in the record.
  await page.goto(bench);
  await page.getByRole("link", { name: "Service record" }).click();
  await expect(page.getByRole("heading", { name: "Dial, before" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Dial, after" })).toBeVisible();
  await expect(page.getByText("1: 1/4 in, +2.9 dB; 2: left")).toBeVisible();
});

test("cores that say something: moved too far, loudest beside the IF, at the end of travel, skipped", async ({
  page,
}) => {
  await takeIn(page, "Tidewell CR-21", "weak");
  await madeSafe(page);
  await step(page, "Align").click();
  await allIsSo(page);
  await expect(card(page)).toContainText("T6 bottom");
  // Bad input keeps what was typed and says what is wrong.
  await card(page).getByLabel("Output before").fill("loud");
  await card(page).getByLabel("Output after").fill("1.2 V");
  await card(page).getByRole("button", { name: "Turned: write it down" }).click();
  await expect(card(page).getByText("“loud” is no output")).toBeVisible();
  await expect(card(page).getByLabel("Output before")).toHaveValue("loud");
  await card(page).getByLabel("Output before").fill("1.0 V");
  await card(page).getByLabel("Turned, 8ths").fill("1/3 in");
  await card(page).getByRole("button", { name: "Turned: write it down" }).click();
  await expect(card(page).getByText("“1/3 in” is no turn in eighths")).toBeVisible();
  await card(page).getByLabel("Turned, 8ths").fill("1 1/4 in");
  await card(page).getByLabel("Loudest at, kHz").fill("111.5");
  await card(page).getByLabel("It stands at the end of its travel").check();
  await card(page).getByRole("button", { name: "Turned: write it down" }).click();
  const warnings = plate(page).getByRole("list", { name: "Stop and look" });
  await expect(warnings.getByText(/T6 bottom was moved 1 1\/4 in in all: more than a turn/)).toBeVisible();
  await expect(warnings.getByText(/largest at 111\.5 kHz, off 110 kHz. That is feedback/)).toBeVisible();
  await expect(warnings.getByText(/stands at the end of its travel/)).toBeVisible();

  await expect(card(page)).toContainText("T6 top");
  await card(page).getByRole("button", { name: "Skip…" }).click();
  await card(page).getByLabel("Why is it skipped?").fill("the wax is not to be broken");
  await card(page).getByRole("button", { name: "Write it", exact: true }).click();
  await expect(tape(page).getByText("second IF: skipped: the wax is not to be broken")).toBeVisible();

  // The bench line writes the same; an adjuster that comes at two steps is asked about.
  await write(page, "align T3 bottom 2.0 V -> 2.3 V, 1/8 in", "first IF: 1/8 in, 2.0 V → 2.3 V, +1.2 dB");
  await line(page).fill("align T3 bottom");
  await line(page).press("Enter");
  await expect(page.getByText("Say what came of it.")).toBeVisible();
  await line(page).fill("");
  await expectAccess(page, "alignment", 'section[aria-label="Work plate"]');
  await tab(page, "Cores over the years").click();
  await expect(plate(page).getByRole("row", { name: /T6 bottom/ })).toContainText("1 1/4 in");
});

test("an upgrade opens its two power levels as points, and they are ticked when they were set", async ({ page }) => {
  await takeIn(page, "Tidewell Duplex 80", "for a new power amplifier board");
  await madeSafe(page);
  await write(
    page,
    "mod fitted Driver board: a later driver board; recalibrate set the 20 m power again; reversible; undo fit the old board",
    "Driver board",
  );
  await step(page, "Align").click();
  await allIsSo(page);
  const asked = plate(page).getByRole("list", { name: "Made necessary by modifications" });
  await expect(asked).toContainText("Driver board makes necessary: set the 20 m power again");
  await asked.getByRole("button", { name: "Go to 20 m power" }).click();
  await expect(card(page)).toContainText("R91 low to 10 W");
  const set = async (before: string, after: string, turned: string) => {
    await card(page).getByLabel("Output before").fill(before);
    await card(page).getByLabel("Output after").fill(after);
    await card(page).getByLabel("Turned, 8ths").fill(turned);
    await card(page).getByRole("button", { name: "Turned: write it down" }).click();
  };
  await set("7 W", "10 W", "1/8 in");
  await expect(tape(page).getByText("20 m power: 1/8 in, 7 W → 10 W, +1.5 dB")).toBeVisible();
  await plate(page)
    .getByRole("button", { name: /^R91 high to 90 W/ })
    .click();
  await set("97 W", "90 W", "1/8 out");
  await asked.getByRole("button", { name: "Done: tick it" }).click();
  await expect(asked).toHaveCount(0);
  await expect(tape(page).getByText(/aligned: 20 m power/)).toBeVisible();
});

test("the frequency plan explains a whistle, and odd crystals", async ({ page }) => {
  await page.goto("/reference");
  await page.getByRole("link", { name: /Lantern/ }).click();
  await page.getByRole("tab", { name: "Frequency plan" }).click();
  await expect(page.getByRole("img", { name: /^Frequency plan\. LW: signal 150 kHz to 350 kHz/ })).toBeVisible();
  await page.getByLabel("A complaint: it whistles at, kHz").fill("930");
  await expect(page.getByText("2 × IF (465 kHz), order 2.")).toBeVisible();
  await expectAccess(page, "the frequency plan", "main");

  await page.goto("/tools");
  await page.getByRole("tab", { name: "Crystals" }).click();
  await expect(page.getByText("20 m: 350 kHz of it (100 %)")).toBeVisible();
  await page.getByLabel(/One a line, at most 500/).fill("X1 8000 kHz\n7.35 MHz\n6125\nwhat is this\n99999 MHz");
  const box = page.getByRole("table", { name: "What each crystal gives" });
  await expect(box.getByRole("row", { name: /^8 MHz/ })).toContainText("10 m: 500 kHz of it");
  await expect(box.getByText("No frequency in this line.")).toBeVisible();
  await expect(page.getByText("3 of 5 lines read.")).toBeVisible();
  await page.getByLabel("Tuned from").fill("6 MHz");
  await expect(page.getByText("Upside down: the lower end comes first.").first()).toBeVisible();

  await page.goto("/tools");
  await page.getByRole("tab", { name: "Tracking and loops" }).click();
  await expect(page.getByText("547.3 pF")).toBeVisible();
  await page.getByLabel("IF", { exact: true }).fill("1000 kHz");
  await expect(page.getByText("The IF lies inside the band")).toBeVisible();
  await expectAccess(page, "tracking", "main");
});

test("allocations are changed for the shop, and what is wrong is said with its row", async ({ page }) => {
  await page.goto("/reference/frequencies");
  await expectAccess(page, "allocations", "main");
  await page.getByLabel("To, kHz of allocation 1", { exact: true }).fill("1700");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Row 1, 160 m: upside down, the lower end comes first.")).toBeVisible();
  await page.getByLabel("To, kHz of allocation 1", { exact: true }).fill("2000");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("The shop's own table.")).toBeVisible();
  await page.getByRole("button", { name: "Back to the table that ships" }).click();
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText(/ITU Radio Regulations, Article 5/)).toBeVisible();
});

test("a photo gets its pins, a new photo takes them along, and the plates light them", async ({
  page,
  expectTrouble,
}) => {
  // A file that is no photo is refused, and the browser says so in its console too.
  expectTrouble.allowed = true;
  const { bench, name } = await aligned(page);
  const photo = (width: number, height: number, tone: string) =>
    sharp({ create: { width, height, channels: 3, background: tone } })
      .jpeg()
      .toBuffer();
  await page.getByRole("tab", { name: /^Pictures/ }).click();
  const choose = page.getByLabel("Photo: Top");
  await choose.setInputFiles({ name: "no photo.jpg", mimeType: "image/jpeg", buffer: Buffer.from("nothing") });
  await expect(page.getByText("That file is not a photo")).toBeVisible();
  // 40 megapixels: it is made smaller, not refused.
  await choose.setInputFiles({ name: "top.jpg", mimeType: "image/jpeg", buffer: await photo(8000, 5000, "#d8c7a0") });
  const picture = page.getByRole("group", { name: /^Top: \d+ places/ });
  await expect(picture).toBeVisible();
  // A photo of a model never changes under its address: a browser keeps it, and what else an interface gives out it does not.
  const shown = page.locator('[src^="/api/pictures/"], [href^="/api/pictures/"]').first();
  const address = (await shown.getAttribute("src")) ?? (await shown.getAttribute("href")) ?? "";
  const kept = async (path: string) => (await page.request.get(path)).headers()["cache-control"];
  expect([await kept(address), await kept("/api/stock")]).toEqual(["private, max-age=31536000, immutable", "no-store"]);
  const pin = async (what: string, x: number, y: number) => {
    await page
      .getByRole("list", { name: "Parts and points" })
      .getByRole("button", { name: new RegExp(`^${what}`) })
      .click();
    const frame = await picture.boundingBox();
    if (!frame) throw new Error("no picture");
    await picture.click({ position: { x: frame.width * x, y: frame.height * y } });
  };
  await pin("T2 top", 0.2, 0.3);
  await pin("C21", 0.7, 0.6);
  await pin("C22", 0.5, 0.5);
  await expect(picture.getByRole("button", { name: /^C22/ })).toBeVisible();
  await picture.getByRole("button", { name: /^C22/ }).focus();
  await page.keyboard.press("ArrowRight");
  await page.getByRole("button", { name: "Save the places" }).click();
  await expect(page.getByRole("tab", { name: "Places 3" })).toBeVisible();
  await expectAccess(page, "pins", "main");

  // A new photo of another shape: two pins are put right, the third follows.
  await choose.setInputFiles({ name: "top 2.jpg", mimeType: "image/jpeg", buffer: await photo(2000, 2000, "#c9b27c") });
  await expect(page.getByText("This photo is new and its pins are those of the old one.")).toBeVisible();
  await pin("T2 top", 0.3, 0.4);
  await pin("C21", 0.6, 0.5);
  await page.getByRole("button", { name: "Move the others with these two" }).click();
  await expect(page.getByText("All pins were moved. Look them over, then save.")).toBeVisible();
  await page.getByRole("button", { name: "Save the places" }).click();
  await expect(page.getByText("Saved: every set of this model follows.")).toBeVisible();

  await page.goto(`${bench}?step=align`);
  await expect(plate(page).getByRole("group", { name: /^Top view: T2 top is lit/ })).toBeVisible();

  // A part that is gone from the sheet keeps its pin, which says so.
  await page.goto("/reference");
  await page.getByRole("link", { name: new RegExp(name) }).click();
  await page.getByRole("tab", { name: /^Parts/ }).click();
  await page.getByRole("button", { name: "Paste or drop a CSV" }).click();
  await page.getByLabel("The table as text").fill(PARTS.split("\n").slice(0, 2).join("\n"));
  await page.getByLabel(/It is the whole table/).check();
  await page.getByRole("button", { name: /^Save/ }).last().click();
  await expect(page.getByRole("tab", { name: "Parts 1" })).toBeVisible();
  await page.getByRole("tab", { name: /^Pictures/ }).click();
  await expect(page.getByText("not in the sheet any more")).toBeVisible();
});

test.describe("on a tablet", () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });
  test("a step is written down by touch alone", async ({ page }) => {
    await takeIn(page, "Halvane 537", "weak");
    await madeSafe(page);
    await step(page, "Align").tap();
    await plate(page).getByRole("button", { name: "All of it is so" }).tap();
    await expect(card(page)).toContainText("L5 core");
    for (let n = 0; n < 3; n += 1) await card(page).getByRole("button", { name: "An eighth out" }).tap();
    await expect(card(page).getByLabel("Turned, 8ths")).toHaveValue("3/8 out");
    await card(page).getByRole("button", { name: "Turned: write it down" }).tap();
    await expect(tape(page).getByText("IF: 3/8 out")).toBeVisible();
    await expect(card(page)).toContainText("L4 core");
    await card(page).getByRole("button", { name: "Was right: left" }).tap();
    await expect(tape(page).getByText("IF: was right: left")).toBeVisible();
  });
});
