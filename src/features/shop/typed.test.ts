import { describe, expect, it } from "vitest";
import { readMeter, readSealLine, readShop } from "./typed";
import { readInstrument } from "./typed-instruments";

const shop = {
  name: "Saltmarsh Wireless Repair",
  lineVolts: "230 V",
  lineHz: "50",
  currency: "eur",
  lamps: "100, 25 60W",
  loads: "oil load 1500 W 5 min",
  lockMinutes: "10",
};
const meter = {
  name: "Grey analogue",
  input: "20k/V",
  calibratedOn: "2026-01-15",
  everyMonths: "12",
  retired: false,
  ...{ address: "", profile: "measure", standIn: false },
  own: { name: "", begin: "", answersWithin: "3000", asks: {}, ranges: {}, sets: {} },
};

describe("the shop as it is typed", () => {
  it("reads line, frequency, currency and lamps", () => {
    expect(readShop(shop)).toEqual({
      ok: true,
      value: {
        name: shop.name,
        lineVolts: 230,
        lineHz: 50,
        currency: "EUR",
        lamps: [25, 60, 100],
        loads: [{ name: "oil load", ohms: 50, watts: 1500, minutes: 5 }],
        lockMinutes: 10,
      },
    });
  });
  it("says beside each field what is wrong", () => {
    const read = readShop({
      name: "",
      lineVolts: "12",
      lineHz: "fast",
      currency: "euro",
      lamps: "bright",
      loads: "heavy",
      lockMinutes: "soon",
    });
    expect(read.ok ? {} : Object.keys(read.problems)).toEqual([
      "lineVolts",
      "lineHz",
      "currency",
      "lamps",
      "lockMinutes",
      "loads",
    ]);
  });
});

describe("a meter as it is typed", () => {
  it("is ohms per volt, or one input resistance", () => {
    expect(readMeter(meter)).toMatchObject({
      value: { ohmsPerVolt: 20e3, inputOhms: null, calibratedOn: "2026-01-15" },
    });
    expect(readMeter({ ...meter, input: "10M", calibratedOn: "" })).toMatchObject({
      value: { ohmsPerVolt: null, inputOhms: 10e6, calibratedOn: null },
    });
  });
  it("says beside each field what is wrong", () => {
    const read = readMeter({ ...meter, name: " ", input: "blue", everyMonths: "0", calibratedOn: "soon" });
    expect(read.ok ? [] : Object.keys(read.problems).sort()).toEqual(["calibratedOn", "everyMonths", "input", "name"]);
  });
  it("reads where it answers: a socket, a serial port, or nothing", () => {
    const linkOf = (fields: object) => {
      const read = readMeter({ ...meter, ...fields });
      return read.ok ? read.value.link : read.problems;
    };
    expect(linkOf({})).toBeNull();
    expect(linkOf({ address: "192.168.1.40" })).toMatchObject({ host: "192.168.1.40", port: 5025 });
    expect(linkOf({ address: "serial 115200" })).toMatchObject({ serial: { baud: 115_200 }, standIn: false });
    expect(linkOf({ address: "serial" })).toMatchObject({ serial: { baud: 9600 } });
    expect(linkOf({ address: "serial 12345" })).toMatchObject({ address: expect.stringContaining("A rate is one of") });
    expect(linkOf({ address: "somewhere else" })).toHaveProperty("address");
  });
  it("reads a profile of one's own, and says beside each command what is wrong", () => {
    const own = {
      name: "Ours",
      begin: "SYST:REM",
      answersWithin: "500",
      asks: { "volts-dc": "READ?", ohms: " " },
      ranges: { "volts-dc": "RANG?", ohms: "" },
      sets: {},
    };
    const read = readMeter({ ...meter, address: "meter.local", profile: "own", own });
    expect(read).toMatchObject({
      value: {
        link: {
          profile: { name: "Ours", asks: { "volts-dc": "READ?" }, ranges: { "volts-dc": "RANG?" }, answersWithin: 500 },
        },
      },
    });
    const wrong = readMeter({
      ...meter,
      address: "meter.local",
      profile: "own",
      own: { ...own, name: "", answersWithin: "soon" },
    });
    expect(wrong.ok ? [] : Object.keys(wrong.problems).sort()).toEqual(["own.answersWithin", "own.name"]);
    const generator = readInstrument({
      ...{ name: "Long bench", kind: "generator", place: "", calibratedOn: "", everyMonths: "12", retired: false },
      ...{ address: "10.0.0.7:5025", profile: "own", standIn: false, own: { ...own, sets: { hertz: "FREQ" } } },
    });
    expect(generator.ok ? {} : generator.problems).toMatchObject({ "own.sets.hertz": expect.stringContaining("{}") });
  });
});

describe("a line of a printed sheet of seals", () => {
  const line = { setId: "s", of: "entries" as const, count: "12", seal: "0123ABCD 89abcdef" };
  it("is read with its spaces, in capitals too", () => {
    expect(readSealLine(line)).toEqual({ ok: true, value: { ...line, count: 12, seal: "0123abcd89abcdef" } });
  });
  it.each([
    [{ count: "" }, "count"],
    [{ count: "-1" }, "count"],
    [{ count: "1.5" }, "count"],
    [{ seal: "0123abcd" }, "seal"],
    [{ seal: "0123abcd89abcdeg" }, "seal"],
  ])("says what is wrong with %j", (part, field) => {
    const read = readSealLine({ ...line, ...part });
    expect(read.ok ? [] : Object.keys(read.problems)).toEqual([field]);
  });
});
