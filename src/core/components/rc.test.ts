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
  it("says nothing where the resistor is not on the sheet", () => {
    expect(inCircuit({ role: "coupling", stage: "mixer" }, sheet, 47e-9)).toBeUndefined();
    expect(inCircuit({ role: "decoupling", stage: "output" }, sheet, 47e-9)).toBeUndefined();
    expect(inCircuit({ role: "coupling", stage: "output" }, sheet, 0)).toBeUndefined();
  });
});
