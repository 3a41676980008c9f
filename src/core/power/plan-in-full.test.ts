import { describe, expect, it } from "vitest";
import { methodsFor, powerPlan, type PlanInput, type PowerPlan } from ".";
import { SHEET } from "../fixtures";
import { SUPPLIES, type Sheet } from "../model";

/** The plans of whole sets as a technician reads them: a change of any figure or sentence shows here. */

const set = (extra: Partial<Sheet>): Sheet => ({ ...SHEET, cautions: [], ...extra });
const tubes = (...list: [string, string, string?][]) =>
  list.map(([position, type, work = ""]) => ({ position, type, work }));

const MAINS = set({
  watts: 68,
  highestVolts: 380,
  tubes: tubes(["V1", "6A8"], ["V4", "6V6", "output"], ["V5", "5Y3", "rectifier"]),
  points: [
    { point: "Heaters to chassis", quantity: "resistance", expected: 0.2, withLine: false },
    { point: "B+", quantity: "voltage", expected: 255, withLine: true },
    { point: "V4 plate", quantity: "voltage", expected: 240, withLine: true },
    { point: "Heaters", quantity: "voltage", expected: 6.3, withLine: true },
  ],
});
const SOLID = { ...MAINS, tubes: tubes(["V1", "6A8"], ["V4", "6V6", "output"]) };
const STRING = set({
  supply: "live-chassis",
  lineVolts: 220,
  watts: 45,
  tubes: tubes(["V1", "UCH42"], ["V2", "UL41"], ["V3", "UY41", "rectifier"]),
});
const TRANSMITTER = set({ supply: "high-voltage", highestVolts: 1500, watts: 400, tubes: [], points: [] });
const TRANSISTORS = set({ supply: "low-voltage", lineVolts: 9, highestVolts: 9, watts: 0.27, tubes: [], points: [] });
const PORTABLE = set({
  supply: "battery",
  lineVolts: 90,
  highestVolts: 90,
  watts: 0.9,
  tubes: tubes(["V1", "DK96"], ["V2", "DF96"], ["V3", "DAF96"], ["V4", "DL96"]),
  points: [{ point: "B+", quantity: "voltage", expected: 85, withLine: true }],
});

const figure = (value: number | undefined) => (value === undefined ? "–" : String(Math.round(value * 1000) / 1000));

function inFull(plan: PowerPlan): string {
  return [
    plan.why,
    ...(plan.not ? [`not: ${plan.not}`] : []),
    ...plan.prepare.map((text) => `before: ${text}`),
    ...plan.remarks.map((text) => `remark: ${text}`),
    ...(plan.noWatts ? ["no watts"] : []),
    ...plan.steps.map(
      (step) =>
        `${step.key}: ${figure(step.volts)} V for ${step.holdSeconds} s, ${figure(step.amps)} A (heaters ${figure(step.heatersOnlyAmps)}), stop ${figure(step.stopAmps)}, ` +
        `B+ ${step.bplus ? step.bplus.map(figure).join(" to ") : "–"}, heaters ${figure(step.heaters)} V; ${step.measures.join(" ")}; ${step.say}`,
    ),
  ].join("\n");
}

const of = (sheet: Sheet, more: Partial<PlanInput> = {}) =>
  inFull(
    powerPlan({ sheet, policy: "original", tap: sheet.lineVolts, line: { volts: sheet.lineVolts, hz: 50 }, ...more }),
  );

