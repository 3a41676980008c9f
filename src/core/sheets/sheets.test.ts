import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  compareRuns,
  doubts,
  figuresOf,
  FUNCTION_NAMES,
  FUNCTIONS,
  labelOf,
  makeRow,
  mapColumns,
  naturesOf,
  readCell,
  readCells,
  rowSchema,
  rowVerdict,
  runLines,
  runTable,
  setupDifferences,
  setupFromModel,
  sheetsFor,
  SHIPPED,
  showRow,
  testSheetSchema,
  thinRows,
  typedRows,
  workOut,
  type Limit,
  type RunRow,
  type TestSheet,
} from ".";

const sheet = (key: string): TestSheet => {
  const found = SHIPPED.find((one) => one.key === key);
  if (!found) throw new Error(key);
  return found;
};
const PLACE = { ohms: 50, dial: "terminated" } as const;

/** A run typed row by row. */
function run(
  key: string,
  setup: Record<string, string>,
  typed: Record<string, string>[],
  limits: Limit[] = [],
): RunRow[] {
  const of = sheet(key);
  const given = readCells(of.setup, setup, PLACE);
  expect(given.problems).toEqual({});
  return typed.map(({ void: reason, ...row }, n) => {
    const made = makeRow(of, given.cells, row, limits);
    if (!made.ok) throw new Error(JSON.stringify(made.problems));
    return { id: String(n), row: made.row, ...(reason ? { void: reason } : {}) };
  });
}
const table = (key: string, rows: RunRow[]) => runTable(sheet(key), rows);
const sum = (key: string, rows: RunRow[], name: string) => table(key, rows).sums.find((one) => one.name === name);

describe("the shipped sheets", () => {
  it.each(SHIPPED.map((one) => [one.key, one] as const))("%s keeps to the schema", (_key, one) => {
    const read = testSheetSchema.safeParse(one);
    expect(read.success ? [] : read.error.issues.map(({ message }) => message)).toEqual([]);
  });
  it("have each its own key, and every row that they propose is one of theirs", () => {
    expect(new Set(SHIPPED.map(({ key }) => key)).size).toBe(SHIPPED.length);
    for (const { rows, rowBy, name } of SHIPPED)
      for (const row of rows)
        row.forEach((text, n) => {
          const column = rowBy[n];
          expect(column && readCell(column, text, PLACE), `${name}: ${text}`).toMatchObject({ ok: true });
        });
  });
  it("take from a function what it takes", () => {
    for (const { worked, name } of SHIPPED)
      for (const { by, from } of worked)
        expect(Object.keys(from).sort(), `${name}: ${by}`).toEqual(Object.keys(FUNCTIONS[by].takes).sort());
  });
});

