import { readFile } from "node:fs/promises";
import { expectAccess } from "./axe";
import { expect, madeSafe, plate, step, takeIn, tape, test, write } from "./bench";
import type { Page } from "@playwright/test";

const net = (page: Page) => page.getByRole("grid", { name: "Net" });
const explains = (page: Page) => page.getByRole("region", { name: "What explains these volts" });
const reading = (page: Page, point: string) => page.getByRole("textbox", { name: `${point}, measured` });

const PARTS = `designator,role,value,rating,stage
C1,reservoir,16/450,,power
C2,smoothing,16/450,,power
C4,coupling,.05/400,,output
C5,cathode-bypass,25/50,,output
R1,grid-leak,1 meg,,first audio
R2,bias,2k,,first audio
R3,anode-load,47k,,first audio
R4,grid-leak,470k,,output
R5,bias,270,2 W,output`;
const TUBES = `position,type,work
V1,6J5,first audio
V2,6V6,output
V3,5Y3GT,rectifier`;
const WINDINGS = `winding,from,to,ohms
T1 HT,a,centre,120
L1 choke,C1,C2,400
T2 output primary,plate,C2,350`;

async function paste(page: Page, tab: RegExp, csv: string): Promise<void> {
  await page.getByRole("tab", { name: tab }).click();
  await page.getByRole("button", { name: "Paste or drop a CSV" }).click();
  await page.getByLabel("The table as text").fill(csv);
  await page.getByRole("button", { name: /^Save \d+ / }).click();
  await expect(page.getByRole("grid")).toBeVisible();
}

async function openTable(page: Page, model: RegExp, table: RegExp): Promise<void> {
  await page.goto("/reference");
  await page.getByRole("link", { name: model }).click();
  await page.getByRole("tab", { name: table }).click();
}

/** Reads a point on the Readings plate and waits for its entry. */
async function read(page: Page, point: string, volts: string): Promise<void> {
  await reading(page, point).fill(volts);
  await reading(page, point).press("Enter");
  await expect(
    tape(page)
      .getByText(new RegExp(`^${point.replace("+", "\\+")}`))
      .first(),
  ).toBeVisible();
}

test("a net is checked beside its rows, and stands beside the chart", async ({ page }) => {
  await openTable(page, /Fjord/, /^Net/);
  await expect(net(page).getByLabel("part, row 1", { exact: true })).not.toHaveValue("");
  // A part across nothing is said at its row.
  const from = await net(page).getByLabel("from, row 3", { exact: true }).inputValue();
  await net(page).getByLabel("to, row 3", { exact: true }).fill(from);
  await expect(
    net(page)
      .getByText(/both ends/i)
      .first(),
  ).toBeVisible();
  await page.getByRole("button", { name: "Undo what is not saved" }).click();
  await expectAccess(page, "the net of a model");
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export a SPICE netlist" }).click();
  const netlist = await readFile(await (await saved).path(), "utf8");
  expect(netlist).toContain(".subckt T_UL41 p s g k");
  expect(netlist).toMatch(/^R5 v4_cathode 0 140$/m);
  // It comes back, and what is no part of a net is listed.
  await page.getByRole("button", { name: "Take a netlist in" }).click();
  const coming = page.getByRole("region", { name: "A netlist" });
  await coming.getByLabel("The netlist (.cir)").fill(`${netlist}\n.tran 1u 1m\nR99 9 0 47k\n`);
  await expect(coming.getByText(".tran 1u 1m", { exact: true })).toBeVisible();
  await expect(coming.getByText(/Not in the parts of the sheet yet: .*R99/)).toBeVisible();
  await coming.getByRole("button", { name: "Close" }).click();
  // The chart beside what the net gives, for a line and a meter of one's choice.
  await page.getByRole("tab", { name: /^Chart/ }).click();
  const by = page.getByRole("region", { name: "By the net" });
  await expect(by.getByText(/Chart and net agree at 5 of 5 points/)).toBeVisible();
  await expect(by.getByRole("listitem").filter({ hasText: "V4 cathode" })).toContainText("chart 8.9 V");
  await by.getByLabel("Line, V").fill("110");
  await expect(by.getByText(/disagree at/)).toBeVisible();
  // Another resistor in the cathode of the output tube: its volts and its watts before the iron is warm.
  const whatIf = page.getByRole("region", { name: "What if" });
  await whatIf.getByLabel("Part or tube").fill("R5");
  await whatIf.getByLabel("becomes").fill("soft");
  await expect(whatIf.getByRole("alert")).toBeVisible();
  await whatIf.getByLabel("becomes").fill("220");
  await expect(whatIf.getByRole("listitem").filter({ hasText: "V4 cathode" })).toContainText(
    /8\.\d+ V →\s*1\d\.?\d* V/,
  );
  await expect(whatIf.getByText(/^V4: plate .* of 9 W/)).toBeVisible();
  await by.getByLabel("Meter").fill("no idea");
  await expect(by.getByText(/11 MΩ, or 1000 Ω\/V/)).toBeVisible();
});

