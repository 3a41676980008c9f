import { describe, expect, it } from "vitest";
import { nearestTypes, pinouts, rectifies, tubeType, tubeTypes } from ".";

const all = tubeTypes();
const plain = (name: string) => name.toUpperCase().replace(/[^A-Z0-9]/g, "");
const where = (broken: readonly { type: string }[]) => broken.map(({ type }) => type);

/** Heater volts that the first number of a registered name stands for (RMA designation, 1933). */
const NUMBER_MEANS: Record<string, [least: number, most: number]> = {
  "1": [1.2, 2],
  "2": [2.4, 2.6],
  "3": [2.5, 2.9],
  "5": [4.9, 5.1],
  "6": [5.9, 6.4],
  "7": [6.2, 7.1],
  "12": [12.5, 12.7],
  "14": [12.5, 14.1],
  "25": [24.9, 25.1],
  "35": [34.9, 35.1],
  "50": [49.9, 50.1],
};

describe("the tube table as a whole", () => {
  it("has more than 200 types of all families, each with a source", () => {
    expect(all.length).toBeGreaterThanOrEqual(200);
    for (const family of ["North American", "European", "transmitting"] as const)
      expect(all.filter((tube) => tube.family === family).length).toBeGreaterThan(15);
    expect(where(all.filter(({ source }) => source.length < 20))).toEqual([]);
  });

  it("gives every name to one type only", () => {
    const names = all.flatMap((tube) => [tube.type, ...tube.names].map(plain));
    expect(names.filter((name, index) => names.indexOf(name) !== index)).toEqual([]);
    for (const tube of all) for (const name of [tube.type, ...tube.names]) expect(tubeType(name)?.type).toBe(tube.type);
  });

  it("has heaters that agree with the number in a North American name", () => {
    const wrong = all.filter(({ type, heaters }) => {
      const number = /^(\d+)[A-Z]+\d/.exec(type)?.[1];
      const range = number ? NUMBER_MEANS[number] : undefined;
      return heaters.length > 0 && range && !heaters.some(({ volts }) => volts >= range[0] && volts <= range[1]);
    });
    // Industrial numbering (1942): the first figure says how strong the cathode is, not what its heater takes.
    expect(where(wrong).filter((type) => !["3B28", "2E26"].includes(type))).toEqual([]);
  });

  it("has heaters that agree with the first letter of a European name", () => {
    for (const { type, heaters } of all) {
      const letter = /^([DEPU])[A-Z]{1,3}\d/.exec(type)?.[1];
      const [heater] = heaters;
      if (!letter || !heater) continue;
      if (letter === "D")
        expect(
          heaters.some(({ volts }) => volts === 1.4),
          type,
        ).toBe(true);
      if (letter === "E") expect(heater.volts, type).toBe(6.3);
      if (letter === "P") expect(heater.amps, type).toBe(0.3);
      if (letter === "U") expect(heater.amps, type).toBe(0.1);
    }
  });

  it("gives a tapped heater the same watts both ways", () => {
    for (const { type, heaters } of all) {
      const watts = heaters.map(({ volts, amps }) => volts * amps);
      for (const one of watts) expect(one / (watts[0] ?? 1), type).toBeCloseTo(1, 2);
    }
  });

  it("has as many pins as the base, and every electrode that the kind needs", () => {
    for (const { type, pinout, kind, heaters } of all.filter((tube) => !tube.pinout.unknown)) {
      const on = pinout.pins.flatMap(({ electrodes }) => electrodes);
      const has = (pattern: RegExp) => on.some((electrode) => pattern.test(electrode));
      expect(has(/^p|^d\d/), `${type}: plate`).toBe(true);
      if (heaters.length > 0)
        expect(on.filter((electrode) => /^[hf]$/.test(electrode)).length, `${type}: heater`).toBeGreaterThan(1);
      if (/triode|pentode|tetrode|beam|converter|indicator/.test(kind))
        expect(has(/^g|^tg/), `${type}: grid`).toBe(true);
      if (/pentode|tetrode|beam/.test(kind)) expect(has(/^g2/), `${type}: screen`).toBe(true);
      if (/^diode /.test(kind)) expect(has(/^d1/), `${type}: diode`).toBe(true);
      if (heaters.length > 1) expect(has(/^ht$/), `${type}: tap`).toBe(true);
    }
    for (const { name, base, pins } of pinouts()) {
      const numbered = pins.filter(({ pin }) => /^\d/.test(pin));
      const size =
        { UX4: 4, UY5: 5, UX6: 6, UX7: 7, UX7S: 7, B7G: 7, B9G: 9, giant: 7, giant5: 5, septar: 7, noval: 9 }[
          base as string
        ] ?? 8;
      expect(numbered.length, name).toBe(size);
    }
  });

  it("operates no type beyond its own limits", () => {
    for (const { type, points, limits, kind } of all)
      for (const point of points) {
        expect(point.grid, type).toBeLessThanOrEqual(0);
        if (limits.plate) expect(point.plate, type).toBeLessThanOrEqual(limits.plate);
        if (limits.screen && point.screen) expect(point.screen, type).toBeLessThanOrEqual(limits.screen * 1.01);
        // A class C stage gives part of its input to the antenna.
        if (limits.plateWatts && !point.classC && !point.momentary)
          expect(point.plate * (point.amps ?? 0), `${type} (${kind})`).toBeLessThanOrEqual(limits.plateWatts * 1.05);
      }
  });

  it("has triodes whose amplification, transconductance and plate resistance are possible", () => {
    for (const { type, kind, points } of all)
      for (const { gm, mu } of points) {
        if (gm) expect(gm, type).toBeLessThan(0.03);
        if (gm && mu && /triode/.test(kind)) {
          const plateOhms = mu / gm;
          expect(plateOhms, type).toBeGreaterThan(200);
          expect(plateOhms, type).toBeLessThan(300_000);
        }
      }
  });

  it("has triodes whose plate resistance is µ over transconductance", () => {
    const told = all.flatMap(({ type, points }) => points.map((point) => ({ type, ...point })));
    const triodes = told.filter(({ plateOhms }) => plateOhms !== undefined);
    expect(triodes.length).toBeGreaterThan(40);
    // Sheets round each of the three: a tenth is their room.
    const wrong = triodes.filter(({ gm = 0, mu = 1, plateOhms = 0 }) => Math.abs((gm * plateOhms) / mu - 1) > 0.1);
    expect(where(wrong)).toEqual([]);
  });

  it("has twins with another heater that are equal elsewhere", () => {
    const bare = (name: string) => name.replace(/GT$|G$/, "");
    const byName = new Map(all.map((tube) => [bare(tube.type), tube]));
    const twins = all.flatMap((tube) => {
      const rest = /^6([A-Z]{1,3}\d+)$/.exec(bare(tube.type))?.[1];
      const other = rest ? byName.get(`12${rest}`) : undefined;
      return other && other.kind === tube.kind && !tube.rectifier ? [[tube, other] as const] : [];
    });
    expect(twins.length).toBeGreaterThan(15);
    for (const [six, twelve] of twins) {
      expect(twelve.pinout.name, twelve.type).toBe(six.pinout.name);
      expect(twelve.limits, twelve.type).toEqual(six.limits);
      expect(twelve.points[0], twelve.type).toEqual(six.points[0]);
    }
    for (const european of all.filter(({ type }) => /^[UP][A-Z]+\d+$/.test(type))) {
      const parallel = tubeType(`E${european.type.slice(1)}`);
      if (!parallel || parallel.type !== `E${european.type.slice(1)}`) continue;
      expect(european.kind, european.type).toBe(parallel.kind);
      expect(european.pinout.name, european.type).toBe(parallel.pinout.name);
    }
  });

  it("calls only filaments of cells a battery's, and says where it is not sure", () => {
    const battery = where(all.filter(({ traits }) => traits.some((trait) => trait.startsWith("Battery filament"))));
    expect(battery).toEqual(expect.arrayContaining(["1R5", "DK96", "3Q5GT", "30", "1C6"]));
    for (const wrong of ["3B28", "2A3", "45", "866A", "26"]) expect(battery).not.toContain(wrong);
    expect(where(all.filter(({ unsure }) => unsure)).length).toBeGreaterThan(5);
  });

  it("keeps types apart that only look alike: bases, bands of ratings, equivalents", () => {
    const base = (name: string) => tubeType(name)?.pinout.base;
    expect(["6A7", "6B7", "2A7", "2B7"].map(base)).toEqual(Array(4).fill("UX7S"));
    expect(["53", "6A6", "1625"].map(base)).toEqual(Array(3).fill("UX7"));
    expect([base("813"), base("4-125A")]).toEqual(["giant", "giant5"]);
    expect(tubeType("HL94")).toBeUndefined();
    expect([tubeType("7189")?.type, tubeType("5965")?.type]).toEqual(["7189", "5965"]);
    // ICAS: 750 V and 30 W
    expect(tubeType("807")?.limits).toMatchObject({ plate: 750, plateWatts: 30 });
    const triode = tubeType("6AS7")?.points[0];
    expect((triode?.plate ?? 0) * (triode?.amps ?? 0)).toBeCloseTo(13, 0);
  });

  it("has the types that are common and were not there", () => {
    const names =
      "6B5 UM80 PL509 EL509 AZ1 AZ41 AL4 EL3N ECH3 EBL1 ECH21 EBL21 UCH21 UBL21 EM34 EM81 UY1N VL4 EF50 E88CC PL36 PL81 1C6 34 19 0Z4 117Z3 6AF6G";
    expect(names.split(" ").filter((name) => !tubeType(name))).toEqual([]);
  });

  it("has rectifiers that stand the peak inverse of their own plate voltage", () => {
    const rectifiers = all.filter(rectifies);
    expect(rectifiers.length).toBeGreaterThan(25);
    for (const { type, rectifier, kind } of rectifiers) {
      expect(rectifier, type).toBeDefined();
      if (!rectifier?.rms) continue;
      // With a capacitor first, each plate sees twice the peak: 2·√2·rms, except where the sheet counts on a choke.
      const needed = 2 * Math.SQRT2 * rectifier.rms;
      expect(rectifier.peakInverse, `${type} ${kind}`).toBeGreaterThanOrEqual(needed * 0.95);
    }
  });
});

describe("a name", () => {
  it("finds its type by equivalents, suffixes and either case", () => {
    expect(tubeType("ecc83")?.type).toBe("12AX7");
    expect(tubeType("6V6GT/G")?.type).toBe("6V6");
    expect(tubeType("12AX7WA")?.type).toBe("12AX7");
    expect(tubeType("OA2")?.type).toBe("0A2");
    expect(tubeType("6K7GT")?.type).toBe("6K7");
    expect(tubeType("germanium")).toBeUndefined();
    expect(tubeType("")).toBeUndefined();
  });
  it("that is not in the table is answered with the nearest ones", () => {
    expect(nearestTypes("6BA7")).toContain("6BA6");
    expect(nearestTypes("UCH43")[0]).toBe("UCH42");
    expect(nearestTypes("EZ8")).toContain("EZ80");
    expect(nearestTypes("germanium transistor")).toEqual([]);
  });
});