describe("what is worked out", () => {
  // Each worked by hand.
  it.each([
    ["watts-in-load", { volts: 2, ohms: 4 }, 1],
    ["voltage-decibels", { volts: 10, against: 1 }, 20],
    ["power-decibels", { watts: 62, against: 6 }, 10.142],
    ["below-power", { volts: 0.02, ohms: 4, watts: 1 }, -40],
    ["level-dbm", { level: 1e-6, ohms: 50 }, -106.99],
    ["signal-and-noise", { with: 3.1623, without: 1 }, 10],
    // 14 dB at 2 µV: 10 dB at 2 µV less 4 dB, 1.262 µV.
    ["level-for-ratio", { level: 2e-6, with: 5.0119, without: 1 }, 1.262e-6],
    // 0.4472 V on 4 Ω is 50 mW; at half the volts it takes twice the level.
    ["level-for-output", { level: 10e-6, volts: 0.2236, ohms: 4 }, 20e-6],
    ["plate-input", { volts: 750, amps: 0.18 }, 135],
    ["efficiency", { output: 62, volts: 750, amps: 0.18 }, 0.45926],
    ["dissipation", { volts: 1500, amps: 0.5, drive: 60, output: 450, tubes: 4 }, 90],
    ["standing-wave", { forward: 100, reflected: 4 }, 1.5],
    ["envelope-depth", { crest: 3, trough: 1 }, 0.5],
    ["envelope-power", { peak: 100, ohms: 50 }, 100],
    ["difference", { of: 5, less: 3 }, 2],
    ["frequency-difference", { of: 1005e3, less: 1000e3 }, 5e3],
    ["share-off", { of: 1005, from: 1000 }, 0.005],
    // 70 Hz of 7 MHz in ten minutes: 10 ppm, 1 ppm a minute.
    ["drift-rate", { hertz: 7_000_070, first: 7e6, time: 600, begun: 0 }, 1],
    ["s-units", { level: 25e-6, hertz: 7e6 }, 7.9966],
    ["s-units", { level: 5e-6, hertz: 145e6 }, 9],
    ["s-error", { reading: 9, level: 25e-6, hertz: 7e6 }, 6.02],
    ["regulation", { idle: 300, volts: 250 }, 0.2],
    ["share", { of: 5, whole: 250 }, 0.02],
    // 60 mA, 100 Hz, 10 V peak to peak: 60 µF.
    ["capacitance-left", { amps: 0.06, hertz: 100, ripple: 10 }, 60e-6],
    ["hours-left", { charge: 4.5, amps: 0.25 }, 64_800],
  ] as const)("%s of %j", (name, args, wanted) => {
    const value = workOut(name, args) ?? Number.NaN;
    expect(Math.abs(value / wanted - 1)).toBeLessThan(1e-3);
  });
  it("has a worked example for every function, and none of them ever throws or gives an infinity", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FUNCTION_NAMES),
        fc.array(fc.constantFrom(0, -1, 1e-15, 1e15, 3, 0.5), { minLength: 5, maxLength: 5 }),
        (name, values) => {
          const args = Object.fromEntries(Object.keys(FUNCTIONS[name].takes).map((key, n) => [key, values[n] ?? 0]));
          const value = workOut(name, args);
          expect(value === undefined || Number.isFinite(value)).toBe(true);
        },
      ),
    );
  });
});

describe("a cell", () => {
  const milliamps = { key: "i", name: "Plate current", quantity: "current", unit: "mA", word: "ia" } as const;
  const volts = { key: "v", name: "Volts", quantity: "ac-voltage", unit: "V", word: "v" } as const;
  const level = { key: "l", name: "Level", quantity: "level", unit: "µV", word: "in" } as const;
  const value = (column: Parameters<typeof readCell>[0], text: string) => {
    const read = readCell(column, text, PLACE);
    return read.ok ? read.value : read.message;
  };
  it("reads a bare number in the unit of its column, and any other unit that is said", () => {
    expect(value(milliamps, "180")).toBeCloseTo(0.18, 12);
    expect(value(milliamps, "0.18 A")).toBeCloseTo(0.18, 12);
    expect(value(milliamps, "0,5")).toBeCloseTo(0.0005, 12);
    expect(value(level, "1")).toBeCloseTo(1e-6, 15);
    expect(value(level, "-107 dBm")).toBeCloseTo(1e-6, 8);
    expect(value({ ...volts, quantity: "decibel", unit: "dB" }, "−3 dB")).toBe(-3);
  });
  it("asks back where decibels stand for volts, below zero, and at what is no figure", () => {
    expect(value(volts, "-3 dB")).toBe("“-3 dB” is a ratio, and Volts is measured in V: type the figure of the meter.");
    expect(value(level, "3 dB")).toContain("says nothing without its reference");
    expect(value({ ...milliamps, quantity: "power", unit: "W", name: "Output" }, "-5")).toBe(
      "Output is below zero: are the leads the wrong way round?",
    );
    expect(value({ ...milliamps, quantity: "power", unit: "W" }, "0")).toBe(0);
    expect(value({ ...volts, quantity: "frequency", unit: "Hz", name: "Frequency" }, "0")).toBe(
      "Frequency is above zero.",
    );
    expect(value({ ...volts, quantity: "frequency", unit: "kHz", signed: true }, "-4")).toBe(-4000);
    expect(value(volts, "loud")).toContain("does not read");
    expect(value(volts, "1e30")).toBeTypeOf("string");
    expect(value({ ...volts, quantity: "text", choices: ["no", "yes"] }, "YES")).toBe(1);
    expect(value({ ...volts, quantity: "text", choices: ["no", "yes"] }, "maybe")).toContain("one of: no, yes");
  });
});