test("an amplifier from its drawing: net proposed, chart computed, a doubled resistor named", async ({ page }) => {
  const name = `Amplifier ${Date.now()}`;
  await page.goto("/sets/new");
  await page.getByLabel("Owner", { exact: true }).fill("Callum Rafferty");
  await page.getByLabel("Maker and model").fill(`Pemberlake ${name}`);
  await page.getByLabel("Serial number").fill(name);
  await page.getByLabel("What it is").fill("Two-tube amplifier");
  await page.getByLabel("Complaint, in the owner's words").fill("weak");
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByRole("heading", { name: /^Bench, job \d+$/ })).toBeAttached();
  const bench = page.url();
  await page.goto("/reference");
  await page.getByRole("link", { name: new RegExp(name) }).click();
  await page.getByLabel("HT secondary, V rms").fill("260");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Saved: every set of this model follows.")).toBeVisible();
  await paste(page, /^Tubes/, TUBES);
  await paste(page, /^Parts/, PARTS);
  await paste(page, /^Windings/, WINDINGS);
  await page.getByRole("tab", { name: /^Net/ }).click();
  const proposal = page.getByRole("region", { name: "Proposed net" });
  await expect(proposal.getByText("From the plate before to the grid of V2.")).toBeVisible();
  // Until the windings have come back with the page, the proposal knows of no choke and has one rail alone.
  await expect(proposal).toContainText("B+");
  await proposal.getByRole("button", { name: /^Take \d+ rows into the table/ }).click();
  await page.getByRole("button", { name: "Save net" }).click();
  await expect(page.getByText("Saved: every set of this model follows.")).toBeVisible();
  // The chart that nobody has.
  await page.getByRole("tab", { name: /^Chart/ }).click();
  await page.getByRole("button", { name: /^Take \d+ points into the chart/ }).click();
  await page.getByRole("button", { name: "Save chart" }).click();
  await expect(page.getByText("Saved: every set of this model follows.")).toBeVisible();
  await expect(page.getByText(/Chart and net agree at (\d+) of \1 points/)).toBeVisible();
  // R5 is 540 Ω in place of 270: four points say so.
  await page.goto(bench);
  await madeSafe(page);
  await step(page, "Baseline").click();
  await page.getByLabel("Meter", { exact: true }).fill("Bench digital");
  for (const [point, volts] of [
    ["B+", "274"],
    ["V1 plate", "146"],
    ["V2 plate", "263"],
    ["V2 cathode", "17.4"],
  ] as const)
    await read(page, point, volts);
  await expect(explains(page).getByRole("listitem").first()).toContainText(/R5 has drifted to about 5\d\d Ω/);
});

test("volts that were read are explained: the part, how bad, how well it fits, what to measure next", async ({
  page,
}) => {
  await takeIn(page, "Halvane 537", "distorted as it warms up");
  await madeSafe(page);
  await step(page, "Baseline").click();
  await expect(explains(page)).toContainText("Read two or three points");
  await page.getByLabel("Meter", { exact: true }).fill("Bench digital");
  for (const [point, volts] of [
    ["B+", "247"],
    ["V3 plate", "46"],
    ["V4 plate", "227"],
    ["V4 cathode", "16.2"],
  ] as const)
    await read(page, point, volts);
  await expect(explains(page).getByRole("status")).toContainText("4 readings, each part tried in the circuit");
  const first = explains(page).getByRole("listitem").first();
  await expect(first).toContainText(/C14 leaks, about \d/);
  await expect(first.getByRole("row", { name: /V4 cathode/ })).toContainText("16.2 V");
  await expect(explains(page)).toContainText(/Measure V4 grid next|V4 is driven up/);
  await expect(explains(page)).toContainText("It measures nothing");
  await expectAccess(page, "readings explained");
  // The same on Find, without its being asked for.
  await step(page, "Find").click();
  await expect(explains(page).getByRole("listitem").first()).toContainText(/C14 leaks/);
  // And it is evidence for the search, once for all volts together.
  const causes = page.getByRole("region", { name: "Likely causes" });
  const leak = causes.getByRole("listitem").first();
  await expect(leak).toContainText("Coupling capacitor leaks (C14)");
  await leak.locator("summary").first().click();
  await expect(leak).toContainText("All volts that were read together, by the set’s net");
});

