import { describe, expect, it } from "vitest";
import { coldChecks, makeSafeList, powerPlan, type Method, type PowerPlan } from ".";
import { SHEET } from "../fixtures";
import type { Sheet, Supply } from "../model";

const line = { volts: 230, hz: 50 };
const set = (extra: Partial<Sheet>): Sheet => ({ ...SHEET, cautions: [], ...extra });
const lantern = set({
  watts: 68,
  highestVolts: 380,
  tubes: [
    { position: "V4", type: "6V6", work: "output" },
    { position: "V5", type: "5Y3", work: "rectifier" },
  ],
  points: [
    { point: "B+", quantity: "voltage", expected: 255, withLine: true },
    { point: "Heaters", quantity: "voltage", expected: 6.3, withLine: true },
  ],
});
const fjord = set({
  supply: "live-chassis",
  lineVolts: 220,
  taps: [110, 220],
  watts: 45,
  tubes: ["UCH42", "UF41", "UBC41", "UL41", "UY41"].map((type, n) => ({
    position: `V${n + 1}`,
    type,
    work: type === "UY41" ? "rectifier" : "",
  })),
});
const skipper = set({ supply: "low-voltage", lineVolts: 9, highestVolts: 9, watts: 0.27, tubes: [], points: [] });
const promenade = set({
  supply: "battery",
  lineVolts: 90,
  highestVolts: 90,
  watts: 0.9,
  tubes: ["DK96", "DF96", "DAF96", "DL96"].map((type, n) => ({ position: `V${n + 1}`, type, work: "" })),
});
const plan = (sheet: Sheet, policy: "reliability" | "original" | "museum" = "original", method?: Method): PowerPlan =>
  powerPlan({ sheet, policy, method, tap: sheet.lineVolts, line });

describe("the plan of a power-up", () => {
  it("takes the rectifier out first, then in, at 25, 50, 75 and 100 % of the line", () => {
    const { steps, method, prepare } = plan(lantern);
    expect(method).toBe("variac");
    expect(steps.map(({ stage, fraction }) => [stage, fraction])).toEqual([
      ...[0.25, 0.5, 0.75, 1].map((f) => ["rectifier-out", f]),
      ...[0.25, 0.5, 0.75, 1].map((f) => ["rectifier-in", f]),
    ]);
    expect(prepare.join(" ")).toContain("V5 5Y3");
    // 68 W / (230 V × 0.9) = 0.3285 A; half of it, and half more, at half line
    const half = steps[5];
    expect(half?.volts).toBe(115);
    expect(half?.amps).toBeCloseTo(0.1643, 4);
    expect(half?.stopAmps).toBeCloseTo(0.2464, 4);
    expect(half?.bplus?.[0]).toBe(0);
    expect(steps[0]?.measures).toEqual(["amps", "heaters"]);
    expect(steps[0]?.heatersOnlyAmps).toBeLessThan(steps[0]?.amps ?? 0);
  });

  it("does not say what rectifies while the sheet lists no tubes", () => {
    const said = (sheet: Sheet) => plan(sheet).prepare.join(" ");
    expect(said({ ...lantern, tubes: [] })).toContain("look what rectifies");
    expect(said({ ...lantern, tubes: [] })).not.toContain("is solid state");
    expect(said({ ...lantern, tubes: lantern.tubes.filter(({ position }) => position !== "V5") })).toContain(
      "is solid state",
    );
  });

  it("leaves the rectifier of a string in its place, behind an isolation transformer", () => {
    const { steps, prepare } = plan(fjord);
    expect(new Set(steps.map((step) => step.stage))).toEqual(new Set(["all-in"]));
    expect(prepare.join(" ")).toMatch(/Isolation transformer.*part of the string/);
  });

  it("goes straight on through a lamp where the policy wants it, and then without", () => {
    const { method, steps, lamp, prepare } = plan(lantern, "reliability");
    expect([method, lamp?.watts]).toEqual(["lamp", 100]);
    expect(steps.map((step) => step.key)).toEqual(["lamp-in", "lamp-out"]);
    expect(steps[0]?.measures).toContain("lamp");
    expect(steps[0]?.bplus).toBeUndefined();
    expect(prepare[0]).toContain("100 W");
    expect(plan(lantern, "reliability", "variac").method).toBe("variac");
  });

  it("holds longer for a museum", () => {
    const hold = (policy: "original" | "museum") => plan(lantern, policy).steps.at(-1)?.holdSeconds ?? 0;
    expect(hold("museum")).toBeGreaterThan(hold("original"));
  });

  it("gives a transistor set a supply with a limit, and says why no variac", () => {
    const { method, not, why, steps } = plan(skipper, "original", "variac");
    expect(method).toBe("bench-supply");
    expect(not).toContain("Not a variac");
    // 0.27 W / 9 V = 30 mA, × 1.25
    expect(why).toContain("38 mA");
    expect(steps.at(-1)).toMatchObject({ volts: 9 });
  });

  it("lights the filaments of a portable first, then brings the plates up", () => {
    const { method, steps, not, prepare } = plan(promenade, "museum");
    expect(method).toBe("eliminator");
    expect(steps[0]).toMatchObject({ stage: "filaments", volts: 1.4 });
    // 3 × 25 mA + 50 mA
    expect(steps[0]?.amps).toBeCloseTo(0.125, 6);
    expect(prepare[0]).toContain("160 mA");
    expect(steps.slice(1).map((step) => step.volts)).toEqual([45, 67.5, 90]);
    expect(not).toContain("burn out at once");
  });

  it("expects no current where the model has no watts, and says so", () => {
    const { watts: _watts, ...rest } = lantern;
    const { steps, noWatts } = plan(rest);
    expect(noWatts).toBe(true);
    expect(steps[0]).not.toHaveProperty("amps");
    // A receiver draws less than four times its heaters.
    expect(steps.at(-1)?.stopAmps).toBeLessThan(300 / 230);
  });

  it("uses the tap: on 110 V twice the current of 220 V", () => {
    const at = (tap: number) => powerPlan({ sheet: fjord, policy: "original", tap, line: { volts: tap, hz: 50 } });
    expect(at(110).steps.at(-1)?.amps).toBeCloseTo((at(220).steps.at(-1)?.amps ?? 0) * 2, 9);
    expect(at(110).steps.at(-1)?.volts).toBe(110);
  });
});