describe("a transmitter, band by band", () => {
  const setup = { tubes: "4", type: "811A", "plate-limit": "65 W", dummy: "oil load" };
  const rows = run("transmitter", setup, [
    { band: "80 m", mode: "CW", drive: "60", output: "450", "plate-amps": "500", "plate-volts": "1500" },
    { band: "40 m", mode: "CW", drive: "60", output: "560", "plate-amps": "500", "plate-volts": "1500" },
    { band: "20 m", mode: "CW", output: "500", "plate-amps": "0.48 A", "plate-volts": "1500", reflected: "20" },
  ]);
  it("is worked out in every row, and the plates are held to the limit of their type", () => {
    const [first, second, third] = table("transmitter", rows).rows;
    const cell = (row: typeof first, key: string) => row?.shown.find((one) => one.key === key);
    expect(cell(first, "gain")?.value).toBeCloseTo(8.75, 2);
    expect(cell(first, "efficiency")?.value).toBeCloseTo(0.6, 12);
    // (750 + 60 − 450)/4 = 90 W each: above 65 W.
    expect(cell(first, "heat")).toMatchObject({ value: 90, verdict: "bad", limit: { text: "65 W" } });
    // (750 + 60 − 560)/4 = 62.5 W.
    expect(cell(second, "heat")).toMatchObject({ value: 62.5, verdict: "good" });
    // Without a drive there is no gain; the heat counts what is known: (720 − 500)/4 = 55 W.
    expect(cell(third, "gain")).toBeUndefined();
    expect(cell(third, "heat")?.value).toBeCloseTo(55, 12);
    expect(cell(third, "swr")?.value).toBeCloseTo(1.5, 12);
    expect(rowVerdict(first?.shown ?? [])).toBe("bad");
    expect(first?.label).toBe("80 m, CW");
  });
  it("keeps in the row all that it takes to be judged", () => {
    expect(rowSchema.safeParse(rows[0]?.row).success).toBe(true);
    expect(rows[0]?.row.given.map(({ text }) => text)).toEqual(["oil load", "4", "811A", "65 W"]);
  });
  it("is filled with the tubes of the model and the limit of the table", () => {
    const tube = (position: string, type: string, work: string) => ({ position, type, work });
    const tubes = [tube("V1", "6AG7", "driver"), tube("V2", "807", "final"), tube("V3", "807", "final")];
    expect(setupFromModel(sheet("transmitter"), { tubes, supply: "high-voltage" })).toEqual({
      tubes: "2",
      type: "807",
      "plate-limit": "30 W",
    });
    expect(
      setupFromModel(sheet("supply"), { tubes, supply: "transformer", lineHz: 50, rectifier: "full-wave" }),
    ).toEqual({
      "ripple-hertz": "100 Hz",
    });
  });
  it("has limits of the model for a band, in place of the sheet's", () => {
    const limits: Limit[] = [
      { column: "output", sense: "at-least", text: "500 W", value: 500 },
      { column: "output", sense: "at-least", text: "400 W", value: 400, row: "80 m, CW" },
    ];
    const [eighty, forty] = run(
      "transmitter",
      setup,
      [
        { band: "80 m", mode: "CW", output: "450" },
        { band: "40 m", mode: "CW", output: "450" },
      ],
      [limits[1]!],
    );
    expect(showRow(eighty!.row)[0]).toMatchObject({ verdict: "good", limit: { text: "400 W" } });
    expect(showRow(forty!.row)[0]).toMatchObject({ verdict: "none" });
  });
  it("asks about the set-up where a figure cannot be true", () => {
    const ask = (typed: Record<string, string>) =>
      doubts(run("transmitter", setup, [{ band: "80 m", ...typed }])[0]!.row);
    expect(ask({ output: "0" })).toEqual(["Output is zero: is the meter on, and is everything connected?"]);
    expect(ask({ output: "900", "plate-amps": "500", "plate-volts": "1500" }).join()).toContain("above 95 % cannot be");
    expect(ask({ output: "450", "plate-amps": "500", "plate-volts": "1500" })).toEqual([]);
  });
});