test("the circuit is drawn stage by stage: a part tells its load, a node opens its reading", async ({ page }) => {
  await openTable(page, /Fjord/, /^Drawing/);
  const circuit = page.getByRole("region", { name: "Circuit" });
  const output = circuit.getByRole("group", { name: /^Circuit of V4 UL41/ });
  await expect(output.getByRole("button", { name: /^V4 cathode, by the net 8\.\d+ V/ })).toBeVisible();
  await expect(circuit.getByText("B− may be live")).toBeVisible();
  // By key: what lies across a part, beside what it is made for.
  await output.getByRole("button", { name: /^C7/ }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "C7" })).toContainText(
    /from V3 plate to V4 grid: .* across it, at most .* It is made for/,
  );
  await output.getByRole("button", { name: "V4", exact: true }).click();
  await expect(page.getByRole("status").filter({ hasText: "V4 dissipates" })).toContainText(/of 9 W/);
  await expectAccess(page, "the drawing of a circuit");
  const saved = page.waitForEvent("download");
  await circuit.getByRole("button", { name: "SVG" }).click();
  const svg = await readFile(await (await saved).path(), "utf8");
  expect(svg).toMatch(/^<svg xmlns/);
  expect(svg).toContain("B−");
  expect(svg).toContain("V4 UL41");

  await takeIn(page, "Halvane 537", "weak");
  await madeSafe(page);
  await step(page, "Baseline").click();
  await page.getByLabel("Meter", { exact: true }).fill("Bench digital");
  await page.getByRole("button", { name: "Circuit", exact: true }).click();
  await page.getByRole("button", { name: /^V4/ }).first().click();
  await page.getByRole("button", { name: /^V4 cathode, by the net/ }).click();
  await read(page, "V4 cathode", "16.2");
  await expect(page.getByRole("button", { name: /^V4 cathode, .*read 16\.2 V, out/ })).toBeVisible();
  // A part tells what became of it.
  await write(page, "R8 replaced -> 470k 1W carbon film", "R8");
  await page.getByRole("button", { name: /^R8, / }).click();
  await expect(page.getByRole("list", { name: "R8 so far" })).toContainText("470");
  await expect(page.getByRole("button", { name: /^R8, .*replaced/ })).toBeVisible();
  // A node that the chart does not have is a point of this pass.
  await page.getByRole("button", { name: /^V4 grid/ }).click();
  await read(page, "V4 grid", "2.1");
  await expect(page.getByRole("button", { name: /^V4 grid, .*read 2\.1 V/ })).toBeVisible();
  // The coupling capacitor comes from the tube before: the flag goes there.
  await page.getByRole("button", { name: "V3 plate goes on at V3 plate" }).click();
  await expect(page.getByRole("group", { name: /^Circuit of V3 6Q7/ })).toBeVisible();
  await expectAccess(page, "readings on the drawing");
  await page.getByRole("button", { name: "Table", exact: true }).click();
  await expect(reading(page, "B+")).toBeVisible();
});

test("the circuit speaks on the plates: ohms, B+ on the way up, ratings, a tube in its set", async ({ page }) => {
  await takeIn(page, "Halvane 537", "hums");
  await madeSafe(page);
  await step(page, "Make safe").click();
  await plate(page)
    .getByRole("button", { name: /^Ohms by the net at \d+ points/ })
    .click();
  const grid = plate(page).getByRole("row", { name: /^V4 grid to chassis/ });
  await expect(grid).toContainText("470");
  await reading(page, "V4 grid to chassis").fill("180k");
  await reading(page, "V4 grid to chassis").press("Enter");
  await expect(grid).toContainText("low");

  await step(page, "First power").click();
  await plate(page).getByRole("button", { name: "Variac, in steps" }).click();
  await plate(page)
    .getByRole("button", { name: /^Rectifier in, 173 V/ })
    .click();
  await expect(
    plate(page).getByText(/^By the net B\+ 2\d\d V while the tubes are cold, then \d+ V at \d+ mA/),
  ).toBeVisible();

  await step(page, "Fix").click();
  await expect(plate(page).getByText("Ratings by the set’s net.")).toBeVisible();
  await plate(page).getByRole("button", { name: /^C14/ }).first().click();
  await expect(
    plate(page)
      .getByText(/V or more: line high, tubes cold, by the set's net/)
      .first(),
  ).toBeVisible();

  await plate(page).getByRole("tab", { name: "Tubes" }).click();
  await plate(page).getByRole("button", { name: /^V4/ }).click();
  await plate(page).getByRole("tab", { name: "Bias" }).click();
  await expect(plate(page).getByRole("region", { name: "V4 in its circuit" })).toContainText(
    /plate 4\d\.?\d* mA.* of 12 W/,
  );
  await expectAccess(page, "a tube in its circuit");
  await plate(page).getByRole("tab", { name: "Heaters" }).click();
  await expect(plate(page).getByText(/By the net the highest cathode is that of V4/)).toBeVisible();
});

test("a wrong tube in a series string is named from the volts across its heaters", async ({ page }) => {
  await takeIn(page, "Norrvik U48", "one tube glows too bright");
  await madeSafe(page);
  await step(page, "Fix").click();
  await plate(page).getByRole("tab", { name: "Heaters" }).click();
  // A heater of 70 mA at V2: it glows far brighter, the others are a little dark.
  for (const [position, volts] of [
    ["V1", "12.9"],
    ["V2", "30.5"],
    ["V3", "12.9"],
  ] as const)
    await plate(page).getByLabel(`Measured across ${position}`).fill(volts);
  await expect(plate(page).getByRole("status").filter({ hasText: "These volts fit a heater of" })).toContainText(
    "at V2",
  );
});
