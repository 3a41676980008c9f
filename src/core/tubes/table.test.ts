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
    for (const { type, pinout, kind, heaters } of all) {
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
      const size = { UX4: 4, UY5: 5, UX6: 6, UX7: 7, B7G: 7, giant: 7, septar: 7, noval: 9 }[base as string] ?? 8;
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
        if (limits.plateWatts && !point.classC)
          expect(point.plate * (point.amps ?? 0), `${type} (${kind})`).toBeLessThanOrEqual(limits.plateWatts * 1.5);
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
