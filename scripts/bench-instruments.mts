import { chromium } from "playwright-core";
import { USUAL_STEADY, steadyOf, type Timed } from "@/core/instruments";
import { chanceFrom } from "@/core/diagnosis";
import { draw, MADE_UP_SETS, METER_OHMS, practiceSet, practiceWorld, probePoints } from "@/core/practice";
import { startStandIns } from "./instruments-server";
import { setWorld } from "@/core/instruments";
import { circuitSheet } from "@/core/visit";
import { setOn } from "@/server/instruments/set";
import { readFrom } from "@/server/instruments/read";
import { hangUp } from "@/server/instruments/talk";
import { KIND_PROFILES, PROFILES } from "@/core/instruments";
import { CHROMIUM } from "./chromium";

/**
 * `npm run bench:instruments`: a sweep of 60 points through the stand-ins, probes of practice circuits, and, where a demo is
 * open at `DEMO`, the time from the answer of an instrument to the verdict on the screen.
 */
const median = (all: number[]): number => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0;
const ms = (value: number): string => `${value.toFixed(2)} ms`;

async function sweep(): Promise<void> {
  const { sheet } = MADE_UP_SETS.lantern ?? {};
  const world = sheet && setWorld(circuitSheet(sheet));
  if (!sheet || !world || !PROFILES.measure) throw new Error("the Lantern has no circuit");
  const bench = await startStandIns(world, sheet);
  const at = (port: number) => ({ host: "127.0.0.1", port, standIn: true });
  const generator = { ...at(bench.generator), profile: KIND_PROFILES.generator };
  const meter = { ...at(bench.meter), profile: PROFILES.measure };
  await readFrom("meter", meter, "volts-ac");
  const { talk } = await import("@/server/instruments/talk");
  await talk(meter, 'STAN:PROB "speaker"', false);
  await setOn("generator", generator, "output", 1);
  const began = performance.now();
  for (let point = 0; point < 60; point += 1) {
    await setOn("generator", generator, "hertz", 50 * 1.1 ** point);
    const readings: Timed[] = [];
    for (;;) {
      const read = await readFrom("meter", meter, "volts-ac");
      if (!read.ok) throw new Error(read.message);
      readings.push({ at: performance.now(), value: read.value });
      // As the page has it: three readings over 80 ms within a hundredth.
      if (steadyOf(readings, { least: 3, over: 80, share: 0.01, within: 2e-4 }).value !== undefined) break;
      await new Promise((resolve) => setTimeout(resolve, 25));
    }
  }
  console.log(`A sweep of 60 points: ${((performance.now() - began) / 1000).toFixed(1)} s (goal 20 s)`);
  await hangUp();
  await bench.close();
}

function probes(): void {
  const all: number[] = [];
  for (const key of ["lantern", "fjord", "regent", "skipper", "t60", "kestrel"]) {
    const made = MADE_UP_SETS[key];
    const set = made && practiceSet(made.sheet, made.year, "2026-01-06T08:00:00.000Z");
    const chance = chanceFrom(5);
    for (let one = 0; set && one < 10; one += 1) {
      const drawn = draw(set, {}, chance);
      const world = drawn && practiceWorld(set, drawn.hidden);
      for (const point of world ? probePoints(set) : []) {
        const began = performance.now();
        world?.volts(point, METER_OHMS);
        world?.ohms(point);
        all.push(performance.now() - began);
      }
    }
  }
  console.log(
    `A probe of a practice circuit, volts and ohms: median ${ms(median(all))}, longest ${ms(Math.max(...all))} of ${all.length} (goal 30 ms)`,
  );
}

/** From the answer that makes a reading stand still to its verdict on the screen. */
async function verdicts(demo: string): Promise<void> {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${demo}/bench/1187?step=make-safe`);
  await page.locator("html[data-alive]").waitFor({ state: "attached" });
  await page.goto(`${demo}/bench/1187?step=baseline`);
  await page.locator("html[data-alive]").waitFor({ state: "attached" });
  await page.getByRole("button", { name: "New pass" }).click();
  await page.getByRole("button", { name: /^Walk with the probe/ }).click();
  const took = await page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const found: number[] = [];
        const walk = document.querySelector('[aria-label="Probe walk"]');
        let said = "";
        new MutationObserver(() => {
          const now = [...(walk?.querySelectorAll('[role="status"]') ?? [])].at(-1)?.textContent ?? "";
          if (now === said || now === "") return;
          said = now;
          const last = performance
            .getEntriesByType("resource")
            .filter(({ name }) => name.includes("/reading?"))
            .at(-1) as PerformanceResourceTiming | undefined;
          if (last) found.push(performance.now() - last.responseEnd);
        }).observe(walk ?? document.body, { subtree: true, childList: true, characterData: true });
        setTimeout(() => resolve(found), 20_000);
      }),
  );
  await browser.close();
  console.log(
    `From the answer to the verdict on the screen: median ${ms(median(took))}, longest ${ms(Math.max(...took))} of ${took.length} (goal 100 ms); readings stand still by ${USUAL_STEADY.least} over ${USUAL_STEADY.over} ms`,
  );
}

probes();
await sweep();
if (process.env.DEMO) await verdicts(process.env.DEMO);
process.exit(0);