describe("an audio response", () => {
  const typed = [
    ["50 Hz", "0.5"],
    ["400 Hz", "1"],
    ["1 kHz", "1"],
    ["5 kHz", "0.5"],
  ].map(([frequency = "", volts = ""]) => ({ frequency, volts }));
  it("is in dB against 400 Hz, with its edges", () => {
    const rows = run("response", { ohms: "4 Ω" }, typed);
    const found = table("response", rows);
    expect(found.curve?.points.map(({ y }) => Math.round(y * 100) / 100)).toEqual([-6.02, 0, 0, -6.02]);
    // Half way down in dB on a log axis: √(50·400) = 141 Hz; √(1000·5000) = 2236 Hz.
    expect(sum("response", rows, "−3 dB below")?.value).toBeCloseTo(141, -1);
    expect(sum("response", rows, "−3 dB above")?.value).toBeCloseTo(2230, -2);
  });
  it("counts nothing of a row that is void, not even as the reference", () => {
    const rows = run("response", {}, [...typed, { frequency: "400 Hz", volts: "8", void: "two modulations on" }]);
    const found = table("response", rows);
    expect(found.rows[4]).toMatchObject({ void: "two modulations on" });
    expect(found.curve?.points).toHaveLength(4);
    expect(found.curve?.points[1]?.y).toBe(0);
  });
  it("takes the last of two rows at one frequency", () => {
    const rows = run("response", {}, [...typed, { frequency: "5 kHz", volts: "1" }]);
    expect(table("response", rows).curve?.points.at(-1)?.y).toBeCloseTo(0, 9);
  });
  it("stands over another run, and what differs in the set-up is said", () => {
    const of = (setup: Record<string, string>, factor: number) => {
      const rows = run(
        "response",
        setup,
        typed.map(({ frequency, volts }) => ({ frequency, volts: String(Number(volts) * factor) })),
      );
      return { rows, table: table("response", rows), given: rows[0]!.row.given };
    };
    const [before, after] = [
      of({ ohms: "4 Ω", tone: "10 nF" }, 1),
      of({ ohms: "4 ohm", tone: "47 nF", controls: "tone open" }, 2),
    ];
    const [row] = compareRuns(before, after);
    expect(row?.pairs.find(({ key }) => key === "volts")?.change).toMatchObject({
      as: "dB",
      value: expect.closeTo(6.02, 2),
    });
    expect(row?.pairs.find(({ key }) => key === "level-db")?.change?.value).toBeCloseTo(0, 9);
    expect(setupDifferences(before.given, after.given)).toEqual([
      "Tone capacitor: 10 nF before, 47 nF now",
      "Controls: not noted before, tone open now",
    ]);
  });
});