describe("the whole plan of", () => {
  it("a mains set with a tube rectifier, on the variac", () => {
    expect(of(MAINS)).toMatchInlineSnapshot(`
      "A slow rise lets the current speak before anything burns.
      before: Pull the rectifier (V5 5Y3); back in after the first rise.
      before: Fuse in the line, ammeter in sight, switch within reach.
      rectifier-out-25: 57.5 V for 120 s, 0.082 A (heaters 0.016), stop 0.033, B+ –, heaters 1.575 V; amps heaters; Heaters come up; nothing else may draw.
      rectifier-out-50: 115 V for 120 s, 0.164 A (heaters 0.028), stop 0.057, B+ –, heaters 3.15 V; amps heaters; Heaters come up; nothing else may draw.
      rectifier-out-75: 172.5 V for 120 s, 0.246 A (heaters 0.039), stop 0.079, B+ –, heaters 4.725 V; amps heaters; Heaters come up; nothing else may draw.
      rectifier-out-100: 230 V for 120 s, 0.329 A (heaters 0.05), stop 0.1, B+ –, heaters 6.3 V; amps heaters; Heaters on their chart value; look at every tube.
      rectifier-in-25: 57.5 V for 120 s, 0.082 A (heaters –), stop 0.123, B+ 0 to 95, heaters 1.575 V; amps bplus heaters; No B+ yet: a tube rectifier needs about half the line.
      rectifier-in-50: 115 V for 120 s, 0.164 A (heaters –), stop 0.246, B+ 0 to 190, heaters 3.15 V; amps bplus heaters; B+ comes up as the rectifier warms. Watch it and the current.
      rectifier-in-75: 172.5 V for 120 s, 0.246 A (heaters –), stop 0.37, B+ 95.625 to 285, heaters 4.725 V; amps bplus heaters; B+ comes up as the rectifier warms. Watch it and the current.
      rectifier-in-100: 230 V for 120 s, 0.329 A (heaters –), stop 0.411, B+ 191.25 to 380, heaters 6.3 V; amps bplus heaters; B+ settles as the tubes draw. Listen, smell, look at the plates."
    `);
  });
  it("the same for a museum: longer holds", () => {
    expect(of(MAINS, { policy: "museum" })).toMatchInlineSnapshot(`
      "A slow rise with long holds is gentlest on dried electrolytics.
      before: Pull the rectifier (V5 5Y3); back in after the first rise.
      before: Fuse in the line, ammeter in sight, switch within reach.
      rectifier-out-25: 57.5 V for 120 s, 0.082 A (heaters 0.016), stop 0.033, B+ –, heaters 1.575 V; amps heaters; Heaters come up; nothing else may draw.
      rectifier-out-50: 115 V for 120 s, 0.164 A (heaters 0.028), stop 0.057, B+ –, heaters 3.15 V; amps heaters; Heaters come up; nothing else may draw.
      rectifier-out-75: 172.5 V for 120 s, 0.246 A (heaters 0.039), stop 0.079, B+ –, heaters 4.725 V; amps heaters; Heaters come up; nothing else may draw.
      rectifier-out-100: 230 V for 300 s, 0.329 A (heaters 0.05), stop 0.1, B+ –, heaters 6.3 V; amps heaters; Heaters on their chart value; look at every tube.
      rectifier-in-25: 57.5 V for 300 s, 0.082 A (heaters –), stop 0.123, B+ 0 to 95, heaters 1.575 V; amps bplus heaters; No B+ yet: a tube rectifier needs about half the line.
      rectifier-in-50: 115 V for 300 s, 0.164 A (heaters –), stop 0.246, B+ 0 to 190, heaters 3.15 V; amps bplus heaters; B+ comes up as the rectifier warms. Watch it and the current.
      rectifier-in-75: 172.5 V for 300 s, 0.246 A (heaters –), stop 0.37, B+ 95.625 to 285, heaters 4.725 V; amps bplus heaters; B+ comes up as the rectifier warms. Watch it and the current.
      rectifier-in-100: 230 V for 300 s, 0.329 A (heaters –), stop 0.411, B+ 191.25 to 380, heaters 6.3 V; amps bplus heaters; B+ settles as the tubes draw. Listen, smell, look at the plates."
    `);
  });
  it("the same behind a series lamp, from the lamps of the shop", () => {
    expect(of(MAINS, { method: "lamp", lamps: [40, 150, 200] })).toMatchInlineSnapshot(`
      "Straight on through a lamp: it takes the line if the set is shorted, and shows it.
      before: Lamp of 150 W in series (the nearest in the box: the set's 68 W ask for 68 to 136 W).
      before: Fuse in the line, switch within reach.
      lamp-in: 230 V for 60 s, 0.329 A (heaters –), stop 0.411, B+ –, heaters 6.3 V; lamp amps; The lamp flares as the heaters warm, then dims. Bright after half a minute: stop.
      lamp-out: 230 V for 120 s, 0.329 A (heaters –), stop 0.411, B+ 191.25 to 380, heaters 6.3 V; amps bplus heaters; Lamp out of circuit: current and B+ at full line."
    `);
    expect(of(MAINS, { method: "lamp", lamps: [25] })).toMatchInlineSnapshot(`
      "Straight on through a lamp: it takes the line if the set is shorted, and shows it.
      before: Lamp of 25 W in series (the nearest in the box: the set's 68 W ask for 68 to 136 W).
      before: Fuse in the line, switch within reach.
      lamp-in: 230 V for 60 s, 0.329 A (heaters –), stop 0.411, B+ –, heaters 6.3 V; lamp amps; The lamp flares as the heaters warm, then dims. Bright after half a minute: stop.
      lamp-out: 230 V for 120 s, 0.329 A (heaters –), stop 0.411, B+ 191.25 to 380, heaters 6.3 V; amps bplus heaters; Lamp out of circuit: current and B+ at full line."
    `);
    expect(of(MAINS, { method: "lamp" }).split("\n")[1]).toMatchInlineSnapshot(
      `"before: Lamp of 100 W in series: the set's 68 W ask for 68 to 136 W."`,
    );
  });
  it("a set without a tube rectifier: B+ from the start", () => {
    expect(of(SOLID)).toMatchInlineSnapshot(`
      "A slow rise lets the current speak before anything burns.
      before: The rectifier is solid state: B+ follows the line at once, before any tube draws.
      before: Fuse in the line, ammeter in sight, switch within reach.
      all-in-25: 57.5 V for 120 s, 0.082 A (heaters –), stop 0.123, B+ 47.813 to 95, heaters 1.575 V; amps bplus heaters; B+ rises with the line from the start. Watch it and the current.
      all-in-50: 115 V for 120 s, 0.164 A (heaters –), stop 0.246, B+ 95.625 to 190, heaters 3.15 V; amps bplus heaters; B+ rises with the line from the start. Watch it and the current.
      all-in-75: 172.5 V for 120 s, 0.246 A (heaters –), stop 0.37, B+ 143.438 to 285, heaters 4.725 V; amps bplus heaters; B+ rises with the line from the start. Watch it and the current.
      all-in-100: 230 V for 120 s, 0.329 A (heaters –), stop 0.411, B+ 191.25 to 380, heaters 6.3 V; amps bplus heaters; B+ rises with the line from the start. Watch it and the current."
    `);
  });
  it("a live chassis, on the variac and behind a lamp: isolation first", () => {
    expect(of(STRING)).toMatchInlineSnapshot(`
      "A slow rise lets the current speak before anything burns.
      before: Isolation transformer before the variac: a variac does not isolate.
      before: The rectifier stays in: its heater is part of the string.
      before: Fuse in the line, ammeter in sight, switch within reach.
      all-in-25: 55 V for 120 s, 0.057 A (heaters –), stop 0.085, B+ 0 to 85, heaters – V; amps bplus; No B+ yet: a tube rectifier needs about half the line.
      all-in-50: 110 V for 120 s, 0.114 A (heaters –), stop 0.17, B+ 0 to 170, heaters – V; amps bplus; B+ comes up as the rectifier warms. Watch it and the current.
      all-in-75: 165 V for 120 s, 0.17 A (heaters –), stop 0.256, B+ 93.75 to 255, heaters – V; amps bplus; B+ comes up as the rectifier warms. Watch it and the current.
      all-in-100: 220 V for 120 s, 0.227 A (heaters –), stop 0.284, B+ 187.5 to 340, heaters – V; amps bplus; B+ settles as the tubes draw. Listen, smell, look at the plates."
    `);
    expect(of(STRING, { method: "lamp" })).toMatchInlineSnapshot(`
      "Straight on through a lamp: it takes the line if the set is shorted, and shows it.
      before: Lamp of 75 W in series: the set's 45 W ask for 45 to 90 W.
      before: Isolation transformer before the lamp: a lamp does not isolate.
      before: Fuse in the line, switch within reach.
      lamp-in: 220 V for 60 s, 0.227 A (heaters –), stop 0.284, B+ –, heaters – V; lamp amps; The lamp flares as the heaters warm, then dims. Bright after half a minute: stop.
      lamp-out: 220 V for 120 s, 0.227 A (heaters –), stop 0.284, B+ 187.5 to 340, heaters – V; amps bplus; Lamp out of circuit: current and B+ at full line."
    `);
  });
  it("a transmitter: no lamp, the high voltage by its own switch", () => {
    expect(of(TRANSMITTER, { method: "lamp" })).toMatchInlineSnapshot(`
      "A slow rise lets the current speak before anything burns.
      not: A series lamp cannot hold back a supply of this size.
      before: The sheet lists no tubes: look what rectifies. A tube is pulled for the first rise; without one B+ follows the line at once.
      before: Interlocks in, dummy load on, discharge stick at hand.
      before: High voltage off by its own switch until the heaters are right, where the set has one.
      before: Fuse in the line, ammeter in sight, switch within reach.
      all-in-25: 57.5 V for 120 s, 0.483 A (heaters –), stop 0.725, B+ –, heaters – V; amps bplus; B+ may rise with the line from the start. Watch it and the current.
      all-in-50: 115 V for 120 s, 0.966 A (heaters –), stop 1.449, B+ –, heaters – V; amps bplus; B+ may rise with the line from the start. Watch it and the current.
      all-in-75: 172.5 V for 120 s, 1.449 A (heaters –), stop 2.174, B+ –, heaters – V; amps bplus; B+ may rise with the line from the start. Watch it and the current.
      all-in-100: 230 V for 120 s, 1.932 A (heaters –), stop 2.415, B+ –, heaters – V; amps bplus; B+ may rise with the line from the start. Watch it and the current."
    `);
  });
  it("a transistor set, with and without known watts", () => {
    expect(of(TRANSISTORS)).toMatchInlineSnapshot(`
      "The supply's own limit stops a fault before it burns: set it to 38 mA.
      not: Not a variac: transistors are biased by the full voltage, so a slow rise proves nothing, and a variac neither limits current nor isolates.
      before: Batteries out. Polarity checked against the set's earth rail before the clips go on.
      before: Current limit at 38 mA, voltage at zero.
      all-in-50: 4.5 V for 20 s, 0.015 A (heaters –), stop 0.023, B+ –, heaters – V; amps; Nothing may run into the limit.
      all-in-75: 6.75 V for 20 s, 0.023 A (heaters –), stop 0.034, B+ –, heaters – V; amps; Nothing may run into the limit.
      all-in-100: 9 V for 60 s, 0.03 A (heaters –), stop 0.038, B+ –, heaters – V; amps; Quiescent current, volume down, no signal."
    `);
    const { watts: _watts, ...unknown } = TRANSISTORS;
    expect(of(unknown)).toMatchInlineSnapshot(`
      "The supply's own limit stops a fault before it burns: set it a little above what the set should draw.
      not: Not a variac: transistors are biased by the full voltage, so a slow rise proves nothing, and a variac neither limits current nor isolates.
      before: Batteries out. Polarity checked against the set's earth rail before the clips go on.
      no watts
      all-in-50: 4.5 V for 20 s, – A (heaters –), stop 0.417, B+ –, heaters – V; amps; Nothing may run into the limit.
      all-in-75: 6.75 V for 20 s, – A (heaters –), stop 0.556, B+ –, heaters – V; amps; Nothing may run into the limit.
      all-in-100: 9 V for 60 s, – A (heaters –), stop 0.556, B+ –, heaters – V; amps; Quiescent current, volume down, no signal."
    `);
  });
  it("a battery portable: filaments first, and no tube known", () => {
    expect(of(PORTABLE)).toMatchInlineSnapshot(`
      "Two supplies, each with its limit: 1.4 V for the filaments, 90 V for the plates.
      not: Never more than the filaments' voltage on them, not for a moment: they burn out at once. Plugs of the two batteries are not to be changed over.
      before: Filament supply 1.4 V, limit 160 mA; measured before it is connected.
      before: High-tension supply at zero, limit 13 mA, off.
      filaments-100: 1.4 V for 30 s, 0.125 A (heaters –), stop 0.156, B+ –, heaters – V; amps; Filaments alone; they hardly glow. Their current tells.
      all-in-50: 45 V for 30 s, 0.005 A (heaters –), stop 0.008, B+ –, heaters 1.4 V; amps heaters; High tension on, filaments lit.
      all-in-75: 67.5 V for 30 s, 0.008 A (heaters –), stop 0.011, B+ –, heaters 1.4 V; amps heaters; High tension on, filaments lit.
      all-in-100: 90 V for 30 s, 0.01 A (heaters –), stop 0.013, B+ –, heaters 1.4 V; amps heaters; High tension on, filaments lit."
    `);
    const { watts: _watts, ...unknown } = { ...PORTABLE, tubes: [] };
    expect(of(unknown)).toMatchInlineSnapshot(`
      "Two supplies, each with its limit: 1.4 V for the filaments, 90 V for the plates.
      not: Never more than the filaments' voltage on them, not for a moment: they burn out at once. Plugs of the two batteries are not to be changed over.
      before: Filament supply 1.4 V; measured before it is connected.
      before: High-tension supply at zero, off.
      no watts
      filaments-100: 1.4 V for 30 s, – A (heaters –), stop 3.571, B+ –, heaters – V; amps; Filaments alone; they hardly glow. Their current tells.
      all-in-50: 45 V for 30 s, – A (heaters –), stop 0.042, B+ –, heaters – V; amps; High tension on, filaments lit.
      all-in-75: 67.5 V for 30 s, – A (heaters –), stop 0.056, B+ –, heaters – V; amps; High tension on, filaments lit.
      all-in-100: 90 V for 30 s, – A (heaters –), stop 0.056, B+ –, heaters – V; amps; High tension on, filaments lit."
    `);
  });
});

it("offers the methods that suit the supply, the usual one first", () => {
  const all = SUPPLIES.map((supply) => [supply, methodsFor(supply, "reliability"), methodsFor(supply, "original")]);
  expect(all).toEqual([
    ["transformer", ["lamp", "variac"], ["variac", "lamp"]],
    ["live-chassis", ["lamp", "variac"], ["variac", "lamp"]],
    ["battery", ["eliminator"], ["eliminator"]],
    ["low-voltage", ["bench-supply"], ["bench-supply"]],
    ["high-voltage", ["variac"], ["variac"]],
  ]);
});
