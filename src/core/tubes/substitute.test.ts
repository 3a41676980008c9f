import { describe, expect, it } from "vitest";
import { judgeSubstitute, pinoutOf, rewiring, silicon, substitutes, tubeType, tubeTypes, ANSWERS, type Place } from ".";

const type = (name: string) => tubeType(name)!;
const output: Place = {
  position: "V4",
  original: type("6V6"),
  feed: { wiring: "parallel", volts: 6.3, loadAmps: 1.65 },
  plateVolts: 245,
  screenVolts: 250,
  cathodeOhms: 250,
};
const rectifier: Place = {
  position: "V5",
  original: type("5Y3"),
  feed: { wiring: "parallel", volts: 5, loadAmps: 2 },
  supplyRms: 300,
  loadAmps: 0.07,
  bplus: 260,
  firstFarads: 16e-6,
  capacitors: [
    { designator: "C1", volts: 450 },
    { designator: "C11", volts: 400 },
  ],
};
const line = (place: Place, name: string, what: string | RegExp) =>
  judgeSubstitute(place, type(name)).lines.find((one) => one.what.match(what));

describe("another tube in place of a 6V6", () => {
  it("goes straight in as its later edition", () => {
    expect(judgeSubstitute(output, type("6V6GTA")).answer).toBe("drop-in");
  });
  it("is a 6F6 with a caution: heater, and another cathode resistor", () => {
    const found = judgeSubstitute(output, type("6F6"));
    expect(found.rewiring.moves).toEqual([]);
    expect(line(output, "6F6", "heater")?.note).toContain("250 mA more");
    // 16.5 V over 40.5 mA is 407 Ω against 250 Ω.
    expect(found.bias?.ohms).toBeCloseTo(407.4, 1);
    expect(line(output, "6F6", "grid bias")).toMatchObject({ verdict: "rewiring" });
  });
  it("is a 6AQ5 only on another socket, wire by wire", () => {
    const found = judgeSubstitute(output, type("6AQ5"));
    expect(found.answer).toBe("rewiring");
    expect(found.rewiring.otherSocket).toBe(true);
    expect(found.rewiring.moves).toContain("plate: from pin 3 to pin 5");
    expect(found.rewiring.moves).toContain("control grid: from pin 5 to pin 1 and pin 7");
  });
  it("is no 12V6 on a 6.3 V winding, and no 50L6", () => {
    expect(judgeSubstitute(output, type("12V6GT")).answer).toBe("no");
    expect(judgeSubstitute(output, type("50L6")).answer).toBe("no");
  });
  it("is no tube that stands less than what the set puts on it", () => {
    expect(line({ ...output, plateVolts: 360 }, "6V6GTA", /plate volts/)?.verdict).toBe("no");
  });
  it("is nothing of another function", () => {
    const found = substitutes(output);
    expect(found.some(({ candidate }) => candidate.kind === "converter")).toBe(false);
    expect(found.map(({ answer }) => ANSWERS.indexOf(answer))).toEqual(
      found.map(({ answer }) => ANSWERS.indexOf(answer)).toSorted((a, b) => a - b),
    );
    expect(found[0]?.candidate.type).toBe("6V6GTA");
  });
});

describe("a tube in a series string", () => {
  const others = ["UCH42", "UBC41", "UL41", "UY41"].map((name, index) => ({
    position: `V${index}`,
    type: name,
    heater: type(name).heaters[0]!,
  }));
  const place: Place = {
    position: "V2",
    original: type("UF41"),
    feed: { wiring: "series", line: 220, dropperOhms: 1034, others },
    plateVolts: 163,
  };
  it("of the same pins and another current is no: the EF41 would starve", () => {
    const heater = line(place, "EF41", "heater");
    expect(heater?.verdict).toBe("no");
    expect(heater?.note).toContain("instead of 6.3 V");
  });
  it("of the right current and another voltage says what happens to the dropper", () => {
    // 19 V instead of 12.6 V: 64 Ω less dropper.
    expect(line(place, "UF85", "heater")?.note).toContain("Take 64 Ω from the dropper");
    expect(judgeSubstitute(place, type("UF85")).answer).toBe("rewiring");
  });
});

describe("another rectifier", () => {
  it("lets B+ rise where it drops less, and says by how much", () => {
    // 70 mA: 5Y3 60·(70/125)^(2/3) = 40.8 V, GZ34 17·(70/225)^(2/3) = 7.8 V.
    const found = line(rectifier, "GZ34", /^drop/);
    expect(found?.note).toContain("33 V");
    expect(found?.note).toContain("293 V");
  });
  it("with a filament puts the peak on every capacitor before the tubes draw: 424 V on a 400 V part is no", () => {
    const slow = { ...rectifier, original: type("5V4G") };
    const found = line(slow, "5U4G", "warm-up");
    expect(found?.verdict).toBe("no");
    expect(found?.note).toContain("C11 (400 V)");
    const rated = { ...slow, capacitors: [{ designator: "C1", volts: 450 }] };
    expect(line(rated, "5U4G", "warm-up")?.verdict).toBe("caution");
  });
  it("that lifts B+ above a capacitor's rating is no, and names it", () => {
    const tight = { ...rectifier, capacitors: [{ designator: "C7", volts: 275 }] };
    expect(line(tight, "GZ34", /^drop/)).toMatchObject({
      verdict: "no",
      note: expect.stringContaining("C7 is rated 275 V"),
    });
  });
  it("with a smaller first capacitor wants that one changed", () => {
    expect(line(rectifier, "5V4G", /first capacitor/)).toMatchObject({ verdict: "rewiring" });
    expect(line({ ...rectifier, firstFarads: 10e-6 }, "5V4G", /first capacitor/)).toMatchObject({ verdict: "drop-in" });
  });
  it("that cannot give the current or stand the peak inverse is no", () => {
    expect(line({ ...rectifier, loadAmps: 0.12 }, "6X5", "current")?.verdict).toBe("no");
    expect(line({ ...rectifier, supplyRms: 550 }, "5V4G", /peak inverse/)?.verdict).toBe("no");
  });
  it("of silicon is said to have no warm-up and no drop", () => {
    const lines = silicon(rectifier);
    expect(lines.find(({ what }) => what === "warm-up")).toMatchObject({ verdict: "no" });
    expect(lines.find(({ what }) => what.startsWith("drop"))?.note).toContain("40 V");
  });
});

describe("rewiring", () => {
  it("of a diagram to itself is nothing", () => {
    for (const tube of tubeTypes())
      expect(rewiring(tube.pinout, tube.pinout), tube.type).toMatchObject({
        otherSocket: false,
        moves: [],
        missing: [],
        extra: [],
      });
  });
  it("names electrodes that the other tube lacks", () => {
    expect(rewiring(pinoutOf("8Q"), pinoutOf("6Q")).missing).toEqual(["d2", "d1"]);
  });
});

describe("every type", () => {
  it("is its own drop-in in a place made for it", () => {
    for (const tube of tubeTypes()) {
      const place: Place = {
        position: "V1",
        original: tube,
        feed: { wiring: "parallel", volts: tube.heaters[0]?.volts ?? 6.3, loadAmps: tube.heaters[0]?.amps ?? 0 },
      };
      expect(judgeSubstitute(place, tube).answer, tube.type).toBe("drop-in");
    }
  });
});