describe("what a run comes to", () => {
  const rows = (
    key: string,
    column: string,
    other: string,
    list: [string, string][],
    setup: Record<string, string> = {},
  ) =>
    run(
      key,
      setup,
      list.map(([a, b]) => ({ [column]: a, [other]: b })),
    );
  it("selectivity: bandwidths and shape", () => {
    // 1 µV on tune; 2 µV (6 dB) at ±4 kHz, 1 mV (60 dB) at ±10 kHz.
    const of = rows("selectivity", "detuning", "level", [
      ["0", "1"],
      ["-4", "2"],
      ["4", "2"],
      ["-10", "1000"],
      ["10", "1000"],
    ]);
    expect(sum("selectivity", of, "Bandwidth at −6 dB")?.value).toBeCloseTo(8000, -2);
    expect(sum("selectivity", of, "Bandwidth at −60 dB")?.value).toBeCloseTo(20_000, 0);
    expect(sum("selectivity", of, "Shape factor")?.value).toBeCloseTo(2.5, 1);
  });
  it("AVC: the change over 80 dB, and where it begins", () => {
    const of = rows("avc", "level", "volts", [
      ["1", "0.01"],
      ["10", "0.1"],
      ["100", "0.2"],
      ["1000", "0.3"],
      ["10000", "0.4"],
    ]);
    // 20·log(0.4/0.01) = 32.0 dB.
    expect(sum("avc", of, "Output change over 80 dB of input")?.value).toBeCloseTo(32.04, 2);
    expect(sum("avc", of, "AVC begins to act at")?.value).toBeCloseTo(10e-6, 12);
  });
  it("quieting: the level for 20 dB", () => {
    const of = run("quieting", {}, [
      { level: "1", noise: "500", open: "500" },
      { level: "10", noise: "50", open: "500" },
      { level: "100", noise: "5", open: "500" },
    ]);
    expect(sum("quieting", of, "For 20 dB quieting")?.value).toBeCloseTo(10e-6, 8);
  });
  it("discriminator: centre, width, asymmetry", () => {
    const of = rows("discriminator", "detuning", "volts", [
      ["-100", "-4"],
      ["-50", "-2.5"],
      ["0", "-0.5"],
      ["50", "2"],
      ["100", "5"],
      ["150", "3"],
    ]);
    // From −0.5 V at 0 to 2 V at 50 kHz: zero at 10 kHz.
    expect(sum("discriminator", of, "Centre")?.value).toBeCloseTo(10_000, 6);
    expect(sum("discriminator", of, "Between the peaks")?.value).toBe(200_000);
    expect(sum("discriminator", of, "Asymmetry of the peaks")?.value).toBeCloseTo(0.2, 9);
  });
  it("output: the highest below 10 % distortion", () => {
    const of = run("output", { ohms: "4 Ω" }, [
      { drive: "50 mV", volts: "2", distortion: "3" },
      { drive: "100 mV", volts: "3", distortion: "8" },
      { drive: "200 mV", volts: "4", distortion: "14" },
    ]);
    expect(sum("output", of, "Output below 10 % distortion")?.value).toBeCloseTo(2.25, 9);
  });
  it("dial, drift, fade, regulation", () => {
    const dial = rows("dial", "marked", "true", [
      ["600", "603"],
      ["1000", "1000"],
      ["1400", "1386"],
    ]);
    expect(sum("dial", dial, "Largest error")?.value).toBeCloseTo(14 / 1386, 9);
    const drift = rows("drift", "time", "frequency", [
      ["0", "7000.000"],
      ["10", "7000.4"],
      ["20", "6999.9"],
    ]);
    expect(sum("drift", drift, "Largest move from the first")?.value).toBeCloseTo(400, 3);
    const fade = rows("fade", "time", "output", [
      ["0", "90"],
      ["5", "45"],
      ["10", "60"],
    ]);
    expect(sum("fade", fade, "Deepest fade")?.value).toBeCloseTo(-3.01, 2);
    const supply = rows("supply", "load", "volts", [
      ["0", "320"],
      ["80", "256"],
    ]);
    expect(sum("supply", supply, "Regulation")?.value).toBeCloseTo(0.25, 9);
    expect(sum("supply", supply, "Source resistance")?.value).toBeCloseTo(800, 6);
  });
  it("backlash: play against scatter", () => {
    const of = (above: number[]) =>
      run("backlash", {}, [
        ...[1000.0, 1000.2, 999.8].map((dial, n) => ({ side: "from below", pass: String(n), reading: String(dial) })),
        ...above.map((dial, n) => ({ side: "from above", pass: String(n), reading: String(dial) })),
      ]);
    const loose = of([1003, 1003.2, 1002.8]);
    expect(sum("backlash", loose, "Backlash")?.value).toBeCloseTo(3000, 3);
    expect(sum("backlash", loose, "Scatter of one side")?.value).toBeCloseTo(400, 3);
    expect(sum("backlash", loose, "Verdict")?.text).toContain("There is play");
    expect(sum("backlash", of([1000.1, 1000.3, 999.9]), "Verdict")?.text).toContain("No play");
  });
  it("battery: hours, and where the oscillator stops", () => {
    const of = run("drain", { charge: "10" }, [
      { supply: "1.5", drain: "250", plays: "yes" },
      { supply: "1.3", drain: "230", plays: "yes" },
      { supply: "1.2", drain: "220", plays: "no" },
    ]);
    expect(table("drain", of).rows[0]?.shown.find(({ key }) => key === "hours")?.value).toBe(144_000);
    expect(sum("drain", of, "Plays down to")?.value).toBe(1.3);
    expect(sum("drain", of, "The oscillator stops at")?.value).toBe(1.2);
  });
  it("says nothing of a run without rows", () => {
    for (const one of SHIPPED) expect(runTable(one, []).sums).toEqual([]);
  });
});