describe("the make-safe list", () => {
  const keys = (sheet: Sheet, year: number | null = 1950) => makeSafeList(sheet, year).map((item) => item.key);
  it("is that of the set", () => {
    expect(keys(lantern)).toEqual(
      expect.arrayContaining(["unplugged", "discharged", "residual", "lead", "fuse", "tubes", "speaker", "materials"]),
    );
    expect(keys(fjord)).toEqual(expect.arrayContaining(["isolation", "knobs", "polarity"]));
    expect(keys(set({ supply: "high-voltage" }))).toEqual(expect.arrayContaining(["interlock", "load"]));
    expect(keys(promenade)).toContain("plugs");
    expect(keys(skipper, 1961)).toEqual(["unplugged", "foreign", "burnt"]);
  });
  it("wants a measurement wherever charge can stay", () => {
    const supplies: Supply[] = ["transformer", "live-chassis", "battery", "high-voltage"];
    for (const supply of supplies)
      expect(
        makeSafeList(set({ supply, highestVolts: 300 }), null).find((item) => item.key === "residual")?.limitVolts,
      ).toBe(60);
  });
  it("works out the fuse and the discharge resistor", () => {
    const text = makeSafeList(lantern, 1937)
      .map((item) => item.text)
      .join(" ");
    expect(text).toContain("draws about 330 mA");
    expect(text).toContain("4.7 kΩ");
  });
  it("brings the model's own cautions", () => {
    const own = makeSafeList(set({ cautions: [{ step: "make-safe", text: "glass first" }] }), null).at(-1);
    expect(own).toMatchObject({ text: "glass first", learnt: true });
  });
});

describe("the cold checks", () => {
  const points = (sheet: Sheet) => coldChecks(sheet).map((one) => one.point);
  it("ask for primary, B+, windings, and every heater", () => {
    const windings = [{ winding: "T1 HT", from: "4", to: "5", ohms: 280, group: "HT halves" }];
    expect(points({ ...lantern, windings })).toEqual([
      "Mains primary",
      "B+ to chassis",
      "T1 HT, 4 to 5",
      "V4 heater cold",
      "V5 heater cold",
    ]);
    const own = [{ winding: "T1 primary", from: "1", to: "2", ohms: 24 }];
    expect(points({ ...lantern, windings: own })).not.toContain("Mains primary");
  });
  it("take a string as one, without its dropper", () => {
    const string = coldChecks(fjord).find((one) => one.point === "Heater string cold");
    expect(string?.expected?.value).toBeCloseTo(1166, 6);
    expect(points(skipper)).toEqual(["Supply to earth rail"]);
  });
});
