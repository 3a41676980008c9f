import { describe, expect, it } from "vitest";
import { inCircuit } from ".";
import { SHEET } from "../fixtures";

const sheet: typeof SHEET = {
  ...SHEET,
  components: [
    { designator: "R8", role: "grid-leak", drawn: "470k", stage: "output" },
    { designator: "R4", role: "grid-leak", drawn: "1 meg", stage: "AVC" },
  ],
};

describe("a value in its circuit", () => {
  it("says how low a coupling capacitor passes: 47 nF with 470 kΩ is 7.2 Hz", () => {
    expect(inCircuit({ role: "coupling", stage: "output" }, sheet, 47e-9)).toBe(
      "With R8 (470 kΩ) it is 3 dB down at 7.2 Hz.",
    );
  });
  it("says how slow an AVC line is: 0.05 µF with 1 MΩ is 50 ms", () => {
    expect(inCircuit({ role: "avc", stage: "AVC" }, sheet, 50e-9)).toBe("With R4 (1 MΩ) a time constant of 50 ms.");
  });
  it("takes the feed of an AVC line before a grid leak of its stage", () => {
    const fed: typeof SHEET = {
      ...sheet,
      components: [...sheet.components, { designator: "R5", role: "avc", drawn: "2 meg", stage: "AVC" }],
    };
    expect(inCircuit({ role: "avc", stage: "AVC" }, fed, 50e-9)).toBe("With R5 (2 MΩ) a time constant of 100 ms.");
  });
  it("says nothing where the resistor is not on the sheet", () => {
    expect(inCircuit({ role: "coupling", stage: "mixer" }, sheet, 47e-9)).toBeUndefined();
    expect(inCircuit({ role: "decoupling", stage: "output" }, sheet, 47e-9)).toBeUndefined();
    expect(inCircuit({ role: "coupling", stage: "output" }, sheet, 0)).toBeUndefined();
    const only = (one: (typeof SHEET.components)[number]) => ({ ...sheet, components: [one] });
    const coupling = { role: "coupling", stage: "output" } as const;
    const other = { designator: "R1", role: "anode-load", drawn: "100k", stage: "output" } as const;
    expect(inCircuit(coupling, only(other), 47e-9)).toBeUndefined();
    const unread = { designator: "R8", role: "grid-leak", drawn: "see text", stage: "output" } as const;
    expect(inCircuit(coupling, only(unread), 47e-9)).toBeUndefined();
    const choke = { designator: "L8", role: "grid-leak", drawn: "2 H", stage: "output" } as const;
    expect(inCircuit(coupling, only(choke), 47e-9)).toBeUndefined();
    const none = { designator: "R8", role: "grid-leak", drawn: "0 ohm", stage: "output" } as const;
    expect(inCircuit(coupling, only(none), 47e-9)).toBeUndefined();
  });
});