describe("which sheets suit a set", () => {
  const set = (kind: string, supply: "transformer" | "battery" | "high-voltage") => ({ kind, supply, tubes: [] });
  const keys = (of: ReturnType<typeof set>) => sheetsFor(of, SHIPPED).suit.map(({ key }) => key);
  it("is told by its kind and its supply", () => {
    expect(keys(set("Linear amplifier, 80–10 m", "high-voltage"))).toContain("transmitter");
    expect(keys(set("Linear amplifier, 80–10 m", "high-voltage"))).not.toContain("sensitivity");
    expect(keys(set("AC table superhet, MW/LW/SW", "transformer"))).toEqual(
      expect.arrayContaining(["response", "sensitivity", "dial"]),
    );
    expect(keys(set("AC table superhet, MW/LW/SW", "transformer"))).not.toContain("transmitter");
    expect(keys(set("Battery portable", "battery"))).toContain("drain");
    expect([...naturesOf(set("Hybrid SSB transceiver", "transformer"))]).toEqual(
      expect.arrayContaining(["receiver", "transmitter", "communications"]),
    );
    expect([...naturesOf(set("AM/FM tuner", "transformer"))]).toContain("fm");
  });
});

describe("a list from an instrument", () => {
  const of = sheet("response");
  const rows = (lines: string[][], known = {}) => typedRows(lines, mapColumns(of, lines, known));
  it("is read by its head, with units in the head, a second line of units, or in the cells", () => {
    expect(
      rows([
        ["Frequency (kHz)", "Output volts (mV)"],
        ["0.4", "820"],
      ]),
    ).toEqual([{ frequency: "0.4 kHz", volts: "820 mV" }]);
    expect(
      rows([
        ["freq", "vrms"],
        ["Hz", "V"],
        ["400", "0,82"],
      ]),
    ).toEqual([{ frequency: "400 Hz", volts: "0,82 V" }]);
    expect(
      rows([
        ["f", "v"],
        ["400 Hz", "0.82 V"],
      ]),
    ).toEqual([{ frequency: "400 Hz", volts: "0.82 V" }]);
  });
  it("with lines before its head, columns that nobody wants, and figures with an exponent", () => {
    const lines = [
      ["Analyser 3", "", ""],
      ["taken", "2026-03-01", ""],
      ["No.", "Freq, Hz", "V, mV"],
      ["1", "4.0E+02", "8.2e2"],
    ];
    expect(rows(lines)).toEqual([{ frequency: "400 Hz", volts: "820 mV" }]);
  });
  it("without a head is taken in order, and as it was mapped before", () => {
    expect(
      rows([
        ["400", "0.82"],
        ["1000", "0.9"],
      ]),
    ).toHaveLength(2);
    const head = [
      ["a", "v"],
      ["400", "0.82"],
    ];
    const { head: name } = mapColumns(of, head);
    expect(rows(head, { [name]: ["frequency", "volts"] })).toEqual([{ frequency: "400", volts: "0.82" }]);
  });
  it("that is very long is thinned to its first, its last and some between", () => {
    const many = Array.from({ length: 200_000 }, (_, n) => n);
    expect(thinRows(many)).toHaveLength(400);
    expect([thinRows(many)[0], thinRows(many).at(-1)]).toEqual([0, 199_999]);
  });
  it("comes out again as it went in", () => {
    const back = runLines(table("response", run("response", {}, [{ frequency: "400 Hz", volts: "0.82" }])));
    expect(back).toEqual([
      ["Row", "Output volts", "Level", "Void"],
      ["400 Hz", "820 mV AC", "0.0 dB", ""],
    ]);
  });
});

describe("any sheet", () => {
  it("takes whatever is typed in any cell and answers with a row or with sentences", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHIPPED),
        fc.array(fc.string({ maxLength: 12 }), { maxLength: 8 }),
        (one, texts) => {
          const typed = Object.fromEntries([...one.rowBy, ...one.columns].map(({ key }, n) => [key, texts[n] ?? ""]));
          const made = makeRow(one, [], typed);
          if (made.ok) {
            expect(rowSchema.safeParse(made.row).success).toBe(true);
            expect(labelOf(made.row).length).toBeGreaterThan(0);
            figuresOf(made.row);
          } else expect(Object.values(made.problems).every((text) => text.length > 0)).toBe(true);
        },
      ),
    );
  });
});
