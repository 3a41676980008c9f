import { describe, expect, it } from "vitest";
import {
  heaterTolerance,
  judgeSubstitute,
  pinoutOf,
  rewiring,
  silicon,
  substitutes,
  tubeType,
  tubeTypes,
  ANSWERS,
  type Place,
} from ".";

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

/** A place for a tube by itself, on a winding of so many volts. */
const at = (name: string, volts = 6.3, more: Partial<Place> = {}): Place => ({
  position: "V1",
  original: type(name),
  feed: { wiring: "parallel", volts, loadAmps: 3, ratedAmps: 5 },
  ...more,
});
const moves = (place: Place, name: string) => judgeSubstitute(place, type(name)).rewiring.moves.join("; ");

describe("by function, not by number of pin or grid", () => {
  it("a tapped heater on 6.3 V in the place of a plain one is rewiring: it would get half", () => {
    for (const [plain, tapped] of [
      ["6CG7", "12AU7"],
      ["ECC88", "12AT7"],
      ["6BQ7A", "5814A"],
    ] as const) {
      expect(moves(at(plain), tapped)).toContain("heater: join pin 4 and pin 5 and feed them against pin 9");
      expect(["rewiring", "no"]).toContain(judgeSubstitute(at(plain), type(tapped)).answer);
      expect(moves(at(tapped), plain)).toContain("heater: feed pin 4 against pin 5");
    }
    expect(moves(at("12AX7"), "12AY7")).toBe("");
    expect(moves(at("12AX7", 12.6), "12AY7")).toBe("");
  });
  it("a suppressor with a pin of its own is tied where the old tube had it inside", () => {
    expect(moves(at("6L6GC"), "EL34")).toContain("suppressor: tie pin 1 to the cathode");
    expect(moves(at("EL34"), "6L6GC")).not.toContain("suppressor");
  });
  it("converters by what their grids do: a 6A8 works in the socket of a 6K8, a 6L7 has no oscillator", () => {
    expect(moves(at("6K8"), "6A8")).toBe("");
    expect(moves(at("6A8"), "6K8")).toBe("");
    expect(line(at("6K8"), "6L7", "base and pins")).toMatchObject({
      verdict: "no",
      note: expect.stringContaining("oscillator grid"),
    });
    expect(moves(at("6A8"), "6SA7")).toContain("oscillator plate: the new tube has none");
    expect(moves(at("6K8"), "ECH81")).toContain("injection grid: tie pin 7 to the oscillator grid");
    expect(moves(at("6SA7"), "6BE6")).toContain("signal grid: from pin 8 to pin 7");
  });
  it("a single triode for half a double one is a question of which half is used", () => {
    const found = judgeSubstitute(at("6SN7"), type("6J5"));
    expect(found.answer).toBe("rewiring");
    expect(found.lines.find(({ what }) => what === "systems")?.note).toContain("Are both used?");
    expect(judgeSubstitute(at("6J5"), type("6SN7")).lines.find(({ what }) => what === "systems")?.verdict).toBe(
      "caution",
    );
  });
  it("a cathode takes the place of a filament at the output of a rectifier", () => {
    expect(moves(at("5Y3", 5), "GZ34")).toBe("");
    expect(moves(at("80", 5), "83V")).toBe("");
  });
  it("the jumper of a regulator guards the set: a tube without it leaves its wires open", () => {
    expect(moves(at("0D3"), "0A2")).toContain("jumper: pin 3 and pin 7");
    expect(moves(at("0D3"), "0C3")).toBe("");
  });
  it("a type whose pins are not in the table is never said to go straight in", () => {
    expect(judgeSubstitute(at("PL81", 21.5), type("PL84")).answer).not.toBe("drop-in");
    expect(line(at("EL34"), "PL509", "base and pins")?.note).toContain("does not have the pins");
  });
});

describe("what else is compared", () => {
  it("µ of triodes: a 12AX7 in the place of a 12AU7 is more gain, although its transconductance is less", () => {
    expect(line(at("12AU7"), "12AX7", "amplification factor")).toMatchObject({
      was: "17",
      would: "100",
      note: "More gain: mind instability and overload.",
    });
    expect(line(at("12AU7"), "12AX7", "transconductance")?.note).toContain("higher plate resistance");
    expect(line(at("6SK7"), "6SJ7", "amplification factor")).toBeUndefined();
  });
  it("rms volts of a rectifier, and half the peak inverse in a bridge", () => {
    expect(line({ ...rectifier, supplyRms: 400 }, "6X4", /^rms/)?.verdict).toBe("no");
    const inverse = (circuit: Place["rectifier"]) =>
      line({ ...rectifier, supplyRms: 450, rectifier: circuit }, "6X4", /peak inverse/)?.verdict;
    // 2√2 · 450 = 1273 V against 1250 V; in a bridge 636 V
    expect([inverse("full-wave"), inverse("bridge")]).toEqual(["no", "drop-in"]);
  });
  it("the current that a regulator holds, and its volts", () => {
    expect(line(at("0D3"), "0A2", "current")).toMatchObject({ verdict: "caution", would: "5 mA to 30 mA" });
    expect(line(at("0D3", 6.3, { loadAmps: 0.035 }), "0A2", "current")?.verdict).toBe("no");
    expect(line(at("0B2"), "0C3", "regulated voltage")?.verdict).toBe("no");
  });
  it("plate and screen volts by the sheet's highest where the chart says nothing", () => {
    const amplifier = at("EL34", 6.3, { highestVolts: 480 });
    expect(line(amplifier, "6L6", /^plate volts/)).toMatchObject({ verdict: "no" });
    expect(line(amplifier, "KT88", /^plate volts/)).toMatchObject({ verdict: "drop-in" });
    // What stands on the plate of a 6V6 in that set is not the 480 V of its output stage.
    expect(line(at("6V6", 6.3, { highestVolts: 480 }), "6K6", /^plate volts/)?.verdict).not.toBe("no");
  });
  it("a cathode resistor that differs on the data sheets alone is a caution, not rewiring", () => {
    expect(line(at("6V6"), "6F6", "grid bias")?.verdict).toBe("caution");
    expect(line(at("6V6", 6.3, { cathodeOhms: 250 }), "6F6", "grid bias")?.verdict).toBe("rewiring");
  });
  it("a remark of the table, and what it is not sure of, as lines of their own", () => {
    expect(line(at("6146"), "6146B", "to mind")?.note).toContain("neutralise anew");
    expect(line(at("80", 5), "83", "to mind")?.note).toContain("mercury vapour");
    expect(line(at("5V4G", 5), "GZ32", "not sure")?.note).toContain("Look at its data sheet");
  });
  it("heaters of thoriated tubes within 5 %", () => {
    expect(heaterTolerance("811A")).toBe(0.05);
    expect(heaterTolerance("6V6")).toBe(0.1);
    expect(line(at("811A", 6.7), "812A", "heater")?.verdict).toBe("no");
    expect(line(at("6V6", 6.7), "6F6", "heater")?.verdict).not.toBe("no");
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
      // Where the pins are not in the table, not even that is said without a look at the data sheet.
      const sure = !tube.pinout.unknown;
      expect(judgeSubstitute(place, tube).answer, tube.type).toBe(sure ? "drop-in" : "caution");
    }
  });
});
